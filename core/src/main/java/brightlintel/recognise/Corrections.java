package brightlintel.recognise;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Side;
import brightlintel.building.StoreyElement;
import brightlintel.building.Wall;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What somebody changed of what had been proposed and taken: a wall's thickness or kind, the face it is drawn along, what it stands on and
 * reaches up to, the wall that its end was drawn out to; what fills openings and how high; a column's section. What was proposed alike is
 * proposed so, too. Where two of one measure were changed otherwise, nothing follows; nor from a place, which says nothing of others.
 */
public final class Corrections {
    public static final Corrections NONE = new Corrections();
    /**
     * Metres: a kind may round a thickness; middles of columns that are one; measures that are alike. Of a wall: covered by its proposal.
     */
    private static final double ROUNDED = 0.004, SAME = 0.05, ALIKE = 0.01, COVERED = 0.6, AT = 0.1;
    private static final int SAMPLES = 9;
    private final List<Pair> changed = new ArrayList<>();
    private final Map<ElementId, StoreyElement> others = new HashMap<>();

    private record Pair(StoreyElement proposed, StoreyElement is) { }

    private List<Wall> walls = List.of();
    /** Of the building; worked out when a face is asked for. */
    private Optional<Ring> edge;

    /** The face that a wall is drawn along, as others have it as well: which is left and right depends on how each was drawn. */
    private enum Along { MIDDLE, OUTSIDE, INSIDE, EITHER }

    private Extents extents = new Extents(List.of(), List.of());

    private Corrections() { }

    /** @param all what was proposed of the storey; there: what it holds */
    public static Corrections of(Recognised all, Contents there) {
        Corrections out = new Corrections();
        out.walls = all.walls();
        List<Pair> pairs = new ArrayList<>();
        for (Wall p : all.walls()) standing(p, there).ifPresent(w -> pairs.add(new Pair(p, w)));
        Map<ElementId, Wall> hosts = new HashMap<>();
        for (Wall w : all.walls()) hosts.put(w.id(), w);
        List<Opening> taken = there.openings().stream().filter(o -> isTaken(o) && there.wall(o.wall()).isPresent()).toList();
        List<Point> at = taken.stream().map(o -> there.wall(o.wall()).orElseThrow().middle(o.along())).toList();
        for (Opening p : all.openings()) {
            Point here = hosts.get(p.wall()).middle(p.along());
            for (int i = 0; i < at.size(); i++) if (at.get(i).distance(here) < AT) {
                pairs.add(new Pair(p, taken.get(i)));
                break;
            }
        }
        for (Column p : all.columns()) there.columns().stream().filter(c -> isTaken(c) && c.at().distance(p.at()) < SAME).findFirst()
            .ifPresent(c -> pairs.add(new Pair(p, c)));
        out.extents = new Extents(all.walls(), there.walls());
        for (Pair p : pairs) if (p.proposed instanceof Wall w && p.is instanceof Wall x) out.extents.learn(w, x);
        for (Pair p : pairs) if (isChanged(p.proposed, p.is)) out.changed.add(p);
        for (Pair p : pairs) if (!isChanged(p.proposed, p.is)) out.like(p.proposed).map(l -> out.as(p.is, l)).filter(x -> isChanged(p.is,
            x))
            .ifPresent(x -> out.others.put(p.is.id(), x));
        // where somebody said how far one reaches nothing is asked
        for (Pair p : pairs) if (p.is instanceof Wall w && Extents.isAsProposed((Wall) p.proposed, w)) {
            Wall now = (Wall) out.others.getOrDefault(w.id(), w);
            out.extents.reached(now).ifPresent(x -> {
                out.others.put(w.id(), x);
                there.openings().stream().filter(o -> o.wall().equals(w.id())).map(o -> (Opening) out.others.getOrDefault(o.id(), o))
                    .forEach(o -> Extents.moved(o, w, x).ifPresent(m -> out.others.put(m.id(), m)));
            });
        }
        return out;
    }

    /** As what one is to be made, since what was proposed alike was made so. */
    private Optional<StoreyElement> like(StoreyElement proposed) {
        List<StoreyElement> as = changed.stream().filter(c -> isAlike(c.proposed, proposed)).map(Pair::is).toList();
        return as.isEmpty() || as.stream().anyMatch(x -> differs(as.getFirst(), x)) ? Optional.empty() : Optional.of(as.getFirst());
    }

    private static boolean isTaken(StoreyElement e) {
        return e.from().way() instanceof Provenance.Way.Proposed;
    }

    private static boolean covers(Wall w, Wall proposed) {
        int in = Sampled.in(SAMPLES, proposed.length(), proposed::middle, p -> w.holds(p, 0));
        return in >= COVERED * SAMPLES && Math.abs(w.reference().direction(0).cross(proposed.reference().direction(0))) < ALIKE;
    }

    /** The wall that came of a proposal: by its name, or where it stands. */
    private static Optional<Wall> standing(Wall p, Contents there) {
        Optional<Wall> same = there.wall(p.id());
        if (same.isPresent()) return same.filter(Corrections::isTaken);
        Box near = p.reference().box().grown(p.thickness().value());
        return there.walls().stream().filter(w -> isTaken(w) && w.reference().box().meets(near) && covers(w, p)).findFirst();
    }

    private static boolean isAlike(StoreyElement a, StoreyElement b) {
        return switch (a) {
            case Wall x -> b instanceof Wall y && Math.abs(x.thickness().value() - y.thickness().value()) < ALIKE;
            case Opening x -> b instanceof Opening y && x.filling().isLike(y.filling())
                && Math.abs(x.width().value() - y.width().value()) < ALIKE
                && Math.abs(x.sill().value() - y.sill().value()) < ALIKE && Math.abs(x.head().value() - y.head().value()) < ALIKE;
            case Column x -> b instanceof Column y && x.section().equals(y.section());
            default -> false;
        };
    }

    /** Whether what stands is otherwise than what was proposed. */
    private static boolean isChanged(StoreyElement proposed, StoreyElement is) {
        return switch (proposed) {
            case Wall w -> is instanceof Wall x && (Math.abs(w.thickness().value() - x.thickness().value()) > ROUNDED
                || w.side() != x.side()
                || !w.base().equals(x.base()) || !w.top().equals(x.top()));
            case Opening o -> is instanceof Opening x && (!o.filling().isLike(x.filling())
                || Math.abs(o.sill().value() - x.sill().value()) > ROUNDED
                || Math.abs(o.head().value() - x.head().value()) > ROUNDED);
            case Column c -> !c.section().equals(((Column) is).section());
            default -> false;
        };
    }

    /** Whether two that were changed say different things of others. */
    private boolean differs(StoreyElement a, StoreyElement b) {
        return a instanceof Wall x && b instanceof Wall y ? Math.abs(x.thickness().value() - y.thickness().value()) > ROUNDED
            || along(x) != along(y) || !x.base().equals(y.base()) || !x.top().equals(y.top()) : isChanged(a, b);
    }

    private Along along(Wall w) {
        if (w.side() == Side.CENTRE) return Along.MIDDLE;
        Optional<Boolean> left = outsideIsLeft(w);
        return left.isEmpty() ? Along.EITHER : left.get() == (w.side() == Side.LEFT) ? Along.OUTSIDE : Along.INSIDE;
    }

    /** Of a wall at the edge of the building. */
    private Optional<Boolean> outsideIsLeft(Wall w) {
        if (edge == null) edge = SlabOutline.around(walls, Tolerances.BUILDING);
        double half = w.thickness().value() + AT;
        Point left = w.reference().at(w.length() / 2, half), right = w.reference().at(w.length() / 2, -half);
        return edge.filter(r -> r.holds(left) != r.holds(right)).map(r -> r.holds(right));
    }

    /** Within the house neither of two faces is the outer one: only the middle says something of others. */
    private Side side(Wall w, Wall like) {
        Along a = along(like);
        if (a == Along.MIDDLE) return Side.CENTRE;
        Optional<Boolean> left = outsideIsLeft(w);
        return a == Along.EITHER || left.isEmpty() ? w.side() : left.get() == (a == Along.OUTSIDE) ? Side.LEFT : Side.RIGHT;
    }

    /** One made as another is; its place, width and provenance stay. */
    private StoreyElement as(StoreyElement e, StoreyElement like) {
        return switch (e) {
            case Wall w -> new Wall(w.id(), w.reference(), side(w, (Wall) like), ((Wall) like).thickness(), ((Wall) like).base(),
                ((Wall) like).top(), w.from(), ((Wall) like).kind(), w.runs(), w.stance());
            case Opening o -> o.withHeights(((Opening) like).sill(),
                ((Opening) like).head()).with(o.filling().as(((Opening) like).filling()));
            case Column c -> c.with(((Column) like).section());
            default -> e;
        };
    }

    /** What waits, as it follows from what was changed. */
    public Recognised followedBy(Recognised open) {
        if (changed.isEmpty() && extents.isEmpty()) return open;
        Map<ElementId, Wall> before = new HashMap<>(), after = new HashMap<>();
        List<Wall> longer = new ArrayList<>();
        for (Wall w : list(open.walls(), Wall.class::cast)) {
            Wall x = extents.reached(w).orElse(w);
            longer.add(x);
            before.put(w.id(), w);
            after.put(w.id(), x);
        }
        List<Opening> in = list(open.openings(), Opening.class::cast).stream().map(o -> before.containsKey(o.wall()) ? Extents.moved(o,
            before.get(o.wall()), after.get(o.wall())).orElse(o) : o).toList();
        return new Recognised(open.grid(), longer, in, list(open.columns(), Column.class::cast), open.rooms(), open.grounds(),
            open.left(), open.wells(), open.built());
    }

    private <T extends StoreyElement> List<T> list(List<T> some, Function<StoreyElement, T> cast) {
        return some.stream().map(e -> like(e).map(l -> cast.apply(as(e, l))).orElse(e)).toList();
    }

    /** Of what stands and was proposed alike: as each would be. */
    public Map<ElementId, StoreyElement> others() {
        return Map.copyOf(others);
    }
}
