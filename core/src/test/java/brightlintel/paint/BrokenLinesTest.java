package brightlintel.paint;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Clearing;
import brightlintel.building.Placement;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.read.DrawingReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BrokenLinesTest {
    @TempDir Path folder;

    /** A line 100 long of dashes of 10 and gaps of 5, painted at some pixels a unit: inked pixels of its row, as # and blanks. */
    private String row(double pxPerUnit, double from) throws Exception {
        String text = "0\nSECTION\n2\nTABLES\n0\nTABLE\n2\nLTYPE\n0\nLTYPE\n2\nDASHES\n73\n2\n40\n15\n49\n10\n74\n0\n49\n-5\n74\n0\n0\nENDTAB\n0\nENDSEC\n"
            + "0\nSECTION\n2\nENTITIES\n0\nLINE\n8\n0\n6\nDASHES\n10\n0\n20\n0\n11\n100\n21\n0\n0\nENDSEC\n0\nEOF\n";
        Strokes s = Flattening.of(DrawingReader.read(Files.writeString(folder.resolve("d.dxf"), text), ReadLimits.DEFAULT, Progress.NONE),
            new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
        Raster r = new Raster(200, 21);
        r.clear(Palette.LIGHT.paper());
        PlanView view = new PlanView(new Point(from + 100 / pxPerUnit, 0), pxPerUnit, 200, 21);
        StrokePainter.paint(Drawings.placed("0", s, Placement.assumed(1, Point.ORIGIN), Clearing.NONE), view,
            new StrokePainter.Look(Palette.LIGHT, false, 0), r, () -> false);
        StringBuilder b = new StringBuilder();
        for (int x = 0; x < 200; x++) {
            boolean ink = false;
            for (int y = 8; y < 13; y++) ink |= r.at(x, y) != Palette.LIGHT.paper();
            b.append(ink ? '#' : ' ');
        }
        return b.toString();
    }

    private static long dashes(String row) {
        return Arrays.stream(row.trim().split(" +")).count();
    }

    @Test void aLineOfDashesHasGapsAndADashAtBothEnds() throws Exception {
        String row = row(2, 0);
        assertThat(dashes(row)).isEqualTo(7);
        assertThat(row.charAt(1)).isEqualTo('#');
        assertThat(row.charAt(198)).isEqualTo('#');
        assertThat(row.chars().filter(c -> c == '#').count()).isBetween(120L, 152L);
        assertThat(new StringBuilder(row.substring(2, 198)).reverse().toString().trim().split(" +").length).as("the same from both ends")
            .isEqualTo(7);
    }

    @Test void dashesStayWhereTheyAreWhenTheViewMoves() throws Exception {
        String whole = row(4, 0), moved = row(4, 25);
        assertThat(moved.substring(2, 98)).isEqualTo(whole.substring(102, 198));
    }

    @Test void aPatternTooFineToSeeIsUnbroken() throws Exception {
        assertThat(dashes(row(0.2, 0))).isEqualTo(1);
    }
}
