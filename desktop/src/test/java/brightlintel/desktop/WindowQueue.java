package brightlintel.desktop;

import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** The thread of the window, played by the thread of the test: what is handed to it waits until the test lets it run. */
public final class WindowQueue implements Consumer<Runnable> {
    private static final long PATIENCE = TimeUnit.SECONDS.toNanos(30);
    private final LinkedBlockingQueue<Runnable> waiting = new LinkedBlockingQueue<>();

    @Override public void accept(Runnable r) {
        waiting.add(r);
    }

    /** Lets things run until something is so. */
    public void until(String what, BooleanSupplier isSo) {
        long end = System.nanoTime() + PATIENCE;
        while (!isSo.getAsBoolean()) {
            if (System.nanoTime() > end) throw new AssertionError("waited in vain until " + what);
            try {
                Runnable r = waiting.poll(20, TimeUnit.MILLISECONDS);
                if (r != null) r.run();
            } catch (InterruptedException e) {
                throw new AssertionError(e);
            }
        }
    }

    /** What has arrived so far, and no more. */
    public void drain() {
        for (Runnable r = waiting.poll(); r != null; r = waiting.poll()) r.run();
    }

    /** Waits until something has arrived, and lets nothing run. */
    public void arrived() {
        long end = System.nanoTime() + PATIENCE;
        while (waiting.isEmpty()) {
            if (System.nanoTime() > end) throw new AssertionError("nothing arrived");
            Thread.onSpinWait();
        }
    }
}
