package brightlintel.read.dwg;

import static brightlintel.notation.BitText.eight;
import static brightlintel.notation.BitText.low;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.zip.Adler32;
import org.junit.jupiter.api.Test;

/** Bits are written as text here, packed by the plainest loop there is, so that reader and test share no code. */
class BitsTest {
    private static Bits of(String bits) {
        String b = bits.replace(" ", "");
        byte[] bytes = new byte[(b.length() + 7) / 8 + Bits.ROOM];
        for (int i = 0; i < b.length(); i++) if (b.charAt(i) == '1') bytes[i / 8] |= (byte) (128 >> i % 8);
        return new Bits(bytes, 0, b.length());
    }

    /** Each kind of short stands behind an odd number of bits, so that no value begins at a byte. */
    @Test void shortsHaveFourLengths() {
        assertThat(of("1" + "00" + low(0x1234, 2)).bitShort()).isNotEqualTo(0x1234);
        Bits in = of("1 00" + low(0x1234, 2) + "00" + low(-5, 2) + "01" + eight(200) + "10" + "11");
        assertThat(in.bit()).isTrue();
        assertThat(new int[] {in.bitShort(), in.bitShort(), in.bitShort(), in.bitShort(), in.bitShort()})
            .containsExactly(0x1234, -5, 200, 0, 256);
        assertThat(in.left()).isZero();
    }

    @Test void longsHaveThreeLengthsAndTheFourthIsDamage() {
        Bits in = of("00" + low(-70_000, 4) + "01" + eight(255) + "10" + "11");
        assertThat(new int[] {in.bitLong(), in.bitLong(), in.bitLong()}).containsExactly(-70_000, 255, 0);
        assertThatThrownBy(in::bitLong).isInstanceOf(Damaged.class);
    }

    @Test void figuresHaveThreeLengthsAndTheFourthIsDamage() {
        Bits in = of("1" + "00" + low(Double.doubleToRawLongBits(-12.75e-3), 8) + "01" + "10" + "11");
        in.bit();
        assertThat(new double[] {in.bitDouble(), in.bitDouble(), in.bitDouble()}).containsExactly(-12.75e-3, 1, 0);
        assertThatThrownBy(in::bitDouble).isInstanceOf(Damaged.class);
    }

    /** Law: a figure given by the bytes in which it differs from another is that figure. */
    @Test void aFigureLikeAnotherIsPutTogetherFromBoth() {
        Random r = new Random(51);
        for (int i = 0; i < 2000; i++) {
            long other = Double.doubleToRawLongBits(r.nextGaussian() * 1e6), v = r.nextLong();
            long four = other & 0xffffffff00000000L | v & 0xffffffffL, six = other & 0xffff000000000000L | v & 0xffffffffffffL;
            double like = Double.longBitsToDouble(other);
            assertThat(Double.doubleToRawLongBits(of("00").doubleLike(like))).isEqualTo(other);
            assertThat(Double.doubleToRawLongBits(of("01" + low(v, 4)).doubleLike(like))).isEqualTo(four);
            // of six bytes, the two in the middle come first
            assertThat(Double.doubleToRawLongBits(of("10" + low(v >>> 32, 2) + low(v, 4)).doubleLike(like))).isEqualTo(six);
            assertThat(Double.doubleToRawLongBits(of("11" + low(v, 8)).doubleLike(like))).isEqualTo(v);
        }
    }

    @Test void handlesAreGivenWholeOrFromTheObjectThatNamesThem() {
        assertThat(of("0100 0010" + eight(0x12) + eight(0x34)).handle(100)).isEqualTo(0x1234);
        assertThat(of("0110 0000").handle(100)).isEqualTo(101);
        assertThat(of("1000 0000").handle(100)).isEqualTo(99);
        assertThat(of("1010 0001" + eight(20)).handle(100)).isEqualTo(120);
        assertThat(of("1100 0001" + eight(20)).handle(100)).isEqualTo(80);
        assertThatThrownBy(() -> of("0100 1001" + "1".repeat(72)).handle(1)).isInstanceOf(Damaged.class);
    }

    @Test void runningNumbersTakeSevenBitsAByte() {
        assertThat(of(eight(0x82) + eight(0x24)).modular()).isEqualTo(2 + (0x24 << 7));
        assertThat(of(eight(0xE9) + eight(0x97) + eight(0xE6) + eight(0x35)).modular()).isEqualTo(112823273);
        assertThat(of(eight(0x45)).signedModular()).isEqualTo(-5);
        assertThat(of(eight(0x85) + eight(0x4B)).signedModular()).isEqualTo(-(5 + (0x0B << 7)));
        assertThatThrownBy(() -> of("1".repeat(96)).modular()).isInstanceOf(Damaged.class);
        assertThatThrownBy(() -> of("1".repeat(96)).signedModular()).isInstanceOf(Damaged.class);
    }

    @Test void sizesTakeFifteenBitsAWord() {
        assertThat(of(low(0x1234, 2)).modularShort()).isEqualTo(0x1234);
        assertThat(of(low(0x8001, 2) + low(2, 2)).modularShort()).isEqualTo(1 + (2 << 15));
        assertThatThrownBy(() -> of("1".repeat(96)).modularShort()).isInstanceOf(Damaged.class);
    }

    /** Law: nothing is read beyond the limit, whatever is asked for, and the place stays where it was. */
    @Test void theLimitHolds() {
        for (int i = 0; i < 64; i++) {
            int n = i;
            Bits in = of("1".repeat(n));
            assertThatThrownBy(in::rawLongLong).isInstanceOf(Damaged.class);
            assertThat(in.position()).isZero();
            int most = Math.min(n, 32);
            if (most > 0) assertThat(in.few(most)).isEqualTo((int) ((1L << most) - 1));
            assertThatThrownBy(() -> in.few(n - most + 1)).isInstanceOf(Damaged.class);
            assertThatThrownBy(() -> in.seek(n + 1)).isInstanceOf(Damaged.class);
            assertThatThrownBy(() -> in.seek(-1)).isInstanceOf(Damaged.class);
        }
    }

    @Test void aCountIsHeldAgainstWhatIsLeft() {
        Bits in = of("1".repeat(100));
        assertThat(in.count(50, 2)).isEqualTo(50);
        for (long bad : new long[] {51, -1, Integer.MAX_VALUE, 1L << 40})
            assertThatThrownBy(() -> in.count(bad, 2)).isInstanceOf(Damaged.class);
    }

    /** Law: the checksum that goes four bytes a step is the one that goes bit by bit. */
    @Test void theChecksumOfHeadersIsThePlainOne() {
        Random r = new Random(52);
        for (int i = 0; i < 300; i++) {
            byte[] b = new byte[r.nextInt(200)];
            r.nextBytes(b);
            int from = b.length == 0 ? 0 : r.nextInt(b.length), c = Crc.SEED;
            for (int k = from; k < b.length; k++) {
                c ^= b[k] & 255;
                for (int bit = 0; bit < 8; bit++) c = (c & 1) != 0 ? c >>> 1 ^ 0xA001 : c >>> 1;
            }
            assertThat(Crc.of(Crc.SEED, b, from, b.length - from)).isEqualTo(c);
        }
        assertThat(Crc.of(0, "123456789".getBytes(StandardCharsets.US_ASCII), 0, 9)).isEqualTo(0xBB3D);
    }

    /** Law: sums of a page in two parts are the sum of the whole, and with a seed of 1 it is the checksum of zlib. */
    @Test void theSumOfAPageRunsOn() {
        Random r = new Random(53);
        for (int i = 0; i < 100; i++) {
            byte[] b = new byte[1 + r.nextInt(20_000)];
            r.nextBytes(b);
            int cut = r.nextInt(b.length);
            assertThat(PageSum.of(PageSum.of(0, b, 0, cut), b, cut, b.length - cut)).isEqualTo(PageSum.of(0, b, 0, b.length));
            Adler32 known = new Adler32();
            known.update(b);
            assertThat(PageSum.of(1, b, 0, b.length)).isEqualTo((int) known.getValue());
        }
    }
}
