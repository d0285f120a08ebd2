package brightlintel.receive;

import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Whether a drawing is to be looked at before it is taken: where it is more than one plan, or has more layers than one sees at once. */
public final class Choosing {
    /** So many rows of layers are in sight at once in a window of 800 pixels. */
    private static final int LAYERS_AT_ONCE = 24;

    private Choosing() { }

    public static boolean isWanted(DrawingShelf.Shelved s) {
        if (s.drawing().format().isPaged()) return false;
        long layers = Arrays.stream(s.strokes().countByLayer()).filter(n -> n > 0).count();
        return parts(s.drawing()).size() > 1 || layers > LAYERS_AT_ONCE;
    }

    /**
     * Its model, and its sheets on which more is drawn than windows into the model. The model comes first, and is there if nothing else is.
     */
    public static List<SpaceKey> parts(RawDrawing d) {
        List<SpaceKey> out = new ArrayList<>();
        for (Space s : d.spaces()) {
            boolean drawn = s.drawn() > 0;
            if (s.key() instanceof SpaceKey.Model && drawn) out.addFirst(s.key());
            else if (drawn) out.add(s.key());
        }
        if (out.isEmpty()) out.add(new SpaceKey.Model());
        return out;
    }
}
