package brightlintel.demo;

import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.paint.Brush;
import brightlintel.paint.Fonts;
import brightlintel.paint.Raster;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.CCITTFactory;

/** old-survey.pdf: a scan of the old club house at 1:100, black and white, with grain, laid on the glass a little askew. */
public final class OldSurvey {
    public static final double TURN = Math.toRadians(0.8);
    /** Dots to the inch, and pixels of a metre of the building. */
    static final double DPI = 150;
    public static final double PIXELS_PER_METRE = 10 / 25.4 * DPI;
    private static final int WIDE = 2480, HIGH = 1754;
    /** Where the building's 0,0 lies on the scan, pixels from its lower left corner. */
    public static final Point ORIGIN = new Point(620, 520);
    private static final double GRAIN = 0.0006, BLURRED = 0.02;
    private static final int INK = 0x000000, PAPER = 0xffffff;

    private OldSurvey() { }

    /** From the building to pixels counted from the upper left corner. */
    private static Affine map() {
        return Affine.scale(PIXELS_PER_METRE, PIXELS_PER_METRE).then(Affine.turn(TURN)).then(Affine.move(ORIGIN))
            .then(new Affine(1, 0, 0, -1, 0, HIGH));
    }

    public static byte[] bytes() throws IOException {
        BufferedImage image = image();
        try (PDDocument d = new PDDocument()) {
            PDPage page = new PDPage(new PDRectangle((float) (WIDE / DPI * 72), (float) (HIGH / DPI * 72)));
            d.addPage(page);
            d.setDocumentId(19340517L);
            try (PDPageContentStream out = new PDPageContentStream(d, page)) {
                out.drawImage(CCITTFactory.createFromImage(d, image), 0, 0, page.getMediaBox().getWidth(), page.getMediaBox().getHeight());
            }
            ByteArrayOutputStream to = new ByteArrayOutputStream();
            d.save(to);
            return to.toByteArray();
        }
    }

    private static BufferedImage image() {
        Raster r = new Raster(WIDE, HIGH);
        r.clear(PAPER);
        draw(new Brush(r), map());
        BufferedImage image = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_BYTE_BINARY);
        Random random = new Random(1934);
        for (int y = 0; y < HIGH; y++)
            for (int x = 0; x < WIDE; x++) {
                double dark = 1 - (r.pixels[y * WIDE + x] & 255) / 255.0, noise = random.nextDouble();
                boolean ink = dark > 0.45 ? noise > BLURRED : noise < GRAIN;
                image.setRGB(x, y, ink ? 0xff000000 : 0xffffffff);
            }
        return image;
    }

    private static void draw(Brush b, Affine map) {
        for (Piece p : HeronQuayDrawings.outlines(HeronQuay.oldHouse())) b.line(map.apply(p.a()), map.apply(p.b()), 3, INK);
        for (double x : new double[] {4.2, 8.4}) b.line(map.apply(x, 1.2), map.apply(x, 3.2), 2, INK);
        write(b, map, 2.0, 2.2, "Hall");
        write(b, map, 6.9, 4.4, "Parlour");
        write(b, map, 7.0, 1.4, "Boats");
        List<Point> frame = new ArrayList<>();
        for (Point p : AnnexeSheets.box(-3.4, -3.0, 15.5, 10.5)) frame.add(map.apply(p));
        b.path(frame, true, 2.5, INK);
        write(b, map, 8.5, -2.4, "Club house, surveyed 1934, 1:100");
        for (double[] d : new double[][] {{0, 12.2}}) {
            b.line(map.apply(d[0], -1.3), map.apply(d[1], -1.3), 2, INK);
            for (double x : d) b.line(map.apply(x - 0.12, -1.42), map.apply(x + 0.12, -1.18), 2, INK);
            write(b, map, 5.7, -1.15, "12.20");
        }
    }

    private static void write(Brush b, Affine map, double x, double y, String text) {
        b.text(text, Affine.scale(0.45, 0.45).then(Affine.move(x, y)).then(map), Fonts.Weight.REGULAR, INK);
    }
}
