package brightlintel.write.dxf;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.FillMark;
import brightlintel.drawing.Style;
import brightlintel.geom.Affine;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Vec3;
import brightlintel.trace.DrawnOutlines;

/** Areas that are filled whole, for a base plan: of walls that nobody drew a line round nothing else is there. */
final class BaseFills {
    /** Of a loop: it lies outside, and is one closed polyline. */
    private static final int OUTER = 3, INNER = 2;

    private BaseFills() { }

    /** Neither a pattern nor a polyline that is filled by its width. */
    static boolean isWhole(FillMark f) {
        return !f.rings().isEmpty() && (f.entity() instanceof Entity.Hatch h && h.solid() || f.entity() instanceof Entity.Corners);
    }

    /** @param map from shifted file units to those of the plan */
    static Entity of(FillMark f, Affine map, EntityKey key, Style style) {
        List<List<Curve>> outlines = f.outlines();
        // outlines that enclose nothing are no rings
        boolean same = outlines.size() == f.rings().size();
        List<Entity.Loop> loops = new ArrayList<>();
        for (int i = 0; i < f.rings().size(); i++) {
            double[] ring = f.rings().get(i);
            Doubles rows = (same ? round(outlines.get(i), map) : Optional.<Doubles>empty()).orElseGet(() -> chords(ring, map));
            loops.add(new Entity.Loop(i == 0 ? OUTER : INNER, true, rows, List.of()));
        }
        return new Entity.Hatch(key, style, Vec3.UP, "SOLID", true, 0, loops, List.of());
    }

    /** With its arcs as bulges; empty where an edge is neither straight nor an arc. */
    private static Optional<Doubles> round(List<Curve> ring, Affine map) {
        double[] out = new double[3 * ring.size()];
        for (int i = 0; i < ring.size(); i++) {
            Optional<Piece> p = DrawnOutlines.piece(ring.get(i).mapped(map));
            if (p.isEmpty()) return Optional.empty();
            out[3 * i] = p.get().a().x();
            out[3 * i + 1] = p.get().a().y();
            out[3 * i + 2] = p.get().bulge();
        }
        return ring.isEmpty() ? Optional.empty() : Optional.of(Doubles.of(out));
    }

    private static Doubles chords(double[] ring, Affine map) {
        double[] out = new double[ring.length / 2 * 3];
        for (int i = 0; i < ring.length / 2; i++) {
            out[3 * i] = map.apply(ring[2 * i], ring[2 * i + 1]).x();
            out[3 * i + 1] = map.apply(ring[2 * i], ring[2 * i + 1]).y();
        }
        return Doubles.of(out);
    }
}
