package brightlintel.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Scale;
import brightlintel.geom.Point;
import brightlintel.notation.Seeds;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StretchTest {
    private static Stretch.Length measured(double x, double y, Scale s) {
        return new Stretch.Length(new Point(x, y), Math.hypot(x * s.metresPerUnitX(), y * s.metresPerUnitY()));
    }

    @Test void twoLengthsAcrossEachOtherGiveBothFactors() {
        Seeds.each(100, seed -> {
            Random r = new Random(seed);
            Scale truth = new Scale(0.035 * (1 + 0.05 * r.nextGaussian()), 0.035 * (1 + 0.05 * r.nextGaussian()));
            double turn = r.nextDouble() * 0.5;
            Scale s = Stretch.of(List.of(measured(300 * Math.cos(turn), 300 * Math.sin(turn), truth),
                measured(-200 * Math.sin(turn), 200 * Math.cos(turn), truth))).orElseThrow();
            assertThat(s.metresPerUnitX()).isCloseTo(truth.metresPerUnitX(), within(1e-9));
            assertThat(s.metresPerUnitY()).isCloseTo(truth.metresPerUnitY(), within(1e-9));
        });
    }

    @Test void lengthsThatRunTheSameWaySettleNothing() {
        Scale s = Scale.even(0.035);
        assertThat(Stretch.of(List.of(measured(300, 1, s), measured(200, 0, s)))).isEmpty();
        assertThat(Stretch.of(List.of(measured(300, 300, s), measured(200, 200, s)))).isEmpty();
    }

    @Test void aFigureMisreadIsNoStretch() {
        assertThat(Stretch.of(List.of(new Stretch.Length(new Point(300, 0), 10), new Stretch.Length(new Point(0, 300), 5)))).isEmpty();
    }

    @Test void aThirdLengthTellsWhatRemains() {
        Scale truth = new Scale(0.0349, 0.0356);
        List<Stretch.Length> all = new ArrayList<>(List.of(measured(300, 0, truth), measured(0, 200, truth)));
        all.add(new Stretch.Length(new Point(200, 100), measured(200, 100, truth).truth() + 0.02));
        Scale s = Stretch.of(all).orElseThrow();
        double worst = all.stream().mapToDouble(l -> Math.abs(l.error(s))).max().orElseThrow();
        assertThat(worst).isBetween(0.005, 0.02);
    }
}
