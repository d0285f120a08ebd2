package brightlintel.read.dxf;

import java.nio.charset.Charset;
import java.util.Locale;
import java.util.Map;

/** Names of code pages as headers write them. */
final class CodePages {
    private static final Map<String, String> NAMES = Map.of("ansi_932", "windows-31j", "ansi_936", "GBK", "ansi_949", "x-windows-949", "ansi_950", "Big5",
        "ascii", "US-ASCII", "dos437", "IBM437", "dos850", "IBM850", "dos852", "IBM852", "dos866", "IBM866", "utf-8", "UTF-8");

    private CodePages() { }

    static Charset of(String name) {
        String key = name.trim().toLowerCase(Locale.ROOT);
        String found = NAMES.getOrDefault(key, key.startsWith("ansi_") ? "windows-" + key.substring(5) : "windows-1252");
        try {
            return Charset.forName(found);
        } catch (IllegalArgumentException e) {
            return Charset.forName("windows-1252");
        }
    }
}
