package brightlintel.desktop.tool;

import brightlintel.building.Given;
import brightlintel.building.Side;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.List;
import java.util.Optional;

/** A wall from its two faces: one stroke, then the other; thickness and middle follow from them. */
public final class WallBetweenTool implements Tool {
    private static final double LEAST = 0.05, ALIKE = Math.toRadians(1.5), THIN = 0.01, THICK = 3, ROUND = 0.02;
    private final Workspace w;
    private Optional<Piece> first = Optional.empty();

    public WallBetweenTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "wall-between";
    }

    @Override public String prompt() {
        return Words.of(first.isEmpty() ? "prompt.wall-between.first" : "prompt.wall-between.other");
    }

    private Optional<Piece> at(Aim aim) {
        return Curves.at(w, aim, c -> c.length() >= LEAST && WallMaking.piece(c).isPresent()
            && (first.isEmpty() || between(first.get(), WallMaking.piece(c).get()).isPresent())).flatMap(WallMaking::piece);
    }

    /** What lies between two faces: straight ones beside each other, or round ones about one centre. */
    Optional<Wall> between(Piece a, Piece b) {
        if (a.isStraight() != b.isStraight()) return Optional.empty();
        return a.isStraight() ? straight(a, b) : round(a, b);
    }

    private Optional<Wall> straight(Piece a, Piece b) {
        Point u = a.direction(0);
        double thick = Math.abs(a.unroll(b.at(b.length() / 2)).y());
        if (Angles.betweenLines(u.angle(), b.direction(0).angle()) > ALIKE || !(thick > THIN && thick < THICK)) return Optional.empty();
        double p = a.unroll(b.a()).x(), q = a.unroll(b.b()).x(), lo = Math.min(0, Math.min(p, q)), hi = Math.max(a.length(), Math.max(p,
            q));
        // they have to lie beside each other for a stretch
        if (Math.min(a.length(), Math.max(p, q)) - Math.max(0, Math.min(p, q)) < LEAST) return Optional.empty();
        double mid = a.unroll(b.at(b.length() / 2)).y() / 2;
        return Optional.of(WallMaking.plain(w, Piece.straight(a.at(lo, mid), a.at(hi, mid)), Side.CENTRE, Given.stated(thick)));
    }

    private Optional<Wall> round(Piece a, Piece b) {
        double thick = Math.abs(a.radius() - b.radius());
        if (a.centre().distance(b.centre()) > ROUND || !(thick > THIN && thick < THICK)) return Optional.empty();
        Piece longer = Math.abs(a.sweep()) >= Math.abs(b.sweep()) ? a : b;
        double r = (a.radius() + b.radius()) / 2;
        Point c = longer.centre(), from = c.plus(longer.a().minus(c).unit().times(r)), to = c.plus(longer.b().minus(c).unit().times(r));
        return Optional.of(WallMaking.plain(w, new Piece(from, to, longer.bulge()), Side.CENTRE, Given.stated(thick)));
    }

    @Override public void clicked(Aim aim) {
        Optional<Piece> p = at(aim);
        if (p.isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of(first.isEmpty() ? "wall.no-stroke" : "wall.not-beside")));
            return;
        }
        if (first.isEmpty()) {
            first = p;
            return;
        }
        Wall x = between(first.get(), p.get()).orElseThrow();
        first = Optional.empty();
        w.settings().wall(w.settings().wall().with(x.thickness()));
        WallMaking.add(w, List.of(x));
    }

    @Override public boolean back() {
        boolean had = first.isPresent();
        first = Optional.empty();
        return had;
    }

    @Override public boolean escape() {
        return back();
    }

    @Override public boolean snaps() {
        return false;
    }

    @Override public List<Mark> marks() {
        Optional<Piece> here = at(w.aim());
        if (first.isEmpty()) return here.map(p -> List.<Mark>of(new Mark.Path(p.points(0.01)))).orElse(List.of());
        Optional<Wall> x = here.flatMap(p -> between(first.get(), p));
        Mark own = new Mark.Path(first.get().points(0.01));
        return x.map(y -> List.of(WallMaking.mark(y), own, new Mark.Callout(w.aim().raw(),
            w.lengths().partWithUnit(y.thickness().value()))))
            .orElse(List.of(own));
    }
}
