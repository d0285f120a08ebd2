package brightlintel.building;

import java.nio.charset.StandardCharsets;
import java.util.UUID;

/** New ids, and ids that follow from others. */
public final class Ids {
    private Ids() { }

    public static String fresh() {
        return UUID.randomUUID().toString();
    }

    /** The same id each time for the same owner and role. */
    public static UUID derived(String owner, String role) {
        return UUID.nameUUIDFromBytes((owner + "/" + role).getBytes(StandardCharsets.UTF_8));
    }

    /** An id as 128 bits, whatever wrote it. */
    public static UUID uuid(String id) {
        try {
            return UUID.fromString(id);
        } catch (IllegalArgumentException e) {
            return UUID.nameUUIDFromBytes(id.getBytes(StandardCharsets.UTF_8));
        }
    }
}
