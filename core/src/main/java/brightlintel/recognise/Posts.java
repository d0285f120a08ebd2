package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;

import brightlintel.building.Column;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Provenance;
import brightlintel.building.Section;
import brightlintel.building.Stand;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.trace.DrawnMarks;

/**
 * Columns among closed marks. On a layer of columns each is one. On a layer that holds several things a mark is one where others are alike
 * or where grid lines cross, and never where it is a stretch of a wall: a pier, or a window's frame.
 */
final class Posts {
    private static final double SURE = 0.95, FAIR = 0.8;
    /** Metres: beyond a wall's faces; sizes that are one; of a mark from a crossing. Of a mark: how much longer than deep a pier is. */
    private static final double FLUSH = 0.02, ALIKE = 0.01, CROSSING = 0.25, LONGER = 1.25;
    private static final int SEVERAL = 3;
    /** Of what is told by its form alone: how much longer than deep, metres, of its box, and how many of those alike stand in walls. */
    private static final double COMPACT = 2.1, LEAST = 0.12, MOST = 1.3, FULL = 0.7, MOSTLY = 0.7;
    private final List<DrawnMarks.Mark> marks, wouldBe = new ArrayList<>();
    private final Set<DrawnMarks.Mark> inWalls = Collections.newSetFromMap(new IdentityHashMap<>());
    private final IntPredicate mixed;
    private final List<Wall> walls;
    private final List<GridLine> grid;

    /** @param mixed whether a stroke was not told to be a column by its layer; perhaps: other closed marks, that nothing was said of */
    Posts(List<DrawnMarks.Mark> marks, List<DrawnMarks.Mark> perhaps, IntPredicate mixed, List<Wall> walls, List<GridLine> grid) {
        this.marks = new ArrayList<>(marks);
        this.mixed = mixed;
        this.walls = walls;
        this.grid = grid;
        for (DrawnMarks.Mark m : perhaps) if (marks.stream().noneMatch(o -> o.at().distance(m.at()) < ALIKE)) wouldBe.add(m);
        for (DrawnMarks.Mark m : wouldBe) if (standsInWalls(m)) {
            inWalls.add(m);
            this.marks.add(m);
        }
    }

    /** Whether it is one of several alike that are wider than the walls they stand in, nearly all with their middles within one. */
    private boolean standsInWalls(DrawnMarks.Mark m) {
        if (!isCompact(m) || !isInWall(m)) return false;
        List<DrawnMarks.Mark> alike = wouldBe.stream().filter(o -> isAlike(o, m)).toList();
        return alike.size() > SEVERAL && alike.stream().filter(this::isInWall).count() > MOSTLY * alike.size();
    }

    private boolean isInWall(DrawnMarks.Mark m) {
        double[] s = size(m);
        return walls.stream().anyMatch(w -> {
            Point u = w.reference().unroll(m.at());
            double half = w.thickness().value() / 2;
            return s[0] > w.thickness().value() + FLUSH && u.x() > -half && u.x() < w.length() + half && Math.abs(u.y() - (w.left()
                - w.right()) / 2) < half;
        });
    }

    /** About as deep as wide, full, and not crossed from corner to corner, as cupboards are. */
    private static boolean isCompact(DrawnMarks.Mark m) {
        double[] s = size(m);
        return s[1] < COMPACT * s[0] && s[0] > LEAST && s[1] < MOST && (m.section() instanceof Section.Round || m.ground().area() > FULL
            * s[0] * s[1]) && !isCrossed(m);
    }

    /** One line askew from edge to edge of it; two are a column's cross. */
    private static boolean isCrossed(DrawnMarks.Mark m) {
        if (!(m.section() instanceof Section.Rectangle)) return false;
        Ring r = m.ground();
        double near = 0.1 * Math.min(r.box().width(), r.box().height());
        int n = 0;
        for (int i : m.drawing().strokesNear(m.at(), near)) {
            if (m.strokes().contains(i) || !m.drawing().cleared().strokeShown(i)
                || !(m.drawing().curve(i) instanceof Curve.Straight c)) continue;
            boolean askew = r.corners().stream().anyMatch(k -> k.distance(c.a()) < near) || r.corners().stream().anyMatch(k ->
                k.distance(c.b()) < near);
            if (askew && r.distance(c.a()) < near && r.distance(c.b()) < near) n++;
        }
        return n == 1;
    }

    List<Column> columns() {
        List<Column> out = new ArrayList<>();
        // where most of them are stretches of walls, what was told to be columns is windows
        boolean windows = 2 * marks.stream().filter(this::isPier).count() > marks.size();
        for (DrawnMarks.Mark m : marks) {
            boolean told = m.strokes().stream().noneMatch(mixed::test), crossing = isOnCrossing(m), pier = isPier(m);
            if (pier && (windows || !told) || !told && (!isCompact(m) || !crossing && alike(m) < SEVERAL && !inWalls.contains(m))) continue;
            // one of its size alone, and on no crossing, may be furniture on a layer that was taken for one of columns
            double confidence = !pier && (crossing || told && isCompact(m) && alike(m) > 1) ? SURE : FAIR;
            out.add(new Column(ElementId.fresh(), m.section(), m.at(), m.turn(), Stand.FLOOR, Top.NEXT, new Provenance(
                new Provenance.Way.Proposed(confidence), m.provenance().on())));
        }
        return out;
    }

    private static double[] size(DrawnMarks.Mark m) {
        Box b = m.section().outline().box();
        return new double[] {Math.min(b.width(), b.height()), Math.max(b.width(), b.height())};
    }

    /** How many are as large, itself among them. */
    private long alike(DrawnMarks.Mark m) {
        return marks.stream().filter(o -> isAlike(o, m)).count();
    }

    private static boolean isAlike(DrawnMarks.Mark a, DrawnMarks.Mark b) {
        double[] s = size(a), t = size(b);
        return Math.abs(t[0] - s[0]) < ALIKE && Math.abs(t[1] - s[1]) < ALIKE;
    }

    /** As deep as the wall that it lies in, and longer. */
    private boolean isPier(DrawnMarks.Mark m) {
        double[] s = size(m);
        if (m.section() instanceof Section.Round || s[1] < LONGER * s[0]) return false;
        return walls.stream().anyMatch(w -> Math.abs(w.thickness().value() - s[0]) < FLUSH && m.ground().corners().stream().allMatch(c -> {
            Point u = w.reference().unroll(c);
            return Math.abs(u.y() - (w.left() - w.right()) / 2) < w.thickness().value() / 2 + FLUSH && u.x() > -s[1] && u.x() < w.length()
                + s[1];
        }));
    }

    private boolean isOnCrossing(DrawnMarks.Mark m) {
        List<GridLine> near = grid.stream().filter(g -> g.line().distance(m.at()) < CROSSING).toList();
        for (GridLine a : near) for (GridLine b : near)
            if (a != b && Math.abs(along(a, m).cross(along(b, m))) > 0.1) return true;
        return false;
    }

    /** The direction of a line where it passes a mark. */
    private static Point along(GridLine g, DrawnMarks.Mark m) {
        return g.line().direction(g.line().unroll(m.at()).x());
    }
}
