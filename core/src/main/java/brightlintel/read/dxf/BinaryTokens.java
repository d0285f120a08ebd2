package brightlintel.read.dxf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import brightlintel.read.CodePages;
import java.io.BufferedInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.util.Arrays;

/**
 * Tokens of the binary form. Codes are two bytes, or one in files before R13, which is told from the first pair; what a value is follows
 * from its code. Numbers little-endian, texts end in a zero byte.
 */
final class BinaryTokens implements Tokens {
    private static final int HEAD = 22;
    private static final int LONGEST_TEXT = 1 << 24;
    private final InputStream in;
    private final Report.Builder report;
    private final boolean oneByteCodes;
    private long offset;
    private int code;
    private boolean pending;
    private double number;
    private byte[] text = new byte[256];
    private int length;
    private boolean isNumber;
    private Charset charset = Charset.forName("windows-1252");

    BinaryTokens(InputStream raw, Report.Builder report) throws IOException {
        this.in = new BufferedInputStream(raw, 1 << 16);
        this.report = report;
        in.skipNBytes(HEAD);
        offset = HEAD;
        in.mark(4);
        in.read();
        int second = in.read();
        in.reset();
        oneByteCodes = second != 0;
        pending = true;
    }

    private int one() throws IOException {
        int b = in.read();
        if (b < 0) throw new EOFException();
        offset++;
        return b;
    }

    private long little(int bytes) throws IOException {
        long v = 0;
        for (int i = 0; i < bytes; i++) v |= (long) one() << 8 * i;
        return v;
    }

    @Override public boolean next() throws IOException {
        if (!pending) return false;
        try {
            code = readCode();
            value();
            return true;
        } catch (EOFException e) {
            pending = false;
            if (!(code == 0 && text().equals("EOF"))) report.say(Code.FILE_ENDS_EARLY, at());
            return false;
        }
    }

    private int readCode() throws IOException {
        if (!oneByteCodes) return (short) little(2);
        int c = one();
        return c == 255 ? (short) little(2) : c;
    }

    private void value() throws IOException {
        isNumber = true;
        int c = code;
        if (c >= 10 && c <= 59 || c >= 110 && c <= 149 || c >= 210 && c <= 239 || c >= 460 && c <= 469 || c >= 1010 && c <= 1059)
            number = Double.longBitsToDouble(little(8));
        else if (c >= 60 && c <= 79 || c >= 170 && c <= 179 || c >= 270 && c <= 289 || c >= 370 && c <= 389 || c >= 400 && c <= 409
            || c >= 1060 && c <= 1070) number = (short) little(2);
        else if (c >= 90 && c <= 99 || c >= 420 && c <= 429 || c >= 440 && c <= 459 || c == 1071) number = (int) little(4);
        else if (c >= 160 && c <= 169) number = little(8);
        else if (c >= 290 && c <= 299) number = one();
        else {
            isNumber = false;
            if (c >= 310 && c <= 319 || c == 1004) chunk();
            else string();
        }
    }

    /** Bytes are of no use to us; their length is kept as text. */
    private void chunk() throws IOException {
        int n = one();
        for (int i = 0; i < n; i++) one();
        length = 0;
    }

    private void string() throws IOException {
        length = 0;
        for (int b = one(); b != 0; b = one()) {
            if (length == text.length) {
                if (length >= LONGEST_TEXT) throw new IOException("text at byte " + offset + " is longer than " + LONGEST_TEXT);
                text = Arrays.copyOf(text, 2 * length);
            }
            text[length++] = (byte) b;
        }
    }

    @Override public int code() {
        return code;
    }

    @Override public String text() {
        if (isNumber)
            return number == Math.rint(number) && Math.abs(number) < 1e15 ? Long.toString((long) number) : Double.toString(number);
        return CodePages.decode(charset, text, 0, length);
    }

    @Override public double number() {
        return isNumber ? number : Numbers.parse(text, 0, length);
    }

    @Override public long whole() {
        double v = number();
        return Double.isNaN(v) ? 0 : (long) v;
    }

    @Override public void charset(Charset c) {
        charset = c;
    }

    @Override public long mark() {
        return offset;
    }

    @Override public Location at(long mark) {
        return new Location.Offset(mark);
    }

    @Override public long bytesRead() {
        return offset;
    }
}
