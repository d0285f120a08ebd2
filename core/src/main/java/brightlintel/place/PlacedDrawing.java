package brightlintel.place;

import brightlintel.building.StrokeRef;
import brightlintel.building.Underlay;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.SegmentIndex;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.function.IntConsumer;

/** Queries come in metres and are taken into the strokes' own units: unit, turn and datum change a map, not a million strokes. */
public final class PlacedDrawing {
    private final Underlay underlay;
    private final Strokes strokes;
    private final Affine toBuilding;
    private final Affine toFile;
    private final boolean[] shown;
    private final Centres centres;
    private Extent extent;

    public PlacedDrawing(Underlay underlay, Strokes strokes, Centres centres) {
        this.underlay = underlay;
        this.strokes = strokes;
        this.centres = centres;
        toBuilding = underlay.placement().from(strokes.origin());
        toFile = toBuilding.inverse();
        shown = new boolean[strokes.layers().size()];
        for (int i = 0; i < shown.length; i++) shown[i] = !underlay.clearing().hides(strokes.layers().get(i).name());
    }

    /** Centres of arcs and circles, findable near themselves. Built once a drawing. */
    public static final class Centres {
        private final int[] strokeOf;
        private final SegmentIndex index;

        public Centres(Strokes s) {
            List<double[]> found = new ArrayList<>();
            List<Integer> from = new ArrayList<>();
            for (int i = 0; i < s.size(); i++)
                if (!s.isStraight(i) && s.curveOf(i) instanceof Curve.EllipticArc a) {
                    found.add(new double[] {a.centre().x(), a.centre().y(), a.centre().x(), a.centre().y()});
                    from.add(i);
                }
            double[] xy = new double[4 * found.size()];
            for (int i = 0; i < found.size(); i++) System.arraycopy(found.get(i), 0, xy, 4 * i, 4);
            strokeOf = from.stream().mapToInt(Integer::intValue).toArray();
            index = SegmentIndex.of(xy);
        }
    }

    public Underlay underlay() {
        return underlay;
    }

    public Strokes strokes() {
        return strokes;
    }

    /** From the strokes' shifted file units to metres. */
    public Affine toBuilding() {
        return toBuilding;
    }

    public boolean layerShown(int layer) {
        return shown[layer];
    }

    public boolean strokeShown(int stroke) {
        return shown[strokes.layerOf(stroke)];
    }

    public Curve curve(int stroke) {
        return strokes.curveOf(stroke).mapped(toBuilding);
    }

    /** Chords near a place, of shown layers; each once, in rising order. */
    public void chordsNear(Point at, double radius, IntConsumer hit) {
        strokes.chordsIn(Box.around(at, radius).mapped(toFile), c -> {
            if (strokeShown(strokes.strokeOf(c))) hit.accept(c);
        });
    }

    /** Where the shown plan is, metres; computed once. */
    public synchronized Extent extent() {
        if (extent == null) extent = Extent.of(strokes, this::strokeShown, toBuilding);
        return extent;
    }

    /** Shown strokes with a chord near a place, nearest first. */
    public List<Integer> strokesNear(Point at, double radius) {
        Map<Integer, Double> nearest = new HashMap<>();
        chordsNear(at, radius, c -> {
            double d = distance(c, at);
            if (d <= radius) nearest.merge(strokes.strokeOf(c), d, Math::min);
        });
        return nearest.keySet().stream().sorted(Comparator.comparingDouble((Integer s) -> nearest.get(s)).thenComparing(s -> s)).toList();
    }

    /** From a chord, in metres. */
    public double distance(int chord, Point at) {
        Point a = chordStart(chord), b = chordEnd(chord), d = b.minus(a);
        double l2 = d.dot(d);
        return a.plus(d.times(l2 > 0 ? Math.clamp(at.minus(a).dot(d) / l2, 0, 1) : 0)).distance(at);
    }

    public Point chordStart(int chord) {
        return toBuilding.apply(strokes.xy()[4 * chord], strokes.xy()[4 * chord + 1]);
    }

    public Point chordEnd(int chord) {
        return toBuilding.apply(strokes.xy()[4 * chord + 2], strokes.xy()[4 * chord + 3]);
    }

    /** Arcs whose centre lies near a place. */
    public List<Integer> arcsCentredNear(Point at, double radius) {
        List<Integer> out = new ArrayList<>();
        centres.index.query(Box.around(at, radius).mapped(toFile), i -> {
            if (strokeShown(centres.strokeOf[i])) out.add(centres.strokeOf[i]);
        });
        return out;
    }

    /** The name of a stroke that survives saving. */
    public StrokeRef ref(int stroke, double from, double to) {
        LinkedList<StrokeRef.Step> path = new LinkedList<>();
        for (Strokes.Path p = strokes.pathOf(stroke); p != null; p = p.outer()) path.addFirst(new StrokeRef.Step(p.insert(), p.row(), p.column()));
        EntityKey key = strokes.entityOf(stroke).key();
        return new StrokeRef(underlay.sha256(), underlay.space(), path, key, strokes.pieceOf(stroke), from, to);
    }

    /** The stroke of a name, or -1 where the drawing has none such. */
    public int find(StrokeRef ref) {
        for (int i = 0; i < strokes.size(); i++)
            if (strokes.pieceOf(i) == ref.piece() && strokes.entityOf(i).key().equals(ref.entity()) && ref(i, ref.from(), ref.to()).equals(ref)) return i;
        return -1;
    }
}
