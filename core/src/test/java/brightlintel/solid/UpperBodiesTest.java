package brightlintel.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import brightlintel.building.Contents;
import brightlintel.building.Division;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Heights;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Stair;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.notation.Seeds;
import brightlintel.notation.Walls;

/** Bodies of stairs and of glazed walls: closed, of the volume that is said, within what they stand in. */
class UpperBodiesTest {
    private static final Storey GROUND = Storey.ground("Ground");

    private static List<Body> bodies(List<? extends StoreyElement> some) {
        Project p = Project.of("p", "P", List.of(GROUND)).withContents(GROUND.id(), c -> c.plus(some));
        return Solids.of(p, GROUND.id(), Tolerances.BUILDING);
    }

    /** Law: straight, bent, round: the volume of the body is the one that is said, and it ends at the last step. */
    @Test void stairsAreClosed() {
        Seeds.each(60, seed -> {
            Random r = new Random(seed);
            double a = 2 + 3 * r.nextDouble(), b = 2 + 3 * r.nextDouble();
            Piece first = Piece.straight(Point.ORIGIN, new Point(a, 0).turn(r.nextDouble() * 6));
            List<Piece> line = switch (r.nextInt(3)) {
                case 0 -> List.of(first);
                case 1 -> List.of(first, Piece.straight(first.b(), first.b().plus(first.direction(0).left().times(b))));
                default -> List.of(new Piece(first.a(), first.b(), 0.3 + r.nextDouble() / 2));
            };
            Stair s = new Stair(new ElementId("s"), line, Given.stated(0.8 + r.nextDouble() * 0.4), Given.stated(8 + r.nextInt(14)), Stand.FLOOR,
                Top.NEXT, Provenance.BY_HAND);
            Body body = bodies(List.of(s)).getFirst();
            double rise = new Heights(Project.of("p", "P", List.of(GROUND)), GROUND).rise(s);
            assertThat(Bodies.volume(body)).as("seed " + seed).isCloseTo(StairBody.volume(s, rise), within(0.01));
            double top = 0;
            for (int i = 2; i < body.triangles().length; i += 3) top = Math.max(top, body.triangles()[i]);
            assertThat(top).isCloseTo(GROUND.height().value() - rise, within(1e-4));
        });
    }

    private static Opening glazed(Wall w, double from, double to, Division across, Division up) {
        return new Opening(new ElementId("g"), w.id(), (from + to) / 2, Given.stated(to - from), Given.stated(0.2), Given.stated(2.6),
            new Opening.Filling.Glazed(across, up, 0.06, true), Provenance.BY_HAND);
    }

    @Test void postsAndPanesFillTheStretch() {
        Wall w = Walls.read("a 0 0 -> 6 0 thick 0.3").getFirst();
        Opening o = glazed(w, 1, 5, new Division.Number(4), new Division.Number(2));
        GlazedBody b = new GlazedBody(o, (Opening.Filling.Glazed) o.filling(), w, Tolerances.BUILDING);
        assertThat(b.panes()).hasSize(8);
        assertThat(b.posts()).hasSize(5 + 4 * 3);
        double covered = 0;
        List<GlazedBody.Part> all = new ArrayList<>(b.posts());
        all.addAll(b.panes());
        for (GlazedBody.Part p : all) covered += (p.to() - p.from()) * (p.top() - p.bottom());
        assertThat(covered).as("nothing is left open and nothing is there twice").isCloseTo(4 * 2.4, within(1e-9));
        assertThat(all).allMatch(p -> p.from() >= 1 - 1e-9 && p.to() <= 5 + 1e-9 && p.bottom() >= 0.2 - 1e-9 && p.top() <= 2.6 + 1e-9);
    }

    @Test void aSpacingLeavesTheRestAtTheEnd() {
        assertThat(new Division.Spacing(1.2).cuts(4)).containsExactly(1.2, 2.4, 3.5999999999999996);
        assertThat(new Division.Number(3).cuts(6)).containsExactly(2.0, 4.0);
        assertThat(new Division.Number(1).cuts(6)).isEmpty();
        assertThat(new Division.Spacing(7).cuts(6)).isEmpty();
    }

    /** Law: in straight and in round walls the parts are closed bodies of their volumes, and the wall has its hole. */
    @Test void glazedWallsAreClosed() {
        Seeds.each(40, seed -> {
            Random r = new Random(seed);
            Wall w = Walls.read("a 0 0 -> " + (5 + r.nextInt(4)) + " 1 thick 0.3 " + (r.nextBoolean() ? "left" : "centre") + (r.nextBoolean()
                ? " bulge 0.3" : "")).getFirst();
            Opening o = glazed(w, 0.5, 4, r.nextBoolean() ? new Division.Number(1 + r.nextInt(5)) : new Division.Spacing(0.5 + r.nextDouble()),
                new Division.Number(1 + r.nextInt(3)));
            List<Body> all = bodies(List.of(w, o));
            assertThat(all).hasSize(3);
            GlazedBody b = new GlazedBody(o, (Opening.Filling.Glazed) o.filling(), w, Tolerances.BUILDING);
            double posts = b.posts().stream().mapToDouble(p -> b.ground(p, true).area() * (p.top() - p.bottom())).sum();
            double panes = b.panes().stream().mapToDouble(p -> b.ground(p, false).area() * (p.top() - p.bottom())).sum();
            assertThat(Bodies.volume(all.get(1))).as("seed " + seed).isCloseTo(posts, within(1e-3));
            assertThat(Bodies.volume(all.get(2))).as("seed " + seed).isCloseTo(panes, within(1e-3));
            double whole = Bodies.volume(bodies(List.of(w)).getFirst());
            assertThat(whole - Bodies.volume(all.get(0))).as("the hole").isCloseTo(3.5 * 2.4 * 0.3, within(0.12));
        });
    }

    @Test void aWallThatIsAllGlassHasNoBodyLeft() {
        Wall w = Walls.read("a 0 0 -> 6 0 thick 0.3").getFirst();
        Opening o = new Opening(new ElementId("g"), w.id(), 3, Given.stated(6.0), Given.stated(0.0), Given.stated(3.0),
            new Opening.Filling.Glazed(new Division.Number(5), new Division.Number(1), 0.06, true), Provenance.BY_HAND);
        List<Body> all = bodies(List.of(w, o));
        assertThat(Bodies.volume(all.getFirst())).isCloseTo(0, within(1e-6));
        assertThat(all.get(1).triangles()).isNotEmpty();
    }

    @Test void linesInPlanAreThereForEachStep() {
        Stair s = new Stair(new ElementId("s"), List.of(Piece.straight(Point.ORIGIN, new Point(4, 0))), Given.stated(1.0), Given.stated(17),
            Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
        assertThat(PlanLines.steps(s)).hasSize(16);
        assertThat(PlanLines.walk(s).getFirst()).containsExactly(Point.ORIGIN, new Point(4, 0));
        assertThat(PlanLines.walk(s).get(1).get(1)).as("the arrow points up at the end").isEqualTo(new Point(4, 0));
        assertThat(new Contents(List.of(s)).stairs()).containsExactly(s);
    }
}
