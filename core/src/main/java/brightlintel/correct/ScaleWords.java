package brightlintel.correct;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Scales as they are written on sheets: 1:100, M 1/50, 1/4" = 1'-0", 3/32 in = 1 ft. */
public final class ScaleWords {
    private static final Pattern METRIC =
        Pattern.compile("(?<![\\d:/])(?<!\\d[.,])1\\s*[:：]\\s*(\\d{1,3}(?:[ .'’]\\d{3})|\\d{1,5})(?![\\d:%])|"
        + "(?i:(?<!\\p{L})(?:scale|ma(?:ß|ss)stab|echelle|échelle|escala|scala|schaal|m)\\W{0,3})1\\s*/\\s*(\\d{1,5})(?!\\d)");
    private static final Pattern IMPERIAL =
        Pattern.compile("(?:(\\d+)[ -])?(?:(\\d+)/(\\d+)|(\\d+))\\s*(?:\"|″|”|''|in\\b)\\s*=\\s*(\\d+)\\s*(?:'|′|’|ft\\b)"
        + "(?:\\s*-?\\s*(\\d+)\\s*(?:\"|″|”|'')?)?");
    /** What plans are drawn at; other ratios on a sheet are slopes of ramps and mixes of mortar. */
    private static final Set<Integer> USUAL = Set.of(1, 2, 5, 10, 20, 25, 33, 50, 75, 100, 125, 150, 200, 250, 300, 400, 500, 750, 1000,
        1250, 2000, 2500,
        5000, 10000);
    private static final double FINEST = 1, COARSEST = 20_000;

    private ScaleWords() { }

    /** The denominators that a text names, in its order. */
    public static List<Double> in(String text) {
        List<Double> out = new ArrayList<>();
        Matcher m = METRIC.matcher(text);
        while (m.find()) {
            String figure = (m.group(1) != null ? m.group(1) : m.group(2)).replaceAll("\\D", "");
            int n = Integer.parseInt(figure);
            if (USUAL.contains(n) && n > 1) out.add((double) n);
        }
        m = IMPERIAL.matcher(text);
        while (m.find()) {
            double inches = m.group(1) == null ? 0 : Double.parseDouble(m.group(1));
            inches += m.group(4) != null ? Double.parseDouble(m.group(4)) : Double.parseDouble(m.group(2)) / Double.parseDouble(m.group(3));
            double feet = Double.parseDouble(m.group(5)) + (m.group(6) == null ? 0 : Double.parseDouble(m.group(6)) / 12);
            double n = feet * 12 / inches;
            if (n > FINEST && n < COARSEST) out.add(n);
        }
        return out;
    }
}
