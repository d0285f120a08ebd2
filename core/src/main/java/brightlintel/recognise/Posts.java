package brightlintel.recognise;

import java.util.ArrayList;
import java.util.List;
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
import brightlintel.geom.Point;
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
    private final List<DrawnMarks.Mark> marks;
    private final IntPredicate mixed;
    private final List<Wall> walls;
    private final List<GridLine> grid;

    Posts(List<DrawnMarks.Mark> marks, IntPredicate mixed, List<Wall> walls, List<GridLine> grid) {
        this.marks = marks;
        this.mixed = mixed;
        this.walls = walls;
        this.grid = grid;
    }

    List<Column> columns() {
        List<Column> out = new ArrayList<>();
        // where most of them are stretches of walls, what was told to be columns is windows
        boolean windows = 2 * marks.stream().filter(this::isPier).count() > marks.size();
        for (DrawnMarks.Mark m : marks) {
            boolean told = m.strokes().stream().noneMatch(mixed::test), crossing = isOnCrossing(m), pier = isPier(m);
            if (pier && (windows || !told) || !told && !crossing && alike(m) < SEVERAL) continue;
            double confidence = pier ? FAIR : told || crossing ? SURE : FAIR;
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
        double[] s = size(m);
        return marks.stream().filter(o -> Math.abs(size(o)[0] - s[0]) < ALIKE && Math.abs(size(o)[1] - s[1]) < ALIKE).count();
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
            if (a != b && Math.abs(a.line().direction(0).cross(b.line().direction(0))) > 0.1) return true;
        return false;
    }
}
