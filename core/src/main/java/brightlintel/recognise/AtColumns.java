package brightlintel.recognise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.IntPredicate;

import brightlintel.building.Column;
import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;

/**
 * Ends of walls at columns. Faces are drawn up to a column, and a hair between would let a room out: an end that stands at one goes on to
 * its middle, also over a pier of which one face alone is drawn. Walls that end in the same column meet in it.
 */
final class AtColumns {
    /** Metres: from a wall's end to the column; over a pier of which a face is drawn; the step by which it is looked for. */
    private static final double NEAR = 0.06, PIER = 0.75, STEP = 0.01;
    /** Metres: of a stroke from the face that it may be; from where the wall ends and the column begins. */
    private static final double FLUSH = 0.01, ENDS = 0.05;
    private static final double ASKEW = 0.5;
    private final PlacedDrawing d;
    private final IntPredicate isLine;
    private final List<Column> columns;
    private final List<Wall> walls = new ArrayList<>();
    private final List<Opening> openings = new ArrayList<>();

    /** @param isLine what may be drawn of a wall at all */
    AtColumns(PlacedDrawing d, IntPredicate isLine, List<Wall> some, List<Opening> in, List<Column> columns) {
        this.d = d;
        this.isLine = isLine;
        this.columns = columns;
        List<Wall> reached = some.stream().map(w -> w.reference().isStraight() ? moved(w, more(w, w.reference().a(), w.reference()
            .direction(0).times(-1)), more(w, w.reference().b(), w.reference().direction(0))) : w).toList();
        for (int i = 0; i < reached.size(); i++) {
            Wall was = some.get(i), now = reached.get(i);
            Piece p = now.reference();
            Wall met = p.isStraight() ? moved(now, -toMeeting(now, p.a(), reached), toMeeting(now, p.b(), reached)) : now;
            walls.add(met);
            double before = p.isStraight() ? was.reference().a().minus(met.reference().a()).dot(p.direction(0)) : 0;
            for (Opening o : in) if (o.wall().equals(was.id())) openings.add(before == 0 ? o : o.withAlong(o.along() + before));
        }
    }

    List<Wall> walls() {
        return walls;
    }

    /** At their places still, however far before them their walls begin now. */
    List<Opening> openings() {
        return openings;
    }

    private static Wall moved(Wall w, double before, double after) {
        if (before == 0 && after == 0) return w;
        Piece p = w.reference();
        Point u = p.direction(0);
        return w.with(Piece.straight(p.a().minus(u.times(before)), p.b().plus(u.times(after))));
    }

    /** From an end to where its line passes the middle of the column that it stands at; 0 where it stands at none, or in it. */
    private double more(Wall w, Point end, Point out) {
        for (Column c : columns) {
            OptionalDouble gap = free(c.ground(), end, out, PIER);
            if (gap.isPresent() && (gap.getAsDouble() <= NEAR || hasFace(w, end, out, gap.getAsDouble()))) return out.dot(c.at().minus(
                end));
        }
        return 0;
    }

    /**
     * How far it is from a wall's end to a column in line with it.
     *
     * @param upTo empty where it is farther off; and where the end stands in it
     */
    static OptionalDouble free(Ring column, Point end, Point out, double upTo) {
        Point to = column.box().centre().minus(end);
        if (out.dot(to) <= 0 || column.distance(end) > upTo || column.holds(end))
            return OptionalDouble.empty();
        for (double x = STEP; x <= upTo; x += STEP) if (column.holds(end.plus(out.times(x)))) return OptionalDouble.of(x);
        return OptionalDouble.empty();
    }

    /** Whether one of its faces goes on over a gap that is as long as was said. */
    private boolean hasFace(Wall w, Point end, Point out, double gap) {
        double half = w.thickness().value() / 2;
        for (int i : d.strokesNear(end.plus(out.times(gap / 2)), half + FLUSH)) {
            if (!isLine.test(i) || !d.cleared().strokeShown(i) || !(d.curve(i) instanceof Curve.Straight s)) continue;
            double p = out.dot(s.a().minus(end)), q = out.dot(s.b().minus(end));
            if (Math.abs(Math.abs(out.cross(s.a().minus(end))) - half) < FLUSH && Math.abs(Math.abs(out.cross(s.b().minus(end))) - half)
                < FLUSH && Math.min(p, q) < ENDS && Math.max(p, q) > gap - ENDS) return true;
        }
        return false;
    }

    /** How far along a wall from an end of it another one is met within the column that both end or pass in; 0 for none. */
    private double toMeeting(Wall w, Point end, List<Wall> all) {
        Optional<Column> in = columns.stream().filter(c -> c.ground().holds(end)).findFirst();
        if (in.isEmpty()) return 0;
        Point u = w.reference().direction(0);
        double nearest = 0, least = Double.MAX_VALUE;
        for (Wall o : all) {
            if (o.id().equals(w.id()) || !o.reference().isStraight()) continue;
            Point along = o.reference().direction(0);
            double sin = u.cross(along);
            if (Math.abs(sin) < ASKEW) continue;
            double far = o.reference().a().minus(end).cross(along) / sin;
            Point met = end.plus(u.times(far));
            double x = o.reference().unroll(met).x();
            boolean on = x >= 0 && x <= o.length() || in.get().ground().holds(o.reference().a()) || in.get().ground().holds(o.reference()
                .b());
            if (!on || !in.get().ground().holds(met) || Math.abs(far) >= least) continue;
            least = Math.abs(far);
            nearest = far;
        }
        return nearest;
    }
}
