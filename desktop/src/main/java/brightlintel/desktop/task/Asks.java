package brightlintel.desktop.task;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks for files. The one thing that a test of the window replaces. */
public interface Asks {
    List<Path> open();

    /** @param ending like "lintel", without the point; the answer ends in it */
    Optional<Target> save(String suggested, String ending);

    /** Where to write. @param agreed whether the user was asked about a file that lies there already */
    record Target(Path file, boolean agreed) { }
}
