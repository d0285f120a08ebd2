package brightlintel.read.pdf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Style;
import brightlintel.geom.Point;
import java.text.Normalizer;
import java.util.IdentityHashMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDFontDescriptor;
import org.apache.pdfbox.pdmodel.font.PDSimpleFont;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;

/** Characters as painted: what they say, where they stand, how tall they are. */
final class Letters {
    /** Height of capitals over the size of the font, where the font does not say. */
    private static final double CAPITALS = 0.7, LOWEST = 0.4, TALLEST = 1.0, PER_EM = 1000;
    private final PageFrame frame;
    private final Ink ink;
    private final Labels labels = new Labels();
    private final Map<PDFont, Double> capitals = new IdentityHashMap<>();
    private long order;

    Letters(PageFrame frame, Ink ink) {
        this.frame = frame;
        this.ink = ink;
    }

    void add(Matrix place, PDFont font, int code, Vector displacement, Style style, Clip clip) {
        Point at = point(place, 0, 0), next = point(place, displacement.getX(), displacement.getY()), top = point(place, 0, 1).minus(at);
        if (!at.isFinite() || !next.isFinite() || !top.isFinite() || !(top.length() > 0)) return;
        String text = text(font, code);
        if (text == null) {
            ink.report.say(Code.TEXT_NOT_DECODED, ink.at(), font.getName() == null ? "" : font.getName(), code);
            text = "";
        }
        if (!clip.holds(at.towards(next, 0.5).plus(top.times(0.2)))) return;
        Point along = next.minus(at);
        // a mirrored sheet reads along its characters all the same
        double turn = along.length() > 1e-9 ? along.angle() : point(place, 1, 0).minus(at).angle();
        double size = top.length();
        labels.add(new Labels.Glyph(text, at, along, size, size * capitals.computeIfAbsent(font, Letters::capitals), turn, style, order++));
    }

    void end() {
        labels.into(ink);
    }

    private Point point(Matrix m, double x, double y) {
        return frame.map().apply(m.getScaleX() * x + m.getShearX() * y + m.getTranslateX(), m.getShearY() * x + m.getScaleY() * y
            + m.getTranslateY());
    }

    /** null where nothing tells which character it is. */
    private static String text(PDFont font, int code) {
        String t;
        try {
            t = font.toUnicode(code);
        } catch (RuntimeException e) {
            t = null;
        }
        if (t == null && font instanceof PDSimpleFont s && !s.isSymbolic() && code >= ' ' && code < 127) t = String.valueOf((char) code);
        if (t == null || t.indexOf('\uFFFD') >= 0 || t.indexOf('\0') >= 0) return null;
        // joined letters are two; a soft hyphen is a hyphen
        return plain(t);
    }

    private static String plain(String t) {
        for (int i = 0; i < t.length(); i++) {
            char c = t.charAt(i);
            if (c >= '\uFB00' && c <= '\uFB06') return Normalizer.normalize(t, Normalizer.Form.NFKC);
        }
        return t;
    }

    private static double capitals(PDFont font) {
        PDFontDescriptor d = font.getFontDescriptor();
        double said = d == null ? 0 : d.getCapHeight() / PER_EM;
        return said >= LOWEST && said <= TALLEST ? said : CAPITALS;
    }
}
