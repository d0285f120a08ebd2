package brightlintel.write.plot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.demo.HeronQuay;
import brightlintel.demo.HeronQuayProject;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Box;
import brightlintel.paint.Pictures;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.DrawingReader;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Document;

/** Sheets, measured again by our own reader. */
class PlotTest {
    private static final double POINT = 0.0254 / 72;
    @TempDir Path folder;
    private Project p;
    private StoreyId ground;
    private List<PlacedDrawing> drawings;
    private Box plan;

    @BeforeEach void demo() throws IOException {
        DrawingShelf shelf = new DrawingShelf(new Originals(folder.resolve("originals")));
        p = HeronQuayProject.build(shelf);
        ground = p.storeys().getFirst().id();
        drawings = shelf.placed(p, ground, Progress.NONE);
        plan = Pictures.extent(p, ground, drawings);
    }

    private byte[] pdf(Sheet s, PlanPlot.What what) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfPlot.write(PlanPlot.of(p, ground, drawings, s, what, plan), out);
        return out.toByteArray();
    }

    private RawDrawing again(byte[] bytes) throws IOException {
        Path f = Files.write(folder.resolve("again.pdf"), bytes);
        return DrawingReader.look(f, ReadLimits.DEFAULT, Progress.NONE);
    }

    private static Box box(RawDrawing d, String layer) {
        Strokes s = Flattening.of(d, d.spaces().getFirst().key(), ReadLimits.DEFAULT, Progress.NONE);
        Box b = Box.EMPTY;
        for (int i = 0; i < s.size(); i++) {
            if (!s.layers().get(s.layerOf(i)).name().equals(layer)) continue;
            // chords of an arc may pass its outermost place by
            int n = s.isStraight(i) ? 1 : 500;
            for (int k = 0; k <= n; k++) b = b.with(s.curveOf(i).at(k / (double) n).plus(s.origin()));
        }
        return b;
    }

    @Test void theModelIsToScaleOnEverySheet() throws IOException {
        for (Sheet s : List.of(new Sheet(Sheet.Size.A3, true, 100), new Sheet(Sheet.Size.A1, false, 50),
            new Sheet(Sheet.Size.A4, true, 200))) {
            RawDrawing d = again(pdf(s, PlanPlot.What.PLAN));
            assertThat(d.spaces().getFirst().paper().orElseThrow().width()).isCloseTo(s.width() / 1000, within(1e-5));
            Box walls = box(d, "walls");
            // from outer face to outer face, and to the outermost of the bay
            double wide = 24 + 2.2 + HeronQuay.OUTER, high = 14 + HeronQuay.OUTER;
            assertThat(walls.width() * POINT * s.denominator()).isCloseTo(wide, within(0.0005));
            assertThat(walls.height() * POINT * s.denominator()).isCloseTo(high, within(0.0005));
        }
    }

    @Test void layersTextsAndTitleAreThere() throws IOException {
        RawDrawing d = again(pdf(new Sheet(Sheet.Size.A3, true, 100), PlanPlot.What.PLAN));
        assertThat(d.layers()).extracting(l -> l.name()).contains("walls", "openings", "grid", "sheet", "slabs", "A-DOOR", "BOATS 2019");
        List<String> words = d.spaces().getFirst().entities().stream().filter(e -> e instanceof Entity.Text)
            .map(e -> ((Entity.Text) e).raw()).toList();
        assertThat(words).contains("Heron Quay Rowing Club", "Boat bay 1", "8000", "N", "5 m").anyMatch(w -> w.startsWith("Ground 1:100"));
    }

    @Test void theSwingOfADoorIsAnArcOfItsWidth() throws IOException {
        RawDrawing d = again(pdf(new Sheet(Sheet.Size.A3, true, 100), PlanPlot.What.PLAN));
        assertThat(d.spaces().getFirst().entities().stream().filter(e -> e instanceof Entity.Arc && e.style().layer().equals("openings"))
            .map(e -> ((Entity.Arc) e).radius() * POINT * 100)).singleElement().satisfies(r -> assertThat(r).isCloseTo(1.0, within(0.001)));
    }

    @Test void theCleanedDrawingAloneHasNoModel() throws IOException {
        RawDrawing d = again(pdf(new Sheet(Sheet.Size.A3, true, 100), PlanPlot.What.BASE_PLAN));
        assertThat(d.layers()).extracting(l -> l.name()).contains("A-WALL", "sheet").doesNotContain("walls", "A-FLOR-PATT", "SHEET");
        assertThat(box(d, "A-GLAZ").isEmpty()).isFalse();
    }

    @Test void theSameSheetIsTheSameBytes() throws IOException {
        Sheet s = new Sheet(Sheet.Size.A3, true, 100);
        assertThat(pdf(s, PlanPlot.What.PLAN)).isEqualTo(pdf(s, PlanPlot.What.PLAN));
    }

    @Test void svgIsInMillimetresWithALayerEach() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SvgPlot.write(PlanPlot.of(p, ground, drawings, new Sheet(Sheet.Size.A2, true, 50), PlanPlot.What.PLAN, plan), out);
        String svg = out.toString(StandardCharsets.UTF_8);
        Document d = DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(out.toByteArray()));
        assertThat(d.getDocumentElement().getAttribute("width")).isEqualTo("594mm");
        assertThat(d.getDocumentElement().getAttribute("viewBox")).isEqualTo("0 0 594 420");
        assertThat(svg).contains("data-layer=\"walls\"", "data-layer=\"grid\"", ">Boat bay 1</text>", "stroke-dasharray=");
    }

    @Test void aSheetTakesTheLargestScaleThatFits() {
        assertThat(Sheet.fitting(Sheet.Size.A3, true, new Box(0, 0, 30, 20)).denominator()).isEqualTo(100);
        assertThat(Sheet.fitting(Sheet.Size.A0, true, new Box(0, 0, 30, 20)).denominator()).isEqualTo(50);
        assertThat(Sheet.fitting(Sheet.Size.A4, false, new Box(0, 0, 900, 20)).holds(new Box(0, 0, 900, 20))).isFalse();
    }

    @Test void namesThatXmlAndFontsCannotHoldDoNoHarm() throws IOException {
        Project odd = p.withName("A <&> \"B\" \u0001 \u6f22");
        Plot plot = PlanPlot.of(odd, ground, List.of(), new Sheet(Sheet.Size.A4, true, 200), PlanPlot.What.PLAN, plan);
        ByteArrayOutputStream svg = new ByteArrayOutputStream(), pdf = new ByteArrayOutputStream();
        SvgPlot.write(plot, svg);
        PdfPlot.write(plot, pdf);
        assertThat(svg.toString(StandardCharsets.UTF_8)).contains("A &lt;&amp;&gt; &quot;B&quot;  \u6f22");
        assertThat(again(pdf.toByteArray()).spaces().getFirst().entities()).isNotEmpty();
    }
}
