package brightlintel.correct.look;

import brightlintel.lengths.LengthReader;
import brightlintel.lengths.LengthUnit;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A figure as it stands at a written measure.
 *
 * @param number   as written, without its unit
 * @param metres   where the figure says its unit; NaN for a bare one
 * @param decimals digits behind the point
 * @param last     metres that its last digit or fraction hides, where it says its unit in feet and inches; else 0
 */
public record Figure(double number, double metres, int decimals, double last) {
    private static final double HALF_INCH = 0.0127, HALF_FRACTION = 0.001;
    private static final Pattern BARE =
        Pattern.compile("(\\d{1,3}(?:[ '’\u00a0\u202f]\\d{3})+|\\d{1,6})(?:[.,](\\d{1,4}))?");
    private static final Pattern METRIC = Pattern.compile("(\\d[\\d .,'’\u00a0\u202f]*?)\\s*(mm|cm|m)");
    private static final Pattern MARKED = Pattern.compile("[\\d ./,'\"’′″”\\-]+(?:ft|in)?\\.?");
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
    private static final double LONGEST = 1e6;

    /** Heights have signs, areas have squares, names have letters: none of these is a length. */
    public static Optional<Figure> read(String text) {
        String t = text.strip();
        if (t.startsWith("(") && t.endsWith(")")) t = t.substring(1, t.length() - 1).strip();
        if (t.isEmpty() || t.length() > 16 || !Character.isDigit(t.charAt(0))) return Optional.empty();
        t = lowered(t);
        Matcher bare = BARE.matcher(t);
        if (bare.matches()) return bare(bare, Double.NaN);
        Matcher metric = METRIC.matcher(t);
        if (metric.matches()) {
            Matcher figure = BARE.matcher(metric.group(1).strip());
            double unit = metric.group(2).equals("mm") ? 0.001 : metric.group(2).equals("cm") ? 0.01 : 1;
            return figure.matches() ? bare(figure, unit) : Optional.empty();
        }
        if (!MARKED.matcher(t).matches() || t.chars().allMatch(c -> Character.isDigit(c) || c == '.' || c == '/' || c == '-' || c == ' '))
            return Optional.empty();
        boolean fraction = t.indexOf('/') >= 0 || t.indexOf('.') >= 0;
        return LengthReader.read(t, LengthUnit.INCH).filter(m -> m > 0 && m < LONGEST).map(m -> new Figure(m, m, 0, fraction
            ? HALF_FRACTION : HALF_INCH));
    }

    private static Optional<Figure> bare(Matcher m, double unit) {
        String below = m.group(2) == null ? "" : m.group(2);
        double n = Double.parseDouble(m.group(1).replaceAll("\\D", "") + "." + below + "0");
        return n > 0 && n < LONGEST ? Optional.of(new Figure(n, n * unit, below.length(), 0)) : Optional.empty();
    }

    /** A raised digit is half a centimetre and the like: a decimal. */
    private static String lowered(String t) {
        StringBuilder out = new StringBuilder();
        boolean raised = false;
        for (int i = 0; i < t.length(); i++) {
            int k = RAISED.indexOf(t.charAt(i));
            if (k >= 0 && !raised && t.indexOf('.') < 0 && t.indexOf(',') < 0) out.append('.');
            raised |= k >= 0;
            out.append(k >= 0 ? (char) ('0' + k) : t.charAt(i));
        }
        return out.toString();
    }

    public boolean isBare() {
        return Double.isNaN(metres);
    }
}
