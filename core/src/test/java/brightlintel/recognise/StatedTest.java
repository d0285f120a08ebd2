package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Provenance;
import brightlintel.building.Wall;
import brightlintel.notation.Walls;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is stated of a weight. */
class StatedTest {
    private static Wall weighed(double c) {
        return Walls.read("a 0 0 -> 1 0 thick 0.2").getFirst().with(new Provenance(new Provenance.Way.Proposed(c), List.of()));
    }

    /** Law: what is sure stays as it is, what is not never becomes sure; more weight is never stated as less. */
    @Test void whatIsNotSureIsNeverStatedToBe() {
        double before = 0;
        for (int i = 0; i <= 1000; i++) {
            Wall w = weighed(i / 1000.0), s = Stated.of(w);
            assertThat(Recognised.isSure(s)).isEqualTo(Recognised.isSure(w));
            if (Recognised.isSure(w)) assertThat(s).isEqualTo(w);
            assertThat(Recognised.confidence(s)).isGreaterThanOrEqualTo(before).isGreaterThanOrEqualTo(Recognised.confidence(w));
            before = Recognised.confidence(s);
        }
    }
}
