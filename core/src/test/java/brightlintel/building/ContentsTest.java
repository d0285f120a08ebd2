package brightlintel.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.notation.Walls;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** One list of elements with a view of each kind. */
class ContentsTest {
    static final Ring SQUARE = new Ring(List.of(new Point(0, 0), new Point(6, 0), new Point(6, 4), new Point(0, 4)));

    private static Wall wall(String id) {
        return Walls.read(id + " 0 0 -> 6 0 thick 0.2").getFirst();
    }

    static Opening opening(String id, String wall) {
        return new Opening(new ElementId(id), new ElementId(wall), 2, Given.stated(1.0), Given.stated(0.0), Given.stated(2.1),
            new Opening.Filling.Empty(), Provenance.BY_HAND);
    }

    static Slab slab(String id) {
        return new Slab(new ElementId(id), SQUARE, List.of(), Stand.FLOOR, Given.stated(0.2), Optional.empty(), Provenance.BY_HAND);
    }

    private static final Contents ALL =
        new Contents(List.of(slab("s"), wall("a"), opening("o", "a"), wall("b"), opening("p", "b"), opening("q", "a")));

    @Test void viewsKeepTheOrderInWhichThingsWereDrawn() {
        assertThat(ALL.walls()).extracting(x -> x.id().value()).containsExactly("a", "b");
        assertThat(ALL.openings()).extracting(x -> x.id().value()).containsExactly("o", "p", "q");
        assertThat(ALL.slabs()).extracting(x -> x.id().value()).containsExactly("s");
        assertThat(ALL.elements()).extracting(x -> x.id().value()).containsExactly("s", "a", "o", "b", "p", "q");
        assertThat(ALL.openingsIn(new ElementId("a"))).extracting(x -> x.id().value()).containsExactly("o", "q");
        assertThat(ALL.openingsIn(new ElementId("nobody"))).isEmpty();
    }

    @Test void anElementIsFoundByItsIdAndOnlyAsWhatItIs() {
        assertThat(ALL.element(new ElementId("s"))).containsInstanceOf(Slab.class);
        assertThat(ALL.wall(new ElementId("a"))).isPresent();
        assertThat(ALL.wall(new ElementId("s"))).as("a slab is no wall").isEmpty();
        assertThat(ALL.element(new ElementId("x"))).isEmpty();
    }

    @Test void twoOfOneIdAreRefused() {
        assertThatThrownBy(() -> ALL.plus(List.of(wall("s")))).isInstanceOf(IllegalArgumentException.class).hasMessageContaining("s");
    }

    /** Whoever changes nothing gives back the very same, so that nobody works anything out again. */
    @Test void aChangeOfNothingIsTheSame() {
        assertThat(ALL.map(e -> e)).isSameAs(ALL);
        assertThat(ALL.without(_ -> false)).isSameAs(ALL);
        assertThat(ALL.plus(List.of())).isSameAs(ALL);
        assertThat(ALL.map(e -> e instanceof Wall w && w.id().value().equals("b") ? w.withThickness(Given.stated(0.3)) : e))
            .isNotEqualTo(ALL);
    }

    @Test void oneIsReplacedInItsPlace() {
        Contents c = ALL.replaced(new ElementId("a"), List.of(wall("a1"), wall("a2")));
        assertThat(c.elements()).extracting(x -> x.id().value()).containsExactly("s", "a1", "a2", "o", "b", "p", "q");
        assertThat(c.without(e -> e instanceof Opening).elements()).hasSize(4);
    }

    @Test void equalityIsOfElementsInOrder() {
        Contents same = new Contents(new ArrayList<>(ALL.elements()));
        assertThat(same).isEqualTo(ALL).hasSameHashCodeAs(ALL);
        assertThat(new Contents(ALL.elements().reversed())).isNotEqualTo(ALL);
        assertThat(Contents.NONE.isEmpty()).isTrue();
        assertThat(ALL.isEmpty()).isFalse();
    }

    @Test void holesAreNoPartOfASlab() {
        Ring hole = new Ring(List.of(new Point(1, 1), new Point(2, 1), new Point(2, 3), new Point(1, 3)));
        Slab s = slab("s").withHoles(List.of(hole));
        assertThat(s.area()).isEqualTo(24 - 2);
        assertThat(s.covers(new Point(1.5, 2))).isFalse();
        assertThat(s.covers(new Point(3, 2))).isTrue();
        assertThat(s.covers(new Point(7, 2))).isFalse();
    }
}
