package brightlintel.lengths;

import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a length as people write it: 3600, 3.6 m, 3,6 m, 360cm, 1 800, 12'-6 1/2", 37'4. A bare number takes the unit of the field. */
public final class LengthReader {
    private static final String NUMBER = "\\d{1,3}(?: \\d{3})+(?:[.,]\\d+)?|\\d+(?:[.,]\\d*)?|[.,]\\d+";
    private static final Pattern METRIC = Pattern.compile("([+-]?) ?(" + NUMBER + ") ?(mm|cm|dm|m|km|in|inch|inches|ft|feet|foot|)");
    private static final Pattern FEET = Pattern.compile("([+-]?) ?(?:(" + NUMBER + ") ?(?:'|ft|feet|foot))? ?-? ?"
        + "(?:(?:(\\d+)[ -](\\d{1,3})/(\\d{1,3})|(\\d{1,3})/(\\d{1,3})|(\\d+(?:[.,]\\d+)?)) ?(\"|in|inch|inches)?)?");

    private LengthReader() { }

    /** @return metres, or nothing where the text is no length */
    public static Optional<Double> read(String text, LengthUnit bare) {
        String s = text.replaceAll("[\\s\\u00a0\\u202f\\u2009]+", " ").trim().replace('\u2032', '\'').replace('\u2019', '\'')
            .replace('\u2033', '"')
            .replace('\u201d', '"').replace('\u2212', '-').replace("''", "\"").toLowerCase(Locale.ROOT);
        if (s.isEmpty()) return Optional.empty();
        Matcher m = METRIC.matcher(s);
        if (m.matches()) return finite(sign(m.group(1)) * number(m.group(2)) * factor(m.group(3), bare));
        boolean marked = s.indexOf('\'') >= 0 || s.indexOf('"') >= 0 || s.indexOf('/') >= 0 || s.contains("ft") || s.contains("in")
            || s.contains("f");
        Matcher f = FEET.matcher(s);
        boolean something = f.matches() && (f.group(2) != null || f.group(3) != null || f.group(6) != null || f.group(8) != null);
        return marked && something ? feet(f, bare) : Optional.empty();
    }

    /**
     * Two lengths, as a place is written: 2.5, 19.5 or 2,5; 19,5 or 2.5 19.5. @return metres, or nothing where it is no place, or may be
     * two
     */
    public static Optional<Point> pair(String text, LengthUnit bare) {
        for (String between : new String[] {";", ", ", ",", " "}) {
            List<Point> found = new ArrayList<>();
            for (int i = text.indexOf(between); i >= 0; i = text.indexOf(between, i + 1)) {
                Optional<Double> x = read(text.substring(0, i), bare), y = read(text.substring(i + between.length()), bare);
                if (x.isPresent() && y.isPresent() && !text.substring(0, i).isBlank()) found.add(new Point(x.get(), y.get()));
            }
            if (found.size() == 1) return Optional.of(found.getFirst());
            if (found.size() > 1) return Optional.empty();
        }
        return Optional.empty();
    }

    /** A whole figure and a fraction with no mark at all are in the unit of the field: five and a half feet where feet are asked for. */
    private static Optional<Double> feet(Matcher f, LengthUnit bare) {
        double feet = f.group(2) == null ? 0 : number(f.group(2)), inches = f.group(8) == null ? 0 : number(f.group(8));
        boolean unmarked = f.group(2) == null && f.group(9) == null;
        double unit = unmarked ? bare.metres() : LengthUnit.INCH.metres();
        int fraction = f.group(3) != null ? 4 : f.group(6) != null ? 6 : 0;
        if (f.group(3) != null) inches = number(f.group(3));
        if (fraction > 0) {
            double below = Double.parseDouble(f.group(fraction + 1));
            if (below <= 0) return Optional.empty();
            inches += Double.parseDouble(f.group(fraction)) / below;
        }
        return finite(sign(f.group(1)) * (feet * LengthUnit.FOOT.metres() + inches * unit));
    }

    private static Optional<Double> finite(double v) {
        return Double.isFinite(v) && Math.abs(v) < 1e9 ? Optional.of(v) : Optional.empty();
    }

    private static double sign(String s) {
        return s.equals("-") ? -1 : 1;
    }

    private static double number(String s) {
        return Double.parseDouble(s.replace(" ", "").replace(',', '.'));
    }

    private static double factor(String unit, LengthUnit bare) {
        return switch (unit) {
            case "" -> bare.metres();
            case "mm" -> 0.001;
            case "cm" -> 0.01;
            case "dm" -> 0.1;
            case "m" -> 1;
            case "km" -> 1000;
            case "in", "inch", "inches" -> LengthUnit.INCH.metres();
            default -> LengthUnit.FOOT.metres();
        };
    }

    /** Degrees, with or without their sign; counter-clockwise. @return radians */
    public static Optional<Double> angle(String text) {
        String s = text.trim().replace("°", "").replace(',', '.').replace('\u2212', '-').trim();
        try {
            return s.matches("[+-]?(\\d+\\.?\\d*|\\.\\d+)") ? Optional.of(Math.toRadians(Double.parseDouble(s))) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}
