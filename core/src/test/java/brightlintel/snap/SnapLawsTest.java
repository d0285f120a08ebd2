package brightlintel.snap;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Clearing;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.geom.Crossings;
import brightlintel.geom.Curve;
import brightlintel.geom.CurveMath;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Seeds;
import brightlintel.place.PlacedDrawing;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What is snapped to, held against a slow look at every stroke. */
class SnapLawsTest {
    private static final double RING = 0.4;

    private static PlacedDrawing drawing(Random r) {
        StringBuilder b = new StringBuilder();
        for (int i = 0; i < 60; i++) {
            if (r.nextInt(4) == 0) b.append("A circle %d %d %d%n".formatted(r.nextInt(2000), r.nextInt(2000), 50 + r.nextInt(400)));
            else b.append("A %d %d %d %d%n".formatted(r.nextInt(2000), r.nextInt(2000), r.nextInt(2000), r.nextInt(2000) + 1));
        }
        try {
            Placement p = Placement.assumed(0.01, new Point(700, 300)).withTurn(Given.stated(r.nextDouble() * 6));
            return Drawings.placed(Drawings.read(b.toString()), r.nextBoolean() ? p : p.withMirrored(true), Clearing.NONE);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private static Snapper snapper(PlacedDrawing d) {
        return new Snapper(new Snapper.Scene(List.of(d), List.of(), List.of(), List.of()), SnapSettings.USUAL);
    }

    private static Point somewhere(PlacedDrawing d, Random r) {
        Curve c = d.curve(r.nextInt(d.strokes().size()));
        return c.at(r.nextDouble()).plus(new Point(r.nextGaussian() * 0.1, r.nextGaussian() * 0.1));
    }

    /**
     * Law: each candidate is what it says, within the ring, on its strokes; no two lie in one place; the order does not depend on chance.
     */
    @Test void everySnapIsWhatItSays() {
        Seeds.each(8, seed -> {
            Random r = new Random(seed);
            PlacedDrawing d = drawing(r);
            for (int i = 0; i < 60; i++) {
                Point at = somewhere(d, r), from = new Point(r.nextGaussian() * 9, r.nextGaussian() * 9);
                List<Snap> found = snapper(d).near(at, RING, Optional.of(from));
                for (Snap s : found) {
                    assertThat(s.at().distance(at)).isLessThanOrEqualTo(RING);
                    for (Snap.Hit h : s.hits()) {
                        Curve c = d.curve(h.stroke());
                        double off = c.at(CurveMath.nearest(c, s.at())).distance(s.at());
                        if (s.kind() != SnapKind.CENTRE) assertThat(off).as("%s of %s", s.kind(), c).isLessThan(1e-6);
                        check(s, c, from);
                    }
                }
                for (int a = 0; a < found.size(); a++)
                    for (int b = 0; b < a; b++) assertThat(found.get(a).at().distance(found.get(b).at())).isGreaterThanOrEqualTo(1e-7);
                assertThat(snapper(d).near(at, RING, Optional.of(from))).isEqualTo(found);
            }
        });
    }

    private static void check(Snap s, Curve c, Point from) {
        switch (s.kind()) {
            case END -> assertThat(Math.min(c.first().distance(s.at()), c.last().distance(s.at()))).isLessThan(1e-9);
            case CENTRE -> assertThat(((Curve.EllipticArc) c).centre().distance(s.at())).isLessThan(1e-9);
            case SQUARE_TO -> {
                Point along = c.derivative(CurveMath.nearest(c, s.at())).unit();
                assertThat(Math.abs(along.dot(from.minus(s.at()).unit()))).isLessThan(1e-4);
            }
            case TANGENT -> {
                Point along = c.derivative(CurveMath.nearest(c, s.at())).unit();
                assertThat(Math.abs(along.cross(from.minus(s.at()).unit()))).isLessThan(1e-5);
            }
            case MIDDLE, CROSSING, ON_STROKE, GRID_CROSSING, MODEL_CORNER, EVEN_STEP, ROUND_STEP -> { }
        }
    }

    /** Law: no end, no centre and no nearest place is missed; crossings under the pointer are found. */
    @Test void nothingThatLiesInTheRingIsMissed() {
        Seeds.each(8, seed -> {
            Random r = new Random(seed);
            PlacedDrawing d = drawing(r);
            for (int i = 0; i < 60; i++) {
                Point at = somewhere(d, r);
                List<Snap> found = snapper(d).near(at, RING, Optional.empty());
                List<Point> want = new ArrayList<>();
                for (int s = 0; s < d.strokes().size(); s++) {
                    Curve c = d.curve(s);
                    if (c instanceof Curve.EllipticArc a) want.add(a.centre());
                    else want.addAll(List.of(c.first(), c.last(), c.at(0.5)));
                }
                for (Point p : want)
                    if (p.distance(at) < RING - 1e-9) assertThat(found).as("%s by %s", p, at).anyMatch(s -> s.at().distance(p) < 1e-6);
            }
        });
    }

    @Test void aCrossingUnderThePointerIsFound() {
        Seeds.each(6, seed -> {
            Random r = new Random(seed);
            PlacedDrawing d = drawing(r);
            int tried = 0;
            for (int a = 0; a < d.strokes().size() && tried < 40; a++)
                for (int b = 0; b < a && tried < 40; b++)
                    for (CurveMath.Crossing x : Crossings.of(d.curve(a), d.curve(b))) {
                        double angle = Math.abs(d.curve(a).derivative(x.t()).unit().cross(d.curve(b).derivative(x.s()).unit()));
                        if (angle < 0.2) continue;
                        tried++;
                        Point near = x.at().plus(Point.polar(r.nextDouble() * 6, 0.02));
                        assertThat(snapper(d).near(near, RING, Optional.empty())).as("at %s", x.at())
                            .anyMatch(s -> s.at().distance(x.at()) < 1e-6);
                    }
            assertThat(tried).isPositive();
        });
    }

    @Test void whatIsSwitchedOffIsNotOffered() {
        PlacedDrawing d = drawing(new Random(4));
        SnapSettings noEnds = SnapSettings.USUAL.toggled(SnapKind.END), noDrawing = SnapSettings.USUAL.toggled(SnapSource.DRAWING);
        Snapper.Scene scene = new Snapper.Scene(List.of(d), List.of(), List.of(), List.of());
        for (int s = 0; s < d.strokes().size(); s++) {
            if (!(d.curve(s) instanceof Curve.Straight c)) continue;
            assertThat(new Snapper(scene, noEnds).near(c.a(), 0.05, Optional.empty())).noneMatch(x -> x.kind() == SnapKind.END);
            assertThat(new Snapper(scene, noDrawing).near(c.a(), 0.05, Optional.empty())).isEmpty();
            assertThat(new Snapper(scene, SnapSettings.USUAL).near(c.a(), 0.05, Optional.empty()).getFirst().at().distance(c.a()))
                .isLessThan(1e-9);
        }
    }

    /** Law: what wins among a few strokes found by place is what wins when each stroke is looked at, crossings of all pairs included. */
    @Test void theWinnerIsThatOfTheSlowWay() {
        Seeds.each(10, seed -> {
            Random r = new Random(seed);
            PlacedDrawing d = drawing(r);
            for (int i = 0; i < 40; i++) {
                Point at = somewhere(d, r);
                List<Snap> found = snapper(d).near(at, RING, Optional.empty());
                double least = Double.POSITIVE_INFINITY;
                for (Slow s : slow(d)) if (s.at.distance(at) <= RING) least = Math.min(least, rank(s, at));
                if (found.isEmpty() || found.getFirst().kind() == SnapKind.ON_STROKE) assertThat(least).isInfinite();
                else assertThat(rank(new Slow(found.getFirst().kind(), found.getFirst().at()), at)).isLessThanOrEqualTo(least + 1e-9);
            }
        });
    }

    private record Slow(SnapKind kind, Point at) { }

    private static double rank(Slow s, Point at) {
        return s.at.distance(at) / RING + 0.06 * s.kind.ordinal();
    }

    private static List<Slow> slow(PlacedDrawing d) {
        List<Slow> out = new ArrayList<>();
        for (int s = 0; s < d.strokes().size(); s++) {
            Curve c = d.curve(s);
            if (c instanceof Curve.EllipticArc a) {
                out.add(new Slow(SnapKind.CENTRE, a.centre()));
                for (int q = 0; q < 4; q++) out.add(new Slow(SnapKind.MIDDLE, a.at(q / 4.0)));
            } else {
                out.add(new Slow(SnapKind.END, c.first()));
                out.add(new Slow(SnapKind.END, c.last()));
                out.add(new Slow(SnapKind.MIDDLE, c.at(0.5)));
            }
            for (int k = 0; k < s; k++)
                for (CurveMath.Crossing x : Crossings.of(c, d.curve(k))) out.add(new Slow(SnapKind.CROSSING, x.at()));
        }
        return out;
    }
}
