package brightlintel.write.dwg;

import static brightlintel.notation.BitText.eight;
import static brightlintel.notation.BitText.low;
import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.geom.Vec3;
import brightlintel.notation.BitText;
import brightlintel.notation.Seeds;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/** What is written is held against bits put together here by the plainest loop, by the published layout and not by our own reader. */
class BitsOutTest {
    private static String written(Consumer<BitsOut> what) {
        BitsOut out = new BitsOut();
        what.accept(out);
        StringBuilder b = new StringBuilder();
        for (int i = 0; i < out.bits(); i++) b.append(out.array()[i / 8] >> 7 - i % 8 & 1);
        return b.toString();
    }

    @Test void shortsTakeTheShortestOfTheirForms() {
        assertThat(written(o -> o.bitShort(0))).isEqualTo("10");
        assertThat(written(o -> o.bitShort(256))).isEqualTo("11");
        assertThat(written(o -> o.bitShort(7))).isEqualTo("01" + eight(7));
        assertThat(written(o -> o.bitShort(255))).isEqualTo("01" + eight(255));
        assertThat(written(o -> o.bitShort(257))).isEqualTo("00" + low(257, 2));
        assertThat(written(o -> o.bitShort(-1))).isEqualTo("00" + low(-1, 2));
    }

    @Test void longsAndFiguresLikewise() {
        assertThat(written(o -> o.bitLong(0))).isEqualTo("10");
        assertThat(written(o -> o.bitLong(200))).isEqualTo("01" + eight(200));
        assertThat(written(o -> o.bitLong(-70_000))).isEqualTo("00" + low(-70_000, 4));
        assertThat(written(o -> o.bitDouble(0))).isEqualTo("10");
        assertThat(written(o -> o.bitDouble(1))).isEqualTo("01");
        assertThat(written(o -> o.bitDouble(-0.0))).as("minus nought is no nought")
            .isEqualTo("00" + low(Double.doubleToRawLongBits(-0.0), 8));
        assertThat(written(o -> o.bitDoubles(2.5, 1))).isEqualTo("00" + low(Double.doubleToRawLongBits(2.5), 8) + "01");
    }

    /** Law: a figure like another is told by the bytes in which it differs, lowest first, of six the middle two before the low four. */
    @Test void aFigureLikeAnother() {
        Seeds.each(5, seed -> {
            Random r = new Random(seed);
            for (int i = 0; i < 300; i++) {
                long other = Double.doubleToRawLongBits(r.nextGaussian() * 1e5), v = switch (r.nextInt(4)) {
                    case 0 -> other;
                    case 1 -> other ^ 1 + r.nextInt(1 << 30);
                    case 2 -> other ^ (long) (1 + r.nextInt(60_000)) << 32;
                    default -> Double.doubleToRawLongBits(r.nextGaussian());
                };
                String want = v == other ? "00" : v >>> 32 == other >>> 32 ? "01" + low(v, 4) : v >>> 48 == other >>> 48
                    ? "10" + low(v >>> 32, 2) + low(v, 4) : "11" + low(v, 8);
                assertThat(written(o -> o.doubleLike(Double.longBitsToDouble(v), Double.longBitsToDouble(other)))).isEqualTo(want);
            }
        });
    }

    @Test void handlesHaveAsManyBytesAsTheyNeed() {
        assertThat(written(o -> o.handle(5, 0))).isEqualTo("01010000");
        assertThat(written(o -> o.handle(4, 0x10))).isEqualTo("01000001" + eight(0x10));
        assertThat(written(o -> o.handle(0, 0x1234))).as("highest first").isEqualTo("00000010" + eight(0x12) + eight(0x34));
        assertThat(written(o -> o.handle(2, 0x80000000L))).isEqualTo("00100100" + eight(0x80) + "0".repeat(24));
    }

    @Test void runningNumbersTakeSevenBitsAByteAndFifteenAShort() {
        assertThat(written(o -> o.modular(5))).isEqualTo(eight(5));
        assertThat(written(o -> o.modular(128))).isEqualTo(eight(0x80) + eight(1));
        assertThat(written(o -> o.modular(112823273))).isEqualTo(eight(0xE9) + eight(0x97) + eight(0xE6) + eight(0x35));
        assertThat(written(o -> o.signedModular(-5))).isEqualTo(eight(0x45));
        assertThat(written(o -> o.signedModular(63))).isEqualTo(eight(63));
        assertThat(written(o -> o.signedModular(64))).isEqualTo(eight(0xC0) + eight(0));
        assertThat(written(o -> o.signedModular(-(5 + (0x0B << 7))))).isEqualTo(eight(0x85) + eight(0x4B));
        assertThat(written(o -> o.modularShort(0x7fff))).isEqualTo(low(0x7fff, 2));
        assertThat(written(o -> o.modularShort(0x8000))).isEqualTo(low(0x8000, 2) + low(1, 2));
    }

    @Test void textsHaveTheirLengthAndAClosingNought() {
        assertThat(written(o -> o.text(""))).isEqualTo("10");
        assertThat(written(o -> o.text("Ab"))).isEqualTo("01" + eight(3) + eight('A') + eight('b') + eight(0));
        assertThat(written(o -> o.text("é"))).as("Western European").isEqualTo("01" + eight(2) + eight(0xE9) + eight(0));
        assertThat(written(o -> o.text("ж"))).as("by its number")
            .isEqualTo("01" + eight(8) + "\\U+0436".chars().mapToObj(BitText::eight).reduce("", String::concat) + eight(0));
    }

    @Test void extrusionsUpwardsAreOneBit() {
        assertThat(written(o -> o.extrusion(Vec3.UP))).isEqualTo("1");
        assertThat(written(o -> o.extrusion(new Vec3(0, 0, -1))))
            .isEqualTo("0" + "10" + "10" + "00" + low(Double.doubleToRawLongBits(-1), 8));
        assertThat(written(BitsOut::noThickness)).isEqualTo("1");
    }

    /** Law: wherever among the bits something is put, and however it is put together, the bits are those that were asked for. */
    @Test void bitsStandOneAfterAnother() {
        Seeds.each(20, seed -> {
            Random r = new Random(seed);
            StringBuilder want = new StringBuilder();
            BitsOut out = new BitsOut();
            for (int i = 0; i < 400; i++) {
                int n = 1 + r.nextInt(32);
                long v = r.nextLong() & (1L << n) - 1;
                String bits = String.format("%" + n + "s", Long.toBinaryString(v)).replace(' ', '0');
                want.append(bits);
                if (r.nextBoolean()) out.few(v, n);
                else {
                    BitsOut other = new BitsOut();
                    other.few(v, n);
                    out.append(other);
                }
            }
            StringBuilder is = new StringBuilder();
            for (int i = 0; i < out.bits(); i++) is.append(out.array()[i / 8] >> 7 - i % 8 & 1);
            assertThat(is.toString()).isEqualTo(want.toString());
            out.align();
            assertThat(out.bits() % 8).isZero();
            out.clear();
            assertThat(out.bits()).isZero();
            for (byte b : out.toBytes()) assertThat(b).isZero();
        });
    }

    @Test void theRegisterGivesEachNameOneHandleInAnySpelling() {
        Register r = new Register();
        long wall = r.layer("A-WALL");
        assertThat(r.layer("a-wall")).isEqualTo(wall);
        assertThat(r.layer("0")).isEqualTo(Register.LAYER_0);
        assertThat(r.lineType("ByLayer")).isEqualTo(Register.BY_LAYER);
        assertThat(r.lineType("CONTINUOUS")).isEqualTo(Register.CONTINUOUS);
        assertThat(r.measure("")).isEqualTo(Register.STANDARD_MEASURE);
        assertThat(r.block("lost")).isZero();
        r.block("Door 90", 77);
        assertThat(r.block("DOOR 90")).isEqualTo(77);
        List<Long> handles = new ArrayList<>(List.of(wall, r.lineType("AXIS"), r.measure("HALF"), r.next(), r.next(5), r.next()));
        assertThat(handles).doesNotHaveDuplicates().allMatch(h -> h >= 0x30);
        assertThat(handles.getLast() - handles.get(4)).as("five in a row").isEqualTo(5);
        assertThat(r.lineTypesNamed()).contains("axis", "bylayer");
    }
}
