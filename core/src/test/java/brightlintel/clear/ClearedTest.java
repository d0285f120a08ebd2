package brightlintel.clear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Appearance;
import brightlintel.building.Cast;
import brightlintel.building.Clearing;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Region;
import brightlintel.building.Repair;
import brightlintel.building.Role;
import brightlintel.building.Single;
import brightlintel.building.Underlay;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.notation.Drawings;
import brightlintel.notation.Seeds;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.paint.StrokePainter;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.DrawingReader;
import brightlintel.snap.Snap;
import brightlintel.snap.SnapKind;
import brightlintel.snap.SnapSettings;
import brightlintel.snap.Snapper;
import brightlintel.write.dxf.BasePlan;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** One place says what is shown, and painters, extent, snapping and base plan all ask it. */
class ClearedTest {
    private static final Placement METRES = Placement.assumed(1, Point.ORIGIN);
    @TempDir Path folder;

    private static Ring box(double x0, double y0, double x1, double y1) {
        return new Ring(List.of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1)));
    }

    private static PlacedDrawing placed(String text, Clearing c) {
        try {
            return Drawings.placed(Drawings.read(text), METRES, c);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    /** A block CHAIR of a line and a text, put twice; a hatch, a text and a line beside them. */
    private RawDrawing furnished() throws IOException {
        String text = "0\nTEXT\n8\n%s\n10\n%d\n20\n1\n40\n0.5\n1\n%s\n", line = "0\nLINE\n8\n%s\n10\n0\n20\n%d\n11\n4\n21\n%d\n";
        String solid = "0\nSOLID\n8\nFILL\n10\n0\n20\n0\n11\n1\n21\n0\n12\n0\n22\n1\n13\n1\n23\n1\n";
        String blocks = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nChair\n10\n0\n20\n0\n" + line.formatted("0", 0, 0)
            + text.formatted("0", 0, "chair") + "0\nENDBLK\n0\nENDSEC\n";
        String inserts = "0\nINSERT\n8\nFURN\n2\nChair\n10\n20\n20\n0\n0\nINSERT\n8\nFURN\n2\nChair\n10\n20\n20\n9\n";
        Path f = Files.createTempFile(folder, "f", ".dxf");
        return DrawingReader.read(Files.writeString(f, blocks + "0\nSECTION\n2\nENTITIES\n" + line.formatted("WALL", 5, 5)
            + line.formatted("TEXT", 7, 7)
            + text.formatted("WALL", 9, "W1") + solid + inserts + "0\nENDSEC\n0\nEOF\n"), ReadLimits.DEFAULT, Progress.NONE);
    }

    private static String shown(PlacedDrawing d) {
        StringBuilder b = new StringBuilder();
        Strokes s = d.strokes();
        for (int i = 0; i < s.size(); i++)
            if (d.cleared().strokeShown(i) && s.entityOf(i) instanceof Entity.Line)
                b.append(s.layers().get(s.layerOf(i)).name()).append(' ');
        for (int i = 0; i < s.texts().size(); i++) if (d.cleared().textShown(i)) b.append(s.texts().get(i).plain()).append(' ');
        for (int i = 0; i < s.fills().size(); i++) if (d.cleared().fillShown(i)) b.append("fill ");
        return b.toString().strip();
    }

    @Test void layersKindsAndBlocksGoByThemselvesAndTogether() throws IOException {
        RawDrawing d = furnished();
        assertThat(shown(Drawings.placed(d, METRES, Clearing.NONE))).isEqualTo("WALL TEXT FURN FURN W1 chair chair fill");
        assertThat(shown(Drawings.placed(d, METRES, Clearing.ofLayers(Set.of("furn"))))).isEqualTo("WALL TEXT W1 fill");
        assertThat(shown(Drawings.placed(d, METRES, Clearing.NONE.withKindsOff(Set.of("TEXT"))))).isEqualTo("WALL TEXT FURN FURN fill");
        assertThat(shown(Drawings.placed(d, METRES, Clearing.NONE.withKindsOff(Set.of("SOLID", "LINE"))))).isEqualTo("W1 chair chair");
        assertThat(shown(Drawings.placed(d, METRES, Clearing.NONE.withBlocksOff(Set.of("CHAIR"))))).isEqualTo("WALL TEXT W1 fill");
        assertThat(shown(Drawings.placed(d, METRES, Clearing.ofLayers(Set.of("wall")).withBlocksOff(Set.of("chair")))))
            .isEqualTo("TEXT fill");
    }

    /** A layer that holds several things is parted by kind; a role given to a block takes all that came in by it. */
    @Test void rolesGoByLayerByLayerAndKindAndByBlock() throws IOException {
        RawDrawing d = furnished();
        List<Cast> roles = List.of(new Cast(new Cast.Part.LayerKind("WALL", "TEXT"), Given.stated(Role.TEXT)),
            new Cast(new Cast.Part.Block("Chair"), Given.stated(Role.FURNITURE)),
            new Cast(new Cast.Part.Layer("Text"), Given.stated(Role.WALL)));
        assertThat(shown(Drawings.placed(d, METRES, Clearing.NONE.withRoles(roles, Set.of()))))
            .isEqualTo("WALL TEXT FURN FURN W1 chair chair fill");
        assertThat(shown(Drawings.placed(d, METRES, Clearing.NONE.withRoles(roles, Set.of(Role.FURNITURE)))))
            .isEqualTo("WALL TEXT W1 fill");
        assertThat(shown(Drawings.placed(d, METRES, Clearing.NONE.withRoles(roles, Set.of(Role.TEXT)))))
            .isEqualTo("WALL TEXT FURN FURN chair chair fill");
        assertThat(shown(Drawings.placed(d, METRES, Clearing.NONE.withRoles(roles, Set.of(Role.WALL)))))
            .isEqualTo("WALL FURN FURN W1 chair chair fill");
    }

    @Test void oneThingIsSetAsideOrBroughtBackWhateverElseIsSaid() throws IOException {
        RawDrawing d = furnished();
        PlacedDrawing all = Drawings.placed(d, METRES, Clearing.NONE);
        Single wall = new Single(all.finder().ref(0, 0, 1), false), secondChair = new Single(all.finder().ref(6, 0, 1), true);
        Clearing c = Clearing.ofLayers(Set.of("furn")).withSingles(List.of(wall, secondChair, new Single(all.finder().markRef(0), false)));
        PlacedDrawing cleared = all.with(all.underlay().with(c));
        assertThat(cleared.cleared().strokeShown(0)).isFalse();
        assertThat(cleared.cleared().textShown(0)).isFalse();
        int furn = 0;
        for (int i = 0; i < cleared.strokes().size(); i++)
            if (cleared.cleared().strokeShown(i) && cleared.strokes().layers().get(cleared.strokes().layerOf(i)).name().equals("FURN"))
                furn++;
        assertThat(furn).as("one of two chairs is back").isEqualTo(1);
    }

    @Test void aDoubledStrokeIsSetAsideForTheOther() {
        PlacedDrawing all = placed("A 0 0 4 0\nA 0 0 4 0\nA 0 1 4 1", Clearing.NONE);
        Repair r = new Repair.Doubled(all.finder().ref(1, 0, 1), all.finder().ref(0, 0, 1));
        Cleared c = all.with(all.underlay().with(Clearing.NONE.withRepairs(List.of(r)))).cleared();
        assertThat(List.of(c.strokeShown(0), c.strokeShown(1), c.strokeShown(2))).containsExactly(true, false, true);
    }

    @Test void aRegionCutsStrokesExactlyAtItsOutline() {
        PlacedDrawing kept = placed("A 0 0 10 0\nA circle 5 0 4", Clearing.NONE.withRegions(List.of(new Region(box(2, -10, 6, 10), true))));
        assertThat(kept.cleared().strokeCut(0)).isTrue();
        assertThat(kept.cleared().stretches(0)).containsExactly(new double[] {0.2, 0.6}, within(1e-12));
        List<Curve> arcs = kept.shownCurves(1);
        assertThat(arcs).hasSize(2).allSatisfy(a -> {
            for (double t = 0; t <= 1; t += 0.05) assertThat(a.at(t).x()).isBetween(2 - 1e-9, 6 + 1e-9);
            assertThat(a.at(0.5).distance(new Point(5, 0))).isCloseTo(4, within(1e-9));
        });
        PlacedDrawing hidden = placed("A 0 0 10 0", Clearing.NONE.withRegions(List.of(new Region(box(2, -1, 6, 1), false))));
        assertThat(hidden.cleared().stretches(0)).containsExactly(new double[] {0, 0.2, 0.6, 1}, within(1e-12));
    }

    /** The last region round a place decides: a part is kept, of it a part hidden, of that a part kept again. */
    @Test void regionsAreAddedAndTakenAwayInOrder() {
        List<Region> nested = List.of(new Region(box(0, -5, 30, 5), true), new Region(box(10, -5, 20, 5), false),
            new Region(box(14, -5, 16, 5), true));
        PlacedDrawing d = placed("A -10 0 40 0\nA 15 1 15.5 1\nA 12 1 13 1\nA 35 1 36 1", Clearing.NONE.withRegions(nested));
        assertThat(d.shownCurves(0)).extracting(c -> Math.round(c.first().x()) + ".." + Math.round(c.last().x()))
            .containsExactly("0..10", "14..16", "20..30");
        assertThat(List.of(d.cleared().strokeShown(1), d.cleared().strokeShown(2), d.cleared().strokeShown(3)))
            .containsExactly(true, false, false);
    }

    @Test void aCutOutIsTheFirstRegion() throws IOException {
        PlacedDrawing all = placed("A 0 0 10 0\nA 50 0 60 0", Clearing.NONE);
        Underlay u = all.underlay();
        Underlay cut = new Underlay(u.id(), u.file(), u.sha256(), u.space(), Optional.of(box(40, -5, 70, 5)), u.placement(), u.clearing(),
            Appearance.faded(0), false);
        assertThat(all.with(cut).cleared().strokeShown(0)).isFalse();
        assertThat(all.with(cut).extent().main()).isEqualTo(new Box(50, 0, 60, 0));
    }

    /** Law: a place of a stroke is shown where the regions say so of that place, whatever the stroke. */
    @Test void aPlaceIsShownAsTheRegionsSay() {
        Seeds.each(12, seed -> {
            Random r = new Random(seed);
            StringBuilder b = new StringBuilder();
            for (int i = 0; i < 30; i++) {
                if (r.nextInt(3) == 0)
                    b.append("A circle ").append(r.nextInt(40)).append(' ').append(r.nextInt(40)).append(' ').append(1 + r.nextInt(15))
                        .append('\n');
                else b.append("A ").append(r.nextInt(40)).append(' ').append(r.nextInt(40)).append(' ').append(r.nextInt(40)).append(' ')
                    .append(r.nextInt(40) + 0.5).append('\n');
            }
            List<Region> regions = new ArrayList<>();
            for (int i = 0; i < 3; i++) {
                double x = r.nextDouble() * 30, y = r.nextDouble() * 30;
                Ring ring = box(x, y, x + 2 + r.nextDouble() * 20, y + 2 + r.nextDouble() * 20);
                regions.add(new Region(i == 1 ? new Ring(ring.corners(), List.of(0.3, 0.0, 0.3, 0.0)) : ring, r.nextBoolean()));
            }
            PlacedDrawing d = placed(b.toString(), Clearing.NONE.withRegions(regions));
            Regions direct = new Regions(regions, Point.ORIGIN);
            for (int s = 0; s < d.strokes().size(); s++) {
                double[] shown = d.cleared().strokeShown(s) ? d.cleared().stretches(s) : new double[0];
                for (int i = 0; i < 40; i++) {
                    double t = r.nextDouble();
                    Point at = d.curve(s).at(t);
                    if (regions.stream().anyMatch(x -> x.outline().distance(at) < 1e-4)) continue;
                    boolean in = false;
                    for (int k = 0; k < shown.length; k += 2) in |= t >= shown[k] && t <= shown[k + 1];
                    assertThat(in).as("stroke %d at %f, %s", s, t, at).isEqualTo(direct.shows(at));
                }
            }
        });
    }

    @Test void snapsKeepToWhatIsShown() {
        PlacedDrawing d = placed("A 0 0 10 0", Clearing.NONE.withRegions(List.of(new Region(box(2, -1, 6, 1), true))));
        Snapper snapper = new Snapper(new Snapper.Scene(List.of(d), List.of(), List.of(), List.of()), SnapSettings.USUAL);
        assertThat(snapper.near(new Point(0, 0), 0.3, Optional.empty())).as("the end that is cut away").isEmpty();
        assertThat(snapper.near(new Point(8, 0.1), 0.3, Optional.empty())).isEmpty();
        List<Snap> atCut = snapper.near(new Point(2.05, 0.02), 0.3, Optional.empty());
        assertThat(atCut.getFirst().kind()).isEqualTo(SnapKind.END);
        assertThat(atCut.getFirst().at().distance(new Point(2, 0))).isLessThan(1e-9);
        assertThat(snapper.near(new Point(4.02, 0.02), 0.3, Optional.empty()).getFirst().kind()).isEqualTo(SnapKind.MIDDLE);
    }

    @Test void thePictureShowsWhatIsShown() {
        PlacedDrawing d = placed("A 0 0 10 0\nB 0 2 10 2", Clearing.ofLayers(Set.of("b"))
            .withRegions(List.of(new Region(box(2, -5, 6, 5), true))));
        Raster r = new Raster(120, 60);
        r.clear(Palette.LIGHT.paper());
        PlanView view = new PlanView(new Point(5, 0), 10, 120, 60);
        StrokePainter.paint(d, view, new StrokePainter.Look(Palette.LIGHT, false, 0), r, () -> false);
        StringBuilder row = new StringBuilder();
        for (int x = 5; x < 120; x += 10) row.append(ink(r, x, 30) ? '#' : '.');
        assertThat(row.toString()).isEqualTo("...####.....");
        for (int x = 0; x < 120; x++) assertThat(ink(r, x, 10)).isFalse();
    }

    private static boolean ink(Raster r, int x, int y) {
        return (r.at(x, y) & 0xffffff) != Palette.LIGHT.paper() || (r.at(x, y - 1) & 0xffffff) != Palette.LIGHT.paper();
    }

    @Test void theBasePlanTakesWhatIsShown() {
        PlacedDrawing d = placed("A 0 0 10 0\nB 0 2 10 2", Clearing.ofLayers(Set.of("b"))
            .withRegions(List.of(new Region(box(2, -5, 6, 5), true))));
        Project p = Project.empty("P", "Ground");
        RawDrawing out = BasePlan.of(p, p.storeys().getFirst().id(), List.of(d), BasePlan.Unit.METRE);
        assertThat(out.spaces().getFirst().entities()).singleElement().isInstanceOfSatisfying(Entity.Line.class, l -> {
            assertThat(l.a().x()).isCloseTo(2, within(1e-9));
            assertThat(l.b().x()).isCloseTo(6, within(1e-9));
        });
    }

    @Test void nothingShownIsKnown() {
        assertThat(placed("A 0 0 1 0", Clearing.ofLayers(Set.of("a"))).cleared().showsAnything()).isFalse();
        assertThat(placed("A 0 0 1 0", Clearing.NONE.withRegions(List.of(new Region(box(5, 5, 6, 6), true)))).cleared().showsAnything())
            .isFalse();
        assertThat(placed("A 0 0 1 0", Clearing.NONE).cleared().showsAnything()).isTrue();
    }

    @Test void bringingAllBackKeepsWhatWasSaidOfRoles() {
        List<Cast> roles = List.of(new Cast(new Cast.Part.Layer("A"), Given.stated(Role.WALL)));
        Clearing c = Clearing.ofLayers(Set.of("x")).withKindsOff(Set.of("HATCH")).withRoles(roles, Set.of(Role.WALL)).allBack();
        assertThat(c).isEqualTo(Clearing.NONE.withRoles(roles, Set.of()));
    }
}
