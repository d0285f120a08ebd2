package brightlintel.write.ifc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Footprints;
import brightlintel.notation.Walls;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Facets of round walls and the planes that openings cut them with. */
class IfcVoidsTest {
    private static Wall wall(String bulge) {
        return Walls.read("11111111-1111-4111-8111-111111111111 0 0 -> 5.3 0 thick 0.255" + bulge).getFirst();
    }

    /** A jamb a hair beside a corner of a facet leaves a sliver, which readers that subtract the hole leave open. */
    @Test void noCornerOfARoundWallLiesCloseToAJamb() {
        Wall w = wall(" bulge 0.36");
        List<Ring> body = Footprints.of(List.of(w), Tolerances.BUILDING).of(w.id());
        Random r = new Random(7);
        for (int i = 0; i < 200; i++) {
            List<Point> corners = body.getFirst().corners();
            double at = w.reference().unroll(corners.get(r.nextInt(corners.size()))).x() + (r.nextDouble() - 0.5) * 4e-3;
            if (at < 0.3 || at > w.length() - 0.3) continue;
            List<Ring> off = new IfcVoids(w, body, Tolerances.BUILDING).offJambs(body, new double[] {at});
            assertThat(off.getFirst().corners()).hasSameSizeAs(corners)
                .allSatisfy(c -> assertThat(Math.abs(w.reference().unroll(c).x() - at)).isGreaterThan(9e-3));
            assertThat(off.getFirst().area()).isCloseTo(body.getFirst().area(), within(5e-4));
        }
    }

    @Test void endsAndStraightWallsStayAsTheyAre() {
        for (String bulge : List.of("", " bulge 0.36")) {
            Wall w = wall(bulge);
            List<Ring> body = Footprints.of(List.of(w), Tolerances.BUILDING).of(w.id());
            assertThat(new IfcVoids(w, body, Tolerances.BUILDING).offJambs(body, new double[] {0.002, w.length()})).isEqualTo(body);
        }
    }
}
