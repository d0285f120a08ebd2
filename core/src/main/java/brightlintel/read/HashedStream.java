package brightlintel.read;

import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.concurrent.ArrayBlockingQueue;

/** Reads a file ahead and hashes it on a thread of its own, while the reader makes sense of what it has. At most a few blocks wait. */
public final class HashedStream extends InputStream {
    private static final int BLOCK = 1 << 18, WAITING = 6;
    private static final Block END = new Block(new byte[0], 0, null);
    private final ArrayBlockingQueue<Block> queue = new ArrayBlockingQueue<>(WAITING);
    private final ArrayBlockingQueue<byte[]> free = new ArrayBlockingQueue<>(WAITING + 2);
    private final MessageDigest sha;
    private final Thread ahead;
    private Block block = new Block(new byte[0], 0, null);
    private int at;
    private boolean ended;

    private record Block(byte[] bytes, int size, IOException failure) { }

    /** @param hash false where nobody will ask for it */
    public HashedStream(Path file, boolean hash) throws IOException {
        sha = hash ? sha256() : null;
        InputStream in = Files.newInputStream(file);
        ahead = Thread.ofPlatform().daemon().name("read-ahead").start(() -> run(in));
    }

    /** Of bytes that are read already. */
    public static String hexOf(byte[] bytes, int n) {
        MessageDigest sha = sha256();
        sha.update(bytes, 0, n);
        return HexFormat.of().formatHex(sha.digest());
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new AssertionError(e);
        }
    }

    private void run(InputStream from) {
        try (InputStream in = from) {
            while (true) {
                byte[] used = free.poll();
                byte[] bytes = used != null ? used : new byte[BLOCK];
                int n = in.readNBytes(bytes, 0, BLOCK);
                if (n == 0) break;
                if (sha != null) sha.update(bytes, 0, n);
                queue.put(new Block(bytes, n, null));
            }
            queue.put(END);
        } catch (IOException e) {
            try {
                queue.put(new Block(new byte[0], 0, e));
            } catch (InterruptedException stop) {
                Thread.currentThread().interrupt();
            }
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    private boolean fill() throws IOException {
        while (at == block.size && !ended) {
            if (block.bytes.length == BLOCK) free.offer(block.bytes);
            try {
                block = queue.take();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new InterruptedIOException("stopped");
            }
            at = 0;
            if (block.failure != null) {
                ended = true;
                throw block.failure;
            }
            ended = block == END;
        }
        return !ended;
    }

    @Override public int read() throws IOException {
        return fill() ? block.bytes[at++] & 255 : -1;
    }

    @Override public int read(byte[] to, int from, int n) throws IOException {
        if (n == 0) return 0;
        if (!fill()) return -1;
        int k = Math.min(n, block.size - at);
        System.arraycopy(block.bytes, at, to, from, k);
        at += k;
        return k;
    }

    /** Of the whole file: what was not asked for is read to the end. "" where no hash was wanted. */
    public String sha256Hex() throws IOException {
        if (sha == null) return "";
        while (fill()) at = block.size;
        try {
            ahead.join();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new InterruptedIOException("stopped");
        }
        return HexFormat.of().formatHex(sha.digest());
    }

    @Override public void close() {
        ahead.interrupt();
    }
}
