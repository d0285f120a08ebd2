package brightlintel.desktop.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.lengths.SpacingWords;

/** A door or window again: at each click on a wall, or along its own by typed spacings towards the pointer. */
public final class CopyAlongTool implements Tool {
    private final Workspace w;
    private final ElementId of;

    public CopyAlongTool(Workspace w, ElementId of) {
        this.w = w;
        this.of = of;
    }

    @Override public String id() {
        return "opening-copy";
    }

    private Optional<Opening> opening() {
        return w.contents().element(of).filter(e -> e instanceof Opening).map(e -> (Opening) e);
    }

    @Override public String prompt() {
        return Words.of("prompt.opening-copy");
    }

    @Override public void clicked(Aim aim) {
        Optional<Wall> host = Picking.wallAt(w, aim.at(), aim.reach() * 2);
        if (host.isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of("opening.no-wall-here")));
            return;
        }
        opening().ifPresent(o -> add(List.of(copy(o, host.get(), host.get().reference().unroll(aim.at()).x()))));
    }

    private static Opening copy(Opening o, Wall in, double along) {
        return o.withId(ElementId.fresh(), Provenance.BY_HAND).withWall(in.id()).withAlong(along);
    }

    /** Those that lie in their wall and on no other opening. */
    private void add(List<Opening> some) {
        List<Opening> fit = some.stream().filter(this::fits).toList();
        if (fit.size() < some.size()) w.say(new Message(Message.Tone.BAD, Words.of("opening.copy-no-room")));
        if (!fit.isEmpty()) w.apply(Tracing.add("edit.opening-copy", w.storeyId(), fit));
    }

    private boolean fits(Opening o) {
        double length = w.contents().wall(o.wall()).map(Wall::length).orElse(0.0);
        return o.start() >= -1e-6 && o.end() <= length + 1e-6 && w.contents().isFree(o.wall(), o.start(), o.end());
    }

    @Override public Asks asks() {
        return Asks.TEXT;
    }

    /** Spacings from middle to middle. */
    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        Optional<List<Double>> s = SpacingWords.read(text, w.lengths().partUnit());
        Optional<Opening> o = opening();
        Optional<Wall> host = o.flatMap(x -> w.contents().wall(x.wall()));
        if (s.isEmpty() || host.isEmpty()) return false;
        double at = o.get().along(), side = host.get().reference().unroll(w.aim().at()).x() < at ? -1 : 1;
        List<Opening> out = new ArrayList<>();
        for (double by : s.get()) {
            at += side * by;
            out.add(copy(o.get(), host.get(), at));
        }
        add(out);
        return true;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        Optional<Wall> host = Picking.wallAt(w, w.aim().at(), w.aim().reach() * 2);
        if (host.isPresent() && opening().isPresent()) {
            Wall x = host.get();
            Piece r = x.reference();
            double at = r.unroll(w.aim().at()).x(), half = opening().get().width().value() / 2;
            out.add(WallMaking.stretch(x, at - half, at + half));
            double far = x.id().equals(opening().get().wall()) ? Math.abs(at - opening().get().along()) : 0;
            Point middle = x.middle(at);
            if (far > 0) out.add(new Mark.Callout(middle, w.lengths().partWithUnit(far)));
        }
        return out;
    }
}
