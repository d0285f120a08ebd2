package brightlintel.correct.look;

import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Runs of straight strokes that were drawn as one line: closed ones are outlines, of rooms and columns as of anything. */
final class Outlines {
    private static final int MOST_CORNERS = 400;
    /** Of its box: how far apart both ends of a closed line may lie. */
    private static final double MEET = 1e-6;

    private Outlines() { }

    /** One line of the file. @param from its first stroke; to: behind its last */
    record Run(int from, int to, List<Point> points) {
        boolean isClosed() {
            Box b = Box.of(points);
            return points.size() > 3 && points.getFirst().distance(points.getLast()) <= MEET * b.diagonal();
        }

        Ring ring() {
            return new Ring(points.subList(0, points.size() - 1));
        }
    }

    /** Those that are shown and straight, without those of written measures and hatches. */
    static List<Run> of(Drawn d) {
        List<Run> out = new ArrayList<>();
        Strokes s = d.strokes();
        Set<EntityKey> measures = d.measureKeys();
        for (int i = 0; i < s.size();) {
            int to = i + 1;
            while (to < s.size() && s.entityOf(to) == s.entityOf(i) && s.pathOf(to) == s.pathOf(i)) to++;
            if (to - i > 2 && to - i <= MOST_CORNERS && !(s.entityOf(i) instanceof Entity.Hatch) && d.strokeShown().test(i)
                && (s.pathOf(i) == null || !measures.contains(s.pathOf(i).insert()))) run(s, i, to, out);
            i = to;
        }
        return out;
    }

    private static void run(Strokes s, int from, int to, List<Run> out) {
        List<Point> points = new ArrayList<>();
        double[] xy = s.xy();
        for (int i = from; i < to; i++) {
            if (!s.isStraight(i)) return;
            int c = 4 * s.firstChord(i);
            if (i == from) points.add(new Point(xy[c], xy[c + 1]));
            else if (points.getLast().distance(new Point(xy[c], xy[c + 1])) > MEET * Box.of(points).diagonal()) return;
            points.add(new Point(xy[c + 2], xy[c + 3]));
        }
        out.add(new Run(from, to, points));
    }
}
