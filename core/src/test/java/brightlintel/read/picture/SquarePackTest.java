package brightlintel.read.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.drawing.Detail;
import brightlintel.drawing.Pixels;
import brightlintel.notation.Seeds;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SquarePackTest {
    @TempDir Path folder;

    private static int[] picture(Random r, int w, int h, boolean colour) {
        int[] out = new int[w * h];
        for (int y = 0; y < h; y++)
            for (int x = 0; x < w; x++) {
                int g = x / 40 % 3 == 0 ? 255 : r.nextInt(256);
                out[y * w + x] = 0xff000000 | (colour ? r.nextInt(1 << 24) : g * 0x010101);
            }
        return out;
    }

    private Path packed(int[] argb, int w, int h, int levels) throws IOException {
        Path f = folder.resolve("p" + w + "x" + h + ".squares");
        try (SquarePack.Writer out = new SquarePack.Writer(f, w, h, levels)) {
            SquareRows rows = new SquareRows(w, h, levels, out);
            for (int y = 0; y < h; y++) rows.row(Arrays.copyOfRange(argb, y * w, y * w + w));
            assertThat(rows.isWhole()).isTrue();
            out.finish();
        }
        return f;
    }

    private static Pixels whole(SquarePack p, int level, int w, int h) throws IOException {
        int[] out = new int[w * h];
        for (int row = 0; row * Detail.SIDE < h; row++)
            for (int col = 0; col * Detail.SIDE < w; col++) {
                Pixels s = p.square(level, col, row);
                for (int y = 0; y < s.height(); y++)
                    System.arraycopy(s.argb(), y * s.width(), out, (row * Detail.SIDE + y) * w + col * Detail.SIDE, s.width());
            }
        return new Pixels(w, h, out);
    }

    /** Law: put together, the squares are the picture, and those of each further level the one before halved. */
    @Test void squaresPutTogetherAreThePicture() {
        Seeds.each(6, seed -> {
            Random r = new Random(seed);
            int w = 1 + r.nextInt(900), h = 1 + r.nextInt(900), levels = 1 + r.nextInt(3);
            int[] argb = picture(r, w, h, r.nextBoolean());
            try (SquarePack p = SquarePack.open(packed(argb, w, h, levels))) {
                assertThat(p.levels()).isEqualTo(levels);
                Pixels before = new Pixels(w, h, argb);
                for (int level = 0; level < levels; level++) {
                    Pixels now = whole(p, level, before.width(), before.height());
                    assertThat(now.argb()).as("level %d of %d x %d", level, w, h).isEqualTo(before.argb());
                    before = half(before);
                }
                assertThat(p.square(0, -1, 0)).isNull();
                assertThat(p.square(0, 99, 0)).isNull();
                assertThat(p.square(levels, 0, 0)).isNull();
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        });
    }

    private static Pixels half(Pixels p) {
        int w = Math.max(1, p.width() / 2), h = Math.max(1, p.height() / 2);
        int[] out = new int[w * h];
        if (p.height() > 1) for (int y = 0; y < h; y++)
            for (int x = 0; x < w; x++) {
                int i = Math.min(2 * x + 1, p.width() - 1);
                out[y * w + x] = Pixels.mean(p.at(2 * x, 2 * y), p.at(i, 2 * y), p.at(2 * x, 2 * y + 1), p.at(i, 2 * y + 1));
            }
        return new Pixels(w, h, out);
    }

    @Test void bitsAreBlackAndWhite() throws IOException {
        Path f = folder.resolve("bits.squares");
        try (SquarePack.Writer out = new SquarePack.Writer(f, 10, 2, 1)) {
            SquareRows rows = new SquareRows(10, 2, 1, out);
            rows.bits(new byte[] {(byte) 0b10100000, 0b01000000}, false);
            rows.bits(new byte[] {(byte) 0b10100000, 0b01000000}, true);
            out.finish();
        }
        try (SquarePack p = SquarePack.open(f)) {
            Pixels s = p.square(0, 0, 0);
            for (int x = 0; x < 10; x++) {
                boolean white = x == 0 || x == 2 || x == 9;
                assertThat(s.at(x, 0)).isEqualTo(white ? 0xffffffff : 0xff000000);
                assertThat(s.at(x, 1)).isEqualTo(white ? 0xff000000 : 0xffffffff);
            }
        }
    }

    @Test void whatWasNotFinishedLeavesNothing() throws IOException {
        Path f = folder.resolve("sub").resolve("half.squares");
        try (SquarePack.Writer out = new SquarePack.Writer(f, 300, 300, 1)) {
            new SquareRows(300, 300, 1, out).row(new int[300]);
        }
        try (var all = Files.list(f.getParent())) {
            assertThat(all).isEmpty();
        }
    }

    /** A pack that was cut short or spoiled is refused, or gives squares; it never does anything else. */
    @Test void aDamagedPackIsRefused() throws IOException {
        byte[] good = Files.readAllBytes(packed(picture(new Random(3), 600, 500, true), 600, 500, 2));
        assertThatThrownBy(() -> SquarePack.open(Files.write(folder.resolve("empty"), new byte[0]))).isInstanceOf(IOException.class);
        Seeds.each(60, seed -> {
            Random r = new Random(seed);
            byte[] bad = r.nextBoolean() ? Arrays.copyOf(good, r.nextInt(good.length)) : good.clone();
            for (int k = 0; k < 12 && bad.length > 0; k++) bad[(int) (bad.length * (1 - Math.pow(r.nextDouble(), 4)))  % bad.length] ^= 1 << r.nextInt(8);
            try (SquarePack p = SquarePack.open(Files.write(folder.resolve("bad"), bad))) {
                for (int i = 0; i < p.levels(); i++) for (int k = 0; k < 3; k++) p.square(i, k, 0);
            } catch (IOException | RuntimeException e) {
                assertThat(e).isInstanceOf(IOException.class);
            }
        });
    }
}
