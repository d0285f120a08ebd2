package brightlintel.geom;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A closed outline of straight and arc pieces; the last corner joins the first and is not repeated.
 *
 * @param bulges of the piece that leaves each corner, as in {@link Piece}; empty where all are straight
 */
public record Ring(List<Point> corners, List<Double> bulges) {
    /** A bulge below this is a straight piece. */
    private static final double STRAIGHT = 1e-9;

    public Ring {
        corners = List.copyOf(corners);
        bulges = bulges == null || bulges.stream().allMatch(b -> Math.abs(b) < STRAIGHT) ? List.of() : List.copyOf(bulges);
        if (corners.size() < (bulges.isEmpty() ? 3 : 2))
            throw new IllegalArgumentException("a ring of " + corners.size() + " corners encloses nothing");
        if (!bulges.isEmpty() && bulges.size() != corners.size())
            throw new IllegalArgumentException(bulges.size() + " bulges for " + corners.size() + " corners");
        for (Point p : corners) if (!p.isFinite()) throw new IllegalArgumentException("corner " + p + " is not finite");
        for (double b : bulges) if (!Double.isFinite(b)) throw new IllegalArgumentException("bulge " + b + " is not finite");
    }

    /** Of straight pieces. */
    public Ring(List<Point> corners) {
        this(corners, List.of());
    }

    /** Pieces that follow one another, the last back to the first. */
    public static Ring of(List<Piece> pieces) {
        return new Ring(pieces.stream().map(Piece::a).toList(), pieces.stream().map(Piece::bulge).toList());
    }

    public int size() {
        return corners.size();
    }

    public boolean isStraight() {
        return bulges.isEmpty();
    }

    /** The piece that leaves a corner. */
    public Piece piece(int i) {
        return new Piece(corners.get(i), corners.get((i + 1) % size()), bulges.isEmpty() ? 0 : bulges.get(i));
    }

    public List<Piece> pieces() {
        List<Piece> out = new ArrayList<>(size());
        for (int i = 0; i < size(); i++) out.add(piece(i));
        return out;
    }

    /** The corners, with points between them where arcs would else be further off their chords than the error. */
    public List<Point> chords(double error) {
        if (isStraight()) return corners;
        List<Point> out = new ArrayList<>();
        for (Piece p : pieces()) out.addAll(p.points(error).subList(0, p.chords(error, 0)));
        return out;
    }

    /** Positive counter-clockwise, exact for arcs. Taken about the first corner: far from the origin the plain formula loses its digits. */
    public double signedArea() {
        Point o = corners.getFirst();
        double sum = 0;
        for (int i = 1; i + 1 < size(); i++) sum += corners.get(i).minus(o).cross(corners.get(i + 1).minus(o));
        sum /= 2;
        if (isStraight()) return sum;
        for (Piece p : pieces()) {
            double w = p.sweep(), r = p.radius();
            if (!p.isStraight()) sum += r * r * (w - Math.sin(w)) / 2;
        }
        return sum;
    }

    public double area() {
        return Math.abs(signedArea());
    }

    public double perimeter() {
        double sum = 0;
        for (Piece p : pieces()) sum += p.length();
        return sum;
    }

    public Ring counterClockwise() {
        return signedArea() >= 0 ? this : reversed();
    }

    public Ring reversed() {
        List<Double> back = new ArrayList<>();
        for (int i = 0; i < bulges.size(); i++) back.add(-bulges.get(Math.floorMod(size() - 2 - i, size())));
        return new Ring(corners.reversed(), back);
    }

    public Ring mapped(Affine m) {
        return of(pieces().stream().map(p -> p.mapped(m)).toList());
    }

    /** Every corner moved; the arcs keep their bulges. */
    public Ring withCorners(UnaryOperator<Point> f) {
        return new Ring(corners.stream().map(f).toList(), bulges);
    }

    public Box box() {
        Box b = Box.of(corners);
        for (Piece p : isStraight() ? List.<Piece>of() : pieces()) b = b.with(p.box());
        return b;
    }

    /** From its edge. */
    public double distance(Point p) {
        double least = Double.POSITIVE_INFINITY;
        for (Piece x : pieces()) if (x.a().distance(x.b()) > 0) least = Math.min(least, x.distance(p));
        return least;
    }

    /** Inside by the even-odd rule: edges are counted that a ray to the right crosses. A point on the edge may count either way. */
    public boolean holds(Point p) {
        boolean in = false;
        for (int i = 0, j = size() - 1; i < size(); j = i++) {
            Point a = corners.get(j), b = corners.get(i);
            double bulge = bulges.isEmpty() ? 0 : bulges.get(j);
            if (bulge == 0) in ^= a.y() > p.y() != b.y() > p.y() && p.x() < (b.x() - a.x()) * (p.y() - a.y()) / (b.y() - a.y()) + a.x();
            else in ^= crossesOddly(new Piece(a, b, bulge), p);
        }
        return in;
    }

    /** An arc is parted at its highest and lowest places, so that each part rises or falls all along like a straight edge. */
    private static boolean crossesOddly(Piece arc, Point p) {
        Point c = arc.centre();
        double r = arc.radius(), start = arc.a().minus(c).angle(), sweep = arc.sweep(), turn = Math.signum(sweep);
        boolean odd = false;
        double from = 0, lastY = arc.a().y();
        while (from < Math.abs(sweep)) {
            // the next quarter up or down, strictly ahead
            double ahead = Angles.positive((Math.PI / 2 - (start + turn * from)) * turn) % Math.PI;
            double to = Math.min(Math.abs(sweep), from + (ahead < 1e-12 ? Math.PI : ahead));
            boolean last = to >= Math.abs(sweep);
            double y = last ? arc.b().y() : c.y() + r * Math.signum(Math.sin(start + turn * to));
            if (lastY > p.y() != y > p.y()) {
                double side = Math.signum(Math.cos(start + turn * (from + to) / 2)), dy = p.y() - c.y();
                odd ^= p.x() < c.x() + side * Math.sqrt(Math.max(0, r * r - dy * dy));
            }
            from = to;
            lastY = y;
        }
        return odd;
    }
}
