package brightlintel.desktop.text;

import brightlintel.lengths.LengthFormat;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.Set;

/** Every sentence a user reads, from the one bundle. {0} and on are filled in. */
public final class Words {
    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("brightlintel.desktop.text.messages");

    private Words() { }

    public static String of(String key, Object... values) {
        String s;
        try {
            s = BUNDLE.getString(key);
        } catch (MissingResourceException e) {
            return key;
        }
        for (int i = 0; i < values.length; i++) s = s.replace("{" + i + "}", String.valueOf(values[i]));
        return s;
    }

    public static boolean has(String key) {
        return BUNDLE.containsKey(key);
    }

    public static Set<String> keys() {
        return BUNDLE.keySet();
    }

    /** How a colour is called where it has no other name. */
    public static String colour(int rgb) {
        return String.format(Locale.ROOT, "#%06X", rgb);
    }

    /** One form for one, another for many: key.one and key.many. */
    public static String count(String key, long n, Object... more) {
        Object[] all = new Object[more.length + 1];
        all[0] = LengthFormat.grouped(n);
        System.arraycopy(more, 0, all, 1, more.length);
        return of(key + (n == 1 ? ".one" : ".many"), all);
    }
}
