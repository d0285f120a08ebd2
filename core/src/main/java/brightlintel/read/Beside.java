package brightlintel.read;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Finds the files that a drawing refers to. */
public interface Beside {
    /** Nothing is read along. */
    Beside NOTHING = _ -> new Found(null, false);

    /** @param outside it is there, but outside the drawing's folder, and so is not touched */
    record Found(Path file, boolean outside) { }

    Found find(String path);

    /** Files that were kept when the drawing was received. */
    static Beside kept(Map<String, Path> files) {
        return path -> new Found(files.get(path), false);
    }

    /**
     * Files in the folder of a drawing and below: where the path leads, else under its bare name. Links and ".." are followed first, and
     * what then lies outside is not touched.
     */
    static Beside of(Path drawing) {
        Path folder = drawing.toAbsolutePath().getParent();
        return path -> search(folder, path.replace('\\', '/'));
    }

    private static Found search(Path folder, String path) {
        boolean outside = false;
        for (String candidate : List.of(path, path.substring(path.lastIndexOf('/') + 1))) {
            if (candidate.isBlank()) continue;
            try {
                Path file = folder.resolve(candidate);
                if (!Files.isRegularFile(file)) continue;
                Path real = file.toRealPath();
                if (real.startsWith(folder.toRealPath())) return new Found(real, false);
                outside = true;
            } catch (InvalidPathException | IOException e) {
                // a path of another system is no path here: its bare name is tried
            }
        }
        return new Found(null, outside);
    }
}
