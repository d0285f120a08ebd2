package brightlintel.joint;

import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The endless line or the whole circle that a face lies on. radius 0: a line through p along d; else a circle about p. */
record Track(Point p, Point d, double radius) {
    static Track of(Piece piece, double left) {
        if (piece.isStraight()) return new Track(piece.at(0, left), piece.direction(0), 0);
        return new Track(piece.centre(), new Point(1, 0), Math.abs(piece.radius() - Math.signum(piece.bulge()) * left));
    }

    static Track line(Point p, Point d) {
        return new Track(p, d.unit(), 0);
    }

    boolean isLine() {
        return radius <= 0;
    }

    List<Point> meets(Track o) {
        if (isLine() && o.isLine()) return lines(o);
        if (isLine()) return o.lineMeetsCircle(this);
        if (o.isLine()) return lineMeetsCircle(o);
        return circles(o);
    }

    private List<Point> lines(Track o) {
        double det = d.cross(o.d);
        if (Math.abs(det) < 1e-9) return List.of();
        return List.of(p.plus(d.times(o.p.minus(p).cross(o.d) / det)));
    }

    private List<Point> lineMeetsCircle(Track line) {
        double along = p.minus(line.p).dot(line.d);
        Point foot = line.p.plus(line.d.times(along));
        double h2 = radius * radius - Math.pow(foot.distance(p), 2);
        if (h2 < 0) return List.of();
        double h = Math.sqrt(h2);
        return List.of(foot.minus(line.d.times(h)), foot.plus(line.d.times(h)));
    }

    private List<Point> circles(Track o) {
        Point v = o.p.minus(p);
        double gap = v.length();
        if (gap < 1e-9) return List.of();
        double a = (gap * gap + radius * radius - o.radius * o.radius) / (2 * gap), h2 = radius * radius - a * a;
        if (h2 < 0) return List.of();
        Point foot = p.plus(v.times(a / gap)), off = v.left().times(Math.sqrt(h2) / gap);
        return List.of(foot.minus(off), foot.plus(off));
    }

    /** The meeting point nearest to a place, or null. */
    Point meets(Track o, Point near) {
        return new ArrayList<>(meets(o)).stream().min(Comparator.comparingDouble(q -> q.distance(near))).orElse(null);
    }
}
