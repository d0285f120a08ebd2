package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Look;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A drawing turned upright and in metres, and what was seen of each stroke and mark so far. Each pass adds what it has seen to the roles;
 * the
 * largest sum of a stroke is its role.
 */
final class Sight {
    private static final int ROLES = Role.values().length;
    final Look look;
    final Strokes strokes;
    final double metres;
    /** Grid lines that have no tags. */
    final List<BareAxes.Axis> axes = new ArrayList<>();
    private final Affine upright, back;
    private final float[] seen, seenOfMarks;
    private final double[] boxes;

    Sight(Reckoning r) {
        look = r.look();
        strokes = look.strokes();
        metres = r.size().metresPerUnit();
        double turn = look.directions().isEmpty() ? 0 : look.directions().getFirst().angle();
        upright = Affine.turn(-turn).then(Affine.scale(metres, metres));
        back = upright.inverse();
        seen = new float[strokes.size() * ROLES];
        seenOfMarks = new float[strokes.marks() * ROLES];
        boxes = new double[4 * strokes.size()];
        for (int i = 0; i < strokes.size(); i++) {
            Box b = boxOf(i);
            boxes[4 * i] = b.minX();
            boxes[4 * i + 1] = b.minY();
            boxes[4 * i + 2] = b.maxX();
            boxes[4 * i + 3] = b.maxY();
        }
    }

    /** From shifted file units to metres, upright. */
    Affine upright() {
        return upright;
    }

    Point at(Point shifted) {
        return upright.apply(shifted);
    }

    /** A box in upright metres as one in shifted file units that holds it. */
    Box inFile(Box metres) {
        return metres.mapped(back);
    }

    /** Upright, metres; worked out once. */
    Box box(int stroke) {
        int k = 4 * stroke;
        return new Box(boxes[k], boxes[k + 1], boxes[k + 2], boxes[k + 3]);
    }

    private Box boxOf(int stroke) {
        Box b = Box.EMPTY;
        double[] xy = strokes.xy();
        for (int c = strokes.firstChord(stroke); c < strokes.firstChord(stroke + 1); c++) {
            b = b.with(at(new Point(xy[4 * c], xy[4 * c + 1])));
            b = b.with(at(new Point(xy[4 * c + 2], xy[4 * c + 3])));
        }
        return b;
    }

    double length(int stroke) {
        return strokes.curveOf(stroke).length() * metres;
    }

    boolean isShown(int stroke) {
        return look.drawn().strokeShown().test(stroke);
    }

    void see(int stroke, Role r, double weight) {
        seen[stroke * ROLES + r.ordinal()] += (float) weight;
    }

    /** At most so much in all. */
    void seeUpTo(int stroke, Role r, double weight, double most) {
        int k = stroke * ROLES + r.ordinal();
        seen[k] = (float) Math.min(most, seen[k] + weight);
    }

    double of(int stroke, Role r) {
        return seen[stroke * ROLES + r.ordinal()];
    }

    void seeMark(int mark, Role r, double weight) {
        seenOfMarks[mark * ROLES + r.ordinal()] += (float) weight;
    }

    /** What a stroke is by what was seen; OTHER where nothing was. */
    Role role(int stroke) {
        return best(seen, stroke * ROLES);
    }

    Role markRole(int mark) {
        return best(seenOfMarks, mark * ROLES);
    }

    private static Role best(float[] all, int from) {
        int best = -1;
        for (int i = 0; i < ROLES; i++) if (all[from + i] > (best < 0 ? 0 : all[from + best])) best = i;
        return best < 0 ? Role.OTHER : Role.values()[best];
    }

    /** Box of most of some strokes: a few that reach far out of it do not count. */
    Box bulk(int[] some, double share) {
        int n = some.length, out = (int) ((1 - share) / 2 * n);
        if (n == 0) return Box.EMPTY;
        double[] minX = new double[n], minY = new double[n], maxX = new double[n], maxY = new double[n];
        for (int i = 0; i < n; i++) {
            Box b = box(some[i]);
            minX[i] = b.minX();
            minY[i] = b.minY();
            maxX[i] = b.maxX();
            maxY[i] = b.maxY();
        }
        for (double[] all : new double[][] {minX, minY, maxX, maxY}) Arrays.sort(all);
        return new Box(minX[out], minY[out], maxX[n - 1 - out], maxY[n - 1 - out]);
    }
}
