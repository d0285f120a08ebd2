package brightlintel.desktop.tool;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Provenance;
import brightlintel.building.Stand;
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
import java.util.Set;

/** A chain of walls. Each point becomes a wall at once, so that each can be undone; Backspace takes the last point back. */
public final class WallTool implements Tool {
    private static final double SHORTEST = 0.01, LONGEST = 10_000;
    /** Of a sine: walls that run alike. */
    private static final double SQUARE = 1e-3;
    private static final ElementId NEXT = new ElementId("next");
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
        Wall plain = WallMaking.ofKind(w, plain(ElementId.fresh(), a, b));
        return plain.with(new Provenance(new Provenance.Way.ByHand(), Supports.ofWall(plain, w.drawings())));
    }

    private Wall plain(ElementId id, Point a, Point b) {
        WallSettings s = w.settings().wall();
        return new Wall(id, Piece.straight(a, b), s.side(), s.thickness(), Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
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
            w.settings().wall(w.settings().wall().with(Given.stated(value)));
            return true;
        }
        if (!(value >= SHORTEST && value <= LONGEST)) return false;
        Point way = w.aim().at().minus(points.getLast());
        if (direction.isEmpty() && way.length() < 1e-9) return false;
        add(points.getLast().plus(Point.polar(direction.orElse(way.angle()), value)), 1e-4);
        return true;
    }

    /** The next reference face; a wall just drawn keeps its own. */
    public void nextSide() {
        w.settings().wall(w.settings().wall().with(w.settings().wall().side().next()));
    }

    /**
     * Closes the chain with right angles: with one corner, the last wall goes on parallel to the first, and then square to it; with two,
     * out square from the last wall as far as the pointer is, along the first, and square to it.
     */
    public void squareOff(int corners) {
        List<Point> between = squaring(corners, w.aim().at());
        if (between.isEmpty()) return;
        for (Point p : between) add(p, 0);
        add(points.getFirst(), 1e-3);
    }

    public boolean canSquareOff() {
        return points.size() > 2;
    }

    /** The corners that are missing; none where the chain is too short, or is square already. */
    List<Point> squaring(int corners, Point pointer) {
        if (!canSquareOff()) return List.of();
        Point first = points.getFirst(), last = points.getLast(), along = points.get(1).minus(first).unit();
        if (corners == 1) {
            Point c = last.plus(along.times(first.minus(last).dot(along)));
            return c.distance(last) < SHORTEST || c.distance(first) < SHORTEST ? List.of() : List.of(c);
        }
        Point back = last.minus(points.get(points.size() - 2)).unit(), out = back.left();
        // with two, the last wall has to run as the first does: else one is enough
        if (Math.abs(back.cross(along)) > SQUARE) return List.of();
        Point one = last.plus(out.times(pointer.minus(last).dot(out))), two = one.plus(along.times(first.minus(one).dot(along)));
        boolean apart = one.distance(last) >= SHORTEST && two.distance(one) >= SHORTEST && two.distance(first) >= SHORTEST;
        return apart ? List.of(one, two) : List.of();
    }

    @Override public void finish() {
        points.clear();
        made.clear();
    }

    /** The last wall and its point; where something else was done since, that stays, and the wall is taken out by itself. */
    @Override public boolean back() {
        if (points.isEmpty()) return false;
        if (made.isEmpty()) {
            points.removeLast();
            return true;
        }
        ElementId last = made.getLast();
        boolean wasLastStep = w.history().canUndo() && w.history().past().getLast().other().on(w.storeyId()).wall(last).isEmpty();
        if (wasLastStep) w.undo();
        else w.apply(Tracing.delete(Set.of(last)));
        return true;
    }

    /** A chain ends where its walls end: a wall that was undone or deleted takes its point, and those behind it, along. */
    @Override public void projectChanged() {
        for (int i = 0; i < made.size(); i++)
            if (w.contents().wall(made.get(i)).isEmpty()) {
                made.subList(i, made.size()).clear();
                points.subList(i + 1, points.size()).clear();
            }
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
            Wall next = plain(NEXT, points.getLast(), w.aim().at());
            Piece r = next.reference();
            out.add(WallMaking.stretch(next, 0, r.length()));
            out.add(new Mark.Line(r.a(), r.b(), false));
        }
        return out;
    }
}
