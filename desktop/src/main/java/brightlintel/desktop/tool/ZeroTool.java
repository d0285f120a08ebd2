package brightlintel.desktop.tool;

import java.util.ArrayList;
import java.util.List;

import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Moving;
import brightlintel.geom.Point;

/** A place that is clicked, as a crossing of the grid, becomes 0,0: drawings, grid and model go along. */
public final class ZeroTool implements Tool {
    private final Workspace w;

    public ZeroTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "grid-zero";
    }

    @Override public String prompt() {
        return Words.of("prompt.grid-zero");
    }

    @Override public void clicked(Aim aim) {
        w.apply(Moving.zero(aim.at()));
        w.leaveTool();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        Point at = w.aim().at();
        out.add(new Mark.Datum(at, w.lengths().position(at.x()) + ", " + w.lengths().position(at.y())));
        return out;
    }
}
