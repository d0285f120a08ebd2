package brightlintel.read.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightlintel.drawing.Code;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Format;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.read.DrawingReader;
import brightlintel.read.Paged;
import brightlintel.read.Refused;
import brightlintel.read.Wanted;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PictureReaderTest {
    @TempDir Path folder;

    /** White, its upper left quarter black. */
    private static BufferedImage image(int w, int h, int type) {
        BufferedImage b = new BufferedImage(w, h, type);
        for (int y = 0; y < h; y++) for (int x = 0; x < w; x++) b.setRGB(x, y, x < w / 2 && y < h / 2 ? 0xff000000 : 0xffffffff);
        return b;
    }

    private static RawDrawing read(Path f, int page) throws IOException {
        return DrawingReader.look(f, Wanted.page(page), ReadLimits.DEFAULT, Progress.NONE);
    }

    private static Pixels pixels(RawDrawing d) {
        return d.companions().pictures().values().iterator().next();
    }

    private static boolean isDark(Pixels p, double x, double y) {
        return (p.at((int) (x * p.width()), (int) (y * p.height())) & 255) < 128;
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpg", "bmp", "gif", "tiff"})
    void picturesOfTheUsualKindsAreDrawings(String kind) throws IOException {
        Path f = folder.resolve("scan." + kind);
        assertThat(ImageIO.write(image(200, 120, BufferedImage.TYPE_INT_RGB), kind, f.toFile())).isTrue();
        RawDrawing d = read(f, 1);
        assertThat(d.format()).isEqualTo(Format.PICTURE);
        Entity.Picture p = (Entity.Picture) d.space(new SpaceKey.Page(1)).orElseThrow().entities().getFirst();
        assertThat(p.width()).isEqualTo(200);
        assertThat(p.height()).isEqualTo(120);
        assertThat(isDark(pixels(d), 0.2, 0.2)).isTrue();
        assertThat(isDark(pixels(d), 0.8, 0.2)).isFalse();
        assertThat(d.report().count(Code.NOTHING_TO_SNAP_TO)).isEqualTo(1);
    }

    @Test void aFileOfSeveralPagesHasThemAll() throws IOException {
        Path f = folder.resolve("scans.tiff");
        ImageWriter w = ImageIO.getImageWritersByFormatName("tiff").next();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(f.toFile())) {
            w.setOutput(out);
            w.prepareWriteSequence(null);
            for (int i = 1; i <= 3; i++) {
                ImageWriteParam p = w.getDefaultWriteParam();
                p.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
                p.setCompressionType("CCITT T.6");
                w.writeToSequence(new IIOImage(image(100 * i, 80, BufferedImage.TYPE_BYTE_BINARY), null, null), p);
            }
            w.endWriteSequence();
        }
        assertThat(Paged.count(f, "")).isEqualTo(3);
        assertThat(pixels(read(f, 3)).width()).isEqualTo(300);
        assertThat(isDark(pixels(read(f, 2)), 0.2, 0.2)).isTrue();
        assertThatThrownBy(() -> read(f, 4)).isInstanceOf(Refused.class);
    }

    /** The note of a camera that was held this way or that, put in by hand as EXIF writes it. */
    private Path held(int turn) throws IOException {
        ByteArrayOutputStream plain = new ByteArrayOutputStream();
        ImageIO.write(image(160, 96, BufferedImage.TYPE_INT_RGB), "jpg", plain);
        byte[] jpeg = plain.toByteArray();
        byte[] exif = {(byte) 0xff, (byte) 0xe1, 0, 34, 'E', 'x', 'i', 'f', 0, 0, 'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1, 1, 0x12, 0, 3, 0, 0, 0,
            1, 0, (byte) turn, 0,
            0, 0, 0, 0, 0};
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        // JFIF comes first, EXIF after it
        int jfif = 2 + 2 + ((jpeg[4] & 255) << 8 | jpeg[5] & 255);
        out.write(jpeg, 2, jfif - 2);
        out.write(exif);
        out.write(jpeg, jfif, jpeg.length - jfif);
        return Files.write(folder.resolve("held-" + turn + ".jpg"), out.toByteArray());
    }

    @Test void aPhotographIsTurnedTheWayTheCameraWasHeld() throws IOException {
        // where the black quarter, upper left on the sensor, is seen: by the table of EXIF 2.3
        double[][] seen = {{0.2, 0.2}, {0.8, 0.2}, {0.8, 0.8}, {0.2, 0.8}, {0.2, 0.2}, {0.8, 0.2}, {0.8, 0.8}, {0.2, 0.8}};
        for (int turn = 1; turn <= 8; turn++) {
            Pixels p = pixels(read(held(turn), 1));
            assertThat(p.width()).as("turn " + turn).isEqualTo(turn < 5 ? 160 : 96);
            int dark = 0;
            for (double[] s : new double[][] {{0.2, 0.2}, {0.8, 0.2}, {0.2, 0.8}, {0.8, 0.8}}) if (isDark(p, s[0], s[1])) dark++;
            assertThat(dark).isEqualTo(1);
            assertThat(isDark(p, seen[turn - 1][0], seen[turn - 1][1])).as("turn " + turn).isTrue();
        }
    }

    @Test void dotsToTheInchGiveThePaper() throws IOException {
        Path f = folder.resolve("scan.png");
        ImageWriter w = ImageIO.getImageWritersByFormatName("png").next();
        IIOMetadata m = w.getDefaultImageMetadata(new ImageTypeSpecifier(image(10, 10, BufferedImage.TYPE_INT_RGB)), null);
        IIOMetadataNode root = new IIOMetadataNode("javax_imageio_png_1.0"), phys = new IIOMetadataNode("pHYs");
        phys.setAttribute("pixelsPerUnitXAxis", "11811");
        phys.setAttribute("pixelsPerUnitYAxis", "11811");
        phys.setAttribute("unitSpecifier", "meter");
        root.appendChild(phys);
        m.mergeTree("javax_imageio_png_1.0", root);
        try (ImageOutputStream out = ImageIO.createImageOutputStream(f.toFile())) {
            w.setOutput(out);
            w.write(null, new IIOImage(image(3000, 1500, BufferedImage.TYPE_BYTE_GRAY), null, m), null);
        }
        assertThat(read(f, 1).spaces().getFirst().paper().orElseThrow().width()).isCloseTo(3000 * 0.0254 / 300, within(1e-4));
        // the 72 that cameras write means nothing
        Path photo = folder.resolve("photo.jpg");
        ImageIO.write(image(300, 200, BufferedImage.TYPE_INT_RGB), "jpg", photo.toFile());
        assertThat(read(photo, 1).spaces().getFirst().paper()).isEmpty();
    }

    @Test void aLargeScanIsThinnedByMeansSoThatLinesFadeAndDoNotVanish() {
        Thinning.Rows rows = new Thinning.Rows(64, 64, 16 * 16);
        byte[] line = new byte[8];
        for (int y = 0; y < 64; y++) {
            // one black line, a pixel thin, in each picture of four
            for (int i = 0; i < 8; i++) line[i] = (byte) (y == 21 ? 0 : 0xff);
            rows.bits(line, false);
        }
        Pixels p = rows.end();
        assertThat(p.width()).isEqualTo(16);
        assertThat(p.at(3, 5) & 255).isEqualTo(255 * 3 / 4);
        assertThat(p.at(3, 4) & 255).isEqualTo(255);
    }

    @Test void whatHasNoDecoderIsNamed() throws IOException {
        Path f = Files.write(folder.resolve("scan.jp2"),
            new byte[] {0, 0, 0, 12, 'j', 'P', ' ', ' ', 13, 10, (byte) 0x87, 10, 0, 0, 0, 20});
        assertThatThrownBy(() -> read(f, 1)).isInstanceOf(Refused.class).hasMessageContaining("NO_DECODER")
            .hasMessageContaining("JPEG 2000");
    }

    @Test void aCutPictureIsRefused() throws IOException {
        Path f = folder.resolve("cut.png");
        ImageIO.write(image(200, 120, BufferedImage.TYPE_INT_RGB), "png", f.toFile());
        byte[] all = Files.readAllBytes(f);
        Files.write(f, Arrays.copyOf(all, 60));
        assertThatThrownBy(() -> read(f, 1)).isInstanceOf(Refused.class);
    }
}
