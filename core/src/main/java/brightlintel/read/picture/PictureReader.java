package brightlintel.read.picture;

import brightlintel.drawing.Code;
import brightlintel.drawing.Colour;
import brightlintel.drawing.Companions;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Format;
import brightlintel.drawing.Header;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Location;
import brightlintel.drawing.Paper;
import brightlintel.drawing.Detail;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Style;
import brightlintel.drawing.Tables;
import brightlintel.geom.Vec3;
import brightlintel.read.HashedStream;
import brightlintel.read.PictureRows;
import brightlintel.read.Refused;
import brightlintel.read.Wanted;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.stream.ImageInputStream;

/**
 * Scans and photographs. One drawing unit is a pixel of the picture as it is meant to be seen, 0,0 its lower left corner; where it says how
 * many it has to the inch, that is its paper.
 */
public final class PictureReader {
    /** What is left of a large one, and what the decoder makes of it at once: 64 MB and at most 128. */
    private static final long KEPT = 16_000_000, DECODED = 32_000_000;
    /** Bytes of what is decoded at once: a faxed A1 of 600 dots to the inch takes 35 million. */
    private static final long AT_ONCE = 64_000_000, BAND = 32_000_000;
    private static final long LARGEST = 4_000_000_000L;
    private static final String LAYER = "pictures", NAME = "picture";

    private PictureReader() { }

    /** @param wanted which of a file of several */
    public static RawDrawing read(Path file, boolean hash, Wanted wanted, ReadLimits limits, Progress progress) throws IOException {
        progress.at(Progress.Stage.READING, 0, 0);
        String sha = hash ? sha256(file) : "";
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            ImageReader reader = reader(in, file);
            try {
                reader.setInput(in, false, false);
                int pages = Math.max(1, reader.getNumImages(true));
                if (wanted.page() > pages)
                    throw new Refused(Refused.Why.NO_SUCH_SPACE, file.getFileName(), new SpaceKey.Page(wanted.page()).name());
                return drawing(reader, wanted.page(), pages, sha);
            } finally {
                reader.dispose();
            }
        } catch (Refused e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            throw new Refused(Refused.Why.LOST, file.getFileName(), "the picture cannot be decoded");
        }
    }

    /** What a picture takes once it is decoded. */
    private static long bytes(ImageReader reader, int image, long pixels) throws IOException {
        Iterator<ImageTypeSpecifier> types = reader.getImageTypes(image);
        int bits = types.hasNext() ? types.next().getColorModel().getPixelSize() : 32;
        return pixels * Math.max(1, bits) / 8;
    }

    /** Reads it again, all of it, for whoever takes its rows. */
    public static void rows(Path file, Wanted wanted, PictureRows.Sink sink, Progress progress) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            ImageReader reader = reader(in, file);
            try {
                reader.setInput(in, false, true);
                int image = wanted.page() - 1, w = reader.getWidth(image), h = reader.getHeight(image);
                PictureRows rows = sink.rows(NAME, w, h);
                if (rows == null) return;
                long bytes = bytes(reader, image, (long) w * h);
                int band = bytes <= AT_ONCE ? h : (int) Math.clamp(BAND * h / bytes, 1, h);
                for (int y = 0; y < h; y += band) {
                    progress.at(Progress.Stage.READING, y, h);
                    ImageReadParam p = reader.getDefaultReadParam();
                    p.setSourceRegion(new Rectangle(0, y, w, Math.min(band, h - y)));
                    PackedBits.rows(reader.read(image, p), rows);
                }
            } finally {
                reader.dispose();
            }
        } catch (RuntimeException e) {
            throw new IOException(e);
        }
    }

    /** How many pictures there are in a file. */
    public static int count(Path file) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            ImageReader reader = reader(in, file);
            try {
                reader.setInput(in, false, false);
                return Math.max(1, reader.getNumImages(true));
            } catch (IOException | RuntimeException e) {
                return 1;
            } finally {
                reader.dispose();
            }
        }
    }

    private static ImageReader reader(ImageInputStream in, Path file) throws IOException {
        Iterator<ImageReader> readers = in == null ? Collections.emptyIterator() : ImageIO.getImageReaders(in);
        if (!readers.hasNext()) throw new Refused(Refused.Why.NO_DECODER, file.getFileName(), kind(file));
        return readers.next();
    }

    private static String kind(Path file) {
        String n = file.getFileName().toString();
        return n.matches("(?i).*[.](jp2|j2k|jpx|jpf)") ? "JPEG 2000" : n.substring(n.lastIndexOf('.') + 1);
    }

    private static String sha256(Path file) throws IOException {
        try (HashedStream in = new HashedStream(file, true)) {
            return in.sha256Hex();
        }
    }

    private static RawDrawing drawing(ImageReader reader, int page, int pages, String sha) throws IOException {
        Report.Builder report = new Report.Builder();
        Location at = new Location.Page(page, 0);
        int w = reader.getWidth(page - 1), h = reader.getHeight(page - 1);
        long all = (long) w * h;
        if (all > LARGEST) throw new Refused(Refused.Why.LOST, NAME, w + " x " + h);
        Facts facts = Facts.of(reader, page - 1);
        ImageReadParam p = reader.getDefaultReadParam();
        int step = (int) Math.ceil(Math.sqrt((double) all / DECODED));
        if (step > 1 && bytes(reader, page - 1, all) > AT_ONCE) p.setSourceSubsampling(step, step, 0, 0);
        BufferedImage image = reader.read(page - 1, p);
        Pixels pixels = facts.turned(Thinning.of(image, KEPT));
        // squares of the full size lie as the file has them: a picture that is turned has none
        if (facts.turn() == 1 && (long) pixels.width() * pixels.height() < all) pixels = pixels.with(new Detail.Thinned(w, h));
        else pixels = new Pixels(pixels.width(), pixels.height(), pixels.argb());
        if ((long) pixels.width() * pixels.height() < all) report.say(Code.PICTURE_THINNED, at, w, h, pixels.width(), pixels.height());
        report.say(Code.NOTHING_TO_SNAP_TO, at);
        double width = facts.swapped() ? h : w, height = facts.swapped() ? w : h;
        Layer layer = Layer.plain(LAYER, Colour.PLAIN);
        Entity.Picture e = new Entity.Picture(new EntityKey("", 0), Style.on(LAYER), Vec3.UP, Vec3.ZERO, new Vec3(1, 0, 0),
            new Vec3(0, 1, 0), width,
            height, NAME);
        Optional<Paper> paper = facts.metresPerPixel().map(m -> new Paper(width * m, height * m, m));
        return new RawDrawing(sha, Format.PICTURE, reader.getFormatName().toUpperCase(Locale.ROOT),
            new Header(Map.of("$PAGES", Integer.toString(pages), "$PAGEPICTURES", "1")), List.of(layer), Tables.NONE,
            List.of(new Space(new SpaceKey.Page(page), paper, List.of(e))), Map.of(),
            new Companions(Map.of(), Map.of(NAME, pixels), List.of()),
            report.build());
    }
}
