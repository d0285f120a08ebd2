package brightlintel.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Provenance;
import brightlintel.building.Room;
import brightlintel.building.Section;
import brightlintel.building.Separation;
import brightlintel.building.Stand;
import brightlintel.building.StoreyElement;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.notation.Walls;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What walls enclose, whatever parts it and stands in it. */
class EnclosuresTest {
    private static final Tolerances TOL = Tolerances.BUILDING;
    private static final String BOX = """
        a 0 0 -> 10 0 thick 0.4
        b 10 0 -> 10 6 thick 0.4
        c 10 6 -> 0 6 thick 0.4
        d 0 6 -> 0 0 thick 0.4
        """;

    private static Contents of(String walls, StoreyElement... more) {
        return new Contents(Walls.read(walls)).plus(List.of(more));
    }

    private static Enclosures enclosed(String walls, StoreyElement... more) {
        return Enclosures.of(of(walls, more), TOL);
    }

    private static Column column(double x, double y, Section s) {
        return new Column(ElementId.fresh(), s, new Point(x, y), 0, Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
    }

    private static Separation line(double x0, double y0, double x1, double y1) {
        return new Separation(ElementId.fresh(), Piece.straight(new Point(x0, y0), new Point(x1, y1)), Provenance.BY_HAND);
    }

    @Test void aBoxEnclosesWhatLiesWithinItsFaces() {
        Enclosures e = enclosed(BOX);
        assertThat(e.all()).singleElement().satisfies(x -> {
            assertThat(x.area()).isCloseTo(9.6 * 5.6, within(1e-3));
            assertThat(x.perimeter()).isCloseTo(2 * (9.6 + 5.6), within(1e-3));
            assertThat(x.outline().size()).isEqualTo(4);
        });
        assertThat(e.at(new Point(5, 3))).isPresent();
        assertThat(e.at(new Point(0, 3))).as("in a wall").isEmpty();
        assertThat(e.isOpen(new Point(0, 3))).isFalse();
        assertThat(e.isOpen(new Point(-3, 3))).isTrue();
    }

    @Test void nothingEnclosesNothing() {
        Enclosures e = Enclosures.of(Contents.NONE, TOL);
        assertThat(e.all()).isEmpty();
        assertThat(e.isOpen(Point.ORIGIN)).isFalse();
        assertThat(Leaks.of(Point.ORIGIN, Contents.NONE, e, TOL)).isEmpty();
    }

    @Test void aPartitionMakesTwoAndASeparationLineThree() {
        assertThat(enclosed(BOX + "p 4 0 -> 4 6 thick 0.1").all()).hasSize(2);
        Enclosures e = enclosed(BOX + "p 4 0 -> 4 6 thick 0.1", line(7, 0.2, 7, 5.8));
        assertThat(e.all()).hasSize(3);
        assertThat(e.at(new Point(8, 3)).orElseThrow().area()).isCloseTo((9.8 - 7) * 5.6, within(2e-3));
        // one that ends in mid air parts nothing
        assertThat(enclosed(BOX, line(5, 0.2, 5, 3)).all()).singleElement().satisfies(x -> assertThat(x.area()).isCloseTo(9.6 * 5.6, within(2e-3)));
    }

    @Test void columnsStandInTheGroundOrTakeFromItsEdge() {
        Enclosures free = enclosed(BOX, column(5, 3, new Section.Rectangle(0.5, 0.5)));
        assertThat(free.all()).singleElement().satisfies(x -> {
            assertThat(x.holes()).hasSize(1);
            assertThat(x.area()).isCloseTo(9.6 * 5.6 - 0.25, within(1e-3));
        });
        Enclosures edge = enclosed(BOX, column(5, 0.2, new Section.Rectangle(0.6, 0.4)));
        assertThat(edge.all()).singleElement().satisfies(x -> assertThat(x.area()).isCloseTo(9.6 * 5.6 - 0.6 * 0.2, within(1e-3)));
    }

    @Test void roundWallsGiveRoundRooms() {
        Enclosures e = enclosed("a 0 0 -> 4 0 thick 0.2 bulge 1\nb 4 0 -> 0 0 thick 0.2 bulge 1");
        assertThat(e.all()).singleElement().satisfies(x -> {
            assertThat(x.area()).isCloseTo(Math.PI * 1.9 * 1.9, within(0.01));
            assertThat(x.outline().isStraight()).isFalse();
        });
    }

    /** A room within walls follows them; one of its own stays. */
    @Test void aRoomIsWhatEnclosesIt() {
        Room within = new Room(ElementId.fresh(), "1", "Hall", new Room.Bound.Within(new Point(5, 3)), Optional.empty(), Optional.empty(), "", Provenance.BY_HAND);
        Ring r = new Ring(List.of(new Point(1, 1), new Point(3, 1), new Point(3, 2), new Point(1, 2)));
        Room drawn = within.with(new Room.Bound.Drawn(r, List.of()));
        assertThat(enclosed(BOX).of(within).orElseThrow().area()).isCloseTo(9.6 * 5.6, within(1e-3));
        assertThat(enclosed(BOX.replace("thick 0.4", "thick 0.2")).of(within).orElseThrow().area()).isCloseTo(9.8 * 5.8, within(1e-3));
        assertThat(enclosed(BOX.replaceAll("(?m)^d.*\n", "")).of(within)).as("no longer closed").isEmpty();
        assertThat(enclosed(BOX).of(drawn).orElseThrow().area()).isCloseTo(2, within(1e-9));
        assertThat(enclosed(BOX).remaining(List.of(new Enclosure(r, List.of())))).singleElement().satisfies(x ->
            assertThat(x.area()).isCloseTo(9.6 * 5.6 - 2, within(2e-3)));
        assertThat(enclosed(BOX).remaining(enclosed(BOX).all())).isEmpty();
    }

    @Test void aGapIsTheLeakAndItsLineClosesIt() {
        String open = BOX.replaceAll("(?m)^d.*\n", "") + "d 0 6 -> 0 3.4 thick 0.4\ne 0 0 -> 0 3.1 thick 0.4\n";
        Contents c = of(open);
        Enclosures e = Enclosures.of(c, TOL);
        List<Leaks.Gap> gaps = Leaks.of(new Point(5, 3), c, e, TOL);
        assertThat(gaps).singleElement().satisfies(g -> assertThat(g.width()).isCloseTo(0.3, within(0.01)));
        Contents closed = c.plus(List.of(new Separation(ElementId.fresh(), Piece.straight(gaps.getFirst().from(), gaps.getFirst().to()), Provenance.BY_HAND)));
        assertThat(Enclosures.of(closed, TOL).at(new Point(5, 3))).isPresent();
        // of two gaps both are told, and a hole that has nothing to do with it is not
        String two = open.replace("b 10 0 -> 10 6", "b 10 0 -> 10 2.5").concat("f 10 3 -> 10 6 thick 0.4\ng 20 0 -> 22 0 thick 0.2\nh 22.2 0 -> 24 0 thick 0.2\n");
        Contents more = of(two);
        assertThat(Leaks.of(new Point(5, 3), more, Enclosures.of(more, TOL), TOL)).hasSize(2);
        assertThat(Leaks.of(new Point(40, 40), more, Enclosures.of(more, TOL), TOL)).as("outside of everything").isEmpty();
    }

    /** Law: rooms, walls and columns together are the ground within the outer edge, however it is turned and in whatever order it was drawn. */
    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void roomsWallsAndColumnsAddUpToTheOutline(long seed) {
        Random r = new Random(seed);
        StringBuilder walls = new StringBuilder();
        double w = 8 + r.nextInt(9), h = 6 + r.nextInt(5), outer = 0.3 + 0.1 * r.nextInt(3), t = 0.1 + 0.05 * r.nextInt(3);
        double[][] corner = {{0, 0}, {w, 0}, {w, h}, {0, h}};
        for (int i = 0; i < 4; i++) walls.append("o%d %s %s -> %s %s thick %s\n".formatted(i, corner[i][0], corner[i][1], corner[(i + 1) % 4][0],
            corner[(i + 1) % 4][1], outer));
        int parts = 1 + r.nextInt(3);
        for (int i = 1; i <= parts; i++) walls.append("p%d %s 0 -> %s %s thick %s\n".formatted(i, w * i / (parts + 1), w * i / (parts + 1), h, t));
        Affine turn = Affine.turn(r.nextDouble() * 6).then(Affine.move(new Point(r.nextDouble() * 100, 40)));
        List<StoreyElement> all = new ArrayList<>(Walls.read(walls.toString()).stream().map(x -> x.with(x.reference().mapped(turn))).toList());
        for (int i = 0; i < 3; i++) all.add(column(turn.apply(1 + i, h / 2).x(), turn.apply(1 + i, h / 2).y(), new Section.Round(0.3)));
        all.add(column(turn.apply(w / 2, 0).x(), turn.apply(w / 2, 0).y(), new Section.Rectangle(0.2, 0.2)));
        Collections.shuffle(all, r);
        Contents c = new Contents(all);
        Enclosures e = Enclosures.of(c, TOL);
        Footprints f = Footprints.of(c, TOL);
        double rooms = e.all().stream().mapToDouble(Enclosure::area).sum(),
            solid = f.all().values().stream().flatMap(List::stream).mapToDouble(Ring::area).sum(),
            columns = c.columns().stream().mapToDouble(x -> x.section().area()).sum();
        Ring edge = SlabOutline.around(c.walls(), TOL).orElseThrow();
        assertThat(e.all()).hasSize(parts + 1);
        assertThat(rooms + solid + columns).isCloseTo(edge.area(), within(0.02));
        assertThat(Areas.united(f.all().values().stream().flatMap(List::stream).toList())).as("no wall lies on another").isCloseTo(solid, within(1e-3));
    }

    /** Half a millimetre of wall before a column would be a skin that nobody builds. */
    @Test void aColumnThatIsNearlyFlushLeavesNoSkin() {
        Contents c = new Contents(Walls.read("a 0 0 -> 6 0 thick 0.255")).plus(List.of(column(3, 0.0005, new Section.Rectangle(0.4, 0.254))));
        List<Ring> ground = Footprints.of(c, Tolerances.BUILDING).of(c.walls().getFirst().id());
        assertThat(ground).as("parted").hasSize(2);
        assertThat(ground.stream().mapToDouble(Ring::area).sum()).isCloseTo(5.6 * 0.255, within(1e-6));
    }

    @Test void aWallEndsAtTheColumnThatStandsInIt() {
        Contents c = of("a 0 0 -> 10 0 thick 0.3", column(4, 0, new Section.Rectangle(0.4, 0.4)), column(8, 0, new Section.Rectangle(0.1, 0.1)));
        Footprints f = Footprints.of(c, TOL);
        List<Ring> a = f.of(new ElementId("a"));
        assertThat(a.stream().mapToDouble(Ring::area).sum()).isCloseTo(3 - 0.4 * 0.3 - 0.01, within(1e-6));
        assertThat(a).as("parted at both").hasSizeGreaterThanOrEqualTo(3);
        Wall alone = c.walls().getFirst();
        assertThat(Footprints.of(List.of(alone), TOL).of(alone.id())).hasSize(1);
        Contents at = of("a 0 0 -> 4 0 thick 0.3\nb 0 0 -> 0 4 thick 0.3", column(4, 0, new Section.Round(0.5)));
        assertThat(Footprints.of(at, TOL).freeEnds()).as("it ends at the column").hasSize(1);
    }
}
