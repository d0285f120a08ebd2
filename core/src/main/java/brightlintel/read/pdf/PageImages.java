package brightlintel.read.pdf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.Report;
import brightlintel.read.picture.Thinning;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
    private static final long DECODED = 16_000_000, LARGEST = 2_000_000_000L;
    private final int page;
    private final Report.Builder report;
    private final Map<COSBase, Map<Integer, String>> names = new IdentityHashMap<>();
    private final Map<String, Pixels> pixels = new LinkedHashMap<>();
    private long room = MOST;
    private int count;

    PageImages(int page, Report.Builder report) {
        this.page = page;
        this.report = report;
    }

    Map<String, Pixels> pixels() {
        return pixels;
    }

    int count() {
        return count;
    }

    /** @param tint of a stencil: the colour it lets through; @return the name under which its pixels are, if it could be decoded */
    String take(PDImage image, int tint) {
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
            Pixels p = isBilevel(image) ? bilevel(image) : sampled(image, all, tint);
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

    private Pixels sampled(PDImage image, long all, int tint) throws IOException {
        if (image.isStencil()) {
            BufferedImage s = image.getStencilImage(new Color(tint));
            return Thinning.of(s, room);
        }
        int step = (int) Math.ceil(Math.sqrt((double) all / DECODED));
        return Thinning.of(step > 1 ? image.getImage(null, step) : image.getImage(), room);
    }

    private static boolean isBilevel(PDImage image) throws IOException {
        List<String> filters = image.getSuffix() == null ? List.of() : List.of(image.getSuffix());
        return !image.isStencil() && image.getBitsPerComponent() == 1 && !filters.contains("jpx")
            && image.getColorSpace() instanceof PDDeviceGray;
    }

    /** Black and white is the most of all scans: read row by row, so that a large one needs no more than what is left of it. */
    private Pixels bilevel(PDImage image) throws IOException {
        int w = image.getWidth(), h = image.getHeight(), stride = (w + 7) / 8;
        COSArray decode = image.getDecode();
        boolean inverted = decode != null && decode.size() > 0 && decode.getObject(0) instanceof COSNumber n && n.floatValue() > 0.5;
        Thinning.Rows rows = new Thinning.Rows(w, h, room);
        byte[] line = new byte[stride];
        try (InputStream in = image.createInputStream()) {
            for (int y = 0; y < h; y++) {
                if (in.readNBytes(line, 0, stride) < stride) break;
                rows.bits(line, inverted);
            }
        }
        return rows.end();
    }
}
