package brightlintel.desktop.tool;

import brightlintel.building.Project;
import brightlintel.building.UnderlayId;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Strokes;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import java.util.Optional;

/** The stroke under the pointer, looked up once for all who want to know of it. */
public final class Pointing {
    private static final double NEAR = 0.6;
    private Aim aim;
    private Project project;
    private List<PlacedDrawing> drawings = List.of();
    private Optional<Pointed> found = Optional.empty();

    /** A stroke under the pointer. */
    public record Pointed(String layer, String kind, double length, PlacedDrawing drawing, int stroke) {
        public UnderlayId underlay() {
            return drawing.underlay().id();
        }

        /** All layers of its drawing. */
        public List<String> layers() {
            return drawing.strokes().layers().stream().map(Layer::name).toList();
        }
    }

    public Optional<Pointed> at(Workspace w) {
        Aim a = w.aim();
        if (a.reach() <= 0 || !w.pointerOnBoard()) return Optional.empty();
        List<PlacedDrawing> there = w.drawings();
        if (a != aim || w.project() != project || !there.equals(drawings)) {
            aim = a;
            project = w.project();
            drawings = there;
            found = look(drawings, a);
        }
        return found;
    }

    static Optional<Pointed> look(List<PlacedDrawing> drawings, Aim a) {
        for (PlacedDrawing d : drawings.reversed()) {
            List<Integer> near = d.strokesNear(a.raw(), a.reach() * NEAR, 1);
            if (near.isEmpty()) continue;
            int s = near.getFirst();
            Strokes t = d.strokes();
            Strokes.Path path = t.pathOf(s);
            String own = Words.of("kind." + t.entityOf(s).kind()), kind = path == null ? own : Words.of("kind.in-block", own, path.block());
            return Optional.of(new Pointed(t.layers().get(t.layerOf(s)).name(), kind, d.curve(s).length(), d, s));
        }
        return Optional.empty();
    }
}
