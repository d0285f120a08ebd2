package brightlintel.recognise;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Room;
import brightlintel.building.StoreyElement;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Enclosures;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.RoomWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;

/**
 * Rooms among what walls and columns enclose.
 *
 * @param rooms    each with a place within what encloses it; grounds: what encloses them, in their order
 * @param enclosed all that is enclosed
 * @param shafts   what nothing leads into, nobody named, and is small
 */
record RoomsFound(List<Room> rooms, List<Enclosure> grounds, List<Enclosure> enclosed, List<Enclosure> shafts) {
    /** Square metres: a cavity is smaller; a shaft that nothing leads into. Metres: a room's edge from a wall's face. */
    private static final double LEAST = 0.4, SHAFT = 3, BY = 0.02;
    private static final double SURE = 0.9, FAIR = 0.75;

    static RoomsFound of(PlacedDrawing d, Leaders leaders, List<Wall> walls, List<Opening> openings, List<Column> columns,
        IntPredicate measure) {
        List<StoreyElement> all = new ArrayList<>(walls);
        all.addAll(columns);
        List<Room> rooms = new ArrayList<>();
        List<Enclosure> grounds = new ArrayList<>();
        List<Enclosure> enclosed = Enclosures.of(new Contents(all), Tolerances.BUILDING).all().stream().filter(e -> e.area() >= LEAST)
            .toList();
        Map<ElementId, Wall> byId = walls.stream().collect(Collectors.toMap(Wall::id, w -> w));
        Labels labels = new Labels(d, leaders, enclosed, measure,
            openings.stream().map(o -> byId.get(o.wall()).middle(o.along())).toList());
        List<Enclosure> shafts = new ArrayList<>();
        for (Enclosure e : enclosed) {
            RoomWords words = labels.in(e);
            if (e.area() < SHAFT && words.name().isEmpty() && words.number().isEmpty() && openings.stream().noneMatch(o -> leadsInto(o,
                byId.get(o.wall()), e))) {
                shafts.add(e);
                continue;
            }
            boolean agrees = words.area().isEmpty() || Math.abs(words.area().get() - e.area()) < Math.max(0.1, 0.02 * e.area());
            boolean named = !words.name().isEmpty() || !words.number().isEmpty();
            double confidence = agrees && words.area().isPresent() ? SURE : !agrees || !named ? FAIR - 0.15
                : labels.isPlain(e) && bounds(e, walls, openings) ? SURE - 0.01 : FAIR + 0.05;
            rooms.add(new Room(ElementId.fresh(), words.number(), words.name(), new Room.Bound.Within(e.middle()), words.area(),
                Optional.empty(), "", new Provenance(new Provenance.Way.Proposed(confidence), List.of())));
            grounds.add(e);
        }
        return new RoomsFound(rooms, grounds, enclosed, shafts);
    }

    private static boolean leadsInto(Opening o, Wall w, Enclosure e) {
        Point at = w.middle(o.along());
        return e.outline().distance(at) < w.thickness().value() / 2 + BY;
    }

    /** Whether all walls round a room are sure, and a door leads into it. */
    private static boolean bounds(Enclosure e, List<Wall> walls, List<Opening> openings) {
        Set<ElementId> round = new HashSet<>();
        for (Piece p : e.outline().pieces()) {
            Point m = p.at(p.length() / 2);
            Optional<Wall> at = walls.stream().filter(w -> {
                Point u = w.reference().unroll(m);
                return u.x() > -BY && u.x() < w.length() + BY && Math.abs(Math.abs(u.y()) - w.thickness().value() / 2) < BY;
            }).min(Comparator.comparingDouble(Recognised::confidence));
            if (at.filter(Recognised::isSure).isEmpty()) return false;
            round.add(at.get().id());
        }
        return openings.stream().anyMatch(o -> round.contains(o.wall()) && o.filling() instanceof Opening.Filling.Door
            && Recognised.isSure(o));
    }
}
