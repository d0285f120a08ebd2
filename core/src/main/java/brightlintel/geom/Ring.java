package brightlintel.geom;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** A closed outline; the last point joins the first and is not repeated. */
public record Ring(List<Point> points) {
    public Ring {
        points = List.copyOf(points);
        if (points.size() < 3) throw new IllegalArgumentException("a ring of " + points.size() + " points encloses nothing");
    }

    /** Positive counter-clockwise. Taken about the first point: far from the origin the plain formula loses its digits. */
    public double signedArea() {
        Point o = points.getFirst();
        double sum = 0;
        for (int i = 1; i + 1 < points.size(); i++) sum += points.get(i).minus(o).cross(points.get(i + 1).minus(o));
        return sum / 2;
    }

    public double area() {
        return Math.abs(signedArea());
    }

    public double perimeter() {
        double sum = 0;
        for (int i = 0; i < points.size(); i++) sum += points.get(i).distance(points.get((i + 1) % points.size()));
        return sum;
    }

    public Ring counterClockwise() {
        return signedArea() >= 0 ? this : reversed();
    }

    public Ring reversed() {
        List<Point> r = new ArrayList<>(points);
        Collections.reverse(r);
        return new Ring(r);
    }

    public Ring mapped(Affine m) {
        return new Ring(points.stream().map(m::apply).toList());
    }

    public Box box() {
        return Box.of(points);
    }

    /** Inside by the even-odd rule; a point on the edge may count either way. */
    public boolean holds(Point p) {
        boolean in = false;
        for (int i = 0, j = points.size() - 1; i < points.size(); j = i++) {
            Point a = points.get(i), b = points.get(j);
            if (a.y() > p.y() != b.y() > p.y() && p.x() < (b.x() - a.x()) * (p.y() - a.y()) / (b.y() - a.y()) + a.x()) in = !in;
        }
        return in;
    }
}
