package brightlintel.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.drawing.Code;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Layer;
import brightlintel.drawing.LineType;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.notation.BinaryDxf;
import brightlintel.write.dxf.DxfWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What entities refer to by name: line types, layers' ways, styles of measures, layouts. */
class TablesTest {
    private static final Path SAMPLE = Path.of("src/test/resources/dxf/layouts-line-types-r2010.dxf");
    @TempDir Path folder;

    private static RawDrawing read(Path f) throws IOException {
        return DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
    }

    private static void holds(RawDrawing d) {
        assertThat(d.tables().lineType("centre-mark").orElseThrow().dashes()).extracting(LineType.Dash::length)
            .containsExactly(20.0, -5.0, 2.0, -5.0);
        LineType.Dash word = d.tables().lineType("WATER").orElseThrow().dashes().get(1);
        assertThat(word).isEqualTo(new LineType.Dash(-15, "HW", 0, 5, 0, false, -10, -2.5));
        assertThat(d.tables().dimensionStyle("PLAN-50").orElseThrow()).satisfies(s -> {
            assertThat(s.factor()).isEqualTo(0.1);
            assertThat(s.scale()).isEqualTo(50);
            assertThat(s.textHeight()).isEqualTo(2.5);
        });
        Layer guides = d.layer("GUIDES").orElseThrow(), pipes = d.layer("PIPES").orElseThrow();
        assertThat(guides.plotted()).isFalse();
        assertThat(pipes.plotted()).isTrue();
        assertThat(pipes.weight()).isEqualTo(50);
        assertThat(pipes.lineType()).isEqualTo("WATER");
        Entity onGuides = d.space(new SpaceKey.Model()).orElseThrow().entities().get(1);
        assertThat(onGuides.style().lineTypeScale()).isEqualTo(0.5);
        assertThat(onGuides.style().weight()).isEqualTo(70);
        assertThat(d.spaces()).extracting(Space::key).containsExactlyInAnyOrder(new SpaceKey.Model(), new SpaceKey.Layout("Ground 1-50"),
            new SpaceKey.Layout("Roof 1-100"));
        assertThat(scales(d, "Ground 1-50")).contains(50.0);
        assertThat(scales(d, "Roof 1-100")).contains(100.0);
    }

    /** Model units a unit of paper, of each window of a layout. */
    private static List<Double> scales(RawDrawing d, String layout) {
        return d.space(new SpaceKey.Layout(layout)).orElseThrow().entities().stream().filter(Entity.Viewport.class::isInstance)
            .map(Entity.Viewport.class::cast)
            .map(v -> v.viewHeight() / v.height()).toList();
    }

    @Test void tablesAndLayoutsAreKeptAsEvidence() throws IOException {
        holds(read(SAMPLE));
    }

    @Test void theyAreTheSameInTheBinaryForm() throws IOException {
        holds(read(Files.write(folder.resolve("b.dxf"), BinaryDxf.of(Files.readString(SAMPLE), false))));
    }

    @Test void theySurviveWritingAndReadingAgain() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        RawDrawing d = read(SAMPLE);
        assertThat(DxfWriter.write(d, out)).isEmpty();
        RawDrawing again = read(Files.write(folder.resolve("again.dxf"), out.toByteArray()));
        holds(again);
        assertThat(again.tables().dimensionStyles()).isEqualTo(d.tables().dimensionStyles());
        assertThat(again.layers()).containsExactlyInAnyOrderElementsOf(d.layers());
    }

    @Test void brokenLinesTakeTheTypeOfEntityLayerOrReferenceAndAllScales() throws IOException {
        RawDrawing d = read(SAMPLE);
        Strokes s = Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
        assertThat(s.dashingOf(0).type().name()).as("by layer").isEqualTo("CENTRE-MARK");
        assertThat(s.dashingOf(0).scale()).as("the drawing's scale").isEqualTo(2);
        assertThat(s.dashingOf(1).type().name()).as("its own").isEqualTo("WATER");
        assertThat(s.dashingOf(1).scale()).as("times its own scale").isEqualTo(1);
        assertThat(s.dashingOf(4).type().name()).as("by block: that of the reference").isEqualTo("DOTS");
        assertThat(s.dashingOf(5).type().name()).as("layer 0 in a block: the reference's layer").isEqualTo("CENTRE-MARK");
        assertThat(s.dashingOf(5).scale()).as("a reference ten times as large").isCloseTo(20, within(1e-6));
    }

    @Test void heightsAreLeftOutAndSaid() throws IOException {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        for (int i = 0; i < 5; i++)
            b.append("0\nLINE\n8\n0\n10\n0\n20\n").append(i).append("\n30\n").append(i < 2 ? 0 : 3).append("\n11\n9\n21\n").append(i)
                .append("\n31\n").append(i < 2 ? 0 : 3).append('\n');
        RawDrawing d = read(Files.writeString(folder.resolve("z.dxf"), b + "0\nENDSEC\n0\nEOF\n"));
        Strokes s = Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
        assertThat(s.report().count(Code.HEIGHT_LEFT_OUT)).isEqualTo(3);
    }
}
