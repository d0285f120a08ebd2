package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.KindId;
import brightlintel.building.Project;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.notation.Walls;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Named kinds of walls. */
class WallKindsTest {
    private static final WallKind OUTER = new WallKind(new KindId("k"), "outer 360", 0.36, true, -1, List.of());
    private static final ElementId A = new ElementId("a"), B = new ElementId("b");

    private static Project project() {
        Project p = Project.empty("p", "Ground");
        Project walls = p.withContents(p.storeys().getFirst().id(), c -> c.plus(Walls.read("a 0 0 -> 5 0 thick 0.2\nb 5 0 -> 5 4 thick 0.1")));
        return WallKinds.give(Set.of(A), OUTER.id()).apply(WallKinds.add(OUTER).apply(walls));
    }

    private static Wall wall(Project p, ElementId id) {
        return p.on(p.storeys().getFirst().id()).wall(id).orElseThrow();
    }

    @Test void aKindGivesItsThicknessAndChangesAllItsWalls() {
        Project p = project();
        assertThat(wall(p, A).thickness()).isEqualTo(Given.stated(0.36));
        Project q = WallKinds.change("edit.kind-thickness", OUTER.id(), k -> k.withThickness(0.4)).apply(p);
        assertThat(wall(q, A).thickness().value()).isEqualTo(0.4);
        assertThat(wall(q, B)).as("of no kind").isEqualTo(wall(p, B));
        Project named = WallKinds.change("edit.kind-name", OUTER.id(), k -> k.withName("façade")).apply(p);
        assertThat(wall(named, A)).isEqualTo(wall(p, A));
        assertThat(named.wallKinds()).extracting(WallKind::name).containsExactly("façade");
    }

    @Test void aWallOfAnotherThicknessIsOfNoKindAndAKindThatGoesLeavesItsWalls() {
        Project p = project();
        Project q = Tracing.changeWalls("edit.wall-thickness", Set.of(A), w -> w.withThickness(Given.stated(0.3))).apply(p);
        assertThat(wall(q, A).kind()).isEmpty();
        Project gone = WallKinds.remove(OUTER.id()).apply(p);
        assertThat(gone.wallKinds()).isEmpty();
        assertThat(wall(gone, A).kind()).isEqualTo(Optional.empty());
        assertThat(wall(gone, A).thickness().value()).isEqualTo(0.36);
    }

    @Test void twoKindsNeverHaveOneName() {
        Project p = project();
        assertThat(WallKinds.add(new WallKind(new KindId("x"), "Outer 360", 0.3, true, -1, List.of())).apply(p)).isEqualTo(p);
        Project two = WallKinds.add(new WallKind(new KindId("x"), "partition", 0.1, false, -1, List.of())).apply(p);
        assertThat(WallKinds.change("edit.kind-name", new KindId("x"), k -> k.withName("outer 360")).apply(two)).isEqualTo(two);
        assertThat(WallKinds.give(Set.of(A), new KindId("nobody")).apply(p)).isEqualTo(p);
    }

    @Test void layersAddUpToTheThickness() {
        WallKind k = OUTER.withLayers(List.of(new WallKind.Layer("plaster", 0.015), new WallKind.Layer("brick", 0.24), new WallKind.Layer("wool", 0.12)));
        assertThat(k.thickness()).isCloseTo(0.375, within(1e-12));
        assertThat(k.withThickness(0.3).layers()).as("they no longer add up").isEmpty();
        assertThat(OUTER.withLayers(List.of()).thickness()).isEqualTo(0.36);
    }
}
