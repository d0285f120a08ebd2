package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Cast;
import brightlintel.building.Clearing;
import brightlintel.building.Role;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.Why;
import brightlintel.demo.DemoDrawings;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import brightlintel.select.Alike;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** What everything stands for is looked at, one of it put right, and only building kept: one key, and one key back. */
class StripRobotTest extends WindowRobot {
    private PlacedDrawing drawing() {
        return w.drawing().orElseThrow();
    }

    private Clearing clearing() {
        return w.underlay().map(Underlay::clearing).orElseThrow();
    }

    private long shown(String layer) {
        PlacedDrawing d = drawing();
        long n = 0;
        for (int i = 0; i < d.strokes().size(); i++)
            if (d.strokes().layers().get(d.strokes().layerOf(i)).name().equals(layer) && d.cleared().strokeShown(i)) n++;
        return n;
    }

    private void toClear() throws Exception {
        receive(Files.write(folder.resolve("upper.dxf"), DemoDrawings.bytes(DemoDrawings.UPPER)));
        button("stage-clear");
        until("roles are found", () -> w.casts().of(drawing()).isPresent());
        rest();
    }

    @Test void onlyBuildingIsKeptAndEverythingComesBack() throws Exception {
        toClear();
        TrueRobotTest.shot("roles-1");
        Clearing before = clearing();
        assertThat(shown("FURNITURE")).isPositive();
        keys(KeyCode.T);
        rest();
        TrueRobotTest.shot("roles-2");
        assertThat(shown("FURNITURE")).isZero();
        assertThat(shown("DIM")).isZero();
        assertThat(shown("WALLS")).isPositive();
        button("role-furniture");
        assertThat(shown("FURNITURE")).as("brought back by its role").isPositive();
        assertThat(shown("DIM")).isZero();
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(clearing()).isEqualTo(before);
    }

    @Test void aRoleThatIsGivenSticksAndIsSaved() throws Exception {
        toClear();
        button("layer-role-FURNITURE");
        until("roles are offered", () -> lookup("#say-column").tryQuery().isPresent());
        clickOn("#say-column");
        until("it is said", () -> clearing().roles().stream().anyMatch(c -> c.role().why() instanceof Why.Stated));
        keys(KeyCode.T);
        assertThat(shown("FURNITURE")).as("columns are building").isPositive();
        assertThat(clearing().roles()).filteredOn(c -> c.part().equals(new Cast.Part.Layer("furniture")))
            .singleElement().satisfies(c -> assertThat(c.role().value()).isEqualTo(Role.COLUMN));
        Path to = folder.resolve("p.lintel");
        toSave.add(to);
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it is saved", () -> Files.exists(to) && !w.isDirty());
        Clearing saved = clearing();
        toOpen.add(to);
        keys(KeyCode.CONTROL, KeyCode.O);
        until("it is open", () -> w.busy().isEmpty() && w.drawing().isPresent() && !w.history().canUndo());
        assertThat(clearing()).isEqualTo(saved);
    }

    @Test void whatIsPointedAtInTheListIsLitAndWhatIsSearchedForIsFound() throws Exception {
        toClear();
        jumpTo(lookup("#role-furniture").query());
        until("furniture is lit", () -> w.onBoard().lit().count() == w.casts().cast(drawing(), Role.FURNITURE).count());
        jumpTo(lookup("#layer-search").query());
        until("and no longer", () -> w.onBoard().lit().isEmpty());
        clickOn("#layer-search");
        write("kitch");
        until("the text is lit", () -> w.onBoard().lit().count() == 1);
        TrueRobotTest.shot("search");
        button("pick-named");
        assertThat(w.onBoard().picked(drawing()).marks().count()).isEqualTo(1);
    }

    /** An outline hides what lies in it, another keeps what lies in it; each is taken back by itself. */
    @Test void outlinesHideAndKeepAndAreTakenBackOneByOne() throws Exception {
        toClear();
        int all = seen();
        Box b = drawing().extent().main();
        outline("hide-outline", b.minX(), b.minY(), b.centre().x(), b.maxY());
        int hidden = seen();
        assertThat(clearing().regions()).singleElement().satisfies(r -> assertThat(r.keeps()).isFalse());
        assertThat(hidden).isBetween(1, all - 20);
        outline("crop", b.minX(), b.minY(), b.centre().x(), b.centre().y());
        assertThat(seen()).as("a part of it is kept after all").isBetween(hidden + 1, all - 1);
        button("aside-outline-0");
        assertThat(clearing().regions()).singleElement().satisfies(r -> assertThat(r.keeps()).isTrue());
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(seen()).isEqualTo(hidden);
        keys(KeyCode.B);
        assertThat(seen()).isEqualTo(all);
    }

    private int seen() {
        PlacedDrawing d = drawing();
        int n = 0;
        for (int i = 0; i < d.strokes().size(); i++) if (d.cleared().strokeShown(i)) n++;
        return n;
    }

    /** Two opposite corners and Enter, by mouse and keyboard. */
    private void outline(String tool, double x0, double y0, double x1, double y1) {
        button("command-" + tool);
        clickAt(x0, y0);
        clickAt(x1, y1);
        TrueRobotTest.shot("outline-" + tool);
        keys(KeyCode.ENTER);
        rest();
    }

    /** All of a colour by a right click on a stroke that has it. */
    @Test void aColourIsSetAsideAndComesBack() throws Exception {
        toClear();
        PlacedDrawing d = drawing();
        int furniture = -1;
        for (int i = 0; i < d.strokes().size() && furniture < 0; i++) if (d.strokes().entityOf(i).kind().equals("CIRCLE")) furniture = i;
        int rgb = d.strokes().colourOf(furniture);
        Point at = d.curve(furniture).at(0.1);
        pointAt(at.x(), at.y());
        clickOn(MouseButton.SECONDARY);
        String entry = Words.of("menu.hide-colour", Words.colour(rgb));
        until("the menu is open", () -> lookup(entry).tryQuery().isPresent());
        clickOn(entry);
        until("it is gone", () -> clearing().coloursOff().contains(rgb));
        assertThat(shown("FURNITURE")).isZero();
        button("aside-colour-" + Words.colour(rgb).substring(1));
        assertThat(clearing().coloursOff()).isEmpty();
        assertThat(shown("FURNITURE")).isPositive();
    }

    /** All chairs by one click on one of them, and one chair brought back by its outline being undone. */
    @Test void everythingLikeAChairGoesAndComesBack() throws Exception {
        toClear();
        long before = shown("FURNITURE");
        // a table of the club room: a circle of 0.45 m, fifteen of them
        int table = -1;
        for (int i = 0; i < drawing().strokes().size() && table < 0; i++)
            if (drawing().strokes().entityOf(i).kind().equals("CIRCLE")) table = i;
        Point at = drawing().curve(table).at(0.1);
        int[] alike = {Alike.to(drawing(), table).count()};
        assertThat(alike[0]).isEqualTo(15);
        pointAt(at.x(), at.y());
        until("it is pointed at", () -> w.pointed().isPresent());
        keys(KeyCode.SHIFT, KeyCode.V);
        assertThat(shown("FURNITURE")).isEqualTo(before - 15);
        TrueRobotTest.shot("aside");
        button("aside-singles");
        assertThat(shown("FURNITURE")).isEqualTo(before);
        pointAt(at.x(), at.y());
        until("it is pointed at again", () -> w.pointed().isPresent());
        clickOn(MouseButton.SECONDARY);
        clickOn("Set aside every circle");
        until("circles are gone", () -> shown("FURNITURE") == before - 15);
        button("aside-kind-CIRCLE");
        assertThat(shown("FURNITURE")).isEqualTo(before);
    }

    @Test void rolesAreSavedAndReadForAnotherDrawing() throws Exception {
        toClear();
        onWindow(() -> {
            w.casts().say(drawing().underlay().id(), new Cast.Part.Layer("GRID"), Role.SITE, "GRID");
            return null;
        });
        Path roles = folder.resolve("office.roles");
        toSave.add(roles);
        command("Save what layers stand for");
        until("they are saved", () -> Files.exists(roles) && w.busy().isEmpty());
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(role("grid")).isEqualTo(Role.GRID);
        toOpen.add(roles);
        command("Read what layers stand for");
        until("they are read", () -> role("grid") == Role.SITE);
        assertThat(w.history().past()).as("one step").hasSize(2);
        toOpen.add(Files.writeString(folder.resolve("bad.roles"), "[1,2"));
        command("Read what layers stand for");
        until("it is said", () -> w.message().text().contains("bad.roles"));
        assertThat(role("grid")).isEqualTo(Role.SITE);
    }

    private Role role(String layer) {
        return w.casts().of(drawing()).orElseThrow().stream().filter(c -> c.part().equals(new Cast.Part.Layer(layer))).findFirst()
            .orElseThrow().role().value();
    }

    /** Levels are added, run on, typed and taken away; one is dragged. */
    @Test void levelsAreMadeNamedAndMoved() throws Exception {
        command("Look at the demo");
        until("the demo is there", () -> w.busy().isEmpty() && !w.contents().walls().isEmpty());
        // plinth and eaves are there
        button("level-add");
        assertThat(project().levels()).hasSize(3);
        String id = project().levels().getLast().id().value();
        retype("level-name-" + id, "Landing");
        retype("level-height-" + id, "0.45");
        assertThat(project().levels().getLast().name()).isEqualTo("Landing");
        assertThat(project().levels().getLast().height().value()).isEqualTo(0.45);
        retype("level-run", "2 @ 2.2");
        assertThat(project().levels().stream().map(l -> Math.rint(l.height().value() * 100) / 100)).as("on from the highest")
            .containsExactly(-0.15, 6.4, 0.45, 8.6, 10.8);
        jumpTo(lookup("#level-line-" + id).query());
        drag(MouseButton.PRIMARY).moveBy(0, -20).drop();
        rest();
        assertThat(project().levels().get(2).height().value()).as("dragged upwards").isGreaterThan(0.8);
        TrueRobotTest.shot("levels");
        button("level-remove-" + id);
        assertThat(project().levels()).hasSize(4);
    }

    @Test void aStoreyIsRepeatedByKindAndKeptTheSame() throws Exception {
        command("Look at the demo");
        until("the demo is there", () -> w.busy().isEmpty() && !w.contents().walls().isEmpty());
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        int walls = w.contents().walls().size();
        button("repeat-choose");
        button("repeat-onto-Upper");
        button("repeat-roof");
        button("repeat-outer_doors");
        TrueRobotTest.shot("repeat");
        button("repeat-go");
        StoreyId upper = project().storeys().getLast().id();
        assertThat(project().on(upper).walls()).hasSize(walls);
        assertThat(project().on(upper).stairs()).hasSize(1);
        assertThat(project().on(upper).openings()).as("without the gate").hasSize(w.contents().openings().size() - 1);
        keys(KeyCode.CONTROL, KeyCode.Z);
        button("repeat-choose");
        button("repeat-same");
        button("repeat-go");
        assertThat(project().storey(upper).orElseThrow().sameAs()).contains(w.storeyId());
        keys(KeyCode.PAGE_UP);
        // what is proposed of this storey comes into the docket above the button
        until("its drawing is looked through", () -> w.drawing().isPresent() && w.proposals().found().isPresent());
        button("repeat-part");
        assertThat(project().storey(upper).orElseThrow().sameAs()).isEmpty();
    }
}
