package brightlintel.desktop.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import brightlintel.building.Heights;
import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Roofs;
import brightlintel.edit.Tracing;
import brightlintel.geom.Point;

/** The pitch of a side of a roof by the level of a point under it: where, then how high. */
public final class RoofPointTool implements Tool {
    private final Workspace w;
    private Optional<Point> at = Optional.empty();

    public RoofPointTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "roof-point";
    }

    @Override public String prompt() {
        return at.isEmpty() ? Words.of("prompt.roof-point.where") : Words.of("prompt.roof-point.level", now().map(w.lengths()::level)
            .orElse(""));
    }

    @Override public void projectChanged() {
        if (at.flatMap(this::roof).isEmpty()) at = Optional.empty();
    }

    private Optional<Roof> roof(Point p) {
        return w.contents().roofs().stream().filter(r -> Roofs.sideOver(r, p).isPresent()).findFirst();
    }

    /** The underside above ±0.00 at the place that was clicked. */
    private Optional<Double> now() {
        return at.flatMap(p -> roof(p).flatMap(r -> RoofForm.of(r).flatMap(f -> f.under(p)).map(z -> z + eaves(r))));
    }

    private double eaves(Roof r) {
        return Heights.of(w.project(), w.storeyId()).of(r.eaves());
    }

    @Override public void clicked(Aim aim) {
        if (roof(aim.at()).isPresent()) at = Optional.of(aim.at());
        else w.say(new Message(Message.Tone.BAD, Words.of("roof-point.none-here")));
    }

    @Override public Asks asks() {
        return at.isEmpty() ? Asks.NOTHING : Asks.WAY;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        Optional<Roof> roof = at.flatMap(this::roof);
        if (roof.isEmpty()) return false;
        double height = value - eaves(roof.get());
        Point p = at.get();
        if (Roofs.through(roof.get(), p, height).isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of("roof-point.not-so")));
            return false;
        }
        w.apply(Tracing.changeRoofs("edit.roof-pitch", Set.of(roof.get().id()), r -> Roofs.through(r, p, height).orElse(r)));
        at = Optional.empty();
        return true;
    }

    @Override public boolean back() {
        boolean had = at.isPresent();
        at = Optional.empty();
        return had;
    }

    @Override public boolean escape() {
        return back();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        Point p = at.orElse(w.aim().at());
        roof(p).ifPresent(r -> RoofForm.of(r).ifPresent(f -> {
            int side = Roofs.sideOver(r, p).orElseThrow();
            f.faces().stream().filter(x -> x.side() == side).forEach(x -> {
                List<Point> ring = new ArrayList<>(x.plan().corners());
                ring.add(ring.getFirst());
                out.add(new Mark.Path(ring));
            });
            f.under(p).ifPresent(z -> out.add(new Mark.Callout(p, w.lengths().level(z + eaves(r)))));
        }));
        at.ifPresent(x -> out.add(new Mark.Handle(x, "")));
        return out;
    }
}
