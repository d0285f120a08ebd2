package brightlintel.desktop.tool;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.OpeningSettings;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A door or window in a wall: two clicks on its jambs, or one click and a width. Enter with nothing typed takes the last width again. */
public final class OpeningTool implements Tool {
    private static final double NARROWEST = 0.05;
    private final Workspace w;
    private final boolean window;
    private Optional<Wall> host = Optional.empty();
    private double jamb;

    public OpeningTool(Workspace w, boolean window) {
        this.w = w;
        this.window = window;
    }

    @Override public String id() {
        return window ? "window" : "door";
    }

    public boolean isWindow() {
        return window;
    }

    @Override public String prompt() {
        String kind = Words.of(window ? "word.window" : "word.door");
        if (w.contents().walls().isEmpty()) return Words.of("prompt.opening.no-wall");
        return host.isEmpty() ? Words.of("prompt.opening.first", kind) : Words.of("prompt.opening.other", kind, w.lengths().partWithUnit(settings().lastWidth()));
    }

    private OpeningSettings settings() {
        return w.openingSettings(window);
    }

    @Override public void clicked(Aim aim) {
        if (host.isEmpty()) {
            host = Picking.wallAt(w, aim.at(), aim.reach() * 2);
            if (host.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("opening.no-wall-here")));
            else jamb = along(aim.at());
        } else add(along(aim.at()));
    }

    private double along(Point p) {
        Wall wall = host.orElseThrow();
        return Math.clamp(wall.reference().unroll(p).x(), 0, wall.length());
    }

    private void add(double other) {
        double width = Math.abs(other - jamb);
        if (width < NARROWEST) return;
        OpeningSettings s = settings();
        Opening.Filling f = window ? new Opening.Filling.Window() : new Opening.Filling.Door(s.hingeFar() != other < jamb, s.opensLeft());
        Opening o = new Opening(ElementId.fresh(), host.orElseThrow().id(), (jamb + other) / 2, Given.stated(width), Given.assumed(s.sill()), Given.assumed(s.head()), f, Provenance.BY_HAND);
        w.openingSettings(s.withWidth(width));
        w.apply(Tracing.addOpening(w.storeyId(), o));
        w.select(java.util.Set.of(o.id()));
        host = Optional.empty();
        boolean misfit = brightlintel.edit.Hosting.misfits(w.contents(), x -> w.project().heightOf(w.storeyId(), x)).stream().anyMatch(x -> x.id().equals(o.id()));
        if (misfit) w.say(new Message(Message.Tone.BAD, Words.of("opening.misfit")));
    }

    @Override public Asks asks() {
        return host.isPresent() ? Asks.PART : Asks.NOTHING;
    }

    /** From the first jamb towards the pointer. */
    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (host.isEmpty() || !(value >= NARROWEST)) return false;
        double side = along(w.aim().at()) < jamb ? -1 : 1;
        add(jamb + side * value);
        return true;
    }

    @Override public void finish() {
        if (host.isPresent()) typed(settings().lastWidth(), "", Optional.empty());
    }

    public void otherHand() {
        w.openingSettings(settings().otherHand());
    }

    public void otherSide() {
        w.openingSettings(settings().otherSide());
    }

    @Override public boolean back() {
        boolean had = host.isPresent();
        host = Optional.empty();
        return had;
    }

    @Override public boolean escape() {
        return back();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        if (host.isEmpty()) {
            Picking.wallAt(w, w.aim().at(), w.aim().reach() * 2).ifPresent(x -> {
                double a = Math.clamp(x.reference().unroll(w.aim().at()).x(), 0, x.length());
                out.add(new Mark.Line(x.reference().at(a, x.left() + 0.1), x.reference().at(a, -x.right() - 0.1), false));
            });
            return out;
        }
        Wall x = host.get();
        double other = along(w.aim().at());
        out.add(new Mark.Area(List.of(x.reference().at(jamb, x.left()), x.reference().at(jamb, -x.right()), x.reference().at(other, -x.right()), x.reference().at(other, x.left()))));
        if (Math.abs(other - jamb) > NARROWEST) out.add(new Mark.Callout(x.middle((jamb + other) / 2), w.lengths().partWithUnit(Math.abs(other - jamb))));
        return out;
    }
}
