package brightlintel.desktop.docket;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.flatten.Flattening;
import brightlintel.read.DrawingReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is not on the board is said. */
class ReceiveStateTest {
    private static final String ON_SHEET = "0\nLINE\n8\n0\n67\n1\n10\n0\n20\n0\n11\n5\n21\n5\n",
        IN_MODEL = "0\nLINE\n8\n0\n10\n0\n20\n0\n11\n9\n21\n5\n",
        VIEWPORT = "0\nVIEWPORT\n8\n0\n67\n1\n10\n0\n20\n0\n40\n9\n41\n9\n";
    @TempDir Path folder;

    private ReceiveState state(String entities) throws IOException {
        Path f = Files.writeString(folder.resolve("plan.dxf"), "0\nSECTION\n2\nENTITIES\n" + entities + "0\nENDSEC\n0\nEOF\n");
        RawDrawing d = DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
        return ReceiveState.of(d, new SpaceKey.Model(), Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE), false);
    }

    @Test void shapesOnSheetsAreWorthKnowingBesideTheModel() throws IOException {
        ReceiveState s = state(IN_MODEL + ON_SHEET + ON_SHEET + VIEWPORT);
        assertThat(s.leftOut()).isEmpty();
        assertThat(s.notes()).anyMatch(n -> n.startsWith("2 shapes lie on sheets"));
    }

    @Test void anEmptyModelIsNotAllRead() throws IOException {
        assertThat(state(ON_SHEET).leftOut()).hasSize(2).anyMatch(t -> t.contains("model of this file is empty"))
            .anyMatch(t -> t.startsWith("1 shape lies on a sheet"));
        assertThat(state(VIEWPORT).leftOut()).singleElement().asString().contains("model of this file is empty");
        assertThat(state("").leftOut()).noneMatch(t -> t.contains("model of this file"));
    }

    /** What was read all the same, or found again, is worth knowing; what is not there is left out. */
    @Test void onlyWhatIsMissingIsLeftOut() throws IOException {
        Files.writeString(folder.resolve("site.dxf"), "0\nSECTION\n2\nENTITIES\n" + IN_MODEL + "0\nENDSEC\n0\nEOF\n");
        String reference = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\n%s\n70\n4\n10\n0\n20\n0\n1\n%s\n0\nENDBLK\n0\nENDSEC\n";
        Path f = Files.writeString(folder.resolve("plan.dxf"), reference.formatted("SITE", "site.dxf")
            + reference.formatted("SURVEY", "survey.dxf") + "0\nSECTION\n2\nENTITIES\n" + IN_MODEL
            + "0\nINSERT\n8\n0\n2\nSITE\n10\n0\n20\n0\n0\nENDSEC\n0\nEOF\n");
        RawDrawing d = DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
        ReceiveState s = ReceiveState.of(d, new SpaceKey.Model(), Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE),
            false);
        assertThat(s.notes()).anyMatch(n -> n.contains("Read along from its folder: site.dxf"));
        assertThat(s.leftOut()).singleElement().asString().contains("survey.dxf");
    }

    @Test void figuresInSentencesAreGrouped() throws IOException {
        Path f = Files.writeString(folder.resolve("plan.dxf"), "0\nSECTION\n2\nENTITIES\n" + IN_MODEL.repeat(5000) + "0\nENDSEC\n0\nEOF\n");
        RawDrawing d = DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
        ReadLimits small = new ReadLimits(1L << 30, 1_000_000, 2500, 1L << 30, 48, 1000);
        assertThat(ReceiveState.of(d, new SpaceKey.Model(), Flattening.of(d, new SpaceKey.Model(), small, Progress.NONE), false).leftOut())
            .anyMatch(t -> t.contains("the first 2 501 are") || t.contains("the first 2\u202f501 are"));
    }
}
