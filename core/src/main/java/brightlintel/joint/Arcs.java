package brightlintel.joint;

import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import java.util.ArrayList;
import java.util.List;

/** Puts the arcs of round walls back into an outline that was united from chords. */
final class Arcs {
    /** Uniting moves corners by hairs. */
    private static final double ON = 1e-4;

    private Arcs() { }

    private record Circle(Point centre, double radius) {
        boolean runs(Point a, Point b, double sagitta) {
            return Math.abs(a.distance(centre) - radius) < ON && Math.abs(b.distance(centre) - radius) < ON
                && radius - a.towards(b, 0.5).distance(centre) < sagitta;
        }
    }

    static Ring recovered(Ring ring, List<Wall> walls, Tolerances tol) {
        List<Circle> faces = new ArrayList<>();
        for (Wall w : walls)
            if (!w.reference().isStraight()) {
                double turn = Math.signum(w.reference().bulge()), r = w.reference().radius();
                for (double left : new double[] {w.left(), -w.right()})
                    if (r - turn * left > ON) faces.add(new Circle(w.reference().centre(), r - turn * left));
            }
        if (faces.isEmpty()) return ring;
        List<Point> c = ring.corners();
        int n = c.size(), begin = 0;
        // begin where no arc runs through, so that none is parted in two
        for (int i = 0; i < n; i++)
            if (face(faces, c.get((i + n - 1) % n), c.get(i), tol) != face(faces, c.get(i), c.get((i + 1) % n), tol)) begin = i;
        List<Piece> out = new ArrayList<>();
        Circle first = face(faces, c.get(0), c.get(1), tol);
        boolean whole = first != null;
        for (int i = 0; i < n && whole; i++) whole = face(faces, c.get(i), c.get((i + 1) % n), tol) == first;
        int most = whole ? (n + 1) / 2 : n;
        for (int i = 0; i < n; ) {
            Circle f = face(faces, c.get((begin + i) % n), c.get((begin + i + 1) % n), tol);
            int k = i + 1;
            // one that is a circle all round is parted in two
            while (f != null && k < n && k - i < most && face(faces, c.get((begin + k) % n), c.get((begin + k + 1) % n), tol) == f) k++;
            out.add(piece(f, c.get((begin + i) % n), c.get((begin + (i + k) / 2) % n), c.get((begin + k) % n), k - i));
            i = k;
        }
        return out.size() < 2 ? ring : Ring.of(out);
    }

    private static Circle face(List<Circle> faces, Point a, Point b, Tolerances tol) {
        for (Circle f : faces) if (f.runs(a, b, 3 * tol.chordError())) return f;
        return null;
    }

    /** One chord alone is left as it is: it may be a straight wall that just touches the circle. */
    private static Piece piece(Circle f, Point a, Point middle, Point b, int chords) {
        if (f == null || chords < 2) return Piece.straight(a, b);
        Point chord = b.minus(a);
        double side = Math.signum(chord.cross(middle.minus(a))), half = chord.length() / 2;
        double off = Math.abs(chord.unit().cross(f.centre.minus(a)));
        boolean beyondHalf = Math.signum(chord.cross(f.centre.minus(a))) == side;
        double height = beyondHalf ? f.radius + off : f.radius - off;
        return new Piece(a, b, -side * height / half);
    }
}
