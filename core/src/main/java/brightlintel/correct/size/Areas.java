package brightlintel.correct.size;

import brightlintel.correct.look.Look;
import brightlintel.correct.look.Rooms;
import java.util.Comparator;
import java.util.List;

/**
 * Areas that are written in rooms, against their outlines as drawn: the factor's square. They agree as far as rounding and plaster allow;
 * different areas count, since a plan may repeat one room.
 */
final class Areas {
    /** Share by which a written area may part from its outline: plaster, sills and columns are counted one way or the other. */
    private static final double PARTS = 0.02;
    private static final double OTHER = 0.03, EACH = 0.8, MOST = 4;
    private static final int LEAST = 2;

    private Areas() { }

    static List<Opinion> opinions(Look look) {
        List<Rooms.Room> rooms = look.rooms().stream().sorted(Comparator.comparingDouble(Areas::log)).toList();
        if (rooms.size() < LEAST) return List.of();
        int from = 0, to = 0;
        for (int i = 0; i < rooms.size(); i++) {
            int k = i;
            while (k < rooms.size() && log(rooms.get(k)) - log(rooms.get(i)) <= PARTS) k++;
            if (different(rooms.subList(i, k)) > different(rooms.subList(from, to))) {
                from = i;
                to = k;
            }
        }
        List<Rooms.Room> like = rooms.subList(from, to);
        if (different(like) < LEAST) return List.of();
        double drawn = like.stream().mapToDouble(Rooms.Room::drawn).sum(), written = like.stream().mapToDouble(Rooms.Room::written).sum();
        double at = Math.sqrt(written / drawn);
        return List.of(new Opinion(SizeKind.AREAS, at, like.size(), rooms.size(), Double.NaN, like.stream().map(Rooms.Room::at).toList(),
            Opinion.usual(1, at, PARTS / 2, OTHER, Math.min(MOST, EACH * different(like)))));
    }

    private static double log(Rooms.Room r) {
        return Math.log(r.written() / r.drawn()) / 2;
    }

    private static long different(List<Rooms.Room> rooms) {
        return rooms.stream().map(r -> Math.round(r.written() * 10)).distinct().count();
    }
}
