package brightlintel.desktop.tool;

import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Distance, its parts along the axes, and its direction; goes on to the next by itself. */
public final class MeasureTool implements Tool {
    private final Workspace w;
    private final List<Point> points = new ArrayList<>();

    public MeasureTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "measure";
    }

    @Override public String prompt() {
        if (points.size() == 2) return words(points.get(0), points.get(1)) + "  " + Words.of("prompt.measure.next");
        return Words.of(points.isEmpty() ? "prompt.measure.first" : "prompt.measure.other");
    }

    private String words(Point a, Point b) {
        LengthFormat f = w.lengths();
        return Words.of("measure.words", f.position(a.distance(b)), f.position(Math.abs(b.x() - a.x())),
            f.position(Math.abs(b.y() - a.y())),
            LengthFormat.angle(Angles.positive(b.minus(a).angle())));
    }

    @Override public void clicked(Aim aim) {
        if (points.size() == 2) points.clear();
        points.add(aim.at());
    }

    @Override public Optional<Point> from() {
        return points.size() == 1 ? Optional.of(points.getFirst()) : Optional.empty();
    }

    @Override public boolean back() {
        if (points.isEmpty()) return false;
        points.removeLast();
        return true;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        points.forEach(p -> out.add(new Mark.Handle(p, "")));
        if (points.isEmpty()) return out;
        Point a = points.getFirst(), b = points.size() == 2 ? points.get(1) : w.aim().at();
        out.add(new Mark.Line(a, b, points.size() == 1));
        if (a.distance(b) > 1e-6) out.add(new Mark.Callout(a.towards(b, 0.5), w.lengths().position(a.distance(b))));
        return out;
    }
}
