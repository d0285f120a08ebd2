package brightlintel.recognise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.DrawnMarks;
import brightlintel.trace.DrawnOpenings;

/** A wall whose last piece is a door reaches to the wall beyond it: nothing of its faces is drawn there. */
final class Reaching {
    /** Metres: of a door at a wall's end; from its jambs to what bounds the gap. */
    private static final double NARROW = 0.4, WIDE = 2.6, OFF = 0.15;
    private final PlacedDrawing d;
    private final List<Wall> walls;
    private final List<DrawnMarks.Mark> columns;

    /** @param columns what was told to be columns: a door may end at one that the wall beyond passes through, or at one alone */
    Reaching(PlacedDrawing d, List<Wall> walls, List<DrawnMarks.Mark> columns) {
        this.d = d;
        this.walls = walls;
        this.columns = columns;
    }

    List<Wall> reached() {
        List<Wall> out = new ArrayList<>();
        for (Wall w : walls) {
            Wall now = w;
            if (w.reference().isStraight()) for (boolean atEnd : new boolean[] {true, false}) now = reach(now, atEnd).orElse(now);
            out.add(now);
        }
        return out;
    }

    /** @param free from a wall's end to the face of what it meets; at: on the middle of that */
    record Met(Point at, double free) { }

    /** The nearest straight wall that another one meets where it goes straight on. @param upTo nothing farther off, metres */
    static Optional<Met> ahead(Wall w, boolean atEnd, List<Wall> walls, double upTo) {
        Piece p = w.reference();
        Point end = atEnd ? p.b() : p.a(), out = p.direction(0).times(atEnd ? 1 : -1);
        double nearest = upTo;
        Point to = null;
        for (Wall o : walls) {
            if (o.id().equals(w.id()) || !o.reference().isStraight()) continue;
            Point along = o.reference().direction(0);
            double sin = out.cross(along);
            if (Math.abs(sin) < 0.5) continue;
            double far = o.reference().a().minus(end).cross(along) / sin, free = far - o.thickness().value() / 2 / Math.abs(sin);
            Point met = end.plus(out.times(far));
            double x = o.reference().unroll(met).x(), half = w.thickness().value() / 2;
            if (free < nearest && free > -half && x > -half && x < o.length() + half) {
                nearest = free;
                to = met;
            }
        }
        return to == null ? Optional.empty() : Optional.of(new Met(to, nearest));
    }

    private Optional<Wall> reach(Wall w, boolean atEnd) {
        Piece p = w.reference();
        Point end = atEnd ? p.b() : p.a(), out = p.direction(0).times(atEnd ? 1 : -1);
        Optional<Met> met = ahead(w, atEnd, walls, WIDE);
        double nearest = met.map(Met::free).orElse(WIDE);
        Point to = met.map(Met::at).orElse(null);
        for (DrawnMarks.Mark m : columns) {
            OptionalDouble free = AtColumns.free(m.ground(), end, out, nearest);
            if (free.isEmpty()) continue;
            nearest = free.getAsDouble();
            if (to == null || !m.ground().holds(to)) to = end.plus(out.times(out.dot(m.at().minus(end))));
        }
        if (to == null || nearest < NARROW) return Optional.empty();
        Wall longer = w.with(atEnd ? Piece.straight(p.a(), to) : Piece.straight(to, p.b()));
        double from = atEnd ? p.length() : longer.length() - p.length() - nearest, upTo = from + nearest;
        return DrawnOpenings.at(longer.middle((from + upTo) / 2), OFF, false, List.of(longer), List.of(d)).filter(s -> s.sort()
            != DrawnOpenings.Sort.GAP && Math.abs(s.from() - from) < OFF && Math.abs(s.to() - upTo) < OFF).map(_ -> longer);
    }
}
