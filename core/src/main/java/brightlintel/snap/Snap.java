package brightlintel.snap;

import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.List;

/** @param hits the strokes that the place is on; empty for model, grid and even step */
public record Snap(SnapKind kind, SnapSource source, Point at, List<Hit> hits) {
    public Snap {
        hits = List.copyOf(hits);
    }

    public record Hit(PlacedDrawing drawing, int stroke) { }
}
