package brightlintel.desktop;

import brightlintel.building.Project;
import brightlintel.demo.HeronQuayProject;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;

/** The demo's ground floor opened from its file, in Trace. */
abstract class DemoRobot extends WindowRobot {
    protected void toTrace() throws Exception {
        Originals o = new Originals(folder.resolve("made"));
        Project p = HeronQuayProject.build(new DrawingShelf(o), Files.createDirectories(folder.resolve("in")));
        Path f = folder.resolve("club.lintel");
        ProjectFile.save(p, o, f);
        toOpen.add(f);
        keys(KeyCode.CONTROL, KeyCode.O);
        until("it is open", () -> w.busy().isEmpty() && !w.contents().walls().isEmpty());
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        until("its drawing is read", () -> w.drawing().isPresent());
        rest();
    }
}
