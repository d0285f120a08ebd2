package brightlintel.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Clearing;
import brightlintel.building.Mend;
import brightlintel.building.Placement;
import brightlintel.building.Repair;
import brightlintel.building.Support;
import brightlintel.building.Underlay;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import java.io.IOException;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A mended drawing in its place: what was said of strokes before still holds, and what is said of mended ones holds when the repair is undone. */
class MendedDrawingTest {
    private static final Repair.Mended ALL = new Repair.Mended(EnumSet.allOf(Mend.class), 0.01);

    /** A line in three pieces, the last a gap away; one that falls short of it; one drawn twice. Millimetres. */
    private static PlacedDrawing received() throws IOException {
        return Drawings.placed(Drawings.read("""
            A 0 0 1000 0
            A 1000 0 2000 0
            A 2004 0 3000 0
            A 500 6 500 900
            B 0 5000 900 5000
            B 0 5000 900 5000"""), Placement.assumed(0.001, Point.ORIGIN), Clearing.NONE);
    }

    private static Underlay mended(PlacedDrawing d) {
        return d.underlay().with(d.underlay().clearing().withMended(Optional.of(ALL)));
    }

    private static long shown(PlacedDrawing d) {
        long n = 0;
        for (int i = 0; i < d.strokes().size(); i++) if (d.cleared().strokeShown(i)) n++;
        return n;
    }

    @Test void aRepairIsSeenAndIsGoneWhenItIsUndone() throws IOException {
        PlacedDrawing before = received(), after = before.with(mended(before)), again = after.with(before.underlay());
        assertThat(shown(before)).isEqualTo(6);
        assertThat(shown(after)).isEqualTo(3);
        assertThat(after.curve(0).length()).isCloseTo(3, within(1e-9));
        assertThat(after.curve(3).length()).as("it reaches the line").isCloseTo(0.9, within(1e-9));
        assertThat(again.strokes()).as("as it was received").isSameAs(before.strokes());
        assertThat(again.repaired()).isEmpty();
    }

    @Test void whatIsHiddenStaysHiddenAndWhatIsPartOfAnotherComesNotBack() throws IOException {
        PlacedDrawing before = received();
        Underlay u = before.underlay().with(Clearing.ofLayers(Set.of("b")).withMended(Optional.of(ALL)));
        assertThat(shown(before.with(u))).isEqualTo(2);
        assertThat(before.with(u.with(u.clearing().allBack())).isMended()).as("what was mended stays mended").isTrue();
        assertThat(shown(before.with(u.with(u.clearing().allBack())))).isEqualTo(3);
    }

    @Test void supportsAreFoundBothWays() throws IOException {
        PlacedDrawing before = received(), after = before.with(mended(before));
        Support plain = before.support(3, 0, 1, Support.Face.LEFT, 0), whole = after.support(0, 0, 1, Support.Face.LEFT, 0);
        assertThat(after.find(plain).orElseThrow().index()).isEqualTo(3);
        assertThat(before.find(whole).orElseThrow().index()).isZero();
        assertThat(after.repaired().orElseThrow().last(2)).as("a piece knows its line").isZero();
    }

    @Test void eachRecipeIsWorkedOutOnceAndScaleMakesAnother() throws IOException {
        PlacedDrawing before = received(), after = before.with(mended(before));
        assertThat(before.with(mended(before)).strokes()).isSameAs(after.strokes());
        assertThat(before.mender().isReady(mended(before))).isTrue();
        Underlay metres = mended(before).with(Placement.assumed(1, Point.ORIGIN));
        assertThat(before.mender().isReady(metres)).isFalse();
        PlacedDrawing large = after.with(metres);
        assertThat(large.repaired().orElseThrow().counts()).as("4 m are no gap").doesNotContainKey(Mend.GAPS).containsEntry(Mend.DOUBLED, 1);
    }

    @Test void untilItIsWorkedOutItIsSeenAsReceived() throws IOException {
        PlacedDrawing before = received(), waits = PlacedDrawing.unmended(mended(before), before.mender());
        assertThat(waits.isMended()).isFalse();
        assertThat(shown(waits)).isEqualTo(6);
        assertThat(List.of(before.isMended(), before.with(mended(before)).isMended())).containsOnly(true);
    }
}
