package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.DrawnRef;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Room;
import brightlintel.building.StoreyId;
import brightlintel.building.Support;
import brightlintel.building.Verdict;
import brightlintel.building.Wall;
import brightlintel.edit.Verdicts;
import brightlintel.geom.Point;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Enclosures;
import brightlintel.trace.DrawnGrid;

/**
 * What of a recognised storey is neither there yet nor refused, fitted to what is there: an opening lies in the wall that stands where its
 * proposed one would, a room waits until walls enclose it.
 */
public final class Pending {
    /** Of a wall: how much of it is covered that is there; metres: middles of columns that are one; square metres: of a room, by how much
     * its ground may be otherwise. */
    private static final double COVERED = 0.6, SAME = 0.05, OTHERWISE = 0.08;
    private static final int SAMPLES = 9;
    private final Contents there;
    private final Set<DrawnRef> refused;
    private final Set<ElementId> dropped;

    private Pending(Project p, StoreyId on, Collection<ElementId> dropped) {
        this.there = p.on(on);
        this.refused = refused(p);
        this.dropped = Set.copyOf(dropped);
    }

    /**
     * @param dropped ids of proposals that were refused and stand on nothing that could be named
     * @param walls   what the walls that are there enclose
     */
    public static Recognised of(Recognised all, Project p, StoreyId on, Collection<ElementId> dropped, Enclosures walls) {
        Pending x = new Pending(p, on, dropped);
        List<GridLine> grid = all.grid().stream().filter(g -> x.isOpen(g) && !DrawnGrid.isThere(g.label(), g.line(),
            p.grid())).toList();
        List<Wall> open = all.walls().stream().filter(w -> x.isOpen(w) && !x.isThere(w)).toList();
        List<Opening> openings = all.openings().stream().filter(x::isOpen).flatMap(o -> x.fitted(o, all).stream()).toList();
        List<Column> columns = all.columns().stream().filter(c -> x.isOpen(c) && x.there.columns().stream().noneMatch(o ->
            o.at().distance(c.at()) < SAME)).toList();
        List<Room> rooms = new ArrayList<>();
        List<Enclosure> grounds = new ArrayList<>();
        List<Enclosure> taken = x.there.rooms().stream().flatMap(r -> walls.of(r).stream()).toList();
        for (int i = 0; i < all.rooms().size(); i++) {
            Room r = all.rooms().get(i);
            Enclosure e = all.grounds().get(i);
            Point at = e.middle();
            if (!x.isOpen(r) || taken.stream().anyMatch(t -> t.holds(at))) continue;
            Optional<Enclosure> now = walls.of(r).filter(n -> Math.abs(n.area() - e.area()) < OTHERWISE * e.area());
            if (now.isEmpty()) continue;
            rooms.add(r);
            grounds.add(now.get());
        }
        return new Recognised(grid, open, openings, columns, rooms, grounds, all.left(), all.wells(), all.built());
    }

    private static Set<DrawnRef> refused(Project p) {
        Set<DrawnRef> out = new HashSet<>();
        for (Verdict v : p.verdicts()) if (v.kind().equals(Verdicts.PROPOSAL) && !v.so()) out.addAll(v.on());
        return out;
    }

    /** Refused is what stands, for the most part, on what a refused one stood on. */
    private boolean isOpen(Element e) {
        if (dropped.contains(e.id())) return false;
        List<DrawnRef> on = e.from().on().stream().map(Support::drawn).distinct().toList();
        long gone = on.stream().filter(refused::contains).count();
        return on.isEmpty() || 2 * gone <= on.size();
    }

    private boolean isThere(Wall w) {
        return Sampled.in(SAMPLES, w.length(), w::middle, p -> there.walls().stream().anyMatch(o -> o.holds(p, 0))) >= COVERED * SAMPLES;
    }

    /** In the wall that is there, where that is free; nothing while its wall is only proposed. */
    private Optional<Opening> fitted(Opening o, Recognised all) {
        Optional<Wall> own = there.wall(o.wall());
        Wall proposed = all.walls().stream().filter(w -> w.id().equals(o.wall())).findFirst().orElse(null);
        if (own.isPresent() && proposed != null && own.get().reference().equals(proposed.reference())) return free(o);
        if (proposed == null) return Optional.empty();
        Point at = proposed.middle(o.along());
        for (Wall w : own.map(List::of).orElse(there.walls())) {
            if (!w.holds(at, 0)) continue;
            double along = w.reference().unroll(at).x();
            boolean back = w.reference().direction(along).dot(proposed.reference().direction(o.along())) < 0;
            Opening moved = o.withWall(w.id()).withAlong(along);
            return free(back ? moved.with(o.filling().turnedRound()) : moved);
        }
        return Optional.empty();
    }

    private Optional<Opening> free(Opening o) {
        return there.isFree(o.wall(), o.start(), o.end()) ? Optional.of(o) : Optional.empty();
    }

}
