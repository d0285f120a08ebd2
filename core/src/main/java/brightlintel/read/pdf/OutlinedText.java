package brightlintel.read.pdf;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Style;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.List;

/** Small areas of many edges, one close by the other: characters that were painted as outlines. They are no edges to trace. */
final class OutlinedText implements Gathering.Gatherer {
    /** Points: 9 mm is as tall as letters on a plan get. Complex: a straight letter has more edges than a column has. */
    private static final double TALLEST = 26, APART = 1.3, LINES = 2.2;
    private static final int FEWEST = 3, COMPLEX = 7;
    private final Ink ink;

    OutlinedText(Ink ink) {
        this.ink = ink;
    }

    @Override public int take(List<Entity> all, int at, List<Entity> out) {
        if (at + FEWEST > all.size() || !(all.get(at) instanceof Entity.Hatch first) || !(all.get(at + 1) instanceof Entity.Hatch second)
            || first.style() != second.style() || !isSmall(first)) return 0;
        Style s = first.style();
        Box last = box(first);
        double tall = size(last);
        int n = 0, complex = 0;
        for (int i = at; i < all.size(); i++, n++) {
            if (!(all.get(i) instanceof Entity.Hatch h) || h.style() != s || !isSmall(h)) break;
            Box b = box(h);
            tall = Math.max(tall, size(b));
            if (n > 0 && !near(last, b, tall)) break;
            if (edges(h) >= COMPLEX) complex++;
            last = b;
        }
        if (n < FEWEST || 2 * complex < n) return 0;
        Style text = ink.outlinedText(s);
        for (int i = at; i < at + n; i++) {
            Entity.Hatch h = (Entity.Hatch) all.get(i);
            out.add(new Entity.Hatch(h.key(), text, h.extrusion(), h.pattern(), h.solid(), h.elevation(), h.loops(), h.lines(), false));
        }
        return n;
    }

    private static double size(Box b) {
        return Math.max(b.width(), b.height());
    }

    /** Beside it, or at the start of the line below. */
    private static boolean near(Box a, Box b, double tall) {
        double dx = Math.max(0, Math.max(a.minX() - b.maxX(), b.minX() - a.maxX())),
            dy = Math.max(0, Math.max(a.minY() - b.maxY(), b.minY() - a.maxY()));
        return Math.hypot(dx, dy) < APART * tall || Math.min(dx, dy) < LINES * tall && Math.max(dx, dy) < LINES * tall;
    }

    private static boolean isSmall(Entity.Hatch h) {
        if (!h.solid()) return false;
        Box b = box(h);
        return size(b) <= TALLEST && size(b) > 0;
    }

    private static int edges(Entity.Hatch h) {
        int n = 0;
        for (Entity.Loop l : h.loops()) n += l.edges().isEmpty() ? l.polyline().size() / 3 : 3 * l.edges().size();
        return n;
    }

    private static Box box(Entity.Hatch h) {
        Box b = Box.EMPTY;
        for (Entity.Loop l : h.loops()) {
            for (int i = 0; i < l.polyline().size(); i += 3) b = b.with(new Point(l.polyline().get(i), l.polyline().get(i + 1)));
            for (Entity.Edge e : l.edges()) b = switch (e) {
                case Entity.Edge.Straight x -> b.with(new Point(x.x0(), x.y0())).with(new Point(x.x1(), x.y1()));
                case Entity.Edge.ArcEdge x -> b.with(Box.around(new Point(x.x(), x.y()), x.radius()));
                case Entity.Edge.EllipseEdge x -> b.with(Box.around(new Point(x.x(), x.y()), Math.hypot(x.majorX(), x.majorY())));
                case Entity.Edge.SplineEdge x -> {
                    Box in = b;
                    for (int i = 0; i < x.controls().size(); i += 3) in = in.with(new Point(x.controls().get(i), x.controls().get(i + 1)));
                    yield in;
                }
            };
        }
        return b;
    }
}
