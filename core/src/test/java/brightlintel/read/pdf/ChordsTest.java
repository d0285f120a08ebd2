package brightlintel.read.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;

import brightlintel.geom.Curve;
import brightlintel.geom.Point;

/** Arcs that a writer flattened. */
class ChordsTest {
    /** Corners about 0,0, at some angles. */
    private static List<Curve> chords(double r, double... degrees) {
        List<Curve> out = new ArrayList<>();
        for (int i = 1; i < degrees.length; i++) out.add(new Curve.Straight(Point.polar(Math.toRadians(degrees[i - 1]), r), Point.polar(Math.toRadians(
            degrees[i]), r)));
        return out;
    }

    private static double[] steps(double from, double step, int n, double last) {
        double[] out = new double[n + 2];
        for (int i = 0; i <= n; i++) out[i] = from + step * i;
        out[n + 1] = last;
        return out;
    }

    /** A window cuts the chords of a round wall: the last one is shorter than the others. */
    @Test void theRestOfAChordBelongsToTheArc() {
        List<Curve> arc = Chords.rounded(chords(400, steps(0, 1, 12, 12.4)));
        assertThat(arc).singleElement().isInstanceOfSatisfying(Curve.EllipticArc.class, a -> {
            assertThat(a.u().length()).isCloseTo(400, within(0.01));
            assertThat(Math.toDegrees(a.sweep())).isCloseTo(12.4, within(1e-3));
            assertThat(a.last().distance(Point.polar(Math.toRadians(12.4), 400))).isLessThan(1e-6);
        });
        List<Curve> closed = new ArrayList<>(chords(400, steps(0, 1, 12, 12.4)));
        closed.add(new Curve.Straight(closed.getLast().last(), new Point(300, 0)));
        assertThat(Chords.rounded(closed)).hasSize(2).last().isInstanceOf(Curve.Straight.class);
    }

    /** Drawn out by a few hundredths, a leaf's way is no arc, nor is the part of it that a circle comes near. */
    @Test void chordsOfAnOvalStayChordsToTheLast() {
        List<Curve> oval = new ArrayList<>();
        for (Curve c : chords(23, steps(0, 15, 5, 90))) oval.add(new Curve.Straight(new Point(c.first().x() * 0.974, c.first().y()),
            new Point(c.last().x() * 0.974, c.last().y())));
        assertThat(Chords.rounded(oval)).isEqualTo(oval);
        assertThat(Chords.rounded(chords(23, steps(0, 15, 5, 90)))).as("the same undrawn").hasSize(1);
    }

    @Test void fewChordsOfLittleOfACircleStayChords() {
        assertThat(Chords.rounded(chords(400, steps(0, 1, 5, 6)))).hasSize(6).allMatch(c -> c instanceof Curve.Straight);
    }

    /** Corners are rounded to hundredths of a point: the circle is about all of them, and its ends are the chords' own. */
    @Test void anArcIsAsRoundAsAllItsCornersTell() {
        List<Curve> rounded = new ArrayList<>();
        for (Curve c : chords(700, steps(10, 0.8, 15, 22.8))) rounded.add(new Curve.Straight(cut(c.first()), cut(c.last())));
        assertThat(Chords.rounded(rounded)).singleElement().isInstanceOfSatisfying(Curve.EllipticArc.class, a -> {
            assertThat(a.first().distance(rounded.getFirst().first())).isLessThan(1e-9);
            assertThat(a.last().distance(rounded.getLast().last())).isLessThan(1e-9);
            assertThat(a.u().length()).isCloseTo(700, within(2.0));
        });
    }

    private static Point cut(Point p) {
        return new Point(Math.rint(100 * p.x()) / 100, Math.rint(100 * p.y()) / 100);
    }
}
