package brightlintel.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import brightlintel.building.KindId;
import brightlintel.building.WallKind;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Kinds of walls of an office as a file: JSON, {@code format} 1, {@code wallKinds} as in a project. */
public final class KindProfiles {
    private static final int FORMAT = 1;
    private static final long MOST_BYTES = 10_000_000;

    private KindProfiles() { }

    public static void write(Path file, List<WallKind> kinds) throws IOException {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("format", FORMAT);
        all.put("wallKinds", kinds);
        byte[] json = ProjectJson.MAPPER.writeValueAsBytes(all);
        Replacing.write(file, out -> out.write(json));
    }

    /** With new ids; a kind that cannot be read is passed over. @throws IOException that says where, if it is no such file */
    public static List<WallKind> read(Path file) throws IOException {
        if (Files.size(file) > MOST_BYTES) throw new IOException(file.getFileName() + " holds no kinds of walls: it is too large");
        List<WallKind> out = new ArrayList<>();
        try {
            JsonNode n = ProjectJson.MAPPER.readTree(Files.readAllBytes(file));
            if (!n.path("format").isNumber() || !n.path("wallKinds").isArray())
                throw new IOException(file.getFileName() + " holds no kinds of walls: it has no \"format\" or no \"wallKinds\"");
            if (n.path("format").asInt() > FORMAT) throw new IOException(file.getFileName() + " was written by a later version");
            for (JsonNode k : n.path("wallKinds")) one(k, out);
        } catch (JacksonException e) {
            throw new IOException(file.getFileName() + " holds no kinds of walls: " + e.getOriginalMessage(), e);
        }
        return out;
    }

    private static void one(JsonNode k, List<WallKind> to) {
        try {
            WallKind x = ProjectJson.MAPPER.treeToValue(k, WallKind.class);
            to.add(new WallKind(KindId.fresh(), x.name(), x.thickness(), x.outer(), x.colour(), x.layers()));
        } catch (JacksonException | IllegalArgumentException bad) {
            // what is whole is read
        }
    }
}
