package brightlintel.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

import brightlintel.building.Wall;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;

/**
 * Gaps in a straight wall as it is drawn: between two jambs, which cross it from face to face, where nothing that is drawn like the jambs
 * runs along its faces. A pier has its faces.
 */
final class DrawnGaps {
    /** Metres; of the thickness: how much of it a jamb crosses; of a gap: how much of a face may reach into it. */
    private static final double TOGETHER = 0.02, NARROW = 0.5, WIDE = 8, CROSSES = 0.8, REACHES = 0.2, END = 0.1;
    private static final double SQUARE = Math.toRadians(3), ALONG = Math.toRadians(1.5);
    private final PlacedDrawing d;
    private final Wall w;
    private final List<Jamb> jambs = new ArrayList<>();
    private final List<Face> faces = new ArrayList<>();

    private record Jamb(double at, int layer, int stroke, boolean beyond) { }

    private record Face(double from, double to, int layer, boolean outer) { }

    DrawnGaps(PlacedDrawing d, Wall w) {
        this.d = d;
        this.w = w;
        if (w.reference().isStraight()) for (int i : DrawnOpenings.along(d, w)) look(i);
        jambs.sort(Comparator.comparingDouble(Jamb::at));
    }

    private void look(int i) {
        if (!d.cleared().strokeShown(i) || !(d.curve(i) instanceof Curve.Straight s)) return;
        double angle = Angles.betweenLines(s.b().minus(s.a()).angle(), w.reference().direction(0).angle());
        Point a = w.reference().unroll(s.a()), b = w.reference().unroll(s.b());
        double low = Math.min(a.y(), b.y()), high = Math.max(a.y(), b.y()), t = w.thickness().value();
        if (Math.abs(angle - Math.PI / 2) < SQUARE) {
            double within = Math.min(high, w.left()) - Math.max(low, -w.right());
            boolean ends = high < w.left() + t && low > -w.right() - t;
            if (within > CROSSES * t && ends && a.x() > -TOGETHER && a.x() < w.length() + TOGETHER)
                jambs.add(new Jamb(a.x(), d.strokes().layerOf(i), i, high > w.left() + TOGETHER || low < -w.right() - TOGETHER));
        } else if (angle < ALONG && high < w.left() + TOGETHER && low > -w.right() - TOGETHER)
            faces.add(new Face(Math.min(a.x(), b.x()), Math.max(a.x(), b.x()), d.strokes().layerOf(i), Math.min(
                Math.abs(high - w.left()), Math.abs(low + w.right())) < TOGETHER));
    }

    /**
     * The layer on which most of the wall's faces lie, of those that reach to its ends: what windows are drawn with has edges there, too.
     * Columns at its ends do as well, and are told by what crosses it and is wider.
     */
    private int ownLayer() {
        Map<Integer, Double> length = new TreeMap<>(), atEnds = new TreeMap<>();
        Set<Integer> columns = columns();
        double near = w.thickness().value() / 2 + END;
        for (Face f : faces) if (f.outer) length.merge(f.layer, f.to - f.from, Double::sum);
        for (Face f : faces) if (f.outer && !columns.contains(f.layer) && (f.from < near && f.to > near || f.from < w.length() - near
            && f.to > w.length() - near))
            atEnds.put(f.layer, length.get(f.layer));
        return (atEnds.isEmpty() ? length : atEnds).entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey).orElse(-1);
    }

    /** Layers on which most of what crosses the wall is wider than it. */
    private Set<Integer> columns() {
        Map<Integer, Integer> beyond = new TreeMap<>();
        for (Jamb j : jambs) beyond.merge(j.layer, j.beyond ? 1 : -1, Integer::sum);
        return beyond.entrySet().stream().filter(e -> e.getValue() > 0).map(Map.Entry::getKey).collect(Collectors.toSet());
    }

    /** Whether a face that is drawn like a jamb runs on from it, out of the gap. */
    private boolean isPier(Jamb j, int side) {
        double out = j.at + side * 3 * TOGETHER;
        return faces.stream().anyMatch(f -> f.layer == j.layer && f.from - TOGETHER < Math.min(out, j.at) && f.to + TOGETHER > Math.max(out,
            j.at));
    }

    List<DrawnOpenings.Symbol> all() {
        List<DrawnOpenings.Symbol> out = new ArrayList<>();
        int own = ownLayer();
        for (int i = 0; i + 1 < jambs.size(); i++) {
            Jamb a = jambs.get(i);
            if (a.layer != own) continue;
            // those of a hatch, say, stand between
            Optional<Jamb> next = jambs.subList(i + 1, jambs.size()).stream().filter(j -> j.layer == a.layer && j.at > a.at + TOGETHER)
                .findFirst();
            if (next.isEmpty()) continue;
            Jamb b = next.get();
            double width = b.at - a.at;
            if (width < NARROW || width > WIDE || !isPier(a, -1) || !isPier(b, 1)) continue;
            double covered = faces.stream().filter(f -> f.layer == a.layer).mapToDouble(f -> Math.min(f.to, b.at) - Math.max(f.from, a.at))
                .max().orElse(0);
            if (covered < REACHES * width) out.add(new DrawnOpenings.Symbol(DrawnOpenings.Sort.GAP, w.id(), Math.max(0, a.at), Math.min(
                w.length(), b.at), false, true, d, List.of(a.stroke, b.stroke)));
        }
        return out;
    }
}
