package brightlintel.desktop.task;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks for files. The one thing that a test of the window replaces. */
public interface Asks {
    List<Path> open();

    /** @param ending like "lintel", without the point; the answer ends in it */
    Optional<Path> save(String suggested, String ending);
}
