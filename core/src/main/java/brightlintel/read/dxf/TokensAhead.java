package brightlintel.read.dxf;

import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.nio.charset.Charset;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.TimeUnit;

/**
 * Tokens scanned ahead on a thread of its own, some thousands at a time, so that lines and figures are made out while others become values. Faults
 * of the scan are reported when their place is reached.
 */
final class TokensAhead implements Tokens, AutoCloseable {
    private static final int TOKENS = 1 << 12, BATCHES = 6;
    private final Report.Builder report;
    private final ArrayBlockingQueue<Batch> full = new ArrayBlockingQueue<>(BATCHES), free = new ArrayBlockingQueue<>(BATCHES);
    private final SliceTexts texts = new SliceTexts();
    private final Thread thread;
    private volatile boolean stopped;
    private Batch batch = new Batch();
    private int at;

    /** Codes with their figures, and the bytes of those that are texts. */
    private static final class Batch {
        private final int[] codes = new int[TOKENS], ends = new int[TOKENS + 1];
        private final double[] numbers = new double[TOKENS];
        private final long[] lines = new long[TOKENS + 1];
        private final List<Report> faults = new ArrayList<>();
        private final List<Integer> faultsAt = new ArrayList<>();
        private byte[] bytes = new byte[1 << 14];
        private int size;
        private long bytesRead;
        private boolean last;
        private Throwable failure;

        private void clear() {
            size = 0;
            faults.clear();
            faultsAt.clear();
        }

        private void add(TextTokens scanner, boolean keepAll) {
            int c = scanner.code(), end = ends[size];
            boolean text = Groups.isText(c);
            double v = text ? Double.NaN : scanner.number();
            if (text || keepAll || Double.isNaN(v)) {
                int n = scanner.length();
                if (end + n > bytes.length) bytes = Arrays.copyOf(bytes, Math.max(2 * bytes.length, end + n));
                scanner.copyTo(bytes, end);
                end += n;
            }
            codes[size] = c;
            numbers[size] = v;
            lines[size] = scanner.mark();
            ends[++size] = end;
        }

        private boolean is(int i, String word) {
            int from = ends[i];
            if (ends[i + 1] - from != word.length()) return false;
            for (int k = 0; k < word.length(); k++) if (bytes[from + k] != word.charAt(k)) return false;
            return true;
        }
    }

    /** Scans what the scanner gives; its own report goes to where it belongs. */
    TokensAhead(TextTokens scanner, Report.Builder ofScanner, Report.Builder report) {
        this.report = report;
        texts.charset(scanner.charset());
        for (int i = 0; i < BATCHES; i++) free.add(new Batch());
        thread = Thread.ofPlatform().daemon().name("scan-ahead").start(() -> run(scanner, ofScanner));
    }

    private void run(TextTokens scanner, Report.Builder ofScanner) {
        boolean keepAll = true, section = false, last = false;
        try {
            while (!last && !stopped) {
                Batch b = free.take();
                b.clear();
                try {
                    while (b.size < TOKENS && !last) {
                        last = !scanner.next();
                        if (!ofScanner.isEmpty()) {
                            b.faults.add(ofScanner.take());
                            b.faultsAt.add(b.size);
                        }
                        if (last) break;
                        b.add(scanner, keepAll);
                        // the header alone asks for the words of its figures
                        if (section) keepAll = b.codes[b.size - 1] != 2 || !b.is(b.size - 1, "ENTITIES") && !b.is(b.size - 1, "BLOCKS");
                        section = b.codes[b.size - 1] == 0 && b.is(b.size - 1, "SECTION");
                    }
                } catch (IOException | RuntimeException | Error e) {
                    b.failure = e;
                    last = true;
                }
                b.last = last;
                b.lines[b.size] = scanner.mark();
                b.bytesRead = scanner.bytesRead();
                full.put(b);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override public boolean next() throws IOException {
        while (true) {
            if (at < batch.size) at++;
            tell();
            if (at < batch.size) return true;
            if (batch.failure instanceof IOException e) throw e;
            if (batch.failure instanceof RuntimeException e) throw e;
            if (batch.failure instanceof Error e) throw e;
            if (batch.last) return false;
            refill();
            tell();
            if (batch.size > 0) return true;
        }
    }

    private void refill() throws IOException {
        try {
            if (batch.bytesRead > 0) free.put(batch);
            batch = full.take();
            at = 0;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new InterruptedIOException("stopped");
        }
    }

    private void tell() {
        while (!batch.faults.isEmpty() && batch.faultsAt.getFirst() <= at) {
            report.append(batch.faults.removeFirst());
            batch.faultsAt.removeFirst();
        }
    }

    @Override public int code() {
        return at < batch.size ? batch.codes[at] : 0;
    }

    @Override public String text() {
        return at < batch.size ? texts.text(batch.bytes, batch.ends[at], batch.ends[at + 1]) : "";
    }

    @Override public double number() {
        if (at >= batch.size) return Double.NaN;
        return Groups.isText(batch.codes[at]) ? Numbers.parse(batch.bytes, batch.ends[at], batch.ends[at + 1]) : batch.numbers[at];
    }

    @Override public void charset(Charset charset) {
        texts.charset(charset);
    }

    @Override public long mark() {
        return batch.lines[Math.min(at, batch.size)];
    }

    @Override public Location at(long mark) {
        return new Location.Line(mark);
    }

    @Override public long bytesRead() {
        return batch.bytesRead;
    }

    /** Waits for the scan to end, whether all was asked for or not. */
    @Override public void close() {
        stopped = true;
        try {
            while (!thread.join(Duration.ofMillis(1))) {
                Batch b = full.poll(1, TimeUnit.MILLISECONDS);
                if (b != null) free.offer(b);
            }
        } catch (InterruptedException e) {
            thread.interrupt();
            Thread.currentThread().interrupt();
        }
    }
}
