package brightlintel.drawing;

import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * A hatch or filled shape in its place: painted, never snapped to. Coordinates are shifted file units, like those of strokes. Nothing in
 * the arrays is to be changed.
 *
 * @param rings  outlines as chords, x and y in turn; holes by the even-odd rule
 * @param lines  the pattern cut to the outlines, x0 y0 x1 y1; empty for a plain fill
 * @param map    from the entity's own plane
 * @param colour 0xRRGGBB
 * @param path   through which it came in, null at the top
 */
public record FillMark(List<double[]> rings, double[] lines, Affine map, int layer, int colour, Entity entity, Strokes.Path path)
    implements Strokes.Mark {
    public FillMark {
        rings = List.copyOf(rings);
    }

    /** The outlines as they are, arcs and all. */
    public List<List<Curve>> outlines() {
        if (entity instanceof Entity.Hatch h)
            return h.loops().stream().map(HatchEdges::of).map(l -> l.stream().map(c -> c.mapped(map)).toList()).toList();
        List<List<Curve>> out = new ArrayList<>();
        for (double[] r : rings) {
            List<Curve> ring = new ArrayList<>();
            for (int i = 0; i < r.length; i += 2) {
                int k = (i + 2) % r.length;
                if (r[i] != r[k] || r[i + 1] != r[k + 1])
                    ring.add(new Curve.Straight(new Point(r[i], r[i + 1]), new Point(r[k], r[k + 1])));
            }
            out.add(ring);
        }
        return out;
    }

    FillMark mapped(Affine to) {
        return new FillMark(rings.stream().map(r -> points(r, to)).toList(), points(lines, to), map.then(to), layer, colour, entity, path);
    }

    private static double[] points(double[] xy, Affine to) {
        double[] out = new double[xy.length];
        for (int i = 0; i < xy.length; i += 2) {
            Point p = to.apply(xy[i], xy[i + 1]);
            out[i] = p.x();
            out[i + 1] = p.y();
        }
        return out;
    }

    @Override public Box box() {
        Box b = Box.EMPTY;
        for (double[] r : rings) for (int i = 0; i < r.length; i += 2) b = b.with(new Point(r[i], r[i + 1]));
        return b;
    }

    /** Whether a place lies in it, by the even-odd rule over its chords. */
    public boolean holds(Point p) {
        boolean in = false;
        for (double[] r : rings)
            for (int i = 0, j = r.length - 2; i < r.length; j = i, i += 2)
                if (r[i + 1] > p.y() != r[j + 1] > p.y() && p.x() < (r[j] - r[i]) * (p.y() - r[i + 1]) / (r[j + 1] - r[i + 1]) + r[i])
                    in = !in;
        return in;
    }

    long weight() {
        long w = 200 + 8L * lines.length;
        for (double[] r : rings) w += 40 + 8L * r.length;
        return w;
    }
}
