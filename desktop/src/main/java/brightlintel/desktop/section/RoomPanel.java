package brightlintel.desktop.section;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Heights;
import brightlintel.building.Room;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.joint.Enclosure;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;

/** One room, or many at once. */
final class RoomPanel {
    /** Of the measured area: a written one that is further off disagrees. */
    private static final double AGREES = 0.01;
    private final Workspace w;
    private final List<Node> out;

    RoomPanel(Workspace w, List<Node> out) {
        this.w = w;
        this.out = out;
    }

    void build(List<Room> list) {
        Set<ElementId> ids = Shared.ids(list);
        if (list.size() == 1) {
            Room r = list.getFirst();
            out.add(Parts.label(Words.of("properties.room"), "side-title"));
            out.add(Shared.words(w, "room.number", "prop-room-number", list, Room::number, t -> {
                w.apply(Tracing.changeRooms("edit.room-number", ids, x -> x.withNumber(t.strip())));
                return true;
            }));
        }
        out.add(Shared.words(w, "room.name", "prop-room-name", list, Room::name, t -> {
            w.apply(Tracing.changeRooms("edit.room-name", ids, x -> x.withName(t.strip())));
            return true;
        }));
        out.add(Shared.words(w, "room.zone", "prop-room-zone", list, Room::zone, t -> {
            w.apply(Tracing.changeRooms("edit.room-zone", ids, x -> x.withZone(t.strip())));
            return true;
        }));
        Heights heights = Heights.of(w.project(), w.storeyId());
        out.add(Shared.length(w, "room.height", "prop-room-height", list, heights::clear, w.lengths().positionUnit(), w.lengths()::height,
            v -> v > 0.05 && v < 200, v -> w.apply(Tracing.changeRooms("edit.room-height", ids, x ->
                x.withHeight(Optional.of(Given.stated(v))))),
            list.stream().anyMatch(r -> r.height().isEmpty())));
        if (list.size() == 1) facts(list.getFirst(), heights);
        else out.add(Parts.figure(Words.of("room.together"), Parts.right(w.lengths().area(list.stream().flatMap(r ->
            w.solved().enclosures().of(r).stream()).mapToDouble(Enclosure::area).sum()))));
    }

    private void facts(Room r, Heights heights) {
        Optional<Enclosure> ground = w.solved().enclosures().of(r);
        if (ground.isEmpty()) {
            out.add(Parts.label(Words.of("room.no-longer-closed"), "brick"));
            return;
        }
        Enclosure e = ground.get();
        out.add(Parts.figure(Words.of("room.area"), Parts.right(w.lengths().areaExact(e.area()))));
        r.written().ifPresent(a -> {
            boolean good = Math.abs(a - e.area()) <= Math.max(AGREES * e.area(), 0.05);
            out.add(Parts.figure(Words.of("room.written"), Parts.right(w.lengths().areaExact(a) + (good ? " ✓" : " ✗"), good ? "sage"
                : "brick")));
        });
        out.add(Parts.figure(Words.of("room.perimeter"), Parts.right(w.lengths().position(e.perimeter()))));
        out.add(Parts.figure(Words.of("properties.volume"), Parts.right(w.lengths().volume(e.area() * heights.clear(r)))));
    }
}
