package brightlintel.read.dwg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Figures that no sound file holds, and that spoiled ones hold by chance only. */
class OutOfBoundsTest {
    @Test void aColourOutsideTheListIsTheNearestEndOfIt() {
        assertThat(Colours.of(-7, Optional.empty()).byBlock()).isTrue();
        assertThat(Colours.of(300, Optional.empty()).index()).isEqualTo(257);
    }

    @Test void aPlaceBeyondThePartIsDamageEvenWhereItsBitsWouldWrapRound() {
        byte[] part = new byte[64 + Bits.ROOM];
        part[0] = 20;
        ObjectBits o = new ObjectBits(Version.R2000, StandardCharsets.ISO_8859_1, part);
        o.open(0);
        for (long at : new long[] {-1, 1000, 1L << 40, 1L << 61, Long.MAX_VALUE})
            assertThatThrownBy(() -> o.open(at)).isInstanceOf(Damaged.class);
    }
}
