package brightlintel.read.pdf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Detail;
import brightlintel.drawing.Pixels;
import brightlintel.read.PictureRows;
import brightlintel.drawing.Report;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.read.picture.PackedBits;
import brightlintel.read.picture.Thinning;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/** Pictures of a page, decoded once each; large ones are thinned while they are decoded. */
final class PageImages {
    /** Pixels of all pictures of a page together: 64 MB. */
    private static final long MOST = 16_000_000;
    /** Told to the decoder: what it unpacks at once. */
    private static final long DECODED = 16_000_000, LARGEST = 2_000_000_000L, WHOLE = 60_000_000;
    private final int page;
    private final Report.Builder report;
    /** Who wants them at full size too; null for nobody. */
    private final PictureRows.Sink sink;
    private final Map<COSBase, Map<Integer, String>> names = new IdentityHashMap<>();
    private final Map<String, Pixels> pixels = new LinkedHashMap<>();
    private final Set<String> used = new HashSet<>();
    private long room = MOST;
    private int count;

    PageImages(int page, Report.Builder report, PictureRows.Sink sink) {
        this.sink = sink;
        this.page = page;
        this.report = report;
    }

    /** Those that are shown. */
    Map<String, Pixels> pixels() {
        pixels.keySet().retainAll(used);
        return pixels;
    }

    int count() {
        return count;
    }

    /** A rectangle of a picture's own pixels, counted from its lower left corner. */
    record Part(int left, int below, int width, int height) {
        private static final double SLANTED = 1e-6;

        static Part seen(Point at, Point u, Point v, Box clip, int w, int h) {
            boolean upright = Math.abs(u.y()) <= SLANTED * u.length() && Math.abs(v.x()) <= SLANTED * v.length() && u.x() != 0
                && v.y() != 0;
            if (!upright) return new Part(0, 0, w, h);
            double a = (clip.minX() - at.x()) / u.x(), b = (clip.maxX() - at.x()) / u.x(), c = (clip.minY() - at.y()) / v.y(),
                d = (clip.maxY() - at.y()) / v.y();
            int x0 = Math.clamp((long) Math.floor(Math.min(a, b) * w), 0, w - 1),
                x1 = Math.clamp((long) Math.ceil(Math.max(a, b) * w), x0 + 1, w);
            int y0 = Math.clamp((long) Math.floor(Math.min(c, d) * h), 0, h - 1),
                y1 = Math.clamp((long) Math.ceil(Math.max(c, d) * h), y0 + 1, h);
            return new Part(x0, y0, x1 - x0, y1 - y0);
        }

        boolean isAll(int w, int h) {
            return width == w && height == h;
        }
    }

    /** The same, cut. @return the name of the part */
    String take(PDImage image, int tint, Part part) {
        String whole = take(image, tint);
        Pixels p = pixels.get(whole);
        if (p == null || part.isAll(image.getWidth(), image.getHeight())) {
            if (p != null) used.add(whole);
            return whole;
        }
        String name = whole + " at " + part.left + "," + part.below + " " + part.width + "x" + part.height;
        pixels.computeIfAbsent(name, _ -> cut(p, part, p.width() / (double) image.getWidth(), p.height() / (double) image.getHeight()));
        used.add(name);
        return name;
    }

    private static Pixels cut(Pixels p, Part part, double kx, double ky) {
        int x = (int) (part.left * kx), w = Math.clamp((long) Math.ceil(part.width * kx), 1, p.width() - x);
        int h = Math.clamp((long) Math.ceil(part.height * ky), 1, p.height()),
            y = Math.clamp(p.height() - (long) (part.below * ky) - h, 0, p.height() - h);
        int[] out = new int[w * h];
        for (int row = 0; row < h; row++) System.arraycopy(p.argb(), (y + row) * p.width() + x, out, row * w, w);
        return new Pixels(w, h, out);
    }

    /** @param tint of a stencil: the colour it lets through; @return the name under which its pixels are, if it could be decoded */
    private String take(PDImage image, int tint) {
        count++;
        String known = names.computeIfAbsent(image.getCOSObject(), _ -> new HashMap<>()).get(tint);
        if (known != null) return known;
        String name = "page " + page + " picture " + (pixels.size() + 1);
        names.get(image.getCOSObject()).put(tint, name);
        Location at = new Location.Page(page, 0);
        try {
            long all = (long) image.getWidth() * image.getHeight();
            if (all > LARGEST || room < 1) {
                report.say(Code.PICTURE_TOO_LARGE, at, image.getWidth(), image.getHeight());
                return name;
            }
            PictureRows full = sink == null ? null : sink.rows(name, image.getWidth(), image.getHeight());
            Pixels p = isBilevel(image) ? bilevel(image, full) : sampled(image, all, tint, full);
            if ((long) p.width() * p.height() < all)
                report.say(Code.PICTURE_THINNED, at, image.getWidth(), image.getHeight(), p.width(), p.height());
            room -= (long) p.width() * p.height();
            pixels.put(name, p);
        } catch (IOException | RuntimeException e) {
            report.say(Code.PICTURE_NOT_DECODED, at, filter(image));
        }
        return name;
    }

    private static String filter(PDImage image) {
        COSBase f = image.getCOSObject() instanceof COSDictionary d
            ? d.getDictionaryObject(COSName.FILTER, COSName.F) : null;
        COSBase last = f instanceof COSArray a && a.size() > 0 ? a.getObject(a.size() - 1) : f;
        String name = last instanceof COSName n ? n.getName() : "";
        return switch (name) {
            case "JPXDecode" -> "JPEG 2000";
            case "JBIG2Decode" -> "JBIG2";
            case "DCTDecode" -> "JPEG";
            case "" -> "raw";
            default -> name;
        };
    }

    private Pixels sampled(PDImage image, long all, int tint, PictureRows full) throws IOException {
        if (image.isStencil()) {
            BufferedImage s = image.getStencilImage(new Color(tint));
            return Thinning.of(s, room);
        }
        int step = (int) Math.ceil(Math.sqrt((double) all / DECODED));
        // the library decodes the whole at once: a full size that would fill the memory is not offered
        boolean whole = all <= WHOLE;
        if (full != null && whole) PackedBits.rows(image.getImage(), full);
        Pixels p = Thinning.of(step > 1 ? image.getImage(null, step) : image.getImage(), room);
        boolean less = (long) p.width() * p.height() < all;
        if (!less || !whole) return new Pixels(p.width(), p.height(), p.argb());
        return p.with(new Detail.Thinned(image.getWidth(), image.getHeight()));
    }

    private static boolean isBilevel(PDImage image) throws IOException {
        List<String> filters = image.getSuffix() == null ? List.of() : List.of(image.getSuffix());
        return !image.isStencil() && image.getBitsPerComponent() == 1 && !filters.contains("jpx")
            && image.getColorSpace() instanceof PDDeviceGray;
    }

    /** Black and white is the most of all scans: read row by row, so that a large one needs no more than what is left of it. */
    private Pixels bilevel(PDImage image, PictureRows full) throws IOException {
        int w = image.getWidth(), h = image.getHeight(), stride = (w + 7) / 8;
        COSArray decode = image.getDecode();
        boolean inverted = decode != null && decode.size() > 0 && decode.getObject(0) instanceof COSNumber n && n.floatValue() > 0.5;
        Thinning.Rows rows = new Thinning.Rows(w, h, room);
        byte[] line = new byte[stride];
        try (InputStream in = image.createInputStream()) {
            for (int y = 0; y < h; y++) {
                if (in.readNBytes(line, 0, stride) < stride) break;
                rows.bits(line, inverted);
                if (full != null) full.bits(line, inverted);
            }
        }
        return rows.end();
    }
}
