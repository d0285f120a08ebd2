package brightlintel.trace;

import brightlintel.building.Section;
import brightlintel.lengths.LengthReader;
import brightlintel.lengths.LengthUnit;
import java.util.Optional;
import java.util.regex.Pattern;

/** Sections of columns as people type them: 300x250, 12" x 12", Ø300, 300. */
public final class SectionWords {
    private static final Pattern TIMES = Pattern.compile("\\s*[x×*/]\\s*", Pattern.CASE_INSENSITIVE),
        ROUND = Pattern.compile("^\\s*[øØ⌀dD]\\s*");
    private static final double LEAST = 0.02, MOST = 10;

    private SectionWords() { }

    /** @param bare unit of figures without one */
    public static Optional<Section> read(String text, LengthUnit bare) {
        if (ROUND.matcher(text).find())
            return length(ROUND.matcher(text).replaceFirst(""), bare).map(Section.Round::new);
        String[] sides = TIMES.split(text.strip(), -1);
        if (sides.length > 2) return Optional.empty();
        Optional<Double> width = length(sides[0], bare), depth = sides.length == 2 ? length(sides[1], bare) : width;
        return width.flatMap(w -> depth.map(d -> new Section.Rectangle(w, d)));
    }

    private static Optional<Double> length(String s, LengthUnit bare) {
        return LengthReader.read(s, bare).filter(v -> v >= LEAST && v <= MOST).map(v -> Math.round(v * 1e6) / 1e6);
    }
}
