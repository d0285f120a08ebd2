package brightlintel.building;

import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The place at which lines of a grid meet as rays: three or more, each in a direction of its own. Metres. */
public final class GridHub {
    /** Off the place; sine of what are two directions. */
    private static final double MEET = 0.05, TURNED = 0.02, CELL = 0.2;
    private static final int RAYS = 3, LOOKED = 12;

    private GridHub() { }

    /** The middle of arcs among them, or where most straight ones cross. */
    public static Optional<Point> of(List<Piece> lines) {
        List<Piece> straight = lines.stream().filter(Piece::isStraight).toList();
        if (!turn(straight)) return Optional.empty();
        List<Point> places = new ArrayList<>();
        for (Piece p : lines) if (!p.isStraight()) places.add(p.centre());
        // rays cross each other in one place: those in which most lines do are looked at
        Map<Long, List<Point>> crossings = new LinkedHashMap<>();
        for (int i = 0; i < straight.size(); i++) for (int k = i + 1; k < straight.size(); k++)
            crossing(straight.get(i), straight.get(k)).ifPresent(p -> crossings.computeIfAbsent(cell(p), _ -> new ArrayList<>()).add(p));
        crossings.values().stream().sorted(Comparator.comparingInt(x -> -x.size())).limit(LOOKED).forEach(x -> places.add(x.getFirst()));
        return places.stream().filter(p -> turn(straight.stream().filter(l -> meets(l, p)).toList())).max(Comparator.comparingLong(p ->
            straight.stream().filter(l -> meets(l, p)).count()));
    }

    private static long cell(Point p) {
        return Math.round(p.x() / CELL) * 31_000_003L + Math.round(p.y() / CELL);
    }

    /** Whether a straight line runs towards a place. */
    public static boolean meets(Piece line, Point hub) {
        return line.isStraight() && Math.abs(line.direction(0).cross(hub.minus(line.a()))) < MEET;
    }

    /** Whether they have as many directions as rays have. */
    private static boolean turn(List<Piece> some) {
        List<Point> apart = new ArrayList<>();
        for (Piece p : some) {
            if (apart.size() >= RAYS) break;
            Point u = p.direction(0);
            if (apart.stream().noneMatch(v -> Math.abs(u.cross(v)) < TURNED)) apart.add(u);
        }
        return apart.size() >= RAYS;
    }

    private static Optional<Point> crossing(Piece a, Piece b) {
        Point u = a.direction(0), v = b.direction(0);
        double c = u.cross(v);
        return Math.abs(c) < TURNED ? Optional.empty() : Optional.of(a.a().plus(u.times(b.a().minus(a.a()).cross(v) / c)));
    }
}
