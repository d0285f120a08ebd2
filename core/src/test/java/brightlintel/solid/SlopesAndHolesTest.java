package brightlintel.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Heights;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.building.StoreyElement;
import brightlintel.building.Top;
import brightlintel.building.TopLine;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Footprints;
import brightlintel.notation.Seeds;
import brightlintel.notation.Walls;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Bodies are closed whatever their tops and holes are. */
class SlopesAndHolesTest {
    private static final Tolerances TOL = Tolerances.BUILDING;

    private static Opening window(String wall, double along, double width, double sill, double head) {
        return new Opening(ElementId.fresh(), new ElementId(wall), along, Given.stated(width), Given.stated(sill), Given.stated(head),
            new Opening.Filling.Empty(), Provenance.BY_HAND);
    }

    private static Project with(List<? extends StoreyElement> all) {
        Project p = Project.empty("P", "G");
        return p.withContents(p.storeys().getFirst().id(), c -> c.plus(all));
    }

    private static Body body(Project p, String id) {
        return Solids.of(p, p.storeys().getFirst().id(), TOL).stream().filter(b -> b.id().value().equals(id)).findFirst().orElseThrow();
    }

    /** Law: the mesh of a sloped wall, its openings cut out, has the volume that is told of it; so it is closed and faces outwards. */
    @Test void aSlopedWallWithOpeningsIsClosed() {
        Seeds.each(30, seed -> {
            Random r = new Random(seed);
            double length = 4 + r.nextDouble() * 6, a = 2 + 2 * r.nextDouble(), b = 2 + 2 * r.nextDouble();
            Wall w = Walls.read("w 0 0 -> " + length + " 0 thick 0.3" + (r.nextInt(3) == 0 ? " bulge 0.2" : "")).getFirst()
                .withTop(new Top.Sloped(Given.stated(a), Given.stated(b)));
            List<StoreyElement> all = new ArrayList<>(List.of(w));
            if (r.nextBoolean()) all.add(window("w", 1.2, 0.8, 0, 1.9));
            if (r.nextBoolean()) all.add(window("w", 2.8, 1, 0.8, 1.7));
            Project p = with(all);
            Contents c = p.on(p.storeys().getFirst().id());
            TopLine top = Heights.of(p, p.storeys().getFirst().id()).top(w);
            double told = Solids.volume(w, Footprints.of(c.walls(), TOL).of(w.id()), c.openings(), top);
            assertThat(Bodies.volume(body(p, "w"))).isCloseTo(told, within(told * (w.reference().isStraight() ? 1e-4 : 5e-3)));
            double openings = c.openings().stream().mapToDouble(o -> o.width().value() * (o.head().value() - o.sill().value()) * 0.3).sum();
            if (w.reference().isStraight()) assertThat(told).isCloseTo(length * 0.3 * (a + b) / 2 - openings, within(1e-9));
        });
    }

    @Test void theTopOfASlopedWallIsWhereItsLineIs() {
        Wall w = Walls.read("w 0 0 -> 6 0 thick 0.2").getFirst().withTop(new Top.Sloped(Given.stated(2.0), Given.stated(5.0)));
        float[] t = body(with(List.of(w)), "w").triangles();
        for (int i = 0; i < t.length; i += 3) {
            double z = t[i + 2], line = 2 + 3 * t[i] / 6.0;
            assertThat(Math.abs(z) < 1e-5 || Math.abs(z - line) < 1e-5).as("%f at %f", z, t[i]).isTrue();
        }
    }

    /** An opening as high as the wall leaves two parts and nothing over it; one that is higher than a slope does so too. */
    @Test void anOpeningToTheTopLeavesNoLintel() {
        Wall w = Walls.read("w 0 0 -> 6 0 thick 0.2").getFirst();
        assertThat(Bodies.volume(body(with(List.of(w, window("w", 3, 1, 0, 3))), "w"))).isCloseTo(5 * 0.2 * 3, within(1e-4));
        Wall sloped = w.withTop(new Top.Sloped(Given.stated(2.0), Given.stated(4.0)));
        double over = Bodies.volume(body(with(List.of(sloped, window("w", 3, 1, 0, 9))), "w"));
        assertThat(over).isCloseTo(6 * 0.2 * 3 - 1 * 0.2 * 3, within(1e-4));
    }

    @Test void aSlabWithHolesAndArcsIsClosed() {
        Ring apse = new Ring(List.of(new Point(0, 0), new Point(8, 0), new Point(8, 4), new Point(0, 4)), List.of(0.0, 1.0, 0.0, 0.0));
        Ring round = new Ring(List.of(new Point(1, 2), new Point(3, 2)), List.of(1.0, 1.0)),
            square = new Ring(List.of(new Point(5, 1), new Point(6, 1), new Point(6, 2), new Point(5, 2)));
        Slab s = new Slab(new ElementId("s"), apse, List.of(round, square.reversed()), new Stand.OnFloor(-0.1), Given.stated(0.3),
            Optional.empty(), Provenance.BY_HAND);
        Body b = body(with(List.of(s)), "s");
        assertThat(Bodies.volume(b)).isCloseTo((32 + 2 * Math.PI - Math.PI - 1) * 0.3, within(5e-3));
        float low = Float.MAX_VALUE, high = -Float.MAX_VALUE;
        for (int i = 2; i < b.triangles().length; i += 3) {
            low = Math.min(low, b.triangles()[i]);
            high = Math.max(high, b.triangles()[i]);
        }
        assertThat(low).isCloseTo(-0.4f, within(1e-5f));
        assertThat(high).isCloseTo(-0.1f, within(1e-5f));
    }

    /** Law: every edge of a level wall's mesh that is no cut is passed as often one way as the other. */
    @Test void edgesOfTrianglesMeet() {
        Wall w = Walls.read("w 0 0 -> 6 0 thick 0.25").getFirst();
        float[] t = body(with(List.of(w)), "w").triangles();
        Map<String, Integer> passed = new HashMap<>();
        for (int i = 0; i < t.length; i += 9)
            for (int k = 0; k < 3; k++) {
                String a = t[i + 3 * k] + " " + t[i + 3 * k + 1] + " " + t[i + 3 * k + 2], b = t[i + 3 * ((k + 1) % 3)] + " "
                    + t[i + 3 * ((k + 1) % 3) + 1] + " " + t[i + 3 * ((k + 1) % 3) + 2];
                passed.merge(a + ">" + b, 1, Integer::sum);
                passed.merge(b + ">" + a, -1, Integer::sum);
            }
        assertThat(passed.values()).containsOnly(0);
    }
}
