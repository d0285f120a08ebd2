package brightlintel.paint;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.FileId;
import brightlintel.building.Placement;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Strokes;
import brightlintel.find.Finder;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Point;
import brightlintel.notation.Sketch;
import brightlintel.place.PlacedDrawing;
import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A drawing over its ruler: the same picture at any size, but for the figures under it and the car beside it. */
class SizedPictureTest {
    private static final int WIDE = 212, HIGH = 158, FOOT = 30;

    private static Raster picture(double metresPerUnit) {
        Sketch s = new Sketch().rectangle(0, 0, 24_000, 14_000).line(0, 7000, 24_000, 7000);
        Strokes all = Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE);
        Underlay u = new Underlay(UnderlayId.fresh(), FileId.fresh(), "a", s.space(), Optional.empty(),
            Placement.assumed(metresPerUnit, Point.ORIGIN), Clearing.NONE, Appearance.faded(0), false);
        return SizedPicture.of(new PlacedDrawing(u, all, new Finder("a", s.space(), all)), Palette.LIGHT, WIDE, HIGH, 1, " m", () -> false);
    }

    private static long brass(Raster r) {
        return Arrays.stream(r.pixels).filter(c -> (c & 0xffffff) == Palette.LIGHT.brass()).count();
    }

    private static int[] above(Raster r) {
        return Arrays.stream(Arrays.copyOf(r.pixels, WIDE * (HIGH - FOOT))).map(c -> (c & 0xffffff) == 0xffffff ? 0 : 1).toArray();
    }

    @Test void theCarTellsTheSize() {
        assertThat(brass(picture(0.001))).as("5 m beside a house of 24").isPositive();
        assertThat(brass(picture(1))).as("beside 24 km it is nothing").isZero();
    }

    @Test void theDrawingItselfIsTheSameAtAnySize() {
        int ink = Arrays.stream(above(picture(1))).sum();
        assertThat(ink).isGreaterThan(WIDE);
        // a line may fall between two rows of pixels and touch both
        assertThat(Arrays.stream(above(picture(8))).sum()).isBetween(ink / 2 - 20, 2 * ink + 20);
    }
}
