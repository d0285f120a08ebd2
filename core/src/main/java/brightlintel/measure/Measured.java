package brightlintel.measure;

import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.List;
import java.util.function.UnaryOperator;

/** One thing that was measured, by the places it was measured at: metres, or file units once it is taken into a drawing. */
public sealed interface Measured {
    /** Of one quantity: lengths add a dimension, areas two, angles none. */
    enum Quantity { LENGTH, AREA, ANGLE }

    /** Metres, square metres or radians; in a drawing the same in its own units. */
    double value();

    default Quantity quantity() {
        return Quantity.LENGTH;
    }

    /** The same places seen otherwise, as in the file before it was put in its place. */
    Measured mapped(UnaryOperator<Point> map);

    record Distance(Point a, Point b) implements Measured {
        @Override public double value() {
            return a.distance(b);
        }

        @Override public Measured mapped(UnaryOperator<Point> map) {
            return new Distance(map.apply(a), map.apply(b));
        }
    }

    /** One distance after another, and their sum. */
    record Chain(List<Point> points) implements Measured {
        public Chain {
            points = List.copyOf(points);
        }

        @Override public double value() {
            double sum = 0;
            for (int i = 0; i + 1 < points.size(); i++) sum += points.get(i).distance(points.get(i + 1));
            return sum;
        }

        @Override public Measured mapped(UnaryOperator<Point> map) {
            return new Chain(points.stream().map(map).toList());
        }
    }

    /** At the apex, 0 to half a turn. */
    record Angle(Point a, Point apex, Point b) implements Measured {
        @Override public double value() {
            return Math.abs(Angles.signed(b.minus(apex).angle() - a.minus(apex).angle()));
        }

        @Override public Quantity quantity() {
            return Quantity.ANGLE;
        }

        @Override public Measured mapped(UnaryOperator<Point> map) {
            return new Angle(map.apply(a), map.apply(apex), map.apply(b));
        }
    }

    record Area(List<Point> corners) implements Measured {
        public Area {
            corners = List.copyOf(corners);
            if (corners.size() < 3) throw new IllegalArgumentException("corners " + corners.size() + " are fewer than 3");
        }

        @Override public double value() {
            return new Ring(corners).area();
        }

        public double perimeter() {
            return new Ring(corners).perimeter();
        }

        @Override public Quantity quantity() {
            return Quantity.AREA;
        }

        @Override public Measured mapped(UnaryOperator<Point> map) {
            return new Area(corners.stream().map(map).toList());
        }
    }

    /** Of a circle or arc. @param on a place on it, where the leader ends */
    record Radius(Point centre, Point on) implements Measured {
        @Override public double value() {
            return centre.distance(on);
        }

        @Override public Measured mapped(UnaryOperator<Point> map) {
            return new Radius(map.apply(centre), map.apply(on));
        }
    }

    /**
     * Between two strokes where they are nearest, or squarely between parallel ones.
     *
     * @param between radians, of the two lines: 0 for parallel ones
     */
    record Gap(Point a, Point b, double between) implements Measured {
        /** Strokes that part by less are meant to be parallel. */
        public static final double PARALLEL = Math.toRadians(0.05);

        public boolean isParallel() {
            return between < PARALLEL;
        }

        @Override public double value() {
            return a.distance(b);
        }

        @Override public Measured mapped(UnaryOperator<Point> map) {
            return new Gap(map.apply(a), map.apply(b), between);
        }
    }

    /** Of the circle that three places lie on; places in one line have none. */
    static Radius circle(Point a, Point b, Point c) {
        Point u = b.minus(a), v = c.minus(a);
        double d = 2 * u.cross(v);
        if (!(Math.abs(d) > 1e-12 * u.dot(u))) throw new IllegalArgumentException("three places in one line");
        double uu = u.dot(u), vv = v.dot(v);
        return new Radius(a.plus(new Point(v.y() * uu - u.y() * vv, u.x() * vv - v.x() * uu).times(1 / d)), c);
    }

    /** Of an arc, its radius; of an ellipse its half axis that a place lies nearest to. @param at about where it was pointed at */
    static Radius radius(Curve.EllipticArc arc, Point at) {
        if (arc.isCircular()) {
            Point d = at.minus(arc.centre());
            Point way = d.length() > 0 ? d.times(1 / d.length()) : new Point(1, 0);
            return new Radius(arc.centre(), arc.centre().plus(way.times(arc.u().length())));
        }
        double major = Math.atan2(2 * arc.u().dot(arc.v()), arc.u().dot(arc.u()) - arc.v().dot(arc.v())) / 2;
        Point best = on(arc, major);
        for (int k = 1; k < 4; k++) {
            Point p = on(arc, major + k * Math.PI / 2);
            if (p.distance(at) < best.distance(at)) best = p;
        }
        return new Radius(arc.centre(), best);
    }

    private static Point on(Curve.EllipticArc a, double w) {
        return a.centre().plus(a.u().times(Math.cos(w))).plus(a.v().times(Math.sin(w)));
    }
}
