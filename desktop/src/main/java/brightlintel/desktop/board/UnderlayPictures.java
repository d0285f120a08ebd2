package brightlintel.desktop.board;

import brightlintel.geom.Box;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;

/**
 * Paints what lies under the model in squares, behind the window: those in view first, from the middle outwards, then those round it, then
 * the whole plan small. A frame is put together of what is there; where a square is not there yet, others stand in, of the same drawings
 * in the same places at another scale or in the look before. A square that nobody waits for any more is given up.
 */
final class UnderlayPictures {
    private static final long MOST_BYTES = 96L << 20;
    /** While the view moves one core is left to the window. Nanoseconds after which it rests. */
    private static final long RESTS = 40_000_000;
    private static final int OVERVIEW = 512, RING = 1;
    private final Squares squares = new Squares(MOST_BYTES);
    private final Consumer<Runnable> onWindow;
    private final List<Thread> painters = new ArrayList<>();
    private final Set<Squares.Key> inWork = new HashSet<>();
    private final AtomicBoolean told = new AtomicBoolean();
    private Ground ground;
    private Wanted wanted;
    private Runnable done = () -> { };
    private long moved;
    private boolean stopped;

    /** @param all where the plan is, as far as that is known */
    record Wanted(List<Ground.Sheet> sheets, Optional<Ground.Lit> lit, int paper, PlanView view, Optional<Box> all) {
        boolean isOf(Ground g) {
            return g.paper == paper && g.sheets.equals(sheets);
        }
    }

    /** @param onWindow runs on the thread of the window */
    UnderlayPictures(Consumer<Runnable> onWindow) {
        this.onWindow = onWindow;
        int threads = Math.max(2, Runtime.getRuntime().availableProcessors() - 1);
        for (int i = 0; i < threads; i++) {
            boolean modest = i > 0;
            painters.add(Thread.ofPlatform().daemon().name("board painter " + i).start(() -> work(modest)));
        }
    }

    /** Forgets what belongs to another drawing. */
    synchronized void forget() {
        ground = null;
        wanted = null;
        squares.dropIf(_ -> true);
    }

    /** @param again is run on the window's thread whenever there is more to show */
    synchronized void want(Wanted w, Runnable again) {
        done = again;
        if (w.equals(wanted)) return;
        if (wanted == null || !w.view.equals(wanted.view)) moved = System.nanoTime();
        wanted = w;
        if (ground == null || !w.isOf(ground)) ground = new Ground(w.sheets, w.paper, ground);
        Ground was = ground;
        ground = ground.lit(w.lit);
        if (was != ground || squares.steps(ground).isEmpty())
            squares.dropIf(k -> k.ground() != ground && k.ground() != ground.plain && k.ground() != ground.before());
        notifyAll();
    }

    /** Whether each square in view is there. */
    synchronized boolean isSharp(Wanted w) {
        if (!w.equals(wanted)) return false;
        return inView(0).stream().allMatch(squares::has);
    }

    long bytes() {
        synchronized (this) {
            return squares.bytes();
        }
    }

    /** Squares that a view touches and some round it, those nearest to its middle first. */
    private List<Squares.Key> inView(int ring) {
        return covering(wanted.view, ring);
    }

    private List<Squares.Key> covering(PlanView v, int ring) {
        int side = Squares.SIDE;
        long c0 = Math.floorDiv(v.left(), side) - ring, c1 = Math.floorDiv(v.left() + v.width() - 1, side) + ring;
        long r0 = Math.floorDiv(v.top(), side) - ring, r1 = Math.floorDiv(v.top() + v.height() - 1, side) + ring;
        double mc = (v.left() + v.width() / 2.0) / side - 0.5, mr = (v.top() + v.height() / 2.0) / side - 0.5;
        List<Squares.Key> out = new ArrayList<>();
        for (long r = r0; r <= r1; r++) for (long c = c0; c <= c1; c++) out.add(new Squares.Key(ground, v.step(), c, r));
        out.sort((a, b) -> Double.compare(Math.hypot(a.column() - mc, a.row() - mr), Math.hypot(b.column() - mc, b.row() - mr)));
        return out;
    }

    // ---- behind the window

    private void work(boolean modest) {
        while (true) {
            Squares.Key k = next(modest);
            if (k == null) return;
            Raster r = null;
            try {
                r = paint(k);
            } finally {
                finish(k, r);
            }
        }
    }

    private Raster paint(Squares.Key k) {
        return k.ground().paint(k.view(), g -> known(k.of(g)), () -> !isWanted(k.ground()));
    }

    /** A square of another ground; painted where it is that under a lit one. */
    private Raster known(Squares.Key k) {
        synchronized (this) {
            Raster there = squares.get(k);
            if (there != null || ground == null || k.ground() != ground.plain) return there;
        }
        Raster r = paint(k);
        if (r == null) return null;
        synchronized (this) {
            squares.put(k, r, this::isNeeded);
        }
        return r;
    }

    private synchronized boolean isWanted(Ground g) {
        return !stopped && ground != null && (g == ground || g == ground.plain);
    }

    /** Waits until there is something to paint. @return null once it is to end */
    private synchronized Squares.Key next(boolean modest) {
        while (!stopped) {
            long rests = moved + RESTS - System.nanoTime();
            Squares.Key k = modest && rests > 0 ? null : missing();
            if (k != null) {
                inWork.add(k);
                return k;
            }
            try {
                if (modest && rests > 0 && missing() != null) wait(1 + rests / 1_000_000);
                else wait();
            } catch (InterruptedException e) {
                return null;
            }
        }
        return null;
    }

    private Squares.Key missing() {
        if (ground == null || wanted == null) return null;
        for (Squares.Key k : inView(0)) if (isMissing(k)) return k;
        for (Squares.Key k : overview()) if (isMissing(k)) return k;
        for (Squares.Key k : inView(RING)) if (isMissing(k)) return k;
        return null;
    }

    private boolean isMissing(Squares.Key k) {
        return !squares.has(k) && !inWork.contains(k);
    }

    private List<Squares.Key> overview() {
        Box all = wanted.all.orElse(Box.EMPTY);
        if (all.isEmpty() || !(all.width() + all.height() > 0)) return List.of();
        PlanView small = PlanView.fit(all, OVERVIEW, OVERVIEW, 0).onSteps();
        return small.pxPerMetre() > wanted.view.pxPerMetre() ? List.of() : covering(small, 0);
    }

    private boolean isNeeded(Squares.Key k) {
        return ground != null && wanted != null && (inView(0).contains(k) || overview().contains(k));
    }

    private synchronized void finish(Squares.Key k, Raster r) {
        inWork.remove(k);
        if (r == null || !isWanted(k.ground())) return;
        squares.put(k, r, this::isNeeded);
        notifyAll();
        if (told.compareAndSet(false, true)) onWindow.accept(() -> {
            told.set(false);
            done.run();
        });
    }

    // ---- in a frame

    /** Puts a view together. */
    synchronized void compose(Raster frame, PlanView view, int paper) {
        if (ground == null) {
            frame.clear(paper);
            return;
        }
        Mosaic m = new Mosaic(frame, view, squares, ground);
        for (Squares.Key k : covering(view, 0)) m.square(k);
    }

    void stop() {
        synchronized (this) {
            stopped = true;
            notifyAll();
        }
        painters.forEach(Thread::interrupt);
    }
}
