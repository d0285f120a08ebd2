package brightlintel.write;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Clearing;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.drawing.Entity;
import brightlintel.drawing.FillMark;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Strokes;
import brightlintel.edit.Sites;
import brightlintel.edit.Tracing;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.notation.Drawings;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.DrawingReader;
import brightlintel.write.dxf.BasePlan;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Texts stand where they stood, arcs stay arcs, holes stay holes, and the site is told. */
class BasePlanShapesTest {
    private static final Placement METRES = Placement.assumed(1, Point.ORIGIN);
    private static final Project EMPTY = Project.empty("P", "Ground");
    @TempDir Path folder;

    private RawDrawing read(String entities) throws IOException {
        Path f = Files.createTempFile(folder, "t", ".dxf");
        return DrawingReader.read(Files.writeString(f, "0\nSECTION\n2\nENTITIES\n" + entities + "0\nENDSEC\n0\nEOF\n"), ReadLimits.DEFAULT,
            Progress.NONE);
    }

    private static RawDrawing plan(Project p, PlacedDrawing... d) {
        return BasePlan.of(p, p.storeys().getFirst().id(), List.of(d), BasePlan.Unit.METRE);
    }

    /** Corners of each line of text: where its base line begins, and how high it stands; the plain facts a reader sees. */
    private static List<String> lines(Strokes s) {
        List<String> out = new ArrayList<>();
        for (Strokes.TextMark t : s.texts()) {
            String[] rows = t.plain().split("\n");
            for (int i = 0; i < rows.length; i++) {
                Point p = t.map().apply(0, t.firstLine() - i * Strokes.TextMark.STEP).plus(s.origin());
                out.add("%s %s %.3f %.3f".formatted(rows[i], t.across(), p.x() + 0.0, p.y() + 0.0));
            }
        }
        out.sort(null);
        return out;
    }

    private RawDrawing again(RawDrawing d, DrawingFormat format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        format.write(d, out);
        return DrawingReader.read(Files.write(Files.createTempFile(folder, "b", "." + format.ending()), out.toByteArray()),
            ReadLimits.DEFAULT, Progress.NONE);
    }

    /** However a long text is hung up, top, middle or bottom, left, centre or right, its lines stay where they were; also turned. */
    @Test void linesOfTextStayWhereTheyStood() throws IOException {
        StringBuilder b = new StringBuilder();
        for (int hung = 1; hung <= 9; hung++)
            b.append("0\nMTEXT\n8\nT\n10\n").append(10 * hung).append("\n20\n3\n40\n0.5\n71\n").append(hung).append("\n50\n")
                .append(hung == 5 ? 30 : 0).append("\n1\nBay ").append(hung).append("\\PBoats\\PRacks\n");
        for (int upward = 0; upward <= 3; upward++)
            b.append("0\nTEXT\n8\nT\n10\n1\n20\n").append(20 + upward).append("\n11\n4\n21\n").append(20 + upward)
                .append("\n40\n0.5\n72\n1\n73\n").append(upward).append("\n1\nU").append(upward).append('\n');
        RawDrawing raw = read(b.toString());
        PlacedDrawing d = Drawings.placed(raw, METRES, Clearing.NONE);
        List<String> before = lines(d.strokes());
        assertThat(before).hasSize(9 * 3 + 4);
        for (DrawingFormat f : DrawingFormat.values())
            assertThat(lines(Drawings.strokes(again(plan(EMPTY, d), f)))).as(f.name()).isEqualTo(before);
    }

    /** Straight and round, in a plan in millimetres as well: what was received as wide is handed on as wide. */
    @Test void aBandStaysAsWideAsItWas() throws IOException {
        RawDrawing d = read("0\nLWPOLYLINE\n8\nW\n90\n3\n70\n0\n43\n0.3\n10\n0\n20\n0\n10\n6\n20\n0\n42\n0.4\n10\n6\n20\n4\n");
        RawDrawing mm = BasePlan.of(EMPTY, EMPTY.storeys().getFirst().id(), List.of(Drawings.placed(d, METRES, Set.of())), BasePlan.Unit.MILLIMETRE);
        Strokes s = Drawings.strokes(again(mm, DrawingFormat.DXF));
        assertThat(s.size()).isEqualTo(2);
        for (int i = 0; i < 2; i++) assertThat(s.widthOf(i)).isCloseTo(300, within(1e-6));
        assertThat(s.fills()).hasSize(2);
    }

    /** With its hole and its arc; of a pattern, and of the fill of a band, nothing more is written than was. */
    @Test void aFilledAreaStaysFilled() throws IOException {
        String loops = "91\n2\n92\n3\n72\n1\n73\n1\n93\n4\n10\n0\n20\n0\n42\n0\n10\n4\n20\n0\n42\n1\n10\n4\n20\n4\n42\n0\n10\n0\n20\n4\n42\n0\n97\n0\n"
            + "92\n2\n72\n0\n73\n1\n93\n3\n10\n1\n20\n1\n10\n2\n20\n1\n10\n2\n20\n2\n97\n0\n75\n0\n76\n1\n";
        for (boolean solid : new boolean[] {true, false}) {
            String begin = "0\nHATCH\n8\nFILLS\n10\n0\n20\n0\n30\n0\n2\n" + (solid ? "SOLID\n70\n1\n" : "LINE\n70\n0\n") + "71\n0\n";
            RawDrawing d = read(begin + loops + (solid ? "98\n0\n" : "52\n0\n41\n1\n77\n0\n78\n1\n53\n0\n43\n0\n44\n0\n45\n0\n46\n0.1\n79\n0\n98\n0\n"));
            assertThat(Drawings.strokes(d).fills()).hasSize(1);
            RawDrawing mm = BasePlan.of(EMPTY, EMPTY.storeys().getFirst().id(), List.of(Drawings.placed(d, METRES, Set.of())), BasePlan.Unit.MILLIMETRE);
            List<FillMark> fills = Drawings.strokes(again(mm, DrawingFormat.DXF)).fills();
            assertThat(fills).hasSize(solid ? 1 : 0);
            assertThat(mm.layers().stream().anyMatch(l -> l.name().equals("FILLS"))).as("no layer with nothing on it").isEqualTo(solid);
            if (!solid) continue;
            assertThat(fills.getFirst().rings()).hasSize(2);
            assertThat(fills.getFirst().box().maxX()).as("the arc bows out").isCloseTo(6000, within(1.0));
            assertThat(fills.getFirst().holds(new Point(3000, 500))).isTrue();
            assertThat(fills.getFirst().holds(new Point(1800, 1200))).as("in the hole").isFalse();
        }
    }

    /** Aligned and fit text begins at its first point and ends at its second. */
    @Test void aStretchedTextBeginsAtItsFirstPoint() throws IOException {
        for (int across : new int[] {3, 5}) {
            RawDrawing raw = read("0\nTEXT\n8\nT\n10\n2\n20\n1\n11\n5\n21\n5\n40\n0.5\n72\n" + across + "\n1\nBOAT BAY\n");
            Strokes.TextMark t = Drawings.strokes(raw).texts().getFirst();
            Point origin = Drawings.strokes(raw).origin();
            assertThat(t.map().apply(0, 0).plus(origin).distance(new Point(2, 1))).isLessThan(1e-9);
            assertThat(t.map().apply(t.fits(), 0).plus(origin).distance(new Point(5, 5))).isLessThan(1e-9);
            PlacedDrawing d = Drawings.placed(raw, METRES, Clearing.NONE);
            Strokes.TextMark after = Drawings.strokes(again(plan(EMPTY, d), DrawingFormat.DXF)).texts().getFirst();
            Strokes s = Drawings.strokes(again(plan(EMPTY, d), DrawingFormat.DXF));
            assertThat(after.map().apply(after.fits(), 0).plus(s.origin()).distance(new Point(5, 5))).isLessThan(1e-6);
        }
        Strokes.TextMark same = Drawings.strokes(read("0\nTEXT\n8\nT\n10\n2\n20\n1\n11\n2\n21\n1\n40\n0.5\n72\n5\n1\nX\n")).texts()
            .getFirst();
        assertThat(same.fits()).as("no way between its points").isZero();
    }

    @Test void aSlabKeepsItsArcsAndItsHoles() throws IOException {
        Ring apse = new Ring(List.of(new Point(0, 0), new Point(4, 0), new Point(4, 4), new Point(0, 4)), List.of(0.0, 1.0, 0.0, 0.0));
        Ring hole = new Ring(List.of(new Point(1, 1), new Point(2, 1), new Point(2, 2)));
        Slab s = new Slab(new ElementId("s"), apse, List.of(hole), Stand.FLOOR, Given.stated(0.2), Optional.empty(), Provenance.BY_HAND);
        Project p = Tracing.addSlab(EMPTY.storeys().getFirst().id(), s).apply(EMPTY);
        List<Entity> slabs = again(plan(p), DrawingFormat.DXF).spaces().getFirst().entities().stream()
            .filter(e -> e.style().layer().equals("MODEL-SLAB")).toList();
        assertThat(slabs).hasSize(2).allMatch(e -> e instanceof Entity.Polyline x && x.closed());
        Entity.Polyline outline = (Entity.Polyline) slabs.getFirst();
        assertThat(outline.size()).isEqualTo(4);
        assertThat(outline.points().get(4 + 3)).as("bulge of the second side").isCloseTo(1, within(1e-9));
    }

    @Test void theSiteIsToldWhereItIsKnown() {
        assertThat(plan(EMPTY).layers()).noneMatch(l -> l.name().equals("MODEL-SITE"));
        Project p = Sites.datum(12.5).apply(Sites.survey(new Point(4000, 5000)).apply(Sites.north(Math.toRadians(90)).apply(EMPTY)));
        List<Entity> site = plan(p).spaces().getFirst().entities().stream().filter(e -> e.style().layer().equals("MODEL-SITE")).toList();
        assertThat(site).anySatisfy(e -> assertThat(e)
            .isInstanceOfSatisfying(Entity.Text.class, t -> assertThat(t.raw()).contains("4000.000", "5000.000", "+12.500")));
        assertThat(site).as("north is to the left: the arrow points there")
            .anySatisfy(e -> assertThat(e).isInstanceOfSatisfying(Entity.Line.class, l -> {
            assertThat(l.a().x()).isCloseTo(0, within(1e-9));
            assertThat(l.b().x()).isCloseTo(-2, within(1e-9));
        }));
    }
}
