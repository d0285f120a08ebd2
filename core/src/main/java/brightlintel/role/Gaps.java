package brightlintel.role;

import brightlintel.geom.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * Openings as gaps of walls: both faces end and begin again on the same lines, by the same length. What is drawn in a gap, and is no wall,
 * closes it: a door or a window. Upright metres.
 */
final class Gaps {
    private static final double LEAST = 0.35, MOST = 8, ON_LINE = 0.012, SAME_END = 0.03, THIN = 0.055, THICK = 0.6;
    private final Sight s;

    /** A face that lies level or plumb. */
    private record Face(double v, double from, double to) { }

    private record Hole(double v, double from, double to) { }

    /** @param along whether it runs level */
    record Gap(Box box, boolean along) { }

    Gaps(Sight s) {
        this.s = s;
    }

    /** @param isWall whether a stroke is taken for a face */
    List<Gap> find(IntPredicate isWall) {
        List<Gap> out = new ArrayList<>();
        for (boolean level : new boolean[] {true, false}) {
            List<Hole> holes = holes(faces(level, isWall));
            holes.sort(Comparator.comparingDouble(Hole::v));
            for (int i = 0; i < holes.size(); i++) {
                Hole a = holes.get(i);
                for (int k = i + 1; k < holes.size() && holes.get(k).v - a.v < THICK; k++) {
                    Hole b = holes.get(k);
                    if (b.v - a.v < THIN || Math.abs(a.from - b.from) > SAME_END || Math.abs(a.to - b.to) > SAME_END) continue;
                    double from = Math.min(a.from, b.from), to = Math.max(a.to, b.to);
                    out.add(new Gap(level ? new Box(from, a.v, to, b.v) : new Box(a.v, from, b.v, to), level));
                    break;
                }
            }
        }
        return out;
    }

    private List<Face> faces(boolean level, IntPredicate isWall) {
        List<Face> out = new ArrayList<>();
        for (int i = 0; i < s.strokes.size(); i++) {
            if (!s.isShown(i) || !s.strokes.isStraight(i) || !isWall.test(i)) continue;
            Box b = s.box(i);
            double along = level ? b.width() : b.height(), across = level ? b.height() : b.width();
            if (along < 0.03 || across > 0.012 * along) continue;
            out.add(level ? new Face(b.centre().y(), b.minX(), b.maxX()) : new Face(b.centre().x(), b.minY(), b.maxY()));
        }
        return out;
    }

    /** From the end of each face to the next one on its line. */
    private static List<Hole> holes(List<Face> faces) {
        faces.sort(Comparator.comparingDouble(Face::v));
        List<Hole> out = new ArrayList<>();
        for (int i = 0; i < faces.size();) {
            int k = i + 1;
            while (k < faces.size() && faces.get(k).v - faces.get(k - 1).v < ON_LINE) k++;
            List<Face> line = new ArrayList<>(faces.subList(i, k));
            line.sort(Comparator.comparingDouble(Face::from));
            double to = line.getFirst().to;
            for (Face f : line) {
                if (f.from - to > LEAST && f.from - to < MOST) out.add(new Hole(f.v, to, f.from));
                to = Math.max(to, f.to);
            }
            i = k;
        }
        return out;
    }

    /** Whether a stroke runs in a gap, and not across its end as a jamb does. */
    static boolean isIn(Gap g, Box stroke) {
        Box wide = g.box.grown(0.04);
        if (!wide.holds(stroke)) return false;
        double along = g.along ? stroke.width() : stroke.height(), whole = g.along ? g.box.width() : g.box.height();
        return along > 0.2 * whole;
    }
}
