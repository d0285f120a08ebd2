package brightlintel.read.dwg;

import brightlintel.drawing.TextCodes;
import brightlintel.read.CodePages;
import java.nio.charset.Charset;

/** Texts: in the data as bytes of a code page before 2007, in a stream of their own as sixteen-bit units since. */
final class Strings {
    private final Version version;
    private final Charset charset;
    private Bits data;
    private Bits stream;

    Strings(Version version, Charset charset) {
        this.version = version;
        this.charset = charset;
    }

    /** @param stream of texts, or null where the object has none */
    void over(Bits data, Bits stream) {
        this.data = data;
        this.stream = stream;
    }

    /** Texts end where a flag stands, and before it their length in bits, of one or two words. Goes over them, not before a limit. */
    static void before(Bits texts, byte[] bytes, long flag, long limit) {
        long end = flag - 16;
        texts.over(bytes, end, 8L * bytes.length);
        long size = texts.rawShort();
        if ((size & 0x8000) != 0) {
            end -= 16;
            texts.seek(end);
            size = size & 0x7fff | (long) texts.rawShort() << 15;
        }
        if (size > end - limit) throw new Damaged("texts of " + size + " bits");
        texts.over(bytes, end - size, end);
    }

    /** TV. */
    String text() {
        return version.from(Version.R2007) ? stream == null ? "" : wide(stream) : narrow(data, charset);
    }

    static String narrow(Bits in, Charset charset) {
        int n = in.count(in.bitShort() & 0xffff, 8);
        byte[] b = new byte[n];
        for (int i = 0; i < n; i++) b[i] = (byte) in.rawByte();
        while (n > 0 && b[n - 1] == 0) n--;
        return CodePages.decode(charset, b, 0, n);
    }

    static String wide(Bits in) {
        int n = in.count(in.bitShort() & 0xffff, 16);
        char[] c = new char[n];
        for (int i = 0; i < n; i++) c[i] = (char) in.rawShort();
        while (n > 0 && c[n - 1] == 0) n--;
        return TextCodes.characters(new String(c, 0, n));
    }
}
