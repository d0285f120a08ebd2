package brightlintel.read.pdf;

import brightlintel.read.Refused;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/** Looks at the packed parts that a library unpacks before anybody can stop it: those in which objects lie and the table of places. */
final class Packages {
    private static final byte[] STREAM = "stream".getBytes(StandardCharsets.ISO_8859_1);
    private static final int DICTIONARY = 600, TIGHTEST = 1032, BLOCK = 1 << 16;
    /** A larger file is not held in memory to be looked through; what it packs is small beside it. */
    private static final long MOST = 256L << 20;

    private Packages() { }

    /** @throws Refused where such a part unpacks to more than {@code most} bytes */
    static void check(Path file, long most) throws IOException {
        if (Files.size(file) > MOST) return;
        byte[] b = Files.readAllBytes(file);
        for (int i = next(b, 0); i >= 0; i = next(b, i + STREAM.length)) {
            if (i >= 3 && b[i - 1] == 'd') continue;
            String before = new String(b, Math.max(0, i - DICTIONARY), Math.min(DICTIONARY, i), StandardCharsets.ISO_8859_1);
            before = before.substring(before.lastIndexOf(" obj") + 1);
            boolean early = before.contains("ObjStm") || before.contains("XRef");
            if (!early || (long) (b.length - i) * TIGHTEST < most) continue;
            int from = i + STREAM.length;
            while (from < b.length && (b[from] == '\r' || b[from] == '\n')) from++;
            if (unpacks(b, from, most)) throw new Refused(Refused.Why.LOST, file.getFileName(), "it unpacks without end");
        }
    }

    private static int next(byte[] b, int from) {
        for (int i = from; i + STREAM.length <= b.length; i++) {
            if (b[i] != 's') continue;
            int k = 1;
            while (k < STREAM.length && b[i + k] == STREAM[k]) k++;
            if (k == STREAM.length) return i;
        }
        return -1;
    }

    private static boolean unpacks(byte[] b, int from, long most) {
        Inflater inflater = new Inflater();
        inflater.setInput(b, from, b.length - from);
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
