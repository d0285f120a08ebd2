package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Point;
import brightlintel.joint.Enclosure;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.RoomWords;

/**
 * Which of the texts in rooms name them. Names are written in one way in most rooms, while notes of stairs, tags of doors and sizes stand
 * in some: of the names in a room that counts whose manner, layer and size, names most rooms; of the numbers the one nearest to the
 * name.
 */
final class Labels {
    /** Of a text's height: sizes within which texts are of one manner. */
    private static final double STEP = 0.25;
    private static final int SHARE = 3;
    private final Map<Enclosure, List<Line>> in = new HashMap<>();
    private final Map<Manner, Set<Enclosure>> names = new HashMap<>(), others = new HashMap<>();

    private record Manner(int layer, long size) { }

    private record Line(String text, Point at, double height, Manner manner, boolean name) { }

    Labels(PlacedDrawing d, List<Enclosure> rooms) {
        for (int i = 0; i < d.strokes().texts().size(); i++) {
            if (!d.cleared().markShown(i)) continue;
            Strokes.TextMark t = d.strokes().texts().get(i);
            Point at = d.toBuilding().apply(t.box().centre());
            Enclosure room = rooms.stream().filter(e -> e.holds(at)).findFirst().orElse(null);
            if (room == null) continue;
            double height = t.map().then(d.toBuilding()).meanScale();
            Manner manner = new Manner(t.layer(), Math.round(Math.log(height) / STEP));
            String[] rows = t.plain().split("\n");
            for (int k = 0; k < rows.length; k++) if (!rows[k].isBlank()) {
                Line l = new Line(rows[k].strip(), at.plus(new Point(0, -k * height)), height, manner, RoomWords.isName(rows[k].strip()));
                in.computeIfAbsent(room, _ -> new ArrayList<>()).add(l);
                (l.name ? names : others).computeIfAbsent(manner, _ -> new HashSet<>()).add(room);
            }
        }
    }

    /** Whether nothing else in the room could be its name or its number. */
    boolean isPlain(Enclosure room) {
        List<Line> all = in.getOrDefault(room, List.of());
        return all.stream().filter(Line::name).count() <= 1 && all.stream().filter(l -> !l.name && !RoomWords.of(List.of(l.text)).number()
            .isEmpty()).count() <= 1;
    }

    RoomWords in(Enclosure room) {
        List<Line> all = new ArrayList<>(in.getOrDefault(room, List.of()));
        all.sort(Comparator.comparingDouble((Line l) -> -l.at.y()).thenComparingDouble(l -> l.at.x()));
        List<Line> named = new ArrayList<>(all.stream().filter(Line::name).toList());
        named.sort(Comparator.comparingInt((Line l) -> -names.get(l.manner).size()));
        List<Line> rest = new ArrayList<>(all.stream().filter(l -> !l.name).toList());
        if (!named.isEmpty()) {
            Point at = named.getFirst().at;
            int most = rest.stream().mapToInt(l -> others.get(l.manner).size()).max().orElse(0);
            // numbers of steps stand in stairs alone
            rest.sort(Comparator.comparing((Line l) -> SHARE * others.get(l.manner).size() < most).thenComparingDouble(l ->
                l.at.distance(at)));
        }
        List<String> lines = new ArrayList<>();
        for (Line l : named) lines.add(l.text);
        for (Line l : rest) lines.add(l.text);
        return RoomWords.of(lines);
    }
}
