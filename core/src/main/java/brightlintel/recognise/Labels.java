package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.regex.Pattern;

import brightlintel.drawing.Strokes.TextMark;
import brightlintel.geom.Point;
import brightlintel.joint.Enclosure;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.RoomWords;

/**
 * Which of the texts in rooms name them. Names are written in one way in most rooms, while notes of stairs, tags of doors and sizes stand
 * in some: of the names in a room that counts whose manner, layer and size, names most rooms; of the numbers the one nearest to the
 * name. What stands at openings as a rule tags them; a figure that is the room's area is no number.
 */
final class Labels {
    /** Of a text's height: sizes within which texts are of one manner. */
    private static final double STEP = 0.25;
    private static final int SHARE = 3, SEVERAL = 3;
    /** Metres: as near to an opening as its tag is; of a manner, so many of them make it one of tags. */
    private static final double AT_OPENING = 1.3, TAGS = 0.7;
    /** Of an area, and square metres: as near as a written one is to it. */
    private static final double ABOUT = 0.015, ROUNDED = 0.06;
    private static final Pattern DECIMAL = Pattern.compile("\\d{1,5}[.,]\\d{1,2}");
    private final PlacedDrawing d;
    private final Map<Enclosure, List<Line>> in = new HashMap<>();
    private final Map<TextMark, Point> tips = new IdentityHashMap<>();
    private final Map<Manner, Set<Enclosure>> names = new HashMap<>(), others = new HashMap<>();

    private record Manner(int layer, long size) { }

    private record Line(String text, Point at, Manner manner, boolean name) { }

    /** @param measure whether a text, by its number among all, is a measure or a grid's label; openings: their middles */
    Labels(PlacedDrawing d, Leaders leaders, List<Enclosure> rooms, IntPredicate measure, List<Point> openings) {
        this.d = d;
        List<TextMark> texts = new ArrayList<>();
        for (int i = 0; i < d.strokes().texts().size(); i++)
            if (d.cleared().markShown(i) && !measure.test(i)) texts.add(d.strokes().texts().get(i));
        for (TextMark t : texts) {
            Point at = d.toBuilding().apply(t.box().centre());
            boolean inside = rooms.stream().anyMatch(e -> e.holds(at));
            (inside ? leaders.tip(t) : leaders.tipOrEnd(t)).ifPresent(p -> tips.put(t, p));
        }
        Map<Enclosure, List<Writing.Row>> rows = new LinkedHashMap<>();
        Map<Manner, int[]> atOpenings = new HashMap<>();
        List<Writing.Row> words = Writing.words(texts);
        Map<Enclosure, List<Writing.Row>> of = new HashMap<>();
        for (Writing.Row w : words) of.computeIfAbsent(room(w, rooms), _ -> new ArrayList<>()).add(w);
        for (Writing.Row r : Writing.rows(words, (a, b) -> isOneRow(a, b, rooms, of))) {
            Point at = d.toBuilding().apply(r.centre());
            Optional.ofNullable(room(r, rooms)).ifPresent(e -> rows.computeIfAbsent(e, _ -> new ArrayList<>()).add(r));
            if (RoomWords.isName(r.text())) continue;
            int[] n = atOpenings.computeIfAbsent(manner(r.first()), _ -> new int[2]);
            n[0]++;
            if (openings.stream().anyMatch(o -> o.distance(at) < AT_OPENING)) n[1]++;
        }
        rows.forEach((room, some) -> {
            Set<Writing.Row> taken = new HashSet<>();
            for (Writing.Row r : some) if (!taken.contains(r)) line(room, r, some, taken, atOpenings);
        });
    }

    /**
     * What stands on both sides of a wall is no row, unless the words of a small room reach over its wall: then their middle lies in it,
     * the last one begins there, and the room beyond is named by others.
     */
    private boolean isOneRow(Writing.Row a, Writing.Row b, List<Enclosure> rooms, Map<Enclosure, List<Writing.Row>> words) {
        Enclosure own = room(a, rooms), beyond = room(b, rooms);
        if (own == beyond) return true;
        if (own == null || !isWords(a.text()) || !isWords(b.text()) || !own.holds(d.toBuilding().apply(Writing.middle(a, b)))
            || !own.holds(d.toBuilding().apply(Writing.before(a, b))))
            return false;
        return beyond == null || words.get(beyond).stream().filter(w -> !w.equals(b)).anyMatch(w -> RoomWords.isName(w.text()))
            && words.get(beyond).stream().noneMatch(w -> !w.equals(b) && Writing.isBeside(b, w));
    }

    private static boolean isWords(String text) {
        return text.chars().anyMatch(Character::isLetter) && isPlain(text);
    }

    /** That holds its middle, or what it points to; null for none. */
    private Enclosure room(Writing.Row r, List<Enclosure> rooms) {
        Point at = tips.getOrDefault(r.first(), d.toBuilding().apply(r.centre()));
        return rooms.stream().filter(e -> e.holds(at)).findFirst().orElse(null);
    }

    private void line(Enclosure room, Writing.Row r, List<Writing.Row> rows, Set<Writing.Row> taken, Map<Manner, int[]> atOpenings) {
        Manner m = manner(r.first());
        int[] n = atOpenings.getOrDefault(m, new int[2]);
        boolean name = RoomWords.isName(r.text());
        boolean tag = !name && n[0] >= SEVERAL && n[1] > TAGS * n[0];
        // what stands in one block with a name is the room's
        if (tag && rows.stream().noneMatch(o -> RoomWords.isName(o.text()) && (Writing.isNext(r, o) || Writing.isNext(o, r)))) return;
        StringBuilder text = new StringBuilder(isArea(r.text(), room) ? r.text() + " m²" : r.text());
        // a long name goes on in the next row
        if (name) for (Writing.Row below : Writing.below(r, rows)) {
            if (taken.contains(below) || !RoomWords.isName(below.text()) || !isPlain(below.text()) || !isPlain(r.text())) break;
            taken.add(below);
            text.append(' ').append(below.text());
        }
        in.computeIfAbsent(room, _ -> new ArrayList<>()).add(new Line(text.toString(), d.toBuilding().apply(r.centre()), m, name));
        (name ? names : others).computeIfAbsent(m, _ -> new HashSet<>()).add(room);
    }

    private Manner manner(TextMark t) {
        return new Manner(t.layer(), Math.round(Math.log(t.map().then(d.toBuilding()).meanScale()) / STEP));
    }

    /** Words alone: what has figures, or tells something of something, is a note. */
    private static boolean isPlain(String text) {
        return text.chars().noneMatch(c -> Character.isDigit(c) || c == ':' || c == '=');
    }

    private static boolean isArea(String text, Enclosure room) {
        if (!DECIMAL.matcher(text).matches()) return false;
        return Math.abs(Double.parseDouble(text.replace(',', '.')) - room.area()) < Math.max(ROUNDED, ABOUT * room.area());
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
