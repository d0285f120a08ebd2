package brightlintel.correct.look;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Rooms whose outline is drawn as one line, with their area written in it. */
public final class Rooms {
    private static final double SQUARE_FOOT = 0.3048 * 0.3048;
    private static final Pattern AREA = Pattern.compile("(?<![\\d.,])(\\d{1,5}(?:[.,]\\d{1,3})?)\\s*"
        + "(m²|m2|m\\^2|qm|sqm|sq\\.? ?m|ft²|ft2|sq\\.? ?ft|sqft|s\\.? ?f)\\b?", Pattern.CASE_INSENSITIVE);
    /** Of a room, square metres: less is a figure of something else, and so is more. */
    private static final double LEAST = 0.5, MOST = 20_000;

    private Rooms() { }

    /** @param drawn square file units; written: square metres */
    public record Room(double drawn, double written, Point at) { }

    /** An area in a text, square metres. */
    private static Optional<Double> written(String text) {
        Matcher m = AREA.matcher(text);
        if (!m.find()) return Optional.empty();
        double each = m.group(2).toLowerCase(Locale.ROOT).contains("f") ? SQUARE_FOOT : 1;
        return Optional.of(Double.parseDouble(m.group(1).replace(',', '.')) * each).filter(a -> a >= LEAST && a <= MOST);
    }

    static List<Room> of(Drawn d, List<Outlines.Run> runs) {
        record Text(Point at, double area) { }
        List<Text> texts = new ArrayList<>();
        Strokes s = d.strokes();
        for (int i = 0; i < s.texts().size(); i++) {
            Point at = s.texts().get(i).box().centre();
            if (d.markShown().test(i)) written(s.texts().get(i).plain()).ifPresent(a -> texts.add(new Text(at, a)));
        }
        if (texts.isEmpty()) return List.of();
        List<Ring> rings = runs.stream().filter(Outlines.Run::isClosed).map(Outlines.Run::ring).filter(r -> r.area() > 0)
            .sorted(Comparator.comparingDouble(Ring::area)).toList();
        List<Room> out = new ArrayList<>();
        for (Ring r : rings) {
            List<Text> inside = texts.stream().filter(t -> r.box().holds(t.at) && r.holds(t.at)).toList();
            // one that holds several rooms is a flat or a storey; the smallest that holds one is its room
            if (inside.size() != 1) continue;
            texts.remove(inside.getFirst());
            out.add(new Room(r.area(), inside.getFirst().area, inside.getFirst().at));
        }
        return out;
    }
}
