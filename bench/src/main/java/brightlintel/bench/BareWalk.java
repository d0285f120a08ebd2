package brightlintel.bench;

import java.awt.geom.GeneralPath;
import java.awt.geom.Point2D;
import java.io.IOException;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/** The yardstick: the library alone walks a page and keeps nothing but the path under construction, which its operators ask for. */
final class BareWalk extends PDFGraphicsStreamEngine {
    private final GeneralPath path = new GeneralPath();
    int painted;

    BareWalk(PDPage page) {
        super(page);
    }

    void run() throws IOException {
        processPage(getPage());
    }

    @Override public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
        path.moveTo(a.getX(), a.getY());
        path.lineTo(b.getX(), b.getY());
        path.lineTo(c.getX(), c.getY());
        path.lineTo(d.getX(), d.getY());
        path.closePath();
    }

    @Override public void drawImage(PDImage image) { }

    @Override public void clip(int rule) { }

    @Override public void moveTo(float x, float y) {
        path.moveTo(x, y);
    }

    @Override public void lineTo(float x, float y) {
        path.lineTo(x, y);
    }

    @Override public void curveTo(float a, float b, float c, float d, float x, float y) {
        path.curveTo(a, b, c, d, x, y);
    }

    @Override public Point2D getCurrentPoint() {
        return path.getCurrentPoint();
    }

    @Override public void closePath() {
        path.closePath();
    }

    private void done() {
        painted++;
        path.reset();
    }

    @Override public void endPath() {
        path.reset();
    }

    @Override public void strokePath() {
        done();
    }

    @Override public void fillPath(int rule) {
        done();
    }

    @Override public void fillAndStrokePath(int rule) {
        done();
    }

    @Override public void shadingFill(COSName name) { }
}
