package brightlintel.drawing;

import java.nio.charset.Charset;
import java.util.function.Predicate;

/** Makes plain text of stored text: the codes of the exchange format for signs, fonts, stacks and lines. */
public final class TextCodes {
    private TextCodes() { }

    /** Lines kept, parted by \n. */
    public static String plain(Entity.Text text) {
        return plain(text.raw(), text.sort() == Entity.TextSort.MTEXT);
    }

    public static String plain(String raw, boolean formatted) {
        StringBuilder out = new StringBuilder(raw.length());
        for (int i = 0; i < raw.length(); ) {
            char c = raw.charAt(i);
            if (c == '%' && raw.startsWith("%%", i)) i = percent(raw, i, out);
            else if (isUnicode(raw, i)) {
                out.append((char) Integer.parseInt(raw, i + 3, i + 7, 16));
                i += 7;
            } else if (raw.startsWith("\\M+", i) && multibyte(raw, i, out)) i += 8;
            else if (c == '^' && i + 1 < raw.length()) i = caret(raw, i, out);
            else if (formatted && c == '\\' && i + 1 < raw.length()) i = backslash(raw, i, out);
            else {
                if (!(formatted && (c == '{' || c == '}'))) out.append(c);
                i++;
            }
        }
        return out.toString();
    }

    /**
     * Characters that the file could only give by their numbers put in their place; all other codes stay, and so do numbers of signs that
     * have a meaning in them.
     */
    public static String characters(String stored) {
        if (stored.indexOf('\\') < 0) return stored;
        StringBuilder out = new StringBuilder(stored.length());
        for (int i = 0; i < stored.length(); ) {
            if (isUnicode(stored, i)) {
                char c = (char) Integer.parseInt(stored, i + 3, i + 7, 16);
                if (c < ' ' || "\\{}%^".indexOf(c) >= 0) out.append(stored, i, i + 7);
                else out.append(c);
                i += 7;
            } else if (stored.startsWith("\\M+", i) && multibyte(stored, i, out)) i += 8;
            else out.append(stored.charAt(i++));
        }
        return out.toString();
    }

    /** The way back: characters that cannot be stored as they are, by their numbers. */
    public static String stored(String text, Predicate<Character> fits) {
        StringBuilder b = new StringBuilder(text.length());
        for (char c : text.toCharArray()) {
            if (fits.test(c)) b.append(c);
            else b.append(String.format("\\U+%04X", (int) c));
        }
        return b.toString();
    }

    private static boolean isUnicode(String s, int i) {
        if (i + 7 > s.length() || s.charAt(i) != '\\' || Character.toUpperCase(s.charAt(i + 1)) != 'U' || s.charAt(i + 2) != '+')
            return false;
        for (int k = i + 3; k < i + 7; k++) if (Character.digit(s.charAt(k), 16) < 0) return false;
        return true;
    }

    /** \\M+nXXXX: two bytes of an East Asian code page, told by n. */
    private static boolean multibyte(String s, int i, StringBuilder out) {
        if (i + 8 > s.length()) return false;
        String page = switch (s.charAt(i + 3)) {
            case '1' -> "windows-31j";
            case '2' -> "Big5";
            case '3' -> "x-windows-949";
            case '4' -> "x-Johab";
            case '5' -> "GBK";
            default -> "";
        };
        for (int k = i + 4; k < i + 8; k++) if (Character.digit(s.charAt(k), 16) < 0) return false;
        if (page.isEmpty() || !Charset.isSupported(page)) return false;
        int v = Integer.parseInt(s, i + 4, i + 8, 16);
        out.append(new String(new byte[] {(byte) (v >> 8), (byte) v}, Charset.forName(page)));
        return true;
    }

    private static int percent(String s, int i, StringBuilder out) {
        if (i + 2 >= s.length()) {
            out.append("%%");
            return i + 2;
        }
        char c = Character.toLowerCase(s.charAt(i + 2));
        switch (c) {
            case 'd' -> out.append('°');
            case 'p' -> out.append('±');
            case 'c' -> out.append('∅');
            case '%' -> out.append('%');
            case 'u', 'o', 'k' -> { }
            default -> {
                int end = i + 2;
                while (end < s.length() && end < i + 5 && Character.isDigit(s.charAt(end))) end++;
                if (end == i + 2) {
                    out.append("%%");
                    return i + 2;
                }
                out.append((char) Integer.parseInt(s, i + 2, end, 10));
                return end;
            }
        }
        return i + 3;
    }

    private static int caret(String s, int i, StringBuilder out) {
        switch (s.charAt(i + 1)) {
            case 'I' -> out.append('\t');
            case 'J', 'M' -> out.append('\n');
            case ' ' -> out.append('^');
            default -> {
                out.append('^');
                return i + 1;
            }
        }
        return i + 2;
    }

    private static int backslash(String s, int i, StringBuilder out) {
        char c = s.charAt(i + 1);
        switch (c) {
            case 'P', 'N', 'X' -> out.append('\n');
            case '~' -> out.append(' ');
            case '\\', '{', '}' -> out.append(c);
            case 'L', 'l', 'O', 'o', 'K', 'k' -> { }
            case 'S' -> {
                int end = s.indexOf(';', i);
                if (end < 0) end = s.length();
                out.append(s.substring(i + 2, end).replace('#', '/').replaceFirst("\\^\\s*", "/"));
                return Math.min(s.length(), end + 1);
            }
            case 'A', 'C', 'c', 'F', 'f', 'H', 'Q', 'T', 'W', 'p' -> {
                int end = s.indexOf(';', i);
                return end < 0 ? s.length() : end + 1;
            }
            default -> out.append(c);
        }
        return i + 2;
    }
}
