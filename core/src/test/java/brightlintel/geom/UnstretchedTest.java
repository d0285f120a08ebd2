package brightlintel.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.notation.Seeds;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class UnstretchedTest {
    /** Law: what a sheet drew out and a measured factor draws back is the arc that it was, within what was measured. */
    @Test void arcsAndSplinesAreRoundAgain() {
        Seeds.each(60, seed -> {
            Random r = new Random(seed);
            double radius = 0.5 + 3 * r.nextDouble(), start = 6 * r.nextDouble(), sweep = (r.nextBoolean() ? 1 : -1) * (0.3 + 1.4 * r.nextDouble());
            Curve.EllipticArc arc = Curve.EllipticArc.circular(new Point(r.nextDouble(), r.nextDouble()), radius, start, sweep);
            Affine drawn = Affine.scale(1 + 0.05 * r.nextDouble(), 1), back = new Affine(1 / drawn.a() * (1 + 1e-3 * r.nextGaussian()), 0, 0, 1, 0, 0);
            double k = 4.0 / 3 * Math.tan(sweep / 4);
            Point p = arc.first(), q = arc.last(), tp = p.minus(arc.centre()).left(), tq = q.minus(arc.centre()).left();
            Nurbs spline = new Nurbs(3, new double[] {0, 0, 0, 0, 1, 1, 1, 1}, new double[] {1, 1, 1, 1}, List.of(p, p.plus(tp.times(k)),
                q.minus(tq.times(k)), q));
            for (Curve c : List.of(arc, spline)) {
                Curve made = Unstretched.of(c.mapped(drawn).mapped(back));
                assertThat(made).as("seed " + seed).isInstanceOfSatisfying(Curve.EllipticArc.class, a -> {
                    assertThat(a.isCircular()).isTrue();
                    assertThat(a.first().distance(arc.first())).isLessThan(0.02);
                    assertThat(a.last().distance(arc.last())).isLessThan(0.02);
                    assertThat(Math.signum(a.sweep())).isEqualTo(Math.signum(sweep));
                });
            }
        });
    }

    @Test void whatIsNotRoundStaysWhatItIs() {
        Curve ellipse = new Curve.EllipticArc(Point.ORIGIN, new Point(3, 0), new Point(0, 2), 0, 2);
        assertThat(Unstretched.of(ellipse)).isSameAs(ellipse);
        Curve line = new Curve.Straight(Point.ORIGIN, new Point(1, 1));
        assertThat(Unstretched.of(line)).isSameAs(line);
        Curve whole = new Curve.EllipticArc(Point.ORIGIN, new Point(1, 0), new Point(0, 1.004), 0, Angles.TURN);
        assertThat(Unstretched.of(whole)).isInstanceOfSatisfying(Curve.EllipticArc.class, a -> assertThat(a.u().length()).isCloseTo(1.002, within(1e-9)));
    }
}
