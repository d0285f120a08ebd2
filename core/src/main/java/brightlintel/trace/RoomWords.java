package brightlintel.trace;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Point;
import brightlintel.joint.Enclosure;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What is written in a room: its number, its name and its area, in one text or several.
 *
 * @param area square metres
 */
public record RoomWords(String number, String name, Optional<Double> area) {
    public static final RoomWords NOTHING = new RoomWords("", "", Optional.empty());
    private static final double SQUARE_FOOT = 0.3048 * 0.3048;
    private static final Pattern AREA = Pattern.compile("(?<![\\d.,])(\\d{1,6}(?:[.,]\\d{1,3})?)\\s*"
        + "(m²|m ?2|m ²|m\\^2|qm|sqm|sq\\.? ?m|ft²|ft2|sq\\.? ?ft|sqft|s\\.? ?f)(?![\\p{L}\\d])", Pattern.CASE_INSENSITIVE);
    /** 001, 0.04, 2-01, A 12, E.105a: figures, perhaps with letters before and parts after. */
    private static final Pattern NUMBER = Pattern.compile("(?:[A-Z]{1,3}[-. ]?)?\\d{1,4}(?:[-./]\\d{1,3}){0,2}[a-zA-Z]?");
    /** Heights, clear heights, levels, dimensions and finishes stand in rooms too, and are no names. */
    private static final Pattern OTHER = Pattern.compile("[±+\\-]\\s?\\d.*"
        + "|(?:rh|lh|lrh|okff|okrd|okr|uk|ok|fh|bh|brh|ch|ffl)\\s*[=:.]?\\s*[+±-]?\\d.*|[uavfbdwh]\\s*[=:]\\s*\\d.*"
        + "|.*\\d\\s*(?:mm|cm|m|%|°).*|\\d+([.,]\\d+)?\\s*[x/×].*"
        // steps, rise and going; arrows of stairs
        + "|.*\\d\\d([.,]\\d)?\\s?[/x×]\\s?\\d\\d.*|up|dn|down|auf|ab|sube|baja|haut|bas|su|giù|op|neer",
        Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    private static final Pattern LEAD = Pattern.compile("(?i)^(?:area|fläche|nf|ngf|nuf|bgf|surface|superficie|opp\\.?"
        + "|room|raum|nr\\.?|no\\.?|n°)\\s*[:.=]\\s*");

    /** All that is written within a room, from the top down. */
    public static RoomWords in(Enclosure room, List<PlacedDrawing> drawings) {
        record Line(String text, Point at, double height) { }
        List<Line> lines = new ArrayList<>();
        for (PlacedDrawing d : drawings) for (int i = 0; i < d.strokes().texts().size(); i++) {
            if (!d.cleared().markShown(i)) continue;
            Strokes.TextMark t = d.strokes().texts().get(i);
            Point at = d.toBuilding().apply(t.box().centre());
            if (!room.holds(at)) continue;
            double h = t.map().then(d.toBuilding()).meanScale();
            String[] rows = t.plain().split("\n");
            for (int k = 0; k < rows.length; k++) if (!rows[k].isBlank()) lines.add(new Line(rows[k].strip(), at.plus(new Point(0,
                -1e-3 * k)), h));
        }
        lines.sort(Comparator.comparingDouble((Line l) -> -l.at.y()).thenComparingDouble(l -> l.at.x()));
        return of(lines.stream().map(Line::text).toList());
    }

    /** Whether a line would name a room, and is no number, area, size or level. */
    public static boolean isName(String line) {
        return !of(List.of(line)).name.isEmpty();
    }

    /** @param lines from the top down */
    public static RoomWords of(List<String> lines) {
        String number = "", name = "";
        Optional<Double> area = Optional.empty();
        List<String> names = new ArrayList<>();
        for (String line : lines) {
            Matcher m = AREA.matcher(line);
            String rest = line;
            if (m.find()) {
                double each = m.group(2).toLowerCase(Locale.ROOT).contains("f") ? SQUARE_FOOT : 1;
                if (area.isEmpty()) area = Optional.of(Double.parseDouble(m.group(1).replace(',', '.')) * each);
                rest = LEAD.matcher((line.substring(0, m.start()) + " " + line.substring(m.end())).strip()).replaceAll("").strip();
                if (rest.endsWith(":") || rest.endsWith("=")) rest = "";
            }
            rest = LEAD.matcher(rest).replaceAll("").strip();
            if (rest.isEmpty() || OTHER.matcher(rest).matches()) continue;
            if (NUMBER.matcher(rest).matches()) {
                if (number.isEmpty()) number = rest;
                continue;
            }
            Matcher lead = NUMBER.matcher(rest);
            if (number.isEmpty() && lead.lookingAt() && lead.end() < rest.length() && rest.charAt(lead.end()) == ' ') {
                number = lead.group();
                rest = rest.substring(lead.end()).strip();
            }
            if (rest.chars().filter(Character::isLetter).count() >= 2) names.add(rest);
        }
        if (!names.isEmpty()) name = names.getFirst();
        return new RoomWords(number, name, area);
    }
}
