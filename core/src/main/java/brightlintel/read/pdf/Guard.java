package brightlintel.read.pdf;

import brightlintel.read.Refused;
import java.io.IOException;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicLong;

/**
 * Runs what a made-up file can exhaust on a thread of its own: a stack that runs out, memory that runs out and a call that does not come
 * back end in a refusal and not in the end of the program.
 */
final class Guard {
    private static final long STACK = 4 << 20;
    private static final long SILENT_NANOS = 60_000_000_000L;
    private static final int LOOK_MS = 100;
    private final AtomicLong heard = new AtomicLong(System.nanoTime());

    private record Outcome<T>(T value, Throwable failure) { }

    /** Called now and then by what runs: it is alive. */
    void alive() {
        heard.set(System.nanoTime());
    }

    /** @param name of the file, for a refusal */
    <T> T run(Object name, Callable<T> work) throws IOException {
        Object[] box = new Object[1];
        Thread t = new Thread(null, () -> {
            try {
                box[0] = new Outcome<>(work.call(), null);
            } catch (Throwable e) {
                box[0] = new Outcome<T>(null, e);
            }
        }, "page-reader", STACK);
        t.setDaemon(true);
        t.start();
        try {
            while (t.isAlive()) {
                t.join(LOOK_MS);
                if (System.nanoTime() - heard.get() > SILENT_NANOS && t.isAlive()) {
                    t.interrupt();
                    throw new Refused(Refused.Why.LOST, name, "it does not come to an end");
                }
            }
        } catch (InterruptedException e) {
            t.interrupt();
            Thread.currentThread().interrupt();
            throw new CancellationException();
        }
        @SuppressWarnings("unchecked") Outcome<T> out = (Outcome<T>) box[0];
        return switch (out.failure) {
            case null -> out.value;
            case IOException e -> throw e;
            case CancellationException e -> throw e;
            case StackOverflowError _ -> throw new Refused(Refused.Why.LOST, name, "it is nested without end");
            case OutOfMemoryError _ -> throw new Refused(Refused.Why.LOST, name, "it asks for more memory than there is");
            case RuntimeException e -> throw new Refused(Refused.Why.LOST, name, e.getClass().getSimpleName());
            case Error e -> throw e;
            case Throwable e -> throw new IOException(e);
        };
    }
}
