package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Element;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Wall;
import brightlintel.demo.DemoDrawings;
import brightlintel.demo.HeronQuay;
import brightlintel.desktop.state.Proposals;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.recognise.Recognised;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The demo's ground floor from its file to IFC by proposals alone, each action counted; and single proposals taken and refused. */
class ProposedRobotTest extends TracingRobot {
    private void trueInTrace() throws Exception {
        trueInTrace(Files.write(folder.resolve("ground.dwg"), DemoDrawings.bytes(DemoDrawings.GROUND)), true);
    }

    @Test void aStoreyIsRecognisedTakenAndHandedOverInTwentyActions() throws Exception {
        trueInTrace();
        TrueRobotTest.shot("proposed-grid");
        key(KeyCode.T);
        assertThat(project().grid()).hasSize(7);
        rest();
        TrueRobotTest.shot("proposed-walls");
        assertThat(w.proposals().kind()).contains(Proposals.Kind.WALLS);
        key(KeyCode.SHIFT, KeyCode.T);
        assertThat(walls()).hasSizeGreaterThan(10).allMatch(x -> x.from().way() instanceof Provenance.Way.Proposed);
        assertThat(project().wallKinds()).as("thicknesses become kinds").isNotEmpty();
        takeUnsure();
        rest();
        TrueRobotTest.shot("proposed-openings");
        key(KeyCode.SHIFT, KeyCode.T);
        takeUnsure();
        rest();
        TrueRobotTest.shot("proposed-rooms");
        while (w.proposals().sureKind().isPresent()) key(KeyCode.SHIFT, KeyCode.T);
        takeUnsure();
        rest();
        TrueRobotTest.shot("proposed-done");
        held();
        Path ifc = folder.resolve("ground.ifc");
        toSave.add(ifc);
        key(KeyCode.CONTROL, KeyCode.E);
        until("it is handed over", () -> Files.exists(ifc) && w.busy().isEmpty());
        assertThat(Files.readString(ifc)).contains("IFCWALL(", "IFCSPACE(", "IFCDOOR(", "IFCWINDOW(", "IFCGRID(", "IFCSLAB(");
        System.out.println(done.size() + " actions: " + String.join("; ", done));
        assertThat(done).hasSizeLessThanOrEqualTo(MOST);
    }

    /** Against the truth: as many walls by length within 2 cm, all 13 openings, the rooms. */
    private void held() {
        HeronQuay.Plan truth = HeronQuay.ground();
        double right = 0, whole = 0;
        for (Wall t : truth.walls()) for (double s = 0.05; s < t.length(); s += 0.1) {
            Point p = there(t.middle(s));
            whole++;
            if (walls().stream().anyMatch(x -> lies(p, x))) right++;
        }
        assertThat(right / whole).as("of the walls").isGreaterThan(0.95);
        assertThat(w.contents().openings()).hasSize(13);
        for (Opening o : truth.openings()) {
            Wall host = truth.walls().stream().filter(x -> x.id().equals(o.wall())).findFirst().orElseThrow();
            Point at = there(host.middle(o.along()));
            assertThat(w.contents().openings().stream().anyMatch(x -> w.contents().wall(x.wall()).orElseThrow().middle(x.along()).distance(at) < 0.1
                && Math.abs(x.width().value() - o.width().value()) < 0.05)).as(o.filling() + " at " + at).isTrue();
        }
        assertThat(w.contents().rooms()).extracting(r -> r.name()).contains("Boat bay 1", "Boat bay 2", "Workshop", "Corridor");
        assertThat(w.contents().slabs()).hasSize(1);
    }

    /** From the truth's metres into the building's, by the drawing's own place. */
    private Point there(Point truth) {
        return w.underlay().orElseThrow().placement().apply(WholeErrandTest.TO_FILE.apply(truth));
    }

    @Test void oneIsLookedAtRefusedAndDoesNotComeBack() throws Exception {
        trueInTrace();
        keys(KeyCode.T);
        keys(KeyCode.E);
        Element first = w.proposals().inHand().orElseThrow();
        rest();
        TrueRobotTest.shot("proposed-one");
        assertThat(say()).contains("T takes it");
        assertThat(w.onBoard().lit().isEmpty()).as("its strokes are lit").isFalse();
        int before = w.proposals().of(Proposals.Kind.WALLS).size();
        keys(KeyCode.R);
        assertThat(w.proposals().of(Proposals.Kind.WALLS)).hasSize(before - 1);
        assertThat(project().verdicts()).hasSize(1);
        Element second = w.proposals().inHand().orElseThrow();
        assertThat(second.id()).isNotEqualTo(first.id());
        keys(KeyCode.T);
        assertThat(walls()).singleElement().satisfies(x -> assertThat(x.id()).isEqualTo(second.id()));
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(walls()).isEmpty();
        assertThat(w.proposals().of(Proposals.Kind.WALLS)).as("what was taken back waits again").hasSize(before - 1);
        command("Bring refused proposals back");
        assertThat(w.proposals().of(Proposals.Kind.WALLS)).hasSize(before);
        // a click on one looks at it
        keys(KeyCode.ESCAPE);
        keys(KeyCode.ESCAPE);
        Wall some = (Wall) w.proposals().of(Proposals.Kind.WALLS).getLast();
        Point at = some.middle(some.length() / 3);
        clickAt(at.x(), at.y());
        // a grid line runs in it: a second click passes on to the wall
        if (w.proposals().inHand().isEmpty()) clickAt(at.x(), at.y());
        assertThat(w.proposals().inHand()).hasValueSatisfying(e -> assertThat(lies(at, (Wall) e)).isTrue());
        assertThat(some.thickness().value()).isCloseTo(Math.rint(some.thickness().value() * 1000) / 1000, within(1e-9));
    }

    /** One and all alike; and what lies where one looks, and nothing else. */
    @Test void alikeOnesAreTakenTogetherAndThoseInViewAlone() throws Exception {
        trueInTrace();
        keys(KeyCode.T);
        keys(KeyCode.E);
        for (int i = 0; i < 20 && w.proposals().alike(w.proposals().inHand().orElseThrow()).size() < 2; i++) keys(KeyCode.E);
        Wall one = (Wall) w.proposals().inHand().orElseThrow();
        List<Element> alike = w.proposals().alike(one);
        assertThat(alike).hasSizeGreaterThan(1);
        rest();
        TrueRobotTest.shot("proposed-alike");
        command("Take it and all alike");
        assertThat(walls()).hasSize(alike.size()).allMatch(x -> Math.abs(x.thickness().value() - one.thickness().value()) < 0.01);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(walls()).as("one step").isEmpty();
        keys(KeyCode.ESCAPE);
        Wall small = w.proposals().of(Proposals.Kind.WALLS).stream().filter(Recognised::isSure).map(Wall.class::cast).min(Comparator.comparingDouble(
            Wall::length)).orElseThrow();
        Point m = small.middle(small.length() / 2);
        interact(() -> window.board().show(Box.around(m, 0.5 + small.length())));
        rest();
        Box seen = window.board().view().seen();
        command("Take what is sure in view");
        assertThat(walls()).allMatch(x -> seen.holds(x.reference().box()));
        assertThat(walls()).hasSizeBetween(1, 9).anyMatch(x -> x.id().equals(small.id()));
    }
}
