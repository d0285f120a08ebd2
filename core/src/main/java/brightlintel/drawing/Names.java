package brightlintel.drawing;

import java.util.Locale;

/** Names of layers and blocks differ by more than case. */
public final class Names {
    private Names() { }

    public static String key(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
