package brightlintel.desktop.tool;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Heights;
import brightlintel.building.Provenance;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.Stand;
import brightlintel.building.Top;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.solid.PlanLines;
import brightlintel.trace.Supports;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A stair along the line that is walked: its first riser, corners with landings, its last riser. A round one: where it begins, where it
 * ends, and a point that is walked over.
 */
public final class StairTool implements Tool {
    private final Workspace w;
    private final boolean round;
    private final Corners points = new Corners();

    public StairTool(Workspace w, boolean round) {
        this.w = w;
        this.round = round;
    }

    @Override public String id() {
        return round ? "stair-round" : "stair";
    }

    @Override public String prompt() {
        if (round) return Words.of("prompt.stair-round." + (points.isEmpty() ? "first" : points.size() == 1 ? "end" : "on"));
        return points.isEmpty() ? Words.of("prompt.stair.first", w.lengths().partWithUnit(w.settings().stairWidth()))
            : Words.of(points.size() == 1 ? "prompt.stair.next" : "prompt.stair.end");
    }

    @Override public void clicked(Aim aim) {
        if (round && points.size() == 2) WallArcTool.through(points.all().get(0), points.all().get(1), aim.at()).ifPresent(p ->
            make(List.of(p)));
        else points.clicked(aim);
    }

    @Override public void finish() {
        if (!round && points.size() > 1) make(line(points.all()));
    }

    private static List<Piece> line(List<Point> p) {
        List<Piece> out = new ArrayList<>();
        for (int i = 0; i + 1 < p.size(); i++) if (p.get(i).distance(p.get(i + 1)) > 1e-3) out.add(Piece.straight(p.get(i), p.get(i + 1)));
        return out;
    }

    private Stair stair(ElementId id, List<Piece> line) {
        int risers = StairPlan.risersFor(w.storey().height().value());
        return new Stair(id, line, Given.assumed(w.settings().stairWidth()), Given.assumed(risers), Stand.FLOOR, Top.NEXT,
            Provenance.BY_HAND);
    }

    private void make(List<Piece> line) {
        points.clear();
        Stair plain = stair(ElementId.fresh(), line), s = plain.withId(plain.id(), Supports.ofStair(plain, w.drawings()));
        w.apply(Tracing.add("edit.stair", w.storeyId(), List.of(s)));
        w.select(Set.of(s.id()));
    }

    @Override public Optional<Point> from() {
        return round && points.size() > 1 ? Optional.empty() : points.last();
    }

    @Override public Asks asks() {
        return points.isEmpty() ? Asks.PART : round ? Asks.NOTHING : Asks.WAY;
    }

    @Override public boolean asksDirection() {
        return !points.isEmpty() && !round;
    }

    /** Before the first click the width; then the length of what is walked next. */
    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (!points.isEmpty()) return points.typed(value, direction, w.aim().at());
        if (!(value > 0.3 && value < 20)) return false;
        w.settings().stairWidth(value);
        return true;
    }

    @Override public boolean back() {
        return points.back();
    }

    @Override public boolean escape() {
        return points.clear();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        Point at = w.aim().at();
        points.all().forEach(p -> out.add(new Mark.Handle(p, "")));
        if (points.isEmpty()) return out;
        if (round && points.size() < 2) {
            out.add(new Mark.Line(points.all().getFirst(), at, true));
            return out;
        }
        List<Point> p = new ArrayList<>(points.all());
        p.add(at);
        List<Piece> line = round ? WallArcTool.through(p.get(0), p.get(1), at).map(List::of).orElse(List.of()) : line(p);
        if (line.isEmpty()) return out;
        Stair s = stair(new ElementId("next"), line);
        for (List<Point> step : PlanLines.steps(s)) {
            List<Point> ring = new ArrayList<>(step);
            ring.add(step.getFirst());
            out.add(new Mark.Path(ring));
        }
        out.add(new Mark.Callout(at, words(w, s)));
        return out;
    }

    /** As it is said on site: 17 × 176 / 265. */
    public static String words(Workspace w, Stair s) {
        StairPlan plan = StairPlan.of(s);
        return plan.risers() + " × " + w.lengths().part(Heights.of(w.project(), w.storeyId()).rise(s)) + " / " + w.lengths().part(
            plan.going());
    }
}
