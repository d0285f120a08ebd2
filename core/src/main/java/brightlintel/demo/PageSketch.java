package brightlintel.demo;

import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.read.pdf.PdfReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.util.Matrix;

/** Draws pages as a plotter of another office does. The same bytes each time. */
final class PageSketch implements AutoCloseable {
    private static final double KAPPA_OF_QUARTER = 4.0 / 3 * Math.tan(Math.PI / 8);
    private final PDDocument document = new PDDocument();
    private final Map<String, PDOptionalContentGroup> groups = new LinkedHashMap<>();
    private final PDOptionalContentProperties properties = new PDOptionalContentProperties();
    private final PDFont font;
    private PDPageContentStream out;
    private Affine map = Affine.IDENTITY;
    private String open;

    PageSketch(String title, long id) throws IOException {
        PdfReader.prepare();
        font = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
        document.getDocumentInformation().setTitle(title);
        document.setDocumentId(id);
        document.getDocumentCatalog().setOCProperties(properties);
    }

    /** @param width points; height too; map: from what is drawn to points */
    PageSketch page(double width, double height, Affine m) throws IOException {
        endPage();
        PDPage p = new PDPage(new PDRectangle((float) width, (float) height));
        document.addPage(p);
        out = new PDPageContentStream(document, p);
        map = m;
        return this;
    }

    PageSketch on(String layer) throws IOException {
        if (layer.equals(open)) return this;
        if (open != null) out.endMarkedContent();
        out.beginMarkedContent(COSName.OC, groups.computeIfAbsent(layer, n -> {
            PDOptionalContentGroup g = new PDOptionalContentGroup(n);
            properties.addGroup(g);
            return g;
        }));
        open = layer;
        return this;
    }

    /** @param mm wide on paper */
    PageSketch pen(double mm, float grey, float... dashes) throws IOException {
        out.setLineWidth((float) (mm * 72 / 25.4));
        out.setStrokingColor(grey);
        out.setLineDashPattern(dashes, 0);
        return this;
    }

    private void move(Point p) throws IOException {
        Point q = map.apply(p);
        out.moveTo((float) q.x(), (float) q.y());
    }

    private void lineTo(Point p) throws IOException {
        Point q = map.apply(p);
        out.lineTo((float) q.x(), (float) q.y());
    }

    PageSketch line(Point a, Point b) throws IOException {
        move(a);
        lineTo(b);
        out.stroke();
        return this;
    }

    PageSketch polyline(boolean closed, List<Point> p) throws IOException {
        move(p.getFirst());
        for (Point q : p.subList(1, p.size())) lineTo(q);
        if (closed) out.closePath();
        out.stroke();
        return this;
    }

    PageSketch fill(float grey, List<Point> p) throws IOException {
        out.setNonStrokingColor(grey);
        move(p.getFirst());
        for (Point q : p.subList(1, p.size())) lineTo(q);
        out.closePath();
        out.fill();
        return this;
    }

    /** A quarter of a circle, as pages have them. */
    PageSketch quarter(Point centre, Point from) throws IOException {
        Point u = from.minus(centre), v = u.left();
        move(from);
        Point a = map.apply(from.plus(v.times(KAPPA_OF_QUARTER))), b = map.apply(centre.plus(v).plus(u.times(KAPPA_OF_QUARTER))),
            c = map.apply(centre.plus(v));
        out.curveTo((float) a.x(), (float) a.y(), (float) b.x(), (float) b.y(), (float) c.x(), (float) c.y());
        out.stroke();
        return this;
    }

    PageSketch piece(Piece p) throws IOException {
        return line(p.a(), p.b());
    }

    /** @param height of the font, in what is drawn */
    PageSketch text(Point at, double height, double turn, String words) throws IOException {
        Point p = map.apply(at);
        double size = height * map.meanScale(), c = Math.cos(turn), s = Math.sin(turn);
        out.setNonStrokingColor(0f);
        out.beginText();
        out.setFont(font, (float) size);
        out.setTextMatrix(new Matrix((float) c, (float) s, (float) -s, (float) c, (float) p.x(), (float) p.y()));
        out.showText(words);
        out.endText();
        return this;
    }

    private void endPage() throws IOException {
        if (out == null) return;
        if (open != null) out.endMarkedContent();
        open = null;
        out.close();
    }

    byte[] bytes() throws IOException {
        endPage();
        ByteArrayOutputStream to = new ByteArrayOutputStream();
        document.save(to);
        return to.toByteArray();
    }

    @Override public void close() throws IOException {
        document.close();
    }
}
