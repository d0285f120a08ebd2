package brightlintel.store;

import brightlintel.building.Role;
import brightlintel.role.RoleProfile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Roles of an office's layers and blocks as a file: JSON, {@code format} 1, {@code layers} and {@code blocks} from name to role. */
public final class RoleProfiles {
    private static final int FORMAT = 1;
    private static final long MOST_BYTES = 10_000_000;

    private RoleProfiles() { }

    public static void write(Path file, RoleProfile p) throws IOException {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("format", FORMAT);
        all.put("layers", words(p.layers()));
        all.put("blocks", words(p.blocks()));
        String text = JsonMapper.shared().writerWithDefaultPrettyPrinter().writeValueAsString(all);
        Replacing.write(file, out -> out.write(text.getBytes(StandardCharsets.UTF_8)));
    }

    private static Map<String, String> words(Map<String, Role> roles) {
        Map<String, String> out = new TreeMap<>();
        roles.forEach((name, r) -> out.put(name, r.name()));
        return out;
    }

    /** Roles that this program does not know are passed over. @throws IOException that says where, if it is no such file */
    public static RoleProfile read(Path file) throws IOException {
        if (Files.size(file) > MOST_BYTES) throw new IOException(file.getFileName() + " is no profile of roles: it is too large");
        JsonNode n;
        try {
            n = JsonMapper.shared().readTree(Files.readString(file, StandardCharsets.UTF_8));
        } catch (JacksonException e) {
            throw new IOException(file.getFileName() + " is no profile of roles: " + e.getOriginalMessage(), e);
        }
        if (!n.path("format").isNumber() || !n.path("layers").isObject())
            throw new IOException(file.getFileName() + " is no profile of roles: it has no \"format\" or no \"layers\"");
        if (n.path("format").asInt() > FORMAT) throw new IOException(file.getFileName() + " was written by a later version");
        return new RoleProfile(roles(n.path("layers")), roles(n.path("blocks")));
    }

    private static Map<String, Role> roles(JsonNode n) {
        Map<String, Role> out = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> e : n.properties()) {
            Optional<Role> r = Arrays.stream(Role.values()).filter(x -> x.name().equals(e.getValue().asString(""))).findFirst();
            r.ifPresent(x -> out.put(e.getKey(), x));
        }
        return out;
    }
}
