package brightlintel.trace;

import brightlintel.building.ElementId;
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
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntPredicate;

/**
 * The grid as it is drawn: long strokes with tags at their ends, broken or whole, each once, with the label in its tag; those without a tag
 * on a layer of grid lines get the label that the others ask for. Metres.
 */
public final class DrawnGrid {
    /** How far pieces of one line may lie off it, and turn; a line's length at least, of the drawing's; further is another drawing's. */
    private static final double OFF = 0.006, LONG = 0.3, SAME = 0.003;
    private static final double TURN = Math.toRadians(0.2);
    private final PlacedDrawing d;
    private final List<Line> lines = new ArrayList<>();

    /** @param tagged whether its label is written at its end; else the sequence asks for it */
    public record Line(String label, Piece line, boolean tagged, List<Integer> strokes) { }

    private DrawnGrid(PlacedDrawing d) {
        this.d = d;
    }

    /** @param tags of the drawing; isGrid: strokes on layers that hold grid lines */
    public static List<Line> of(PlacedDrawing d, List<Bubbles.Tagged> tags, IntPredicate isGrid) {
        DrawnGrid g = new DrawnGrid(d);
        for (Bubbles.Tagged t : tags) if (d.cleared().strokeShown(t.stroke())) g.add(t.stroke(), t.label(), isGrid);
        g.untagged(isGrid);
        return g.sorted();
    }

    private void add(int stroke, String label, IntPredicate isGrid) {
        if (!(d.curve(stroke) instanceof Curve.Straight s)) return;
        Point u = s.b().minus(s.a()).unit();
        // both ends of a line may have a tag, and a line in pieces one at each
        for (int i = 0; i < lines.size(); i++) if (isOn(lines.get(i).line, s)) {
            Line there = lines.get(i);
            TreeSet<Integer> strokes = new TreeSet<>(there.strokes);
            strokes.add(stroke);
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

    /** A thin box along a level or plumb line; of a slanting one all there is. */
    private static Box along(Point a, Point u, Box all) {
        if (Math.abs(u.x()) < 1e-3) return new Box(a.x() - 1e-3 * all.height() - OFF, all.minY(), a.x() + 1e-3 * all.height() + OFF,
            all.maxY());
        if (Math.abs(u.y()) < 1e-3) return new Box(all.minX(), a.y() - 1e-3 * all.width() - OFF, all.maxX(), a.y() + 1e-3 * all.width()
            + OFF);
        return all;
    }

    private static boolean isOn(Piece line, Curve.Straight s) {
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
        return new Line(label, standing(Piece.straight(o.plus(u.times(lo)), o.plus(u.times(hi)))), tagged, List.copyOf(strokes));
    }

    /** Letters start at the top, figures at the left: there the tags stand. */
    public static Piece standing(Piece p) {
        boolean letters = GridLabels.family(p).equals("letters");
        return (letters ? p.a().y() >= p.b().y() : p.a().x() <= p.b().x()) ? p : p.reversed();
    }

    private void untagged(IntPredicate isGrid) {
        double least = LONG * Math.min(d.extent().main().width(), d.extent().main().height());
        for (int i = 0; i < d.strokes().size(); i++) {
            if (!isGrid.test(i) || !d.cleared().strokeShown(i) || !(d.curve(i) instanceof Curve.Straight s)) continue;
            if (s.length() < least || lines.stream().anyMatch(l -> isOn(l.line, s))) continue;
            add(i, "", isGrid);
        }
    }

    /** Letters from the left, figures from below; labels that are missing follow from their neighbours. */
    private List<Line> sorted() {
        List<Line> out = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        lines.forEach(l -> taken.add(l.label));
        for (boolean letters : new boolean[] {true, false}) {
            List<Line> family = lines.stream().filter(l -> GridLabels.family(l.line).equals("letters") == letters)
                .sorted(Comparator.comparingDouble(l -> letters ? l.line.at(l.line.length() / 2).x()
                    : l.line.at(l.line.length() / 2).y())).toList();
            for (int i = 0; i < family.size(); i++) {
                Line l = family.get(i);
                if (!l.label.isEmpty()) {
                    out.add(l);
                    continue;
                }
                String before = i > 0 ? out.getLast().label : "", after = family.subList(i + 1, family.size()).stream().map(Line::label)
                    .filter(x -> !x.isEmpty()).findFirst().orElse("");
                String label = GridLabels.between(before, after, letters, taken);
                taken.add(label);
                out.add(new Line(label, l.line, false, l.strokes));
            }
        }
        return out;
    }

    /** Lines of the project for those that are not there yet. @return in the order in which they come */
    public static List<GridLine> elements(List<Line> lines, PlacedDrawing d, List<GridLine> there) {
        List<GridLine> out = new ArrayList<>();
        for (Line l : lines) {
            if (isThere(l.label, l.line, there)) continue;
            List<Support> on = new ArrayList<>();
            for (int s : l.strokes) on.add(d.support(s, 0, 1, Support.Face.AXIS, 0));
            out.add(new GridLine(ElementId.fresh(), l.label, Optional.of(GridLabels.family(l.line)), l.line, Optional.empty(),
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
