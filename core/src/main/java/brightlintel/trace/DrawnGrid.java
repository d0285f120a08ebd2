package brightlintel.trace;

import brightlintel.building.ElementId;
import brightlintel.building.GridHub;
import brightlintel.building.GridLabels;
import brightlintel.building.GridLine;
import brightlintel.building.Provenance;
import brightlintel.building.Support;
import brightlintel.correct.look.Bubbles;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntPredicate;

/**
 * The grid as it is drawn: long strokes and arcs with tags at their ends, broken or whole, each once, with the label in its tag; those
 * without a tag on a layer of grid lines get the label that the others ask for ({@link GridOrder}). Metres.
 */
public final class DrawnGrid {
    /** How far pieces of one line may lie off it, and turn; a line's length at least, of the drawing's; further is another drawing's. */
    private static final double OFF = 0.006, LONG = 0.3, SAME = 0.003, HAIR = 0.01, SAME_HUB = 0.05;
    private static final double TURN = Math.toRadians(0.2);
    private final PlacedDrawing d;
    private final List<Bubbles.Tagged> tags;
    private final List<Line> lines = new ArrayList<>();
    /** Of tagged lines. */
    private Optional<Point> hub;

    /** @param tagged whether its label is written at its end; else the sequence asks for it; family: letters or figures, as is usual */
    public record Line(String label, Piece line, boolean tagged, List<Integer> strokes, String family) {
        Line in(String other) {
            return new Line(label, line, tagged, strokes, other);
        }
    }

    private DrawnGrid(PlacedDrawing d, List<Bubbles.Tagged> tags) {
        this.d = d;
        this.tags = tags;
    }

    /** @param tags of the drawing; isGrid: strokes on layers that hold grid lines */
    public static List<Line> of(PlacedDrawing d, List<Bubbles.Tagged> tags, IntPredicate isGrid) {
        DrawnGrid g = new DrawnGrid(d, tags);
        for (Bubbles.Tagged t : tags) if (d.cleared().strokeShown(t.stroke())) g.add(t.stroke(), t.label(), isGrid);
        g.untagged(isGrid);
        return GridOrder.of(g.lines);
    }

    private void add(int stroke, String label, IntPredicate isGrid) {
        if (d.curve(stroke) instanceof Curve.EllipticArc a && a.isCircular()) round(stroke, a, label);
        if (!(d.curve(stroke) instanceof Curve.Straight s)) return;
        Point u = s.b().minus(s.a()).unit();
        // both ends of a line may have a tag, and a line in pieces one at each
        for (int i = 0; i < lines.size(); i++) if (isOn(lines.get(i).line, s)) {
            Line there = lines.get(i);
            TreeSet<Integer> strokes = new TreeSet<>(there.strokes);
            strokes.add(stroke);
            if (!label.isEmpty() && !there.label.isEmpty() && !label.equals(there.label)) {
                parted(i, stroke, label, strokes, u, s);
                return;
            }
            lines.set(i, line(there.label.isEmpty() ? label : there.label, there.tagged || !label.isEmpty(), u, s.a(), strokes));
            return;
        }
        TreeSet<Integer> strokes = new TreeSet<>(Set.of(stroke));
        int layer = d.strokes().layerOf(stroke);
        Piece far = Piece.straight(s.a().minus(u.times(1e-3)), s.b());
        Box seen = d.extent().main();
        d.chordsIn(along(s.a(), u, seen), c -> {
            int k = d.strokes().strokeOf(c);
            if (d.strokes().layerOf(k) == layer && d.cleared().strokeShown(k) && d.curve(k) instanceof Curve.Straight o && isOn(far, o)
                && (o.length() > 1 || isGrid.test(k))) strokes.add(k);
        });
        lines.add(line(label, !label.isEmpty(), u, s.a(), strokes));
    }

    /** Two labels on one line are two lines, as rays to both sides of a place are: each piece is of the nearer tag. */
    private void parted(int at, int stroke, String label, TreeSet<Integer> strokes, Point u, Curve.Straight s) {
        Line there = lines.get(at);
        int first = tags.stream().filter(t -> t.label().equals(there.label) && there.strokes.contains(t.stroke())).findFirst()
            .map(Bubbles.Tagged::stroke).orElse(stroke);
        // one stroke with a label at each end is one line
        if (first == stroke) return;
        double own = u.dot(s.at(0.5)), other = u.dot(d.curve(first).at(0.5));
        TreeSet<Integer> mine = new TreeSet<>();
        for (int k : strokes) {
            double m = u.dot(d.curve(k).at(0.5));
            if (Math.abs(m - own) < Math.abs(m - other)) mine.add(k);
        }
        strokes.removeAll(mine);
        lines.set(at, line(there.label, true, u, s.a(), strokes));
        lines.add(line(label, true, u, s.a(), mine));
    }

    /** A thin box along a level or plumb line; of a slanting one all there is. */
    private static Box along(Point a, Point u, Box all) {
        if (Math.abs(u.x()) < 1e-3) return new Box(a.x() - 1e-3 * all.height() - OFF, all.minY(), a.x() + 1e-3 * all.height() + OFF,
            all.maxY());
        if (Math.abs(u.y()) < 1e-3) return new Box(all.minX(), a.y() - 1e-3 * all.width() - OFF, all.maxX(), a.y() + 1e-3 * all.width()
            + OFF);
        return all;
    }

    private static boolean isOn(Piece line, Curve.Straight s) {
        if (!line.isStraight()) return false;
        Point u = line.b().minus(line.a()).unit();
        boolean alike = Angles.betweenLines(u.angle(), s.b().minus(s.a()).angle()) < TURN;
        return alike && Math.abs(u.cross(s.a().minus(line.a()))) < OFF && Math.abs(u.cross(s.b().minus(line.a()))) < OFF;
    }

    /** From the first end to the last of its pieces. */
    private Line line(String label, boolean tagged, Point u, Point o, TreeSet<Integer> strokes) {
        double lo = Double.MAX_VALUE, hi = -Double.MAX_VALUE;
        for (int i : strokes) for (Point p : List.of(d.curve(i).first(), d.curve(i).last())) {
            lo = Math.min(lo, u.dot(p.minus(o)));
            hi = Math.max(hi, u.dot(p.minus(o)));
        }
        return new Line(label, standing(Piece.straight(o.plus(u.times(lo)), o.plus(u.times(hi)))), tagged, List.copyOf(strokes), "");
    }

    /** With those on its circle that are there, or by itself. */
    private void round(int stroke, Curve.EllipticArc a, String label) {
        TreeSet<Integer> strokes = new TreeSet<>(Set.of(stroke));
        String known = label;
        for (int i = 0; i < lines.size(); i++) {
            Line there = lines.get(i);
            if (there.line.isStraight() || there.line.centre().distance(a.centre()) > OFF || Math.abs(there.line.radius()
                - a.u().length()) > OFF) continue;
            strokes.addAll(there.strokes);
            if (known.isEmpty()) known = there.label;
            lines.remove(i);
            break;
        }
        int layer = d.strokes().layerOf(stroke);
        d.chordsIn(Box.around(a.centre(), a.u().length() + OFF), c -> {
            int k = d.strokes().strokeOf(c);
            if (d.strokes().layerOf(k) == layer && d.cleared().strokeShown(k) && d.curve(k) instanceof Curve.EllipticArc o && o.isCircular()
                && o.centre().distance(a.centre()) < OFF && Math.abs(o.u().length() - a.u().length()) < OFF) strokes.add(k);
        });
        List<double[]> spans = new ArrayList<>();
        for (int i : strokes) if (d.curve(i) instanceof Curve.EllipticArc x) {
            boolean left = x.sweep() * x.u().cross(x.v()) > 0;
            spans.add(new double[] {Angles.positive((left ? x.first() : x.last()).minus(a.centre()).angle()), Math.abs(x.sweep())});
        }
        spans.sort(Comparator.comparingDouble(x -> x[0]));
        // from behind the widest gap on, and a hair less than a whole turn
        double from = spans.getFirst()[0], widest = 0;
        for (int i = 0; i < spans.size(); i++) {
            double[] before = spans.get((i + spans.size() - 1) % spans.size());
            double gap = Angles.positive(spans.get(i)[0] - before[0]) - before[1];
            if (spans.size() > 1 && gap > widest) {
                widest = gap;
                from = spans.get(i)[0];
            }
        }
        double sweep = 0;
        for (double[] x : spans) sweep = Math.max(sweep, Angles.positive(x[0] - from) + x[1]);
        sweep = Math.min(sweep, Angles.TURN - HAIR);
        Point c = a.centre();
        double r = a.u().length();
        lines.add(new Line(known, new Piece(c.plus(Point.polar(from, r)), c.plus(Point.polar(from + sweep, r)), Math.tan(sweep / 4)),
            !known.isEmpty(), List.copyOf(strokes), ""));
    }

    /** Letters start at the top, figures at the left: there the tags stand. */
    public static Piece standing(Piece p) {
        boolean letters = GridLabels.family(p).equals("letters");
        return (letters ? p.a().y() >= p.b().y() : p.a().x() <= p.b().x()) ? p : p.reversed();
    }

    private void untagged(IntPredicate isGrid) {
        double least = LONG * Math.min(d.extent().main().width(), d.extent().main().height());
        for (int i = 0; i < d.strokes().size(); i++) {
            if (!isGrid.test(i) || !d.cleared().strokeShown(i) || d.curve(i).length() < least) continue;
            Curve c = d.curve(i);
            boolean wanted = c instanceof Curve.Straight s ? lines.stream().noneMatch(l -> isOn(l.line, s))
                : c instanceof Curve.EllipticArc a && a.isCircular() && !isIn(i) && isMiddle(a.centre());
            if (!wanted) continue;
            add(i, "", isGrid);
        }
    }

    /** Of tagged arcs, or of lines that meet: the circle of a tag has its middle on one, or where two cross. */
    private boolean isMiddle(Point c) {
        return lines.stream().anyMatch(l -> !l.line.isStraight() && l.line.centre().distance(c) < OFF) || hub().filter(h ->
            h.distance(c) < SAME_HUB).isPresent();
    }

    private Optional<Point> hub() {
        if (hub == null) hub = GridHub.of(lines.stream().map(Line::line).toList());
        return hub;
    }

    private boolean isIn(int stroke) {
        return lines.stream().anyMatch(l -> l.strokes.contains(stroke));
    }

    /** Lines of the project for those that are not there yet. @return in the order in which they come */
    public static List<GridLine> elements(List<Line> lines, PlacedDrawing d, List<GridLine> there) {
        List<GridLine> out = new ArrayList<>();
        for (Line l : lines) {
            if (isThere(l.label, l.line, there)) continue;
            List<Support> on = new ArrayList<>();
            for (int s : l.strokes) on.add(d.support(s, 0, 1, Support.Face.AXIS, 0));
            out.add(new GridLine(ElementId.fresh(), l.label, Optional.of(l.family), l.line, Optional.empty(),
                new Provenance(new Provenance.Way.ByHand(), on)));
        }
        return out;
    }

    /** Whether one of these has the label, or lies where a line lies. */
    public static boolean isThere(String label, Piece line, List<GridLine> there) {
        return there.stream().anyMatch(g -> g.label().equalsIgnoreCase(label) || g.line().distance(line.a()) < SAME
            && g.line().distance(line.b()) < SAME);
    }
}
