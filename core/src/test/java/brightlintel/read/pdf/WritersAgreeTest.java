package brightlintel.read.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.CurveMath;
import brightlintel.geom.Point;
import brightlintel.read.DrawingReader;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The same plan, written by five programs: the same strokes within 0.1 mm on paper, one for each broken line, and the same words. */
class WritersAgreeTest {
    private static final double TENTH_OF_MM = 0.1 * 72 / 25.4;

    private static RawDrawing read(String name) throws IOException {
        return DrawingReader.look(Path.of("src/test/resources/pages/" + name + ".pdf"), ReadLimits.DEFAULT, Progress.NONE);
    }

    private static List<String> words(RawDrawing d) {
        return d.spaces().getFirst().entities().stream().filter(e -> e instanceof Entity.Text)
            .flatMap(e -> Arrays.stream(((Entity.Text) e).raw().split(" ")))
            .sorted().toList();
    }

    /** Places along all strokes of one that no stroke of the other passes within a tenth of a millimetre. */
    private static int missed(Strokes of, Strokes in, Point shift) {
        int missed = 0;
        for (int i = 0; i < of.size(); i++) {
            if (of.entityOf(i) instanceof Entity.Hatch) continue;
            Curve c = of.curveOf(i);
            for (double t : new double[] {0, 0.31, 0.5, 0.77, 1})
                if (!isNear(in, c.at(t).plus(of.origin()).plus(shift).minus(in.origin()))) missed++;
        }
        return missed;
    }

    private static boolean isNear(Strokes in, Point p) {
        boolean[] near = new boolean[1];
        in.chordsIn(Box.around(p, 2), chord -> {
            Curve c = in.curveOf(in.strokeOf(chord));
            near[0] |= c.at(CurveMath.nearest(c, p)).distance(p) < TENTH_OF_MM;
        });
        return near[0];
    }

    private static long broken(RawDrawing d) {
        return d.spaces().getFirst().entities().stream().filter(e -> !e.style().lineType().isEmpty()).count();
    }

    private static double length(Strokes s) {
        double sum = 0;
        for (int i = 0; i < s.size(); i++) if (!(s.entityOf(i) instanceof Entity.Hatch)) sum += s.curveOf(i).length();
        return sum;
    }

    private static Point corner(Strokes s) {
        Box b = Box.EMPTY;
        for (int i = 0; i < 4 * s.chords(); i += 2) b = b.with(new Point(s.xy()[i], s.xy()[i + 1]));
        return new Point(b.minX(), b.minY()).plus(s.origin());
    }

    @ParameterizedTest
    @ValueSource(strings = {"club-by-cairo", "club-by-a-browser", "club-by-a-draw-program", "club-distilled"})
    void thePlanIsTheSameWhoeverWroteIt(String name) throws IOException {
        RawDrawing ours = read("club-by-us"), theirs = read(name);
        Strokes a = PageFile.flat(ours), b = PageFile.flat(theirs);
        assertThat(words(theirs)).isEqualTo(words(ours));
        // a browser and a draw program round the sheet, and set what is on it by its upper edge
        Point shift = corner(b).minus(corner(a));
        assertThat(shift.length()).isLessThan(1);
        assertThat(missed(a, b, shift)).as("of ours that are not in theirs").isZero();
        assertThat(missed(b, a, shift.times(-1))).as("of theirs that are not in ours").isZero();
        assertThat(length(b)).isCloseTo(length(a), withinPercentage(0.05));
        assertThat(broken(theirs)).isEqualTo(broken(ours));
    }

    @Test void layersAreKeptByThoseWhoKnowThem() throws IOException {
        assertThat(read("club-by-us").layers()).extracting(l -> l.name()).contains("walls", "openings", "A-DOOR");
        // those that know none are parted by pens
        assertThat(read("club-by-cairo").layers()).extracting(l -> l.name()).contains("0.25 mm black", "0.13 mm grey, dashed");
    }
}
