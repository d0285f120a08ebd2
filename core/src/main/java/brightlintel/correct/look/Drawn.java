package brightlintel.correct.look;

import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Paper;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;

/**
 * A drawing as evidence is sought in it: one space, flattened, what of it is shown, and the words of its file. Places are shifted file
 * units, as those of strokes.
 *
 * @param strokeShown by stroke
 * @param markShown   by {@link Strokes#mark(int)}
 */
public record Drawn(RawDrawing file, SpaceKey space, Strokes strokes, IntPredicate strokeShown, IntPredicate markShown) {
    /** As it arrives: without the layers that its file hides. */
    public static Drawn asReceived(RawDrawing file, SpaceKey space, Strokes s) {
        boolean[] hidden = new boolean[s.layers().size()];
        for (int i = 0; i < hidden.length; i++) hidden[i] = s.layers().get(i).startsHidden();
        return new Drawn(file, space, s, i -> !hidden[s.layerOf(i)], i -> !hidden[s.mark(i).layer()]);
    }

    public Optional<Paper> paper() {
        return file.space(space).flatMap(Space::paper);
    }

    public boolean isOnPaper() {
        return paper().isPresent();
    }

    boolean shows(Strokes.DimensionMark d) {
        Layer l = strokes.layers().get(d.layer());
        return !l.startsHidden();
    }

    /** Of the written measures, in whose blocks their own strokes and texts lie. */
    Set<EntityKey> measureKeys() {
        Set<EntityKey> out = new HashSet<>();
        for (Strokes.DimensionMark d : strokes.dimensions()) out.add(d.entity().key());
        return out;
    }
}
