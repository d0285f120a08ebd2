package brightlintel.desktop.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;

import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;

/** A wall, or a grid line, beside what is there: which, then how far off and on which side. */
public final class ParallelTool implements Tool {
    private static final double LEAST = 0.01;
    private final Workspace w;
    private final String id;
    private final Consumer<Piece> made;
    private final Function<Piece, Mark> shown;
    private Optional<Piece> beside = Optional.empty();

    private ParallelTool(Workspace w, String id, Consumer<Piece> made, Function<Piece, Mark> shown) {
        this.w = w;
        this.id = id;
        this.made = made;
        this.shown = shown;
    }

    public static Tool wall(Workspace w) {
        return new ParallelTool(w, "wall-parallel", p -> WallMaking.add(w, List.of(WallMaking.plain(w, p))), p ->
            WallMaking.mark(WallMaking.plain(w, p)));
    }

    public static Tool grid(Workspace w) {
        return new ParallelTool(w, "grid-parallel", p -> GridTool.add(w, p, ""), p -> new Mark.Path(p.points(0.01)));
    }

    @Override public String id() {
        return id;
    }

    @Override public String prompt() {
        return Words.of("prompt." + id + (beside.isEmpty() ? ".first" : ".far"));
    }

    @Override public void clicked(Aim aim) {
        if (beside.isPresent()) make(beside.get().unroll(aim.at()).y());
        else beside = at(aim);
    }

    /** The reference of a wall, else a line or arc that is drawn. */
    private Optional<Piece> at(Aim aim) {
        return Picking.wallAt(w, aim.raw(), aim.reach()).map(x -> x.reference())
            .or(() -> Curves.at(w, aim, c -> WallMaking.piece(c).isPresent()).flatMap((Curve c) -> WallMaking.piece(c)));
    }

    /** @param left of it, negative to its right */
    private static Optional<Piece> off(Piece p, double left) {
        if (Math.abs(left) < LEAST) return Optional.empty();
        // an arc beside its own middle is none
        if (!p.isStraight() && p.radius() - Math.signum(p.bulge()) * left < LEAST) return Optional.empty();
        return Optional.of(new Piece(p.at(0, left), p.at(p.length(), left), p.bulge()));
    }

    private void make(double left) {
        off(beside.orElseThrow(), left).ifPresent(p -> {
            beside = Optional.empty();
            made.accept(p);
        });
    }

    @Override public Asks asks() {
        return beside.isEmpty() ? Asks.NOTHING : Asks.WAY;
    }

    /** How far, towards the pointer. */
    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (beside.isEmpty() || !(value >= LEAST)) return false;
        make(beside.get().unroll(w.aim().at()).y() < 0 ? -value : value);
        return beside.isEmpty();
    }

    @Override public boolean back() {
        boolean had = beside.isPresent();
        beside = Optional.empty();
        return had;
    }

    @Override public boolean escape() {
        return back();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        Point at = w.aim().at();
        if (beside.isEmpty()) at(w.aim()).ifPresent(p -> out.add(new Mark.Path(p.points(0.01))));
        beside.ifPresent(p -> {
            double left = p.unroll(at).y();
            out.add(new Mark.Path(p.points(0.01)));
            off(p, left).ifPresent(x -> out.add(shown.apply(x)));
            out.add(new Mark.Callout(at, w.lengths().position(Math.abs(left))));
        });
        return out;
    }
}
