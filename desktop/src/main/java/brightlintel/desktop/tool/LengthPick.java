package brightlintel.desktop.tool;

import brightlintel.building.UnderlayId;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Two points of a drawing whose distance is known: picked, taken back, shown. */
final class LengthPick {
    private static final double SAME = 1e-6;
    private final Workspace w;
    private final OnUnderlay points;

    LengthPick(Workspace w, UnderlayId underlay) {
        this.w = w;
        this.points = new OnUnderlay(w, underlay);
    }

    OnUnderlay points() {
        return points;
    }

    int size() {
        return points.size();
    }

    boolean isComplete() {
        return points.size() == 2;
    }

    /** Metres, in the size that holds now. */
    double drawn() {
        return points.get(0).distance(points.get(1));
    }

    /** A third begins anew. */
    void clicked(Aim aim) {
        if (isComplete()) points.clear();
        if (points.size() == 1 && points.get(0).distance(aim.at()) < SAME) return;
        points.add(aim.at());
    }

    Optional<Point> from() {
        return points.size() == 1 ? Optional.of(points.get(0)) : Optional.empty();
    }

    Tool.Asks asks() {
        return isComplete() ? Tool.Asks.WAY : Tool.Asks.NOTHING;
    }

    List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        points.points().forEach(p -> out.add(new Mark.Handle(p, "")));
        from().ifPresent(p -> out.add(new Mark.Line(p, w.aim().at(), true)));
        if (isComplete()) out.add(new Mark.Line(points.get(0), points.get(1), false));
        return out;
    }
}
