package brightlintel.read.dwg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class UnpackingTest {
    /** Packs the plainest way that the format of 2004 allows: a run as it is, then copies with runs of at least four between them. */
    private static byte[] pack(byte[] data, int period, Random r) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        int at = Math.max(4, period);
        run(out, data, 0, at);
        while (at < data.length) {
            // one that would be too short for a copy is longer, and cut where the room ends
            int length = Math.max(3, Math.min(data.length - at, 3 + r.nextInt(600)));
            copy(out, length, period * (1 + r.nextInt(Math.max(1, Math.min(at, 0x3FFF) / period))));
            at += length;
            int more = r.nextBoolean() ? Math.min(data.length - at, r.nextInt(900)) : 0;
            if (more > 3) {
                run(out, data, at, more);
                at += more;
            }
        }
        out.write(0x11);
        return out.toByteArray();
    }

    private static void run(ByteArrayOutputStream out, byte[] data, int from, int n) {
        if (n <= 18) out.write(n - 3);
        else {
            out.write(0);
            number(out, n - 18);
        }
        out.write(data, from, n);
    }

    private static void number(ByteArrayOutputStream out, int n) {
        for (; n > 255; n -= 255) out.write(0);
        out.write(n);
    }

    private static void copy(ByteArrayOutputStream out, int length, int back) {
        if (length > 33) {
            out.write(0x20);
            number(out, length - 0x21);
        } else out.write(length + 0x1E);
        out.write(back - 1 << 2 & 0xFC);
        out.write(back - 1 >> 6);
    }

    private static byte[] unpack(byte[] packed, int size) {
        byte[] out = new byte[size + 8];
        Unpacking.unpack(packed, 0, packed.length, out, 4, size);
        assertThat(Arrays.copyOfRange(out, 0, 4)).containsOnly(0);
        assertThat(Arrays.copyOfRange(out, 4 + size, out.length)).containsOnly(0);
        return Arrays.copyOfRange(out, 4, 4 + size);
    }

    @Test void aRunAndACopyOfItsEnd() {
        // four bytes as they are, then five from three before
        byte[] packed = {1, 'a', 'b', 'c', 'd', 0x23, 2 << 2, 0, 0x11, 0, 0};
        assertThat(new String(unpack(packed, 9), StandardCharsets.US_ASCII)).isEqualTo("abcdbcdbc");
    }

    @Test void theShortCopyTakesUpToThreeBytesBehindIt() {
        // length (0x50 >> 4) - 1 = 4 from 1 + 1 before, then two as they are
        byte[] packed = {1, 'a', 'b', 'c', 'd', (byte) 0x56, 0, 'x', 'y', 0x11, 0, 0};
        assertThat(new String(unpack(packed, 10), StandardCharsets.US_ASCII)).isEqualTo("abcdcdcdxy");
    }

    @Test void whatIsMoreThanTheRoomIsLeftOut() {
        byte[] packed = {1, 'a', 'b', 'c', 'd', 0x3F, 0, 0, 0x11, 0, 0};
        assertThat(new String(unpack(packed, 6), StandardCharsets.US_ASCII)).isEqualTo("abcddd");
    }

    @Test void aCopyFromBeforeThePageIsDamage() {
        byte[] packed = {1, 'a', 'b', 'c', 'd', 0x23, 40, 0, 0x11};
        assertThatThrownBy(() -> unpack(packed, 20)).isInstanceOf(Damaged.class);
    }

    /** Law: what is packed comes out again. */
    @Test void whatIsPackedComesOutAgain() {
        Random r = new Random(61);
        for (int i = 0; i < 400; i++) {
            byte[] data = new byte[20 + r.nextInt(30_000)];
            int period = 1 + r.nextInt(300);
            for (int k = 0; k < data.length; k++) data[k] = (byte) (k < period ? r.nextInt(256) : data[k - period]);
            assertThat(unpack(pack(data, Math.min(period, data.length), r), data.length)).isEqualTo(data);
        }
    }

    /** Law: spoiled or random bytes end, as damage or as something, inside their room. */
    @Test void noiseEndsInsideItsRoom() {
        Random r = new Random(62);
        int damaged = 0;
        for (int i = 0; i < 20_000; i++) {
            byte[] noise = new byte[r.nextInt(120)];
            r.nextBytes(noise);
            byte[] out = new byte[64];
            boolean old = r.nextBoolean();
            try {
                if (old) Unpacking.unpack(noise, 0, noise.length, out, 16, 32);
                else Unpacking2007.unpack(noise, 0, noise.length, out, 16, 32);
            } catch (Damaged e) {
                damaged++;
            }
            for (int k = 0; k < 16; k++) assertThat(out[k] | out[48 + k]).isZero();
        }
        assertThat(damaged).isBetween(1000, 19_999);
    }
}
