package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Provenance;
import brightlintel.building.Wall;
import brightlintel.building.Why;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Sketch;
import brightlintel.notation.Walls;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What tags of doors and windows say of them. */
class OpeningWordsTest {
    private static final List<Wall> WALL = Walls.read("a 0 0 -> 12 0 thick 0.3");

    private static Opening opening(double along, double width, boolean window) {
        return new Opening(ElementId.fresh(), WALL.getFirst().id(), along, Given.stated(width), Given.assumed(window ? 0.9 : 0.0), Given.assumed(2.1),
            window ? new Opening.Filling.Window() : new Opening.Filling.Door(false, true, Opening.Filling.Way.SINGLE), Provenance.BY_HAND);
    }

    private static List<Opening> read(Sketch s, Opening... some) {
        PlacedDrawing d = Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
        return new OpeningWords(d, new Leaders(d, _ -> true)).read(List.of(some), WALL);
    }

    /** Centimetres, millimetres, metres, feet: the height counts where the width is the drawn one. */
    @Test void aTagOfWidthAndHeightGivesTheHead() {
        for (String tag : List.of("88/213", "885 x 2130", "0.885/2.13", "88,5 × 213")) {
            Opening o = read(new Sketch().text(tag, 2000, 600, 120, 0), opening(2, 0.885, false)).getFirst();
            assertThat(o.head().value()).as(tag).isBetween(2.1299, 2.1301);
            assertThat(o.head().why()).as("read, not assumed").isInstanceOf(Why.Read.class);
            assertThat(o.sill().why()).isInstanceOf(Why.Assumed.class);
        }
        Opening other = read(new Sketch().text("120/213", 2000, 600, 120, 0), opening(2, 0.885, false)).getFirst();
        assertThat(other.head().isAssumed()).as("the tag of another").isTrue();
        Opening feet = read(new Sketch().text("3'-0\" x 7'-0\"", 2000, 600, 120, 0), opening(2, 0.9144, false)).getFirst();
        assertThat(feet.head().value()).isBetween(2.133, 2.134);
    }

    @Test void aSillIsReadAndAHeightStandsOnIt() {
        Opening o = read(new Sketch().text("120/140", 5000, -500, 120, 0).text("BRH 75", 5000, -700, 120, 0), opening(5, 1.2, true)).getFirst();
        assertThat(o.sill().value()).isEqualTo(0.75);
        assertThat(o.head().value()).isBetween(2.1499, 2.1501);
        Opening door = read(new Sketch().text("BRH 75", 5000, -700, 120, 0), opening(5, 0.9, false)).getFirst();
        assertThat(door.sill().isAssumed()).as("doors have none").isTrue();
    }

    /** A class of fire resistance is told from a number of a door; the nearest is meant. */
    @Test void aFireRatingIsReadAndTheNumberOfADoorIsNone() {
        Sketch s = new Sketch().text("EI2 30-C5", 2000, 500, 120, 0).text("T30", 5000, 500, 120, 0).text("T30-RS", 8000, 500, 120, 0)
            .text("Fire door EI60", 11000, 500, 120, 0);
        List<Opening> out = read(s, opening(2, 0.9, false), opening(5, 0.9, false), opening(8, 0.9, false), opening(11, 0.9, false));
        assertThat(out).extracting(Opening::fire).containsExactly("EI2 30-C5", "", "T30-RS", "EI60");
        assertThat(read(new Sketch().text("EI30", 2000, 4000, 120, 0), opening(2, 0.9, false)).getFirst().fire()).as("too far off").isEmpty();
        Opening kept = out.getFirst().withWidth(Given.stated(1.0)).withAlong(3);
        assertThat(kept.fire()).as("stays with it").isEqualTo("EI2 30-C5");
    }
}
