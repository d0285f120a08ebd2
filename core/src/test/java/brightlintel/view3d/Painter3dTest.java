package brightlintel.view3d;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Project;
import brightlintel.geom.Tolerances;
import brightlintel.geom.Vec3;
import brightlintel.notation.Walls;
import brightlintel.paint.Palette;
import brightlintel.paint.Raster;
import brightlintel.solid.Body;
import brightlintel.solid.Solids;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class Painter3dTest {
    private static List<Body> bodies(String walls) {
        Project p = Project.empty("Hut", "Ground");
        p = p.withContents(p.storeys().getFirst().id(), _ -> new Contents(Walls.read(walls)));
        return Solids.of(p, p.storeys().getFirst().id(), Tolerances.BUILDING);
    }

    private static final Palette P = Palette.LIGHT;

    private static Raster painted(Painter3d painter, List<Body> bodies, Camera c, int w, int h) {
        Raster r = new Raster(w, h);
        painter.paint(bodies, c, new Painter3d.Look(P, Set.of()), r);
        return r;
    }

    /**
     * Two walls behind one another, seen from in front: the nearer hides the farther, from both sides, in whichever order they are given.
     */
    @Test void whatIsNearerHidesWhatIsBehindIt() {
        List<Body> two = bodies("near 0 0 -> 4 0 thick 0.2\nfar 0 3 -> 4 3 thick 0.2\n");
        for (List<Body> order : List.of(two, two.reversed()))
            for (double yaw : new double[] {0, Math.PI}) {
                Painter3d painter = new Painter3d();
                painted(painter, order, new Camera(new Vec3(2, 1.5, 1.5), yaw, 0, 40), 320, 240);
                assertThat(painter.at(160, 120).id()).isEqualTo(new ElementId(yaw == 0 ? "near" : "far"));
            }
    }

    /** A wall that is seen through stays a veil over what is behind, and is picked where nothing solid is. */
    @Test void whatIsSolidIsSeenThroughVeils() {
        List<Body> two = new ArrayList<>(bodies("near 0 0 -> 4 0 thick 0.2\n"));
        Body far = bodies("far 1.5 3 -> 2.5 3 thick 0.2\n").getFirst();
        two.add(new Body(far.id(), far.storey(), Body.Matter.COLUMN, far.triangles(), far.edges()));
        Camera c = new Camera(new Vec3(2, 1.5, 1.5), 0, 0, 40);
        Painter3d painter = new Painter3d();
        Raster solid = painted(painter, two, c, 320, 240), through = new Raster(320, 240);
        painter.paint(two, c, new Painter3d.Look(P, Set.of(), List.of(), List.of(), true), through);
        assertThat(painter.at(160, 120).id()).isEqualTo(new ElementId("far"));
        assertThat(painter.at(100, 120).id()).isEqualTo(new ElementId("near"));
        assertThat(through.at(160, 120)).as("the column shows").isNotEqualTo(through.at(100, 120)).isNotEqualTo(solid.at(160, 120));
        assertThat(through.at(100, 120)).as("the wall is still there").isNotEqualTo(through.at(4, 4));
        painter.paint(two, c, new Painter3d.Look(P, Set.of(new ElementId("near")), List.of(), List.of(), true), through);
        assertThat(painter.at(160, 120).id()).as("what is chosen is solid").isEqualTo(new ElementId("near"));
    }

    @Test void besideTheBuildingThereIsNothing() {
        Painter3d painter = new Painter3d();
        Raster r = painted(painter, bodies("a 0 0 -> 4 0 thick 0.2\n"), new Camera(new Vec3(2, 0, 1.5), 0, 0, 20), 320, 240);
        assertThat(painter.at(2, 2)).isNull();
        assertThat(r.at(2, 2)).isEqualTo(r.at(317, 2));
        assertThat(painter.at(-1, 5)).isNull();
        assertThat(painter.at(5, 1000)).isNull();
    }

    @Test void nothingToPaintIsAnEmptyPicture() {
        Painter3d painter = new Painter3d();
        Raster r = painted(painter, List.of(), Camera.usual(Vec3.ZERO, 30), 64, 48);
        assertThat(Arrays.stream(r.pixels).distinct().count()).isEqualTo(1);
    }

    /** Law: a fitted view shows every corner inside the picture, from every side. */
    @Test void aFittedViewShowsAllCorners() {
        Random r = new Random(81);
        for (int i = 0; i < 200; i++) {
            List<Vec3> points = new ArrayList<>();
            for (int k = 0; k < 20; k++) points.add(new Vec3(r.nextGaussian() * 30, r.nextGaussian() * 5, r.nextDouble() * 9));
            Camera c = Camera.fit(new Camera(Vec3.ZERO, r.nextDouble() * 7, r.nextGaussian(), 1), points, 640, 480);
            for (Vec3 p : points) {
                Vec3 v = p.minus(c.target());
                assertThat(Math.abs(v.dot(c.right())) * c.pxPerMetre()).isLessThanOrEqualTo(320);
                assertThat(Math.abs(v.dot(c.up())) * c.pxPerMetre()).isLessThanOrEqualTo(240);
            }
        }
    }

    /** Law: the three directions of a view are square to one another and of length one; dragging there and back changes nothing. */
    @Test void aViewStaysSquareAndComesBack() {
        Random r = new Random(82);
        for (int i = 0; i < 500; i++) {
            Camera c = new Camera(new Vec3(1, 2, 3), r.nextDouble() * 7, r.nextDouble() - 0.5, 10 + r.nextDouble() * 90);
            assertThat(c.right().dot(c.up())).isCloseTo(0, within(1e-12));
            assertThat(c.right().dot(c.forward())).isCloseTo(0, within(1e-12));
            assertThat(c.up().length()).isCloseTo(1, within(1e-12));
            Camera back = c.panned(30, -20).panned(-30, 20).orbited(5, 9).orbited(-5, -9).zoomed(1.25).zoomed(0.8);
            assertThat(back.target().minus(c.target()).length()).isLessThan(1e-9);
            assertThat(back.yaw()).isCloseTo(c.yaw(), within(1e-12));
            assertThat(back.pxPerMetre()).isCloseTo(c.pxPerMetre(), within(1e-9));
        }
    }

    @Test void oneCannotLookFromBelowTheOtherWayRound() {
        assertThat(new Camera(Vec3.ZERO, 0, 5, 1).pitch()).isEqualTo(Math.PI / 2);
        assertThat(Camera.usual(Vec3.ZERO, 1).orbited(0, 100_000).pitch()).isEqualTo(Math.PI / 2);
        assertThat(new Camera(Vec3.ZERO, 0, 0, 0).pxPerMetre()).isPositive();
    }

    @Test void whatIsSelectedIsPaintedInItsOwnColour() {
        List<Body> one = bodies("a 0 0 -> 4 0 thick 0.2\n");
        Camera c = new Camera(new Vec3(2, 0, 1.5), 0, 0, 40);
        Raster plain = painted(new Painter3d(), one, c, 320, 240), lit = new Raster(320, 240);
        new Painter3d().paint(one, c, new Painter3d.Look(P, Set.of(one.getFirst().id())), lit);
        assertThat(lit.at(160, 120)).isNotEqualTo(plain.at(160, 120));
        assertThat(lit.at(2, 2)).isEqualTo(plain.at(2, 2));
    }
}
