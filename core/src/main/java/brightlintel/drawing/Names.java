package brightlintel.drawing;

import java.text.Normalizer;
import java.util.Locale;

/** Names of layers and blocks differ by more than case. */
public final class Names {
    private Names() { }

    public static String key(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    /** As words are looked for in it: in lower case, without accents, ß as ss. */
    public static String plain(String text) {
        return key(Normalizer.normalize(text, Normalizer.Form.NFD).replaceAll("\\p{M}", "").replace("ß", "ss"));
    }
}
