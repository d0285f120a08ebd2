package brightlintel.read.picture;

import brightlintel.drawing.Detail;
import brightlintel.drawing.Pixels;
import brightlintel.read.PictureRows;
import java.io.IOException;
import java.io.UncheckedIOException;

/**
 * Cuts a picture into squares while it is read from the top: of its full size, of half of it and so on, a band of each in memory at a time.
 */
public final class SquareRows implements PictureRows {
    private final SquarePack.Writer out;
    private final Level[] levels;
    private final int[] expanded;

    /** @param levels how often it is halved, the full size counted */
    public SquareRows(int width, int height, int levels, SquarePack.Writer out) {
        this.out = out;
        this.levels = new Level[levels];
        this.expanded = new int[width];
        for (int i = 0, w = width, h = height; i < levels; i++, w = Math.max(1, w / 2), h = Math.max(1, h / 2))
            this.levels[i] = new Level(i, w, h);
    }

    private final class Level {
        final int number, width, height;
        private final int[] band;
        private final int[] above;
        private int row;

        Level(int number, int width, int height) {
            this.number = number;
            this.width = width;
            this.height = height;
            band = new int[width * Detail.SIDE];
            above = new int[Math.max(1, width / 2)];
        }

        void take(int[] argb) {
            if (row >= height) return;
            int in = row % Detail.SIDE;
            System.arraycopy(argb, 0, band, in * width, width);
            row++;
            if (row % Detail.SIDE == 0 || row == height) flush(in + 1);
            if (number + 1 < levels.length && row % 2 == 0) levels[number + 1].take(half(in));
        }

        /** This row and the one above it, by their mean; the one above is still in the band, for a band has an even number of rows. */
        private int[] half(int in) {
            int a = (in - 1) * width, b = in * width;
            for (int x = 0; x < above.length; x++) {
                int i = Math.min(2 * x + 1, width - 1);
                above[x] = Pixels.mean(band[a + 2 * x], band[a + i], band[b + 2 * x], band[b + i]);
            }
            return above;
        }

        private void flush(int rows) {
            int[] square = new int[Detail.SIDE * rows];
            for (int x = 0; x < width; x += Detail.SIDE) {
                int w = Math.min(Detail.SIDE, width - x);
                for (int y = 0; y < rows; y++) System.arraycopy(band, y * width + x, square, y * w, w);
                try {
                    out.square(number, x / Detail.SIDE, (row - 1) / Detail.SIDE, w, rows, square);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }
        }
    }

    @Override public void row(int[] argb) {
        levels[0].take(argb);
    }

    @Override public void bits(byte[] line, boolean inverted) {
        for (int x = 0; x < expanded.length; x++)
            expanded[x] = (line[x >> 3] >> 7 - (x & 7) & 1) != 0 != inverted ? 0xffffffff : 0xff000000;
        levels[0].take(expanded);
    }

    /** Whether all of it came. */
    public boolean isWhole() {
        return levels[0].row == levels[0].height;
    }
}
