package brightlintel.read.dxf;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;

/** Names of code pages as headers write them. */
final class CodePages {
    private static final Map<String, String> NAMES = Map.of("ansi_932", "windows-31j", "ansi_936", "GBK", "ansi_949", "x-windows-949", "ansi_950", "Big5",
        "ascii", "US-ASCII", "dos437", "IBM437", "dos850", "IBM850", "dos852", "IBM852", "dos866", "IBM866", "utf-8", "UTF-8");

    private CodePages() { }

    /** Bytes that are not of the charset are read the old way, so that no text is lost. */
    static String decode(Charset charset, byte[] bytes, int from, int n) {
        try {
            return charset.newDecoder().decode(ByteBuffer.wrap(bytes, from, n)).toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, from, n, charset == StandardCharsets.UTF_8 ? Charset.forName("windows-1252") : StandardCharsets.ISO_8859_1);
        }
    }

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
