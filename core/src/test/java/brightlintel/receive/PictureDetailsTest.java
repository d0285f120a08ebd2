package brightlintel.receive;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.FileId;
import brightlintel.building.Placement;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.drawing.Detail;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.Progress;
import brightlintel.building.Region;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Ring;
import brightlintel.geom.Point;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.paint.StrokePainter;
import brightlintel.place.PlacedDrawing;
import brightlintel.store.Originals;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.CCITTFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A scan of which less was kept is seen at its full size when it is looked at closely. */
class PictureDetailsTest {
    private static final int W = 6400, H = 4200;
    @TempDir Path folder;

    /** Lines of one pixel with one pixel between them, which the kept pixels blur to grey; a block in the corner. */
    private static BufferedImage scan() {
        BufferedImage b = new BufferedImage(W, H, BufferedImage.TYPE_BYTE_BINARY);
        Graphics2D g = b.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, W, H);
        g.setColor(Color.BLACK);
        for (int x = 4000; x < 4200; x += 2) g.fillRect(x, 1000, 1, 3000);
        g.fillRect(0, 0, 500, 400);
        g.dispose();
        return b;
    }

    private Path tiff() throws IOException {
        Path f = folder.resolve("scan.tif");
        ImageIO.write(scan(), "tiff", f.toFile());
        return f;
    }

    private Path pdf() throws IOException {
        Path f = folder.resolve("scan.pdf");
        try (PDDocument d = new PDDocument()) {
            PDPage page = new PDPage(new PDRectangle(640, 420));
            d.addPage(page);
            try (PDPageContentStream s = new PDPageContentStream(d, page)) {
                s.drawImage(CCITTFactory.createFromImage(d, scan()), 0, 0, 640, 420);
            }
            d.save(f.toFile());
        }
        return f;
    }

    private static PlacedDrawing placed(DrawingShelf.Shelved s) {
        Underlay u = new Underlay(UnderlayId.fresh(), FileId.fresh(), s.drawing().sha256(), s.space(), Optional.empty(),
            Placement.assumed(1, Point.ORIGIN), Clearing.NONE, Appearance.faded(0), false);
        return new PlacedDrawing(u, s.strokes(), s.finder());
    }

    private static Detail detail(PlacedDrawing d) {
        return d.strokes().pictures().getFirst().pixels().detail().orElseThrow();
    }

    private static Raster painted(PlacedDrawing d, PlanView v) {
        Raster r = new Raster(v.width(), v.height());
        r.clear(Palette.LIGHT.paper());
        StrokePainter.paint(d, v, new StrokePainter.Look(Palette.LIGHT, true, 0), r, () -> false);
        return r;
    }

    private static void await(PictureDetails details, Detail d) throws InterruptedException {
        CountDownLatch ready = new CountDownLatch(1);
        details.onReady(ready::countDown);
        d.want();
        assertThat(ready.await(30, TimeUnit.SECONDS)).isTrue();
    }

    /** Dark and light columns in turn: the ink of a line of one pixel, four pixels wide on the screen. */
    private static int changes(Raster r) {
        int n = 0, paper = Palette.LIGHT.paper();
        boolean was = false;
        for (int x = 0; x < r.width; x++) {
            boolean dark = Math.abs((r.at(x, r.height / 2) & 255) - (paper & 255)) > 60;
            if (dark != was) n++;
            was = dark;
        }
        return n;
    }

    private void isCrisp(Path file, double unitsPerPixel) throws Exception {
        PictureDetails details = new PictureDetails(folder.resolve("cache"));
        DrawingShelf shelf = new DrawingShelf(new Originals(folder.resolve("originals")), details);
        PlacedDrawing d = placed(shelf.take(file, Progress.NONE));
        Pixels kept = d.strokes().pictures().getFirst().pixels();
        assertThat(kept.width()).isLessThan(W);
        assertThat(detail(d).width()).isEqualTo(W);
        PlanView near = new PlanView(new Point(4100 * unitsPerPixel, (H - 2500) * unitsPerPixel), 4 / unitsPerPixel, 200, 60);
        assertThat(changes(painted(d, near))).as("what was kept is a grey").isLessThan(10);
        await(details, detail(d));
        assertThat(changes(painted(d, near))).as("each line for itself").isBetween(46, 54);
        // a place of one colour is where it was: nothing has moved
        PlanView corner = new PlanView(new Point(500 * unitsPerPixel, (H - 400) * unitsPerPixel), 3 / unitsPerPixel, 120, 120);
        Raster r = painted(d, corner);
        assertThat(r.at(30, 30)).isNotEqualTo(Palette.LIGHT.paper());
        for (int[] p : new int[][] {{90, 30}, {30, 90}, {90, 90}}) assertThat(r.at(p[0], p[1])).isEqualTo(Palette.LIGHT.paper());
        assertThat(r.at(57, 57)).isEqualTo(r.at(10, 10));
        details.close();
    }

    @Test void aScanInAFileOfItsOwnIsCrisp() throws Exception {
        isCrisp(tiff(), 1);
    }

    @Test void aScanOnAPageIsCrisp() throws Exception {
        isCrisp(pdf(), 0.1);
    }

    /** Cut once, it is there the next day, without the file being read again; a spoiled one is made anew. */
    @Test void whatWasCutIsKept() throws Exception {
        Path f = tiff();
        Originals originals = new Originals(folder.resolve("originals"));
        Path cache = folder.resolve("cache");
        try (PictureDetails first = new PictureDetails(cache)) {
            await(first, detail(placed(new DrawingShelf(originals, first).take(f, Progress.NONE))));
        }
        Path pack;
        try (var all = Files.list(cache)) {
            pack = all.findFirst().orElseThrow();
        }
        byte[] bytes = Files.readAllBytes(pack);
        PictureDetails second = new PictureDetails(cache);
        PlacedDrawing d = placed(new DrawingShelf(originals, second).take(f, Progress.NONE));
        Files.delete(originals.path(d.strokes().pictures().isEmpty() ? "" : d.underlay().sha256()));
        await(second, detail(d));
        assertThat(detail(d).square(0, 0, 0).at(3, 3)).isEqualTo(0xff000000);
        second.close();
        assertThat(detail(d).square(0, 1, 1)).as("after the end there is nothing, and no fault").isNull();
        Files.write(pack, Arrays.copyOf(bytes, bytes.length / 2));
        try (PictureDetails third = new PictureDetails(cache)) {
            await(third, detail(placed(new DrawingShelf(new Originals(folder.resolve("other")), third).take(f, Progress.NONE))));
        }
        assertThat(Files.readAllBytes(pack)).isEqualTo(bytes);
    }

    /** What lies outside an outline is not seen, to the pixel, at full size too; and the plan is where the rest is. */
    @Test void aScanIsCroppedAlongAnOutline() throws Exception {
        try (PictureDetails details = new PictureDetails(folder.resolve("cache"))) {
            PlacedDrawing all = placed(new DrawingShelf(new Originals(folder.resolve("originals")), details).take(tiff(), Progress.NONE));
            // a triangle over the block in the upper left corner: its diagonal goes through it
            Ring keep = new Ring(List.of(new Point(0, H), new Point(500, H), new Point(0, H - 400)));
            await(details, detail(all));
            Underlay u = all.underlay();
            PlacedDrawing d = all.with(u.with(u.clearing().withRegions(List.of(new Region(keep, true)))));
            for (double scale : new double[] {0.2, 2}) {
                PlanView v = new PlanView(new Point(250, H - 200), scale, (int) (500 * scale), (int) (400 * scale));
                Raster r = painted(d, v), whole = painted(all, v);
                for (int y = 1; y < v.height(); y += 7)
                    for (int x = 1; x < v.width(); x += 7) {
                        double in = 1 - (x + 0.5) / v.width() - (y + 0.5) / v.height();
                        if (Math.abs(in) * v.height() > 1.5)
                            assertThat(r.at(x, y)).isEqualTo(in > 0 ? whole.at(x, y) : Palette.LIGHT.paper());
                    }
            }
            assertThat(d.extent().main()).isEqualTo(new Box(0, H - 400, 500, H));
            PlacedDrawing none = all.with(u.with(u.clearing().withRegions(List.of(new Region(keep.mapped(Affine.move(1e6, 0)), true)))));
            assertThat(none.cleared().showsAnything()).isFalse();
        }
    }
}
