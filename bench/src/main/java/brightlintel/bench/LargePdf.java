package brightlintel.bench;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Random;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;

/** Writes heavy pages of made-up paths. The same for the same numbers. */
public final class LargePdf {
    private static final float WIDE = 3370, HIGH = 2384;

    private LargePdf() { }

    /** Lines, rectangles, polylines, curves and areas in many pens, as printers of plans write them. */
    public static void mixed(Path file, int paths) throws IOException {
        Random r = new Random(5);
        StringBuilder s = new StringBuilder(paths * 60);
        for (int i = 0; i < paths; i++) {
            if (i % 40 == 0)
                s.append(String.format(Locale.ROOT, "%.2f w %.1f %.1f %.1f RG %s d%n", 0.2 + r.nextInt(5) * 0.25, r.nextInt(2) * 0.5,
                    r.nextInt(2) * 0.5,
                    r.nextInt(3) * 0.5, r.nextInt(6) == 0 ? "[4 2] 0" : "[] 0"));
            double x = r.nextDouble() * (WIDE - 100), y = r.nextDouble() * (HIGH - 100);
            switch (i % 10) {
                case 0, 1, 2, 3, 4, 5 -> put(s, "%.3f %.3f m %.3f %.3f l S%n", x, y, x + r.nextDouble() * 80, y + r.nextDouble() * 80);
                case 6 -> put(s, "%.3f %.3f %.3f %.3f re S%n", x, y, 10.0, 6.0);
                case 7 -> put(s, "%.3f %.3f m %.3f %.3f l %.3f %.3f l %.3f %.3f l S%n", x, y, x + 9, y, x + 9, y + 7, x, y + 30);
                case 8 -> put(s, "%.3f %.3f m %.3f %.3f %.3f %.3f %.3f %.3f c S%n", x + 20, y, x + 20, y + 11.046, x + 11.046, y + 20, x,
                    y + 20);
                default -> put(s, "%.3f %.3f %.3f %.3f re f%n", x, y, 12.0, 4.0);
            }
        }
        try (PDDocument d = new PDDocument(); OutputStream to = Files.newOutputStream(file)) {
            PDPage page = new PDPage(new PDRectangle(WIDE, HIGH));
            d.addPage(page);
            PDStream content = new PDStream(d);
            try (OutputStream out = content.createOutputStream(COSName.FLATE_DECODE)) {
                out.write(s.toString().getBytes(StandardCharsets.ISO_8859_1));
            }
            page.setContents(content);
            d.save(to);
        }
    }

    private static void put(StringBuilder s, String format, Object... v) {
        s.append(String.format(Locale.ROOT, format, v));
    }
}
