package brightlintel.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Placement;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Sketch;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Closed lines as outlines. */
class DrawnOutlinesTest {
    @Test void closedLinesOfTheWantedLayerAreFoundOnce() {
        Sketch s = new Sketch().on("AREAS").rectangle(0, 0, 4000, 3000).rectangle(0, 0, 4000, 3000).polyline(false, 5000, 0, 8000, 0, 8000, 2000, 5000, 2000)
            .rectangle(9000, 0, 300, 300).polyline(true, 5000, 5000, 9000, 5000, 7000, 8000).on("WALLS").rectangle(-300, -300, 12_000, 9000);
        PlacedDrawing d = Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
        List<DrawnOutlines.Outline> all = DrawnOutlines.of(d, i -> d.strokes().layers().get(d.strokes().layerOf(i)).name().equals("AREAS"));
        assertThat(all).as("doubled once, the open one, the small one and the other layer not").hasSize(2);
        assertThat(all.getFirst().ring().area()).isCloseTo(12, within(1e-9));
        assertThat(all.getFirst().strokes()).hasSize(4);
        assertThat(all.getLast().ring().area()).isCloseTo(6, within(1e-9));
    }
}
