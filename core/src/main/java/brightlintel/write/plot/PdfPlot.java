package brightlintel.write.plot;

import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.util.Matrix;

/** One page: layers as optional content, text as text in our own font. The same bytes for the same plot. */
public final class PdfPlot {
    private static final double POINT = 72 / 25.4;
    private static final String FONT = "/brightlintel/paint/SourceSans3-Regular.ttf";
    private static final String UNKNOWN = "?";
    private final PDPageContentStream out;
    private final PDType0Font font;
    private final double capitals;
    private Object pen;
    private int fill = -1;

    private PdfPlot(PDPageContentStream out, PDType0Font font) {
        this.out = out;
        this.font = font;
        this.capitals = font.getFontDescriptor().getCapHeight() / 1000.0;
    }

    public static void write(Plot p, OutputStream to) throws IOException {
        try (PDDocument d = new PDDocument(); InputStream ttf = PdfPlot.class.getResourceAsStream(FONT)) {
            PDPage page = new PDPage(new PDRectangle((float) (p.sheet().width() * POINT), (float) (p.sheet().height() * POINT)));
            d.addPage(page);
            d.getDocumentInformation().setTitle(p.title());
            d.getDocumentInformation().setProducer("Bright Lintel");
            d.setDocumentId((long) p.title().hashCode());
            PDType0Font font = PDType0Font.load(d, ttf, true);
            Map<String, PDOptionalContentGroup> groups = groups(d, p.layers());
            try (PDPageContentStream out = new PDPageContentStream(d, page)) {
                new PdfPlot(out, font).all(p, groups);
            }
            d.save(to, CompressParameters.DEFAULT_COMPRESSION);
        }
    }

    private static Map<String, PDOptionalContentGroup> groups(PDDocument d, List<String> layers) {
        PDOptionalContentProperties properties = new PDOptionalContentProperties();
        d.getDocumentCatalog().setOCProperties(properties);
        Map<String, PDOptionalContentGroup> out = new LinkedHashMap<>();
        for (String l : layers) {
            PDOptionalContentGroup g = new PDOptionalContentGroup(l);
            properties.addGroup(g);
            out.put(l, g);
        }
        return out;
    }

    private void all(Plot p, Map<String, PDOptionalContentGroup> groups) throws IOException {
        out.transform(Matrix.getScaleInstance((float) POINT, (float) POINT));
        out.setLineCapStyle(1);
        out.setLineJoinStyle(1);
        String open = null;
        for (Plot.Item i : p.items()) {
            if (!i.layer().equals(open)) {
                if (open != null) out.endMarkedContent();
                out.beginMarkedContent(COSName.OC, groups.get(i.layer()));
                open = i.layer();
            }
            item(i);
        }
        if (open != null) out.endMarkedContent();
    }

    private void item(Plot.Item i) throws IOException {
        switch (i) {
            case Plot.Stroke s -> {
                pen(s.pen());
                path(s.chain(), s.closed());
                out.stroke();
            }
            case Plot.Fill f -> {
                fill(f.rgb());
                for (List<Curve> r : f.rings()) path(r, true);
                out.fillEvenOdd();
            }
            case Plot.Label l -> label(l);
        }
    }

    private void pen(Plot.Pen p) throws IOException {
        if (p.equals(pen)) return;
        pen = p;
        out.setLineWidth((float) p.width());
        out.setStrokingColor((p.rgb() >> 16 & 255) / 255f, (p.rgb() >> 8 & 255) / 255f, (p.rgb() & 255) / 255f);
        float[] dashes = new float[p.dashes().size()];
        for (int k = 0; k < dashes.length; k++) dashes[k] = p.dashes().get(k).floatValue();
        out.setLineDashPattern(dashes, 0);
    }

    private void fill(int rgb) throws IOException {
        if (rgb == fill) return;
        fill = rgb;
        out.setNonStrokingColor((rgb >> 16 & 255) / 255f, (rgb >> 8 & 255) / 255f, (rgb & 255) / 255f);
    }

    private void path(List<Curve> chain, boolean closed) throws IOException {
        if (chain.isEmpty()) return;
        Point a = chain.getFirst().first();
        out.moveTo((float) a.x(), (float) a.y());
        for (Curve c : chain)
            for (Point[] p : Cubics.of(c)) {
                if (p.length == 1) out.lineTo((float) p[0].x(), (float) p[0].y());
                else out.curveTo((float) p[0].x(), (float) p[0].y(), (float) p[1].x(), (float) p[1].y(), (float) p[2].x(),
                    (float) p[2].y());
            }
        if (closed) out.closePath();
    }

    private void label(Plot.Label l) throws IOException {
        String text = known(l.text());
        if (text.isBlank()) return;
        double size = l.height() / capitals, wide = font.getStringWidth(text) / 1000 * size;
        double stretch = l.width() > 0 && wide > 0 ? l.width() / wide : 1, shift = switch (l.align()) {
            case LEFT -> 0;
            case CENTRE -> -wide * stretch / 2;
            case RIGHT -> -wide * stretch;
        };
        Point at = l.at().plus(Point.polar(l.turn(), shift));
        double c = Math.cos(l.turn()), s = Math.sin(l.turn());
        fill(l.rgb());
        out.beginText();
        out.setFont(font, (float) size);
        out.setTextMatrix(new Matrix((float) (c * stretch), (float) (s * stretch), (float) -s, (float) c, (float) at.x(), (float) at.y()));
        out.showText(text);
        out.endText();
    }

    private final Map<Integer, Boolean> has = new HashMap<>();

    /** What our font has no sign for is told by a sign that it has. */
    private String known(String text) {
        StringBuilder b = new StringBuilder();
        text.codePoints().forEach(c -> b.append(has.computeIfAbsent(c, this::has) ? Character.toString(c) : UNKNOWN));
        return b.toString();
    }

    private boolean has(int codePoint) {
        try {
            font.encode(Character.toString(codePoint));
            return true;
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }
}
