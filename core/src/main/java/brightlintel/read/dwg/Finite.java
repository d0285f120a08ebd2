package brightlintel.read.dwg;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;

/** Whether all figures of a shape are numbers: bits read out of step make any. */
final class Finite {
    private Finite() { }

    static boolean is(Entity e) {
        return e.extrusion().isFinite() && switch (e) {
            case Entity.Line l -> l.a().isFinite() && l.b().isFinite();
            case Entity.Dot d -> d.at().isFinite();
            case Entity.Circle c -> c.centre().isFinite() && is(c.radius());
            case Entity.Arc a -> a.centre().isFinite() && is(a.radius() + a.start() + a.end());
            case Entity.Ellipse l -> l.centre().isFinite() && l.major().isFinite() && is(l.ratio() + l.start() + l.end());
            case Entity.Polyline p -> p.points().allFinite() && p.widths().allFinite();
            case Entity.MultiLine m -> m.joints().stream().allMatch(j -> j.at().isFinite() && j.along().isFinite() && j.mitre().isFinite()
                && j.ways().stream().allMatch(Doubles::allFinite));
            case Entity.Spline s -> s.knots().allFinite() && s.weights().allFinite() && s.controls().allFinite() && s.fits().allFinite();
            case Entity.Text t -> t.at().isFinite() && t.anchor().isFinite() && is(t.height() + t.rotation() + t.widthFactor() + t.width());
            case Entity.Insert i -> i.at().isFinite() && i.scale().isFinite() && is(i.rotation() + i.columnStep() + i.rowStep());
            case Entity.Dimension d -> d.at().isFinite() && d.textAt().isFinite() && d.first().isFinite() && d.second().isFinite()
                && d.arc().isFinite() && is(d.rotation());
            case Entity.Corners c -> c.points().allFinite();
            case Entity.Hatch h -> is(h.elevation()) && h.loops().stream().allMatch(Finite::is)
                && h.lines().stream().allMatch(l -> is(l.angle() + l.x() + l.y() + l.stepX() + l.stepY()) && l.dashes().allFinite());
            case Entity.Leader l -> l.points().allFinite();
            case Entity.MultiLeader m -> m.textAt().isFinite() && is(m.height() + m.rotation())
                && m.lines().stream().allMatch(Doubles::allFinite);
            case Entity.Endless x -> x.at().isFinite() && x.direction().isFinite();
            case Entity.Viewport v -> v.centre().isFinite() && is(v.width() + v.height() + v.viewHeight());
            case Entity.Picture p -> p.at().isFinite() && p.u().isFinite() && p.v().isFinite() && is(p.width() + p.height());
            case Entity.KnownByKindOnly _ -> true;
        };
    }

    private static boolean is(double v) {
        return Double.isFinite(v);
    }

    private static boolean is(Entity.Loop l) {
        return l.polyline().allFinite() && l.edges().stream().allMatch(e -> switch (e) {
            case Entity.Edge.Straight s -> is(s.x0() + s.y0() + s.x1() + s.y1());
            case Entity.Edge.ArcEdge a -> is(a.x() + a.y() + a.radius() + a.start() + a.end());
            case Entity.Edge.EllipseEdge a -> is(a.x() + a.y() + a.majorX() + a.majorY() + a.ratio() + a.start() + a.end());
            case Entity.Edge.SplineEdge s -> s.knots().allFinite() && s.controls().allFinite() && s.fits().allFinite();
        });
    }
}
