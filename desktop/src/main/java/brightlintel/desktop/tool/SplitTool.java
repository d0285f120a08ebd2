package brightlintel.desktop.tool;

import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import java.util.List;
import java.util.Optional;

/** Parts a wall in two where it is clicked; its openings stay where they stand. */
public final class SplitTool implements Tool {
    private final Workspace w;

    public SplitTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "split";
    }

    @Override public String prompt() {
        return Words.of("prompt.split");
    }

    @Override public void clicked(Aim aim) {
        Picking.wallAt(w, aim.at(), aim.reach()).ifPresent(x -> w.apply(Tracing.splitWall(x.id(), x.reference().unroll(aim.at()).x())));
    }

    @Override public List<Mark> marks() {
        Optional<Wall> x = Picking.wallAt(w, w.aim().at(), w.aim().reach());
        return x.<List<Mark>>map(wall -> {
            double a = wall.reference().unroll(w.aim().at()).x();
            return List.of(new Mark.Line(wall.reference().at(a, wall.left() + 0.15), wall.reference().at(a, -wall.right() - 0.15), false));
        }).orElse(List.of());
    }
}
