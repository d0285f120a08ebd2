package brightlintel.correct.look;

import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Strokes;
import java.util.Arrays;
import java.util.Set;

/**
 * Straight strokes that are shown, without those of written measures, in a frame that is turned with the plan: x0 y0 x1 y1 of each, and
 * the stroke it is. Never changed.
 */
public final class Segments {
    private final double[] xy;
    private final int[] stroke;

    private Segments(double[] xy, int[] stroke) {
        this.xy = xy;
        this.stroke = stroke;
    }

    static Segments of(Drawn d) {
        Strokes s = d.strokes();
        Set<EntityKey> measures = d.measureKeys();
        double[] xy = new double[4 * s.size()];
        int[] stroke = new int[s.size()];
        int n = 0;
        for (int i = 0; i < s.size(); i++) {
            if (!s.isStraight(i) || !d.strokeShown().test(i) || s.entityOf(i) instanceof Entity.Endless) continue;
            if (s.pathOf(i) != null && measures.contains(s.pathOf(i).insert())) continue;
            System.arraycopy(s.xy(), 4 * s.firstChord(i), xy, 4 * n, 4);
            if (xy[4 * n] == xy[4 * n + 2] && xy[4 * n + 1] == xy[4 * n + 3]) continue;
            stroke[n++] = i;
        }
        return new Segments(Arrays.copyOf(xy, 4 * n), Arrays.copyOf(stroke, n));
    }

    /** Turned about the origin. */
    Segments turned(double by) {
        double c = Math.cos(by), s = Math.sin(by);
        double[] out = new double[xy.length];
        for (int i = 0; i < xy.length; i += 2) {
            out[i] = c * xy[i] - s * xy[i + 1];
            out[i + 1] = s * xy[i] + c * xy[i + 1];
        }
        return new Segments(out, stroke);
    }

    public int size() {
        return stroke.length;
    }

    public int stroke(int i) {
        return stroke[i];
    }

    public double x0(int i) {
        return xy[4 * i];
    }

    public double y0(int i) {
        return xy[4 * i + 1];
    }

    public double x1(int i) {
        return xy[4 * i + 2];
    }

    public double y1(int i) {
        return xy[4 * i + 3];
    }

    public double length(int i) {
        return Math.hypot(x1(i) - x0(i), y1(i) - y0(i));
    }

    /** Of the line, 0 up to half a turn. */
    public double angle(int i) {
        double a = Math.atan2(y1(i) - y0(i), x1(i) - x0(i));
        return a < 0 ? a + Math.PI : a >= Math.PI ? 0 : a;
    }

    /** For an index: not to be changed. */
    double[] xy() {
        return xy;
    }
}
