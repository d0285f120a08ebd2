package brightlintel.desktop.tool;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import brightlintel.building.ElementId;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.WallShaping;
import brightlintel.geom.Point;

/** How walls meet at a corner: each click on it lets another of them run through, and at last none. */
public final class JointTool implements Tool {
    private static final double TOGETHER = 1e-4;
    private final Workspace w;

    public JointTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "joint";
    }

    @Override public String prompt() {
        return Words.of("prompt.joint");
    }

    private Optional<Point> corner(Aim aim) {
        return w.contents().walls().stream().flatMap(x -> Stream.of(x.reference().a(), x.reference().b()))
            .filter(p -> p.distance(aim.raw()) <= 2 * aim.reach() && there(p).size() > 1).min(Comparator.comparingDouble(p ->
                p.distance(aim.raw())));
    }

    private List<Wall> there(Point p) {
        return w.contents().walls().stream().filter(x -> x.reference().a().distance(p) <= TOGETHER || x.reference().b().distance(p)
            <= TOGETHER).toList();
    }

    private static boolean runs(Wall x, Point p) {
        return x.runs().contains(x.reference().a().distance(p) <= TOGETHER ? Wall.End.START : Wall.End.END);
    }

    @Override public void clicked(Aim aim) {
        Optional<Point> at = corner(aim);
        if (at.isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of("joint.none-here")));
            return;
        }
        List<Wall> walls = there(at.get());
        int now = -1;
        for (int i = 0; i < walls.size(); i++) if (runs(walls.get(i), at.get())) now = i;
        Optional<ElementId> next = now + 1 < walls.size() ? Optional.of(walls.get(now + 1).id()) : Optional.empty();
        w.apply(WallShaping.runThrough(w.storeyId(), at.get(), next));
    }

    @Override public boolean snaps() {
        return false;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        corner(w.aim()).ifPresent(p -> {
            out.add(new Mark.Handle(p, ""));
            Optional<Wall> running = there(p).stream().filter(x -> runs(x, p)).findFirst();
            out.add(new Mark.Callout(p, running.map(x -> Words.of("joint.runs", w.lengths().partWithUnit(x.thickness().value())))
                .orElse(Words.of("joint.joined"))));
            running.ifPresent(x -> out.add(WallMaking.mark(x)));
        });
        return out;
    }
}
