package brightlintel.desktop.state;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Project;
import brightlintel.correct.SheetNotes;
import brightlintel.correct.UnitChoice;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.Report;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Box;
import brightlintel.receive.LayOn;
import brightlintel.receive.PageGlance;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is chosen of a file before it is taken: ticks, layers, scale and storey of each part, and nothing of another. */
class PagesInHandTest {
    private static final Project EMPTY = Project.empty("P", "Ground");
    private static final Path FILE = Path.of("club-set.dxf");

    private static PageGlance part(int number, SpaceKey key) {
        List<PageGlance.OfLayer> layers = List.of(new PageGlance.OfLayer("WALLS", 0, false, true, 10),
            new PageGlance.OfLayer("Old", 0, false, false, 4), new PageGlance.OfLayer("Text", 0, false, true, 2));
        return new PageGlance(number, key, 0, 0, 16, 0, 2, 0, layers, new Box(0, 0, 24, 14), Optional.of(UnitChoice.METRE),
            new SheetNotes(Optional.empty(), List.of(), Optional.empty()), Report.EMPTY, new Pixels(1, 1, new int[] {0}));
    }

    private static PagesInHand drawing() {
        return PagesInHand.ofDrawing(FILE, "ab", "", 2).with(part(1, new SpaceKey.Model()), EMPTY).with(part(2, new SpaceKey.Layout("A1")), EMPTY);
    }

    @Test void ofADrawingTheModelIsTickedAndStaysWhenSheetsCome() {
        assertThat(drawing().ticked()).containsExactly(1);
        assertThat(drawing().isDrawing()).isTrue();
        assertThat(drawing().isFirstSight()).isFalse();
        assertThat(drawing().tick(1, false).tick(2, true).ticked()).containsExactly(2);
    }

    @Test void layersComeAsTheFileSaysUntilSomebodyChooses() {
        PagesInHand p = drawing();
        PageGlance model = p.page(1).orElseThrow(), sheet = p.page(2).orElseThrow();
        assertThat(p.layersOff(model)).containsExactly("old");
        assertThat(p.choice(1).layersOff()).isEmpty();
        PagesInHand turned = p.layersInverted(model);
        assertThat(turned.layersOff(model)).containsExactlyInAnyOrder("walls", "text");
        assertThat(turned.layersOff(sheet)).as("another part").containsExactly("old");
        assertThat(turned.layersInverted(model).layersOff(model)).containsExactly("old");
        assertThat(p.layersOff(model, Set.of()).layer(model, "WALLS", false).layersOff(model)).containsExactly("walls");
        assertThat(p.layer(model, "Old", true).layersOff(model)).isEmpty();
    }

    @Test void aChoiceOfOnePartLeavesTheOthers() {
        PagesInHand p = drawing().scaled(1, 0.001).lay(2, new LayOn.New("Upper", false));
        assertThat(p.choice(1).scale()).contains(0.001);
        assertThat(p.choice(2).scale()).isEmpty();
        assertThat(p.on(2, EMPTY.storeys().getFirst().id())).isEqualTo(new LayOn.New("Upper", false));
        assertThat(p.on(1, EMPTY.storeys().getFirst().id())).isEqualTo(new LayOn.There(EMPTY.storeys().getFirst().id()));
        assertThat(p.choice(1).ticked()).isTrue();
    }

    @Test void aFirstSightCanNotBeTaken() {
        PagesInHand p = PagesInHand.firstSight(FILE, part(1, new SpaceKey.Model()));
        assertThat(p.isFirstSight()).isTrue();
        assertThat(p.ticked()).isEmpty();
        assertThat(p.name()).isEqualTo("club-set.dxf");
    }

    @Test void anotherPictureIsTheSamePart() {
        PagesInHand p = drawing().tick(2, true);
        PageGlance again = part(1, new SpaceKey.Model());
        PagesInHand q = p.seenAnew(again);
        assertThat(q.page(1)).containsSame(again);
        assertThat(q.choices()).isEqualTo(p.choices());
    }
}
