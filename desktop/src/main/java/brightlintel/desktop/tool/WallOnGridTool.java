package brightlintel.desktop.tool;

import brightlintel.building.Given;
import brightlintel.building.GridLine;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Box;
import brightlintel.geom.Crossings;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** Walls on grid lines from crossing to crossing: a click takes the bay of a line, a box all bays in it. */
public final class WallOnGridTool implements Tool {
    private static final double SAME = 0.005, LEAST = 0.05;
    private final Workspace w;
    private Optional<Mark.Box> box = Optional.empty();

    public WallOnGridTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "wall-on-grid";
    }

    @Override public String prompt() {
        return Words.of(lines().size() < 2 ? "prompt.wall-on-grid.none" : "prompt.wall-on-grid");
    }

    private List<GridLine> lines() {
        return w.project().grid().stream().filter(g -> g.isOn(w.storeyId())).toList();
    }

    /** The stretches of a line between its crossings with the others. */
    private List<Piece> bays(GridLine g) {
        TreeSet<Double> at = new TreeSet<>();
        for (GridLine o : lines()) if (!o.id().equals(g.id()))
            for (var x : Crossings.of(g.line().curve(), o.line().curve())) at.add(g.line().unroll(x.at()).x());
        List<Piece> out = new ArrayList<>();
        Double from = null;
        for (double a : at) {
            if (from != null && a - from > LEAST) out.add(g.line().part(from, a));
            if (from == null || a - from > LEAST) from = a;
        }
        return out;
    }

    /** Where no wall stands on it yet. */
    private boolean isFree(Piece p) {
        Point m = p.at(p.length() / 2);
        return w.contents().walls().stream().map(Wall::reference).noneMatch(r -> r.distance(m) < SAME
            && Math.abs(r.direction(r.unroll(m).x()).cross(p.direction(p.length() / 2))) < 0.02);
    }

    private Optional<Piece> under(Aim aim) {
        for (GridLine g : lines()) if (g.line().distance(aim.raw()) <= aim.reach())
            for (Piece p : bays(g)) if (p.distance(aim.raw()) <= aim.reach() && isFree(p)) return Optional.of(p);
        return Optional.empty();
    }

    @Override public void clicked(Aim aim) {
        under(aim).ifPresentOrElse(p -> make(List.of(p)), () -> w.say(new Message(Message.Tone.BAD, Words.of("wall-on-grid.none-here"))));
    }

    @Override public void dragged(Aim from, Aim to, boolean inside) {
        box = Optional.of(new Mark.Box(from.raw(), to.raw(), true));
    }

    @Override public void released(Aim from, Aim to, boolean inside, boolean more) {
        List<Piece> some = in();
        box = Optional.empty();
        if (some.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("wall-on-grid.none-here")));
        else make(some);
    }

    /** Bays whose both ends lie in the box. */
    private List<Piece> in() {
        if (box.isEmpty()) return List.of();
        Box b = Box.of(box.get().a(), box.get().b());
        return lines().stream().flatMap(g -> bays(g).stream()).filter(p -> b.holds(p.a()) && b.holds(p.b()) && isFree(p)).toList();
    }

    private void make(List<Piece> some) {
        WallMaking.add(w, some.stream().map(p -> WallMaking.plain(w, p)).toList());
    }

    @Override public Asks asks() {
        return Asks.PART;
    }

    /** The thickness of the next. */
    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (!(value > 0.005 && value < 10)) return false;
        w.settings().wall(w.settings().wall().with(Given.stated(value)));
        return true;
    }

    @Override public boolean escape() {
        boolean had = box.isPresent();
        box = Optional.empty();
        return had;
    }

    @Override public boolean snaps() {
        return false;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        box.ifPresent(out::add);
        List<Piece> some = box.isPresent() ? in() : under(w.aim()).map(List::of).orElse(List.of());
        for (Piece p : some) out.add(WallMaking.mark(WallMaking.plain(w, p)));
        return out;
    }
}
