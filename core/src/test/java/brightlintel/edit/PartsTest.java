package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Edit;
import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Parts of a building side by side: each a stack of storeys of its own. */
class PartsTest {
    private static final StoreyId UPPER = new StoreyId("upper"), ANNEXE = new StoreyId("annexe"), LOFT = new StoreyId("loft"),
        CELLAR = new StoreyId("cellar");

    private static StoreyId ground(Project p) {
        return p.storeys().getFirst().id();
    }

    /** A house of two storeys, beside it an annexe of two with a cellar. */
    private static Project project() {
        Project p = Project.empty("p", "Ground");
        for (Edit e : List.of(Stacking.addPart(ground(p), ANNEXE, "Annexe", "Annexe ground"), Stacking.add(UPPER, "Upper"),
            Stacking.add(ANNEXE, LOFT, "Loft"), Stacking.addBelow(LOFT, CELLAR, "Cellar"))) p = e.apply(p);
        return p;
    }

    private static double level(Project p, StoreyId s) {
        return p.storey(s).orElseThrow().level().value();
    }

    @Test void eachPartIsAStackFromTheLowestUp() {
        Project p = project();
        assertThat(p.parts()).containsExactly("", "Annexe");
        assertThat(p.stack("Annexe")).extracting(Storey::id).containsExactly(CELLAR, ANNEXE, LOFT);
        assertThat(p.stack("")).extracting(Storey::id).containsExactly(ground(p), UPPER);
        assertThat(p.above(ground(p)).map(Storey::id)).contains(UPPER);
        assertThat(p.above(UPPER)).as("not into the other part").isEmpty();
        assertThat(p.below(ANNEXE).map(Storey::id)).contains(CELLAR);
        assertThat(p.below(CELLAR)).isEmpty();
        assertThat(p.storey(ANNEXE).orElseThrow().isBeside(p.storeys().getFirst())).isTrue();
        assertThat(p.storey(LOFT).orElseThrow().isBeside(p.storeys().getFirst())).as("it begins where the other ends").isFalse();
    }

    @Test void aHeightMovesItsOwnPartAlone() {
        Project p = Stacking.height(ANNEXE, 4).apply(project());
        assertThat(level(p, LOFT)).isCloseTo(4, within(1e-9));
        assertThat(level(p, UPPER)).isCloseTo(3, within(1e-9));
        Project q = Stacking.level(LOFT, 3.5).apply(project());
        assertThat(q.storey(ANNEXE).orElseThrow().height().value()).isCloseTo(3.5, within(1e-9));
        assertThat(q.storeys().getFirst().height().value()).isCloseTo(3, within(1e-9));
        assertThat(q.storeys()).extracting(Storey::id).containsExactly(ground(q), UPPER, CELLAR, ANNEXE, LOFT);
    }

    @Test void aStoreyThatGoesLetsItsOwnPartDown() {
        Project p = Stacking.remove(ANNEXE).apply(project());
        assertThat(level(p, LOFT)).isCloseTo(0, within(1e-9));
        assertThat(level(p, UPPER)).isCloseTo(3, within(1e-9));
        Project q = Stacking.remove(CELLAR).apply(project());
        assertThat(level(q, ANNEXE)).as("the lowest of a part").isCloseTo(0, within(1e-9));
    }

    @Test void noTwoPartsHaveOneName() {
        Project p = project();
        assertThat(Stacking.addPart(UPPER, new StoreyId("x"), "Annexe ", "X").apply(p)).isEqualTo(p);
        assertThat(Stacking.addPart(UPPER, new StoreyId("x"), "  ", "X").apply(p)).isEqualTo(p);
        assertThat(Stacking.renamePart("", "Annexe").apply(p)).isEqualTo(p);
        assertThat(Stacking.renamePart("Annexe", "Boat store").apply(p).parts()).containsExactly("", "Boat store");
    }
}
