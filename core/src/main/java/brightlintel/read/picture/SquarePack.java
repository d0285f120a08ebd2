package brightlintel.read.picture;

import brightlintel.drawing.Detail;
import brightlintel.drawing.Pixels;
import java.io.BufferedOutputStream;
import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;

/**
 * The squares of one picture in one file of the application's own cache. Squares as they come, then where each one lies, then where that
 * table begins: a file without its end is none. A square of one colour is that colour; a grey one takes a byte a pixel; both packed.
 */
public final class SquarePack implements Closeable {
    private static final int MAGIC = 0x424c5331;
    private static final byte PLAIN = 0, GREY = 1, COLOUR = 2;
    private static final int LARGEST = 4 * Detail.SIDE * Detail.SIDE + 1024;
    private final FileChannel file;
    private final int[][] across;
    private final long[][] offsets;
    private final int[][] lengths;
    private final int width, height;

    private SquarePack(FileChannel file, ByteBuffer table) throws IOException {
        this.file = file;
        if (table.getInt() != MAGIC) throw new IOException("not a pack of squares");
        width = table.getInt();
        height = table.getInt();
        int levels = table.getInt();
        if (levels < 1 || levels > 16 || width < 1 || height < 1) throw new IOException("a pack of " + levels + " levels");
        across = new int[levels][2];
        offsets = new long[levels][];
        lengths = new int[levels][];
        for (int i = 0, w = width, h = height; i < levels; i++, w = Math.max(1, w / 2), h = Math.max(1, h / 2)) {
            across[i] = new int[] {squares(w), squares(h)};
            int n = across[i][0] * across[i][1];
            if (table.remaining() < 12L * n) throw new IOException("a table cut short");
            offsets[i] = new long[n];
            lengths[i] = new int[n];
            for (int k = 0; k < n; k++) {
                offsets[i][k] = table.getLong();
                lengths[i][k] = table.getInt();
            }
        }
    }

    private static int squares(int pixels) {
        return (pixels + Detail.SIDE - 1) / Detail.SIDE;
    }

    /** @throws IOException also where the file is no whole pack */
    public static SquarePack open(Path path) throws IOException {
        FileChannel f = FileChannel.open(path, StandardOpenOption.READ);
        try {
            long size = f.size();
            if (size < 24) throw new IOException("a pack cut short");
            long table = read(f, size - 8, 8).getLong();
            if (table < 0 || table > size - 24 || size - table > 1 << 28) throw new IOException("a pack without its end");
            return new SquarePack(f, read(f, table, (int) (size - 8 - table)));
        } catch (IOException | RuntimeException e) {
            f.close();
            throw e;
        }
    }

    private static ByteBuffer read(FileChannel f, long at, int n) throws IOException {
        ByteBuffer b = ByteBuffer.allocate(n);
        while (b.hasRemaining()) if (f.read(b, at + b.position()) < 0) throw new IOException("cut short");
        return b.flip();
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    public int levels() {
        return offsets.length;
    }

    /** @return null where there is no such square */
    public Pixels square(int level, int column, int row) throws IOException {
        if (level < 0 || level >= levels() || column < 0 || row < 0 || column >= across[level][0] || row >= across[level][1]) return null;
        int k = row * across[level][0] + column;
        if (lengths[level][k] < 5 || lengths[level][k] > LARGEST) return null;
        ByteBuffer b = read(file, offsets[level][k], lengths[level][k]);
        byte kind = b.get();
        int w = b.getShort(), h = b.getShort();
        if (w < 1 || h < 1 || w > Detail.SIDE || h > Detail.SIDE) throw new IOException("a square of " + w + " x " + h);
        int[] out = new int[w * h];
        if (kind == PLAIN) {
            Arrays.fill(out, b.getInt());
            return new Pixels(w, h, out);
        }
        byte[] raw = new byte[w * h * (kind == GREY ? 1 : 4)];
        unpack(b, raw);
        if (kind == GREY) for (int i = 0; i < out.length; i++) out[i] = 0xff000000 | (raw[i] & 255) * 0x010101;
        else ByteBuffer.wrap(raw).asIntBuffer().get(out);
        return new Pixels(w, h, out);
    }

    private static void unpack(ByteBuffer b, byte[] to) throws IOException {
        Inflater i = new Inflater();
        try {
            i.setInput(b);
            int n = 0;
            while (n < to.length) {
                int more = i.inflate(to, n, to.length - n);
                if (more == 0) throw new IOException("a square cut short");
                n += more;
            }
        } catch (DataFormatException e) {
            throw new IOException("a damaged square", e);
        } finally {
            i.end();
        }
    }

    @Override public void close() throws IOException {
        file.close();
    }

    /** Writes beside the place and moves there at the end: a pack is whole or is not. */
    public static final class Writer implements Closeable {
        private final Path target, part;
        private final DataOutputStream out;
        private final ByteArrayOutputStream table = new ByteArrayOutputStream();
        private final int width, height;
        private final int[] across;
        private final long[][] offsets;
        private final int[][] lengths;
        private final Deflater deflater = new Deflater(Deflater.BEST_SPEED);
        private final byte[] packed = new byte[LARGEST];
        private long at;

        public Writer(Path target, int width, int height, int levels) throws IOException {
            this.target = target;
            this.width = width;
            this.height = height;
            Files.createDirectories(target.toAbsolutePath().getParent());
            part = Files.createTempFile(target.toAbsolutePath().getParent(), "making", ".part");
            OutputStream o = Files.newOutputStream(part);
            out = new DataOutputStream(new BufferedOutputStream(o, 1 << 16));
            across = new int[levels];
            offsets = new long[levels][];
            lengths = new int[levels][];
            for (int i = 0, w = width, h = height; i < levels; i++, w = Math.max(1, w / 2), h = Math.max(1, h / 2)) {
                across[i] = squares(w);
                offsets[i] = new long[squares(w) * squares(h)];
                lengths[i] = new int[offsets[i].length];
            }
        }

        void square(int level, int column, int row, int w, int h, int[] argb) throws IOException {
            int n = w * h, k = row * across[level] + column;
            byte kind = kind(argb, n);
            ByteBuffer b = ByteBuffer.wrap(packed);
            b.put(kind).putShort((short) w).putShort((short) h);
            if (kind == PLAIN) b.putInt(argb[0]);
            else {
                byte[] raw = new byte[kind == GREY ? n : 4 * n];
                if (kind == GREY) for (int i = 0; i < n; i++) raw[i] = (byte) argb[i];
                else ByteBuffer.wrap(raw).asIntBuffer().put(argb, 0, n);
                deflater.reset();
                deflater.setInput(raw);
                deflater.finish();
                b.position(b.position() + deflater.deflate(packed, b.position(), packed.length - b.position()));
            }
            offsets[level][k] = at;
            lengths[level][k] = b.position();
            out.write(packed, 0, b.position());
            at += b.position();
        }

        private static byte kind(int[] argb, int n) {
            boolean same = true, grey = true;
            for (int i = 0; i < n && (same || grey); i++) {
                int c = argb[i];
                same &= c == argb[0];
                grey &= c >>> 24 == 255 && (c >> 16 & 255) == (c & 255) && (c >> 8 & 255) == (c & 255);
            }
            return same ? PLAIN : grey ? GREY : COLOUR;
        }

        /** Puts the whole in its place. */
        public void finish() throws IOException {
            DataOutputStream t = new DataOutputStream(table);
            t.writeInt(MAGIC);
            t.writeInt(width);
            t.writeInt(height);
            t.writeInt(offsets.length);
            for (int i = 0; i < offsets.length; i++)
                for (int k = 0; k < offsets[i].length; k++) {
                    t.writeLong(offsets[i][k]);
                    t.writeInt(lengths[i][k]);
                }
            out.write(table.toByteArray());
            out.writeLong(at);
            out.close();
            Files.move(part, target, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        }

        /** What was not finished leaves nothing behind. */
        @Override public void close() throws IOException {
            deflater.end();
            out.close();
            Files.deleteIfExists(part);
        }
    }
}
