package brightlintel.read;

import brightlintel.drawing.Format;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** Tells what a file is from its first bytes; its name says nothing. */
public final class Sniffer {
    private static final int LOOK = 4096;

    private Sniffer() { }

    public static Format sniff(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return sniff(in.readNBytes(LOOK));
        }
    }

    static Format sniff(byte[] head) {
        String s = new String(head, StandardCharsets.ISO_8859_1);
        if (s.startsWith("AutoCAD Binary DXF")) return Format.DXF_BINARY;
        if (s.matches("(?s)AC(10\\d\\d|2\\.|1\\.).*")) return Format.DWG;
        if (s.substring(0, Math.min(1024, s.length())).contains("%PDF-")) return Format.PDF;
        if (isPicture(s)) return Format.PICTURE;
        if (s.startsWith("PK\u0003\u0004")) return Format.PROJECT;
        return looksLikeDxf(s) ? Format.DXF : Format.UNKNOWN;
    }

    private static boolean isPicture(String s) {
        return s.startsWith("\u0089PNG\r\n") || s.startsWith("\u00ff\u00d8\u00ff") || s.startsWith("GIF8") || s.startsWith("II*\0")
            || s.startsWith("MM\0*") || s.matches("(?s)BM.{4}\0\0\0\0.*") || s.startsWith("\0\0\0\fjP  ") || s.startsWith("\u0097JB2\r\n");
    }

    /** Pairs of a whole number and a value, the first a section or a comment. */
    private static boolean looksLikeDxf(String s) {
        String text = s.startsWith("\u00ef\u00bb\u00bf") ? s.substring(3) : s;
        if (text.indexOf('\0') >= 0) return false;
        String[] lines = text.split("\r\n|\n|\r", -1);
        int i = 0;
        while (i < lines.length && lines[i].isBlank()) i++;
        for (; i + 1 < lines.length; i += 2) {
            String code = lines[i].trim(), value = lines[i + 1].trim();
            if (code.equals("999")) continue;
            return code.equals("0") && (value.equals("SECTION") || value.equals("EOF")) || code.matches("-?\\d{1,4}")
                && text.contains("SECTION");
        }
        return false;
    }
}
