package brightlintel.recognise;

import brightlintel.building.Contents;
import brightlintel.building.Opening;
import brightlintel.building.Room;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.joint.Enclosure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;

/** What of a recognised storey lies in an outline: of walls and grid lines half or more, of all others their middles. */
public final class Within {
    private static final int SAMPLES = 20;

    private Within() { }

    /** @param there walls that stand, beside the proposed ones, for openings in them */
    public static Recognised of(Recognised all, Ring outline, Contents there) {
        List<Room> rooms = new ArrayList<>();
        List<Enclosure> grounds = new ArrayList<>();
        for (int i = 0; i < all.rooms().size(); i++) if (outline.holds(all.grounds().get(i).middle())) {
            rooms.add(all.rooms().get(i));
            grounds.add(all.grounds().get(i));
        }
        return new Recognised(all.grid().stream().filter(g -> half(outline, g.line().length(), g.line()::at)).toList(),
            all.walls().stream().filter(w -> half(outline, w.length(), w::middle)).toList(),
            all.openings().stream().filter(o -> at(o, all, there).filter(outline::holds).isPresent()).toList(),
            all.columns().stream().filter(c -> outline.holds(c.at())).toList(), rooms, grounds,
            all.left().stream().filter(l -> outline.holds(l.at())).toList(), all.wells(), all.built());
    }

    private static boolean half(Ring outline, double length, DoubleFunction<Point> at) {
        return 2 * Sampled.in(SAMPLES, length, at, outline::holds) >= SAMPLES;
    }

    private static Optional<Point> at(Opening o, Recognised all, Contents there) {
        Optional<Wall> wall = there.wall(o.wall()).or(() -> all.walls().stream().filter(w -> w.id().equals(o.wall())).findFirst());
        return wall.map(w -> w.middle(o.along()));
    }
}
