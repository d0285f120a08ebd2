package brightlintel.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Contents;
import brightlintel.building.Heights;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.building.TopLine;
import brightlintel.building.Wall;
import brightlintel.demo.HeronQuay;
import brightlintel.edit.Tracing;
import brightlintel.geom.Tolerances;
import brightlintel.geom.Vec3;
import brightlintel.joint.Footprints;
import brightlintel.paint.Palette;
import brightlintel.paint.Raster;
import brightlintel.view3d.Camera;
import brightlintel.view3d.Painter3d;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SolidsTest {
    private static Project building() {
        HeronQuay.Plan plan = HeronQuay.ground();
        Project p = Project.empty("P", "Ground");
        StoreyId g = p.storeys().getFirst().id();
        p = Tracing.addWalls(g, plan.walls()).apply(p);
        for (Opening o : plan.openings()) p = Tracing.addOpening(g, o).apply(p);
        return p;
    }

    @Test void theMeshOfEachWallHasTheVolumeOfTheWall() {
        Project p = building();
        StoreyId g = p.storeys().getFirst().id();
        Contents c = p.on(g);
        Footprints f = Footprints.of(c.walls(), Tolerances.BUILDING);
        List<Body> bodies = Solids.of(p, g, Tolerances.BUILDING);
        for (Wall w : c.walls()) {
            double want = Solids.volume(w, f.of(w.id()), c.openingsIn(w.id()), Heights.of(p, g).top(w));
            Body b = bodies.stream().filter(x -> x.id().equals(w.id())).findFirst().orElseThrow();
            assertThat(Bodies.volume(b)).as(w.reference().toString()).isCloseTo(want, within(want * 1e-4));
        }
    }

    @Test void anOpeningTakesItsOwnVolumeOut() {
        Project p = building();
        StoreyId g = p.storeys().getFirst().id();
        Contents c = p.on(g);
        Wall south = c.walls().getFirst();
        Footprints f = Footprints.of(c.walls(), Tolerances.BUILDING);
        double whole = Solids.volume(south, f.of(south.id()), List.of(), TopLine.level(3)),
            cut = Solids.volume(south, f.of(south.id()), c.openingsIn(south.id()), TopLine.level(3));
        assertThat(whole - cut).isCloseTo(0.36 * (2 * 4 * 2.6 + 2 * 1.8 * 1.2), within(1e-9));
    }

    @Test void theWallInFrontIsPickedAndSeenThroughItsOpening() {
        Project p = building();
        StoreyId g = p.storeys().getFirst().id();
        List<Body> bodies = Solids.of(p, g, Tolerances.BUILDING);
        Raster r = new Raster(900, 650);
        Camera level = Camera.fit(new Camera(new Vec3(12, 0, 1.5), 0, 0, 30), Painter3d.corners(bodies), 900, 650);
        Painter3d painter = new Painter3d();
        painter.paint(bodies, level, new Painter3d.Look(Palette.LIGHT, Set.of()), r);
        double k = level.pxPerMetre();
        int y = (int) (325 - (1.3 - level.target().z()) * k);
        assertThat(painter.at((int) (450 + (7.5 - level.target().x()) * k), y).id()).isEqualTo(p.on(g).walls().getFirst().id());
        Body through = painter.at((int) (450 + (4 - level.target().x()) * k), y);
        assertThat(through.id()).as("north wall, through the gate").isEqualTo(p.on(g).walls().get(4).id());
        assertThat(painter.at(2, 2)).isNull();
    }
}
