package brightlintel.desktop.tool;

import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Angles;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A curved wall: by where it begins, where it ends, and a point on it or its radius; about a centre; or going on from the end of a wall
 * without a bend.
 */
public final class WallArcTool implements Tool {
    private static final double FLAT = 1e-4, AT_END = 0.01;
    private final Workspace w;
    private final Way way;
    private final Corners points = new Corners();

    /** What is clicked: start, end, a point on it; centre, start, end; the end of a wall, where it is to go. */
    public enum Way {
        POINTS("wall-arc", 3), CENTRE("wall-arc-centre", 3), ON("wall-arc-on", 2);

        private final String id;
        private final int clicks;

        Way(String id, int clicks) {
            this.id = id;
            this.clicks = clicks;
        }

        public String id() {
            return id;
        }
    }

    public WallArcTool(Workspace w, Way way) {
        this.w = w;
        this.way = way;
    }

    @Override public String id() {
        return way.id;
    }

    @Override public String prompt() {
        return Words.of("prompt." + way.id + (points.isEmpty() ? ".first" : points.size() == 1 ? ".end" : ".on"));
    }

    @Override public void clicked(Aim aim) {
        if (points.isEmpty() && way == Way.ON && ahead(aim.at()).isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of("wall-arc-on.no-end")));
            return;
        }
        if (points.size() < way.clicks - 1) {
            points.clicked(aim);
            return;
        }
        piece(aim.at()).ifPresent(this::make);
    }

    /** As it would be with the last click at a place. */
    private Optional<Piece> piece(Point to) {
        if (points.size() < way.clicks - 1) return Optional.empty();
        List<Point> p = points.all();
        return switch (way) {
            case POINTS -> through(p.get(0), p.get(1), to);
            case CENTRE -> about(p.get(0), p.get(1), to);
            case ON -> ahead(p.get(0)).flatMap(d -> on(p.get(0), d, to));
        };
    }

    /** The way out of the wall that ends at a place; nothing where none does. */
    private Optional<Point> ahead(Point at) {
        for (Wall x : w.contents().walls()) {
            Piece r = x.reference();
            if (r.b().distance(at) < AT_END) return Optional.of(r.direction(r.length()));
            if (r.a().distance(at) < AT_END) return Optional.of(r.direction(0).times(-1));
        }
        return Optional.empty();
    }

    /** From a, going its way at first, to b. */
    static Optional<Piece> on(Point a, Point way, Point b) {
        Point chord = b.minus(a);
        if (chord.length() < FLAT) return Optional.empty();
        // a tangent stands at half the sweep to the chord
        double half = Math.atan2(way.cross(chord), way.dot(chord));
        return Math.abs(half) < 1e-6 ? Optional.of(Piece.straight(a, b)) : Math.abs(half) > Math.PI - 1e-3 ? Optional.empty()
            : Optional.of(new Piece(a, b, Math.tan(half / 2)));
    }

    /** About a centre from a start to the direction of a place, the shorter way round. */
    static Optional<Piece> about(Point centre, Point start, Point to) {
        double r = centre.distance(start), sweep = Angles.signed(to.minus(centre).angle() - start.minus(centre).angle());
        if (r < FLAT || to.distance(centre) < FLAT || Math.abs(sweep) < 1e-4) return Optional.empty();
        return Optional.of(new Piece(start, centre.plus(Point.polar(to.minus(centre).angle(), r)), Math.tan(sweep / 4)));
    }

    private void make(Piece p) {
        points.clear();
        WallMaking.add(w, List.of(WallMaking.plain(w, p)));
    }

    /** From a to b over c; straight where c lies on the line between them. */
    static Optional<Piece> through(Point a, Point b, Point c) {
        Point ab = b.minus(a), ac = c.minus(a);
        double area = ab.cross(ac);
        if (Math.abs(area) < FLAT * ab.length() * ab.length()) return Optional.of(Piece.straight(a, b));
        // the angle over the chord at c is half of what the arc leaves of the circle
        double at = Math.atan2(Math.abs(area), a.minus(c).dot(b.minus(c))), sweep = 2 * (Math.PI - at);
        double bulge = Math.tan(sweep / 4) * -Math.signum(area);
        return Double.isFinite(bulge) && Math.abs(bulge) < 1e3 ? Optional.of(new Piece(a, b, bulge)) : Optional.empty();
    }

    @Override public Asks asks() {
        return way == Way.POINTS && points.size() == 2 || way == Way.CENTRE && points.size() == 1 ? Asks.WAY : Asks.NOTHING;
    }

    /** The radius; the arc bends towards the pointer, and is the smaller one. */
    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (way == Way.CENTRE && points.size() == 1) return points.typed(value, direction, w.aim().at());
        if (way != Way.POINTS || points.size() < 2) return false;
        Point a = points.all().get(0), b = points.all().get(1);
        double half = a.distance(b) / 2;
        if (!(value >= half - 1e-9)) return false;
        double side = Math.signum(b.minus(a).cross(w.aim().at().minus(a))), rise = value - Math.sqrt(Math.max(0,
            value * value - half * half));
        make(new Piece(a, b, -side * rise / half));
        return true;
    }

    @Override public Optional<Point> from() {
        // the last of three points lies where it lies, not level or plumb to another
        return points.size() < 2 ? points.last() : Optional.empty();
    }

    @Override public boolean back() {
        return points.back();
    }

    @Override public boolean escape() {
        return points.clear();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        points.all().forEach(p -> out.add(new Mark.Handle(p, "")));
        Point at = w.aim().at();
        points.last().ifPresent(p -> out.add(new Mark.Line(p, at, true)));
        piece(at).ifPresent(p -> {
            out.add(WallMaking.mark(WallMaking.plain(w, p)));
            if (!p.isStraight()) out.add(new Mark.Callout(at, Words.of("wall.radius", w.lengths().position(p.radius()))));
        });
        return out;
    }
}
