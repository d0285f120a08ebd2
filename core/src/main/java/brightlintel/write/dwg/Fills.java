package brightlintel.write.dwg;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;

/** The figures of hatches. */
final class Fills {
    private static final int POLYLINE = 2, DERIVED = 4;
    private final BitsOut out;

    Fills(BitsOut out) {
        this.out = out;
    }

    void hatch(Entity.Hatch h) {
        out.bitDouble(h.elevation());
        out.point(h.extrusion());
        out.text(h.pattern());
        out.bit(h.solid());
        out.bit(false);
        out.bitLong(h.loops().size());
        h.loops().forEach(this::loop);
        out.bitShort(0);
        out.bitShort(1);
        if (!h.solid()) {
            out.bitDoubles(0, 1);
            out.bit(false);
            out.bitShort(h.lines().size());
            for (Entity.PatternLine l : h.lines()) {
                out.bitDoubles(l.angle(), l.x(), l.y(), l.stepX(), l.stepY());
                out.bitShort(l.dashes().size());
                out.bitDoubles(l.dashes().toArray());
            }
        }
        if (h.loops().stream().anyMatch(l -> (flags(l) & DERIVED) != 0)) out.bitDouble(1);
        out.bitLong(0);
    }

    /** The file's word on whether a loop is a polyline follows the loop. */
    private static int flags(Entity.Loop l) {
        return l.edges().isEmpty() ? l.flags() | POLYLINE : l.flags() & ~POLYLINE;
    }

    private void loop(Entity.Loop l) {
        out.bitLong(flags(l));
        if (l.edges().isEmpty()) polyline(l);
        else {
            out.bitLong(l.edges().size());
            l.edges().forEach(this::edge);
        }
        out.bitLong(0);
    }

    private void polyline(Entity.Loop l) {
        Doubles p = l.polyline();
        boolean bulges = false;
        for (int i = 2; i < p.size(); i += 3) bulges |= p.get(i) != 0;
        out.bit(bulges);
        out.bit(l.closed());
        out.bitLong(p.size() / 3);
        for (int i = 0; i + 2 < p.size(); i += 3) {
            out.flat(p.get(i), p.get(i + 1));
            if (bulges) out.bitDouble(p.get(i + 2));
        }
    }

    private void edge(Entity.Edge edge) {
        switch (edge) {
            case Entity.Edge.Straight s -> {
                out.rawByte(1);
                out.flat(s.x0(), s.y0());
                out.flat(s.x1(), s.y1());
            }
            case Entity.Edge.ArcEdge a -> {
                out.rawByte(2);
                out.flat(a.x(), a.y());
                out.bitDoubles(a.radius(), a.start(), a.end());
                out.bit(a.counterClockwise());
            }
            case Entity.Edge.EllipseEdge a -> {
                out.rawByte(3);
                out.flat(a.x(), a.y());
                out.flat(a.majorX(), a.majorY());
                out.bitDoubles(a.ratio(), a.start(), a.end());
                out.bit(a.counterClockwise());
            }
            case Entity.Edge.SplineEdge s -> spline(s);
        }
    }

    private void spline(Entity.Edge.SplineEdge s) {
        boolean weighted = false;
        for (int i = 2; i < s.controls().size(); i += 3) weighted |= s.controls().get(i) != 1;
        out.rawByte(4);
        out.bitLong(s.degree());
        out.bit(weighted);
        out.bit(false);
        out.bitLong(s.knots().size());
        out.bitLong(s.controls().size() / 3);
        out.bitDoubles(s.knots().toArray());
        for (int i = 0; i + 2 < s.controls().size(); i += 3) {
            out.flat(s.controls().get(i), s.controls().get(i + 1));
            if (weighted) out.bitDouble(s.controls().get(i + 2));
        }
    }
}
