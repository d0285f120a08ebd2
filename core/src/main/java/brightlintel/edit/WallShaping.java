package brightlintel.edit;

import brightlintel.building.Contents;
import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.geom.Angles;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Walls as wholes: turned round, joined, lengthened or cut back to meet another line, moved square to themselves. */
public final class WallShaping {
    /** Metres: ends that are one corner, and walls that lie on one line. */
    private static final double TOGETHER = 1e-4, ON = 1e-3, SHORTEST = 0.01;
    private static final double STRAIGHT_ON = Math.toRadians(0.2), PARALLEL = Math.toRadians(0.5);

    private WallShaping() { }

    /** The other way: body and openings stay where they are. */
    public static Edit turnRound(Set<ElementId> which) {
        return Edit.of("edit.wall-turn-round", p -> p.withAllContents(c -> c.map(e -> switch (e) {
            case Wall w when which.contains(w.id()) -> w.turnedRound();
            case Opening o when which.contains(o.wall()) -> {
                Opening turned = o.withAlong(c.wall(o.wall()).orElseThrow().length() - o.along());
                yield turned.with(o.filling().turnedRound());
            }
            default -> e;
        })));
    }

    /** Whether two walls are one line, end to end, and alike. */
    public static boolean canJoin(Wall a, Wall b) {
        return joined(a, b).isPresent();
    }

    /** Two walls that go on straight become the first; openings keep their places. Nothing where they do not. */
    public static Edit join(StoreyId on, ElementId first, ElementId second) {
        return Edit.of("edit.wall-join", p -> p.withContents(on, c -> {
            Wall a = c.wall(first).orElse(null), b = c.wall(second).orElse(null);
            Optional<Wall> one = a == null || b == null ? Optional.empty() : joined(a, b);
            return one.map(w -> replaced(c, a, b, w)).orElse(c);
        }));
    }

    private static Contents replaced(Contents c, Wall a, Wall b, Wall one) {
        List<StoreyElement> out = new ArrayList<>();
        for (StoreyElement e : c.elements()) {
            if (e.id().equals(b.id())) continue;
            out.add(switch (e) {
                case Wall w -> w.id().equals(a.id()) ? one.withRuns(Set.of()) : w;
                case Opening o -> o.wall().equals(a.id()) ? Hosting.kept(o, a, one) : o.wall().equals(b.id()) ? taken(o, b, one) : o;
                default -> Following.with(e, f -> f.contains(b.id()) ? instead(f, a.id(), b.id()) : f);
            });
        }
        return new Contents(out);
    }

    /** One wall in the place of another, for what follows it. */
    private static Set<ElementId> instead(Set<ElementId> follows, ElementId one, ElementId gone) {
        Set<ElementId> out = new HashSet<>(follows);
        out.remove(gone);
        out.add(one);
        return out;
    }

    /** One straight wall in the place of the two that end at the corner nearest to a place; nothing where there are not just two there. */
    public static Optional<Edit> withoutCorner(Contents c, StoreyId on, Point at) {
        Optional<Point> corner = c.walls().stream().flatMap(w -> Stream.of(w.reference().a(), w.reference().b()))
            .min(Comparator.comparingDouble(p -> p.distance(at)));
        if (corner.isEmpty()) return Optional.empty();
        List<Wall> two = c.walls().stream().filter(w -> endsAt(w, corner.get())).toList();
        if (two.size() != 2) return Optional.empty();
        Wall a = two.get(0), b = two.get(1);
        boolean back = a.reference().a().distance(corner.get()) <= TOGETHER;
        Point from = back ? a.reference().b() : a.reference().a(), to = b.reference().a().distance(corner.get()) <= TOGETHER
            ? b.reference().b() : b.reference().a();
        if (from.distance(to) < SHORTEST) return Optional.empty();
        return Optional.of(Edit.of("edit.corner-out", p -> p.withContents(on, x -> replaced(x, a, b, a.with(back ? Piece.straight(to, from)
            : Piece.straight(from, to))))));
    }

    private static boolean endsAt(Wall w, Point p) {
        return w.reference().a().distance(p) <= TOGETHER || w.reference().b().distance(p) <= TOGETHER;
    }

    /** Of a wall that may run the other way. */
    private static Opening taken(Opening o, Wall from, Wall to) {
        Opening there = Hosting.kept(o, from, to).withWall(to.id());
        boolean against = from.reference().direction(0).dot(to.reference().direction(0)) < 0;
        return against ? there.with(o.filling().turnedRound()) : there;
    }

    private static Optional<Wall> joined(Wall a, Wall b) {
        Piece p = a.reference(), q = b.reference();
        boolean straight = p.isStraight() && q.isStraight() && Angles.betweenLines(p.direction(0).angle(),
            q.direction(0).angle()) < STRAIGHT_ON;
        if (!straight || Math.abs(a.thickness().value() - b.thickness().value()) > ON) return Optional.empty();
        Piece r = p.direction(0).dot(q.direction(0)) < 0 ? q.reversed() : q;
        // one body behind the other
        double left = r == q ? b.left() : b.right();
        if (Math.abs(p.unroll(r.a()).y() + left - a.left()) > ON) return Optional.empty();
        if (p.b().distance(r.a()) < ON) return Optional.of(a.with(Piece.straight(p.a(), r.b())));
        if (r.b().distance(p.a()) < ON) return Optional.of(a.with(Piece.straight(r.a(), p.b())));
        return Optional.empty();
    }

    /**
     * The end that lies nearer to where its line meets another goes there; walls stay that run alike, or of which nothing would be left.
     */
    public static Edit meet(Set<ElementId> which, Piece other) {
        return Tracing.changeWalls("edit.wall-meet", which, w -> meeting(w.reference(), other).map(w::with).orElse(w));
    }

    /** A straight piece with its nearer end on the line of another. */
    public static Optional<Piece> meeting(Piece p, Piece other) {
        if (!p.isStraight() || !other.isStraight()) return Optional.empty();
        Point u = p.direction(0), v = other.direction(0);
        double sin = u.cross(v);
        if (Math.abs(sin) < Math.sin(PARALLEL)) return Optional.empty();
        Point at = p.a().plus(u.times(other.a().minus(p.a()).cross(v) / sin));
        boolean end = at.distance(p.b()) <= at.distance(p.a());
        Piece out = end ? Piece.straight(p.a(), at) : Piece.straight(at, p.b());
        boolean kept = out.length() > SHORTEST && out.b().minus(out.a()).dot(u) > 0;
        return kept ? Optional.of(out) : Optional.empty();
    }

    /** How the walls of a corner meet: each joined to the next along a mitre, or one running through. */
    public static Edit runThrough(StoreyId on, Point corner, Optional<ElementId> which) {
        return Edit.of("edit.wall-runs", p -> p.withContents(on, c -> c.map(e -> {
            if (!(e instanceof Wall w)) return e;
            Set<Wall.End> runs = new HashSet<>(w.runs());
            for (Wall.End end : Wall.End.values()) {
                Point at = end == Wall.End.START ? w.reference().a() : w.reference().b();
                if (at.distance(corner) > TOGETHER) continue;
                if (which.filter(w.id()::equals).isPresent()) runs.add(end);
                else runs.remove(end);
            }
            return runs.equals(w.runs()) ? w : w.withRuns(runs);
        })));
    }

    /** Square to itself, to the left; what meets it at its ends goes along its own direction. */
    public static Edit shift(StoreyId on, ElementId id, double left) {
        return Edit.of("edit.wall-shift", p -> {
            Wall w = p.on(on).wall(id).orElse(null);
            return w == null || !w.reference().isStraight() || Math.abs(left) < 1e-9 ? p : shifted(p, on, w, left);
        });
    }

    private static Project shifted(Project p, StoreyId on, Wall w, double left) {
        Piece r = w.reference(), to = Piece.straight(r.at(0, left), r.at(r.length(), left));
        Point a = corner(p, on, w, r.a(), to, to.a()), b = corner(p, on, w, r.b(), to, to.b());
        if (b.minus(a).dot(r.direction(0)) < SHORTEST) return p;
        Project out = Tracing.moveCorner(on, r.a(), a, TOGETHER).apply(p);
        return Tracing.moveCorner(on, r.b(), b, TOGETHER).apply(out);
    }

    /** Where a corner goes: along the one other wall that ends there, else square to the one that moves. */
    private static Point corner(Project p, StoreyId on, Wall moved, Point at, Piece to, Point square) {
        List<Wall> there = p.on(on).walls().stream().filter(x -> !x.id().equals(moved.id()) && endsAt(x, at)).toList();
        if (there.size() != 1 || !there.getFirst().reference().isStraight()) return square;
        Point u = to.direction(0), v = there.getFirst().reference().direction(0);
        double sin = u.cross(v);
        return Math.abs(sin) < Math.sin(PARALLEL) ? square : to.a().plus(u.times(at.minus(to.a()).cross(v) / sin));
    }
}
