package brightlintel.desktop.task;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The files opened last, the newest first. Never worth an error: where it cannot be kept, it is empty. */
public final class Recent {
    private static final int KEPT = 10;
    private final Path list;

    public Recent(Path home) {
        list = home.resolve("recent.txt");
    }

    public List<Path> files() {
        try {
            return Files.readAllLines(list).stream().filter(l -> !l.isBlank()).map(Path::of).filter(Files::exists).limit(KEPT).toList();
        } catch (IOException | RuntimeException e) {
            return List.of();
        }
    }

    public void add(Path file) {
        List<Path> all = new ArrayList<>(files());
        Path p = file.toAbsolutePath().normalize();
        all.remove(p);
        all.addFirst(p);
        try {
            Files.createDirectories(list.getParent());
            Files.write(list, all.stream().limit(KEPT).map(Path::toString).toList());
        } catch (IOException e) {
            // a recent list that cannot be written is missed by nobody's work
        }
    }
}
