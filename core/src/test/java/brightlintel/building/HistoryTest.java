package brightlintel.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.geom.Point;
import brightlintel.notation.Walls;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class HistoryTest {
    private static final Project EMPTY = Project.empty("Hut", "Ground");

    private static Edit named(String name) {
        return Edit.of("rename", p -> p.withName(name));
    }

    /** Law: whatever was done, undoing all leads back to the beginning, and redoing all to the end, through the same projects. */
    @Test void undoAndRedoWalkTheSameWay() {
        Random r = new Random(91);
        for (int round = 0; round < 50; round++) {
            History h = History.of(EMPTY);
            List<Project> seen = new ArrayList<>(List.of(EMPTY));
            for (int i = 0; i < 30; i++) {
                h = h.then(named("name " + r.nextInt(4)));
                if (!h.now().equals(seen.getLast())) seen.add(h.now());
            }
            assertThat(h.past()).hasSize(seen.size() - 1);
            for (int i = seen.size() - 1; i > 0; i--) {
                assertThat(h.now()).isEqualTo(seen.get(i));
                h = h.undo();
            }
            assertThat(h.now()).isEqualTo(EMPTY);
            assertThat(h.canUndo()).isFalse();
            assertThat(h.undo()).isEqualTo(h);
            for (Project p : seen.subList(1, seen.size())) assertThat((h = h.redo()).now()).isEqualTo(p);
            assertThat(h.canRedo()).isFalse();
            assertThat(h.redo()).isEqualTo(h);
        }
    }

    @Test void aChangeOfNothingIsNoStep() {
        assertThat(History.of(EMPTY).then(named("Hut"))).isEqualTo(History.of(EMPTY));
    }

    @Test void aDragIsOneStepAndTheNextDragAnother() {
        History h = History.of(EMPTY);
        for (int i = 0; i < 9; i++) h = h.then(named("a" + i).during(1));
        for (int i = 0; i < 9; i++) h = h.then(named("b" + i).during(2));
        assertThat(h.past()).hasSize(2);
        assertThat(h.undo().now().name()).isEqualTo("a8");
        assertThat(h.undo().undo().now()).isEqualTo(EMPTY);
    }

    @Test void aNewStepForgetsWhatWasUndone() {
        History h = History.of(EMPTY).then(named("a")).undo().then(named("b"));
        assertThat(h.canRedo()).isFalse();
        assertThat(h.now().name()).isEqualTo("b");
    }

    /** What cannot be in a building is refused where it is made, and the message names field and value. */
    @Test void impossibleValuesAreRefusedByName() {
        assertThatThrownBy(() -> new Scale(Double.NaN, 1)).hasMessageContaining("metresPerUnitX").hasMessageContaining("NaN");
        assertThatThrownBy(() -> new Scale(1, -3)).hasMessageContaining("metresPerUnitY").hasMessageContaining("-3");
        assertThatThrownBy(() -> EMPTY.storeys().getFirst().withHeight(Given.stated(0.0))).hasMessageContaining("height");
        assertThatThrownBy(() -> EMPTY.storeys().getFirst().withLevel(Given.stated(Double.NaN))).hasMessageContaining("level");
        assertThatThrownBy(() -> Placement.assumed(1, new Point(Double.NaN, 0))).hasMessageContaining("anchor");
        assertThatThrownBy(() -> Placement.assumed(1, Point.ORIGIN).withTurn(Given.stated(Double.POSITIVE_INFINITY)))
            .hasMessageContaining("turn");
    }

    @Test void whatStandsOnAnUnknownStoreyChangesNothing() {
        assertThat(EMPTY.withContents(StoreyId.fresh(), _ -> new Contents(Walls.read("a 0 0 -> 5 0 thick 0.2")))).isEqualTo(EMPTY);
    }

    @Test void storeysKnowTheirNeighbours() {
        Storey ground = EMPTY.storeys().getFirst(), upper = new Storey(StoreyId.fresh(), "Upper", Given.stated(3.0), Given.stated(2.8),
            List.of());
        Project p = EMPTY.withStoreys(List.of(ground, upper));
        assertThat(p.above(ground.id())).contains(upper);
        assertThat(p.below(upper.id())).contains(ground);
        assertThat(p.above(upper.id())).isEmpty();
        assertThat(p.below(ground.id())).isEmpty();
        assertThat(upper.top()).isEqualTo(5.8);
    }

    /** A wall reaches its storey's top, or another storey's level, or so high as it says; squeezed by levels it stays a body. */
    @Test void wallsReachWhereTheirTopSays() {
        Storey ground = EMPTY.storeys().getFirst(), upper = new Storey(StoreyId.fresh(), "Upper", Given.stated(3.2), Given.stated(2.8),
            List.of());
        Project p = EMPTY.withStoreys(List.of(ground, upper));
        Wall w = Walls.read("a 0 0 -> 5 0 thick 0.2").getFirst();
        assertThat(p.heightOf(ground.id(), w)).isEqualTo(3.0);
        assertThat(p.heightOf(ground.id(), w.withTop(new Top.ToFloor(upper.id(), -0.2)))).isEqualTo(3.0);
        assertThat(p.heightOf(ground.id(), w.withTop(new Top.Height(Given.stated(1.1))))).isEqualTo(1.1);
        assertThat(p.heightOf(ground.id(), w.withTop(new Top.NextStorey(-9)))).isEqualTo(0.001);
    }

    @Test void hiddenLayersAreFoundInAnySpelling() {
        Clearing c = Clearing.ofLayers(Set.of("furniture"));
        assertThat(c.hidesLayer("FURNITURE")).isTrue();
        assertThat(c.hidesLayer("Furniture")).isTrue();
        assertThat(c.hidesLayer("furniture-2")).isFalse();
    }
}
