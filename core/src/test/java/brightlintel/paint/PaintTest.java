package brightlintel.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Placement;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.place.PlacedDrawing;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class PaintTest {
    private static final Palette P = Palette.LIGHT;

    private static PlacedDrawing metres(String text, Set<String> off) throws IOException {
        return Drawings.placed(Drawings.read(text), Placement.assumed(1, Point.ORIGIN), off);
    }

    private static Raster painted(PlacedDrawing d, PlanView v) {
        Raster r = new Raster(v.width(), v.height());
        r.clear(P.paper());
        assertThat(StrokePainter.paint(d, v, new StrokePainter.Look(P, true, 0), r, () -> false)).isTrue();
        return r;
    }

    private static int inked(Raster r) {
        int n = 0;
        for (int y = 0; y < r.height; y++) for (int x = 0; x < r.width; x++) if (r.at(x, y) != P.paper()) n++;
        return n;
    }

    /** Law: the place under the pointer stays under it, and pixels go to metres and back. */
    @Test void zoomingKeepsThePlaceUnderThePointer() {
        Random r = new Random(111);
        for (int i = 0; i < 1000; i++) {
            PlanView v = new PlanView(new Point(r.nextGaussian() * 1000, r.nextGaussian() * 1000), 0.1 + r.nextDouble() * 500, 1000, 650);
            double x = r.nextDouble() * 1000, y = r.nextDouble() * 650;
            Point under = v.toMetres(x, y);
            PlanView z = v.zoomed(Math.exp(r.nextGaussian()), x, y);
            assertThat(z.toPx(under).distance(new Point(x, y))).isLessThan(1e-6);
            assertThat(v.toPx(under).distance(new Point(x, y))).isLessThan(1e-6);
            assertThat(v.toPx().apply(under).distance(v.toPx(under))).isLessThan(1e-6);
            PlanView m = v.moved(13, -7);
            assertThat(m.toPx(under).distance(new Point(x + 13, y - 7))).isLessThan(1e-6);
        }
    }

    /** Law: what is fitted is seen whole, and nearly fills the picture. */
    @Test void whatIsFittedIsSeenWhole() {
        Random r = new Random(112);
        for (int i = 0; i < 300; i++) {
            Box b = Box.of(new Point(r.nextGaussian() * 100, r.nextGaussian() * 100),
                new Point(r.nextGaussian() * 100, r.nextGaussian() * 100));
            PlanView v = PlanView.fit(b, 900, 600, 30);
            Point lo = v.toPx(new Point(b.minX(), b.minY())), hi = v.toPx(new Point(b.maxX(), b.maxY()));
            assertThat(List.of(lo.x(), hi.x())).allMatch(x -> x > 29 && x < 871);
            assertThat(List.of(lo.y(), hi.y())).allMatch(y -> y > 29 && y < 571);
            assertThat(Math.max((hi.x() - lo.x()) / 840, (lo.y() - hi.y()) / 540)).isCloseTo(1, within(1e-6));
        }
        assertThat(PlanView.fit(Box.EMPTY, 900, 600, 30).pxPerMetre()).isPositive();
    }

    @Test void aStrokeIsPaintedWhereItLies() throws IOException {
        PlacedDrawing d = metres("W 0 0 10 0\nW 0 0 0 10\n", Set.of());
        PlanView v = new PlanView(new Point(5, 5), 40, 500, 500);
        Raster r = painted(d, v);
        for (double t = 0.5; t < 10; t += 0.5) {
            Point on = v.toPx(new Point(t, 0)), off = v.toPx(new Point(t, 0.5));
            // on the border of two rows: the ink may lie in either
            assertThat(List.of(r.at((int) on.x(), (int) on.y()), r.at((int) on.x(), (int) on.y() - 1))).anyMatch(p -> p != P.paper());
            assertThat(r.at((int) off.x(), (int) off.y())).isEqualTo(P.paper());
        }
    }

    @Test void aHiddenLayerIsNotPainted() throws IOException {
        PlanView v = new PlanView(new Point(5, 5), 40, 500, 500);
        String two = "W 0 0 10 0\nJUNK 0 5 10 5\n";
        assertThat(inked(painted(metres(two, Set.of("junk")), v))).isEqualTo(inked(painted(metres("W 0 0 10 0\n", Set.of()), v)))
            .isLessThan(inked(painted(metres(two, Set.of()), v)));
        assertThat(inked(painted(metres(two, Set.of("junk", "w")), v))).isZero();
    }

    /** Law: a picture painted at once is the same as its halves painted each for itself: squares do not show. */
    @Test void squaresDoNotShow() throws IOException {
        Random r = new Random(113);
        StringBuilder b = new StringBuilder();
        for (int i = 0; i < 300; i++)
            b.append("W %.3f %.3f %.3f %.3f%n".formatted(r.nextDouble() * 10, r.nextDouble() * 10, r.nextDouble() * 10,
                r.nextDouble() * 10));
        PlacedDrawing d = metres(b.toString(), Set.of());
        Raster whole = painted(d, new PlanView(new Point(5, 5), 40, 400, 400)),
            left = painted(d, new PlanView(new Point(2.5, 5), 40, 200, 400));
        int differ = 0;
        for (int y = 0; y < 400; y++) for (int x = 0; x < 198; x++) if (whole.at(x, y) != left.at(x, y)) differ++;
        assertThat(differ).isLessThan(40);
    }

    @Test void paintingStopsWhenTold() throws IOException {
        Raster r = new Raster(100, 100);
        assertThat(StrokePainter.paint(metres("W 0 0 10 0\n", Set.of()), new PlanView(Point.ORIGIN, 10, 100, 100),
            new StrokePainter.Look(P, true, 0), r, () -> true)).isFalse();
    }

    /** Law: a written picture read by somebody else has the same pixels. */
    @Test void aPictureIsWrittenAsItIs() throws IOException {
        Random random = new Random(114);
        for (int[] size : new int[][] {{1, 1}, {37, 5}, {300, 200}}) {
            Raster r = new Raster(size[0], size[1]);
            for (int i = 0; i < r.pixels.length; i++) r.pixels[i] = 0xff000000 | random.nextInt(1 << 24);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            Png.write(r, out);
            BufferedImage read = ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
            assertThat(new int[] {read.getWidth(), read.getHeight()}).containsExactly(size);
            for (int y = 0; y < size[1]; y++)
                for (int x = 0; x < size[0]; x++) assertThat(read.getRGB(x, y) & 0xffffff).isEqualTo(r.at(x, y) & 0xffffff);
        }
    }

    /** Law: words are never darker than 4.5 to 1 against what they stand on, light and dark. */
    @Test void wordsCanBeReadOnTheirPaper() {
        for (Palette p : new Palette[] {Palette.LIGHT, Palette.DARK})
            for (int ground : new int[] {p.paper(), p.sheet()}) {
                assertThat(contrast(p.ink(), ground)).isGreaterThan(4.5);
                assertThat(contrast(p.ink2(), ground)).isGreaterThan(4.5);
                assertThat(contrast(p.brassText(), ground)).isGreaterThan(4.5);
            }
    }

    private static double contrast(int a, int b) {
        double x = light(a), y = light(b);
        return (Math.max(x, y) + 0.05) / (Math.min(x, y) + 0.05);
    }

    private static double light(int rgb) {
        return 0.2126 * linear(rgb >> 16 & 255) + 0.7152 * linear(rgb >> 8 & 255) + 0.0722 * linear(rgb & 255);
    }

    private static double linear(int c) {
        double v = c / 255.0;
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }
}
