package brightlintel.recognise;

import java.util.ArrayList;
import java.util.List;

import brightlintel.building.Column;
import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;

/** Ends of walls that stand at a column go on to its middle: faces are drawn up to it, and a hair between would let a room out. */
final class AtColumns {
    /** Metres: from a wall's end to the column; the step by which it is looked for. */
    private static final double NEAR = 0.06, STEP = 0.01;
    private final List<Column> columns;
    private final List<Wall> walls = new ArrayList<>();
    private final List<Opening> openings = new ArrayList<>();

    AtColumns(List<Wall> some, List<Opening> in, List<Column> columns) {
        this.columns = columns;
        for (Wall w : some) {
            double before = w.reference().isStraight() ? more(w, w.reference().a(), w.reference().direction(0).times(-1)) : 0;
            double after = w.reference().isStraight() ? more(w, w.reference().b(), w.reference().direction(0)) : 0;
            if (before + after == 0) {
                walls.add(w);
                in.stream().filter(o -> o.wall().equals(w.id())).forEach(openings::add);
                continue;
            }
            Point u = w.reference().direction(0);
            walls.add(w.with(Piece.straight(w.reference().a().minus(u.times(before)), w.reference().b().plus(u.times(after)))));
            for (Opening o : in) if (o.wall().equals(w.id())) openings.add(o.withAlong(o.along() + before));
        }
    }

    List<Wall> walls() {
        return walls;
    }

    /** At their places still, however far before them their walls begin now. */
    List<Opening> openings() {
        return openings;
    }

    /** From an end to where its line passes the middle of the column that it stands at; 0 where it stands at none, or in it. */
    private double more(Wall w, Point end, Point out) {
        for (Column c : columns) {
            double across = Math.abs(out.cross(c.at().minus(end))), along = out.dot(c.at().minus(end));
            if (along <= 0 || across > w.thickness().value() / 2 + NEAR || c.ground().holds(end)) continue;
            for (double x = STEP; x <= NEAR; x += STEP) if (c.ground().holds(end.plus(out.times(x)))) return along;
        }
        return 0;
    }
}
