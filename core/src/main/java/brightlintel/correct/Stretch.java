package brightlintel.correct;

import brightlintel.building.Scale;
import brightlintel.geom.Point;
import java.util.List;
import java.util.Optional;

/**
 * A sheet that came out of a machine longer one way than the other: known lengths across each other give a factor along each axis of the
 * file.
 */
public final class Stretch {
    /** Beyond this share a sheet was not stretched, but a length misread. */
    private static final double MOST = 0.25, HAIR = 0.01;

    private Stretch() { }

    /** @param drawn from end to end, file units; truth: metres */
    public record Length(Point drawn, double truth) {
        public double at(Scale s) {
            return Math.hypot(drawn.x() * s.metresPerUnitX(), drawn.y() * s.metresPerUnitY());
        }

        /** Metres by which it comes out too long. */
        public double error(Scale s) {
            return at(s) - truth;
        }
    }

    /**
     * By least squares over the squares of the lengths, in which both factors' squares are linear. Nothing where the lengths run the same
     * way, or where the factors would part by more than a machine stretches.
     */
    public static Optional<Scale> of(List<Length> lengths) {
        double xx = 0, xy = 0, yy = 0, xt = 0, yt = 0;
        for (Length l : lengths) {
            // by its own length, so that a long one does not drown a short one
            double n = 1 / (l.truth * l.truth), x = l.drawn.x() * l.drawn.x() * n, y = l.drawn.y() * l.drawn.y() * n;
            xx += x * x;
            xy += x * y;
            yy += y * y;
            xt += x;
            yt += y;
        }
        double det = xx * yy - xy * xy;
        // each axis has to be in some length by a third of it, or its factor hangs on a hair
        boolean both = yy > HAIR * xx && xx > HAIR * yy;
        if (!both || !(det > HAIR * xx * yy)) return Optional.empty();
        double sx = (xt * yy - yt * xy) / det, sy = (yt * xx - xt * xy) / det;
        if (!(sx > 0 && sy > 0)) return Optional.empty();
        Scale s = new Scale(Math.sqrt(sx), Math.sqrt(sy));
        return Math.abs(s.metresPerUnitX() / s.metresPerUnitY() - 1) > MOST ? Optional.empty() : Optional.of(s);
    }
}
