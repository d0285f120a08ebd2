package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.FileId;
import brightlintel.building.History;
import brightlintel.building.Ink;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Point;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class AppearingTest {
    private static final UnderlayId A = new UnderlayId("a"), B = new UnderlayId("b"), C = new UnderlayId("c");
    private final Project p = project();
    private final StoreyId ground = p.storeys().getFirst().id();

    private static Project project() {
        Project p = Project.empty("P", "G");
        List<Underlay> all = List.of(A, B, C).stream().map(id -> new Underlay(id, new FileId("f"), "ab" + id.value(), new SpaceKey.Model(),
            Optional.empty(), Placement.assumed(1, Point.ORIGIN), Clearing.NONE, Appearance.faded(0.3), false)).toList();
        return p.withUnderlays(all).withStorey(p.storeys().getFirst().id(), s -> s.withUnderlays(List.of(A, B, C)));
    }

    private List<UnderlayId> order(Project q) {
        return q.storey(ground).orElseThrow().underlays();
    }

    @Test void anUnderlayGoesUpAndDownAndNoFurther() {
        assertThat(order(Appearing.order(ground, A, 1).apply(p))).containsExactly(B, A, C);
        assertThat(order(Appearing.order(ground, A, 9).apply(p))).containsExactly(B, C, A);
        assertThat(order(Appearing.order(ground, C, -1).apply(p))).containsExactly(A, C, B);
        assertThat(Appearing.order(ground, A, -1).apply(p)).isEqualTo(p);
        assertThat(Appearing.order(ground, new UnderlayId("none"), 1).apply(p)).isEqualTo(p);
    }

    @Test void whatIsLockedStaysWhereItIs() {
        Project locked = Appearing.lock(B, true).apply(p);
        for (var e : List.of(Placing.turnBy(B, 1), Placing.mirror(B), Placing.unit(B, 0.001), Placing.datum(B, new Point(3, 4)),
            Placing.putAt(B, new Point(1, 1)), Placing.move(B, Point.ORIGIN, new Point(5, 5))))
            assertThat(e.apply(locked)).as(e.name()).isEqualTo(locked);
        assertThat(Placing.mirror(A).apply(locked)).isNotEqualTo(locked);
        assertThat(Placing.mirror(B).apply(Appearing.lock(B, false).apply(locked))).isNotEqualTo(p);
    }

    @Test void theDatumPointComesToLieWhereItIsSaid() {
        Project q = Placing.putAt(A, new Point(12.5, -3)).apply(p);
        assertThat(q.underlay(A).orElseThrow().placement().apply(Point.ORIGIN)).isEqualTo(new Point(12.5, -3));
    }

    /** A slider that is dragged is one step; two drags are two. */
    @Test void fadesOfOneDragAreOneStep() {
        History h = History.of(p);
        for (int i = 1; i <= 5; i++) {
            double fade = i / 10.0;
            h = h.then(Appearing.change("edit.fade", A, a -> a.withFade(fade)).during(7));
        }
        assertThat(h.past()).hasSize(1);
        h = h.then(Appearing.change("edit.fade", A, a -> a.withFade(0.9)).during(8));
        assertThat(h.past()).hasSize(2);
        assertThat(h.undo().undo().now()).isEqualTo(p);
    }

    @Test void anAppearanceHoldsItsBounds() {
        assertThatThrownBy(() -> Appearance.faded(1.01)).hasMessageContaining("fade");
        assertThatThrownBy(() -> Appearance.faded(Double.NaN)).hasMessageContaining("fade");
        assertThatThrownBy(() -> Appearance.faded(0).withWidth(9)).hasMessageContaining("width");
        assertThatThrownBy(() -> new Ink.One(-1)).hasMessageContaining("rgb");
        assertThat(Appearing.shown(List.of(p.underlays().get(0), p.underlays().get(1).with(Appearance.faded(0).withShown(false)))))
            .extracting(Underlay::id).containsExactly(A);
    }
}
