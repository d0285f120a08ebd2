package brightlintel.read.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.notation.Seeds;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.junit.jupiter.api.Test;

/** Our quick reader against the library's own parser. */
class ContentReaderTest {
    private static String word(Object o) {
        return o instanceof COSNumber n ? Float.toString(n.floatValue()) : o instanceof Operator op
            ? op.getName() + (op.getImageData() == null ? ""
            : " of " + op.getImageData().length) : String.valueOf(o);
    }

    private static List<String> ours(byte[] content) {
        List<String> out = new ArrayList<>();
        try {
            new ContentReader(content).run(new ContentReader.Sink() {
                @Override public boolean path(byte[] b, int from, int to, float[] figures, int count) {
                    return false;
                }

                @Override public void operator(Operator o, List<COSBase> operands) {
                    operands.forEach(x -> out.add(word(x)));
                    out.add(word(o));
                }
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out;
    }

    private static List<String> theirs(byte[] content) {
        List<String> out = new ArrayList<>(), waiting = new ArrayList<>();
        try {
            for (Object o : new PDFStreamParser(content).parse()) {
                waiting.add(word(o));
                if (!(o instanceof Operator)) continue;
                out.addAll(waiting);
                waiting.clear();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out;
    }

    private static byte[] bytes(String s) {
        return s.getBytes(StandardCharsets.ISO_8859_1);
    }

    private static final String[] PIECES = {"12", "-3.5", "+.25", "007", ".5", "4.", "-0", "123456789.123", "0.000012345678901234",
        "99999999999999999999", "m", "l", "c", "re",
        "h", "S", "f*", "B*", "b", "W", "n", "q", "Q", "cm", "rg", "RG", "Tj", "'", "\"", "T*", "BT", "ET", "/Name", "/A#20B", "(text)",
        "(a\\(b\\)c)", "(nested (one))",
        "<48656C6C6F>", "[1 2 3]", "[(A) -20 (B)]", "[[1] /x]", "<< /A 1 /B [2 3] >>", "true", "false", "null", "% a remark\n", "d0", "d1",
        "BDC", "EMC", "Do", "sh", "i", "d"};

    @Test void whateverIsWrittenBothReadTheSame() {
        Seeds.each(400, seed -> {
            Random r = new Random(seed);
            StringBuilder s = new StringBuilder();
            for (int i = 0; i < 60; i++)
                s.append(PIECES[r.nextInt(PIECES.length)]).append(r.nextInt(12) == 0 ? "\r\n" : r.nextInt(9) == 0 ? "  " : " ");
            s.append(" n");
            assertThat(ours(bytes(s.toString()))).as(s.toString()).isEqualTo(theirs(bytes(s.toString())));
        });
    }

    @Test void signsThatPartWordsNeedNoBlanks() {
        for (String s : List.of("/F 12 Tf(abc)Tj[(a)2(b)]TJ/P<</M 1>>BDC EMC n", "1 0 0 1 5 5cm 10 10m 20 20l S", "q[]0 d 1 w Q n",
            "0 0 m%end\n5 5 l S"))
            assertThat(ours(bytes(s))).as(s).isEqualTo(theirs(bytes(s)));
    }

    @Test void aPictureWithinTheContentIsPassedOverAsOne() {
        String s = "q 10 0 0 10 5 5 cm BI /W 2 /H 2 /CS /G /BPC 8 ID \u0001m S\u00ff EI Q 1 1 m 2 2 l S n";
        assertThat(ours(bytes(s))).isEqualTo(theirs(bytes(s))).contains("BI of 6", "l");
    }

    @Test void figuresAreThoseThatAreWritten() {
        Seeds.each(50, seed -> {
            Random r = new Random(seed);
            StringBuilder s = new StringBuilder();
            List<String> expected = new ArrayList<>();
            for (int i = 0; i < 100; i++) {
                String f = String.format(Locale.ROOT, "%." + r.nextInt(7) + "f", r.nextGaussian() * Math.pow(10, r.nextInt(6)));
                s.append(f).append(' ');
                expected.add(Float.toString(Float.parseFloat(f)));
            }
            expected.add("n");
            assertThat(unsigned(ours(bytes(s + "n")))).isEqualTo(unsigned(expected));
        });
    }

    /** Nothing below nothing is nothing. */
    private static List<String> unsigned(List<String> figures) {
        return figures.stream().map(x -> x.equals("-0.0") ? "0.0" : x).toList();
    }
}
