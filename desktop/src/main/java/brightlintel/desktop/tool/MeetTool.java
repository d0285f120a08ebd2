package brightlintel.desktop.tool;

import brightlintel.building.ElementId;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.WallShaping;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The selected walls are lengthened or cut back to meet a line: another wall's, a grid line, a drawn one. */
public final class MeetTool implements Tool {
    private final Workspace w;

    public MeetTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "wall-meet";
    }

    @Override public String prompt() {
        return Words.of(walls().isEmpty() ? "prompt.wall-meet.none" : "prompt.wall-meet");
    }

    private List<Wall> walls() {
        return w.selected().stream().filter(e -> e instanceof Wall).map(e -> (Wall) e).toList();
    }

    private Optional<Piece> line(Aim aim) {
        return Curves.at(w, aim, c -> c instanceof Curve.Straight).flatMap(WallMaking::piece);
    }

    @Override public void clicked(Aim aim) {
        if (walls().isEmpty()) {
            Picking.wallAt(w, aim.raw(), aim.reach()).ifPresent(x -> w.select(Set.of(x.id())));
            return;
        }
        Optional<Piece> to = line(aim);
        Set<ElementId> which = to.stream().flatMap(p -> walls().stream().filter(x -> WallShaping.meeting(x.reference(), p).isPresent()))
            .map(Wall::id).collect(Collectors.toSet());
        if (which.isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of("wall.meets-nothing")));
            return;
        }
        w.apply(WallShaping.meet(which, to.orElseThrow()));
        w.leaveTool();
    }

    @Override public boolean snaps() {
        return false;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        line(w.aim()).ifPresent(to -> walls().forEach(x -> WallShaping.meeting(x.reference(), to).ifPresent(p ->
            out.add(WallMaking.mark(x.with(p))))));
        return out;
    }
}
