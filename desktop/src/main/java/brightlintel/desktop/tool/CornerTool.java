package brightlintel.desktop.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import brightlintel.building.Element;
import brightlintel.building.Stair;
import brightlintel.building.StoreyElement;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Corners;
import brightlintel.edit.Tracing;
import brightlintel.edit.WallShaping;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;

/** Puts a corner into an outline, a stair's line or a wall where it is clicked, or takes the nearest one out; stays for the next. */
public final class CornerTool implements Tool {
    private final Workspace w;
    private final boolean in;

    public CornerTool(Workspace w, boolean in) {
        this.w = w;
        this.in = in;
    }

    @Override public String id() {
        return in ? "corner-in" : "corner-out";
    }

    @Override public String prompt() {
        return Words.of(in ? "prompt.corner-in" : "prompt.corner-out");
    }

    @Override public void clicked(Aim aim) {
        Optional<StoreyElement> of = of(aim);
        if (of.isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of("corner.none")));
            return;
        }
        StoreyElement e = of.get();
        if (e instanceof Wall x) wall(x, aim.at());
        else w.apply(in ? Corners.in(w.storeyId(), e.id(), aim.at()) : Corners.out(w.storeyId(), e.id(), aim.at()));
        w.select(Set.of(e.id()));
    }

    /** A corner in a wall parts it; one taken out makes one wall of two. */
    private void wall(Wall x, Point at) {
        if (in) w.apply(Tracing.splitWall(x.id(), x.reference().unroll(at).x()));
        else WallShaping.withoutCorner(w.contents(), w.storeyId(), at).ifPresentOrElse(w::apply, () -> w.say(new Message(Message.Tone.BAD,
            Words.of("corner.not-two"))));
    }

    /** The selected element, where it has corners; else the one under the pointer. */
    private Optional<StoreyElement> of(Aim aim) {
        Optional<StoreyElement> chosen = w.selected().stream().filter(e -> e instanceof StoreyElement s && has(s)).map(e ->
            (StoreyElement) e)
            .findFirst();
        return chosen.or(() -> Picking.at(w, aim.at(), aim.reach()).filter(e -> e instanceof StoreyElement s && has(s)).map(e ->
            (StoreyElement) e));
    }

    private static boolean has(StoreyElement e) {
        return e instanceof Wall || e instanceof Stair || Corners.ring(e).isPresent();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        for (Element e : w.selected()) if (e instanceof StoreyElement s) {
            Corners.ring(s).map(Ring::corners).ifPresent(c -> c.forEach(p -> out.add(new Mark.Handle(p, ""))));
            if (s instanceof Stair x) x.line().forEach(p -> out.add(new Mark.Handle(p.b(), "")));
        }
        return out;
    }

    /** Whether something is selected that has corners to change. */
    public static boolean isFor(Workspace w) {
        return w.selected().stream().anyMatch(e -> e instanceof StoreyElement s && has(s));
    }
}
