package brightlintel.place;

import brightlintel.building.DrawnRef;
import brightlintel.building.StrokeRef;
import brightlintel.building.Support;
import brightlintel.building.Underlay;
import brightlintel.clear.Cleared;
import brightlintel.drawing.Strokes;
import brightlintel.find.Finder;
import brightlintel.find.Found;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.CurveMath;
import brightlintel.geom.Point;
import brightlintel.geom.Unstretched;
import brightlintel.repair.Mender;
import brightlintel.repair.Repaired;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;

/**
 * A drawing in its place, cleared. Queries come in metres and are taken into the strokes' own units: unit, turn and datum change a map, not
 * a million strokes.
 */
public final class PlacedDrawing {
    private final Underlay underlay;
    private final Strokes strokes;
    private final Affine toBuilding;
    private final Affine toFile;
    private final Cleared cleared;
    private final Finder finder;
    private final Mender mender;
    private final Mender.Worked worked;
    private final boolean isStretched;
    private IntFunction<Optional<DrawnRef>> partOf = _ -> Optional.empty();
    private volatile Extent extent;
    /** Of the drawing before a change of what is shown: about where this one is too. */
    private volatile Extent before;
    private final Object making = new Object();
    private volatile List<LaidPicture> pictures;

    public PlacedDrawing(Underlay underlay, Strokes strokes, Finder finder) {
        this(underlay, new Mender(underlay.sha256(), underlay.space(), strokes, finder));
    }

    /** With the repairs that the underlay asks for, which are worked out now unless they were before. */
    public PlacedDrawing(Underlay underlay, Mender mender) {
        this(underlay, mender, mender.of(underlay), null);
    }

    /** As it was received, until its repairs are worked out. */
    public static PlacedDrawing unmended(Underlay underlay, Mender mender) {
        return new PlacedDrawing(underlay, mender, mender.received(), null);
    }

    /** @param cleared of the same underlay: worked out once for all its places; null to work it out */
    private PlacedDrawing(Underlay underlay, Mender mender, Mender.Worked worked, Cleared cleared) {
        this.underlay = underlay;
        this.mender = mender;
        this.worked = worked;
        this.strokes = worked.strokes();
        this.finder = worked.finder();
        this.cleared = cleared != null ? cleared
            : Cleared.of(underlay, strokes, finder, worked.repaired().isPresent() ? worked::isGone : null);
        toBuilding = underlay.placement().from(strokes.origin());
        toFile = toBuilding.inverse();
        Point x = toBuilding.applyVector(new Point(1, 0)), y = toBuilding.applyVector(new Point(0, 1));
        isStretched = Math.abs(x.length() / y.length() - 1) > 1e-9 || Math.abs(x.unit().dot(y.unit())) > 1e-9;
    }

    /** The same drawing after a decision; what the decision leaves alone is not worked out again. */
    public PlacedDrawing with(Underlay u) {
        Mender.Worked now = mender.of(u);
        boolean same = now == worked && u.clearing().equals(underlay.clearing()) && u.cutOut().equals(underlay.cutOut());
        PlacedDrawing out = new PlacedDrawing(u, mender, now, same ? cleared : null);
        if (same && u.placement().straightening().equals(underlay.placement().straightening())) out.pictures = moved(out.toBuilding);
        // moved, scaled or mirrored along its axes, an upright box stays the box of the same strokes
        if (same && u.placement().straightening().equals(underlay.placement().straightening())
            && u.placement().turn().value().equals(underlay.placement().turn().value()))
            out.extent = extentIfKnown().map(e -> new Extent(e.main().mapped(toFile.then(out.toBuilding)), e.strays(), e.strokes()))
                .orElse(null);
        else if (u.placement().equals(underlay.placement())) out.before = extentAbout().orElse(null);
        return out;
    }

    /**
     * With strokes behind all others, which help to see and were not drawn.
     *
     * @param all with those; instead: what they stand for, which is not shown; drawn: what one of those is a part of, none for what was
     *            drawn itself
     */
    public PlacedDrawing beside(Strokes all, IntPredicate instead, IntFunction<Optional<DrawnRef>> drawn) {
        Finder f = new Finder(underlay.sha256(), underlay.space(), all);
        Mender.Worked with = new Mender.Worked(all, f, worked.repaired());
        Cleared shown = Cleared.of(underlay, all, f, i -> instead.test(i) || with.isGone(i));
        PlacedDrawing out = new PlacedDrawing(underlay, mender, with, shown);
        out.partOf = drawn;
        return out;
    }

    /** The curve of a stroke before anything was mended. */
    public Curve curveAsReceived(int stroke) {
        Strokes r = mender.received().strokes();
        return stroke < r.size() ? r.curveOf(stroke).mapped(toBuilding) : curve(stroke);
    }

    private List<LaidPicture> moved(Affine to) {
        List<LaidPicture> made = pictures;
        return made == null ? null : made.stream().map(p -> new LaidPicture(p.pixels(), p.toBuilding().then(toFile).then(to)))
            .toList();
    }

    public Underlay underlay() {
        return underlay;
    }

    public Strokes strokes() {
        return strokes;
    }

    /** What is mended of it, and how it was received. */
    public Mender mender() {
        return mender;
    }

    /** What was mended of it, if anything was asked for. */
    public Optional<Repaired> repaired() {
        return worked.repaired();
    }

    /** Whether its repairs are worked out. */
    public boolean isMended() {
        return worked.repaired().isPresent() || underlay.clearing().mended().isEmpty();
    }

    public Finder finder() {
        return finder;
    }

    /** What of it is shown. */
    public Cleared cleared() {
        return cleared;
    }

    /** Whether outlines that keep or hide leave a place, metres. */
    public boolean showsAt(Point metres) {
        return cleared.shows(underlay.placement().toFile(metres).minus(strokes.origin()));
    }

    /** From the strokes' shifted file units to metres. */
    public Affine toBuilding() {
        return toBuilding;
    }

    /** The whole curve, whatever of it is shown; of a sheet that was stretched, round again where it was round. */
    public Curve curve(int stroke) {
        Curve c = strokes.curveOf(stroke).mapped(toBuilding);
        return isStretched ? Unstretched.of(c) : c;
    }

    /** A stroke as points joined by its chords, metres. */
    public List<Point> points(int stroke) {
        List<Point> out = new ArrayList<>();
        for (int c = strokes.firstChord(stroke); c < strokes.firstChord(stroke + 1); c++) out.add(chordStart(c));
        out.add(chordEnd(strokes.firstChord(stroke + 1) - 1));
        return out;
    }

    /** The shown parts of a stroke. */
    public List<Curve> shownCurves(int stroke) {
        Curve whole = curve(stroke);
        if (!cleared.strokeShown(stroke)) return List.of();
        if (!cleared.strokeCut(stroke)) return List.of(whole);
        List<Curve> out = new ArrayList<>();
        double[] s = cleared.stretches(stroke);
        for (int i = 0; i < s.length; i += 2) out.add(whole.part(s[i], s[i + 1]));
        return out;
    }

    /** Chords near a place, of strokes that are shown at least in part; each once, in rising order. */
    public void chordsNear(Point at, double radius, IntConsumer hit) {
        strokes.chordsIn(Box.around(at, radius).mapped(toFile), c -> {
            if (cleared.strokeShown(strokes.strokeOf(c))) hit.accept(c);
        });
    }

    /** Chords whose boxes meet a box, shown or not; each once, in rising order. */
    public void chordsIn(Box metres, IntConsumer hit) {
        strokes.chordsIn(metres.mapped(toFile), hit);
    }

    /** Texts, fills and pictures whose boxes meet a box, shown or not, by {@link Strokes#mark(int)}; in rising order. */
    public void marksIn(Box metres, IntConsumer hit) {
        finder.marksIn(metres.mapped(toFile), hit);
    }

    /** Where the shown plan is, metres; computed once. */
    public synchronized Extent extent() {
        if (extent == null)
            extent = underlay.placement().straightening().isEmpty() ? Extent.of(strokes, cleared, toBuilding) : straightExtent();
        return extent;
    }

    private Extent straightExtent() {
        return new Extent(LaidPicture.box(strokes, cleared, underlay.placement()), 0, strokes.size());
    }

    /** Pictures that are shown, straightened where the placement straightens; worked out once. */
    public List<LaidPicture> pictures() {
        // not by the lock of the extent: the window asks for that while a painter makes these
        synchronized (making) {
            if (pictures == null) pictures = LaidPicture.of(strokes, cleared, underlay.placement());
            return pictures;
        }
    }

    /** About where the drawing is: it may be that of an earlier one, of which more or less was shown. Without working it out. */
    public Optional<Extent> extentAbout() {
        return extentIfKnown().or(() -> Optional.ofNullable(before));
    }

    /** Without working it out. */
    public Optional<Extent> extentIfKnown() {
        return Optional.ofNullable(extent);
    }

    /** Strokes shown near a place, nearest first. */
    public List<Integer> strokesNear(Point at, double radius) {
        return strokesNear(at, radius, Integer.MAX_VALUE);
    }

    /** @param most the nearest so many: a ring over a hatch may hold thousands */
    public List<Integer> strokesNear(Point at, double radius, int most) {
        Near near = new Near(at, radius);
        chordsNear(at, radius, near);
        return near.strokes(most);
    }

    /** Distances of strokes from a place. Chords come in rising order, so that those of a stroke come one after another. */
    private final class Near implements IntConsumer {
        private final Point at;
        private final double radius;
        private int[] stroke = new int[16];
        private double[] distance = new double[16];
        private int size;

        Near(Point at, double radius) {
            this.at = at;
            this.radius = radius;
        }

        @Override public void accept(int chord) {
            double d = distance(chord, at);
            if (!(d <= radius)) return;
            int s = strokes.strokeOf(chord);
            if (size > 0 && stroke[size - 1] == s) distance[size - 1] = Math.min(distance[size - 1], d);
            else add(s, d);
        }

        private void add(int s, double d) {
            if (size == stroke.length) {
                stroke = Arrays.copyOf(stroke, 2 * size);
                distance = Arrays.copyOf(distance, 2 * size);
            }
            stroke[size] = s;
            distance[size++] = d;
        }

        List<Integer> strokes(int most) {
            // by distance, and where that is the same by number: both in one figure, which sorts without objects
            long[] order = new long[size];
            int n = 0;
            for (int i = 0; i < size; i++) if (isNear(i)) order[n++] = (long) Float.floatToIntBits((float) distance[i]) << 32 | i;
            Arrays.sort(order, 0, n);
            List<Integer> out = new ArrayList<>(Math.min(n, most));
            for (int i = 0; i < n && i < most; i++) out.add(stroke[(int) order[i]]);
            return out;
        }

        /** Of a stroke that is cut only the shown parts count. */
        private boolean isNear(int i) {
            if (!cleared.strokeCut(stroke[i])) return true;
            distance[i] = shownCurves(stroke[i]).stream().mapToDouble(c -> c.at(CurveMath.nearest(c, at)).distance(at)).min()
                .orElse(Double.POSITIVE_INFINITY);
            return distance[i] <= radius;
        }
    }

    /** From a chord, in metres. */
    public double distance(int chord, Point at) {
        double[] xy = strokes.xy();
        int i = 4 * chord;
        double ax = toBuilding.a() * xy[i] + toBuilding.c() * xy[i + 1] + toBuilding.tx() - at.x(),
            ay = toBuilding.b() * xy[i] + toBuilding.d() * xy[i + 1] + toBuilding.ty() - at.y();
        double dx = xy[i + 2] - xy[i], dy = xy[i + 3] - xy[i + 1];
        double vx = toBuilding.a() * dx + toBuilding.c() * dy, vy = toBuilding.b() * dx + toBuilding.d() * dy, l2 = vx * vx + vy * vy;
        double t = l2 > 0 ? Math.clamp(-(ax * vx + ay * vy) / l2, 0, 1) : 0;
        double x = ax + t * vx, y = ay + t * vy;
        return Math.sqrt(x * x + y * y);
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
        finder.arcsCentredIn(Box.around(at, radius).mapped(toFile), s -> {
            if (cleared.strokeShown(s)) out.add(s);
        });
        return out;
    }

    /** Texts, fills and pictures shown near a place, by {@link Strokes#mark(int)}. */
    public List<Integer> marksNear(Point at, double radius) {
        List<Integer> out = new ArrayList<>();
        finder.marksIn(Box.around(at, radius).mapped(toFile), m -> {
            if (cleared.markShown(m)) out.add(m);
        });
        return out;
    }

    /** The name of a part of a stroke, that survives saving. */
    public StrokeRef ref(int stroke, double from, double to) {
        return finder.ref(stroke, from, to);
    }

    /** A stroke as what an element stands on. */
    public Support support(int stroke, double from, double to, Support.Face face, double distance) {
        return partOf.apply(stroke).map(r -> new Support(underlay.id(), r, r instanceof StrokeRef ? Support.Face.AXIS
            : Support.Face.OUTLINE, 0)).orElseGet(() -> new Support(underlay.id(), ref(stroke, from, to), face, distance));
    }

    /** The stroke that an element stands on, in this revision of the file. */
    public Optional<Found> find(Support s) {
        return s.drawn() instanceof StrokeRef r ? finder.find(r) : Optional.empty();
    }
}
