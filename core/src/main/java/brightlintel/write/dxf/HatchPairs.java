package brightlintel.write.dxf;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.geom.Vec3;

/** The pairs of a hatch, in the order that its reading asks for. */
final class HatchPairs {
    private final Pairs out;

    HatchPairs(Pairs out) {
        this.out = out;
    }

    void write(Entity.Hatch h, Pairs begun) {
        begun.at(10, new Vec3(0, 0, h.elevation())).p(2, EntityPairs.ascii(h.pattern())).p(70, h.solid() ? 1 : 0).p(71, 0)
            .p(91, h.loops().size());
        h.loops().forEach(this::loop);
        out.p(75, 0).p(76, 1);
        if (!h.solid()) {
            out.p(52, 0.0).p(41, 1.0).p(77, 0).p(78, h.lines().size());
            for (Entity.PatternLine l : h.lines()) {
                out.p(53, Math.toDegrees(l.angle())).p(43, l.x()).p(44, l.y()).p(45, l.stepX()).p(46, l.stepY()).p(79, l.dashes().size());
                for (int i = 0; i < l.dashes().size(); i++) out.p(49, l.dashes().get(i));
            }
        }
        out.p(98, 0);
    }

    private void loop(Entity.Loop l) {
        boolean polyline = l.edges().isEmpty();
        out.p(92, polyline ? l.flags() | 2 : l.flags() & ~2);
        if (polyline) {
            Doubles p = l.polyline();
            out.p(72, 1).p(73, l.closed() ? 1 : 0).p(93, p.size() / 3);
            for (int i = 0; i + 2 < p.size(); i += 3) out.p(10, p.get(i)).p(20, p.get(i + 1)).p(42, p.get(i + 2));
        } else {
            out.p(93, l.edges().size());
            l.edges().forEach(this::edge);
        }
        out.p(97, 0);
    }

    private void edge(Entity.Edge e) {
        switch (e) {
            case Entity.Edge.Straight s -> out.p(72, 1).p(10, s.x0()).p(20, s.y0()).p(11, s.x1()).p(21, s.y1());
            case Entity.Edge.ArcEdge a -> out.p(72, 2).p(10, a.x()).p(20, a.y()).p(40, a.radius()).p(50, Math.toDegrees(a.start()))
                .p(51, Math.toDegrees(a.end())).p(73, a.counterClockwise() ? 1 : 0);
            case Entity.Edge.EllipseEdge a -> out.p(72, 3).p(10, a.x()).p(20, a.y()).p(11, a.majorX()).p(21, a.majorY()).p(40, a.ratio())
                .p(50, Math.toDegrees(a.start()))
                .p(51, Math.toDegrees(a.end())).p(73, a.counterClockwise() ? 1 : 0);
            case Entity.Edge.SplineEdge s -> {
                out.p(72, 4).p(94, s.degree()).p(73, 1).p(74, 0).p(95, s.knots().size()).p(96, s.controls().size() / 3);
                for (int i = 0; i < s.knots().size(); i++) out.p(40, s.knots().get(i));
                for (int i = 0; i + 2 < s.controls().size(); i += 3)
                    out.p(10, s.controls().get(i)).p(20, s.controls().get(i + 1)).p(42, s.controls().get(i + 2));
                // the count of fit points belongs to later versions; R2000 has none
            }
        }
    }
}
