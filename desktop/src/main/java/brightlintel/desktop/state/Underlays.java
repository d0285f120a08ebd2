package brightlintel.desktop.state;

import brightlintel.building.Underlay;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The placed drawings of a storey, made anew only where placement or clearing changed. */
final class Underlays {
    private final Map<Underlay, PlacedDrawing> placed = new HashMap<>();

    List<PlacedDrawing> of(List<Underlay> underlays, DrawingShelf shelf) {
        placed.keySet().removeIf(u -> !underlays.contains(u) && placed.size() > 8);
        return underlays.stream().map(u -> get(u, shelf)).flatMap(Optional::stream).toList();
    }

    private Optional<PlacedDrawing> get(Underlay u, DrawingShelf shelf) {
        PlacedDrawing there = placed.get(u);
        if (there != null) return Optional.of(there);
        return shelf.has(u).map(s -> {
            PlacedDrawing d = new PlacedDrawing(u, s.strokes(), s.centres());
            placed.put(u, d);
            return d;
        });
    }

    void clear() {
        placed.clear();
    }
}
