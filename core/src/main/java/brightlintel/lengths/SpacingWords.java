package brightlintel.lengths;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Spacings as people write them: 4 @ 5.0, 3.6, 2x4.2. */
public final class SpacingWords {
    private static final Pattern SEVERAL = Pattern.compile("^\\s*(\\d{1,3})\\s*(?:@|x|×|\\*)\\s*(.+)$", Pattern.CASE_INSENSITIVE),
        PARTS = Pattern.compile("\\s*[,;+]\\s+|\\s*[;+]\\s*|(?<=\\d),(?=\\s)|\\s{2,}");
    private static final int MOST = 400;
    private static final double LEAST = 0.01, LONGEST = 1000;

    private SpacingWords() { }

    /**
     * Nothing where any part of it cannot be read.
     *
     * @param bare unit of figures without one
     * @return metres
     */
    public static Optional<List<Double>> read(String text, LengthUnit bare) {
        List<Double> out = new ArrayList<>();
        if (text.isBlank()) return Optional.empty();
        for (String part : PARTS.split(text.strip())) {
            Matcher m = SEVERAL.matcher(part);
            int count = m.matches() ? Integer.parseInt(m.group(1)) : 1;
            Optional<Double> each = LengthReader.read(m.matches() ? m.group(2) : part, bare).filter(v -> v >= LEAST && v <= LONGEST);
            if (each.isEmpty() || count < 1 || out.size() + count > MOST) return Optional.empty();
            for (int i = 0; i < count; i++) out.add(each.get());
        }
        return Optional.of(out);
    }
}
