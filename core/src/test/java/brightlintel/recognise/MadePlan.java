package brightlintel.recognise;

import brightlintel.building.Contents;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Enclosures;
import brightlintel.notation.Walls;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;

/** Walls, openings, columns and grid lines of a storey of which all is known; metres. */
final class MadePlan {
    /**
     * Rooms on both sides of a corridor; the same with a wing at an odd angle; rooms round a court; a house parted again and again; the
     * same with an outline of odd angles; houses in a row; a hall round a core that stands free.
     */
    enum Shape { CORRIDOR, WING, COURT, HOUSE, ODD, ROW, CORE }

    /** @param along the wall's reference, to its middle */
    record Hole(Wall in, double along, double width, boolean door) {
        Point at() {
            return in.middle(along);
        }
    }

    record Axis(Point a, Point b) { }

    static final double OUTER = 0.3, INNER = 0.15, THIN = 0.1;
    final List<Wall> walls;
    final List<Hole> holes = new ArrayList<>();
    /** Middles of columns of {@link #COLUMN} by the same. */
    final List<Point> columns = new ArrayList<>();
    final List<Axis> axes = new ArrayList<>();
    static final double COLUMN = 0.3;
    private final StringBuilder text = new StringBuilder();
    private Optional<Point> court = Optional.empty();

    MadePlan(Shape shape, Random r) {
        walls = switch (shape) {
            case COURT -> roundACourt(r);
            case HOUSE, ODD, ROW, CORE -> new MadeHouses(r, holes, columns).walls(shape);
            default -> alongACorridor(r, shape == Shape.WING);
        };
    }

    private List<Wall> alongACorridor(Random r, boolean wing) {
        int bays = 3 + r.nextInt(4);
        double wide = 2.8 + 0.1 * r.nextInt(14), deep = 3.6 + 0.1 * r.nextInt(15), hall = 1.6 + 0.1 * r.nextInt(6), l = bays * wide,
            d = 2 * deep + hall;
        wall("south", 0, 0, l, 0, OUTER);
        wall("east", l, 0, l, d, OUTER);
        wall("north", l, d, 0, d, OUTER);
        wall("west", 0, d, 0, 0, OUTER);
        wall("hall-south", 0, deep, l, deep, INNER);
        wall("hall-north", 0, deep + hall, l, deep + hall, INNER);
        for (int i = 1; i < bays; i++) {
            wall("a" + i, i * wide, 0, i * wide, deep, THIN);
            wall("b" + i, i * wide, deep + hall, i * wide, d, THIN);
            columns.add(new Point(i * wide, deep + hall / 2));
            axes.add(new Axis(new Point(i * wide, -2), new Point(i * wide, d + 2)));
        }
        axes.add(new Axis(new Point(-2, deep + hall / 2), new Point(l + 2, deep + hall / 2)));
        if (wing) wing(r, l, d);
        List<Wall> all = Walls.read(text.toString().strip());
        for (int i = 0; i < bays; i++) {
            double at = (i + 0.5) * wide, window = 0.9 + 0.1 * r.nextInt(7), door = 0.8 + 0.05 * r.nextInt(4), off = 0.3 * (r.nextDouble() - 0.5);
            holes.add(new Hole(all.get(0), at + off, window, false));
            holes.add(new Hole(all.get(2), l - at + off, window, false));
            holes.add(new Hole(all.get(4), at + off, door, true));
            holes.add(new Hole(all.get(5), at - off, door, true));
        }
        holes.add(new Hole(all.get(3), d - deep - hall / 2, 1.0, true));
        holes.add(new Hole(all.get(1), deep + hall / 2, 0.9, wing));
        for (Wall w : all.subList(6 + 2 * (bays - 1), all.size())) {
            boolean outer = w.thickness().value() == OUTER;
            if (!w.id().value().equals("wing-link")) holes.add(new Hole(w, w.length() / 2 + (outer ? 0.8 : 0), outer ? 1.2 : 0.85, !outer));
        }
        return all;
    }

    /** Two long walls from the east wall on, at an odd angle, with two rooms between. */
    private void wing(Random r, double l, double d) {
        double turn = Math.toRadians(8 + r.nextInt(25)), long1 = 9, wide = 4.2;
        Point u = Point.polar(turn, 1), n = u.left(), a = new Point(l, d / 2 - 2.2), b = new Point(l, d / 2 + 2.2);
        double reach = a.plus(u.times(long1)).minus(b).dot(u);
        Point a1 = a.plus(u.times(long1)), b1 = b.plus(u.times(reach));
        wall("wing-south", a.x(), a.y(), a1.x(), a1.y(), OUTER);
        wall("wing-end", a1.x(), a1.y(), b1.x(), b1.y(), OUTER);
        wall("wing-north", b1.x(), b1.y(), b.x(), b.y(), OUTER);
        Point m = a.plus(u.times(wide + 1)), k = b.plus(u.times(m.minus(b).dot(u)));
        wall("wing-part", m.x(), m.y(), k.x(), k.y(), THIN);
    }

    private List<Wall> roundACourt(Random r) {
        int bays = 4 + r.nextInt(3);
        double wide = 3.2 + 0.1 * r.nextInt(10), deep = 4 + 0.1 * r.nextInt(10), l = bays * wide, d = 2 * deep + 6;
        wall("south", 0, 0, l, 0, OUTER);
        wall("east", l, 0, l, d, OUTER);
        wall("north", l, d, 0, d, OUTER);
        wall("west", 0, d, 0, 0, OUTER);
        wall("court-south", wide, deep, l - wide, deep, OUTER);
        wall("court-east", l - wide, deep, l - wide, d - deep, OUTER);
        wall("court-north", l - wide, d - deep, wide, d - deep, OUTER);
        wall("court-west", wide, d - deep, wide, deep, OUTER);
        for (int i = 1; i < bays; i++) {
            wall("a" + i, i * wide, 0, i * wide, deep, INNER);
            wall("b" + i, i * wide, d - deep, i * wide, d, INNER);
        }
        List<Wall> all = Walls.read(text.toString().strip());
        for (int i = 0; i < bays; i++) {
            double at = (i + 0.5) * wide, window = 1 + 0.1 * r.nextInt(7);
            holes.add(new Hole(all.get(0), at, window, false));
            holes.add(new Hole(all.get(2), l - at, window, false));
        }
        for (int i = 8; i < all.size(); i++) holes.add(new Hole(all.get(i), deep / 2, 0.9, true));
        for (int i : new int[] {1, 3}) holes.add(new Hole(all.get(i), d / 2, 1.4, false));
        holes.add(new Hole(all.get(4), wide / 2, 1.0, true));
        holes.add(new Hole(all.get(5), 3, 1.6, false));
        holes.add(new Hole(all.get(7), 3, 1.6, false));
        court = Optional.of(new Point(l / 2, d / 2));
        return all;
    }

    private void wall(String id, double x0, double y0, double x1, double y1, double t) {
        text.append(String.format(Locale.ROOT, "%s %.4f %.4f -> %.4f %.4f thick %.3f\n", id, x0, y0, x1, y1, t));
    }

    /** What is enclosed, without a court. */
    List<Enclosure> rooms() {
        return Enclosures.of(new Contents(walls), Tolerances.BUILDING).all().stream()
            .filter(e -> court.filter(p -> e.outline().holds(p)).isEmpty()).toList();
    }
}
