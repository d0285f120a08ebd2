package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Division;
import brightlintel.building.Opening;
import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.geom.Point;
import brightlintel.joint.Enclosure;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;

/** Stairs, slabs with holes, roofs, glazed walls, zones and the outline, by mouse and keyboard over the demo's ground floor. */
class UpperRobotTest extends DemoRobot {
    private void leave() {
        keys(KeyCode.ESCAPE);
        keys(KeyCode.ESCAPE);
    }

    @Test void aStairWithALandingAndItsWellAbove() throws Exception {
        toTrace();
        command("Stair");
        write("1100");
        type(KeyCode.ENTER);
        assertThat(w.settings().stairWidth()).isCloseTo(1.1, within(1e-9));
        clickAt(10, 6);
        pointAt(10, 8);
        write("3");
        type(KeyCode.ENTER);
        pointAt(12, 9);
        TrueRobotTest.shot("stair-drawing");
        clickAt(12.5, 9);
        type(KeyCode.ENTER);
        assertThat(w.contents().stairs()).singleElement().satisfies(s -> {
            assertThat(s.line()).hasSize(2);
            assertThat(s.line().getFirst().length()).isCloseTo(3, within(1e-6));
            assertThat(StairPlan.of(s).steps().stream().filter(StairPlan.Step::landing)).hasSize(1);
            assertThat(StairPlan.of(s).risers()).as("3.30 m in steps of about 17.5 cm").isEqualTo(19);
        });
        leave();
        clickAt(10, 7);
        Stair s = w.contents().stairs().getFirst();
        until("it is selected", () -> w.selection().contains(s.id()));
        retype("prop-stair-risers", "20");
        assertThat(StairPlan.of(w.contents().stairs().getFirst()).risers()).isEqualTo(20);
        TrueRobotTest.shot("stair");
        button("prop-stair-way");
        assertThat(w.contents().stairs().getFirst().line().getFirst().a()).isEqualTo(s.line().getLast().b());
        keys(KeyCode.PAGE_UP);
        command("Slab");
        clickAt(8, 4);
        clickAt(16, 11);
        type(KeyCode.ENTER);
        assertThat(w.contents().slabs()).hasSize(1);
        double whole = w.contents().slabs().getFirst().area(), left = w.solved().ground(w.contents().slabs().getFirst()).stream()
            .mapToDouble(Enclosure::area).sum();
        assertThat(whole - left).as("the stair comes up through it").isGreaterThan(4);
        TrueRobotTest.shot("well");
    }

    @Test void aRoundStairAndAHole() throws Exception {
        toTrace();
        command("Round stair");
        clickAt(10, 9);
        clickAt(14, 9);
        pointAt(12, 10);
        clickAt(12, 11);
        assertThat(w.contents().stairs()).singleElement().satisfies(s -> assertThat(s.line().getFirst().isStraight()).isFalse());
        leave();
        command("Hole in a slab");
        clickAt(2, 5);
        clickAt(4, 7);
        type(KeyCode.ENTER);
        assertThat(w.contents().slabs().getFirst().holes()).singleElement().satisfies(h -> assertThat(h.area()).isCloseTo(4, within(1.0)));
        TrueRobotTest.shot("hole");
        clickAt(40, 40);
        clickAt(42, 42);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.contents().slabs().getFirst().holes()).isEmpty();
    }

    @Test void aRoofOverAllWallsItsGablesAndItsRidge() throws Exception {
        toTrace();
        command("Roof over all walls");
        assertThat(w.contents().roofs()).hasSize(1);
        Roof r = w.contents().roofs().getFirst();
        assertThat(w.selection()).containsExactly(r.id());
        assertThat(w.contents().form(r)).as("the round bay too").isPresent();
        rest();
        TrueRobotTest.shot("roof-hipped");
        retype("prop-roof-pitch-all", "50%");
        assertThat(Math.tan(((Roof.Edge.Slope) roof().edges().getFirst()).pitch())).isCloseTo(0.5, within(1e-9));
        retype("prop-roof-ridge", "6.5");
        assertThat(w.contents().form(roof()).map(RoofForm::ridge).orElseThrow()).isCloseTo(6.5 - 3.3, within(1e-6));
        retype("prop-roof-overhang", "800");
        assertThat(roof().overhang().value()).isCloseTo(0.8, within(1e-9));
        button("command-walls-to-roof");
        assertThat(w.contents().walls()).allMatch(x -> x.top() instanceof Top.UnderRoof);
        rest();
        TrueRobotTest.shot("roof");
        keys(KeyCode.V);
        keys(KeyCode.V);
        sleep(2500);
        TrueRobotTest.shot("roof-space");
        keys(KeyCode.V);
        button("prop-roof-flat");
        assertThat(roof().cover()).isInstanceOf(Roof.Cover.Flat.class);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(roof().cover()).isInstanceOf(Roof.Cover.Pitched.class);
    }

    private Roof roof() {
        return w.contents().roofs().getFirst();
    }

    @Test void anotherPartOfTheBuildingStandsBesideIt() throws Exception {
        toTrace();
        button("part-add");
        until("it is asked for", () -> lookup("#card-text").tryQuery().isPresent());
        write("Annexe");
        type(KeyCode.ENTER);
        until("it is there", () -> project().parts().size() == 2);
        assertThat(w.storey().name()).isEqualTo("Annexe ground");
        rest();
        TrueRobotTest.shot("part");
        keys(KeyCode.PAGE_UP);
        assertThat(w.storey().name()).as("nothing stands above it").isEqualTo("Annexe ground");
        button("part-");
        assertThat(w.storey().name()).isEqualTo("Ground");
        keys(KeyCode.PAGE_UP);
        assertThat(w.storey().name()).isEqualTo("Upper");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(project().parts()).hasSize(1);
    }

    @Test void aSlopeGoesThroughALevelAndTheStairUnderItIsMeasured() throws Exception {
        toTrace();
        command("Roof over all walls");
        Roof r = roof();
        Point at = w.contents().form(r).orElseThrow().faces().stream().max(Comparator.comparingDouble(RoofForm.Face::area))
            .map(f -> new Enclosure(f.plan(), List.of()).middle()).orElseThrow();
        button("command-roof-point");
        clickAt(at.x(), at.y());
        TrueRobotTest.shot("roof-point");
        Point clicked = w.aim().at();
        figure("4.25");
        assertThat(w.contents().form(roof()).orElseThrow().under(clicked).orElseThrow()).isCloseTo(4.25 - 3.3, within(1e-6));
        leave();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(roof()).isEqualTo(r);
        command("Stair");
        clickAt(10, 6);
        clickAt(10, 9);
        type(KeyCode.ENTER);
        leave();
        clickAt(10, 7);
        until("it is selected", () -> w.selection().contains(w.contents().stairs().getFirst().id()));
        Label free = lookup("#stair-headroom").queryAs(Label.class);
        assertThat(free.getText()).as("under a roof it has a limit").matches("[✓✗] .*m");
        TrueRobotTest.shot("headroom");
    }

    @Test void aWallIsGlazed() throws Exception {
        toTrace();
        Wall x = w.contents().walls().stream().filter(y -> w.contents().openingsIn(y.id()).isEmpty()).findFirst().orElseThrow();
        Point at = x.reference().at(x.length() / 2);
        command("Glazed wall");
        retype("glazed-across", "6");
        pointAt(at.x(), at.y());
        TrueRobotTest.shot("glazed-tool");
        clickAt(at.x(), at.y());
        type(KeyCode.ENTER);
        Opening o = w.contents().openingsIn(x.id()).getFirst();
        assertThat(o.filling()).isInstanceOfSatisfying(Opening.Filling.Glazed.class, g -> assertThat(g.across()).isEqualTo(new Division.Number(6)));
        assertThat(o.width().value()).isCloseTo(x.length() - 0.2, within(1e-6));
        leave();
        pointAt(at.x(), at.y());
        clickAt(at.x(), at.y());
        retype("prop-glazed-across", "@ 900");
        retype("prop-glazed-up", "3");
        rest();
        TrueRobotTest.shot("glazed");
        assertThat(((Opening.Filling.Glazed) w.contents().openingsIn(x.id()).getFirst().filling()).across()).isEqualTo(new Division.Spacing(0.9));
    }

    @Test void theOutlineOfTheStoreyAndZonesAlongItsFacades() throws Exception {
        toTrace();
        command("Outline from outer faces");
        BuildingOutline b = w.contents().outlines().getFirst();
        assertThat(b.follows()).isPresent();
        assertThat(b.under()).isEqualTo(BuildingOutline.Under.GROUND);
        button("prop-facade-zones");
        assertThat(w.contents().zones().stream().map(Zone::name).collect(Collectors.toSet())).contains("North", "East", "South", "West", "Core");
        double sum = w.contents().zones().stream().mapToDouble(Zone::area).sum();
        assertThat(sum).as("together they are the outline, but for the chords of the bay").isCloseTo(w.solved().outline(b).area(), within(0.3));
        rest();
        TrueRobotTest.shot("zones");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.contents().zones()).as("one step").isEmpty();
        command("Zone");
        clickAt(2, 2);
        clickAt(6, 2);
        clickAt(6, 6);
        type(KeyCode.ENTER);
        assertThat(w.contents().zones()).singleElement().satisfies(z -> assertThat(z.area()).isCloseTo(8, within(0.5)));
        retype("prop-zone-name", "Boats");
        assertThat(w.contents().zones().getFirst().name()).isEqualTo("Boats");
        button("command-corner-in");
        clickAt(4, 2);
        assertThat(w.contents().zones().getFirst().outline().size()).isEqualTo(4);
    }
}
