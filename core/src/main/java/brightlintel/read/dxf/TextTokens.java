package brightlintel.read.dxf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import brightlintel.read.CodePages;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/**
 * Tokens of the text form, streamed: a line is a slice of the buffer, and nothing is made of it before somebody asks. Line ends may be LF,
 * CRLF or CR. A line that should be a group code and is none is passed over alone, which brings codes and values back into step.
 */
final class TextTokens implements Tokens {
    private static final int BUFFER = 1 << 18;
    private static final int NEAR_END = 96, MOST_DIGITS = 18;
    private static final int LONGEST_LINE = 1 << 24;
    private final InputStream in;
    private final Report.Builder report;
    private byte[] buf = new byte[BUFFER];
    private int pos, end, start, stop;
    private boolean ended;
    private long line, before;
    private int code;
    private long mantissa;
    private double figure;
    private boolean ready;
    private Charset charset = Charset.forName("windows-1252");
    private final String[] names = new String[1024];
    private final byte[][] nameBytes = new byte[1024][];

    TextTokens(InputStream in, Report.Builder report) throws IOException {
        this.in = in;
        this.report = report;
        fill();
        if (end >= 3 && (buf[0] & 255) == 0xef && (buf[1] & 255) == 0xbb && (buf[2] & 255) == 0xbf) {
            pos = 3;
            charset = StandardCharsets.UTF_8;
        }
    }

    @Override public boolean next() throws IOException {
        return quickly() || slowly();
    }

    /**
     * The usual case, a plain code and a short value well inside the buffer, in one go. Digits are taken eight at a time and without loops
     * over bytes: the compiler needs ten times as long for such loops, and a drawing is half read before it has done.
     */
    private boolean quickly() {
        byte[] b = buf;
        int p = pos, last = end - NEAR_END;
        if (p >= last) return false;
        while (b[p] == ' ') if (++p >= last) return false;
        long eight = Numbers.eight(b, p);
        int digits = Numbers.digits(eight);
        p += digits;
        if (b[p] == '\r') p++;
        if (digits == 0 || digits > 4 || b[p] != '\n') return false;
        int v = (int) Numbers.append(0, eight, digits);
        if (v < 10 || v >= 60 || !figure(p + 1)) {
            int to = endOfLine(p + 1);
            if (to >= end - 1) return false;
            ready = false;
            value(p + 1, to);
        }
        code = v;
        line += 2;
        return true;
    }

    private int endOfLine(int from) {
        byte[] b = buf;
        int p = from, to = end;
        while (p < to && b[p] != '\n' && b[p] != '\r') p++;
        return p;
    }

    private void value(int from, int to) {
        start = from;
        stop = to;
        pos = buf[to] == '\r' && buf[to + 1] == '\n' ? to + 2 : to + 1;
    }

    /** A coordinate, as nearly all of a file is, read in the same go. Whatever is out of the usual is left to the long way. */
    private boolean figure(int from) {
        byte[] b = buf;
        int p = from;
        boolean negative = b[p] == '-';
        if (negative) p++;
        mantissa = 0;
        int digits = mantissa(p), decimals = 0;
        p += digits;
        if (b[p] == '.') {
            decimals = mantissa(++p);
            p += decimals;
        }
        if (digits + decimals < 1 || digits + decimals > MOST_DIGITS || b[p] != '\n' && b[p] != '\r') return false;
        double v = Numbers.of(mantissa, -decimals);
        if (Double.isNaN(v)) return false;
        figure = negative ? -v : v;
        ready = true;
        value(from, p);
        return true;
    }

    /** Digits go behind those in the mantissa. @return how many there are, to the first three times eight */
    private int mantissa(int from) {
        byte[] b = buf;
        int p = from, n;
        long m = mantissa;
        do {
            long eight = Numbers.eight(b, p);
            n = Numbers.digits(eight);
            m = Numbers.append(m, eight, n);
            p += n;
        } while (n == 8 && p - from < 24);
        mantissa = m;
        return p - from;
    }

    private boolean slowly() throws IOException {
        ready = false;
        while (true) {
            if (!readLine()) return false;
            if (parseCode()) break;
            if (stop > start) report.say(Code.CODE_NOT_A_NUMBER, at(), clip(decode()));
        }
        if (!readLine()) {
            report.say(Code.FILE_ENDS_EARLY, at());
            return false;
        }
        return true;
    }

    private static String clip(String s) {
        return s.length() > 24 ? s.substring(0, 24) : s;
    }

    private boolean parseCode() {
        trim();
        int i = start;
        if (i >= stop) return false;
        boolean negative = buf[i] == '-';
        if (negative || buf[i] == '+') i++;
        if (i >= stop || stop - i > 5) return false;
        int v = 0;
        for (; i < stop; i++) {
            int d = buf[i] - '0';
            if (d < 0 || d > 9) return false;
            v = v * 10 + d;
        }
        code = negative ? -v : v;
        return true;
    }

    private void trim() {
        while (start < stop && (buf[start] == ' ' || buf[start] == '\t')) start++;
        while (stop > start && (buf[stop - 1] == ' ' || buf[stop - 1] == '\t')) stop--;
    }

    /** Sets start and stop to the next line. */
    private boolean readLine() throws IOException {
        int scan = pos;
        while (true) {
            byte[] b = buf;
            while (scan < end && b[scan] != '\n' && b[scan] != '\r') scan++;
            if (scan < end) {
                if (b[scan] == '\r' && scan + 1 >= end && !ended) {
                    scan = refill(scan);
                    continue;
                }
                start = pos;
                stop = scan;
                pos = b[scan] == '\r' && scan + 1 < end && b[scan + 1] == '\n' ? scan + 2 : scan + 1;
                line++;
                return true;
            }
            if (ended) {
                if (pos >= end) return false;
                start = pos;
                stop = end;
                pos = end;
                line++;
                return true;
            }
            scan = refill(scan);
        }
    }

    private int refill(int scan) throws IOException {
        int kept = end - pos, offset = scan - pos;
        if (kept > LONGEST_LINE) throw new IOException("line " + line + " is longer than " + LONGEST_LINE + " bytes");
        if (kept > buf.length / 2) buf = Arrays.copyOf(buf, buf.length * 2);
        System.arraycopy(buf, pos, buf, 0, kept);
        before += pos;
        pos = 0;
        end = kept;
        fill();
        return offset;
    }

    private void fill() throws IOException {
        int n = in.read(buf, end, buf.length - end);
        if (n < 0) ended = true;
        else end += n;
    }

    @Override public int code() {
        return code;
    }

    /** Names come again and again: short ASCII values are kept once. */
    @Override public String text() {
        int n = stop - start;
        if (n > 40) return decode();
        int h = n;
        for (int i = start; i < stop; i++) {
            if (buf[i] < 0 || buf[i] == '\\') return decode();
            h = h * 31 + buf[i];
        }
        int slot = (h ^ (h >>> 15)) & 1023;
        if (nameBytes[slot] != null && Arrays.equals(nameBytes[slot], 0, nameBytes[slot].length, buf, start, stop)) return names[slot];
        nameBytes[slot] = Arrays.copyOfRange(buf, start, stop);
        return names[slot] = new String(buf, start, n, StandardCharsets.US_ASCII);
    }

    private String decode() {
        return CodePages.decode(charset, buf, start, stop - start);
    }

    @Override public double number() {
        if (ready) return figure;
        trim();
        return Numbers.parse(buf, start, stop);
    }

    @Override public long whole() {
        trim();
        double v = Numbers.parse(buf, start, stop);
        return Double.isNaN(v) ? 0 : (long) v;
    }

    @Override public void charset(Charset c) {
        charset = c;
    }

    @Override public long mark() {
        return line;
    }

    @Override public Location at(long mark) {
        return new Location.Line(mark);
    }

    @Override public long bytesRead() {
        return before + pos;
    }
}
