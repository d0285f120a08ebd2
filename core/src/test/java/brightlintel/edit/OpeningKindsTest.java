package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.KindId;
import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.notation.Walls;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Named kinds of doors and windows. */
class OpeningKindsTest {
    private static final ElementId DOOR = new ElementId("d"), OTHER = new ElementId("o"), GLASS = new ElementId("g");
    private static final OpeningKind KIND = new OpeningKind(new KindId("k"), "door 885", new Opening.Filling.Door(false, true), 0.885, 0, 2.01);

    private static Opening door(ElementId id, double along, boolean far) {
        return new Opening(id, new ElementId("a"), along, Given.stated(0.9), Given.assumed(0.0), Given.assumed(2.1),
            new Opening.Filling.Door(far, false), Provenance.BY_HAND);
    }

    private static Project project() {
        Project p = Project.empty("p", "Ground");
        p = p.withContents(p.storeys().getFirst().id(), c -> c.plus(Walls.read("a 0 0 -> 9 0 thick 0.2")).plus(List.of(door(DOOR, 2, true),
            door(OTHER, 4, false), door(GLASS, 7, false).with(new Opening.Filling.Window()))));
        return OpeningKinds.give(Set.of(DOOR), KIND.id()).apply(OpeningKinds.add(KIND).apply(p));
    }

    private static Opening opening(Project p, ElementId id) {
        return (Opening) p.element(id).orElseThrow();
    }

    @Test void aKindGivesItsSizesAndKeepsTheHand() {
        Opening o = opening(project(), DOOR);
        assertThat(o.width()).isEqualTo(Given.stated(0.885));
        assertThat(o.head()).as("the kind says so, nobody assumes it").isEqualTo(Given.stated(2.01));
        assertThat(o.filling()).isEqualTo(new Opening.Filling.Door(true, false));
        assertThat(o.along()).isEqualTo(2);
    }

    @Test void aKindThatIsChangedChangesAllThatAreOfIt() {
        Project p = project();
        Project q = OpeningKinds.change("edit.opening-kind-size", KIND.id(), k -> k.withHeights(0.02, 2.2)).apply(p);
        assertThat(opening(q, DOOR).sill().value()).isEqualTo(0.02);
        assertThat(opening(q, DOOR).head().value()).isEqualTo(2.2);
        assertThat(opening(q, OTHER)).as("of no kind").isEqualTo(opening(p, OTHER));
        Project named = OpeningKinds.change("edit.opening-kind-name", KIND.id(), k -> k.withName("entrance")).apply(p);
        assertThat(opening(named, DOOR)).isEqualTo(opening(p, DOOR));
        assertThat(OpeningKinds.change("edit.opening-kind-name", KIND.id(), k -> k.withName(" ")).apply(p)).isEqualTo(p);
    }

    @Test void whatIsChangedByHandIsOfNoKind() {
        Opening o = opening(project(), DOOR);
        assertThat(o.withWidth(Given.stated(1.0)).kind()).isEmpty();
        assertThat(o.withHeights(o.sill(), Given.stated(2.5)).kind()).isEmpty();
        assertThat(o.with(new Opening.Filling.Door(true, false, Opening.Filling.Way.DOUBLE)).kind()).isEmpty();
        assertThat(o.with(((Opening.Filling.Door) o.filling()).otherHand()).kind()).as("its hand is its own").contains(KIND.id());
        assertThat(o.withWidth(Given.stated(0.885)).kind()).as("as wide as before").contains(KIND.id());
        assertThat(o.withAlong(5).kind()).contains(KIND.id());
    }

    @Test void aKindThatGoesLeavesItsOpenings() {
        Project gone = OpeningKinds.remove(KIND.id()).apply(project());
        assertThat(gone.openingKinds()).isEmpty();
        assertThat(opening(gone, DOOR).kind()).isEmpty();
        assertThat(opening(gone, DOOR).width().value()).isEqualTo(0.885);
    }

    @Test void whatIsDrawnIsOfTheKindThatIsAsWideAndMadeAlike() {
        Project p = project();
        assertThat(OpeningKinds.fitting(p, new Opening.Filling.Door(true, true), 0.887)).contains(KIND);
        assertThat(OpeningKinds.fitting(p, new Opening.Filling.Door(true, true), 0.9)).isEmpty();
        assertThat(OpeningKinds.fitting(p, new Opening.Filling.Door(true, true, Opening.Filling.Way.SLIDING), 0.885)).isEmpty();
        assertThat(OpeningKinds.fitting(p, new Opening.Filling.Window(), 0.885)).isEmpty();
    }

    @Test void twoKindsNeverHaveOneName() {
        Project p = project();
        assertThat(OpeningKinds.add(new OpeningKind(new KindId("x"), "Door 885", KIND.filling(), 1, 0, 2)).apply(p)).isEqualTo(p);
    }
}
