package brightlintel.building;

import brightlintel.drawing.External;
import java.util.List;

/** One file and all its revisions, the newest last. */
public record Source(FileId id, String name, Custody custody, List<Version> versions) {
    public Source {
        versions = List.copyOf(versions);
        if (versions.isEmpty()) throw new IllegalArgumentException("source " + name + " without a version");
    }

    public Version newest() {
        return versions.getLast();
    }

    /** The bytes lie in the project file under their hash, and so do those of the files read along. */
    public record Version(String sha256, long bytes, String received, List<External> externals) {
        public Version {
            externals = List.copyOf(externals);
        }
    }
}
