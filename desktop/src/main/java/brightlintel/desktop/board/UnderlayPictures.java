package brightlintel.desktop.board;

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
 * those of the whole plan, which are kept. A frame is put together of what is there; where a square is not there yet, others stand in, of
 * the same drawings in the same places at another scale or in the look before. A square that nobody waits for any more is given up.
 */
final class UnderlayPictures {
    /** Room for this many views, and at least so much. */
    private static final long VIEWS = 4, LEAST_BYTES = 24L << 20;
    /** While the view moves one core is left to the window. Nanoseconds after which it rests, and within which steps are one movement. */
    private static final long RESTS = 16_000_000, STEPS = 200_000_000;
    /** Nanoseconds: a frame for each square that is done would take the cores from those that are not. */
    private static final long TELLS = 50_000_000;
    private static final boolean FEW_CORES = Runtime.getRuntime().availableProcessors() < 4;
    private static final int RING = 1;
    private final Squares squares = new Squares(LEAST_BYTES);
    private final Consumer<Runnable> onWindow;
    private final List<Thread> painters = new ArrayList<>();
    private final Set<Squares.Key> inWork = new HashSet<>();
    private final AtomicBoolean told = new AtomicBoolean();
    private Ground ground;
    private Wanted wanted;
    private List<Squares.Key> inView = List.of(), overview = List.of(), round = List.of();
    private Set<Squares.Key> needed = Set.of(), listed = Set.of();
    private Runnable done = () -> { };
    private long moved = System.nanoTime() - RESTS, stepped = moved - STEPS;
    private long toldAt;
    private boolean stopped;

    /** @param whole the view of the whole plan, as far as it is known where that is: painted while nothing else is, and kept */
    record Wanted(List<Ground.Sheet> sheets, List<Ground.Lit> lit, int paper, PlanView view, Optional<PlanView> whole) {
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
            painters.add(Thread.ofPlatform().daemon().priority(Thread.MIN_PRIORITY).name("board painter " + i).start(() -> work(modest)));
        }
    }

    /** Forgets what belongs to another drawing. */
    synchronized void forget() {
        ground = null;
        wanted = null;
        needed = Set.of();
        listed = Set.of();
        squares.dropIf(_ -> true);
    }

    /** @param again is run on the window's thread whenever there is more to show */
    synchronized void want(Wanted w, Runnable again) {
        done = again;
        if (w.equals(wanted)) return;
        if (wanted != null && !w.view.equals(wanted.view)) moving();
        wanted = w;
        if (ground == null || !w.isOf(ground)) ground = new Ground(w.sheets, w.paper, ground);
        Ground was = ground;
        ground = ground.lit(w.lit);
        if (was != ground || squares.steps(ground).isEmpty())
            squares.dropIf(k -> k.ground() != ground && k.ground() != ground.plain && k.ground() != ground.before());
        list();
        notifyAll();
    }

    /** One step alone is not moving: nobody waits for a second one. */
    private void moving() {
        long now = System.nanoTime();
        if (now - stepped < STEPS) moved = now;
        stepped = now;
    }

    /** Whether each square in view is there. */
    synchronized boolean isSharp(Wanted w) {
        return w.equals(wanted) && inView.stream().allMatch(squares::has);
    }

    long bytes() {
        synchronized (this) {
            return squares.bytes();
        }
    }

    /** Worked out once for each want: they are asked for under the lock that a frame waits for. */
    private void list() {
        inView = covering(wanted.view, 0);
        overview = overview();
        round = covering(wanted.view, RING);
        needed = new HashSet<>(inView);
        needed.addAll(overview);
        listed = new HashSet<>(needed);
        listed.addAll(round);
        squares.bound(Math.max(LEAST_BYTES, (VIEWS * round.size() + overview.size()) * Squares.SQUARE_BYTES));
    }

    /** Squares that a view touches and some round it, those nearest to its middle first. */
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
            long began = System.nanoTime();
            Raster r = null;
            try {
                r = paint(k);
            } finally {
                finish(k, r);
            }
            if (FEW_CORES) breathe(System.nanoTime() - began);
        }
    }

    /** Half the time of a core while the view moves: two threads of the window share the other with whatever else there is. */
    private synchronized void breathe(long nanos) {
        long rests = Math.min(nanos, moved + RESTS - System.nanoTime());
        try {
            if (rests > 1_000_000 && !stopped) wait(rests / 1_000_000);
        } catch (InterruptedException e) {
            stopped = true;
        }
    }

    private Raster paint(Squares.Key k) {
        return k.ground().paint(k.view(), new Ground.Place() {
            @Override public Raster blank() {
                synchronized (UnderlayPictures.this) {
                    return squares.blank();
                }
            }

            @Override public Raster copy(Ground g) {
                return known(k.of(g));
            }
        }, () -> !isWanted(k));
    }

    /** A copy of a square of another ground; painted where it is that under a lit one. */
    private Raster known(Squares.Key k) {
        synchronized (this) {
            Raster there = squares.copy(k);
            if (there != null || ground == null || k.ground() != ground.plain) return there;
        }
        Raster r = paint(k);
        if (r == null) return null;
        synchronized (this) {
            squares.put(k, r, needed::contains);
            return squares.copy(k);
        }
    }

    private synchronized boolean isWanted(Ground g) {
        return !stopped && ground != null && (g == ground || g == ground.plain);
    }

    /** A square of a step that was passed stands in while the view moves; once that rests it only keeps others waiting. */
    private synchronized boolean isWanted(Squares.Key k) {
        if (!isWanted(k.ground())) return false;
        if (System.nanoTime() - stepped < RESTS) return true;
        // nor does one that is painted ahead, once something in view is missing
        if (missing(inView) != null && !inView.contains(k) && !inView.contains(k.of(ground))) return false;
        return listed.contains(k) || listed.contains(k.of(ground));
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
        for (List<Squares.Key> some : List.of(inView, round, overview)) {
            Squares.Key k = missing(some);
            if (k != null) return k;
        }
        return null;
    }

    private Squares.Key missing(List<Squares.Key> some) {
        for (Squares.Key k : some) if (isMissing(k)) return k;
        return null;
    }

    private boolean isMissing(Squares.Key k) {
        return !squares.has(k) && !inWork.contains(k);
    }

    private List<Squares.Key> overview() {
        return wanted.whole.filter(v -> v.pxPerMetre() < wanted.view.pxPerMetre()).map(v -> covering(v, 0)).orElse(List.of());
    }

    private synchronized void finish(Squares.Key k, Raster r) {
        inWork.remove(k);
        if (r == null || !isWanted(k.ground())) return;
        squares.put(k, r, needed::contains);
        notifyAll();
        long now = System.nanoTime();
        if (now - toldAt < TELLS && missing(inView) != null) return;
        toldAt = now;
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
