package brightlintel.select;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.BitSet;

/** What of a drawing is shown and lies in a region, or is like something. Cost: what lies about the region, not the drawing. */
public final class Selecting {
    /** Of a curve of which parts are shown. */
    private static final int PIECES = 24;

    private Selecting() { }

    /**
     * Strokes, texts and fills. Pictures lie under everything and are not meant.
     *
     * @param outline metres
     * @param inside  only what lies wholly in it; else what it touches
     */
    public static Picked in(PlacedDrawing d, Outline outline, boolean inside) {
        return new Picked(inside ? strokesInside(d, outline) : strokesTouched(d, outline), marks(d, outline, inside));
    }

    private static BitSet strokesTouched(PlacedDrawing d, Outline o) {
        BitSet out = new BitSet();
        Strokes s = d.strokes();
        Chord chord = new Chord(d);
        d.chordsIn(o.box(), c -> {
            int stroke = s.strokeOf(c);
            if (out.get(stroke) || !d.cleared().strokeShown(stroke)) return;
            if (d.cleared().strokeCut(stroke) ? parts(d, stroke, o, false) : chord.at(c).isTouchedBy(o)) out.set(stroke);
        });
        return out;
    }

    private static BitSet strokesInside(PlacedDrawing d, Outline o) {
        BitSet out = new BitSet(), seen = new BitSet();
        Strokes s = d.strokes();
        Chord chord = new Chord(d);
        d.chordsIn(o.box(), c -> {
            int stroke = s.strokeOf(c);
            if (seen.get(stroke)) return;
            seen.set(stroke);
            if (!d.cleared().strokeShown(stroke)) return;
            if (d.cleared().strokeCut(stroke)) {
                if (parts(d, stroke, o, true)) out.set(stroke);
                return;
            }
            for (int k = s.firstChord(stroke); k < s.firstChord(stroke + 1); k++) if (!chord.at(k).isWithin(o)) return;
            out.set(stroke);
        });
        return out;
    }

    /** Of a stroke that is cut, whether any or all of what is shown lies in the region. */
    private static boolean parts(PlacedDrawing d, int stroke, Outline o, boolean all) {
        for (Curve c : d.shownCurves(stroke)) {
            int n = c instanceof Curve.Straight ? 1 : PIECES;
            Point a = c.first();
            for (int i = 1; i <= n; i++) {
                Point b = c.at(i / (double) n);
                boolean in = all ? o.holds(a.x(), a.y(), b.x(), b.y()) : o.touches(a.x(), a.y(), b.x(), b.y());
                if (in != all) return in;
                a = b;
            }
        }
        return all;
    }

    /** One chord after another, in metres, without an object for each. */
    private static final class Chord {
        private final double[] xy;
        private final Affine m;
        private double ax, ay, bx, by;

        Chord(PlacedDrawing d) {
            xy = d.strokes().xy();
            m = d.toBuilding();
        }

        Chord at(int chord) {
            int i = 4 * chord;
            ax = m.a() * xy[i] + m.c() * xy[i + 1] + m.tx();
            ay = m.b() * xy[i] + m.d() * xy[i + 1] + m.ty();
            bx = m.a() * xy[i + 2] + m.c() * xy[i + 3] + m.tx();
            by = m.b() * xy[i + 2] + m.d() * xy[i + 3] + m.ty();
            return this;
        }

        boolean isTouchedBy(Outline o) {
            return o.touches(ax, ay, bx, by);
        }

        boolean isWithin(Outline o) {
            return o.holds(ax, ay, bx, by);
        }
    }

    private static BitSet marks(PlacedDrawing d, Outline o, boolean inside) {
        BitSet out = new BitSet();
        int pictures = d.strokes().texts().size() + d.strokes().fills().size();
        d.marksIn(o.box(), m -> {
            if (m < pictures && d.cleared().markShown(m) && box(d, d.strokes().mark(m).box(), o, inside)) out.set(m);
        });
        return out;
    }

    private static boolean box(PlacedDrawing d, Box file, Outline o, boolean inside) {
        Affine m = d.toBuilding();
        Point[] p = {m.apply(file.minX(), file.minY()), m.apply(file.maxX(), file.minY()), m.apply(file.maxX(), file.maxY()),
            m.apply(file.minX(), file.maxY())};
        for (int i = 0; i < 4; i++) {
            Point a = p[i], b = p[(i + 1) % 4];
            boolean in = inside ? o.holds(a.x(), a.y(), b.x(), b.y()) : o.touches(a.x(), a.y(), b.x(), b.y());
            if (in != inside) return in;
        }
        return inside || isRound(p, o.box().centre());
    }

    /** Whether a box, however it is turned, lies round a place. */
    private static boolean isRound(Point[] corners, Point p) {
        int left = 0;
        for (int i = 0; i < corners.length; i++)
            if (corners[(i + 1) % corners.length].minus(corners[i]).cross(p.minus(corners[i])) > 0) left++;
        return left == 0 || left == corners.length;
    }

    /** All strokes, texts and fills that are shown. */
    public static Picked all(PlacedDrawing d) {
        Strokes s = d.strokes();
        BitSet strokes = new BitSet(), marks = new BitSet();
        for (int i = 0; i < s.size(); i++) if (d.cleared().strokeShown(i)) strokes.set(i);
        for (int i = 0; i < s.texts().size() + s.fills().size(); i++) if (d.cleared().markShown(i)) marks.set(i);
        return new Picked(strokes, marks);
    }

    /** Shown strokes of the same layer, kind, colour and line type. */
    public static Picked like(PlacedDrawing d, int stroke) {
        Strokes s = d.strokes();
        BitSet out = new BitSet();
        int layer = s.layerOf(stroke), colour = s.colourOf(stroke);
        String kind = s.entityOf(stroke).kind();
        Strokes.Dashing dashing = s.dashingOf(stroke);
        for (int i = 0; i < s.size(); i++)
            if (s.layerOf(i) == layer && s.colourOf(i) == colour && s.dashingOf(i) == dashing && d.cleared().strokeShown(i)
                && s.entityOf(i).kind().equals(kind)) out.set(i);
        return new Picked(out, new BitSet());
    }

    /** Shown texts or fills of the same layer and kind. @param mark by {@link Strokes#mark(int)} */
    public static Picked likeMark(PlacedDrawing d, int mark) {
        Strokes s = d.strokes();
        Strokes.Mark like = s.mark(mark);
        BitSet out = new BitSet();
        for (int i = 0; i < s.marks(); i++) {
            Strokes.Mark m = s.mark(i);
            if (m.layer() == like.layer() && m.entity().kind().equals(like.entity().kind()) && d.cleared().markShown(i)) out.set(i);
        }
        return new Picked(new BitSet(), out);
    }
}
