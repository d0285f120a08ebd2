package brightlintel.read.pdf;

import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/** Curves that hang together, end to start. @param closed the last leads back to the first */
record Run(List<Curve> curves, boolean closed) {
    /** Of the arcs that writers make of Béziers, about; chords for clipping and areas. */
    private static final int STEPS = 24;

    /** What a path holds, in points of the page as displayed; pieces without length are left out. */
    static List<Run> of(PathBuffer p, Affine map) {
        List<Run> out = new ArrayList<>();
        List<Curve> curves = new ArrayList<>();
        Point here = null, start = null;
        int at = 0;
        for (int i = 0; i < p.size; i++) {
            switch (p.kinds[i]) {
                case PathBuffer.MOVE -> {
                    end(curves, false, out);
                    curves = new ArrayList<>();
                    start = here = map.apply(p.xy[at], p.xy[at + 1]);
                }
                case PathBuffer.LINE -> {
                    Point to = map.apply(p.xy[at], p.xy[at + 1]);
                    if (!to.equals(here)) curves.add(new Curve.Straight(here, to));
                    here = to;
                }
                case PathBuffer.CURVE -> {
                    Point a = map.apply(p.xy[at], p.xy[at + 1]), b = map.apply(p.xy[at + 2], p.xy[at + 3]),
                        to = map.apply(p.xy[at + 4], p.xy[at + 5]);
                    Bezier.add(here, a, b, to, curves);
                    here = to;
                }
                default -> {
                    if (here != null && !here.equals(start)) curves.add(new Curve.Straight(here, start));
                    end(curves, true, out);
                    curves = new ArrayList<>();
                    here = start;
                }
            }
            at += p.kinds[i] == PathBuffer.CLOSE ? 0 : p.kinds[i] == PathBuffer.CURVE ? 6 : 2;
        }
        end(curves, false, out);
        return out;
    }

    private static void end(List<Curve> curves, boolean closed, List<Run> out) {
        if (!curves.isEmpty())
            out.add(new Run(curves, closed || curves.size() > 1 && curves.getFirst().first().equals(curves.getLast().last())));
    }

    /** A box that holds them: for splines by their controls, for arcs by their whole circle where that is quicker. */
    Box box() {
        Box b = Box.EMPTY;
        for (Curve c : curves) b = b.with(box(c));
        return b;
    }

    static Box box(Curve c) {
        return switch (c) {
            case Curve.Straight s -> Box.of(s.a(), s.b());
            case Curve.EllipticArc a -> {
                Box b = Box.of(a.first(), a.last());
                for (int i = 1; i < STEPS; i++) b = b.with(a.at(i / (double) STEPS));
                yield b;
            }
            case Nurbs n -> Box.of(n.controls());
        };
    }

    /** Corner points of its outline: straight pieces as they are, curves by chords. */
    List<Point> chords() {
        List<Point> out = new ArrayList<>();
        for (Curve c : curves) {
            out.add(c.first());
            if (!(c instanceof Curve.Straight)) for (int i = 1; i < STEPS; i++) out.add(c.at(i / (double) STEPS));
        }
        if (!closed) out.add(curves.getLast().last());
        return out;
    }

    boolean isStraight() {
        for (Curve c : curves) if (!(c instanceof Curve.Straight)) return false;
        return true;
    }

    double length() {
        double l = 0;
        for (Curve c : curves) l += c.length();
        return l;
    }
}
