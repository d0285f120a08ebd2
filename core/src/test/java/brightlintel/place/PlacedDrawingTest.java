package brightlintel.place;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.drawing.RawDrawing;
import brightlintel.find.Found;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PlacedDrawingTest {
    private static Placement placement(Random r) {
        return new Placement(Given.stated(new Scale(0.001 * (1 + r.nextDouble()), 0.001)), r.nextBoolean(),
            Given.stated(r.nextDouble() * 6), Given.stated(new Point(2e8, -3e7)),
            Given.stated(new Point(r.nextDouble() * 9, 4)));
    }

    private static RawDrawing random(Random r) throws IOException {
        StringBuilder b = new StringBuilder();
        for (int i = 0; i < 120; i++) {
            double x = 2e8 + r.nextDouble() * 20_000, y = -3e7 + r.nextDouble() * 20_000;
            if (i % 4 == 0) b.append("ROUND circle %.3f %.3f %.3f%n".formatted(x, y, 100 + r.nextDouble() * 2000));
            else b.append("WALLS %.3f %.3f %.3f %.3f%n".formatted(x, y, x + r.nextGaussian() * 3000, y + r.nextGaussian() * 3000));
        }
        return Drawings.read(b.toString());
    }

    /** Law: what the index finds near a place is what looking at every chord finds, nearest first. */
    @Test void strokesNearAPlaceAreFoundAsByLookingAtAll() throws IOException {
        Random r = new Random(21);
        for (int round = 0; round < 6; round++) {
            PlacedDrawing d = Drawings.placed(random(r), placement(r), round % 2 == 0 ? Set.of() : Set.of("round"));
            for (int k = 0; k < 60; k++) {
                Point at = d.toBuilding().apply(r.nextGaussian() * 8000, r.nextGaussian() * 8000);
                double radius = r.nextDouble() * 3;
                record Near(int stroke, double distance) { }
                List<Near> all = new ArrayList<>();
                for (int s = 0; s < d.strokes().size(); s++) {
                    double best = Double.POSITIVE_INFINITY;
                    for (int c = d.strokes().firstChord(s); c < d.strokes().firstChord(s + 1); c++)
                        best = Math.min(best, d.distance(c, at));
                    if (best <= radius && d.cleared().strokeShown(s)) all.add(new Near(s, best));
                }
                all.sort(Comparator.comparingDouble(Near::distance).thenComparingInt(Near::stroke));
                assertThat(d.strokesNear(at, radius)).isEqualTo(all.stream().map(Near::stroke).toList());
            }
        }
    }

    /** Law: points go to the building and back, 200 km from the origin, to a thousandth of a millimetre. */
    @Test void thePlacementIsItsOwnWayBack() {
        Random r = new Random(22);
        for (int i = 0; i < 500; i++) {
            Placement p = placement(r);
            Point file = new Point(2e8 + r.nextGaussian() * 1e5, -3e7 + r.nextGaussian() * 1e5);
            assertThat(p.toFile(p.apply(file)).distance(file)).isLessThan(1e-3);
            Point origin = new Point(2e8 + 1000, -3e7);
            assertThat(p.from(origin).apply(file.minus(origin)).distance(p.apply(file))).isLessThan(1e-6);
        }
    }

    /** Law: the name of a stroke leads back to it. */
    @Test void aStrokeIsFoundAgainByItsName() throws IOException {
        Random r = new Random(23);
        PlacedDrawing d = Drawings.placed(random(r), placement(r), Set.of());
        for (int s = 0; s < d.strokes().size(); s++) assertThat(d.finder().find(d.ref(s, 0.25, 0.5))).contains(new Found(s, Found.By.KEY));
    }

    @Test void aStrayFarAwayIsLeftOutOfThePlansExtent() throws IOException {
        StringBuilder b = new StringBuilder("WALLS 900000 900000 900001 900000\n");
        for (int i = 0; i < 50; i++) b.append("WALLS %d 0 %d 10000%n".formatted(i * 200, i * 200));
        PlacedDrawing d = Drawings.placed(Drawings.read(b.toString()), Placement.assumed(0.001, Point.ORIGIN), Set.of());
        assertThat(d.extent().strays()).isEqualTo(1);
        assertThat(d.extent().main().width()).isBetween(9.7, 9.9);
    }

    @Test void centresOfHiddenArcsAreNotFound() throws IOException {
        RawDrawing raw = Drawings.read("A circle 0 0 500\nB circle 4000 0 500\n");
        assertThat(Drawings.placed(raw, Placement.assumed(0.001, Point.ORIGIN), Set.of()).arcsCentredNear(new Point(4, 0), 0.1)).hasSize(1);
        assertThat(Drawings.placed(raw, Placement.assumed(0.001, Point.ORIGIN), Set.of("b")).arcsCentredNear(new Point(4, 0), 0.1))
            .isEmpty();
    }
}
