package brightlintel.paint;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Appearance;
import brightlintel.building.Cast;
import brightlintel.building.Clearing;
import brightlintel.building.Given;
import brightlintel.building.Ink;
import brightlintel.building.Placement;
import brightlintel.building.Role;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.DrawingReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What colour and how broad lines come out, whichever way they are told. */
class LooksOfStrokesTest {
    private static final Palette P = Palette.LIGHT;
    @TempDir Path folder;

    /** Three level lines at y 1, 2 and 3: of a weight of their own, of their layer's, and of none. The first is red. */
    private PlacedDrawing drawing() throws IOException {
        String layer = "0\nSECTION\n2\nTABLES\n0\nTABLE\n2\nLAYER\n70\n1\n0\nLAYER\n2\nHEAVY\n70\n0\n62\n7\n6\nCONTINUOUS\n370\n70\n0\nENDTAB\n0\nENDSEC\n";
        String line = "0\nLINE\n100\nAcDbEntity\n8\n%s\n%s100\nAcDbLine\n10\n0\n20\n%d\n11\n10\n21\n%d\n";
        String text = "0\nSECTION\n2\nHEADER\n9\n$ACADVER\n1\nAC1015\n0\nENDSEC\n" + layer + "0\nSECTION\n2\nENTITIES\n"
            + line.formatted("0", "62\n1\n370\n100\n", 1, 1) + line.formatted("HEAVY", "", 2, 2) + line.formatted("0", "", 3, 3)
            + "0\nENDSEC\n0\nEOF\n";
        var raw = DrawingReader.read(Files.writeString(folder.resolve("weights.dxf"), text), ReadLimits.DEFAULT, Progress.NONE);
        return Drawings.placed(raw, Placement.assumed(1, Point.ORIGIN), Clearing.NONE);
    }

    /** The pixel on a line, painted in a look: 20 pixels to the metre, the line on whole pixels. */
    private static int colour(PlacedDrawing d, StrokePainter.Look look, int line) {
        return painted(d, look).at(100, 100 - 20 * line);
    }

    private static Raster painted(PlacedDrawing d, StrokePainter.Look look) {
        Raster r = new Raster(200, 110);
        r.clear(P.paper());
        PlanView v = new PlanView(new Point(5, 2.275), 20, 200, 110);
        assertThat(StrokePainter.paint(d, v, look, r, () -> false)).isTrue();
        return r;
    }

    private static int thick(PlacedDrawing d, StrokePainter.Look look, int line) {
        Raster r = painted(d, look);
        int n = 0;
        for (int y = 100 - 20 * line - 9; y <= 100 - 20 * line + 9; y++) if (r.at(100, y) != P.paper()) n++;
        return n;
    }

    private static double far(int a, int b) {
        double sum = 0;
        for (int s = 0; s <= 16; s += 8) sum += Math.abs((a >> s & 255) - (b >> s & 255));
        return sum;
    }

    @Test void eachInkComesOutAsItself() throws IOException {
        PlacedDrawing d = drawing();
        Appearance full = Appearance.faded(0);
        int red = 0xFF0000;
        for (boolean quiet : new boolean[] {true, false}) {
            assertThat(far(colour(d, StrokePainter.Look.of(full.with(Ink.QUIET), P, quiet), 1), P.ink2())).as("quiet").isLessThan(90);
            assertThat(far(colour(d, StrokePainter.Look.of(full.with(Ink.DRAWN), P, quiet), 1), red)).as("drawn").isLessThan(90);
            assertThat(far(colour(d, StrokePainter.Look.of(full.with(new Ink.One(0x2F6B4A)), P, quiet), 1), 0x2F6B4A)).isLessThan(90);
            assertThat(far(colour(d, StrokePainter.Look.of(full, P, quiet), 1), quiet ? P.ink2() : red)).as("as the board").isLessThan(90);
        }
        assertThat(far(colour(d, StrokePainter.Look.echo(full, P), 1), P.paper())).as("an echo is faint").isBetween(20.0, 250.0);
    }

    /** Walls stand out, furniture steps back: by ink and by width. */
    @Test void eachRoleHasAnInkAndAWidth() throws IOException {
        PlacedDrawing d = drawing();
        List<Cast> casts = List.of(new Cast(new Cast.Part.Layer("heavy"), Given.stated(Role.WALL)), new Cast(new Cast.Part.Layer("0"),
            Given.stated(Role.FURNITURE)));
        StrokePainter.Look quiet = StrokePainter.Look.of(Appearance.faded(0).with(Ink.BY_ROLE), P, false), look = quiet.withRoles(casts);
        assertThat(far(colour(d, look, 2), P.ink())).as("a wall").isLessThan(40);
        assertThat(far(colour(d, look, 1), P.paper())).as("furniture").isLessThan(far(colour(d, look, 2), P.paper()) / 2);
        assertThat(thick(d, look, 2)).isGreaterThanOrEqualTo(thick(d, look, 1));
        assertThat(far(colour(d, quiet, 1), P.ink2())).as("quiet until roles are found").isLessThan(90);
        assertThat(far(colour(d, look.withRoles(List.of(casts.getFirst())), 3), P.paper())).as("what nothing is known of is there")
            .isGreaterThan(60);
    }

    @Test void fadeBringsTheInkToThePaper() throws IOException {
        PlacedDrawing d = drawing();
        double before = Double.POSITIVE_INFINITY;
        for (double fade = 0; fade <= 1; fade += 0.25) {
            double now = far(colour(d, StrokePainter.Look.of(Appearance.faded(fade).with(Ink.QUIET), P, true), 1), P.paper());
            assertThat(now).isLessThan(before);
            before = now;
        }
        assertThat(before).isZero();
    }

    @Test void weightsAreThoseOfTheLineOrOfItsLayerWhereTheyAreWanted() throws IOException {
        PlacedDrawing d = drawing();
        StrokePainter.Look plain = new StrokePainter.Look(P, true, 0), weights = plain.withWeights(true);
        assertThat(thick(d, plain, 1)).isEqualTo(thick(d, plain, 3));
        assertThat(thick(d, weights, 1)).as("1 mm is four times the usual").isGreaterThanOrEqualTo(4);
        assertThat(thick(d, weights, 2)).as("0.7 mm by its layer").isBetween(3, 4);
        assertThat(thick(d, weights, 3)).isEqualTo(thick(d, plain, 3));
        assertThat(thick(d, StrokePainter.Look.of(Appearance.faded(0).withWidth(8), P, true), 3)).isGreaterThanOrEqualTo(8);
    }

    /** Law: broad lines too are the same when a picture is put together of squares. */
    @Test void broadLinesReachIntoTheSquareBeside() throws IOException {
        PlacedDrawing d = drawing();
        StrokePainter.Look broad = StrokePainter.Look.of(Appearance.faded(0).withWidth(8), P, true).withWeights(true);
        Raster whole = painted(d, broad);
        PlanView v = new PlanView(new Point(5, 2.275), 20, 200, 110);
        for (int y = 0; y < 110; y += 11) {
            Raster part = new Raster(200, 11);
            part.clear(P.paper());
            new StrokePainter(d, broad).paint(v.part(0, y, 200, 11), part, () -> false);
            for (int row = 0; row < 11; row++)
                for (int x = 0; x < 200; x++) assertThat(part.at(x, row)).as("%d, %d", x, y + row).isEqualTo(whole.at(x, y + row));
        }
    }
}
