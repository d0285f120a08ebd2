package brightlintel.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Roof;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Top;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;

class HeadroomTest {
    private static final StoreyId GROUND = new StoreyId("g"), UPPER = new StoreyId("u"), LOFT = new StoreyId("l");
    /** From 0 to 3 m in 15 rises of 20 cm over 3.5 m. */
    private static final Stair STAIR = stair("s", 0);

    private static Stair stair(String id, double x) {
        return new Stair(new ElementId(id), List.of(Piece.straight(new Point(x, 0), new Point(x + 3.5, 0))), Given.stated(1.0), Given.stated(15),
            Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
    }

    private static Slab slab(String id, double x0, double x1, double top) {
        return new Slab(new ElementId(id), new Ring(List.of(new Point(x0, -3), new Point(x1, -3), new Point(x1, 3), new Point(x0, 3))), List.of(),
            new Stand.OnFloor(top), Given.stated(0.3), Optional.empty(), Provenance.BY_HAND);
    }

    private static Storey storey(StoreyId id, double level) {
        return new Storey(id, id.value(), Given.stated(level), Given.stated(3.0), List.of());
    }

    private static Project project(List<StoreyElement> ground, List<StoreyElement> upper, List<StoreyElement> loft) {
        return Project.of("p", "P", List.of(storey(GROUND, 0), storey(UPPER, 3), storey(LOFT, 6)))
            .withContents(GROUND, c -> c.plus(List.of(STAIR)).plus(ground)).withContents(UPPER, c -> c.plus(upper)).withContents(LOFT, c -> c.plus(loft));
    }

    private static Optional<Headroom> of(Project p) {
        return Headroom.of(p, GROUND, STAIR);
    }

    @Test void underNothingThereIsNoLimit() {
        assertThat(of(project(List.of(), List.of(), List.of()))).isEmpty();
    }

    @Test void theSlabThatItComesThroughHasItsWell() {
        assertThat(of(project(List.of(), List.of(slab("u", -5, 9, 0)), List.of()))).as("what is left lies beside it").isEmpty();
    }

    @Test void theSlabAboveThatIsOverItsHighestStep() {
        Headroom h = of(project(List.of(), List.of(slab("u", -5, 9, 0)), List.of(slab("l", -5, 9, 0)))).orElseThrow();
        // its last step lies at 2.80, the slab's underside at 5.70
        assertThat(h.metres()).isCloseTo(5.7 - 2.8, within(1e-9));
        assertThat(h.step()).isEqualTo(14);
        assertThat(h.isEnough()).isTrue();
    }

    @Test void aGalleryOverItsMiddleIsTooLow() {
        // from 1.75 on, at 2.60 with an underside of 2.30: over the eighth step it is at 1.60
        Headroom h = of(project(List.of(slab("gallery", 1.75, 2.1, 2.6)), List.of(), List.of())).orElseThrow();
        assertThat(h.isEnough()).isFalse();
        assertThat(h.metres()).isCloseTo(2.3 - 1.8, within(1e-9));
        assertThat(h.step()).isEqualTo(9);
    }

    @Test void theNextFlightCrossesOver() {
        Stair over = stair("over", 0);
        Headroom h = of(project(List.of(), List.of(over), List.of())).orElseThrow();
        // each step of it lies 3 m over its own, and is a rise and its plate deep
        assertThat(h.metres()).isCloseTo(3 - 0.2 - 0.15, within(1e-9));
    }

    @Test void aSlopeOfARoofComesDownOverIt() {
        Ring r = new Ring(List.of(new Point(-5, -6), new Point(5, -6), new Point(5, 6), new Point(-5, 6)));
        Roof roof = new Roof(new ElementId("roof"), r, new Roof.Cover.Pitched(List.of(new Roof.Edge.Gable(), new Roof.Edge.Slope(Math.PI / 4),
            new Roof.Edge.Gable(), new Roof.Edge.Slope(Math.PI / 4))), Given.stated(0.3), Given.stated(0.3), new Stand.OnFloor(2.5),
            Provenance.BY_HAND);
        Headroom h = of(project(List.of(roof), List.of(), List.of())).orElseThrow();
        // at its upper end, 3.50 from the middle, the underside lies at 2.50 + 1.50
        assertThat(h.metres()).isCloseTo(4 - 2.8, within(1e-6));
    }
}
