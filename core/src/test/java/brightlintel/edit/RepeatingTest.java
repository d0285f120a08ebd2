package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.History;
import brightlintel.building.LevelId;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.demo.HeronQuay;
import brightlintel.notation.Seeds;

/** Storeys once more: by kind, onto several, the same until they are parted. */
class RepeatingTest {
    private static final StoreyId S0 = new StoreyId("s0"), S1 = new StoreyId("s1"), S2 = new StoreyId("s2");

    private static Project project() {
        List<Storey> storeys = List.of(storey(S0, 0), storey(S1, 3), storey(S2, 6));
        HeronQuay.Plan plan = HeronQuay.ground();
        return Project.of("p", "P", storeys).withContents(S0, c -> c.plus(plan.walls()).plus(plan.openings()));
    }

    private static Storey storey(StoreyId id, double level) {
        return new Storey(id, id.value(), Given.stated(level), Given.stated(3.0), List.of());
    }

    private static long count(Contents c, Class<? extends StoreyElement> kind) {
        return c.elements().stream().filter(kind::isInstance).count();
    }

    @Test void kindsAreLeftBehind() {
        Project p = project();
        Project q = Repeating.onto(S0, List.of(S1, S2), EnumSet.of(Repeating.What.WALLS, Repeating.What.DOORS, Repeating.What.WINDOWS)).apply(p);
        for (StoreyId s : List.of(S1, S2)) {
            assertThat(q.on(s).walls()).hasSameSizeAs(p.on(S0).walls());
            assertThat(q.on(s).openings()).as("without the gates, which lead outside").isNotEmpty().allMatch(o ->
                !(o.filling() instanceof Opening.Filling.Empty));
            assertThat(q.on(s).openings()).allMatch(o -> q.on(s).wall(o.wall()).isPresent());
        }
        assertThat(q.on(S0)).isEqualTo(p.on(S0));
        Project bare = Repeating.onto(S0, List.of(S1), EnumSet.of(Repeating.What.DOORS)).apply(p);
        assertThat(bare.on(S1).isEmpty()).as("doors do not stand without walls").isTrue();
    }

    /** Law: repeat, then change: the source stays as it was. */
    @Test void whatIsRepeatedIsItsOwn() {
        Seeds.each(40, seed -> {
            Random r = new Random(seed);
            Project p = project(), q = Repeating.onto(S0, List.of(S1), EnumSet.allOf(Repeating.What.class)).apply(p);
            List<Wall> walls = q.on(S1).walls();
            ElementId one = walls.get(r.nextInt(walls.size())).id();
            Project changed = Repeating.keeping(r.nextBoolean() ? Tracing.delete(List.of(one)) : Tracing.changeWalls("x", Set.of(one), w ->
                w.withThickness(Given.stated(0.5)))).apply(q);
            assertThat(changed.on(S0)).isEqualTo(p.on(S0));
            assertThat(changed.on(S1)).isNotEqualTo(q.on(S1));
        });
    }

    @Test void theSameStaysTheSameUntilItIsParted() {
        History h = History.of(project()).then(Repeating.keeping(Repeating.same(S0, List.of(S1, S2))));
        assertThat(h.now().on(S1).walls()).hasSameSizeAs(h.now().on(S0).walls());
        ElementId one = h.now().on(S0).walls().getFirst().id();
        h = h.then(Repeating.keeping(Tracing.delete(List.of(one))));
        assertThat(h.now().on(S1).walls()).hasSize(h.now().on(S0).walls().size());
        assertThat(h.now().on(S2).walls()).hasSize(h.now().on(S0).walls().size());
        // ids stay, so that what is selected or referred to holds
        ElementId twin = h.now().on(S1).walls().getFirst().id();
        ElementId other = h.now().on(S0).walls().getFirst().id();
        h = h.then(Repeating.keeping(Tracing.changeWalls("x", Set.of(other), w -> w.withThickness(Given.stated(0.5)))));
        assertThat(h.now().on(S1).wall(twin).orElseThrow().thickness().value()).isEqualTo(0.5);
        // changed itself, it is its own
        h = h.then(Repeating.keeping(Tracing.delete(List.of(twin))));
        assertThat(h.now().storey(S1).orElseThrow().sameAs()).isEmpty();
        assertThat(h.now().storey(S2).orElseThrow().sameAs()).contains(S0);
        h = h.then(Repeating.keeping(Tracing.delete(List.of(other))));
        assertThat(h.now().on(S1).walls()).as("no longer follows").hasSize(h.now().on(S0).walls().size());
        h = h.then(Repeating.keeping(Repeating.part(S2)));
        Contents before = h.now().on(S2);
        h = h.then(Repeating.keeping(Tracing.delete(List.of(h.now().on(S0).walls().getFirst().id()))));
        assertThat(h.now().on(S2)).isEqualTo(before);
        for (int i = 0; i < 6; i++) h = h.undo();
        assertThat(h.now().storey(S1).orElseThrow().sameAs()).contains(S0);
        assertThat(h.now().on(S1).walls()).hasSameSizeAs(h.now().on(S0).walls());
    }

    @Test void aStoreyWhoseSourceGoesIsItsOwn() {
        Project p = Repeating.same(S0, List.of(S1)).apply(project());
        Project q = Repeating.keeping(Stacking.remove(S0)).apply(p);
        assertThat(q.storey(S1).orElseThrow().sameAs()).isEmpty();
        assertThat(q.on(S1)).isEqualTo(p.on(S1));
    }

    @Test void levelsAreMadeInARun() {
        Project p = Levels.run("Level", 0.5, List.of(3.0, 3.0, 2.5)).apply(project());
        assertThat(p.levels().stream().map(l -> l.height().value())).containsExactly(3.5, 6.5, 9.0);
        assertThat(p.levels().stream().map(l -> l.name())).containsExactly("Level 1", "Level 2", "Level 3");
        LevelId second = p.levels().get(1).id();
        assertThat(Levels.move(second, 7).apply(p).level(second).orElseThrow().height().value()).isEqualTo(7);
    }
}
