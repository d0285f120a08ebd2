package brightlintel.desktop.tool;

import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A curved wall by three points: where it begins, where it ends, and one on it; or its radius typed for the last. */
public final class WallArcTool implements Tool {
    private static final double FLAT = 1e-4;
    private final Workspace w;
    private final Corners points = new Corners();

    public WallArcTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "wall-arc";
    }

    @Override public String prompt() {
        return Words.of(points.isEmpty() ? "prompt.wall-arc.first" : points.size() == 1 ? "prompt.wall-arc.end" : "prompt.wall-arc.on");
    }

    @Override public void clicked(Aim aim) {
        if (points.size() < 2) {
            points.clicked(aim);
            return;
        }
        through(points.all().get(0), points.all().get(1), aim.at()).ifPresent(this::make);
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
        return points.size() == 2 ? Asks.WAY : Asks.NOTHING;
    }

    /** The radius; the arc bends towards the pointer, and is the smaller one. */
    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (points.size() < 2) return false;
        Point a = points.all().get(0), b = points.all().get(1);
        double half = a.distance(b) / 2;
        if (!(value >= half - 1e-9)) return false;
        double side = Math.signum(b.minus(a).cross(w.aim().at().minus(a))), rise = value - Math.sqrt(Math.max(0,
            value * value - half * half));
        make(new Piece(a, b, -side * rise / half));
        return true;
    }

    @Override public Optional<Point> from() {
        return points.last();
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
        if (points.size() == 1) out.add(new Mark.Line(points.all().getFirst(), at, true));
        if (points.size() == 2) through(points.all().get(0), points.all().get(1), at).ifPresent(p -> {
            out.add(WallMaking.mark(WallMaking.plain(w, p)));
            if (!p.isStraight()) out.add(new Mark.Callout(at, Words.of("wall.radius", w.lengths().position(p.radius()))));
        });
        return out;
    }
}
