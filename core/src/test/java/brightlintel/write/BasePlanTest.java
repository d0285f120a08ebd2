package brightlintel.write;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.demo.HeronQuayProject;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.read.DrawingReader;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import brightlintel.write.dxf.BasePlan;
import brightlintel.write.dxf.DxfWriter;
import java.io.ByteArrayOutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BasePlanTest {
    @TempDir Path folder;

    /** The drawing was turned and 212 km away; its base plan is upright at the datum, in the unit that its header states. */
    @Test void theBasePlanIsUprightAtItsDatumAndHoldsTheModel() throws Exception {
        DrawingShelf shelf = new DrawingShelf(new Originals(folder.resolve("o")));
        Project p = HeronQuayProject.build(shelf, Files.createDirectories(folder.resolve("in")));
        StoreyId g = p.storeys().getFirst().id();
        for (BasePlan.Unit unit : BasePlan.Unit.values()) {
            double k = unit == BasePlan.Unit.METRE ? 1 : 1000;
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            assertThat(DxfWriter.write(BasePlan.of(p, g, shelf.placed(p, g, Progress.NONE), unit), out)).isEmpty();
            RawDrawing d = DrawingReader.read(Files.write(folder.resolve("base.dxf"), out.toByteArray()), ReadLimits.DEFAULT,
                Progress.NONE);
            assertThat(d.header().whole("$INSUNITS")).contains(unit == BasePlan.Unit.METRE ? 6 : 4);
            List<Entity> e = d.space(new SpaceKey.Model()).orElseThrow().entities();
            assertThat(e.stream().filter(x -> x.style().layer().equals("MODEL-WALL"))).hasSize(8);
            assertThat(e.stream().filter(x -> x.style().layer().equals("XX-OLD-SURVEY"))).as("hidden layers stay behind").isEmpty();
            Entity.Line grid = (Entity.Line) e.stream().filter(x -> x.style().layer().equals("S-GRID") && x instanceof Entity.Line)
                .findFirst().orElseThrow();
            assertThat(grid.a().x()).isCloseTo(0, within(1e-4 * k));
            assertThat(grid.b().x()).isCloseTo(0, within(1e-4 * k));
            assertThat(Math.abs(grid.a().y() - grid.b().y())).isCloseTo(16.7 * k, within(1e-4 * k));
            Entity.Arc bay = (Entity.Arc) e.stream().filter(x -> x instanceof Entity.Arc a && a.radius() > 2.3 * k).findFirst()
                .orElseThrow();
            assertThat(bay.centre().x()).isCloseTo(24 * k, within(1e-3 * k));
        }
    }
}
