package brightlintel.desktop.board;

import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Puts a frame together of squares; where one is not there, of what may stand in for it: nearest pixel, paper where there is nothing. */
final class Mosaic {
    private static final int MOST_STEPS = 3;
    /** From this many pixels for one on, four are looked at. */
    private static final double SHRUNK = 1.3;
    private final Raster frame;
    private final long left, top;
    private final Squares squares;
    private final Ground ground;

    Mosaic(Raster frame, PlanView view, Squares squares, Ground ground) {
        this.frame = frame;
        this.left = view.left();
        this.top = view.top();
        this.squares = squares;
        this.ground = ground;
    }

    void square(Squares.Key k) {
        Raster there = squares.get(k);
        if (there == null && ground != ground.plain) there = squares.get(k.of(ground.plain));
        if (there == null && ground.before() != null) there = squares.get(k.of(ground.before()));
        if (there != null) copy(there, k);
        else standIn(k);
    }

    private void copy(Raster from, Squares.Key k) {
        int side = Squares.SIDE, x = (int) (k.column() * side - left), y = (int) (k.row() * side - top);
        int x0 = Math.max(0, x), x1 = Math.min(frame.width, x + side);
        for (int row = Math.max(0, y); row < Math.min(frame.height, y + side); row++)
            System.arraycopy(from.pixels, (row - y) * side + x0 - x, frame.pixels, row * frame.width + x0, x1 - x0);
    }

    /** Of the scale that is nearest and has all of it, else of several, the nearest on top. */
    private void standIn(Squares.Key k) {
        clear(k);
        List<Source> from = new ArrayList<>();
        for (Ground g : new Ground[] {ground.plain, ground.before()})
            if (g != null) for (int s : squares.steps(g)) if (s != k.step() || g != ground.plain) from.add(new Source(g, s));
        from.sort(Comparator.comparingInt((Source s) -> Math.abs(s.step - k.step())).thenComparing(s -> s.ground != ground.plain));
        for (Source s : from)
            if (s.hasAll(k)) {
                s.draw(k);
                return;
            }
        for (Source s : from.subList(0, Math.min(MOST_STEPS, from.size())).reversed()) s.draw(k);
    }

    private void clear(Squares.Key k) {
        int side = Squares.SIDE, x = (int) (k.column() * side - left), y = (int) (k.row() * side - top);
        int x0 = Math.max(0, x), x1 = Math.min(frame.width, x + side);
        for (int row = Math.max(0, y); row < Math.min(frame.height, y + side); row++)
            Arrays.fill(frame.pixels, row * frame.width + x0, row * frame.width + x1, 0xff000000 | ground.paper);
    }

    /** Squares of another scale. */
    private final class Source {
        private final Ground ground;
        private final int step;

        Source(Ground ground, int step) {
            this.ground = ground;
            this.step = step;
        }

        private double ratio(Squares.Key k) {
            return PlanView.scaleOf(step) / PlanView.scaleOf(k.step());
        }

        private long first(long square, double ratio) {
            return (long) Math.floor(square * ratio);
        }

        private long last(long square, double ratio) {
            return (long) Math.ceil((square + 1) * ratio) - 1;
        }

        boolean hasAll(Squares.Key k) {
            double q = ratio(k);
            if (q > Squares.SIDE / 8.0) return false;
            for (long r = first(k.row(), q); r <= last(k.row(), q); r++)
                for (long c = first(k.column(), q); c <= last(k.column(), q); c++)
                    if (!squares.has(new Squares.Key(ground, step, c, r))) return false;
            return true;
        }

        void draw(Squares.Key k) {
            double q = ratio(k);
            if (q > Squares.SIDE / 8.0) return;
            for (long r = first(k.row(), q); r <= last(k.row(), q); r++)
                for (long c = first(k.column(), q); c <= last(k.column(), q); c++) {
                    Raster from = squares.get(new Squares.Key(ground, step, c, r));
                    if (from != null) part(k, from, c, r, q);
                }
        }

        /** The pixels of a missing square that lie in one of another scale. */
        private void part(Squares.Key k, Raster from, long column, long row, double q) {
            int side = Squares.SIDE;
            long x = k.column() * side, y = k.row() * side;
            int[] columns = new int[side];
            for (int i = 0; i < side; i++) columns[i] = (int) Math.floor((x + i + 0.5) * q - (double) column * side);
            int apart = q > SHRUNK ? (int) Math.max(1, q / 2) : 0;
            int x0 = (int) Math.max(0, left - x), x1 = (int) Math.min(side, left + frame.width - x);
            for (int j = (int) Math.max(0, top - y); j < Math.min(side, top + frame.height - y); j++) {
                int line = (int) Math.floor((y + j + 0.5) * q - (double) row * side);
                if (line < 0 || line >= side) continue;
                int to = (int) (y + j - top) * frame.width + (int) (x - left), base = line * side;
                int down = line + apart < side ? apart * side : 0;
                for (int i = x0; i < x1; i++) {
                    int at = columns[i];
                    if (at < 0 || at >= side) continue;
                    frame.pixels[to + i] = apart == 0 ? from.pixels[base + at]
                        : mean(from.pixels, base + at, at + apart < side ? apart : 0, down);
                }
            }
        }

        /** Of four pixels: a thin line made small fades, and does not come and go. */
        private static int mean(int[] from, int at, int across, int down) {
            int low = 0xff00ff, a = from[at], b = from[at + across], c = from[at + down], d = from[at + across + down];
            int rb = (a & low) + (b & low) + (c & low) + (d & low) >>> 2 & low;
            int g = (a >>> 8 & 255) + (b >>> 8 & 255) + (c >>> 8 & 255) + (d >>> 8 & 255) >>> 2;
            return 0xff000000 | rb | g << 8;
        }
    }
}
