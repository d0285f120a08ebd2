package brightlintel.read.pdf;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.pdfparser.PDFStreamParser;

/**
 * Reads the content of a page: figures and operators, nine tenths of it, by itself, and all that nests or is written oddly by the library's
 * parser, set to the place. Figures become objects only for operators that ask for objects.
 */
final class ContentReader extends PDFStreamParser {
    private static final int MOST_DIGITS = 15;
    private static final double[] TENS = new double[MOST_DIGITS + 1];

    static {
        TENS[0] = 1;
        for (int i = 1; i < TENS.length; i++) TENS[i] = 10 * TENS[i - 1];
    }

    private final byte[] b;
    private int at;
    private float[] figures = new float[16];
    private boolean[] whole = new boolean[16];
    private int count;
    /** Operands with others than figures among them; empty where there are figures alone. */
    private final List<COSBase> mixed = new ArrayList<>();

    ContentReader(byte[] content) {
        super(content);
        this.b = content;
    }

    /** Who is given operators. */
    interface Sink {
        /** @return false where the operator wants its figures as objects; not to be kept */
        boolean path(byte[] content, int from, int to, float[] figures, int count) throws IOException;

        void operator(Operator operator, List<COSBase> operands) throws IOException;
    }

    void run(Sink sink) throws IOException {
        while (true) {
            skip();
            if (at >= b.length) return;
            byte c = b[at];
            if (c >= '0' && c <= '9' || c == '-' || c == '+' || c == '.') {
                if (!figure() && !object(sink)) return;
            } else if (isLetter(c)) {
                if (!word(sink)) return;
            } else if (c == '/' || c == '(' || c == '[' || c == '<') {
                if (!object(sink)) return;
            } else at++;
        }
    }

    private static boolean isLetter(byte c) {
        return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z' || c == '\'' || c == '"' || c == '*';
    }

    private static boolean isBlank(byte c) {
        return c == ' ' || c == '\n' || c == '\r' || c == '\t' || c == '\f' || c == 0;
    }

    private static boolean isDelimiter(byte c) {
        return c == '/' || c == '(' || c == ')' || c == '[' || c == ']' || c == '<' || c == '>' || c == '{' || c == '}' || c == '%';
    }

    private void skip() {
        while (at < b.length) {
            byte c = b[at];
            if (isBlank(c)) at++;
            else if (c == '%') while (at < b.length && b[at] != '\n' && b[at] != '\r') at++;
            else return;
        }
    }

    /** @return false where it is written in no plain way: nothing was consumed */
    private boolean figure() {
        int i = at, digits = 0, after = -1;
        long mantissa = 0;
        boolean minus = b[i] == '-';
        if (minus || b[i] == '+') i++;
        for (; i < b.length; i++) {
            byte c = b[i];
            if (c >= '0' && c <= '9') {
                mantissa = 10 * mantissa + (c - '0');
                if (++digits > MOST_DIGITS) return false;
                if (after >= 0) after++;
            } else if (c == '.' && after < 0) after = 0;
            else if (isBlank(c) || isDelimiter(c)) break;
            else return false;
        }
        if (digits == 0) return false;
        double v = after > 0 ? mantissa / TENS[after] : mantissa;
        put((float) (minus ? -v : v), after < 0);
        at = i;
        return true;
    }

    private void put(float v, boolean isWhole) {
        if (!mixed.isEmpty()) {
            mixed.add(number(v, isWhole));
            return;
        }
        if (count == figures.length) {
            figures = Arrays.copyOf(figures, 2 * count);
            whole = Arrays.copyOf(whole, 2 * count);
        }
        figures[count] = v;
        whole[count++] = isWhole;
    }

    private static COSBase number(float v, boolean isWhole) {
        return isWhole && Math.abs(v) < 1 << 24 ? COSInteger.get((long) v) : new COSFloat(v);
    }

    /** By the library: names, texts, arrays, dictionaries, odd figures, pictures within the content. @return false at the end */
    private boolean object(Sink sink) throws IOException {
        source.seek(at);
        Object token = parseNextToken();
        int next = (int) source.getPosition();
        at = next > at ? next : at + 1;
        switch (token) {
            case Operator o -> operator(sink, o);
            case COSBase o -> operands().add(o);
            case null, default -> {
                return false;
            }
        }
        return true;
    }

    /** What stands before the operator, as objects. */
    private List<COSBase> operands() {
        for (int i = 0; i < count; i++) mixed.add(number(figures[i], whole[i]));
        count = 0;
        return mixed;
    }

    private void operator(Sink sink, Operator o) throws IOException {
        List<COSBase> all = new ArrayList<>(operands());
        mixed.clear();
        sink.operator(o, all);
    }

    private boolean word(Sink sink) throws IOException {
        int from = at, to = at;
        while (to < b.length && !isBlank(b[to]) && !isDelimiter(b[to]) && (b[to] < '0' || b[to] > '9' || isOfFont(from, to))) to++;
        int n = to - from;
        boolean constant = (n == 4 || n == 5) && (b[from] == 't' || b[from] == 'f' || b[from] == 'n');
        // a picture follows its operator, and true, false and null are no operators
        if (constant || n == 2 && b[from] == 'B' && b[from + 1] == 'I') return object(sink);
        at = to;
        if (mixed.isEmpty() && sink.path(b, from, to, figures, count)) count = 0;
        else operator(sink, Operator.getOperator(new String(b, from, n, StandardCharsets.ISO_8859_1)));
        return true;
    }

    /** The two operators that end in a figure: d0 and d1. */
    private boolean isOfFont(int from, int to) {
        return to == from + 1 && b[from] == 'd' && (b[to] == '0' || b[to] == '1');
    }
}
