package brightlintel.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Heights;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.building.Side;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.Top;
import brightlintel.building.TopLine;
import brightlintel.building.Wall;
import brightlintel.edit.Corners;
import brightlintel.edit.Roofs;
import brightlintel.edit.Tracing;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.notation.Seeds;

class RoofsTest {
    private static final double EAVES = 3;

    private static Ring box(double w, double d) {
        return new Ring(List.of(Point.ORIGIN, new Point(w, 0), new Point(w, d), new Point(0, d)));
    }

    private static Roof roof(Ring r, double overhang, Roof.Edge... edges) {
        return new Roof(new ElementId("r"), r, new Roof.Cover.Pitched(List.of(edges)), Given.stated(overhang), Given.stated(0.3),
            new Stand.OnFloor(EAVES), Provenance.BY_HAND);
    }

    private static Roof.Edge slope(double degrees) {
        return new Roof.Edge.Slope(Math.toRadians(degrees));
    }

    /** Law: the underside lies where it was said to, and only the slope over the place has changed. */
    @Test void aSideGoesThroughALevelAtAPlace() {
        Seeds.each(60, seed -> {
            Random r = new Random(seed);
            double w = 6 + 6 * r.nextDouble(), d = 6 + 6 * r.nextDouble();
            Ring ring = r.nextBoolean() ? box(w, d) : box(w, d).reversed();
            Roof roof = roof(ring, 0.6 * r.nextDouble(), slope(35), slope(40), slope(35), slope(30));
            Point at = new Point(w * (0.2 + 0.6 * r.nextDouble()), d * (0.2 + 0.6 * r.nextDouble()));
            int side = Roofs.sideOver(roof, at).orElseThrow();
            double height = (0.6 + 0.3 * r.nextDouble()) * RoofForm.of(roof).orElseThrow().under(at).orElseThrow();
            Roof now = Roofs.through(roof, at, height).orElseThrow();
            assertThat(RoofForm.of(now).orElseThrow().under(at).orElseThrow()).isCloseTo(height, within(1e-6));
            for (int i = 0; i < 4; i++) if (i != side) assertThat(now.edges().get(i)).isEqualTo(roof.edges().get(i));
        });
        Roof one = roof(box(8, 6), 0.4, slope(35), new Roof.Edge.Gable(), slope(35), new Roof.Edge.Gable());
        assertThat(Roofs.through(one, new Point(4, -0.2), 1)).as("beyond its eaves").isEmpty();
        assertThat(Roofs.through(one, new Point(20, 2), 1)).as("beside it").isEmpty();
        assertThat(Roofs.through(one, new Point(4, 2), -1)).as("below its eaves").isEmpty();
    }

    @Test void aGabledRoofRisesToItsRidge() {
        RoofForm f = RoofForm.of(roof(box(10, 6), 0, slope(45), new Roof.Edge.Gable(), slope(45), new Roof.Edge.Gable())).orElseThrow();
        assertThat(f.ridge()).isCloseTo(3, within(1e-9));
        assertThat(f.under(new Point(5, 3))).hasValueSatisfying(z -> assertThat(z).isCloseTo(3, within(1e-6)));
        assertThat(f.under(new Point(5, 1))).hasValueSatisfying(z -> assertThat(z).isCloseTo(1, within(1e-6)));
        assertThat(f.under(new Point(5, -1))).isEmpty();
        assertThat(f.area()).isCloseTo(60 * Math.sqrt(2), within(1e-6));
    }

    @Test void eavesHangDownByTheOverhang() {
        RoofForm f = RoofForm.of(roof(box(10, 6), 0.5, slope(45), new Roof.Edge.Gable(), slope(45), new Roof.Edge.Gable())).orElseThrow();
        assertThat(f.eaves()).isCloseTo(-0.5, within(1e-9));
        assertThat(f.edge().box().width()).isCloseTo(11, within(1e-9));
        assertThat(f.edge().box().height()).isCloseTo(7, within(1e-9));
        // at the wall's outer face the underside is at the eaves' stand
        assertThat(f.under(new Point(5, 0))).hasValueSatisfying(z -> assertThat(z).isCloseTo(0, within(1e-6)));
    }

    @Test void eavesOfSeveralPitchesLieLevel() {
        RoofForm f = RoofForm.of(roof(box(10, 6), 0.6, slope(30), new Roof.Edge.Gable(), slope(60), new Roof.Edge.Gable())).orElseThrow();
        List<Double> low = f.faces().stream().map(x -> x.plan().corners().stream().mapToDouble(x::at).min().orElseThrow()).toList();
        assertThat(low.get(0)).isCloseTo(low.get(1), within(1e-9));
    }

    @Test void slopesThatNeverMeetHaveNoForm() {
        assertThat(RoofForm.of(roof(box(10, 6), 0, new Roof.Edge.Gable(), new Roof.Edge.Gable(), new Roof.Edge.Gable(), new Roof.Edge.Gable())))
            .isEmpty();
    }

    @Test void theRidgeCanBeSaid() {
        Roof r = Roofs.ridgeAt(roof(box(10, 6), 0, slope(45), new Roof.Edge.Gable(), slope(45), new Roof.Edge.Gable()), 1.5);
        assertThat(RoofForm.of(r).orElseThrow().ridge()).isCloseTo(1.5, within(1e-9));
        assertThat(Math.tan(Roofs.pitch(r))).isCloseTo(0.5, within(1e-9));
    }

    @Test void aCornerPutInAndTakenOutLeavesTheRoof() {
        Storey st = Storey.ground("Ground");
        Roof r = roof(box(10, 6), 0, slope(45), new Roof.Edge.Gable(), slope(40), new Roof.Edge.Gable());
        Project p = Project.of("p", "P", List.of(st)).withContents(st.id(), c -> c.plus(List.of(r)));
        Project in = Corners.in(st.id(), r.id(), new Point(4, 6.1)).apply(p);
        Roof more = in.on(st.id()).roofs().getFirst();
        assertThat(more.outline().size()).isEqualTo(5);
        assertThat(more.edges().get(2)).isEqualTo(more.edges().get(3)).isEqualTo(slope(40));
        Project out = Corners.out(st.id(), r.id(), new Point(4, 6)).apply(in);
        assertThat(out.on(st.id()).roofs().getFirst()).isEqualTo(r);
    }

    /** Law: bodies are closed, of the volume that is said, wherever they lie; wings, gables and round sides. */
    @Test void roofsAreClosed() {
        Seeds.each(80, seed -> {
            Random r = new Random(seed);
            double w = 8 + 6 * r.nextDouble(), d = 6 + 4 * r.nextDouble(), x = 2 + 3 * r.nextDouble(), y = 2 + 5 * r.nextDouble();
            Ring ring = r.nextInt(3) == 0 ? box(w, d) : new Ring(List.of(Point.ORIGIN, new Point(w, 0), new Point(w, d), new Point(w - x, d),
                new Point(w - x, d + y), new Point(0, d + y)));
            if (r.nextInt(4) == 0) ring = new Ring(List.of(Point.ORIGIN, new Point(w, 0), new Point(w, d), new Point(0, d)), List.of(0.0, 0.2, 0.0,
                0.0));
            List<Roof.Edge> edges = new ArrayList<>();
            double pitch = 20 + 30 * r.nextDouble();
            for (int i = 0; i < ring.size(); i++) edges.add(slope(pitch));
            if (ring.size() == 4 && ring.isStraight() && r.nextBoolean()) edges.set(1, new Roof.Edge.Gable());
            Ring placed = ring.mapped(Affine.turn(r.nextDouble() * 6).then(Affine.move(new Point(20 * r.nextDouble(), 5))));
            Roof roof = roof(placed, r.nextDouble() * 0.8, edges.toArray(Roof.Edge[]::new));
            RoofForm f = RoofForm.of(roof).orElseThrow(() -> new AssertionError("seed " + seed));
            Body b = RoofBody.of(roof, f, Storey.ground("g").id(), EAVES);
            assertThat(Bodies.volume(b)).as("seed " + seed).isCloseTo(RoofBody.volume(roof, f), within(1e-3 * RoofBody.volume(roof, f)));
            double plan = f.faces().stream().mapToDouble(x2 -> x2.plan().area()).sum();
            assertThat(plan).isCloseTo(f.edge().area(), within(1e-4 * plan));
            // turned about, the same
            RoofForm back = RoofForm.of(roof.with(placed.reversed(), new Roof.Cover.Pitched(reversed(edges)))).orElseThrow();
            assertThat(back.ridge()).isCloseTo(f.ridge(), within(1e-6));
        });
    }

    private static List<Roof.Edge> reversed(List<Roof.Edge> e) {
        List<Roof.Edge> out = new ArrayList<>();
        for (int i = 0; i < e.size(); i++) out.add(e.get(Math.floorMod(e.size() - 2 - i, e.size())));
        return out;
    }

    @Test void aFlatRoofHasItsParapet() {
        Roof r = new Roof(new ElementId("r"), box(10, 6), new Roof.Cover.Flat(0.4, 0.25), Given.stated(0.0), Given.stated(0.3),
            new Stand.OnFloor(EAVES), Provenance.BY_HAND);
        RoofForm f = RoofForm.of(r).orElseThrow();
        assertThat(RoofBody.volume(r, f)).isCloseTo(60 * 0.3 + (60 - 9.5 * 5.5) * 0.4, within(1e-9));
        assertThat(Bodies.volume(RoofBody.of(r, f, Storey.ground("g").id(), EAVES))).isCloseTo(RoofBody.volume(r, f), within(1e-3));
    }

    /** A gable wall goes up to the ridge, an eaves wall to the eaves; none reaches into the roof. */
    @Test void wallsEndUnderTheRoof() {
        Storey st = Storey.ground("Ground");
        Roof r = roof(box(10, 6), 0.5, slope(45), new Roof.Edge.Gable(), slope(45), new Roof.Edge.Gable());
        Wall gable = new Wall(new ElementId("g"), Piece.straight(new Point(10, 0), new Point(10, 6)), Side.RIGHT, Given.stated(0.3), Stand.FLOOR,
            new Top.UnderRoof(0), Provenance.BY_HAND);
        Wall eaves = new Wall(new ElementId("e"), Piece.straight(new Point(0, 0), new Point(10, 0)), Side.RIGHT, Given.stated(0.3), Stand.FLOOR,
            new Top.UnderRoof(0), Provenance.BY_HAND);
        Project p = Tracing.add("x", st.id(), List.of(r, gable, eaves)).apply(Project.of("p", "P", List.of(st)));
        Heights h = Heights.of(p, st.id());
        TopLine t = h.top(gable);
        assertThat(t.at(3)).isCloseTo(EAVES + 3, within(0.01));
        assertThat(t.at(1)).isCloseTo(EAVES + 1, within(0.01));
        assertThat(t.at(0)).isCloseTo(EAVES, within(0.01));
        assertThat(h.top(eaves).most()).isCloseTo(EAVES, within(0.01));
        RoofForm f = RoofForm.of(r).orElseThrow();
        for (double s = 0; s <= 6; s += 0.1) for (double off : new double[] {0.0, 0.3})
            assertThat(t.at(s)).isLessThanOrEqualTo(EAVES + f.under(gable.reference().at(s, off)).orElseThrow() + 0.002);
        // taken away, they end at the next storey
        Project without = Tracing.delete(List.of(r.id())).apply(p);
        assertThat(Heights.of(without, st.id()).top(gable).most()).isCloseTo(st.height().value(), within(1e-9));
        double v = Bodies.volume(Solids.of(p, st.id(), Tolerances.BUILDING).stream().filter(b -> b.id().equals(gable.id())).findFirst()
            .orElseThrow());
        assertThat(v).isCloseTo(0.3 * (6 * EAVES + 9), within(0.15));
    }
}
