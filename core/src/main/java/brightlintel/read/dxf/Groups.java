package brightlintel.read.dxf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import brightlintel.geom.Vec3;
import java.io.IOException;
import java.util.Arrays;

/**
 * The groups of one entity, gathered up to the next code 0 into arrays that are used again: numbers as doubles, texts as strings. Groups
 * of applications (102 {...}, from 1000) and embedded objects (101) are passed over.
 */
final class Groups {
    private static final int MOST = 8_000_000;
    private int[] codes = new int[64];
    private double[] numbers = new double[64];
    private String[] texts = new String[64];
    private static final int LOW = 512;
    private static final boolean[] TEXT = new boolean[LOW];

    static {
        for (int c = 0; c < LOW; c++) TEXT[c] = isText(c);
    }

    private final int[] first = new int[LOW];
    private final int[] round = new int[LOW];
    private int rounds;
    private int size;
    private Tokens tokens;
    private long mark;
    private String kind = "";
    private boolean finite;
    private boolean overfull;

    /** Reads from the pair after "0 KIND"; afterwards the tokens stand on the next code 0, or at the end. */
    boolean read(String name, Tokens in, Report.Builder report) throws IOException {
        kind = name;
        size = 0;
        rounds++;
        finite = true;
        overfull = false;
        tokens = in;
        mark = in.mark();
        boolean application = false, embedded = false;
        while (in.next()) {
            int c = in.code();
            if (c == 0) return true;
            if (c == 102) application = in.text().startsWith("{");
            else if (c == 101) embedded = true;
            else if (c == 999 || c >= 1000 || application || embedded) continue;
            else if (c >= 0 && c < LOW ? TEXT[c] : isText(c)) add(c, Double.NaN, in.text());
            else {
                double v = in.number();
                if (Double.isNaN(v)) report.say(Code.NUMBER_NOT_READ, in.at(), c, in.text());
                if (!Double.isFinite(v)) finite = false;
                add(c, v, null);
            }
        }
        return false;
    }

    static boolean isText(int c) {
        return c >= 0 && c <= 9 || c == 100 || c >= 102 && c <= 109 || c >= 300 && c <= 369 || c >= 390 && c <= 399 || c >= 410 && c <= 419
            || c >= 430 && c <= 439 || c >= 470 && c <= 481;
    }

    private void add(int code, double number, String text) {
        if (size == codes.length) {
            if (size >= MOST) {
                overfull = true;
                return;
            }
            codes = Arrays.copyOf(codes, 2 * size);
            numbers = Arrays.copyOf(numbers, 2 * size);
            texts = Arrays.copyOf(texts, 2 * size);
        }
        if (code >= 0 && code < LOW && round[code] != rounds) {
            round[code] = rounds;
            first[code] = size;
        }
        codes[size] = code;
        numbers[size] = number;
        texts[size++] = text;
    }

    String kind() {
        return kind;
    }

    Location at() {
        return tokens == null ? new Location.Whole() : tokens.at(mark);
    }

    /** Every number was one, and finite. */
    boolean allFinite() {
        return finite;
    }

    boolean isOverfull() {
        return overfull;
    }

    int size() {
        return size;
    }

    int code(int i) {
        return codes[i];
    }

    double number(int i) {
        return numbers[i];
    }

    String text(int i) {
        return texts[i];
    }

    private int find(int code) {
        if (code >= 0 && code < LOW) return round[code] == rounds ? first[code] : -1;
        for (int i = 0; i < size; i++) if (codes[i] == code) return i;
        return -1;
    }

    boolean has(int code) {
        return find(code) >= 0;
    }

    double number(int code, double otherwise) {
        int i = find(code);
        return i < 0 ? otherwise : numbers[i];
    }

    int whole(int code, int otherwise) {
        int i = find(code);
        return i < 0 ? otherwise : (int) numbers[i];
    }

    String text(int code, String otherwise) {
        int i = find(code);
        return i < 0 || texts[i] == null ? otherwise : texts[i];
    }

    /** The point whose x has this code (y ten, z twenty higher); what is missing is 0. */
    Vec3 point(int code) {
        return new Vec3(number(code, 0), number(code + 10, 0), number(code + 20, 0));
    }

    Vec3 extrusion() {
        return has(210) || has(220) || has(230) ? new Vec3(number(210, 0), number(220, 0), number(230, 1)) : Vec3.UP;
    }

    double[] all(int code) {
        int n = 0;
        for (int i = 0; i < size; i++) if (codes[i] == code) n++;
        double[] out = new double[n];
        n = 0;
        for (int i = 0; i < size; i++) if (codes[i] == code) out[n++] = numbers[i];
        return out;
    }

    /** x, y, z rows of a repeated point; a row begins at each x. */
    double[] points(int code) {
        double[] out = new double[12];
        int n = -3;
        for (int i = 0; i < size; i++) {
            int c = codes[i];
            if (c == code) {
                n += 3;
                if (n + 3 > out.length) out = Arrays.copyOf(out, 2 * out.length);
                out[n] = numbers[i];
                out[n + 1] = out[n + 2] = 0;
            } else if (n >= 0 && (c == code + 10 || c == code + 20)) out[n + (c - code) / 10] = numbers[i];
        }
        return Arrays.copyOf(out, n + 3);
    }
}
