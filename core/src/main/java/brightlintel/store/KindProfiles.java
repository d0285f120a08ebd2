package brightlintel.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import brightlintel.building.KindId;
import brightlintel.building.OpeningKind;
import brightlintel.building.Project;
import brightlintel.building.WallKind;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Kinds of walls and openings of an office as a file: JSON, {@code format} 1, {@code wallKinds} and {@code openingKinds} as in a project.
 */
public final class KindProfiles {
    private static final int FORMAT = 1;
    private static final long MOST_BYTES = 10_000_000;

    private KindProfiles() { }

    /** What such a file holds. */
    public record Profile(List<WallKind> walls, List<OpeningKind> openings) {
        public Profile {
            walls = List.copyOf(walls);
            openings = List.copyOf(openings);
        }

        public static Profile of(Project p) {
            return new Profile(p.wallKinds(), p.openingKinds());
        }

        public int size() {
            return walls.size() + openings.size();
        }
    }

    public static void write(Path file, Profile kinds) throws IOException {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("format", FORMAT);
        all.put("wallKinds", kinds.walls);
        all.put("openingKinds", kinds.openings);
        byte[] json = ProjectJson.MAPPER.writeValueAsBytes(all);
        Replacing.write(file, out -> out.write(json));
    }

    /** With new ids; a kind that cannot be read is passed over. @throws IOException that says where, if it is no such file */
    public static Profile read(Path file) throws IOException {
        if (Files.size(file) > MOST_BYTES) throw new IOException(file.getFileName() + " holds no kinds: it is too large");
        List<WallKind> walls = new ArrayList<>();
        List<OpeningKind> openings = new ArrayList<>();
        try {
            JsonNode n = ProjectJson.MAPPER.readTree(Files.readAllBytes(file));
            if (!n.path("format").isNumber() || !n.path("wallKinds").isArray())
                throw new IOException(file.getFileName() + " holds no kinds: it has no \"format\" or no \"wallKinds\"");
            if (n.path("format").asInt() > FORMAT) throw new IOException(file.getFileName() + " was written by a later version");
            for (JsonNode k : n.path("wallKinds")) one(k, WallKind.class).ifPresent(x ->
                walls.add(new WallKind(KindId.fresh(), x.name(), x.thickness(), x.outer(), x.colour(), x.layers())));
            for (JsonNode k : n.path("openingKinds")) one(k, OpeningKind.class).ifPresent(x ->
                openings.add(new OpeningKind(KindId.fresh(), x.name(), x.filling(), x.width(), x.sill(), x.head())));
        } catch (JacksonException e) {
            throw new IOException(file.getFileName() + " holds no kinds: " + e.getOriginalMessage(), e);
        }
        return new Profile(walls, openings);
    }

    /** What is whole is read. */
    private static <K> Optional<K> one(JsonNode k, Class<K> type) {
        try {
            return Optional.ofNullable(ProjectJson.MAPPER.treeToValue(k, type));
        } catch (JacksonException | IllegalArgumentException bad) {
            return Optional.empty();
        }
    }
}
