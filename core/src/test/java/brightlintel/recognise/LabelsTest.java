package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import brightlintel.building.Placement;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.joint.Enclosure;
import brightlintel.notation.Drawings;
import brightlintel.notation.Sketch;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.RoomWords;

/** What is written in rooms, and which of it names them. */
class LabelsTest {
    private static PlacedDrawing placed(Sketch s) {
        return Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
    }

    private static Enclosure room(double x, double y, double w, double d) {
        return new Enclosure(new Ring(List.of(new Point(x, y), new Point(x + w, y), new Point(x + w, y + d), new Point(x, y + d))), List.of());
    }

    private static RoomWords words(Sketch s, Enclosure room, Point... openings) {
        return labels(placed(s), List.of(room), _ -> false, List.of(openings)).in(room);
    }

    private static Labels labels(PlacedDrawing d, List<Enclosure> rooms, IntPredicate measure, List<Point> openings) {
        return new Labels(d, new Leaders(d, _ -> true), rooms, measure, openings);
    }

    @Test void ofNamesTheMannerCountsThatMostRoomsHave() {
        Sketch s = new Sketch().on("ROOMS");
        for (int i = 0; i < 4; i++) s.text("Office", 5000 * i + 2500, 2500, 250, 0).text("0.0" + (i + 1), 5000 * i + 2500, 2100, 250, 0);
        s.on("NOTES").text("UP", 2500, 3500, 200, 0).text("12", 2500, 2300, 100, 0).text("2.37", 7500, 4500, 120, 0);
        PlacedDrawing d = placed(s);
        List<Enclosure> rooms = IntStream.range(0, 4).mapToObj(i -> new Enclosure(new Ring(List.of(new Point(5 * i, 0), new Point(
            5 * i + 4.8, 0), new Point(5 * i + 4.8, 5), new Point(5 * i, 5))), List.of())).toList();
        Labels l = labels(d, rooms, _ -> false, List.of());
        for (int i = 0; i < 4; i++) {
            assertThat(l.in(rooms.get(i)).name()).isEqualTo("Office");
            assertThat(l.in(rooms.get(i)).number()).isEqualTo("0.0" + (i + 1));
        }
    }

    private static List<String> rows(Sketch s) {
        List<String> out = new ArrayList<>();
        for (Writing.Row r : Writing.rows(Writing.words(placed(s).strokes().texts()), (_, _) -> true)) out.add(r.text());
        return out;
    }

    /** Words and figures that a writer set one by one, a raised figure among them; however the drawing is turned. */
    @Test void wordsOnOneBaseLineAreARow() {
        for (double turn : new double[] {0, 0.3, Math.PI / 2, 2.5}) {
            Sketch s = new Sketch().text("Tea", 0, 0, 250, 0).text("Point", 1100, 0, 250, 0).text("18.1", 0, -500, 200, 0)
                .text("m", 520, -500, 200, 0).text("2", 700, -420, 200, 0).text("Store", 6000, 0, 250, 0).turned(turn);
            assertThat(rows(s)).as("turned by " + turn).containsExactly("Tea Point", "18.1 m 2", "Store");
        }
    }

    @Test void whatIsBelowGoesOnANameAndANoteDoesNot() {
        Enclosure r = room(0, 0, 5, 4);
        assertThat(words(new Sketch().text("Private", 2500, 2500, 250, 0).text("Office", 2500, 2080, 250, 0), r).name()).isEqualTo("Private Office");
        assertThat(words(new Sketch().text("Office", 2500, 2500, 250, 0).text("floor: oak", 2500, 2080, 250, 0), r).name()).isEqualTo("Office");
        assertThat(words(new Sketch().text("Office", 2500, 2500, 250, 0).text("see sheet", 2500, 2080, 180, 0), r).name()).as("in other letters")
            .isEqualTo("Office");
    }

    @Test void theAreaOfARoomIsNotItsNumber() {
        RoomWords w = words(new Sketch().text("Store", 2500, 2500, 250, 0).text("20.03", 2500, 2100, 200, 0).text("017", 2500, 2900, 250, 0),
            room(0, 0, 5, 4));
        assertThat(w.number()).isEqualTo("017");
        assertThat(w.area()).hasValue(20.03);
    }

    /** What stands at openings as a rule is a tag, and no room's number; but what stands under a name is. */
    @Test void tagsOfOpeningsNumberNoRoom() {
        Point[] doors = {new Point(0.5, 0), new Point(2, 0), new Point(3.5, 0)};
        Sketch tags = new Sketch().text("D01", 500, 400, 150, 0).text("D02", 2000, 400, 150, 0).text("D03", 3500, 400, 150, 0);
        assertThat(words(tags, room(0, 0, 5, 4), doors).number()).isEmpty();
        assertThat(words(tags, room(0, 0, 5, 4)).number()).as("where nothing opens").isNotEmpty();
        Sketch small = new Sketch();
        for (int i = 0; i < 3; i++) small.text("WC", 500 + 1500 * i, 900, 150, 0).text("0" + (i + 1), 500 + 1500 * i, 650, 150, 0);
        assertThat(words(small, room(0, 0, 1, 4), doors).number()).isEqualTo("01");
    }

    @Test void measuresAndRisesNameNothing() {
        PlacedDrawing d = placed(new Sketch().text("Stair", 2500, 2500, 200, 0).text("18 rises 17,5/28", 2500, 1500, 200, 0).text("UP", 500, 500, 300, 0)
            .text("3115", 2500, 2100, 200, 0));
        Enclosure r = room(0, 0, 5, 4);
        int measure = IntStream.range(0, 4).filter(i -> d.strokes().texts().get(i).plain().equals("3115")).findFirst().orElseThrow();
        RoomWords w = labels(d, List.of(r), i -> i == measure, List.of()).in(r);
        assertThat(w.name()).isEqualTo("Stair");
        assertThat(w.number()).isEmpty();
    }

    /** The last word of a small room's name stands beyond its wall; the names of two rooms on one line stay two. */
    @Test void wordsThatReachOverAWallNameTheRoomTheyBeginIn() {
        List<Enclosure> rooms = List.of(room(0, 0, 2, 2), room(2.1, 0, 3, 2));
        Sketch over = new Sketch().text("Shower", 200, 1000, 250, 0).text("/", 1500, 1000, 250, 0).text("WC", 2000, 1000, 250, 0)
            .text("Bedroom", 2500, 400, 250, 0);
        Labels l = labels(placed(over), rooms, _ -> false, List.of());
        assertThat(l.in(rooms.get(0)).name()).isEqualTo("Shower / WC");
        assertThat(l.in(rooms.get(1)).name()).isEqualTo("Bedroom");
        Sketch two = new Sketch().text("Lobby", 900, 1000, 250, 0).text("Bath", 2200, 1000, 250, 0);
        Labels both = labels(placed(two), rooms, _ -> false, List.of());
        assertThat(both.in(rooms.get(0)).name()).isEqualTo("Lobby");
        assertThat(both.in(rooms.get(1)).name()).isEqualTo("Bath");
        // a figure beyond the wall is no part of a number
        Sketch figures = new Sketch().text("117", 1300, 1000, 250, 0).text("262", 2000, 1000, 250, 0).text("Office", 600, 500, 250, 0);
        assertThat(labels(placed(figures), List.of(rooms.get(0)), _ -> false, List.of()).in(rooms.get(0)).number()).isEqualTo("117");
    }

    /** A leader's arrow; or a plain line that leads away from words that stand in no room. */
    @Test void wordsOutsideNameTheRoomThatTheyPointInto() {
        Sketch s = new Sketch().text("Store", 9000, 8000, 200, 0).leader(1500, 1000, 8000, 7000, 8800, 7850);
        s.text("Duct", -5000, 1000, 200, 0).line(-4600, 1000, 3500, 1000);
        List<Enclosure> rooms = List.of(room(0, 0, 3, 3), room(3, 0, 3, 3));
        Labels l = labels(placed(s), rooms, _ -> false, List.of());
        assertThat(l.in(rooms.get(0)).name()).isEqualTo("Store");
        assertThat(l.in(rooms.get(1)).name()).isEqualTo("Duct");
    }
}
