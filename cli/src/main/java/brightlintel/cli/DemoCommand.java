package brightlintel.cli;

import brightlintel.building.Project;
import brightlintel.demo.HeronQuayProject;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

@Command(name = "write-demo", description = "Writes the demo's drawings and its project into a folder.", mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FOLDER") private Path folder;

    @Override public Integer call() throws Exception {
        Files.createDirectories(folder);
        DrawingShelf shelf = new DrawingShelf(Originals.temporary());
        Project p = HeronQuayProject.build(shelf, folder);
        ProjectFile.save(p, shelf.originals(), folder.resolve("heron-quay.lintel"));
        Files.deleteIfExists(ProjectFile.lastGood(folder.resolve("heron-quay.lintel")));
        return Main.DONE;
    }
}
