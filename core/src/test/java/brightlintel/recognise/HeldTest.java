package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Room;
import brightlintel.building.StoreyElement;
import brightlintel.building.Wall;
import brightlintel.demo.DemoDrawings;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.notation.Seeds;
import brightlintel.notation.Walls;

/** A storey that is there against what its drawing shows: the demo's ground floor, and that storey with one thing otherwise. */
class HeldTest {
    private static Recognised shown;

    @BeforeAll static void recognise(@TempDir Path folder) throws IOException {
        shown = RecognisedTest.demo(DemoDrawings.GROUND, folder);
    }

    private static List<StoreyElement> all() {
        List<StoreyElement> out = new ArrayList<>(shown.walls());
        out.addAll(shown.openings());
        out.addAll(shown.columns());
        out.addAll(shown.rooms());
        return out;
    }

    private static Held with(ElementId id, UnaryOperator<StoreyElement> f) {
        return Held.of(shown, new Contents(all().stream().map(e -> e.id().equals(id) ? f.apply(e) : e).toList()));
    }

    @Test void whatTheDrawingShowsAgrees() {
        Held h = Held.of(shown, new Contents(all()));
        assertThat(h.changed()).isEmpty();
        assertThat(h.gone()).isEmpty();
        assertThat(h.agreeing()).isEqualTo(all().size());
    }

    /** Law: a wall that was moved or made thicker is told, and as it would be it agrees. */
    @Test void aWallThatLiesOtherwiseIsToldAsItIsShown() {
        List<Wall> straight = shown.walls().stream().filter(w -> w.reference().isStraight() && w.length() > 1.5).toList();
        Seeds.each(20, seed -> {
            Random r = new Random(seed);
            Wall w = straight.get(r.nextInt(straight.size()));
            double off = (r.nextBoolean() ? 1 : -1) * (0.04 + 0.1 * r.nextDouble()), more = r.nextBoolean() ? 0.06 : 0;
            Point n = w.reference().direction(0).left().times(off);
            Held h = with(w.id(), e -> w.with(w.reference().mapped(Affine.move(n))).withThickness(Given.stated(w.thickness().value() + more)));
            Wall now = (Wall) h.changed().stream().filter(e -> e.id().equals(w.id())).findFirst().orElseThrow();
            assertThat(now.thickness().value()).as("seed " + seed).isCloseTo(w.thickness().value(), within(1e-9));
            Point u = w.reference().unroll(now.middle(now.length() / 2));
            assertThat(u.y() - (w.left() - w.right()) / 2).as("seed " + seed).isCloseTo(0, within(1e-6));
            assertThat(h.gone()).isEmpty();
            assertThat(with(w.id(), _ -> now).changed()).as("seed " + seed + ": once it is as shown").noneMatch(e -> e.id().equals(w.id()));
        });
    }

    @Test void whatIsNotShownIsGoneWithWhatIsInIt() {
        List<StoreyElement> more = all();
        Wall extra = Walls.read("extra 2 3 -> 7 3.4 thick 0.2").getFirst();
        Opening in = shown.openings().getFirst().withWall(extra.id()).withAlong(2);
        Opening door = in.withId(new ElementId("in"), in.from());
        more.add(extra);
        more.add(door);
        more.add(shown.columns().isEmpty() ? extra.withId(new ElementId("other")) : shown.columns().getFirst().withId(new ElementId("post"), extra.from())
            .withAt(new Point(3, 3)));
        Held h = Held.of(shown, new Contents(more));
        assertThat(h.gone()).extracting(e -> e.id().value()).contains("extra").doesNotContain("in");
        assertThat(h.gone()).hasSize(2);
        assertThat(h.changed()).isEmpty();
    }

    @Test void anOpeningIsToldByPlaceWidthAndKind() {
        Opening o = shown.openings().stream().filter(x -> x.filling() instanceof Opening.Filling.Window).findFirst().orElseThrow();
        assertThat(with(o.id(), _ -> o.withAlong(o.along() + 0.05)).changed()).singleElement().isInstanceOfSatisfying(Opening.class, x ->
            assertThat(x.along()).isCloseTo(o.along(), within(1e-9)));
        assertThat(with(o.id(), _ -> o.withWidth(Given.stated(o.width().value() - 0.1))).changed()).singleElement().isInstanceOfSatisfying(Opening.class, x ->
            assertThat(x.width().value()).isCloseTo(o.width().value(), within(1e-9)));
        assertThat(with(o.id(), _ -> o.with(new Opening.Filling.Empty())).changed()).singleElement().isInstanceOfSatisfying(Opening.class, x ->
            assertThat(x.filling()).isInstanceOf(Opening.Filling.Window.class));
        Wall w = shown.walls().stream().filter(x -> x.id().equals(o.wall())).findFirst().orElseThrow();
        double free = shown.openings().stream().filter(x -> x.wall().equals(w.id())).mapToDouble(Opening::end).max().orElseThrow() + 0.2;
        Opening small = o.withWidth(Given.stated(0.3)).withAlong(Math.min(w.length() - 0.2, free + 0.2)).withId(new ElementId("small"), o.from());
        List<StoreyElement> more = all();
        more.add(small);
        assertThat(Held.of(shown, new Contents(more)).gone()).extracting(e -> e.id().value()).containsExactly("small");
    }

    @Test void aShortenedWallGrowsAsFarAsItIsShown() {
        Wall w = shown.walls().stream().filter(x -> x.reference().isStraight() && shown.openings().stream().noneMatch(o -> o.wall().equals(x.id()))
            && x.length() > 2).findFirst().orElseThrow();
        Held h = with(w.id(), _ -> w.with(w.reference().part(0, 0.7 * w.length())));
        assertThat(h.changed()).singleElement().isInstanceOfSatisfying(Wall.class, x -> assertThat(x.length()).isCloseTo(w.length(), within(1e-6)));
    }

    @Test void aRoomThatIsNamedOtherwiseIsTold() {
        Room r = shown.rooms().stream().filter(x -> !x.name().isEmpty()).findFirst().orElseThrow();
        assertThat(with(r.id(), _ -> r.withName("Store")).changed()).singleElement().isInstanceOfSatisfying(Room.class, x ->
            assertThat(x.name()).isEqualTo(r.name()));
    }

    @Test void aColumnThatStandsOtherwiseIsTold() {
        for (Column c : shown.columns()) {
            assertThat(with(c.id(), _ -> c.withAt(c.at().plus(new Point(0.2, 0)))).changed()).singleElement().isInstanceOfSatisfying(Column.class, x ->
                assertThat(x.at()).isEqualTo(c.at()));
            break;
        }
        Recognised two = new Recognised(List.of(), Walls.read("a 0 0 -> 3 0 thick 0.2"), List.of(), List.of(), List.of(), List.of(), List.of(),
            List.of(), Map.of());
        assertThat(Held.of(two, new Contents(List.of())).agreeing()).isZero();
        assertThat(Held.of(Recognised.NOTHING, new Contents(two.walls()))).as("a drawing of nothing says nothing").isEqualTo(Held.NOTHING);
    }

    /** Another storey may turn its walls round: the drawing's own direction says nothing. */
    @Test void aWallDrawnTheOtherWayRoundAgrees() {
        Wall w = shown.walls().stream().filter(x -> x.reference().isStraight()).findFirst().orElseThrow();
        List<StoreyElement> alone = List.of(w.with(new Piece(w.reference().b(), w.reference().a(), 0)));
        assertThat(Held.of(shown, new Contents(alone)).agreeing()).isEqualTo(1);
    }
}
