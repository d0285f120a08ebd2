package brightlintel.read.pdf;

import brightlintel.read.Refused;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/** Looks at the packed parts that a library unpacks before anybody can stop it: those in which objects lie and the table of places. */
final class Packages {
    private static final byte[] STREAM = "stream".getBytes(StandardCharsets.ISO_8859_1);
    private static final int DICTIONARY = 600, TIGHTEST = 1032, BLOCK = 1 << 16;

    private Packages() { }

    /** @throws Refused where such a part unpacks to more than {@code most} bytes */
    static void check(Path file, long most) throws IOException {
        try (FileChannel in = FileChannel.open(file)) {
            // looked through where it lies: a large file is not held in memory for it
            ByteBuffer b = in.map(FileChannel.MapMode.READ_ONLY, 0, Math.min(in.size(), Integer.MAX_VALUE));
            for (int i = next(b, 0); i >= 0; i = next(b, i + STREAM.length)) {
                if (i >= 3 && b.get(i - 1) == 'd' || !isEarly(b, i) || (long) (b.limit() - i) * TIGHTEST < most) continue;
                int from = i + STREAM.length;
                while (from < b.limit() && (b.get(from) == '\r' || b.get(from) == '\n')) from++;
                if (unpacks(b.slice(from, b.limit() - from), most))
                    throw new Refused(Refused.Why.LOST, file.getFileName(), "it unpacks without end");
            }
        }
    }

    private static boolean isEarly(ByteBuffer b, int at) {
        byte[] before = new byte[Math.min(DICTIONARY, at)];
        b.get(at - before.length, before);
        String s = new String(before, StandardCharsets.ISO_8859_1);
        s = s.substring(s.lastIndexOf(" obj") + 1);
        return s.contains("ObjStm") || s.contains("XRef");
    }

    private static int next(ByteBuffer b, int from) {
        int end = b.limit() - STREAM.length;
        for (int i = from; i <= end; i++) {
            if (b.get(i) != 's') continue;
            int k = 1;
            while (k < STREAM.length && b.get(i + k) == STREAM[k]) k++;
            if (k == STREAM.length) return i;
        }
        return -1;
    }

    private static boolean unpacks(ByteBuffer packed, long most) {
        Inflater inflater = new Inflater();
        inflater.setInput(packed);
        byte[] plain = new byte[BLOCK];
        long out = 0;
        try {
            while (!inflater.finished() && !inflater.needsDictionary() && out <= most) {
                int n = inflater.inflate(plain);
                if (n == 0) break;
                out += n;
            }
        } catch (DataFormatException e) {
            return false;
        } finally {
            inflater.end();
        }
        return out > most;
    }
}
