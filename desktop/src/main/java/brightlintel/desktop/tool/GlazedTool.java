package brightlintel.desktop.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.GlazedSettings;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;

/** Posts and panes in a wall: a click where they begin and one where they end, or a click and Enter for all of the wall within margins. */
public final class GlazedTool implements Tool {
    private static final double LEAST = 0.1;
    private final Workspace w;
    private Optional<ElementId> hostId = Optional.empty();
    private double begin;

    public GlazedTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "glazed";
    }

    private Optional<Wall> host() {
        return hostId.flatMap(w.contents()::wall);
    }

    @Override public void projectChanged() {
        if (host().isEmpty()) hostId = Optional.empty();
    }

    @Override public String prompt() {
        if (w.contents().walls().isEmpty()) return Words.of("prompt.opening.no-wall");
        return Words.of(host().isEmpty() ? "prompt.glazed.first" : "prompt.glazed.other");
    }

    @Override public void clicked(Aim aim) {
        if (host().isPresent()) {
            make(begin, along(aim.at()));
            return;
        }
        hostId = Picking.wallAt(w, aim.at(), aim.reach() * 2).map(Wall::id);
        if (hostId.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("opening.no-wall-here")));
        else begin = along(aim.at());
    }

    private double along(Point p) {
        Wall x = host().orElseThrow();
        return Math.clamp(x.reference().unroll(p).x(), 0, x.length());
    }

    /** All of the wall, within the margins. */
    @Override public void finish() {
        host().ifPresent(x -> make(w.settings().glazed().left(), x.length() - w.settings().glazed().right()));
    }

    private void make(double a, double b) {
        Wall x = host().orElseThrow();
        double from = Math.min(a, b), to = Math.max(a, b);
        if (to - from < LEAST) return;
        if (!w.contents().isFree(x.id(), from, to)) {
            w.say(new Message(Message.Tone.BAD, Words.of("glazed.taken")));
            return;
        }
        GlazedSettings s = w.settings().glazed();
        double head = Math.max(s.below() + LEAST, w.project().heightOf(w.storeyId(), x) - s.above());
        Opening o = new Opening(ElementId.fresh(), x.id(), (from + to) / 2, Given.stated(to - from), Given.assumed(s.below()),
            Given.assumed(head), s.filling(), Provenance.BY_HAND);
        hostId = Optional.empty();
        w.apply(Tracing.add("edit.glazed", w.storeyId(), List.of(o)));
        w.select(Set.of(o.id()));
    }

    @Override public Asks asks() {
        return host().isPresent() ? Asks.PART : Asks.NOTHING;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (host().isEmpty() || !(value >= LEAST)) return false;
        double side = along(w.aim().at()) < begin ? -1 : 1;
        make(begin, Math.clamp(begin + side * value, 0, host().get().length()));
        return hostId.isEmpty();
    }

    @Override public boolean back() {
        boolean had = hostId.isPresent();
        hostId = Optional.empty();
        return had;
    }

    @Override public boolean escape() {
        return back();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        Optional<Wall> at = host().or(() -> Picking.wallAt(w, w.aim().at(), w.aim().reach() * 2));
        at.ifPresent(x -> {
            Piece r = x.reference();
            double from = hostId.isEmpty() ? w.settings().glazed().left() : begin;
            double to = hostId.isEmpty() ? x.length() - w.settings().glazed().right() : along(w.aim().at());
            out.add(WallMaking.stretch(x, from, to));
            if (hostId.isPresent()) out.add(new Mark.Callout(x.middle((from + to) / 2), w.lengths().partWithUnit(Math.abs(to - from))));
        });
        return out;
    }
}
