package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Contents;
import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.History;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import brightlintel.notation.Seeds;
import brightlintel.notation.Walls;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Drags take along what was taken, and nothing else; slabs that follow walls stay where they are when their walls are parted or go. */
class GesturesAndSlabsTest {
    private static final String ROOM =
        "s 0 0 -> 8 0 thick 0.4\ne 8 0 -> 8 6 thick 0.4\nn 8 6 -> 0 6 thick 0.4\nw 0 6 -> 0 0 thick 0.4\np 4 0 -> 4 6 thick 0.1\n";

    private static final Project EMPTY = Project.empty("P", "Ground");

    private static Project project() {
        return Tracing.addWalls(ground(EMPTY), Walls.read(ROOM)).apply(EMPTY);
    }

    private static StoreyId ground(Project p) {
        return p.storeys().getFirst().id();
    }

    private static String text(Project p) {
        return Walls.text(p.on(ground(p)).walls());
    }

    private static History dragged(History h, long gesture, Point from, Point... over) {
        History out = h;
        for (Point to : over) out = out.then(Tracing.moveCorner(ground(h.now()), from, to, 1e-4).during(gesture));
        return out;
    }

    /** The pointer passes exactly over another corner: that corner's walls stay. */
    @Test void aCornerDraggedOverAnotherDoesNotTakeItAlong() {
        History h = dragged(History.of(project()), 1, new Point(0, 0), new Point(2, 0), new Point(4, 0), new Point(4, -1),
            new Point(-1, -1));
        assertThat(text(h.now())).contains("s -1 -1 -> 8 0", "w 0 6 -> -1 -1", "p 4 0 -> 4 6");
        assertThat(h.past()).hasSize(1);
        assertThat(text(h.undo().now())).isEqualTo(text(project()));
    }

    @Test void outAndBackIsNoStep() {
        History h = dragged(History.of(project()), 1, new Point(0, 0), new Point(3, 3), new Point(1, 0), new Point(0, 0));
        assertThat(h.past()).isEmpty();
        assertThat(h.now()).isEqualTo(project());
        h = dragged(h, 1, new Point(0, 0), new Point(-2, 0));
        assertThat(h.past()).as("and on from there").hasSize(1);
    }

    @Test void twoDragsAreTwoSteps() {
        History h = dragged(History.of(project()), 1, new Point(0, 0), new Point(-1, 0), new Point(-2, 0));
        h = dragged(h, 2, new Point(-2, 0), new Point(-2, -1), new Point(-2, -3));
        assertThat(h.past()).hasSize(2);
        assertThat(text(h.now())).contains("s -2 -3 -> 8 0");
        assertThat(text(h.undo().now())).contains("s -2 0 -> 8 0");
    }

    /** Law: a drag is the one move from where it began to where it ends, whatever way the pointer took. */
    @Test void theWayOfThePointerDoesNotMatter() {
        Seeds.each(30, seed -> {
            Random r = new Random(seed);
            Point[] corners = {new Point(0, 0), new Point(8, 0), new Point(8, 6), new Point(0, 6), new Point(4, 0), new Point(4, 6)};
            Point from = corners[r.nextInt(4)], to = new Point(r.nextDouble() * 20 - 5, 7 + r.nextDouble() * 9);
            Point[] way = new Point[8];
            for (int i = 0; i < 7; i++) way[i] = r.nextBoolean() ? corners[r.nextInt(6)] : new Point(r.nextInt(9), r.nextInt(7));
            way[7] = to;
            History h = dragged(History.of(project()), 5, from, way);
            assertThat(h.now()).isEqualTo(Tracing.moveCorner(ground(h.now()), from, to, 1e-4).apply(project()));
            assertThat(h.undo().now()).isEqualTo(project());
        });
    }

    private static Project withSlab(Project p) {
        List<Wall> outer = p.on(ground(p)).walls().subList(0, 4);
        Set<ElementId> ids = outer.stream().map(Wall::id).collect(Collectors.toSet());
        Slab s = new Slab(new ElementId("slab"), SlabOutline.around(outer, Tolerances.BUILDING).orElseThrow(), List.of(), Stand.FLOOR,
            Given.assumed(0.25), Optional.of(ids), Provenance.BY_HAND);
        return Tracing.addSlab(ground(p), s).apply(p);
    }

    private static double area(Project p) {
        Contents c = p.on(ground(p));
        return SlabOutline.of(c.slabs().getFirst(), c, Tolerances.BUILDING).area();
    }

    private static Project after(Project p, Edit... edits) {
        Project out = p;
        for (Edit e : edits) out = e.apply(out);
        return out;
    }

    @Test void aSlabStaysWhereItLiesWhenAWallOfItIsSplit() {
        Project moved = after(withSlab(project()), Tracing.moveCorner(ground(project()), new Point(0, 0), new Point(0, 0), 1e-4));
        Project p = withSlab(project());
        p = after(p, Tracing.moveCorner(ground(p), new Point(8, 6), new Point(10, 6), 1e-4),
            Tracing.moveCorner(ground(p), new Point(8, 0), new Point(10, 0), 1e-4));
        assertThat(area(p)).isCloseTo(10.4 * 6.4, within(1e-6));
        Project split = after(p, Tracing.splitWall(new ElementId("s"), 3));
        assertThat(area(split)).isCloseTo(10.4 * 6.4, within(1e-6));
        assertThat(split.on(ground(p)).slabs().getFirst().follows().orElseThrow()).as("it follows both parts").hasSize(5);
        Project wider = after(split, Tracing.moveCorner(ground(p), new Point(10, 0), new Point(12, 0), 1e-4),
            Tracing.moveCorner(ground(p), new Point(10, 6), new Point(12, 6), 1e-4));
        assertThat(area(wider)).isCloseTo(12.4 * 6.4, within(1e-6));
        assertThat(area(moved)).isCloseTo(8.4 * 6.4, within(1e-6));
    }

    @Test void aSlabStaysWhereItLiesWhenAWallOfItGoes() {
        Project p = withSlab(project());
        p = after(p, Tracing.moveCorner(ground(p), new Point(8, 6), new Point(10, 6), 1e-4),
            Tracing.moveCorner(ground(p), new Point(8, 0), new Point(10, 0), 1e-4),
            Tracing.delete(Set.of(new ElementId("n"))));
        assertThat(area(p)).isCloseTo(10.4 * 6.4, within(1e-6));
        assertThat(p.on(ground(p)).slabs().getFirst().follows()).isEmpty();
        Project other = after(withSlab(project()), Tracing.delete(Set.of(new ElementId("p"))));
        assertThat(other.on(ground(other)).slabs().getFirst().follows()).as("a wall that it does not follow").isPresent();
    }

    @Test void holesGoAlongWithACornerAndOtherSlabsStay() {
        Ring outline = new Ring(List.of(new Point(20, 0), new Point(30, 0), new Point(30, 9), new Point(20, 9)));
        Ring hole = new Ring(List.of(new Point(22, 2), new Point(24, 2), new Point(24, 4), new Point(22, 4)), List.of(0.0, 0.4, 0.0, 0.0));
        Slab s = new Slab(new ElementId("x"), outline, List.of(hole), Stand.FLOOR, Given.assumed(0.25), Optional.empty(),
            Provenance.BY_HAND);
        Project p = Tracing.addSlab(ground(project()), s).apply(project()), same = project();
        StoreyId on = ground(p);
        Project q = Tracing.addSlab(ground(same), s).apply(same);
        Project moved = Tracing.moveCorner(ground(q), new Point(24, 2), new Point(26, 2), 1e-4).apply(q);
        Slab after = moved.on(ground(q)).slabs().getFirst();
        assertThat(after.holes().getFirst().corners()).contains(new Point(26, 2));
        assertThat(after.holes().getFirst().bulges()).isEqualTo(hole.bulges());
        assertThat(after.outline()).isEqualTo(outline);
        assertThat(p.storey(on)).isPresent();
    }

    /** Round walls leave true arcs in the outline of the slab that follows them. */
    @Test void aSlabRoundARoundWallHasAnArc() {
        String bay = "s 0 0 -> 8 0 thick 0.4\ne 8 0 -> 8 6 thick 0.4 bulge 1\nn 8 6 -> 0 6 thick 0.4\nw 0 6 -> 0 0 thick 0.4\n";
        Ring r = SlabOutline.around(Walls.read(bay), Tolerances.BUILDING).orElseThrow();
        assertThat(r.pieces()).filteredOn(x -> !x.isStraight()).singleElement().satisfies(x -> {
            assertThat(x.radius()).isCloseTo(3.2, within(1e-3));
            assertThat(x.centre().distance(new Point(8, 3))).isLessThan(1e-3);
        });
        assertThat(r.area()).isCloseTo(8.2 * 6.4 + Math.PI * 3.2 * 3.2 / 2, within(0.01));
        List<Wall> turned = new ArrayList<>(Walls.read(bay));
        Collections.rotate(turned, 2);
        assertThat(SlabOutline.around(turned, Tolerances.BUILDING).orElseThrow().area()).isCloseTo(r.area(), within(1e-6));
    }
}
