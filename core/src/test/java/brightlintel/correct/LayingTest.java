package brightlintel.correct;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.geom.Point;
import brightlintel.notation.Seeds;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Storeys drawn by different offices come to lie on each other, or it is said that they may not. */
class LayingTest {
    private static final int PAIRS = 60;
    private static final double CLOSE = 0.005;

    private static Point laid(Laying l, Point file) {
        return file.minus(l.anchor()).times(l.metresPerUnit()).turn(-l.turn()).plus(l.at());
    }

    /** How far the corners of the building come to lie apart, metres. */
    private static double apart(MadePlan lower, MadePlan upper, List<Laying> laid) {
        double worst = 0, w = lower.shell.x()[lower.shell.x().length - 1], d = lower.shell.y()[lower.shell.y().length - 1];
        for (double x : new double[] {0, w})
            for (double y : new double[] {0, d})
                worst = Math.max(worst, laid(laid.get(0), lower.inFile(x, y)).distance(laid(laid.get(1), upper.inFile(x, y))));
        return worst;
    }

    private static MadePlan storey(long seed, MadePlan.Shell shell) {
        MadePlan p = new MadePlan(seed);
        p.shell = shell;
        p.jitter = 0;
        if (p.walls == MadePlan.Walls.ONE_LINE) p.walls = MadePlan.Walls.TWO_LINES;
        if (p.measured == MadePlan.Measured.NONE) p.measured = MadePlan.Measured.TICKS;
        return p;
    }

    @Test void storeysOfOneBuildingComeToLieOnEachOther() {
        List<String> wrong = new ArrayList<>(), unsure = new ArrayList<>();
        for (long seed : Seeds.upTo(PAIRS)) {
            MadePlan.Shell shell = MadePlan.Shell.of(seed);
            MadePlan lower = storey(2 * seed + 1000, shell), upper = storey(2 * seed + 1001, shell);
            if (seed % 4 == 0) upper.turn += Math.PI / 2;
            List<Reckoning> both = List.of(ReckoningTest.reckon(lower.drawing()), ReckoningTest.reckon(upper.drawing()));
            List<Laying> laid = Laying.of(both);
            double apart = apart(lower, upper, laid);
            String words = seed + " apart " + apart + " " + laid.get(1).aligned() + "\n  " + lower + "\n  " + upper;
            if (laid.get(1).aligned().isEmpty() || laid.get(1).aligned().get().unsure()) unsure.add(words);
            else if (apart > CLOSE) wrong.add(words);
        }
        assertThat(wrong).as("wrong while sure").isEmpty();
        assertThat(unsure.size()).as(String.join("\n", unsure)).isLessThanOrEqualTo(PAIRS / 10);
    }

    @Test void plansOfTwoBuildingsAreNotLaidOnEachOther() {
        List<String> sure = new ArrayList<>();
        for (long seed : Seeds.upTo(60)) {
            MadePlan a = storey(seed, MadePlan.Shell.of(seed)), b = storey(seed + 100, MadePlan.Shell.of(seed + 100));
            a.grid = false;
            Laying l = Laying.of(List.of(ReckoningTest.reckon(a.drawing()), ReckoningTest.reckon(b.drawing()))).get(1);
            if (l.aligned().isPresent() && !l.aligned().get().unsure()) sure.add(seed + " " + l);
        }
        assertThat(sure).isEmpty();
    }
}
