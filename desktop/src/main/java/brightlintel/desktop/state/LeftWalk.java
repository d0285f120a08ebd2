package brightlintel.desktop.state;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.DrawnRef;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Support;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import brightlintel.recognise.Leftover;
import brightlintel.recognise.Recognised;
import brightlintel.recognise.Remedies;
import brightlintel.select.Picked;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Strokes that looked like building and became nothing, walked one by one; what somebody has traced since is none of them. */
public final class LeftWalk {
    /** Metres: beyond the faces of what was traced. */
    private static final double BESIDE = 0.03;
    private final Workspace w;
    private final Proposals proposals;
    private int at = -1;
    private Recognised of;
    private Contents by;
    private List<GridLine> grid;
    private List<Leftover> all = List.of();

    LeftWalk(Workspace w, Proposals proposals) {
        this.w = w;
        this.proposals = proposals;
    }

    void leave() {
        at = -1;
    }

    public List<Leftover> all() {
        Recognised open = proposals.open();
        if (open == of && by == w.contents() && grid == w.project().grid()) return all;
        of = open;
        by = w.contents();
        grid = w.project().grid();
        Set<DrawnRef> stoodOn = stoodOn();
        all = open.left().stream().filter(l -> by.walls().stream().noneMatch(x -> isOn(x, l))
            && by.columns().stream().noneMatch(c -> isIn(c,
            l)) && !isStoodOn(l, stoodOn)).toList();
        return all;
    }

    /** What openings and grid lines stand on. */
    private Set<DrawnRef> stoodOn() {
        Set<DrawnRef> out = new HashSet<>();
        for (Opening o : by.openings()) for (Support s : o.from().on()) out.add(s.drawn());
        for (GridLine g : grid) for (Support s : g.from().on()) out.add(s.drawn());
        return out;
    }

    private boolean isStoodOn(Leftover l, Set<DrawnRef> some) {
        return !some.isEmpty() && w.drawing().filter(d -> some.contains(d.ref(l.stroke(), 0, 1))).isPresent();
    }

    private static boolean isOn(Wall x, Leftover l) {
        Point u = x.reference().unroll(l.at());
        return u.x() > 0 && u.x() < x.length() && Math.abs(u.y() - (x.left() - x.right()) / 2) < x.thickness().value() / 2 + BESIDE;
    }

    private static boolean isIn(Column c, Leftover l) {
        return c.ground().holds(l.at()) || c.ground().distance(l.at()) < BESIDE;
    }

    /** The next one, or the one before, lit. @return the one that is looked at */
    public Optional<Leftover> step(int n) {
        if (all().isEmpty()) return Optional.empty();
        at = Math.floorMod(at + n, all.size());
        Leftover l = all.get(at);
        proposals.leaveElement();
        w.onBoard().light(Picked.stroke(l.stroke()));
        w.tell(Change.EVIDENCE);
        return Optional.of(l);
    }

    /** The one that is looked at, while no proposal is. */
    public Optional<Leftover> inHand() {
        return at >= 0 && at < all().size() && proposals.inHand().isEmpty() ? Optional.of(all.get(at)) : Optional.empty();
    }

    /** Which one of all is looked at, from 1 on. */
    public int number() {
        return at + 1;
    }

    /** What would make an element of the one that is looked at. */
    public Optional<Remedies.Remedy> remedy() {
        Optional<PlacedDrawing> d = w.drawing();
        return inHand().filter(_ -> d.isPresent()).flatMap(l -> new Remedies(d.get(), w.project(), w.storeyId(), w.settings().wall()
            .thickness().value()).of(l));
    }
}
