package brightlintel.read;

import brightlintel.drawing.TextCodes;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;

/** Names of code pages as headers write them. */
public final class CodePages {
    private static final Map<String, String> NAMES = Map.of("ansi_932", "windows-31j", "ansi_936", "GBK", "ansi_949", "x-windows-949",
        "ansi_950", "Big5",
        "ascii", "US-ASCII", "dos437", "IBM437", "dos850", "IBM850", "dos852", "IBM852", "dos866", "IBM866", "utf-8", "UTF-8");

    private CodePages() { }

    /** Bytes that are not of the charset are read the old way, so that no text is lost; characters given by their numbers are put in. */
    public static String decode(Charset charset, byte[] bytes, int from, int n) {
        return TextCodes.characters(decoded(charset, bytes, from, n));
    }

    private static String decoded(Charset charset, byte[] bytes, int from, int n) {
        try {
            return charset.newDecoder().decode(ByteBuffer.wrap(bytes, from, n)).toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, from, n, charset == StandardCharsets.UTF_8 ? Charset.forName("windows-1252")
                : StandardCharsets.ISO_8859_1);
        }
    }

    public static Charset of(String name) {
        String key = name.trim().toLowerCase(Locale.ROOT);
        String found = NAMES.getOrDefault(key, key.startsWith("ansi_") ? "windows-" + key.substring(5) : "windows-1252");
        try {
            return Charset.forName(found);
        } catch (IllegalArgumentException e) {
            return Charset.forName("windows-1252");
        }
    }

    private static final String[] NUMBERED = {"", "US-ASCII", "ISO-8859-1", "ISO-8859-2", "ISO-8859-3", "ISO-8859-4", "ISO-8859-5",
        "ISO-8859-6", "ISO-8859-7", "ISO-8859-8",
        "ISO-8859-9", "IBM437", "IBM850", "IBM852", "IBM855", "IBM857", "IBM860", "IBM861", "IBM863", "IBM864", "IBM865", "IBM869",
        "windows-31j", "x-MacRoman", "Big5",
        "x-windows-949", "x-Johab", "IBM866", "windows-1250", "windows-1251", "windows-1252", "GBK", "windows-1253", "windows-1254",
        "windows-1255", "windows-1256",
        "windows-1257", "windows-874", "windows-31j", "GBK", "x-windows-949", "Big5", "x-Johab", "UTF-16LE", "windows-1258"};

    /** By the number that the bit-packed format gives code pages. */
    public static Charset of(int number) {
        String name = number > 0 && number < NUMBERED.length ? NUMBERED[number] : "windows-1252";
        return Charset.isSupported(name) ? Charset.forName(name) : Charset.forName("windows-1252");
    }
}
