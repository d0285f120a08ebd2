package brightlintel.read.dxf;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TextTokensTest {
    private record Pair(int code, String text, double number, long line) { }

    private static List<Pair> read(byte[] bytes, int portion, Report.Builder report) throws IOException {
        TextTokens in = new TextTokens(new Drop(bytes, portion), report);
        List<Pair> out = new ArrayList<>();
        while (in.next()) out.add(new Pair(in.code(), in.text(), in.number(), ((Location.Line) in.at()).number()));
        return out;
    }

    private static List<Pair> read(String text) throws IOException {
        return read(text.getBytes(StandardCharsets.ISO_8859_1), 1 << 20, new Report.Builder());
    }

    /** A stream that gives a few bytes at a time, as a slow disk does. */
    private static final class Drop extends InputStream {
        private final ByteArrayInputStream in;
        private final int portion;

        Drop(byte[] bytes, int portion) {
            in = new ByteArrayInputStream(bytes);
            this.portion = portion;
        }

        @Override public int read() {
            return in.read();
        }

        @Override public int read(byte[] to, int from, int n) {
            return in.read(to, from, Math.min(n, portion));
        }
    }

    private static String spelled(Random r) {
        double v = switch (r.nextInt(4)) {
            case 0 -> r.nextGaussian() * 1e5;
            case 1 -> r.nextDouble();
            case 2 -> Double.longBitsToDouble(r.nextLong());
            default -> r.nextInt(2_000_001) - 1_000_000;
        };
        if (!Double.isFinite(v)) v = 0.5;
        return switch (r.nextInt(7)) {
            case 0 -> Double.toString(v);
            case 1 -> String.format(Locale.ROOT, "%.6f", Math.abs(v) < 1e15 ? v : 1);
            case 2 -> String.format(Locale.ROOT, "%.16f", Math.abs(v) < 1e4 ? v : 2);
            case 3 -> String.format(Locale.ROOT, "%.17e", v);
            case 4 -> Long.toString((long) v);
            case 5 -> "0".repeat(r.nextInt(20)) + r.nextInt(1000) + "." + "0".repeat(r.nextInt(20)) + r.nextInt(1000);
            default -> "." + r.nextInt(1_000_000_000) + r.nextInt(1_000_000_000);
        };
    }

    /** Law: however a figure is spelt, it is the nearest double, by the quick way and by the long one. */
    @Test void figuresAreReadToTheLastBit() throws IOException {
        Random r = new Random(11);
        StringBuilder b = new StringBuilder();
        List<String> written = new ArrayList<>();
        for (int i = 0; i < 60_000; i++) {
            String s = spelled(r);
            written.add(s);
            b.append(10 + r.nextInt(50)).append('\n').append(s).append('\n');
        }
        List<Pair> pairs = read(b + "0\nEOF\n");
        assertThat(pairs).hasSize(written.size() + 1);
        for (int i = 0; i < written.size(); i++)
            assertThat(pairs.get(i).number()).as(written.get(i)).isEqualTo(Double.parseDouble(written.get(i)));
    }

    /** Law: line ends, blanks round codes and the size of what the disk gives change nothing. */
    @Test void pairsDoNotDependOnHowTheBytesCome() throws IOException {
        Random r = new Random(12);
        List<Pair> plain = null;
        for (String end : new String[] {"\n", "\r\n", "\r"})
            for (int portion : new int[] {1, 7, 4096, 1 << 20}) {
                Random same = new Random(77);
                StringBuilder b = new StringBuilder();
                for (int i = 0; i < 4000; i++) {
                    int code = same.nextBoolean() ? 10 + same.nextInt(50) : same.nextInt(10);
                    String value = code < 10 ? "LAYER " + same.nextInt(40) : spelled(same);
                    b.append(" ".repeat(r.nextInt(4))).append(code).append(" ".repeat(r.nextInt(20) == 0 ? 2 : 0)).append(end).append(value)
                        .append(end);
                }
                List<Pair> got = read(b.toString().getBytes(StandardCharsets.ISO_8859_1), portion, new Report.Builder());
                assertThat(got).hasSize(4000);
                if (plain == null) plain = got;
                assertThat(got).isEqualTo(plain);
            }
    }

    @Test void aLineThatIsNoCodeIsPassedOverAloneAndSaid() throws IOException {
        Report.Builder report = new Report.Builder();
        List<Pair> pairs = read("0\nLINE\nstray words\n8\nWALLS\n10\n1.5\n".getBytes(StandardCharsets.US_ASCII), 99, report);
        assertThat(pairs).extracting(Pair::code).containsExactly(0, 8, 10);
        assertThat(report.build().entries()).singleElement().satisfies(e -> {
            assertThat(e.code()).isEqualTo(Code.CODE_NOT_A_NUMBER);
            assertThat(e.first().getFirst().at()).isEqualTo(new Location.Line(3));
        });
    }

    @Test void aCodeWithoutAValueAtTheEndIsSaid() throws IOException {
        Report.Builder report = new Report.Builder();
        assertThat(read("0\nLINE\n8".getBytes(StandardCharsets.US_ASCII), 99, report)).hasSize(1);
        assertThat(report.build().entries()).extracting(Report.Entry::code).containsExactly(Code.FILE_ENDS_EARLY);
    }

    @Test void theLastValueNeedsNoLineEnd() throws IOException {
        assertThat(read("0\nEOF")).extracting(Pair::text).containsExactly("EOF");
    }

    @Test void codesMayBeNegativeOrLong() throws IOException {
        assertThat(read("-3\nx\n1071\n5\n+10\n2.5\n")).extracting(Pair::code).containsExactly(-3, 1071, 10);
    }

    @Test void aByteOrderMarkSaysThatTheTextIsUtf8() throws IOException {
        byte[] text = "\uFEFF1\nBüro\n".getBytes(StandardCharsets.UTF_8);
        assertThat(read(text, 5, new Report.Builder())).extracting(Pair::text).containsExactly("Büro");
    }

    @Test void wordsLongerThanTheBufferAreWhole() throws IOException {
        String word = "x".repeat(700_000);
        assertThat(read("1\n" + word + "\n0\nEOF\n")).extracting(Pair::text).containsExactly(word, "EOF");
    }

    @Test void whatIsNoFigureIsNotANumber() throws IOException {
        assertThat(read("10\nabc\n10\n\n10\n1.2.3\n10\n--4\n10\n1,5\n")).extracting(Pair::number)
            .containsExactly(Double.NaN, Double.NaN, Double.NaN, Double.NaN, 1.5);
    }
}
