package brightlintel.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

import brightlintel.building.Contents;
import brightlintel.building.KindId;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Footprints;
import brightlintel.notation.Walls;

/** Lines between the layers of a wall, as far as its ground goes. */
class LayersInPlanTest {
    private static final WallKind KIND = new WallKind(new KindId("k"), "outer", 0.4, true, -1, List.of(new WallKind.Layer("plaster", 0.05),
        new WallKind.Layer("brick", 0.25), new WallKind.Layer("wool", 0.1)));

    private static List<List<Point>> lines(String walls, int which) {
        Contents c = new Contents(Walls.read(walls));
        Wall w = c.walls().get(which);
        return PlanLines.layers(w, KIND, Footprints.of(c, Tolerances.BUILDING).of(w.id()));
    }

    @Test void aFreeWallHasThemFromEndToEnd() {
        List<List<Point>> l = lines("a 0 0 -> 5 0 thick 0.4", 0);
        assertThat(l).hasSize(2);
        assertThat(l.getFirst().getFirst().distance(new Point(0, 0.15))).isLessThan(1e-9);
        assertThat(l.getFirst().getLast().distance(new Point(5, 0.15))).isLessThan(1e-9);
        assertThat(l.getLast().getLast().y()).isCloseTo(-0.1, within(1e-9));
    }

    /** Round a corner those of both walls meet, as their mitres do. */
    @Test void atACornerTheyMeet() {
        String corner = "a 0 0 -> 5 0 thick 0.4\nb 5 0 -> 5 4 thick 0.4";
        List<List<Point>> a = lines(corner, 0), b = lines(corner, 1);
        for (int i = 0; i < 2; i++) {
            Point end = a.get(i).getLast(), begin = b.get(i).getFirst();
            assertThat(end.distance(begin)).as("layer " + i + ": " + end + " " + begin).isLessThan(1e-6);
        }
    }

    @Test void roundOnesFollowTheirArc() {
        Wall round = Walls.read("a 0 0 -> 4 0 thick 0.4").getFirst();
        round = round.with(new Piece(new Point(0, 0), new Point(4, 0), 0.5));
        Contents c = new Contents(List.of(round));
        List<Ring> ground = Footprints.of(c, Tolerances.BUILDING).of(round.id());
        List<List<Point>> l = PlanLines.layers(round, KIND, ground);
        double radius = round.reference().radius();
        Point centre = round.reference().centre();
        assertThat(l).isNotEmpty().allSatisfy(s -> {
            double off = Math.abs(s.getFirst().distance(centre) - radius);
            assertThat(Math.min(Math.abs(off - 0.15), Math.abs(off - 0.1))).isLessThan(1e-6);
        });
        assertThat(l).as("each in one piece").hasSize(2);
    }

    @Test void oneLayerHasNone() {
        WallKind plain = KIND.withLayers(List.of(new WallKind.Layer("brick", 0.4)));
        Wall w = Walls.read("a 0 0 -> 5 0 thick 0.4").getFirst();
        assertThat(PlanLines.layers(w, plain, List.of())).isEmpty();
        assertThat(PlanLines.layers(w, KIND.withLayers(List.of()), List.of())).isEmpty();
    }
}
