package brightlintel.drawing;

import java.util.List;
import java.util.Map;

/**
 * What was read along with a drawing, by the path that the drawing gives.
 *
 * @param files all of them, those that the drawings among them refer to included
 */
public record Companions(Map<String, RawDrawing> drawings, Map<String, Pixels> pictures, List<External> files) {
    public static final Companions NONE = new Companions(Map.of(), Map.of(), List.of());

    public Companions {
        drawings = Map.copyOf(drawings);
        pictures = Map.copyOf(pictures);
        files = List.copyOf(files);
    }
}
