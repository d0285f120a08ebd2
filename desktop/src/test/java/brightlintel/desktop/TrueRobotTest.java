package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.building.Underlay;
import brightlintel.demo.AnnexeSheets;
import brightlintel.demo.DemoDrawings;
import brightlintel.demo.HeronQuay;
import brightlintel.desktop.state.Proposed;
import brightlintel.desktop.state.Witness;
import brightlintel.edit.Truing;
import brightlintel.geom.Point;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Drawings are set right by what was found of them, with as few keys as there are things to decide. */
class TrueRobotTest extends WindowRobot {
    private static final double CLOSE = 0.002;

    private Path demo(String name) throws IOException {
        return Files.write(folder.resolve(name), DemoDrawings.bytes(name));
    }

    private void found() {
        until("size and place are found", () -> !w.reckonings().isWorking() && w.drawing().flatMap(w.reckonings()::of).isPresent()
            && !Proposed.of(w).isEmpty() && !w.reckonings().isWorking());
    }

    private Placement placement() {
        return w.underlay().map(Underlay::placement).orElseThrow();
    }

    /** One key; what is in line is looked for once the size is right. */
    private void takeAll() {
        found();
        keys(KeyCode.SHIFT, KeyCode.T);
        rest();
    }

    static void shot(String name) {
        try {
            String to = System.getProperty("shots", "");
            if (!to.isEmpty()) new ProcessBuilder("import", "-window", "root", "-crop", "1280x800+0+0", to + "/" + name + ".png").start().waitFor();
        } catch (IOException | InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    /** Three drawings, eight actions: Shift+T; up, Shift+T; down, the annexe in hand, Shift+T; down the docket, where it stands. */
    @Test void storeysOfTheDemoComeToLieOnEachOther() throws IOException {
        toOpen.add(demo(DemoDrawings.ANNEXE));
        keys(KeyCode.CONTROL, KeyCode.O);
        until("its pages are there", () -> w.pages().filter(p -> p.seen().size() == 2).isPresent());
        keys(KeyCode.T);
        until("its plan is on the board", () -> w.busy().isEmpty() && w.drawing().isPresent());
        receive(demo(DemoDrawings.GROUND));
        command("Add a storey above");
        receive(demo(DemoDrawings.UPPER));
        keys(KeyCode.PAGE_DOWN);
        button("stage-true");
        assertThat(isInHand(DemoDrawings.GROUND)).isTrue();
        found();
        until("it is shown as it lies and as found", () -> lookup("#before-after .compare").tryQuery().isPresent());
        shot("1-ground-found");
        takeAll();
        assertThat(placement().apply(HeronQuay.GROUND_AT).length()).isLessThan(CLOSE);
        keys(KeyCode.PAGE_UP);
        until("upper.dxf is in hand", () -> isInHand(DemoDrawings.UPPER));
        found();
        assertThat(lookup("#before-after .compare").tryQuery()).as("its size and turn are right by now").isEmpty();
        shot("2-upper-found");
        takeAll();
        keys(KeyCode.Z);
        rest();
        shot("3-upper-in-line");
        keys(KeyCode.Z);
        assertThat(placement().apply(HeronQuay.UPPER_AT).length()).isLessThan(CLOSE);
        keys(KeyCode.PAGE_DOWN);
        takeInHand(DemoDrawings.ANNEXE);
        takeAll();
        shot("4-annexe");
        assertThat(Proposed.of(w)).filteredOn(p -> p.decision() == Proposed.Decision.IN_LINE).as("it shares no wall with the club")
            .noneMatch(Proposed::sure);
        double metres = placement().scale().value().mean() * AnnexeSheets.POINTS_PER_METRE;
        assertThat(metres).isBetween(0.9999, 1.0001);
        // where its datum point stands on the site is known to whoever has the site plan, and to no drawing
        Point datum = placement().toFile(placement().at().value());
        Point onSite = HeronQuay.ANNEXE_AT.plus(datum.minus(AnnexeSheets.ORIGIN_ON_PAGE).times(1 / AnnexeSheets.POINTS_PER_METRE));
        jumpTo(lookup("#docket").query());
        scroll(30, VerticalDirection.DOWN);
        retype("datum-at", String.format(Locale.ROOT, "%.3f, %.3f", onSite.x(), onSite.y()));
        for (Point p : List.of(new Point(0, 0), new Point(9.6, 6.2))) {
            Point onPage = AnnexeSheets.ORIGIN_ON_PAGE.plus(p.times(AnnexeSheets.POINTS_PER_METRE));
            assertThat(placement().apply(onPage).distance(HeronQuay.ANNEXE_AT.plus(p))).isLessThan(CLOSE);
        }
        shot("5-annexe-in-place");
    }

    /** A size witness is carried to a door, and stays there. */
    @Test void aWitnessIsHeldAgainstTheDrawing() throws Exception {
        receive(demo(DemoDrawings.UPPER));
        button("stage-true");
        rest();
        assertThat(w.looks().placed()).isEmpty();
        Point2D held = window.board().localToScreen(onWindow(() -> window.board().witness(Witness.CAR)).orElseThrow());
        drag(held).moveBy(10, -10).moveBy(90, -90).drop();
        settle();
        assertThat(w.looks().placed()).containsOnlyKeys(Witness.CAR);
        rest();
        Point2D there = window.board().localToScreen(onWindow(() -> window.board().witness(Witness.CAR)).orElseThrow());
        assertThat(there.distance(held.add(100, -100))).isLessThan(3);
        assertThat(w.selection()).isEmpty();
        assertThat(project().underlays()).singleElement();
    }

    private boolean isOf(Underlay u, String name) {
        return project().source(u.file()).filter(x -> x.name().equals(name)).isPresent();
    }

    private boolean isInHand(String name) {
        return w.underlay().filter(u -> isOf(u, name)).isPresent();
    }

    private void takeInHand(String name) {
        until(name + " is there", () -> w.onBoard().laid().size() == 2);
        button("in-hand-" + w.onBoard().laid().stream().map(d -> d.underlay()).filter(u -> isOf(u, name)).findFirst().orElseThrow()
            .id().value());
        until(name + " is in hand", () -> isInHand(name));
    }

    @Test void eachDecisionIsAStepAndLiesAreShown() throws IOException {
        receive(demo(DemoDrawings.GROUND));
        button("stage-true");
        found();
        Placement before = placement();
        keys(KeyCode.T);
        keys(KeyCode.T);
        keys(KeyCode.T);
        assertThat(placement().apply(HeronQuay.GROUND_AT).length()).isLessThan(CLOSE);
        assertThat(Proposed.next(Proposed.of(w))).as("all is taken").isEmpty();
        for (int i = 0; i < 3; i++) keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(placement()).isEqualTo(before);
        button("show-measures");
        shot("5-measures");
        button("strike-doors");
        assertThat(w.reckonings().struck(w.underlay().orElseThrow().id())).hasSize(1);
        shot("6-struck");
        button("strike-doors");
        assertThat(w.reckonings().struck(w.underlay().orElseThrow().id())).isEmpty();
        jumpTo(lookup("#strike-doors").query().getParent());
        until("the doors are lit", () -> w.reckonings().lit().size() == 4);
        shot("7-lit");
        keys(KeyCode.T);
        assertThat(w.history().past()).hasSize(2);
        button("command-strays-aside");
        assertThat(w.underlay().orElseThrow().clearing().singles()).as("a forgotten block, set aside in one step").hasSize(2);
        found();
        assertThat(w.drawing().flatMap(w.reckonings()::of).orElseThrow().astray().count()).isZero();
        shot("8-strays");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.underlay().orElseThrow().clearing().singles()).isEmpty();
    }

    /** Walls and so many doors in millimetres, on the layers of one office. */
    private Path office(String name, int doors) throws IOException {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        for (int i = 0; i < 5; i++)
            for (int face = 0; face <= 240; face += 240) line(b, i == 2 ? "INNER WALL" : "OUTER WALL", 0, 3100 * i + face, 14_000, 3100 * i + face);
        line(b, "KERB", 0, -2000, 14_000, -2000);
        for (int i = 0; i < doors; i++) {
            int x = 1000 + 2000 * i;
            line(b, "DOOR", x, 3340, x, 3340 + 885);
            b.append("0\nARC\n8\nDOOR\n10\n" + x + "\n20\n3340\n40\n885\n50\n0\n51\n90\n");
        }
        return Files.writeString(folder.resolve(name), b + "0\nENDSEC\n0\nEOF\n");
    }

    private static void line(StringBuilder b, String layer, int x0, int y0, int x1, int y1) {
        b.append("0\nLINE\n8\n" + layer + "\n10\n" + x0 + "\n20\n" + y0 + "\n11\n" + x1 + "\n21\n" + y1 + "\n");
    }

    @Test void whatWasFoundOfOneDrawingIsOfferedToOthersOfTheOffice() throws Exception {
        receive(office("without-doors.dxf", 0));
        Underlay first = w.underlay().orElseThrow();
        receive(office("with-doors.dxf", 6));
        until("both are there", () -> project().underlays().size() == 2);
        onWindow(() -> {
            w.apply(Truing.sizeAlso(List.of(first.id()), Given.stated(Scale.even(0.0254))));
            return null;
        });
        Underlay before = project().underlay(first.id()).orElseThrow();
        button("stage-true");
        found();
        assertThat(lookup("#size-office").tryQuery()).as("nothing is in force yet").isEmpty();
        keys(KeyCode.T);
        assertThat(placement().scale().value()).isEqualTo(Scale.even(0.001));
        button("size-office");
        assertThat(project().underlay(first.id()).orElseThrow().placement().scale()).isEqualTo(placement().scale());
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(project().underlay(first.id()).orElseThrow().placement()).isEqualTo(before.placement());
        onWindow(() -> {
            w.apply(Truing.turnAlso(List.of(first.id()), Given.stated(0.3)));
            return null;
        });
        found();
        while (Proposed.next(Proposed.of(w)).isPresent()) keys(KeyCode.T);
        button("upright-office");
        assertThat(project().underlay(first.id()).orElseThrow().placement().turn()).isEqualTo(placement().turn());
    }
}
