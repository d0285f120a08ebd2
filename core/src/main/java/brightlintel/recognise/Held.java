package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Room;
import brightlintel.building.StoreyElement;
import brightlintel.building.Wall;
import brightlintel.geom.Box;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;

/**
 * A storey that is there, repeated from another, say, held against what its drawing shows. What the drawing shows and the storey lacks is
 * not told here: {@link Pending} proposes it.
 *
 * @param changed  what the drawing shows otherwise, as it would be then, by the ids of what is there
 * @param gone     what it does not show, as it is there; openings of a wall that is gone are gone with it
 * @param agreeing how many it shows as they are
 */
public record Held(List<StoreyElement> changed, List<StoreyElement> gone, int agreeing) {
    public static final Held NOTHING = new Held(List.of(), List.of(), 0);
    /** Metres: what is as near is the same; as far off it is looked for; by as much longer is longer. */
    private static final double SAME = 0.02, THICKNESS = 0.01, NEAR = 0.3, LONGER = 0.3, COLUMN_NEAR = 0.5;
    /** Of a wall or an opening: what has to be shown of it. */
    private static final double SHOWN = 0.5;
    private static final int SAMPLES = 24;

    public Held {
        changed = List.copyOf(changed);
        gone = List.copyOf(gone);
    }

    public static Held of(Recognised shown, Contents there) {
        if (shown.walls().isEmpty()) return NOTHING;
        List<StoreyElement> changed = new ArrayList<>(), gone = new ArrayList<>();
        int agreeing = 0;
        for (StoreyElement e : there.elements()) {
            Optional<? extends StoreyElement> now = switch (e) {
                case Wall w -> wall(w, shown, there);
                case Opening o -> there.wall(o.wall()).filter(w -> wall(w, shown, there).isPresent()).isEmpty() ? Optional.of(o)
                    : opening(o, shown, there);
                case Column c -> column(c, shown);
                case Room r -> Optional.of(room(r, shown));
                default -> Optional.of(e);
            };
            if (now.isEmpty()) gone.add(e);
            else if (now.get() == e) agreeing++;
            else changed.add(now.get());
        }
        return new Held(changed, gone, agreeing);
    }

    /** A stretch of a wall that is shown, by a wall beside or in it. */
    private record Shown(Wall by, double from, double to) {
        double length() {
            return to - from;
        }
    }

    private static Optional<Wall> wall(Wall w, Recognised shown, Contents there) {
        if (!w.reference().isStraight()) return round(w, shown);
        List<Shown> by = shown.walls().stream().flatMap(s -> along(w, s).stream()).toList();
        double share = covered(w, by) / w.length();
        if (share < SHOWN / 2) return Optional.empty();
        Shown best = by.stream().max(Comparator.comparingDouble(Shown::length)).orElseThrow();
        double off = off(w, best.by);
        boolean same = Math.abs(off) < SAME && Math.abs(best.by.thickness().value() - w.thickness().value()) < THICKNESS;
        Piece r = w.reference();
        double from = share < SHOWN ? best.from : 0, to = share < SHOWN ? best.to : w.length();
        if (same) {
            // as far as it is shown, where nothing else stands
            Point a = r.unroll(best.by.middle(0)), b = r.unroll(best.by.middle(best.by.length()));
            double first = Math.min(a.x(), b.x()), last = Math.max(a.x(), b.x());
            if (first < -LONGER && isFree(w, first / 2, there)) from = first;
            if (last > w.length() + LONGER && isFree(w, (last + w.length()) / 2, there)) to = last;
            if (from == 0 && to == w.length()) return Optional.of(w);
        }
        Point n = r.direction(0).left().times(same ? 0 : off);
        Wall moved = w.with(Piece.straight(r.at(from).plus(n), r.at(to).plus(n))).with(best.by.from());
        return Optional.of(same ? moved : sided(moved, best.by));
    }

    /** Of the thickness that is shown, with its middle where that is shown. */
    private static Wall sided(Wall moved, Wall shown) {
        Wall t = moved.withThickness(shown.thickness());
        double before = (moved.left() - moved.right()) / 2, after = (t.left() - t.right()) / 2;
        Piece r = t.reference();
        Point n = r.direction(0).left().times(before - after);
        return t.with(Piece.straight(r.a().plus(n), r.b().plus(n)));
    }

    /** By how much the middle of one that is shown lies to the left of a wall's middle. */
    private static double off(Wall w, Wall shown) {
        Point m = w.reference().unroll(shown.middle(shown.length() / 2));
        return m.y() - (w.left() - w.right()) / 2;
    }

    private static Optional<Shown> along(Wall w, Wall s) {
        boolean beside = s.reference().isStraight() && Math.abs(s.reference().direction(0).cross(w.reference().direction(0))) <= SAME
            && Math.abs(off(w, s)) <= NEAR;
        if (!beside) return Optional.empty();
        Point a = w.reference().unroll(s.middle(0)), b = w.reference().unroll(s.middle(s.length()));
        double from = Math.max(0, Math.min(a.x(), b.x())), to = Math.min(w.length(), Math.max(a.x(), b.x()));
        return to > from ? Optional.of(new Shown(s, from, to)) : Optional.empty();
    }

    private static double covered(Wall w, List<Shown> by) {
        List<double[]> bare = List.of(new double[] {0, w.length()});
        for (Shown s : by) bare = Bodies.free(bare, List.of(new Faces.Stretch(s.from, s.to, List.of())));
        return w.length() - bare.stream().mapToDouble(f -> f[1] - f[0]).sum();
    }

    private static boolean isFree(Wall w, double along, Contents there) {
        Point p = w.reference().at(along, (w.left() - w.right()) / 2);
        return there.walls().stream().noneMatch(o -> o != w && o.holds(p, 0));
    }

    /** A round one is there or not. */
    private static Optional<Wall> round(Wall w, Recognised shown) {
        int in = Sampled.in(SAMPLES, w.length(), w::middle, p -> shown.walls().stream().anyMatch(s -> s.holds(p, SAME)));
        return in >= SHOWN * SAMPLES ? Optional.of(w) : Optional.empty();
    }

    private static Optional<Opening> opening(Opening o, Recognised shown, Contents there) {
        Wall w = there.wall(o.wall()).orElseThrow();
        Opening best = null;
        double most = 0, along = 0;
        boolean back = false;
        for (Opening s : shown.openings()) {
            Wall host = shown.walls().stream().filter(x -> x.id().equals(s.wall())).findFirst().orElse(null);
            if (host == null || !w.holds(host.middle(s.along()), NEAR)) continue;
            double at = w.reference().unroll(host.middle(s.along())).x(), half = s.width().value() / 2;
            double both = Math.min(at + half, o.end()) - Math.max(at - half, o.start());
            if (both < SHOWN * Math.min(s.width().value(), o.width().value()) || both <= most) continue;
            most = both;
            best = s;
            along = at;
            back = w.reference().direction(o.along()).dot(host.reference().direction(s.along())) < 0;
        }
        if (best == null) return Optional.empty();
        boolean kind = best.filling().getClass() == o.filling().getClass();
        if (kind && Math.abs(along - o.along()) < SAME && Math.abs(best.width().value() - o.width().value()) < SAME) return Optional.of(o);
        Opening now = o.withId(o.id(), best.from()).withAlong(along).withoutKind().withWidth(best.width());
        return Optional.of(kind ? now : now.with(back ? best.filling().turnedRound() : best.filling()));
    }

    private static Optional<Column> column(Column c, Recognised shown) {
        Optional<Column> near = shown.columns().stream().filter(s -> s.at().distance(c.at()) < COLUMN_NEAR)
            .min(Comparator.comparingDouble(s -> s.at().distance(c.at())));
        return near.map(s -> s.at().distance(c.at()) < SAME && isAlike(s, c) ? c : c.withId(c.id(),
            s.from()).with(s.section()).withAt(s.at())
            .withTurn(s.turn()));
    }

    private static boolean isAlike(Column a, Column b) {
        Box x = a.ground().box(), y = b.ground().box();
        return Math.abs(x.width() - y.width()) < SAME && Math.abs(x.height() - y.height()) < SAME;
    }

    /** One that is named otherwise; a room goes where its walls go. */
    private static Room room(Room r, Recognised shown) {
        if (!(r.bound() instanceof Room.Bound.Within b)) return r;
        for (int i = 0; i < shown.rooms().size(); i++) {
            if (!shown.grounds().get(i).holds(b.at())) continue;
            Room s = shown.rooms().get(i);
            boolean number = !s.number().isEmpty() && !s.number().equals(r.number()), name = !s.name().isEmpty()
                && !s.name().equals(r.name());
            Room now = number ? r.withNumber(s.number()) : r;
            now = name ? now.withName(s.name()) : now;
            return number || name ? now.withWritten(s.written()).withId(r.id(), new Provenance(s.from().way(), s.from().on())) : r;
        }
        return r;
    }
}
