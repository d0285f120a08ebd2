package brightlintel.repair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Mend;
import brightlintel.building.Repair;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Affine;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.notation.Sketch;
import brightlintel.repair.MadeDamage.Line;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What hands and programs do to a drawing is put right, and what is right stays. */
class MendingTest {
    private static final double NEAR = 0.001;
    private static final int PLANS = 40;
    private static final Set<Mend> ALL = EnumSet.allOf(Mend.class);

    private static Repaired mend(Strokes s, double k) {
        return Mending.of(s, new Repair.Mended(ALL, 0.02), 1 / k, Progress.NONE);
    }

    /** What is left, as lines in metres. */
    private static List<Line> left(Repaired r, double k) {
        List<Line> out = new ArrayList<>();
        Strokes s = r.strokes();
        for (int i = 0; i < s.size(); i++) {
            if (r.isGone(i)) continue;
            Curve c = s.curveOf(i);
            out.add(new Line(s.layers().get(s.layerOf(i)).name(), c.at(0).plus(s.origin()).times(1 / k), c.at(1).plus(s.origin()).times(1 / k)));
        }
        return out;
    }

    /** Share of the length of some lines that lies on others, within a millimetre. */
    private static double covered(List<Line> some, List<Line> by) {
        double all = 0, good = 0;
        for (Line l : some) {
            int n = (int) Math.ceil(l.length() / 0.012);
            for (int i = 0; i < n; i++) {
                Point p = l.a().towards(l.b(), (i + 0.5) / n);
                all++;
                if (by.stream().anyMatch(x -> distance(x, p) < NEAR)) good++;
            }
        }
        return good / all;
    }

    private static double distance(Line l, Point p) {
        Point d = l.b().minus(l.a());
        double t = Math.clamp(p.minus(l.a()).dot(d) / d.dot(d), 0, 1);
        return p.distance(l.a().plus(d.times(t)));
    }

    /** Share of lines, by length, that are there as one line with the same two ends. */
    private static double whole(List<Line> should, List<Line> is) {
        double all = 0, good = 0;
        for (Line l : should) {
            all += l.length();
            if (is.stream().anyMatch(x -> x.a().distance(l.a()) < NEAR && x.b().distance(l.b()) < NEAR
                || x.a().distance(l.b()) < NEAR && x.b().distance(l.a()) < NEAR)) good += l.length();
        }
        return good / all;
    }

    /** Law: from all faults at once back to the plan; no opening is closed. */
    @Test void damagedPlansComeBack() {
        double covered = 0, extra = 0, whole = 0, before = 0;
        for (int seed = 0; seed < PLANS; seed++) {
            MadeDamage m = new MadeDamage(seed);
            List<Line> is = left(mend(MadeDamage.strokes(m.damaged, 1000), 1000), 1000);
            covered += covered(m.clean, is) / PLANS;
            extra += covered(is, m.clean) / PLANS;
            whole += whole(m.clean, is) / PLANS;
            before += whole(m.clean, m.damaged) / PLANS;
            for (Point p : m.openings)
                assertThat(is).as("seed %d: the opening at %s is open", seed, p).noneMatch(l -> !l.layer().equals("THINGS") && distance(l, p) < 0.05);
        }
        assertThat(before).as("it was damaged").isLessThan(0.5);
        assertThat(covered).isGreaterThan(0.99);
        assertThat(extra).isGreaterThan(0.99);
        assertThat(whole).as("as lines with the right ends").isGreaterThan(0.98);
    }

    /** Law: what is in order is left as it is. */
    @Test void aCleanPlanStaysAsItIs() {
        for (int seed = 0; seed < PLANS; seed++) {
            MadeDamage m = new MadeDamage(seed);
            Repaired r = mend(MadeDamage.strokes(m.clean, 1000), 1000);
            List<Line> is = left(r, 1000);
            assertThat(covered(m.clean, is)).as("seed %d: %s", seed, r.counts()).isEqualTo(1);
            assertThat(covered(is, m.clean)).as("seed %d: %s", seed, r.counts()).isGreaterThan(0.998);
        }
    }

    /** Law: a second repair finds nothing. */
    @Test void repairingTwiceChangesNothing() {
        for (int seed = 0; seed < PLANS; seed++) {
            MadeDamage m = new MadeDamage(seed);
            List<Line> once = left(mend(MadeDamage.strokes(m.damaged, 100), 100), 100);
            Repaired twice = mend(MadeDamage.strokes(once, 100), 100);
            assertThat(twice.counts()).as("seed %d", seed).isEmpty();
        }
    }

    /** Law: neither the order of strokes nor the turn of the sheet matters. */
    @ParameterizedTest @ValueSource(doubles = {0, 13.7, 90, 211})
    void orderAndTurnDoNotMatter(double degrees) {
        Affine turn = Affine.turn(Math.toRadians(degrees));
        for (int seed = 0; seed < 12; seed++) {
            MadeDamage m = new MadeDamage(seed);
            List<Line> straight = left(mend(MadeDamage.strokes(m.damaged, 1000), 1000), 1000);
            List<Line> other = new ArrayList<>(m.damaged.stream().map(l -> l.mapped(turn)).toList());
            Collections.shuffle(other, new Random(seed + 7));
            List<Line> back = left(mend(MadeDamage.strokes(other, 1000), 1000), 1000).stream().map(l -> l.mapped(turn.inverse())).toList();
            assertThat(covered(straight, back)).as("seed %d", seed).isGreaterThan(0.9995);
            assertThat(covered(back, straight)).as("seed %d", seed).isGreaterThan(0.9995);
        }
    }

    // ---- kinds, one by one

    private static Repaired of(Sketch s, Mend... kinds) {
        Strokes all = Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE);
        return Mending.of(all, new Repair.Mended(Set.of(kinds), 0.01), 0.001, Progress.NONE);
    }

    @Test void whatIsNotAskedForIsNotDone() {
        Sketch s = new Sketch().line(0, 0, 1000, 0).line(0, 0, 1000, 0).line(1005, 0, 2000, 0).line(2000, 8, 2000, 900);
        assertThat(of(s, Mend.DOUBLED).counts()).containsOnlyKeys(Mend.DOUBLED);
        assertThat(of(s, Mend.GAPS).counts()).containsOnlyKeys(Mend.GAPS);
        assertThat(of(s, Mend.ARCS).counts()).isEmpty();
    }

    @Test void aLineKnowsWhatItWasMadeOf() {
        Repaired r = of(new Sketch().line(0, 0, 1000, 0).line(1000, 0, 2500, 0).line(2504, 0, 3000, 0), Mend.FRAGMENTS, Mend.GAPS);
        int one = r.last(0);
        assertThat(r.sources(one)).containsExactly(0, 1, 2);
        assertThat(r.strokes().curveOf(one).length()).isCloseTo(3000, within(1e-9));
        assertThat(r.strokes().size()).as("each stroke keeps its place").isEqualTo(3);
        assertThat(r.bits()).singleElement().satisfies(b -> assertThat(b.curve().length()).isCloseTo(4, within(1e-9)));
    }

    @Test void twoLayersAreTwoThings() {
        Repaired r = of(new Sketch().on("A").line(0, 0, 1000, 0).on("B").line(0, 0, 1000, 0).on("C").line(1004, 3, 1004, 900), Mend.values());
        assertThat(r.counts()).isEmpty();
    }

    @Test void wallsOnTwoLayersAreMendedAsOne() {
        Sketch s = new Sketch().on("WALLS").line(0, 0, 1000, 0).on("0").line(1004, 3, 1004, 900).line(200, 0, 700, 0);
        Strokes all = Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE);
        assertThat(Mending.of(all, new Repair.Mended(ALL, 0.01), 0.001, Progress.NONE).counts()).isEmpty();
        assertThat(Mending.of(all, new Repair.Mended(ALL, 0.01, Set.of("Walls", "0")), 0.001, Progress.NONE).counts())
            .containsEntry(Mend.GAPS, 2).containsEntry(Mend.OVERLAPS, 1);
    }

    @Test void whereSomethingElseMeetsPiecesStayPieces() {
        Repaired r = of(new Sketch().line(0, 0, 1000, 0).line(1000, 0, 2000, 0).line(1000, 0, 1000, 500), Mend.values());
        assertThat(r.counts()).isEmpty();
    }

    @Test void aRealOpeningIsNeverClosed() {
        Sketch s = new Sketch();
        for (int i = 0; i < 8; i++) s.line(1100 * i, 0, 1100 * i + 600, 0).line(1100 * i, 240, 1100 * i + 600, 240);
        assertThat(of(s, Mend.values()).counts()).as("gaps of half a metre in a row are no dashes").isEmpty();
    }

    @Test void dashesOfARowAreOneLine() {
        Sketch s = new Sketch();
        for (int i = 0; i < 9; i++) s.line(150 * i, 0, 150 * i + 100, 0);
        for (int i = 0; i < 6; i++) s.line(0, 400 + 500 * i, 0, 800 + 500 * i).line(0, 845 + 500 * i, 0, 855 + 500 * i);
        Repaired r = of(s, Mend.DASHES);
        assertThat(r.counts()).containsEntry(Mend.DASHES, 2);
        List<Line> is = left(r, 1000);
        assertThat(is).hasSize(2);
        assertThat(whole(List.of(new Line("", new Point(0, 0), new Point(1.3, 0)), new Line("", new Point(0, 0.4), new Point(0, 3.355))), is)).isEqualTo(1);
    }

    /** Law: arcs of any size and sweep come back from their pieces; corners of many sides do not become round. */
    @Test void piecesOfAnArcAreAnArcAgain() {
        Random random = new Random(5);
        for (int n = 0; n < 200; n++) {
            double r = 200 + 4000 * random.nextDouble(), from = 7 * random.nextDouble(), sweep = Math.toRadians(40 + 300 * random.nextDouble());
            int pieces = (int) Math.ceil(sweep / Math.toRadians(4 + 10 * random.nextDouble()));
            if (pieces < 5 || r * sweep / pieces > 790) continue;
            Sketch s = new Sketch();
            for (int i = 0; i < pieces; i++) {
                double a = from + sweep * i / pieces, b = from + sweep * (i + 1) / pieces;
                s.line(9e5 + r * Math.cos(a), r * Math.sin(a), 9e5 + r * Math.cos(b), r * Math.sin(b));
            }
            Repaired done = of(s, Mend.ARCS);
            assertThat(done.counts()).as("r %f, sweep %f, %d pieces", r, sweep, pieces).containsEntry(Mend.ARCS, 1);
            Curve c = done.strokes().curveOf(done.last(0));
            assertThat(c).isInstanceOfSatisfying(Curve.EllipticArc.class, arc -> {
                assertThat(arc.u().length()).isCloseTo(r, within(0.01));
                assertThat(Math.abs(arc.sweep())).isCloseTo(sweep, within(1e-4));
            });
        }
        assertThat(of(new Sketch().polyline(true, 100, 0, 71, 71, 0, 100, -71, 71, -100, 0, -71, -71, 0, -100, 71, -71), Mend.ARCS).counts())
            .as("a column of eight sides").isEmpty();
    }

    @Test void crumbsThatHangOnNothingGo() {
        Repaired r = of(new Sketch().line(0, 0, 2, 0).line(50, 50, 50, 50).line(1000, 0, 2000, 0).line(2000, 0, 2000, 2), Mend.CRUMBS);
        assertThat(r.counts()).containsEntry(Mend.CRUMBS, 2);
        assertThat(r.isGone(0)).isTrue();
        assertThat(r.isGone(3)).as("the end of a line").isFalse();
        assertThat(r.last(0)).isNegative();
    }

    @Test void hatchesAndMeasuresAreLeftAlone() {
        Sketch s = new Sketch().dimension(0, 3000, 500, "").dimension(0, 3000, 500, "");
        assertThat(of(s, Mend.values()).counts()).isEmpty();
    }

    @Test void stoppedItStops() {
        Strokes s = MadeDamage.strokes(new MadeDamage(1).damaged, 1000);
        Progress stop = (_, _, _) -> {
            throw new CancellationException();
        };
        assertThatThrownBy(() -> Mending.of(s, new Repair.Mended(ALL, 0.02), 0.001, stop))
            .isInstanceOf(CancellationException.class);
    }

    @Test void noGapOfHalfAMetreMayBeAskedFor() {
        assertThatThrownBy(() -> new Repair.Mended(ALL, 0.5)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Repair.Mended(ALL, Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }
}
