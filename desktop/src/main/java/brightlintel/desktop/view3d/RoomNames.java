package brightlintel.desktop.view3d;

import java.util.Optional;

import brightlintel.building.Room;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Enclosures;
import brightlintel.paint.Brush;
import brightlintel.paint.Fonts;
import brightlintel.paint.Raster;
import brightlintel.solid.Body;
import brightlintel.view3d.Camera;
import brightlintel.view3d.Painter3d;

/** Names of the rooms of the storey in hand on their floors, where a floor or nothing is seen: none shows through a wall. */
final class RoomNames {
    private static final double SIZE = 12, LINE = 14;

    private RoomNames() { }

    static void paint(Workspace w, Camera camera, Painter3d painter, Raster frame) {
        if (w.contents().rooms().isEmpty() || w.space().hidden().contains(w.storeyId())) return;
        Enclosures rooms = w.solved().enclosuresSeen();
        Brush brush = new Brush(frame);
        double level = w.storey().level().value();
        for (Room r : w.contents().rooms()) {
            Optional<Enclosure> e = rooms.of(r);
            if (e.isEmpty() || r.title().isEmpty()) continue;
            Point m = e.get().middle(), at = camera.toPx(new Vec3(m.x(), m.y(), level), frame.width, frame.height);
            if (at.x() < 0 || at.y() < 0 || at.x() >= frame.width || at.y() >= frame.height) continue;
            Body there = painter.at((int) at.x(), (int) at.y());
            boolean free = there == null || there.matter() == Body.Matter.SLAB && there.storey().equals(w.storeyId());
            if (!free) continue;
            boolean chosen = w.selection().contains(r.id());
            int ink = chosen ? w.looks().palette().brassText() : w.looks().palette().ink();
            brush.textCentred(r.title(), at.x(), at.y(), SIZE, Fonts.Weight.SEMIBOLD, ink);
            brush.textCentred(w.lengths().area(e.get().area()), at.x(), at.y() + LINE, SIZE, Fonts.Weight.REGULAR, ink);
        }
    }
}
