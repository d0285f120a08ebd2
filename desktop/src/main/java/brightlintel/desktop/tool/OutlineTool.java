package brightlintel.desktop.tool;

import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Point;
import brightlintel.select.Outline;
import java.util.ArrayList;
import java.util.List;

/** Selects by an outline that is clicked corner by corner. */
public final class OutlineTool implements Tool {
    private final Workspace w;
    private final List<Point> points = new ArrayList<>();

    public OutlineTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "select-outline";
    }

    @Override public String prompt() {
        return Words.of(points.size() < 3 ? "prompt.outline.first" : "prompt.outline.close");
    }

    /** An outline is drawn round things, not on them. */
    @Override public boolean snaps() {
        return false;
    }

    @Override public void clicked(Aim aim) {
        clicked(aim, false);
    }

    @Override public void clicked(Aim aim, boolean inside) {
        if (points.size() > 2 && points.getFirst().distance(aim.raw()) < aim.reach()) take(inside);
        else points.add(aim.raw());
    }

    @Override public void finish() {
        if (points.size() > 2) take(false);
    }

    private void take(boolean inside) {
        Outline o = Outline.of(points);
        w.leaveTool();
        Picking.select(w, o, inside, false);
    }

    @Override public boolean back() {
        if (points.isEmpty()) return false;
        points.removeLast();
        return true;
    }

    @Override public boolean escape() {
        boolean had = !points.isEmpty();
        points.clear();
        return had;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        List<Point> ring = new ArrayList<>(points);
        ring.add(w.aim().raw());
        if (points.size() > 1) out.add(new Mark.Region(ring));
        for (int i = 0; i + 1 < ring.size(); i++) out.add(new Mark.Line(ring.get(i), ring.get(i + 1), true));
        points.forEach(p -> out.add(new Mark.Handle(p, "")));
        return out;
    }
}
