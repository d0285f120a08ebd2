package brightlintel.desktop.board;

import brightlintel.desktop.state.Looks;
import brightlintel.drawing.Layer;
import brightlintel.geom.Point;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.paint.StrokePainter;
import brightlintel.place.PlacedDrawing;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;

/**
 * Paints the underlay behind the window, with a margin, so that panning finds something there. The last picture is what a frame copies from
 * until the next is done; one that nobody waits for any more is given up.
 */
final class UnderlayPictures {
    private static final double MARGIN = 0.25;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(r, "board painter");
        t.setDaemon(true);
        return t;
    });
    private final AtomicInteger newest = new AtomicInteger();
    private final Consumer<Runnable> onWindow;
    private Picture last;
    /** Left behind by the window, taken by the painter. */
    private final AtomicReference<Raster> spare = new AtomicReference<>();
    private Wanted asked;

    /** A finished picture and what it shows. */
    record Picture(Wanted of, Raster raster, PlanView view) { }

    /** Two equal wants are one picture. @param inHand the drawing whose layer is lit */
    record Wanted(List<PlacedDrawing> drawings, Looks looks, Optional<PlacedDrawing> inHand, PlanView view) {
        private int lit(PlacedDrawing d) {
            if (looks.lit().isEmpty() || inHand.filter(x -> x == d).isEmpty()) return -1;
            List<Layer> layers = d.strokes().layers();
            for (int i = 0; i < layers.size(); i++) if (layers.get(i).name().equals(looks.lit())) return i;
            return -1;
        }
    }

    /** @param onWindow runs on the thread of the window */
    UnderlayPictures(Consumer<Runnable> onWindow) {
        this.onWindow = onWindow;
    }

    Picture last() {
        return last;
    }

    /** Forgets what belongs to another drawing. */
    void forget() {
        newest.incrementAndGet();
        last = null;
        asked = null;
    }

    void want(Wanted w, Runnable done) {
        if (w.equals(asked)) return;
        asked = w;
        int mine = newest.incrementAndGet();
        int mx = (int) (w.view.width() * MARGIN), my = (int) (w.view.height() * MARGIN);
        PlanView wide = new PlanView(w.view.centre(), w.view.pxPerMetre(), w.view.width() + 2 * mx, w.view.height() + 2 * my);
        worker.execute(() -> {
            if (newest.get() != mine) return;
            Raster r = take(wide.width(), wide.height());
            r.clear(w.looks.palette().paper());
            for (PlacedDrawing d : w.drawings) {
                var look = new StrokePainter.Look(w.looks.palette(), w.looks.muted(), w.lit(d), d.underlay().fade());
                if (!StrokePainter.paint(d, wide, look, r, () -> newest.get() != mine)) return;
            }
            onWindow.accept(() -> {
                if (newest.get() != mine) return;
                spare.set(last == null ? null : last.raster);
                last = new Picture(w, r, wide);
                done.run();
            });
        });
    }

    private Raster take(int width, int height) {
        Raster s = spare.getAndSet(null);
        return s != null && s.width == width && s.height == height ? s : new Raster(width, height);
    }

    /** Copies what the last picture has of a view into a frame; nearest pixel, paper where it has nothing. */
    void compose(Raster frame, PlanView view, int paper) {
        Picture p = last;
        if (p == null) {
            frame.clear(paper);
            return;
        }
        double k = p.view.pxPerMetre() / view.pxPerMetre();
        Point corner = p.view.toPx(view.toMetres(0, 0));
        int blank = 0xff000000 | paper;
        int[] columns = new int[frame.width];
        for (int x = 0; x < frame.width; x++) columns[x] = (int) Math.floor(corner.x() + (x + 0.5) * k);
        Raster r = p.raster;
        for (int y = 0; y < frame.height; y++) {
            int row = (int) Math.floor(corner.y() + (y + 0.5) * k), at = y * frame.width;
            if (row < 0 || row >= r.height) {
                Arrays.fill(frame.pixels, at, at + frame.width, blank);
                continue;
            }
            int base = row * r.width;
            for (int x = 0; x < frame.width; x++) {
                int c = columns[x];
                frame.pixels[at + x] = c >= 0 && c < r.width ? r.pixels[base + c] : blank;
            }
        }
    }

    void stop() {
        newest.incrementAndGet();
        worker.shutdownNow();
    }
}
