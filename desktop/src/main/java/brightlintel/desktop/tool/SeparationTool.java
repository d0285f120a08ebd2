package brightlintel.desktop.tool;

import brightlintel.building.ElementId;
import brightlintel.building.Provenance;
import brightlintel.building.Separation;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.List;
import java.util.Optional;

/** A line that parts rooms where no wall does: from point to point. */
public final class SeparationTool implements Tool {
    private static final double LEAST = 0.01;
    private final Workspace w;
    private final FirstPoint first = new FirstPoint();

    public SeparationTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "separation";
    }

    @Override public String prompt() {
        return Words.of(first.isMissing() ? "prompt.separation.first" : "prompt.separation.other");
    }

    @Override public void clicked(Aim aim) {
        if (first.isMissing()) first.place(aim.at());
        else to(aim.at());
    }

    private void to(Point p) {
        Point a = first.get().orElseThrow();
        if (a.distance(p) < LEAST) return;
        first.takeBack();
        w.apply(Tracing.add("edit.separation", w.storeyId(), List.of(new Separation(ElementId.fresh(), Piece.straight(a, p),
            Provenance.BY_HAND))));
    }

    @Override public Optional<Point> from() {
        return first.get();
    }

    @Override public Asks asks() {
        return first.isMissing() ? Asks.NOTHING : Asks.WAY;
    }

    @Override public boolean asksDirection() {
        return !first.isMissing();
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (first.isMissing() || !(value >= LEAST)) return false;
        Point a = first.get().orElseThrow(), way = w.aim().at().minus(a);
        if (direction.isEmpty() && way.length() < 1e-9) return false;
        to(a.plus(Point.polar(direction.orElse(way.angle()), value)));
        return true;
    }

    @Override public boolean back() {
        return first.takeBack();
    }

    @Override public boolean escape() {
        return first.takeBack();
    }

    @Override public List<Mark> marks() {
        return first.marks(w.aim().at());
    }
}
