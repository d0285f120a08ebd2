package brightlintel.correct;

import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Which storey a title speaks of: 0 at the ground, 1 above it, -1 below. Storeys are counted as the language does, from the ground where it
 * has a word for that.
 */
public final class StoreyWords {
    private record Words(Pattern pattern, int level) { }

    private static final List<Words> NAMED = List.of(
        words("basement|cellar|lower ground|"
            + "keller(?:geschoss|geschoß)?|kg|sous-sol|s[oó]tano|seminterrato|interrato|kelder|souterrain",
        -1),
        words("ground(?: ?floor)?|erdgescho(?:ss|ß)|eg|rez-de-chauss[eé]e|rdc|planta baja|pb|piano terra|begane grond|bg|stueplan|parter",
        0),
        words("first floor|upper(?: ?floor)?|premier [eé]tage|planta primera|primera planta|piano primo|"
            + "primo piano|eerste verdieping|obergescho(?:ss|ß)|og",
            1),
        words("second floor|deuxi[eè]me [eé]tage|planta segunda|segunda planta|piano secondo|secondo piano|tweede verdieping", 2),
        words("third floor|troisi[eè]me [eé]tage|planta tercera|tercera planta|piano terzo|terzo piano|derde verdieping", 3),
        words("fourth floor|cuarta planta|quarto piano|vierde verdieping", 4));
    private static final Pattern NUMBERED = Pattern.compile("(?<![\\p{L}\\d:.,/])(\\d{1,2})\\s*(?:\\.|st|nd|rd|th|er|e|ème|eme|º|ª|°)?\\s*"
        + "(og|obergescho(?:ss|ß)|floor|[eé]tage|planta|piano|verdieping|storey|story)(?!\\p{L})");
    private static final Pattern BELOW =
        Pattern.compile("(?<![\\p{L}\\d])(\\d{1,2})\\s*\\.?\\s*(ug|untergescho(?:ss|ß)|sous-sol|s[oó]tano)(?!\\p{L})");
    private static final Pattern LEVEL =
        Pattern.compile("(?<!\\p{L})(?:level|floor|niveau|nivel|livello|storey|story|etage|ebene)\\s*(-?\\d{1,2})(?![\\d.,:])");

    private StoreyWords() { }

    private static Words words(String any, int level) {
        return new Words(Pattern.compile("(?<!\\p{L})(?:" + any + ")(?!\\p{L})"), level);
    }

    public static OptionalInt level(String title) {
        String t = title.toLowerCase(Locale.ROOT);
        Matcher m = NUMBERED.matcher(t);
        if (m.find()) return OptionalInt.of(Integer.parseInt(m.group(1)));
        m = BELOW.matcher(t);
        if (m.find()) return OptionalInt.of(-Integer.parseInt(m.group(1)));
        m = LEVEL.matcher(t);
        if (m.find()) return OptionalInt.of(Integer.parseInt(m.group(1)));
        for (Words w : NAMED) if (w.pattern.matcher(t).find()) return OptionalInt.of(w.level);
        return OptionalInt.empty();
    }
}
