package brightlintel.receive;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Of a large text drawing a little is seen at once: some of its strokes from all over it, and nothing that is not in it. */
class FirstSightTest {
    @TempDir Path folder;

    /** Lines over a field of 300 by 200, in the order of the file from left to right; a value 0 stands in each. */
    private Path field(int lines, String end) throws IOException {
        Path f = folder.resolve("field.dxf");
        try (BufferedWriter w = Files.newBufferedWriter(f)) {
            w.write("0\r\nSECTION\r\n2\r\nBLOCKS\r\n0\r\nBLOCK\r\n2\r\nFAR\r\n0\r\nLINE\r\n8\r\n0\r\n10\r\n90000\r\n20\r\n0\r\n11\r\n90009\r\n21\r\n0\r\n"
                + "0\r\nENDBLK\r\n0\r\nENDSEC\r\n");
            w.write("0\r\nSECTION\r\n2\r\nENTITIES\r\n");
            for (int i = 0; i < lines; i++) {
                double x = 300.0 * i / lines, y = 200.0 * (i * 7919 % 1000) / 1000;
                w.write("  0\r\nLINE\r\n  5\r\nA" + i + "\r\n  8\r\n0\r\n 10\r\n" + x + "\r\n 20\r\n" + y + "\r\n 30\r\n0\r\n 11\r\n" + (x + 1)
                    + "\r\n 21\r\n" + y + "\r\n 31\r\n0\r\n");
            }
            w.write(end);
        }
        return f;
    }

    @Test void samplesComeFromAllOfItAndNothingElse() throws IOException {
        int lines = 120_000;
        PageGlance g = FirstSight.of(field(lines, "  0\r\nENDSEC\r\n  0\r\nEOF\r\n"), 300).orElseThrow();
        assertThat(g.strokes()).isBetween(1_000, lines / 2);
        assertThat(g.drawn().minX()).isBetween(-0.01, 5.0);
        assertThat(g.drawn().maxX()).as("what lies in a block is not where it is drawn").isBetween(290.0, 301.01);
        assertThat(g.drawn().height()).isBetween(190.0, 200.01);
    }

    @Test void whatIsCutOffIsSeenAsFarAsItGoes() throws IOException {
        assertThat(FirstSight.of(field(120_000, "  0\r\nLINE\r\n  8\r"), 300)).hasValueSatisfying(g -> assertThat(g.strokes()).isPositive());
    }

    @Test void aSmallFileIsReadAndNotSampled() throws IOException {
        assertThat(FirstSight.of(field(100, ""), 300)).isEmpty();
    }
}
