package brightlintel.receive;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.FileId;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.correct.StoreyWords;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.sheet.SheetParts;
import brightlintel.sheet.SheetParts.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Parts of a sheet find their storeys. */
class SheetCutsTest {
    private static final UnderlayId SHEET = UnderlayId.fresh();

    private static SheetParts.Part part(Kind kind, String title, double x, OptionalInt same) {
        Ring r = new Ring(List.of(new Point(x, 0), new Point(x + 10, 0), new Point(x + 10, 8), new Point(x, 8)));
        return new SheetParts.Part(kind, r, title, StoreyWords.level(title), 0.9, same);
    }

    private static SheetParts sheet(SheetParts.Part... parts) {
        return new SheetParts(List.of(parts), Optional.empty());
    }

    private static Project project() {
        Project p = Project.empty("Boats", "Ground");
        Underlay u = new Underlay(SHEET, FileId.fresh(), "ab", new SpaceKey.Model(), Optional.empty(), Placement.assumed(1, Point.ORIGIN),
            Clearing.NONE, Appearance.faded(0.3), false);
        return p.withUnderlays(List.of(u)).withStorey(p.storeys().getFirst().id(), s -> s.withUnderlays(List.of(SHEET)));
    }

    private static List<String> laid(Project p) {
        List<String> out = new ArrayList<>();
        for (Storey s : p.storeys())
            for (Underlay u : p.underlaysOf(s.id())) out.add(s.name() + " " + Math.round(u.cutOut().orElseThrow().box().minX()));
        return out;
    }

    @Test void storeysAreMadeFromTheGroundUpAndDown() {
        Project p = project();
        List<SheetCuts.Choice> all = SheetCuts.proposed(p, p.storeys().getFirst().id(), sheet(part(Kind.PLAN, "2. Obergeschoss", 0, OptionalInt.empty()),
            part(Kind.PLAN, "Kellergeschoss", 20, OptionalInt.empty()), part(Kind.PLAN, "Erdgeschoss", 40, OptionalInt.empty()),
            part(Kind.PLAN, "1. Obergeschoss", 60, OptionalInt.empty()), part(Kind.SECTION, "Schnitt", 80, OptionalInt.empty()),
            part(Kind.LEGEND, "Legende", 100, OptionalInt.empty())));
        Project out = SheetCuts.lay(SHEET, all).apply(p);
        assertThat(laid(out)).containsExactly("Kellergeschoss 20", "Ground 40", "1. Obergeschoss 60", "2. Obergeschoss 0");
        assertThat(out.underlays()).as("the section is kept, the legend is not").hasSize(5);
        assertThat(out.storeys()).isSortedAccordingTo((a, b) -> Double.compare(a.level().value(), b.level().value()));
    }

    @Test void plansWithoutTitlesGoUpFromTheStoreyInHandAndASecondTimeNowhere() {
        Project p = project();
        List<SheetCuts.Choice> all = SheetCuts.proposed(p, p.storeys().getFirst().id(), sheet(part(Kind.PLAN, "", 0, OptionalInt.empty()),
            part(Kind.PLAN, "", 20, OptionalInt.of(0)), part(Kind.PLAN, "", 40, OptionalInt.empty())));
        assertThat(all).extracting(SheetCuts.Choice::taken).containsExactly(true, false, true);
        assertThat(laid(SheetCuts.lay(SHEET, all).apply(p))).containsExactly("Ground 0", "Ground + 1 40");
    }

    @Test void whatIsChosenOtherwiseStands() {
        Project p = project();
        List<SheetCuts.Choice> all = new ArrayList<>(SheetCuts.proposed(p, p.storeys().getFirst().id(),
            sheet(part(Kind.PLAN, "Erdgeschoss", 0, OptionalInt.empty()), part(Kind.PLAN, "1. OG", 20, OptionalInt.empty()))));
        all.set(0, all.get(0).taken(false));
        all.set(1, all.get(1).on(new LayOn.There(p.storeys().getFirst().id())));
        Project out = SheetCuts.lay(SHEET, all).apply(p);
        assertThat(laid(out)).containsExactly("Ground 20");
        all.replaceAll(c -> c.taken(false));
        assertThat(SheetCuts.lay(SHEET, all).apply(p)).as("nothing is taken").isEqualTo(p);
    }

    @Test void aCutHasRoomAllRound() {
        Box cut = part(Kind.PLAN, "", 0, OptionalInt.empty()).withRoom().box();
        assertThat(cut.minX()).isBetween(-0.2, -0.1);
        assertThat(cut.maxX()).isBetween(10.1, 10.2);
        assertThat(cut.minY()).isBetween(-0.2, -0.1);
        assertThat(cut.maxY()).isBetween(8.1, 8.2);
    }
}
