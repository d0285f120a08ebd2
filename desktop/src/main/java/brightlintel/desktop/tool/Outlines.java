package brightlintel.desktop.tool;

import brightlintel.building.BuildingOutline;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Provenance;
import brightlintel.building.Role;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.building.StoreyElement;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;
import brightlintel.joint.SlabOutline;
import brightlintel.place.PlacedDrawing;
import brightlintel.role.Casting;
import brightlintel.select.Picked;
import brightlintel.trace.DrawnOutlines;
import brightlintel.trace.Supports;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What is made of outlines that are clicked, or of the outer faces of walls. */
public final class Outlines {
    static final double SLAB = 0.25;
    /** Radians; metres. */
    private static final double PITCH = Math.toRadians(35), OVERHANG = 0.5, COVER = 0.3;
    private static final double LEAST_ROOM = 0.05;

    private Outlines() { }

    /** What the outer faces of walls enclose, and the walls. */
    private record Outer(Ring ring, Set<ElementId> walls) { }

    public static Tool slab(Workspace w) {
        return new RingTool(w, "slab", r -> slab(w, r, Optional.empty()));
    }

    public static void slabFromWalls(Workspace w) {
        outer(w).ifPresent(o -> slab(w, o.ring, Optional.of(o.walls)));
    }

    private static void slab(Workspace w, Ring ring, Optional<Set<ElementId>> follows) {
        add(w, "edit.slab", new Slab(ElementId.fresh(), ring.counterClockwise(), List.of(), Stand.FLOOR, Given.assumed(SLAB), follows,
            on(w, ring)));
    }

    /** In the slab that it lies in. */
    public static Tool hole(Workspace w) {
        return new RingTool(w, "hole", r -> {
            Optional<Slab> in = w.contents().slabs().stream().filter(s -> r.corners().stream().allMatch(p ->
                w.solved().outline(s).holds(p) || w.solved().outline(s).distance(p) < 1e-6)).findFirst();
            if (in.isEmpty()) {
                w.say(new Message(Message.Tone.BAD, Words.of("hole.no-slab")));
                return;
            }
            List<Ring> holes = new ArrayList<>(in.get().holes());
            holes.add(r);
            w.apply(Tracing.changeSlabs("edit.slab-hole", Set.of(in.get().id()), s -> s.withHoles(holes)));
            w.select(Set.of(in.get().id()));
        });
    }

    /** Closed lines within a slab that are drawn as stairs or edges of floors, or that are selected: each a hole. */
    public static void holesDrawn(Workspace w) {
        PlacedDrawing d = w.drawing().orElseThrow();
        Picked picked = w.onBoard().picked(d);
        Casting.Lookup roles = new Casting.Lookup(w.casts().of(d).orElse(List.of()));
        List<Ring> found = DrawnOutlines.of(d, i -> picked.isEmpty() ? roles.of(d.strokes(), i).filter(r -> r == Role.STAIR
            || r == Role.SLAB_EDGE).isPresent() : picked.hasStroke(i)).stream().map(DrawnOutlines.Outline::ring).toList();
        Map<ElementId, List<Ring>> holes = new LinkedHashMap<>();
        for (Slab s : w.contents().slabs()) {
            Ring outline = w.solved().outline(s);
            List<Ring> within = found.stream().filter(r -> r.area() < 0.5 * outline.area() && r.corners().stream().allMatch(outline::holds)
                && s.holes().stream().noneMatch(h -> h.box().centre().distance(r.box().centre()) < 0.01)).toList();
            if (!within.isEmpty()) holes.put(s.id(), within);
        }
        if (holes.isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of("hole.none-drawn")));
            return;
        }
        w.apply(Tracing.changeSlabs("edit.slab-hole", holes.keySet(), s -> {
            List<Ring> all = new ArrayList<>(s.holes());
            all.addAll(holes.get(s.id()));
            return s.withHoles(all);
        }));
        w.select(holes.keySet());
    }

    /** Proposals only where an outline goes round them. */
    public static Tool only(Workspace w) {
        return new RingTool(w, "only-here", r -> {
            w.proposals().only(Optional.of(r));
            w.leaveTool();
        });
    }

    public static Tool room(Workspace w) {
        return new RingTool(w, "room-outline", r -> {
            if (r.area() >= LEAST_ROOM) RoomTool.add(w, List.of(RoomTool.room(w, new Room.Bound.Drawn(r, List.of()), new Enclosure(r,
                List.of()), w.contents().rooms())));
        });
    }

    public static Tool zone(Workspace w) {
        return new RingTool(w, "zone", r -> add(w, "edit.zone", new Zone(ElementId.fresh(), zoneName(w), r, List.of(), Optional.empty(),
            on(w, r))));
    }

    private static String zoneName(Workspace w) {
        List<String> taken = w.contents().zones().stream().map(Zone::name).toList();
        for (int n = 1; ; n++) {
            String name = Words.of("zone.numbered", n);
            if (!taken.contains(name)) return name;
        }
    }

    public static Tool outline(Workspace w) {
        return new RingTool(w, "outline", r -> outline(w, r, Optional.empty()));
    }

    public static void outlineFromWalls(Workspace w) {
        outer(w).ifPresent(o -> outline(w, o.ring, Optional.of(o.walls)));
    }

    private static void outline(Workspace w, Ring r, Optional<Set<ElementId>> follows) {
        boolean lowest = w.project().below(w.storeyId()).isEmpty(), top = w.project().above(w.storeyId()).isEmpty();
        add(w, "edit.outline", new BuildingOutline(ElementId.fresh(), r, follows, lowest ? BuildingOutline.Under.GROUND
            : BuildingOutline.Under.ROOMS, top ? BuildingOutline.Over.ROOF : BuildingOutline.Over.ROOMS, Optional.empty(),
            on(w, r)));
    }

    public static Tool roof(Workspace w) {
        return new RingTool(w, "roof", r -> roof(w, r));
    }

    public static void roofFromWalls(Workspace w) {
        outer(w).ifPresent(o -> roof(w, o.ring));
    }

    private static void roof(Workspace w, Ring r) {
        double eaves = w.storey().height().value();
        add(w, "edit.roof", new Roof(ElementId.fresh(), r, new Roof.Cover.Pitched(Collections.nCopies(r.size(),
            new Roof.Edge.Slope(PITCH))),
            Given.assumed(OVERHANG), Given.assumed(COVER), new Stand.OnFloor(eaves), on(w, r)));
    }

    private static Provenance on(Workspace w, Ring r) {
        return Supports.ofOutline(r, w.drawings());
    }

    private static void add(Workspace w, String name, StoreyElement e) {
        w.apply(Tracing.add(name, w.storeyId(), List.of(e)));
        w.select(Set.of(e.id()));
    }

    /** Round the selected walls and those that hang on them, or round all walls of the storey. */
    private static Optional<Outer> outer(Workspace w) {
        List<Wall> walls = w.contents().walls();
        Set<ElementId> chosen = w.selection().stream().filter(id -> w.contents().wall(id).isPresent()).findFirst()
            .map(id -> SlabOutline.connected(walls, id, Tolerances.BUILDING))
            .orElse(walls.stream().map(Wall::id).collect(Collectors.toCollection(HashSet::new)));
        Optional<Ring> ring = SlabOutline.around(walls.stream().filter(x -> chosen.contains(x.id())).toList(), Tolerances.BUILDING);
        if (ring.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("slab.not-closed")));
        return ring.map(r -> new Outer(r, chosen));
    }
}
