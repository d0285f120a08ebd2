package brightlintel.recognise;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthReader;
import brightlintel.lengths.LengthUnit;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What is written beside doors and windows: width and height in one tag, which counts where the width is the drawn one; heights of
 * sills and heads; fire ratings by the classes of EN 13501-2, DIN 4102 and BS 476.
 */
final class OpeningWords {
    /** Metres: from an opening's middle, beside half of its width; a frame about a clear width; heights that are some. */
    private static final double NEAR = 1.1, FRAME = 0.07, LEAST = 0.3, MOST = 6;
    private static final double READ = 0.9;
    private static final String FIGURE = "([0-9][0-9.,' \\-/]*(?:\"|mm|cm|m)?)";
    private static final Pattern SIZE = Pattern.compile("([0-9][0-9.,]*(?:'[-0-9 /]*\"?)?)\\s?[/x×]\\s?([0-9][0-9.,]*(?:'[-0-9 /]*\"?)?)"),
        SILL = Pattern.compile("(?iu)\\b(?:brh|rbh|br|sh|sill|brüstung|allège|antepecho|davanzale)\\s*[:=.+]*\\s*" + FIGURE),
        HEAD = Pattern.compile("(?iu)\\b(?:hh|head|sturz|linteau|dintel|architrave)\\s*[:=.+]*\\s*" + FIGURE),
        // tags count doors, too: T30 alone may be the thirtieth
        FIRE = Pattern.compile("\\b(?:R?EI2?\\s?[-–]?\\s?\\d{2,3}(?:-[A-Z0-9]+)*|T\\s?(?:30|60|90)-(?:RS|1|2)(?:-RS)?"
            + "|FD\\s?\\d{2,3}S?)\\b"),
        FIRE_SAID = Pattern.compile("(?iu)(?:brand|fire|feu|fuego|fuoco)\\S*\\s.*?"
            + "\\b([A-Z]{1,3}2?\\s?-?\\d{2,3}\\S*)");
    /** A height above a sill is known once the sill is. */
    private static final Comparator<String> SILLS_FIRST = Comparator.comparing(t -> !SILL.matcher(t).find());
    private final PlacedDrawing d;

    private final Leaders leaders;

    OpeningWords(PlacedDrawing d, Leaders leaders) {
        this.d = d;
        this.leaders = leaders;
    }

    private record Word(String text, Point at) { }

    /** The same with what is written beside each; a text speaks of the nearest. */
    List<Opening> read(List<Opening> some, List<Wall> walls) {
        Map<ElementId, Wall> hosts = new HashMap<>();
        for (Wall w : walls) hosts.put(w.id(), w);
        Map<ElementId, List<String>> words = new HashMap<>();
        for (Word t : words()) {
            Opening best = null;
            double least = Double.MAX_VALUE;
            for (Opening o : some) {
                double far = hosts.get(o.wall()).middle(o.along()).distance(t.at) - o.width().value() / 2;
                if (far >= Math.min(least, NEAR) || SIZE.matcher(t.text).find() && size(t.text, o).isEmpty()) continue;
                least = far;
                best = o;
            }
            if (best != null) words.computeIfAbsent(best.id(), _ -> new ArrayList<>()).add(t.text);
        }
        return some.stream().map(o -> words.getOrDefault(o.id(), List.of()).stream().sorted(SILLS_FIRST).reduce(o, OpeningWords::said, (a,
            _) -> a)).toList();
    }

    /** Those that say anything of the kind. */
    private List<Word> words() {
        List<Word> out = new ArrayList<>();
        for (int i = 0; i < d.strokes().texts().size(); i++) {
            Strokes.TextMark t = d.strokes().texts().get(i);
            if (!d.cleared().markShown(i)) continue;
            for (String line : t.plain().split("\n"))
                if (SIZE.matcher(line).find() || SILL.matcher(line).find() || HEAD.matcher(line).find() || fire(line).isPresent())
                    out.add(new Word(line.strip(), leaders.tipOrEnd(t).orElseGet(() -> d.toBuilding().apply(t.box().centre()))));
        }
        return out;
    }

    private static Optional<String> fire(String line) {
        Matcher m = FIRE.matcher(line), said = FIRE_SAID.matcher(line);
        return m.find() ? Optional.of(m.group()) : said.find() ? Optional.of(said.group(1)) : Optional.empty();
    }

    /** Width and height, in the unit in which the width is the opening's. */
    private static Optional<double[]> size(String line, Opening o) {
        Matcher m = SIZE.matcher(line);
        if (!m.find()) return Optional.empty();
        for (LengthUnit unit : List.of(LengthUnit.CENTIMETRE, LengthUnit.MILLIMETRE, LengthUnit.METRE, LengthUnit.INCH)) {
            Optional<Double> w = LengthReader.read(m.group(1).strip(), unit), h = LengthReader.read(m.group(2).strip(), unit);
            boolean fits = w.isPresent() && h.isPresent() && Math.abs(w.get() - o.width().value()) < FRAME && h.get() > LEAST
                && h.get() < MOST;
            if (fits) return Optional.of(new double[] {w.get(), h.get()});
        }
        return Optional.empty();
    }

    private static Opening said(Opening o, String line) {
        boolean window = o.filling() instanceof Opening.Filling.Window;
        Opening out = o;
        Optional<Double> sill = window ? figure(SILL, line).filter(v -> v >= 0 && v < 3) : Optional.empty();
        if (sill.isPresent()) out = heights(out, sill.get(), Math.max(out.head().value(), sill.get() + LEAST));
        Optional<double[]> size = size(line, o);
        if (size.isPresent()) out = heights(out, out.sill().value(), out.sill().value() + size.get()[1]);
        Optional<Double> head = figure(HEAD, line);
        if (head.isPresent() && head.get() > out.sill().value() + LEAST && head.get() < MOST) out = heights(out, out.sill().value(),
            head.get());
        Optional<String> fire = fire(line);
        return fire.isPresent() && out.fire().isEmpty() ? out.withFire(fire.get()) : out;
    }

    private static Opening heights(Opening o, double sill, double head) {
        return o.withHeights(sill == o.sill().value() ? o.sill() : Given.read(sill, READ), head == o.head().value() ? o.head()
            : Given.read(head, READ));
    }

    private static Optional<Double> figure(Pattern p, String line) {
        Matcher m = p.matcher(line);
        return m.find() ? metres(m.group(1)) : Optional.empty();
    }

    /** A bare figure with a point or comma is metres, one of four digits or more millimetres, any other centimetres. */
    private static Optional<Double> metres(String figure) {
        String t = figure.strip();
        LengthUnit unit = t.matches("\\d{1,2}[.,]\\d+") ? LengthUnit.METRE : t.matches("\\d{4,}") ? LengthUnit.MILLIMETRE
            : LengthUnit.CENTIMETRE;
        return LengthReader.read(t, unit);
    }
}
