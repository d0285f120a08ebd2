package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Given;
import brightlintel.building.Wall;
import brightlintel.demo.DemoDrawings;
import brightlintel.desktop.state.Proposals;
import brightlintel.desktop.state.SpaceLooks;
import brightlintel.desktop.view3d.SpaceView;
import brightlintel.edit.Tracing;
import brightlintel.geom.Box;
import brightlintel.recognise.Recognised;
import brightlintel.solid.Body;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Proposals in a part of the plan alone, in space, and as they follow from what was changed of one. */
class PartlyProposedRobotTest extends TracingRobot {
    @BeforeEach void wallsAreProposed() throws Exception {
        trueInTrace(Files.write(folder.resolve("ground.dwg"), DemoDrawings.bytes(DemoDrawings.GROUND)), true);
        keys(KeyCode.T);
        rest();
    }

    @Test void onlyWhatLiesInTheOutlineIsProposedUntilItIsEverywhereAgain() {
        int whole = w.proposals().of(Proposals.Kind.WALLS).size();
        Box all = w.proposals().of(Proposals.Kind.WALLS).stream().map(x -> ((Wall) x).reference().box()).reduce(Box.EMPTY, Box::with);
        command("Only here");
        clickAt(all.minX() - 1, all.minY() - 1);
        clickAt(all.centre().x(), all.maxY() + 1);
        keys(KeyCode.ENTER);
        rest();
        TrueRobotTest.shot("only-here");
        int here = w.proposals().of(Proposals.Kind.WALLS).size();
        assertThat(here).isBetween(3, whole - 1);
        assertThat(w.proposals().elsewhere()).isGreaterThanOrEqualTo(whole - here);
        keys(KeyCode.SHIFT, KeyCode.T);
        assertThat(walls()).isNotEmpty().allMatch(x -> x.middle(x.length() / 2).x() < all.centre().x() + 0.5);
        assertThat(w.proposals().of(Proposals.Kind.SLAB)).as("the rest waits").isEmpty();
        button("command-everywhere");
        assertThat(w.proposals().only()).isEmpty();
        assertThat(w.proposals().of(Proposals.Kind.WALLS)).hasSize(whole - walls().size());
    }

    /** One is given another thickness: those that wait follow by themselves, those that stand when they are asked for. */
    @Test void whatWasProposedAlikeFollowsFromWhatWasChanged() {
        keys(KeyCode.SHIFT, KeyCode.T);
        Map<Long, List<Wall>> byThickness = walls().stream().collect(Collectors.groupingBy(x -> Math.round(x.thickness().value() * 100)));
        List<Wall> some = byThickness.values().stream().filter(l -> l.size() > 2).findFirst().orElseThrow();
        double before = some.getFirst().thickness().value(), now = before + 0.05;
        interact(() -> w.apply(Tracing.changeWalls("edit.wall-thickness", Set.of(some.getFirst().id()), x -> x.withoutKind().withThickness(Given.stated(now)))));
        assertThat(w.proposals().corrected().others()).hasSize(some.size() - 1);
        rest();
        TrueRobotTest.shot("corrected");
        button("command-correct-alike");
        assertThat(walls().stream().filter(x -> Math.abs(x.thickness().value() - now) < 1e-9)).hasSize(some.size());
        assertThat(w.proposals().corrected().others()).isEmpty();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.proposals().corrected().others()).as("one step, taken back").hasSize(some.size() - 1);
        button("command-leave-alike");
        assertThat(w.proposals().corrected().others()).isEmpty();
        assertThat(walls().stream().filter(x -> Math.abs(x.thickness().value() - before) < 0.004)).hasSize(some.size() - 1);
    }

    @Test void whatIsProposedIsSeenInSpaceAndIsNoPartOfTheModel() {
        command("Plan, 3D, both");
        SpaceView space = lookup("#space").queryAs(SpaceView.class);
        until("the space is at rest", space::isAtRest);
        TrueRobotTest.shot("proposed-space");
        long walls = space.bodiesSeen().stream().filter(b -> b.matter() == Body.Matter.PROPOSED).count();
        assertThat(walls).isGreaterThanOrEqualTo(w.proposals().of(Proposals.Kind.WALLS).size());
        assertThat(walls()).isEmpty();
        long sure = w.proposals().of(Proposals.Kind.WALLS).stream().filter(Recognised::isSure).count();
        keys(KeyCode.SHIFT, KeyCode.T);
        until("the space is at rest", space::isAtRest);
        TrueRobotTest.shot("proposed-space-openings");
        assertThat(space.bodiesSeen().stream().filter(b -> b.matter() == Body.Matter.WALL)).hasSize((int) sure);
        assertThat(space.bodiesSeen()).as("what fills openings in walls that stand").anyMatch(b -> b.matter() == Body.Matter.PROPOSED);
        interact(() -> w.space(w.space().toggled(SpaceLooks.Kind.PROPOSALS)));
        until("the space is at rest", space::isAtRest);
        assertThat(space.bodiesSeen()).noneMatch(b -> b.matter() == Body.Matter.PROPOSED);
    }
}
