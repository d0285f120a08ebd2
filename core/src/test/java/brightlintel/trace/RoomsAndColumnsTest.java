package brightlintel.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.ElementId;
import brightlintel.building.Placement;
import brightlintel.building.Provenance;
import brightlintel.building.Room;
import brightlintel.building.Section;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.joint.Enclosure;
import brightlintel.lengths.LengthUnit;
import brightlintel.notation.Drawings;
import brightlintel.notation.Sketch;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a drawing says of rooms and columns. */
class RoomsAndColumnsTest {
    private static PlacedDrawing placed(Sketch s) {
        return Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
    }

    @ParameterizedTest @CsvSource(delimiter = '|', textBlock = """
        0.04;Changing A;28.7 m²           | 0.04 | Changing A | 28.7
        2-01;Lager;NF: 12,50 m2           | 2-01 | Lager      | 12.5
        101 Büro;RH=2,75                  | 101  | Büro       |
        Living / Dining;RH 2.50;±0.00     |      | Living / Dining |
        A 12;Küche;Fläche: 9.80 qm        | A 12 | Küche      | 9.8
        WC;1.20                           | 1.20 | WC         |
        0-03;Diele;OKFF +0.15;7.42 m²     | 0-03 | Diele      | 7.42
        Meeting Room;215 sq ft            |      | Meeting Room | 19.9741536
        E.105a;Store                      | E.105a | Store    |
        Raum 3;Nr. 012                    | 012  | Raum 3     |
        """)
    void numberNameAndAreaAreReadFromWhatIsWritten(String lines, String number, String name, Double area) {
        RoomWords w = RoomWords.of(List.of(lines.split(";")));
        assertThat(w.number()).isEqualTo(number == null ? "" : number);
        assertThat(w.name()).isEqualTo(name == null ? "" : name);
        assertThat(w.area().orElse(null)).isEqualTo(area);
    }

    @Test void onlyWhatLiesInTheRoomIsRead() {
        PlacedDrawing d = placed(new Sketch().text("1.02", 2000, 1700, 200, 0).text("Office", 2000, 1400, 200, 0).text("Hall", 9000, 1400, 200, 0));
        Ring r = new Ring(List.of(new Point(0, 0), new Point(4, 0), new Point(4, 3), new Point(0, 3)));
        assertThat(RoomWords.in(new Enclosure(r, List.of()), List.of(d))).isEqualTo(new RoomWords("1.02", "Office", Optional.empty()));
    }

    @ParameterizedTest @CsvSource({"0.05, 0.06", "2-09, 2-10", "099, 100", "A12b, A13b", "Hall, Hall", "9, 10"})
    void numbersRunOn(String now, String next) {
        assertThat(RoomNumbers.after(now)).isEqualTo(next);
    }

    @Test void doubledNumbersAreTold() {
        List<Room> rooms = List.of(room("0.01"), room("0.02"), room("0.01"), room(""), room(""));
        assertThat(RoomNumbers.doubled(rooms)).containsExactly("0.01");
        assertThat(RoomNumbers.next(rooms, "9")).as("0.02 is taken").isEqualTo("0.03");
        assertThat(RoomNumbers.next(List.of(), "0.01")).isEqualTo("0.01");
    }

    private static Room room(String number) {
        return new Room(ElementId.fresh(), number, "", new Room.Bound.Within(Point.ORIGIN), Optional.empty(), Optional.empty(), "", Provenance.BY_HAND);
    }

    @ParameterizedTest @CsvSource(delimiter = '|', textBlock = """
        300x250 | 0.3 | 0.25
        300 × 250 | 0.3 | 0.25
        0.4m x 40cm | 0.4 | 0.4
        240 | 0.24 | 0.24
        """)
    void sectionsAreTyped(String text, double width, double depth) {
        assertThat(SectionWords.read(text, LengthUnit.MILLIMETRE)).hasValueSatisfying(s -> {
            assertThat(((Section.Rectangle) s).width()).isCloseTo(width, within(1e-9));
            assertThat(((Section.Rectangle) s).depth()).isCloseTo(depth, within(1e-9));
        });
    }

    @Test void roundSectionsAreTypedAndNonsenseIsNot() {
        assertThat(SectionWords.read("Ø300", LengthUnit.MILLIMETRE)).contains(new Section.Round(0.3));
        assertThat(SectionWords.read("d 12\"", LengthUnit.MILLIMETRE)).contains(new Section.Round(0.3048));
        for (String bad : List.of("", "x", "300x", "1x2x3", "999999", "Ø")) assertThat(SectionWords.read(bad, LengthUnit.MILLIMETRE)).as(bad).isEmpty();
    }

    /** However a mark was drawn, it is the same column: as one line, side by side, turned, round as a circle or by chords. */
    @ParameterizedTest @ValueSource(doubles = {0, 17, 45, 80, 133})
    void aDrawnMarkIsTakenAsItIs(double degrees) {
        double turn = Math.toRadians(degrees);
        Sketch s = new Sketch().rectangle(-150, -100, 300, 200);
        for (double[] l : new double[][] {{4850, -100, 5150, -100}, {5150, -100, 5150, 100}, {5150, 100, 4850, 100}, {4850, 100, 4850, -100}})
            s.line(l[0], l[1], l[2], l[3]);
        s.circle(10_000, 0, 150);
        PlacedDrawing d = placed(s.turned(turn));
        for (double x : new double[] {0, 5}) {
            Point at = Point.polar(turn, x);
            DrawnMarks.Mark m = DrawnMarks.at(at, 0.05, List.of(d)).orElseThrow();
            assertThat(m.at().distance(at)).isLessThan(1e-6);
            double t = Math.IEEEremainder(m.turn() - turn, Math.PI / 2);
            assertThat(t).isCloseTo(0, within(1e-6));
            boolean quarter = Math.abs(Math.IEEEremainder(m.turn() - turn, Math.PI)) > 0.1;
            assertThat(m.section()).isInstanceOfSatisfying(Section.Rectangle.class, r -> {
                assertThat(quarter ? r.depth() : r.width()).isCloseTo(0.3, within(1e-6));
                assertThat(quarter ? r.width() : r.depth()).isCloseTo(0.2, within(1e-6));
            });
            assertThat(m.ground().area()).isCloseTo(0.06, within(1e-6));
            assertThat(m.provenance().on()).hasSize(4);
            assertThat(DrawnMarks.like(m)).as("both are alike").hasSize(2);
        }
        assertThat(DrawnMarks.at(Point.polar(turn, 10), 0.05, List.of(d)).orElseThrow().section()).isEqualTo(new Section.Round(0.3));
        assertThat(DrawnMarks.at(Point.polar(turn, 2.5), 0.05, List.of(d))).isEmpty();
    }

    @Test void otherShapesKeepTheirOutlineAndOpenLinesAreNoMarks() {
        PlacedDrawing d = placed(new Sketch().polyline(true, 0, 0, 400, 0, 400, 200, 200, 200, 200, 400, 0, 400).polyline(false, 3000, 0, 3300, 0, 3300, 300, 3000, 300));
        DrawnMarks.Mark m = DrawnMarks.at(new Point(0.1, 0.1), 0.01, List.of(d)).orElseThrow();
        assertThat(m.section()).isInstanceOf(Section.Shape.class);
        assertThat(m.ground().area()).isCloseTo(0.12, within(1e-6));
        assertThat(DrawnMarks.at(new Point(3.1, 0.1), 0.01, List.of(d))).isEmpty();
    }
}
