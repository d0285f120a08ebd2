package brightlintel.correct;

import brightlintel.building.Straightening;
import brightlintel.geom.Box;
import brightlintel.geom.Homography;
import brightlintel.geom.Linear;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Straightens by rectangles whose sides are known. Four corners settle a camera's map exactly; a second rectangle, lying anywhere, is three
 * unknowns more and eight figures more, so that all corners are met as well as can be (Gauss and Newton, a few rounds) and what remains
 * tells how far picture, picks and sides are to be trusted.
 */
public final class FourPoints {
    private static final int ROUNDS = 30, CAMERA = 8;
    private static final double STEP = 1e-6;

    private FourPoints() { }

    /**
     * @param remains metres, the largest of all corners; 0 for one rectangle, which is met exactly; pixel: metres that one file unit is
     * there
     */
    public record Fitted(Straightening straightening, double remains, double pixel) { }

    /** @throws IllegalArgumentException where corners lie on one line or cross over */
    public static Fitted fit(List<Straightening.Rectangle> rectangles) {
        Straightening.Rectangle one = rectangles.getFirst();
        for (Straightening.Rectangle r : rectangles)
            if (!isConvex(r.corners())) throw new IllegalArgumentException("corners that cross over");
        double metres = Math.sqrt(one.first() * one.second() / Math.abs(one.area()));
        Point middle = Box.of(one.corners()).centre(), home = middle.minus(middle(one.truth()).times(1 / metres));
        List<Point> to = one.truth().stream().map(p -> p.times(1 / metres).plus(home)).toList();
        Homography exact = Homography.of(one.corners(), to);
        if (rectangles.size() == 1) return new Fitted(new Straightening(rectangles, exact, metres), 0, metres);
        Problem problem = new Problem(one.corners(), to, rectangles.get(1), metres);
        double[] x = problem.solve(exact);
        Homography best = problem.camera(x);
        double worst = 0;
        double[] off = problem.off(x);
        for (int i = 0; i < off.length; i += 2) worst = Math.max(worst, Math.hypot(off[i], off[i + 1]));
        return new Fitted(new Straightening(rectangles, best, metres), worst * metres, metres);
    }

    private static Point middle(List<Point> p) {
        return Box.of(p).centre();
    }

    private static boolean isConvex(List<Point> p) {
        double sign = 0;
        for (int i = 0; i < 4; i++) {
            Point a = p.get(i), b = p.get((i + 1) % 4), c = p.get((i + 2) % 4);
            double turn = b.minus(a).cross(c.minus(b)) / Math.max(1e-300, b.minus(a).length() * c.minus(b).length());
            if (Math.abs(turn) < 0.01 || sign * turn < 0) return false;
            sign = turn;
        }
        return true;
    }

    /** Where four corners go, and how a second rectangle lies: eight figures and three. */
    private record Problem(List<Point> from, List<Point> to, Straightening.Rectangle second, double metres) {
        /** The camera by where it takes the first corners: figures of one size, unlike those of the map itself. */
        Homography camera(double[] x) {
            List<Point> there = new ArrayList<>();
            for (int i = 0; i < 4; i++) there.add(new Point(x[2 * i], x[2 * i + 1]));
            return Homography.of(from, there);
        }

        double[] off(double[] x) {
            double[] out = new double[16];
            for (int i = 0; i < 4; i++) {
                out[2 * i] = x[2 * i] - to.get(i).x();
                out[2 * i + 1] = x[2 * i + 1] - to.get(i).y();
            }
            Homography c = camera(x);
            Point at = new Point(x[CAMERA], x[CAMERA + 1]);
            for (int i = 0; i < 4; i++) {
                Point d = c.apply(second.corners().get(i)).minus(second.truth().get(i).times(1 / metres).turn(x[CAMERA + 2]).plus(at));
                out[8 + 2 * i] = d.x();
                out[9 + 2 * i] = d.y();
            }
            return out;
        }

        double[] solve(Homography exact) {
            double[] x = new double[CAMERA + 3];
            for (int i = 0; i < 4; i++) {
                x[2 * i] = to.get(i).x();
                x[2 * i + 1] = to.get(i).y();
            }
            Point a = exact.apply(second.corners().get(0)), b = exact.apply(second.corners().get(1));
            x[CAMERA] = a.x();
            x[CAMERA + 1] = a.y();
            x[CAMERA + 2] = b.minus(a).angle();
            double size = Box.of(to).diagonal();
            for (int round = 0; round < ROUNDS; round++) {
                double[] step = step(x, size);
                double moved = 0;
                for (int i = 0; i < x.length; i++) {
                    x[i] += step[i];
                    moved = Math.max(moved, Math.abs(step[i]) / (i == CAMERA + 2 ? 1 : size));
                }
                if (moved < 1e-12) break;
            }
            return x;
        }

        private double[] step(double[] x, double size) {
            double[] off = off(x);
            int n = x.length;
            double[][] slopes = new double[n][];
            for (int k = 0; k < n; k++) {
                double h = k == CAMERA + 2 ? STEP : STEP * size;
                double[] y = x.clone();
                y[k] += h;
                slopes[k] = off(y);
                for (int i = 0; i < off.length; i++) slopes[k][i] = (slopes[k][i] - off[i]) / h;
            }
            double[][] m = new double[n][n + 1];
            for (int r = 0; r < n; r++) {
                for (int c = 0; c < n; c++) for (int i = 0; i < off.length; i++) m[r][c] += slopes[r][i] * slopes[c][i];
                for (int i = 0; i < off.length; i++) m[r][n] -= slopes[r][i] * off[i];
            }
            return Linear.solve(m);
        }
    }
}
