package brightlintel.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import brightlintel.building.Contents;
import brightlintel.building.Project;
import brightlintel.building.Room;
import brightlintel.building.StoreyId;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.SpaceKey;
import brightlintel.edit.Hosting;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosures;
import brightlintel.joint.Footprints;
import brightlintel.receive.DrawingShelf;
import brightlintel.solid.Body;
import brightlintel.solid.Solids;
import brightlintel.store.Opened;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import brightlintel.write.dxf.BasePlan;
import brightlintel.write.ifc.IfcWriter;

/** The demo as it is shown: one of each element, and all of it sound. */
class HeronQuayWholeTest {
    @TempDir Path folder;
    private DrawingShelf shelf;
    private Project p;
    private StoreyId ground, upper;

    @BeforeEach void make() throws IOException {
        shelf = new DrawingShelf(new Originals(folder.resolve("o")));
        p = HeronQuayWhole.build(shelf);
        ground = p.storeys().getFirst().id();
        upper = p.storeys().getLast().id();
    }

    @Test void itIsTheSameEachTime() throws IOException {
        assertThat(HeronQuayWhole.build(new DrawingShelf(new Originals(folder.resolve("p"))))).isEqualTo(p);
    }

    @Test void theGroundFloorIsWhole() {
        Contents c = p.on(ground);
        assertThat(c.walls()).hasSize(13).allMatch(w -> w.kind().isPresent());
        assertThat(c.openings()).hasSize(13);
        assertThat(Hosting.misfits(p, ground)).isEmpty();
        assertThat(c.columns()).hasSize(4);
        assertThat(c.stairs()).hasSize(1);
        assertThat(Footprints.of(c, Tolerances.BUILDING).freeEnds()).as("the corridor's wall ends at the stair").containsExactly(
            new Point(24, 5));
        Enclosures e = Enclosures.of(c, Tolerances.BUILDING);
        assertThat(c.rooms()).hasSize(7).allMatch(r -> e.of(r).isPresent());
        assertThat(c.rooms().stream().map(r -> e.of(r).orElseThrow()).distinct()).as("each its own").hasSize(7);
        double inside = c.rooms().stream().mapToDouble(r -> e.of(r).orElseThrow().area()).sum();
        double walls = Footprints.of(c, Tolerances.BUILDING).all().values().stream().flatMap(List::stream).mapToDouble(r -> r.area()).sum();
        double columns = c.columns().stream().mapToDouble(x -> x.section().area()).sum();
        // rooms, walls and columns are the outline, but for the chords of the bay
        assertThat(inside + walls + columns).isCloseTo(c.slabs().getFirst().area(), within(0.05));
        assertThat(c.rooms()).extracting(Room::zone).containsOnly("Boats", "Club");
    }

    @Test void theUpperIsLeftToTheUserButForItsOutlineSlabAndRoof() {
        Contents c = p.on(upper);
        assertThat(c.walls()).isEmpty();
        assertThat(c.outlines()).hasSize(1);
        assertThat(c.form(c.roofs().getFirst())).isPresent();
        List<Body> bodies = Solids.of(p, upper, Tolerances.BUILDING);
        assertThat(bodies).extracting(Body::matter).containsExactlyInAnyOrder(Body.Matter.SLAB, Body.Matter.ROOF);
    }

    @Test void itIsSavedAndOpenedAsItIs() throws IOException {
        Path f = folder.resolve("club.lintel");
        ProjectFile.save(p, shelf.originals(), f);
        Opened o = ProjectFile.open(f, new Originals(folder.resolve("q")), "Ground");
        assertThat(o.remarks()).isEmpty();
        assertThat(o.project()).isEqualTo(p);
    }

    @Test void itIsHandedOverWithoutARemark() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(IfcWriter.write(p, Tolerances.BUILDING, "club.ifc", Instant.EPOCH, out)).isEmpty();
        String ifc = out.toString(StandardCharsets.US_ASCII);
        for (String type : List.of("IFCSTAIR", "IFCROOF", "IFCCURTAINWALL", "IFCCOLUMN", "IFCSPACE", "IFCZONE", "IFCSPATIALZONE", "IFCWALLTYPE",
            "IFCMATERIALLAYERSET", "IFCRELSPACEBOUNDARY1STLEVEL", "IFCGRID"))
            assertThat(ifc).contains("=" + type + "(");
    }

    @Test void itsBasePlanHasALayerForEachKind() throws IOException {
        RawDrawing d = BasePlan.of(p, ground, shelf.placed(p, ground, Progress.NONE), BasePlan.Unit.METRE);
        assertThat(d.space(new SpaceKey.Model()).orElseThrow().entities().stream().map((Entity e) -> e.style().layer()).filter(l ->
            l.startsWith("MODEL-")).collect(Collectors.toSet())).contains("MODEL-WALL", "MODEL-OPENING", "MODEL-SLAB", "MODEL-STAIR",
            "MODEL-COLUMN", "MODEL-ROOM", "MODEL-OUTLINE", "MODEL-GRID");
        RawDrawing u = BasePlan.of(p, upper, shelf.placed(p, upper, Progress.NONE), BasePlan.Unit.METRE);
        assertThat(u.space(new SpaceKey.Model()).orElseThrow().entities().stream().map(e -> e.style().layer())).contains("MODEL-ROOF");
    }
}
