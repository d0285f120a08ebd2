package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;

import brightlintel.building.Role;
import brightlintel.building.Wall;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import brightlintel.recognise.Faces.Stretch;

/**
 * Windows that are told by what is not drawn: where neither face of a wall is drawn as the wall is elsewhere, and lines of another layer
 * run
 * from where its faces end to where they begin again. Whatever those lines stand for: a window of two lines looks like a wall.
 */
final class Glazing {
    /** Metres: off a face; between ends that are one; of a window. Of the wall: what its own faces cover at least. */
    private static final double OFF = 0.02, MEET = 0.035, NARROW = 0.35, WIDE = 8, COVERED = 0.15, END = 0.1, SHARE = 0.5;
    private static final double ALONG = Math.toRadians(1.5);
    private final PlacedDrawing d;
    private final IntFunction<Role> role;

    /** @param strokes that run from end to end */
    record Window(double from, double to, List<Integer> strokes) { }

    private record Line(double from, double to, boolean onFace, int layer, int stroke) { }

    Glazing(PlacedDrawing d, IntFunction<Role> role) {
        this.d = d;
        this.role = role;
    }

    /**
     * Of all walls of a building: windows do not reach to where walls meet, so that what is drawn there tells what walls are drawn with.
     */
    Map<Wall, List<Window>> in(List<Wall> walls) {
        Map<Wall, List<Line>> all = new LinkedHashMap<>();
        Map<Integer, Integer> votes = new TreeMap<>(), on = new TreeMap<>();
        for (Wall w : walls) {
            List<Line> lines = lines(w);
            all.put(w, lines);
            for (Line l : lines) if (l.onFace) on.merge(l.layer, 1, Integer::sum);
            double near = w.thickness().value() / 2 + END;
            for (double x : new double[] {near, w.length() - near}) for (Line l : lines)
                if (l.onFace && l.from < x && l.to > x) votes.merge(l.layer, 1, Integer::sum);
        }
        Map<Wall, List<Window>> out = new LinkedHashMap<>();
        all.forEach((w, lines) -> {
            int own = ownLayer(w, lines, votes);
            if (own < 0) return;
            double ends = votes.getOrDefault(own, 0) / (double) on.get(own);
            // outer and inner walls may have a layer each: those that end where walls meet about as often
            IntPredicate drawsWalls = l -> l == own || mostly(lines, l, Role.WALL) && votes.getOrDefault(l, 0) >= SHARE * ends * on.get(l);
            out.put(w, in(w, lines, drawsWalls));
        });
        return out;
    }

    /** Whether what a layer draws on faces is told to be of a role for the most part. */
    private boolean mostly(List<Line> lines, int layer, Role r) {
        List<Line> own = lines.stream().filter(l -> l.onFace && l.layer == layer).toList();
        return 2 * own.stream().filter(l -> role.apply(l.stroke) == r).count() > own.size();
    }

    private List<Window> in(Wall w, List<Line> lines, IntPredicate own) {
        List<Stretch> covered = covered(w, lines, own);
        List<Window> out = new ArrayList<>();
        for (int i = 0; i + 1 < covered.size(); i++) {
            double from = covered.get(i).to(), to = covered.get(i + 1).from();
            if (to - from < NARROW || to - from > WIDE) continue;
            List<Integer> span = lines.stream().filter(l -> !own.test(l.layer) && Math.abs(l.from - from) < MEET
                && Math.abs(l.to - to) < MEET)
                .map(Line::stroke).toList();
            if (span.size() >= 2) out.add(new Window(from, to, span));
        }
        return out;
    }

    /** Where layers draw one of its faces or both. */
    private static List<Stretch> covered(Wall w, List<Line> lines, IntPredicate layer) {
        return Faces.joined(lines.stream().filter(l -> l.onFace && layer.test(l.layer)).map(l -> new Stretch(Math.max(0, l.from), Math.min(
            w.length(), l.to), List.of())).toList());
    }

    /** What runs along within the wall's ground. */
    private List<Line> lines(Wall w) {
        Set<Integer> near = new LinkedHashSet<>();
        double half = w.thickness().value() / 2, middle = (w.left() - w.right()) / 2;
        for (double x = 0; x <= w.length(); x += Math.max(NARROW / 2, half)) near.addAll(d.strokesNear(w.middle(x), half + OFF));
        List<Line> out = new ArrayList<>();
        for (int i : near) {
            Role r = role.apply(i);
            if (r == Role.GRID || r == Role.HATCH || r == Role.DIMENSION || !d.cleared().strokeShown(i) || !runsAlong(w,
                d.curve(i))) continue;
            Point a = w.reference().unroll(d.curve(i).first()), b = w.reference().unroll(d.curve(i).last());
            double off = Math.abs((a.y() + b.y()) / 2 - middle);
            if (off < half + OFF) out.add(new Line(Math.min(a.x(), b.x()), Math.max(a.x(), b.x()), off > half - OFF,
                d.strokes().layerOf(i), i));
        }
        return out;
    }

    /** Straight beside a straight wall, round about the middle of a round one. */
    private static boolean runsAlong(Wall w, Curve c) {
        if (w.reference().isStraight()) return c instanceof Curve.Straight s && Angles.betweenLines(s.b().minus(s.a()).angle(),
            w.reference().direction(0).angle()) <= ALONG;
        // the middle of a shallow arc is not known well: where it runs is
        Point middle = w.reference().centre();
        double far = c.at(0.5).distance(middle);
        return c instanceof Curve.EllipticArc a && a.isCircular() && Math.abs(a.first().distance(middle) - far) < OFF / 2
            && Math.abs(a.last().distance(middle) - far) < OFF / 2;
    }

    /** Of those that draw enough of its faces the one that most walls end on: a column or a bed may lie on a face, too. */
    private int ownLayer(Wall w, List<Line> lines, Map<Integer, Integer> votes) {
        List<Integer> all = lines.stream().filter(Line::onFace).map(Line::layer).distinct().filter(l -> covered(w, lines, x ->
            x == l).stream()
            .mapToDouble(Stretch::length).sum() >= COVERED * w.length()).toList();
        // a window may begin at a column, a wall end at one: neither draws a wall where anything else may
        List<Integer> plain = all.stream().filter(l -> !mostly(lines, l, Role.WINDOW) && !mostly(lines, l, Role.COLUMN)).toList(),
            some = plain.isEmpty() ? all : plain;
        // windows do not reach to a wall's ends: what is drawn there draws the wall
        double near = w.thickness().value() / 2 + END;
        List<Integer> atEnds = some.stream().filter(l -> lines.stream().anyMatch(x -> x.onFace && x.layer == l && (x.from < near
            && x.to > near
            || x.from < w.length() - near && x.to > w.length() - near))).toList();
        return (atEnds.isEmpty() ? some : atEnds).stream().max(Comparator.comparingInt(l -> votes.getOrDefault(l, 0))).orElse(-1);
    }
}
