package brightlintel.cli;

import brightlintel.building.Project;
import brightlintel.demo.HeronQuayProject;
import brightlintel.demo.HeronQuayWhole;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import java.nio.file.Files;
import java.nio.file.Path;

/** The demo as files, for whoever wants to try commands on it. */
final class DemoCommand implements Command {
    @Override public String name() {
        return "write-demo";
    }

    @Override public String purpose() {
        return "Writes the demo's drawings and its project into a folder.";
    }

    @Override public String takes() {
        return "FOLDER";
    }

    @Override public int run(Call call) throws Exception {
        Path folder = Path.of(call.only(takes()));
        Files.createDirectories(folder);
        DrawingShelf shelf = new DrawingShelf(Originals.temporary());
        Project p = HeronQuayWhole.of(HeronQuayProject.build(shelf, folder), shelf);
        ProjectFile.save(p, shelf.originals(), folder.resolve("heron-quay.lintel"));
        Files.deleteIfExists(ProjectFile.lastGood(folder.resolve("heron-quay.lintel")));
        return Main.DONE;
    }
}
