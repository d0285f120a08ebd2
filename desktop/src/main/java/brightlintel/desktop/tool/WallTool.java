package brightlintel.desktop.tool;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Provenance;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.WallSettings;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.trace.Supports;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A chain of walls. Each point becomes a wall at once, so that each can be undone; Backspace takes the last point back. */
public final class WallTool implements Tool {
    private static final double SHORTEST = 0.01;
    private final Workspace w;
    private final List<Point> points = new ArrayList<>();
    private final List<ElementId> made = new ArrayList<>();

    public WallTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "wall";
    }

    @Override public String prompt() {
        if (points.isEmpty()) return Words.of("prompt.wall.first");
        return Words.of(points.size() > 2 ? "prompt.wall.next-close" : "prompt.wall.next", points.size());
    }

    public List<Point> points() {
        return List.copyOf(points);
    }

    @Override public void clicked(Aim aim) {
        add(aim.at(), aim.reach());
    }

    private void add(Point p, double reach) {
        if (points.isEmpty()) {
            points.add(p);
            return;
        }
        boolean closes = points.size() > 2 && p.distance(points.getFirst()) <= reach * 0.8;
        Point to = closes ? points.getFirst() : p;
        if (to.distance(points.getLast()) < SHORTEST) return;
        Wall wall = wall(points.getLast(), to);
        w.apply(Tracing.addWalls(w.storeyId(), List.of(wall)));
        made.add(wall.id());
        points.add(to);
        if (closes) finish();
    }

    private Wall wall(Point a, Point b) {
        WallSettings s = w.wallSettings();
        Wall plain = new Wall(ElementId.fresh(), Piece.straight(a, b), s.side(), s.thickness(), 0, new Top.NextStorey(0), Provenance.BY_HAND);
        return w.drawing().map(d -> plain.with(new Provenance(new Provenance.Way.ByHand(), Supports.ofWall(plain, d)))).orElse(plain);
    }

    @Override public Optional<Point> from() {
        return points.isEmpty() ? Optional.empty() : Optional.of(points.getLast());
    }

    @Override public List<Point> ownPoints() {
        return points.isEmpty() ? List.of() : List.of(points.getFirst());
    }

    @Override public Asks asks() {
        return points.isEmpty() ? Asks.PART : Asks.WAY;
    }

    @Override public boolean asksDirection() {
        return !points.isEmpty();
    }

    /** Before the first point a figure is the thickness; after it, the length towards the pointer or in the given direction. */
    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (points.isEmpty()) {
            if (!(value > 0.005 && value < 10)) return false;
            w.wallSettings(w.wallSettings().with(Given.stated(value)));
            return true;
        }
        if (!(value >= SHORTEST)) return false;
        Point way = w.aim().at().minus(points.getLast());
        if (direction.isEmpty() && way.length() < 1e-9) return false;
        add(points.getLast().plus(Point.polar(direction.orElse(way.angle()), value)), 1e-4);
        return true;
    }

    /** The next reference face; a wall just drawn keeps its own. */
    public void nextSide() {
        w.wallSettings(w.wallSettings().with(w.wallSettings().side().next()));
    }

    @Override public void finish() {
        points.clear();
        made.clear();
    }

    @Override public boolean back() {
        if (points.isEmpty()) return false;
        points.removeLast();
        if (!made.isEmpty()) {
            ElementId last = made.removeLast();
            if (w.history().canUndo() && w.contents().walls().stream().anyMatch(x -> x.id().equals(last))) w.undo();
        }
        return true;
    }

    /** First ends the chain, then leaves. */
    @Override public boolean escape() {
        if (points.isEmpty()) return false;
        finish();
        return true;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        for (int i = 0; i + 1 < points.size(); i++) out.add(new Mark.Line(points.get(i), points.get(i + 1), false));
        for (int i = 0; i < points.size(); i++) out.add(new Mark.Handle(points.get(i), Integer.toString(i + 1)));
        if (!points.isEmpty() && w.aim().at().distance(points.getLast()) > SHORTEST) {
            Wall next = wall(points.getLast(), w.aim().at(), w.wallSettings());
            Piece r = next.reference();
            out.add(new Mark.Area(List.of(r.at(0, next.left()), r.at(0, -next.right()), r.at(r.length(), -next.right()), r.at(r.length(), next.left()))));
            out.add(new Mark.Line(r.a(), r.b(), false));
        }
        return out;
    }

    private static Wall wall(Point a, Point b, WallSettings s) {
        return new Wall(new ElementId("next"), Piece.straight(a, b), s.side(), s.thickness(), 0, new Top.NextStorey(0), Provenance.BY_HAND);
    }
}
