package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.FileId;
import brightlintel.building.Edit;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Region;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A sheet of two plans and an elevation becomes the underlays of two storeys. */
class CuttingTest {
    private static final UnderlayId SHEET = UnderlayId.fresh(), GROUND_PLAN = UnderlayId.fresh(), UPPER_PLAN = UnderlayId.fresh(), FRONT = UnderlayId.fresh();
    private static final StoreyId UPPER = StoreyId.fresh();

    private static Ring box(double x, double y, double w, double h) {
        return new Ring(List.of(new Point(x, y), new Point(x + w, y), new Point(x + w, y + h), new Point(x, y + h)));
    }

    private static Project sheet(boolean locked) {
        Project p = Project.empty("Boats", "Ground");
        Placement placement = Placement.assumed(0.001, new Point(500, 700)).withTurn(Given.stated(Math.toRadians(30)));
        Underlay u = new Underlay(SHEET, FileId.fresh(), "ab", new SpaceKey.Model(), Optional.empty(), placement,
            Clearing.ofLayers(Set.of("junk")).withRegions(List.of(new Region(box(0, 0, 9e4, 9e4), true))), Appearance.faded(0.3), locked);
        Storey ground = p.storeys().getFirst();
        return Stacking.add(UPPER, "Upper").apply(p.withUnderlays(List.of(u)).withStorey(ground.id(), s -> s.withUnderlays(List.of(SHEET))));
    }

    private static Edit cut(Project p) {
        return Cutting.parts(SHEET, List.of(new Cutting.Cut(GROUND_PLAN, box(0, 0, 12_000, 8000), Optional.of(p.storeys().getFirst().id())),
            new Cutting.Cut(UPPER_PLAN, box(20_000, 100, 12_000, 8000), Optional.of(UPPER)),
            new Cutting.Cut(FRONT, box(0, 14_000, 12_000, 6000), Optional.empty())));
    }

    @Test void eachPlanLiesOnItsStoreyAndOnTheOther() {
        Project p = sheet(false), out = cut(p).apply(p);
        assertThat(out.underlay(SHEET)).as("the sheet as a whole is gone").isEmpty();
        assertThat(out.underlays()).extracting(Underlay::id).containsExactly(GROUND_PLAN, UPPER_PLAN, FRONT);
        assertThat(out.storeys().getFirst().underlays()).containsExactly(GROUND_PLAN);
        assertThat(out.storey(UPPER).orElseThrow().underlays()).containsExactly(UPPER_PLAN);
        Placement ground = out.underlay(GROUND_PLAN).orElseThrow().placement(), upper = out.underlay(UPPER_PLAN).orElseThrow().placement();
        assertThat(ground).as("the first stays where it is").isEqualTo(p.underlay(SHEET).orElseThrow().placement());
        for (Point at : List.of(new Point(0, 0), new Point(12_000, 8000)))
            assertThat(upper.apply(at.plus(new Point(20_000, 100))).distance(ground.apply(at))).isCloseTo(0, within(1e-9));
        assertThat(upper.fileAnchor().isAssumed()).as("to be put in line").isTrue();
    }

    @Test void whatWasSetAsideStaysSoWithoutTheOldOutlines() {
        Project p = sheet(false), out = cut(p).apply(p);
        for (Underlay u : out.underlays()) {
            assertThat(u.clearing().layersOff()).containsExactly("junk");
            assertThat(u.clearing().regions()).isEmpty();
            assertThat(u.cutOut()).isPresent();
        }
        Project back = Cutting.whole(GROUND_PLAN).apply(out);
        assertThat(back.underlay(GROUND_PLAN).orElseThrow().cutOut()).isEmpty();
        assertThat(back.underlay(UPPER_PLAN)).isEqualTo(out.underlay(UPPER_PLAN));
    }

    @Test void aLockedSheetOrNothingToCutChangesNothing() {
        Project locked = sheet(true), open = sheet(false);
        assertThat(cut(locked).apply(locked)).isEqualTo(locked);
        assertThat(Cutting.parts(SHEET, List.of()).apply(open)).isEqualTo(open);
        assertThat(Cutting.parts(UnderlayId.fresh(), List.of(new Cutting.Cut(FRONT, box(0, 0, 1, 1), Optional.empty()))).apply(open)).isEqualTo(open);
        assertThat(Cutting.parts(SHEET, List.of(new Cutting.Cut(FRONT, box(0, 0, 1, 1), Optional.of(StoreyId.fresh())))).apply(open))
            .as("a storey that is gone").isEqualTo(open);
    }
}
