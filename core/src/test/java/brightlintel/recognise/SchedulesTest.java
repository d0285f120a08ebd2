package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Provenance;
import brightlintel.building.Room;
import brightlintel.building.Wall;
import brightlintel.building.Why;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Sketch;
import brightlintel.notation.Walls;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Lists of doors, windows and rooms, read by the tags that stand in the plan; millimetres. */
class SchedulesTest {
    private static final List<Wall> WALL = Walls.read("a 0 0 -> 12 0 thick 0.3");

    private static Opening opening(double along, double width, boolean window) {
        return new Opening(ElementId.fresh(), WALL.getFirst().id(), along, Given.stated(width), Given.assumed(window ? 0.9 : 0.0), Given.assumed(2.1),
            window ? new Opening.Filling.Window() : new Opening.Filling.Door(false, true, Opening.Filling.Way.SINGLE), Provenance.BY_HAND);
    }

    private static Schedules lists(Sketch s) {
        PlacedDrawing d = Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
        return new Schedules(d, new Leaders(d, _ -> true));
    }

    /** A table far off the plan, a row below the other. */
    private static Sketch table(double x, double y, String... rows) {
        Sketch s = new Sketch();
        for (int r = 0; r < rows.length; r++) {
            String[] cells = rows[r].split("\\|");
            for (int c = 0; c < cells.length; c++) if (!cells[c].isBlank()) s.text(cells[c].strip(), x + 2500 * c, y - 400 * r, 200, 0);
        }
        return s;
    }

    @Test void aListGivesHeadSillAndFireToTheOpeningsThatBearItsTags() {
        Sketch s = table(20_000, 9000, "DOORS", "Mark | Width | Height | Fire rating | Remarks", "D1 | 885 | 2135 | EI 30 | glazed", "D2 | 1010 | 2260 | - | ",
            "W1 | 1200 | 1400 | | top hung").text("D1", 2000, 500, 150, 0).text("D2", 5000, 500, 150, 0).text("D1", 8000, 500, 150, 0);
        List<Opening> out = lists(s).openings(List.of(opening(2, 0.885, false), opening(5, 1.01, false), opening(8, 0.885, false)), WALL);
        assertThat(out).extracting(o -> o.head().value()).containsExactly(2.135, 2.26, 2.135);
        assertThat(out).extracting(Opening::fire).containsExactly("EI 30", "", "EI 30");
        assertThat(out.getFirst().head().why()).isInstanceOf(Why.Read.class);
    }

    /** Centimetres, as the drawn widths tell; a size in one column, a sill beside it, words of another language. */
    @Test void theUnitIsToldByTheWidthsThatAreDrawn() {
        Sketch s = table(20_000, 9000, "Fenster Nr. | Größe | Brüstung", "F 01 | 120 x 140 | 80", "F 02 | 200 / 60 | 165")
            .text("F01", 2000, -500, 150, 0).text("F 02", 6000, -500, 150, 0);
        List<Opening> out = lists(s).openings(List.of(opening(2, 1.2, true), opening(6, 2, true)), WALL);
        assertThat(out.get(0).sill().value()).isCloseTo(0.8, within(1e-9));
        assertThat(out.get(0).head().value()).isCloseTo(2.2, within(1e-9));
        assertThat(out.get(1).sill().value()).isCloseTo(1.65, within(1e-9));
        assertThat(out.get(1).head().value()).isCloseTo(2.25, within(1e-9));
    }

    /** A list of another storey, say: what it says of widths is drawn nowhere. */
    @Test void whatFitsNoDrawnWidthIsNotBelieved() {
        Sketch s = table(20_000, 9000, "No | Width | Height", "1 | 700 | 1500", "2 | 800 | 1600").text("1", 2000, 500, 150, 0);
        Opening one = opening(2, 1.25, false);
        assertThat(lists(s).openings(List.of(one), WALL)).containsExactly(one);
        // and what was read beside an opening counts more than a list
        Sketch t = table(20_000, 9000, "No | Width | Height", "1 | 1250 | 2500", "2 | 800 | 1600").text("1", 2000, 500, 150, 0);
        Opening read = one.withHeights(Given.assumed(0.0), Given.read(2.3, 0.9));
        assertThat(lists(t).openings(List.of(read), WALL)).containsExactly(read);
    }

    @Test void aTagAtTheEndOfALeaderSpeaksOfWhereItPoints() {
        Sketch s = table(20_000, 9000, "Tag | Width | Height", "A | 900 | 2400", "B | 900 | 2000").text("A", 3500, 3000, 150, 0)
            .leader(6000, 200, 3800, 2500, 3600, 2920).text("B", 2000, 500, 150, 0);
        List<Opening> out = lists(s).openings(List.of(opening(2, 0.9, false), opening(6, 0.9, false)), WALL);
        assertThat(out).extracting(o -> o.head().value()).containsExactly(2.0, 2.4);
    }

    @Test void aListOfRoomsNamesThoseThatHaveANumberAlone() {
        Sketch s = table(20_000, 9000, "Room No. | Name | Area (m²)", "0.01 | Workshop | 31.20", "0.02 | Store | 8.4");
        Room bare = new Room(ElementId.fresh(), "0.01", "", new Room.Bound.Within(Point.ORIGIN), Optional.empty(), Optional.empty(), "", Provenance.BY_HAND);
        Room named = new Room(ElementId.fresh(), "0.02", "Boats", new Room.Bound.Within(new Point(5, 0)), Optional.of(9.0), Optional.empty(), "",
            Provenance.BY_HAND);
        List<Room> out = lists(s).rooms(List.of(bare, named));
        assertThat(out).extracting(Room::name).containsExactly("Workshop", "Boats");
        assertThat(out).extracting(r -> r.written().orElseThrow()).containsExactly(31.2, 9.0);
    }

    @Test void wordsThatStandNowhereNearATableAreNone() {
        assertThat(Tables.of(Drawings.placed(new Sketch().text("Type", 0, 0, 200, 0).text("Height", 40_000, 0, 200, 0).text("W1", 0, -9000, 200, 0).drawing(),
            Placement.assumed(0.001, Point.ORIGIN), Set.of()))).isEmpty();
    }
}
