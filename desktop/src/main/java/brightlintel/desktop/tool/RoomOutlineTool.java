package brightlintel.desktop.tool;

import brightlintel.building.Room;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.joint.Enclosure;
import java.util.List;
import java.util.Optional;

/** A room by the corners of its outline, or by two opposite corners and Enter. */
public final class RoomOutlineTool implements Tool {
    private static final double LEAST = 0.05;
    private final Workspace w;
    private final Corners corners = new Corners();

    public RoomOutlineTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "room-outline";
    }

    @Override public String prompt() {
        return Words.of(corners.isEmpty() ? "prompt.room-outline.first" : corners.size() < 3 ? "prompt.room-outline.box"
            : "prompt.room-outline.close");
    }

    @Override public void clicked(Aim aim) {
        if (corners.clicked(aim)) finish();
    }

    @Override public void finish() {
        if (corners.size() < 2) return;
        Ring r = new Ring(corners.size() == 2 ? corners.box() : corners.all()).counterClockwise();
        corners.clear();
        if (r.area() < LEAST) return;
        RoomTool.add(w, List.of(RoomTool.room(w, new Room.Bound.Drawn(r, List.of()), new Enclosure(r, List.of()), w.contents().rooms())));
    }

    @Override public Optional<Point> from() {
        return corners.last();
    }

    @Override public List<Point> ownPoints() {
        return corners.first();
    }

    @Override public Asks asks() {
        return corners.isEmpty() ? Asks.NOTHING : Asks.WAY;
    }

    @Override public boolean asksDirection() {
        return !corners.isEmpty();
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        return corners.typed(value, direction, w.aim().at());
    }

    @Override public boolean back() {
        return corners.back();
    }

    @Override public boolean escape() {
        return corners.clear();
    }

    @Override public List<Mark> marks() {
        return corners.marks(w.aim().at(), true);
    }
}
