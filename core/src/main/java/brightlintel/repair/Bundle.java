package brightlintel.repair;

import brightlintel.building.Mend;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Names;
import brightlintel.drawing.Progress;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.CurveMath;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.IntConsumer;

/**
 * The strokes of a drawing while they are mended. Straight ones that were drawn as lines may be changed; curves, hatches and what belongs
 * to
 * written measures are only met. Shifted file units.
 */
final class Bundle {
    /** What a stroke became part of where it is none of its own any more. */
    static final int DROPPED = -1;
    /** As many times all strokes are looked at, about: what comes after is little. */
    private static final long PASSES = 2;
    /** Pieces by which a new arc is found. */
    private static final int BENT = 24;
    /** Metres. Cells that a stroke runs through on average. */
    private static final double ENDLESS = 5000, CELLS = 6;
    final Strokes strokes;
    final double touch, tolerance, beside, metres;
    /** How far figures lie off what was drawn, metres. */
    double rounded;
    /** Itself, or the one that it is part of now, or {@link #DROPPED}. */
    final int[] into;
    /** By layer. */
    private final int[] group;
    private final double[] ends;
    private final boolean[] line;
    private final Curve[] arcs;
    private final boolean[] changed;
    private final Map<Mend, Integer> counts = new EnumMap<>(Mend.class);
    private final List<Repaired.Bit> bits = new ArrayList<>();
    private final Grid grid;
    /** Not in the grid as they are. */
    private final boolean[] late;
    /** By 2 * stroke + end, as they lie since the last index: 0 not looked at, 1 free, 2 not. Whoever looks first writes the same. */
    private byte[] free;
    private final Progress progress;
    private final AtomicLong looked = new AtomicLong();
    /** Strokes that may be found otherwise than in the last round: all at first, then those that changed and what lies at their ends. */
    private boolean[] active, stirred;

    /**
     * @param asOne  layers that are one, in lower case
     * @param metres per unit
     * @param progress asked as passes go on, so that a stop is heard
     */
    Bundle(Strokes s, double tolerance, Set<String> asOne, double metres, Progress progress) {
        this.progress = progress;
        strokes = s;
        this.metres = metres;
        this.tolerance = tolerance / metres;
        // nearer than a draughtsman's rounding, ends meet; nearer than a millimetre, lines lie on each other
        touch = Math.min(0.05e-3, tolerance / 50) / metres;
        beside = Math.min(1e-3, tolerance / 3) / metres;
        group = new int[s.layers().size()];
        for (int i = 0; i < group.length; i++) group[i] = asOne.contains(Names.key(s.layers().get(i).name())) ? -1 : i;
        int n = s.size();
        into = new int[n];
        line = new boolean[n];
        arcs = new Curve[n];
        changed = new boolean[n];
        ends = new double[4 * n];
        active = new boolean[n];
        Arrays.fill(active, true);
        stirred = new boolean[n];
        Set<EntityKey> measures = new HashSet<>();
        for (Strokes.DimensionMark d : s.dimensions()) measures.add(d.entity().key());
        for (int i = 0; i < n; i++) {
            into[i] = i;
            Entity e = s.entityOf(i);
            line[i] = s.isStraight(i) && !(e instanceof Entity.Hatch) && !(e instanceof Entity.Endless) && s.dashingOf(i) == null
                && (s.pathOf(i) == null || !measures.contains(s.pathOf(i).insert()));
            int c = 4 * s.firstChord(i), last = 4 * (s.firstChord(i + 1) - 1);
            ends[4 * i] = s.xy()[c];
            ends[4 * i + 1] = s.xy()[c + 1];
            ends[4 * i + 2] = s.xy()[last + 2];
            ends[4 * i + 3] = s.xy()[last + 3];
            // one that runs for kilometres is a mistake, and would take a cell at every step
            if (length(i) * metres > ENDLESS) line[i] = false;
        }
        late = new boolean[n];
        for (int i = 0; i < n; i++) late[i] = length(i) * metres <= ENDLESS && (line[i] || !(s.entityOf(i) instanceof Entity.Hatch));
        grid = new Grid(cell());
    }

    int size() {
        return into.length;
    }

    /** Straight, its own, and allowed to change. */
    boolean isLine(int i) {
        return line[i] && into[i] == i;
    }

    boolean isThere(int i) {
        return into[i] == i;
    }

    boolean sameLayer(int i, int j) {
        return group[strokes.layerOf(i)] == group[strokes.layerOf(j)];
    }

    /** @param end 0 or 1 */
    Point end(int i, int end) {
        return new Point(ends[4 * i + 2 * end], ends[4 * i + 2 * end + 1]);
    }

    double length(int i) {
        double dx = ends[4 * i + 2] - ends[4 * i], dy = ends[4 * i + 3] - ends[4 * i + 1];
        return Math.sqrt(dx * dx + dy * dy);
    }

    /** From its first end to its last, of length 1; 0,0 for a point. */
    Point direction(int i) {
        double l = length(i);
        return l > 0 ? new Point((ends[4 * i + 2] - ends[4 * i]) / l, (ends[4 * i + 3] - ends[4 * i + 1]) / l) : Point.ORIGIN;
    }

    /** Whether anything at a stroke has changed since it was last looked at. */
    boolean isActive(int i) {
        return active[i];
    }

    /** What changed since the last call is looked at again, and what lies near its ends. */
    void nextRound() {
        reindex();
        boolean[] now = new boolean[size()];
        for (int i = 0; i < size(); i++) {
            if (!stirred[i]) continue;
            now[i] = true;
            for (int e = 0; e < 2; e++) near(Box.around(end(i, e), 1.5 * tolerance), j -> now[j] = true);
        }
        active = now;
        stirred = new boolean[size()];
    }

    /** So many more strokes were looked at in this pass. @throws CancellationException where somebody said stop */
    void passed(int strokes) {
        progress.at(Progress.Stage.MENDING, Math.min(looked.addAndGet(strokes), PASSES * size()), PASSES * size());
    }

    // ---- changes

    void move(int i, int end, Point to) {
        stirred[i] = true;
        late[i] = true;
        ends[4 * i + 2 * end] = to.x();
        ends[4 * i + 2 * end + 1] = to.y();
        changed[i] = true;
    }

    void reshape(int i, Point a, Point b) {
        move(i, 0, a);
        move(i, 1, b);
    }

    void bend(int i, Curve.EllipticArc arc) {
        arcs[i] = arc;
        line[i] = false;
        reshape(i, arc.at(0), arc.at(1));
    }

    void becomes(int i, int part) {
        stirred[i] = true;
        into[i] = part;
    }

    void count(Mend kind, int n) {
        counts.merge(kind, n, Integer::sum);
    }

    /** What was added or taken away, to be shown. */
    void bit(Mend kind, Curve c, boolean added) {
        bits.add(new Repaired.Bit(kind, c, added));
    }

    // ---- what lies near

    /** After changes, before what asks for neighbours. */
    void reindex() {
        free = new byte[2 * size()];
        for (int i = 0; i < size(); i++) {
            if (!late[i] || into[i] != i) continue;
            late[i] = false;
            if (arcs[i] != null) {
                for (int k = 0; k < BENT; k++) {
                    Point a = arcs[i].at(k / (double) BENT), c = arcs[i].at((k + 1) / (double) BENT);
                    grid.add(i, a.x(), a.y(), c.x(), c.y());
                }
            } else if (strokes.isStraight(i)) grid.add(i, ends[4 * i], ends[4 * i + 1], ends[4 * i + 2], ends[4 * i + 3]);
            else {
                double[] xy = strokes.xy();
                for (int c = 4 * strokes.firstChord(i); c < 4 * strokes.firstChord(i + 1); c += 4) grid.add(i, xy[c], xy[c + 1], xy[c
                    + 2], xy[c + 3]);
            }
        }
    }

    /** About as large as a stroke is long on average, so that it runs through few of them; no smaller than what is asked for. */
    private double cell() {
        double all = 0;
        for (int i = 0; i < size(); i++) all += Math.min(length(i), ENDLESS / metres);
        return Math.max(4 * tolerance, all / Math.max(1, CELLS * size()));
    }

    /** Strokes that come near a box, perhaps several times. */
    void near(Box b, IntConsumer hit) {
        grid.in(b, i -> {
            if (into[i] == i) hit.accept(i);
        });
    }

    /** Of one layer, whether another than these two meets a place. */
    boolean meets(Point p, int own, int other) {
        boolean[] found = {false};
        near(Box.around(p, touch), j -> {
            if (!found[0] && j != own && j != other && sameLayer(own, j) && distance(j, p) <= touch) found[0] = true;
        });
        return found[0];
    }

    /** Whether an end meets nothing of its layer. */
    boolean isFree(int i, int end) {
        int k = 2 * i + end;
        if (free[k] == 0) free[k] = (byte) (meets(end(i, end), i, -1) ? 2 : 1);
        return free[k] == 1;
    }

    double distance(int i, Point p) {
        if (arcs[i] != null) return arcs[i].at(CurveMath.nearest(arcs[i], p)).distance(p);
        if (strokes.isStraight(i)) return distance(ends[4 * i], ends[4 * i + 1], ends[4 * i + 2], ends[4 * i + 3], p);
        double best = Double.MAX_VALUE;
        for (int c = strokes.firstChord(i); c < strokes.firstChord(i + 1); c++) {
            double[] xy = strokes.xy();
            best = Math.min(best, distance(xy[4 * c], xy[4 * c + 1], xy[4 * c + 2], xy[4 * c + 3], p));
        }
        return best;
    }

    private static double distance(double ax, double ay, double bx, double by, Point p) {
        double dx = bx - ax, dy = by - ay, l2 = dx * dx + dy * dy, px = p.x() - ax, py = p.y() - ay;
        double t = l2 > 0 ? Math.max(0, Math.min(1, (px * dx + py * dy) / l2)) : 0;
        double ox = px - t * dx, oy = py - t * dy;
        return Math.sqrt(ox * ox + oy * oy);
    }

    // ---- the end

    Repaired repaired() {
        List<Integer> which = new ArrayList<>();
        List<Curve> now = new ArrayList<>();
        for (int i = 0; i < size(); i++) {
            if (!changed[i] || into[i] != i) continue;
            which.add(i);
            now.add(arcs[i] != null ? arcs[i] : new Curve.Straight(end(i, 0), end(i, 1)));
        }
        return new Repaired(strokes.reshaped(which, now), into.clone(), counts, bits);
    }
}
