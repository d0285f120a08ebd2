package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Custody;
import brightlintel.building.Underlay;
import brightlintel.demo.DemoDrawings;
import brightlintel.drawing.SpaceKey;
import brightlintel.receive.LayOn;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** Of a drawing with a sheet and many layers one chooses before anything of it comes in. */
class ChoosingRobotTest extends WindowRobot {
    private static final int LAYERS = 30;

    /** The upper storey with lines on thirty layers more, of which the third is frozen, and a sheet with a frame. */
    private Path manyLayers() throws IOException {
        String dxf = new String(DemoDrawings.bytes(DemoDrawings.UPPER), StandardCharsets.ISO_8859_1);
        StringBuilder lines = new StringBuilder(), table = new StringBuilder();
        for (int i = 1; i <= LAYERS; i++) {
            String layer = String.format("X-%02d", i);
            table.append("0\nLAYER\n2\n").append(layer).append("\n70\n").append(i == 3 ? 1 : 0).append("\n62\n").append(i).append("\n6\nCONTINUOUS\n");
            lines.append("0\nLINE\n8\n").append(layer).append("\n10\n").append(20 + 0.3 * i).append("\n20\n-7\n11\n").append(20 + 0.3 * i)
                .append("\n21\n-2\n");
        }
        for (int[] p : new int[][] {{0, 0, 420, 0}, {420, 0, 420, 297}, {420, 297, 0, 297}, {0, 297, 0, 0}})
            lines.append("0\nLINE\n67\n1\n8\n0\n10\n").append(p[0]).append("\n20\n").append(p[1]).append("\n11\n").append(p[2]).append("\n21\n")
                .append(p[3]).append('\n');
        int layer = dxf.indexOf("0\nLAYER\n"), entities = dxf.indexOf("ENTITIES\n") + "ENTITIES\n".length();
        assertThat(layer).isPositive().isLessThan(entities);
        String text = dxf.substring(0, layer) + table + dxf.substring(layer, entities) + lines + dxf.substring(entities);
        return Files.write(folder.resolve("club-set.dxf"), text.getBytes(StandardCharsets.ISO_8859_1));
    }

    private void open() throws IOException {
        toOpen.add(manyLayers());
        keys(KeyCode.CONTROL, KeyCode.O);
        until("it is shown", () -> w.busy().isEmpty() && w.pages().filter(p -> p.seen().size() == 2).isPresent());
    }

    private Set<String> off() {
        return w.underlay().map(Underlay::clearing).orElseThrow().layersOff();
    }

    private int[] picture() {
        return w.pages().flatMap(p -> p.page(1)).orElseThrow().small().argb();
    }

    @Test void unitAndLayersAreChosenBeforeItIsTaken() throws IOException {
        open();
        assertThat(project().underlays()).isEmpty();
        TrueRobotTest.shot("choose-1");
        assertThat(w.pages().orElseThrow().ticked()).as("the model is").containsExactly(1);
        int[] whole = picture();
        button("layers-none");
        until("the picture follows", () -> w.busy().isEmpty() && !Arrays.equals(picture(), whole));
        assertThat(Arrays.stream(picture()).filter(c -> (c & 0xff) < 0xc0).count()).as("nothing is left of it").isZero();
        button("part-layer-X-02");
        until("the picture follows", () -> w.busy().isEmpty() && Arrays.stream(picture()).anyMatch(c -> (c & 0xff) < 0xc0));
        TrueRobotTest.shot("choose-2");
        button("scale-centimetre");
        keys(KeyCode.T);
        until("it is laid", () -> w.busy().isEmpty() && w.drawing().isPresent());
        assertThat(off()).contains("x-01", "x-30", "walls").doesNotContain("x-02");
        assertThat(w.underlay().orElseThrow().placement().scale().value().mean()).isEqualTo(0.01);
        assertThat(w.underlay().orElseThrow().space()).isEqualTo(new SpaceKey.Model());
        assertThat(project().sources().getFirst().custody()).isInstanceOf(Custody.Followed.class);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(project().underlays()).as("one step").isEmpty();
    }

    @Test void withoutChoosingItIsAsItWouldBe() throws IOException {
        open();
        keys(KeyCode.T);
        until("it is laid", () -> w.busy().isEmpty() && w.drawing().isPresent());
        assertThat(off()).containsExactly("x-03");
    }

    @Test void layersAreTurnedRoundAndTheFrozenOnesLeftOut() throws IOException {
        open();
        button("layers-inverted");
        assertThat(w.pages().orElseThrow().layersOff(w.pages().get().page(1).orElseThrow())).contains("x-01").doesNotContain("x-03");
        button("layers-all");
        assertThat(w.pages().orElseThrow().layersOff(w.pages().get().page(1).orElseThrow())).isEmpty();
        button("layers-as-file");
        assertThat(w.pages().orElseThrow().layersOff(w.pages().get().page(1).orElseThrow())).containsExactly("x-03");
        keys(KeyCode.ESCAPE);
        assertThat(w.pages()).isEmpty();
        assertThat(project().sources()).isEmpty();
    }

    @Test void thePartIsDroppedOnAStoreyAndSheetsComeToo() throws Exception {
        receive(Files.write(folder.resolve("ground.dwg"), DemoDrawings.bytes(DemoDrawings.GROUND)));
        command("Add a storey above");
        keys(KeyCode.PAGE_DOWN);
        open();
        String upper = project().storeys().getLast().name();
        Node card = lookup("#page-1 .page-sheet").query(), band = lookup("#band-" + upper).query();
        drag(card, MouseButton.PRIMARY).moveBy(20, 20).moveTo(band).moveBy(3, 3).drop();
        until("it is to go there", () -> w.pages().orElseThrow().on(1, w.storeyId()).equals(
            new LayOn.There(project().storeys().getLast().id())));
        button("page-tick-2");
        keys(KeyCode.T);
        until("both are laid", () -> w.busy().isEmpty() && project().underlays().size() == 3);
        assertThat(project().storeys().getLast().underlays()).hasSize(1);
        assertThat(project().sources()).hasSize(2);
    }

    /** A large one is seen roughly while it is read; one with nothing to choose is then laid by itself. */
    @Test void aLargeDrawingIsSeenBeforeItIsRead() throws Exception {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        for (int i = 0; i < 90_000; i++)
            b.append("0\nLINE\n100\nAcDbEntity\n8\nWALLS\n100\nAcDbLine\n10\n").append(i % 300).append(".5\n20\n").append(i / 300).append(".25\n30\n0.0\n11\n")
                .append(i % 300 + 1).append(".5\n21\n").append(i / 300).append(".25\n31\n0.0\n");
        Path file = Files.writeString(folder.resolve("large.dxf"), b + "0\nENDSEC\n0\nEOF\n");
        assertThat(Files.size(file)).isGreaterThan(8 << 20);
        AtomicBoolean seen = new AtomicBoolean();
        onWindow(() -> {
            w.listen(c -> {
                if (w.pages().filter(p -> p.isFirstSight() && project().underlays().isEmpty()).isPresent()) seen.set(true);
            });
            return 0;
        });
        receive(file);
        assertThat(seen).isTrue();
        assertThat(w.pages()).isEmpty();
        assertThat(w.drawing().orElseThrow().strokes().size()).isEqualTo(90_000);
    }
}
