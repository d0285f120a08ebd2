package brightlintel.recognise;

import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;

import brightlintel.building.Wall;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;

/** Ends of round walls go on about their middle, or back, to the middle of the straight wall that each meets. */
final class RoundEnds {
    /** Metres: between bodies that meet; over a last pier, of which no arc was drawn; of what is drawn of it from the circle of a face. */
    private static final double REACH = 0.06, PIER = 0.75, OFF = 0.03;
    private static final double ALONG = 0.2;
    private final PlacedDrawing d;
    private final IntPredicate isLine;
    private final List<Wall> walls;

    /** @param isLine what may be drawn of a wall at all */
    RoundEnds(PlacedDrawing d, IntPredicate isLine, List<Wall> walls) {
        this.d = d;
        this.isLine = isLine;
        this.walls = walls;
    }

    Piece meeting(Wall w) {
        Piece p = w.reference();
        Point from = met(w, p.a()), to = met(w, p.b()), c = p.centre();
        // both ends of one that is nearly closed may meet the same wall
        if (from.distance(to) < REACH) return p;
        double more = Angles.signed(p.a().minus(c).angle() - from.minus(c).angle()) + Angles.signed(to.minus(c).angle() - p.b().minus(c)
            .angle());
        double sweep = 4 * Math.atan(p.bulge());
        return new Piece(from, to, Math.tan((sweep + more) / 4));
    }

    private Point met(Wall w, Point end) {
        Point near = onLine(w, end, 0);
        // halves of a ring end at each other
        if (!near.equals(end) || walls.stream().anyMatch(o -> o != w && !o.reference().isStraight() && (o.reference().a().distance(end)
            < REACH || o.reference().b().distance(end) < REACH))) return near;
        Point far = onLine(w, end, PIER);
        return !far.equals(end) && isDrawn(w, end, far) ? far : end;
    }

    /** Whether a piece of a face, a short chord as a rule, is drawn between both. */
    private boolean isDrawn(Wall w, Point end, Point to) {
        Piece p = w.reference();
        double half = w.thickness().value() / 2;
        Point c = p.centre();
        return d.strokesNear(end.towards(to, 0.5), half + OFF).stream().filter(i -> isLine.test(i) && d.cleared().strokeShown(i)).anyMatch(
            i -> {
                Curve k = d.curve(i);
                double a = Math.abs(k.first().distance(c) - p.radius()) - half, b = Math.abs(k.last().distance(c) - p.radius()) - half;
                return Math.abs(a) < OFF && Math.abs(b) < OFF && k.length() < 2 * PIER && Math.abs(k.at(0.5).distance(c) - k.first()
                    .distance(c)) < OFF;
            });
    }

    /** @param beyond how much farther than where bodies meet */
    private Point onLine(Wall w, Point end, double beyond) {
        Point best = end;
        double least = Double.MAX_VALUE;
        for (Wall o : walls) {
            // a chord of the same circle is no wall that it could meet
            if (o == w || !o.reference().isStraight() || Math.abs(o.reference().direction(0).dot(end.minus(w.reference().centre())
                .unit())) < ALONG) continue;
            double half = (o.thickness().value() + w.thickness().value()) / 2 + REACH;
            if (o.reference().distance(end) > half + beyond) continue;
            Optional<Point> met = onCircle(w.reference().centre(), w.reference().radius(), end, o.reference().direction(0), o.reference()
                .a());
            double far = met.map(end::distance).orElse(Double.MAX_VALUE);
            if (far >= least || far > 2 * half + beyond || beyond > 0 && o.reference().distance(met.get()) > half) continue;
            least = far;
            best = met.orElseThrow();
        }
        return best;
    }

    /** Where a line meets a circle, the nearer of both to a place. */
    private static Optional<Point> onCircle(Point centre, double radius, Point near, Point along, Point through) {
        return onCircle(centre, radius, through.plus(along.times(along.dot(near.minus(through)))), along);
    }

    /** Where a line through a place meets a circle, the nearer of both. */
    static Optional<Point> onCircle(Point centre, double radius, Point at, Point along) {
        double t = centre.minus(at).dot(along), off = along.cross(centre.minus(at)), half = radius * radius - off * off;
        if (half < 0) return Optional.empty();
        double s = Math.sqrt(half), near = Math.abs(t - s) < Math.abs(t + s) ? t - s : t + s;
        return Optional.of(at.plus(along.times(near)));
    }
}
