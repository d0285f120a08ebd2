package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;

import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.hprtree.HPRtree;

import brightlintel.building.Column;
import brightlintel.building.DrawnRef;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Role;
import brightlintel.building.Support;
import brightlintel.building.Wall;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;

/**
 * Strokes with a role of building that lie in no element: what is accounted for lies on or in one, with its middle and both of its ends.
 */
final class Leftovers {
    /** Metres: about an element; shorter ones are crumbs of what is there; how far a partner is looked for. */
    private static final double ABOUT = 0.04, CRUMB = 0.02, FAR = 1.5, THICK = 0.66;
    private static final double ALONG = Math.toRadians(1);
    private final PlacedDrawing d;
    private final IntFunction<Role> role;
    private final List<Ground> grounds = new ArrayList<>();

    /** What an element covers, or reaches with its leaf. */
    private record Ground(Box box, Optional<Wall> wall, Optional<Ring> ring, Point at, double reach) {
        boolean holds(Point p) {
            if (!box.holds(p)) return false;
            if (ring.isPresent()) return ring.get().holds(p) || ring.get().distance(p) < ABOUT;
            if (wall.isEmpty()) return at.distance(p) <= reach;
            Wall w = wall.get();
            Point u = w.reference().unroll(p);
            double half = w.thickness().value() / 2 + ABOUT;
            return u.x() > -half && u.x() < w.length() + half && Math.abs(u.y() - (w.left() - w.right()) / 2) < half;
        }
    }

    private final HPRtree index = new HPRtree();
    private final Set<DrawnRef> grid = new HashSet<>();

    Leftovers(PlacedDrawing d, IntFunction<Role> role, List<Wall> walls, List<Opening> openings, List<Column> columns,
        List<GridLine> lines) {
        this.d = d;
        this.role = role;
        for (Wall w : walls) grounds.add(new Ground(w.reference().box().grown(w.thickness().value() + ABOUT), Optional.of(w),
            Optional.empty(), Point.ORIGIN, 0));
        for (Opening o : openings) walls.stream().filter(w -> w.id().equals(o.wall())).findFirst().ifPresent(w -> {
            Point at = w.middle(o.along());
            // a leaf reaches as far out of the wall as it is wide
            double reach = 1.2 * o.width().value() + w.thickness().value();
            grounds.add(new Ground(Box.of(at, at).grown(reach), Optional.empty(), Optional.empty(), at, reach));
        });
        for (Column c : columns) {
            Ring r = new Ring(c.ground().chords(0.002));
            grounds.add(new Ground(r.box().grown(ABOUT), Optional.empty(), Optional.of(r), c.at(), 0));
        }
        for (GridLine g : lines) for (Support s : g.from().on()) grid.add(s.drawn());
        for (Ground g : grounds) index.insert(new Envelope(g.box.minX(), g.box.maxX(), g.box.minY(), g.box.maxY()), g);
    }

    List<Leftover> of() {
        List<Leftover> out = new ArrayList<>();
        for (int i = 0; i < d.strokes().size(); i++) {
            Role r = role.apply(i);
            boolean building = r == Role.WALL || r == Role.DOOR || r == Role.WINDOW || r == Role.COLUMN || r == Role.GRID;
            if (!building || !d.cleared().strokeShown(i)) continue;
            Curve c = d.curve(i);
            if (c.length() < CRUMB || isAccounted(i, c, r)) continue;
            out.add(left(i, c, r));
        }
        out.sort(Comparator.comparingDouble((Leftover l) -> -l.at().y()).thenComparingDouble(l -> l.at().x()));
        return out;
    }

    private boolean isAccounted(int stroke, Curve c, Role r) {
        if (r == Role.GRID) return grid.contains(d.ref(stroke, 0, 1)) || !(c instanceof Curve.Straight s) || s.length() < FAR;
        return isIn(c.first()) && isIn(c.at(0.5)) && isIn(c.last());
    }

    private boolean isIn(Point p) {
        boolean[] in = {false};
        index.query(new Envelope(p.x(), p.x(), p.y(), p.y()), g -> in[0] |= ((Ground) g).holds(p));
        return in[0];
    }

    private Leftover left(int stroke, Curve c, Role r) {
        Point at = c.at(0.5);
        return switch (r) {
            case DOOR, WINDOW -> new Leftover(Leftover.Reason.NO_WALL, stroke, at, c.length(), 0);
            case COLUMN -> new Leftover(Leftover.Reason.NO_MARK, stroke, at, c.length(), 0);
            case GRID -> new Leftover(Leftover.Reason.NO_LINE, stroke, at, c.length(), 0);
            default -> {
                if (!(c instanceof Curve.Straight s)) yield new Leftover(Leftover.Reason.NO_FACE, stroke, at, c.length(), 0);
                double off = partner(stroke, s);
                Leftover.Reason why = off > FAR ? Leftover.Reason.NO_PARTNER : off > THICK ? Leftover.Reason.TOO_THICK
                    : Leftover.Reason.TOO_SHORT;
                yield new Leftover(why, stroke, at, c.length(), off > FAR ? 0 : off);
            }
        };
    }

    /** How far off the nearest face beside it lies; more than far where there is none. */
    private double partner(int stroke, Curve.Straight s) {
        double least = Double.POSITIVE_INFINITY;
        Point m = s.at(0.5), u = s.b().minus(s.a()).unit();
        for (int i : d.strokesNear(m, FAR)) {
            if (i == stroke || role.apply(i) != Role.WALL || !(d.curve(i) instanceof Curve.Straight o)) continue;
            if (Angles.betweenLines(o.b().minus(o.a()).angle(), u.angle()) > ALONG) continue;
            double off = Math.abs(u.cross(o.a().minus(m))), p = u.dot(o.a().minus(m)), q = u.dot(o.b().minus(m));
            if (off > CRUMB && Math.min(p, q) < 0 && Math.max(p, q) > 0) least = Math.min(least, off);
        }
        return least;
    }
}
