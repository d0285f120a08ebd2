package brightlintel.flatten;

import brightlintel.geom.Affine3;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.List;

/** The ground that a polyline with a width covers: its two sides, mitred at corners, as one ring, or as two where it is closed. */
final class Band {
    /** A mitre is no longer than so many half widths. */
    private static final double MITRE = 4;
    /** File units: beyond it no figure is meant. */
    private static final double FARTHEST = 1e12;
    private final List<Point> way = new ArrayList<>();
    private final List<Double> half = new ArrayList<>();
    private final boolean closed;

    /** @param closed whether the last piece ends where the first begins */
    Band(boolean closed) {
        this.closed = closed;
    }

    /** The next piece, as it is drawn in the polyline's own plane. @param from its width at its beginning; to: at its end */
    void piece(Piece p, double from, double to, double chordError) {
        int n = p.isStraight() ? 1 : Math.max(2, Chords.count(p.radius(), Math.abs(p.sweep()), chordError));
        for (int i = 0; i < n; i++) put(p.at(p.length() * i / n), from + (to - from) * i / n);
        put(p.b(), to);
    }

    /** Where the width jumps there are two of one place: the wider one counts. */
    private void put(Point at, double width) {
        if (!way.isEmpty() && way.getLast().equals(at)) half.set(half.size() - 1, Math.max(half.getLast(), width / 2));
        else {
            way.add(at);
            half.add(width / 2);
        }
    }

    /** @param map to where the band lies, in which heights are left out */
    List<double[]> rings(Affine3 map, double z) {
        boolean round = closed && way.size() > 3 && way.getFirst().equals(way.getLast());
        int n = round ? way.size() - 1 : way.size();
        if (n < 2) return List.of();
        List<Point> left = new ArrayList<>(), right = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point out = mitre(round || i > 0 ? way.get((i + n - 1) % n) : null, way.get(i), round || i + 1 < n ? way.get((i + 1) % n)
                : null).times(half.get(i));
            left.add(way.get(i).plus(out));
            right.add(way.get(i).minus(out));
        }
        if (round) return List.of(flat(left, map, z), flat(right.reversed(), map, z));
        left.addAll(right.reversed());
        return List.of(flat(left, map, z));
    }

    /** To the left at a place, as long as both sides' edges need to meet. */
    private static Point mitre(Point before, Point at, Point after) {
        if (before == null) return after.minus(at).unit().left();
        Point in = at.minus(before).unit();
        if (after == null) return in.left();
        Point n = in.left(), m = after.minus(at).unit().left(), sum = n.plus(m);
        double square = sum.dot(sum);
        // back the way it came: cut off square
        if (square < 1e-9) return n;
        Point mitred = sum.times(2 / square);
        return mitred.length() > MITRE ? mitred.unit().times(MITRE) : mitred;
    }

    private static double[] flat(List<Point> some, Affine3 map, double z) {
        double[] out = new double[2 * some.size()];
        for (int i = 0; i < some.size(); i++) {
            Vec3 p = map.apply(new Vec3(some.get(i).x(), some.get(i).y(), z));
            boolean near = Math.abs(p.x()) < FARTHEST && Math.abs(p.y()) < FARTHEST;
            if (!near) throw new IllegalArgumentException("a band beyond all drawings");
            out[2 * i] = p.x();
            out[2 * i + 1] = p.y();
        }
        return out;
    }
}
