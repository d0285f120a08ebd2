package brightlintel.find;

import brightlintel.building.MarkRef;
import brightlintel.building.StrokeRef;
import brightlintel.drawing.FillMark;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.CurveMath;
import brightlintel.geom.Point;
import brightlintel.geom.SegmentIndex;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeSet;
import java.util.function.IntConsumer;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * Finds strokes and marks of one drawing by name and by place. Each index is built when it is first asked for, once for a drawing; safe to
 * use from several threads. Coordinates are the strokes' shifted file units.
 */
public final class Finder {
    /** Curves whose places differ by less than this share of their length are one. */
    private static final double SAME_PLACE = 1e-4;
    /** A stroke of another revision has kept its shape if its length is within this share. */
    private static final double SAME_SHAPE = 0.02;
    private static final double[] SAMPLES = {0, 0.25, 0.5, 0.75, 1};
    private final String sha256;
    private final SpaceKey space;
    private final Strokes strokes;
    private Names byHandle, byOrdinal, marksByHandle, marksByOrdinal;
    private SegmentIndex marks;
    private Centres centres;

    public Finder(String sha256, SpaceKey space, Strokes strokes) {
        this.sha256 = sha256;
        this.space = space;
        this.strokes = strokes;
    }

    // ---- naming

    public StrokeRef ref(int stroke, double from, double to) {
        return new StrokeRef(sha256, space, Names.steps(strokes.pathOf(stroke)), strokes.entityOf(stroke).key(), strokes.pieceOf(stroke),
            from, to,
            strokes.curveOf(stroke).mapped(Affine.move(strokes.origin())));
    }

    public MarkRef markRef(int mark) {
        Strokes.Mark m = strokes.mark(mark);
        return new MarkRef(sha256, space, Names.steps(m.path()), m.entity().key(), sort(m), m.box().centre().plus(strokes.origin()));
    }

    private static MarkRef.Sort sort(Strokes.Mark m) {
        return switch (m) {
            case Strokes.TextMark _ -> MarkRef.Sort.TEXT;
            case FillMark _ -> MarkRef.Sort.FILL;
            case Strokes.PictureMark _ -> MarkRef.Sort.PICTURE;
        };
    }

    // ---- finding again

    /**
     * The stroke of a name. In the same file its key is enough. In another file a handle is believed where the stroke still lies as it was
     * drawn; then whatever lies there; then a handle or, in files without handles, a number whose stroke has kept its shape.
     */
    public Optional<Found> find(StrokeRef ref) {
        Curve there = ref.curve().mapped(Affine.move(strokes.origin().times(-1)));
        if (ref.sha256().equals(sha256)) {
            int exact = first(byOrdinal(), ref, s -> strokes.entityOf(s).key().equals(ref.entity()));
            if (exact >= 0) return Optional.of(new Found(exact, Found.By.KEY));
        }
        boolean handles = !ref.entity().handle().isEmpty();
        int handle = handles ? first(byHandle(), ref, _ -> true) : -1;
        if (handle >= 0 && samePlace(there, strokes.curveOf(handle))) return Optional.of(new Found(handle, Found.By.HANDLE));
        int place = at(there);
        if (place >= 0) return Optional.of(new Found(place, Found.By.PLACE));
        if (handle >= 0)
            return sameShape(there, strokes.curveOf(handle)) ? Optional.of(new Found(handle, Found.By.HANDLE)) : Optional.empty();
        int number = handles ? -1 : first(byOrdinal(), ref, s -> sameShape(there, strokes.curveOf(s)));
        return number < 0 ? Optional.empty() : Optional.of(new Found(number, Found.By.ORDINAL));
    }

    private int first(Names names, StrokeRef ref, IntPredicate good) {
        int[] found = {-1};
        names.candidates(ref, ref.piece(), s -> {
            boolean same = strokes.pieceOf(s) == ref.piece() && names.same(strokes.entityOf(s).key(), ref.entity())
                && names.same(Names.steps(strokes.pathOf(s)), ref.blockPath());
            if (same && found[0] < 0 && good.test(s)) found[0] = s;
        });
        return found[0];
    }

    /** The mark of a name: by key, by handle, and else by place: one of its sort whose middle is where it was. */
    public OptionalInt markOf(MarkRef ref) {
        boolean handles = !ref.entity().handle().isEmpty();
        if (handles || ref.sha256().equals(sha256)) {
            Names names = handles ? marksByHandle() : marksByOrdinal();
            int[] found = {-1};
            names.candidates(ref, ref.sort().ordinal(), i -> {
                Strokes.Mark m = strokes.mark(i);
                if (found[0] < 0 && sort(m) == ref.sort() && names.same(m.entity().key(), ref.entity())
                    && names.same(Names.steps(m.path()), ref.blockPath()))
                    found[0] = i;
            });
            if (found[0] >= 0) return OptionalInt.of(found[0]);
        }
        Point middle = ref.at().minus(strokes.origin());
        TreeSet<Integer> near = new TreeSet<>();
        marks().query(Box.around(middle, 0), near::add);
        return near.stream().mapToInt(i -> i).filter(i -> sort(strokes.mark(i)) == ref.sort()
            && strokes.mark(i).box().centre().distance(middle) <= SAME_PLACE * strokes.mark(i).box().diagonal()).findFirst();
    }

    /** The stroke that lies as a curve does, or -1. */
    private int at(Curve c) {
        double slack = Math.max(SAME_PLACE * c.length(), 1e-9);
        TreeSet<Integer> near = new TreeSet<>();
        strokes.chordsIn(Box.around(c.at(0.5), slack), chord -> near.add(strokes.strokeOf(chord)));
        return near.stream().filter(s -> samePlace(c, strokes.curveOf(s))).findFirst().orElse(-1);
    }

    /** Whichever way each runs, and wherever the seam of a circle lies. */
    static boolean samePlace(Curve a, Curve b) {
        double slack = Math.max(SAME_PLACE * a.length(), 1e-9);
        if (Math.abs(a.length() - b.length()) > 2 * slack) return false;
        for (double t : SAMPLES)
            if (a.at(t).distance(b.at(CurveMath.nearest(b, a.at(t)))) > slack
                || b.at(t).distance(a.at(CurveMath.nearest(a, b.at(t)))) > slack) return false;
        return true;
    }

    private static boolean sameShape(Curve a, Curve b) {
        return a.getClass() == b.getClass() && Math.abs(a.length() - b.length()) <= SAME_SHAPE * a.length();
    }

    // ---- by place

    /** Marks whose boxes meet a box, in rising order. */
    public void marksIn(Box box, IntConsumer hit) {
        marks().query(box, hit);
    }

    /** Strokes that are arcs or circles with their centre in a box. */
    public void arcsCentredIn(Box box, IntConsumer hit) {
        Centres c = centres();
        c.index.query(box, i -> hit.accept(c.strokeOf[i]));
    }

    private record Centres(int[] strokeOf, SegmentIndex index) {
        static Centres of(Strokes s) {
            int[] arcs = IntStream.range(0, s.size()).filter(i -> !s.isStraight(i) && s.curveOf(i) instanceof Curve.EllipticArc).toArray();
            double[] xy = new double[4 * arcs.length];
            for (int i = 0; i < arcs.length; i++) {
                Point c = ((Curve.EllipticArc) s.curveOf(arcs[i])).centre();
                for (int k = 0; k < 4; k++) xy[4 * i + k] = k % 2 == 0 ? c.x() : c.y();
            }
            return new Centres(arcs, SegmentIndex.of(xy));
        }
    }

    // ---- indexes, each made when first wanted

    private synchronized Names byHandle() {
        if (byHandle == null) byHandle = new Names(true, strokes.size(), this::name);
        return byHandle;
    }

    private synchronized Names byOrdinal() {
        if (byOrdinal == null) byOrdinal = new Names(false, strokes.size(), this::name);
        return byOrdinal;
    }

    private Names.Name name(int stroke) {
        return new Names.Name(strokes.entityOf(stroke).key(), strokes.pathOf(stroke), strokes.pieceOf(stroke));
    }

    private synchronized Names marksByHandle() {
        if (marksByHandle == null) marksByHandle = new Names(true, strokes.marks(), this::markName);
        return marksByHandle;
    }

    private synchronized Names marksByOrdinal() {
        if (marksByOrdinal == null) marksByOrdinal = new Names(false, strokes.marks(), this::markName);
        return marksByOrdinal;
    }

    private Names.Name markName(int mark) {
        Strokes.Mark m = strokes.mark(mark);
        return new Names.Name(m.entity().key(), m.path(), sort(m).ordinal());
    }

    private synchronized Centres centres() {
        if (centres == null) centres = Centres.of(strokes);
        return centres;
    }

    private synchronized SegmentIndex marks() {
        if (marks == null) marks = SegmentIndex.ofBoxes(IntStream.range(0, strokes.marks()).mapToObj(i -> strokes.mark(i).box()).toList());
        return marks;
    }
}
