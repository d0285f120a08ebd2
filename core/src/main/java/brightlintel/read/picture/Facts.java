package brightlintel.read.picture;

import brightlintel.drawing.Pixels;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Optional;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/**
 * What a picture says of itself beside its pixels.
 *
 * @param turn           1 to 8 as cameras and scanners note it (EXIF 2.3, tag 0x0112): which way is up; 1 as it lies
 * @param metresPerPixel on paper, where it says so
 */
record Facts(int turn, Optional<Double> metresPerPixel) {
    private static final Facts NONE = new Facts(1, Optional.empty());
    private static final int ORIENTATION = 0x0112;
    /** A picture of fewer dots to the inch than this is of a screen; of more, of nothing that is scanned. */
    private static final double FEWEST = 30, MOST = 10_000, INCH = 0.0254;
    /** What cameras write when they mean nothing: 72 to the inch. */
    private static final double SCREEN = 72;

    static Facts of(ImageReader reader, int image) {
        try {
            IIOMetadata m = reader.getImageMetadata(image);
            return m == null ? NONE : new Facts(turn(m), density(m));
        } catch (IOException | RuntimeException e) {
            return NONE;
        }
    }

    boolean swapped() {
        return turn >= 5;
    }

    private static Optional<Double> density(IIOMetadata m) {
        if (!m.isStandardMetadataFormatSupported()) return Optional.empty();
        NodeList size = ((Element) m.getAsTree("javax_imageio_1.0")).getElementsByTagName("HorizontalPixelSize");
        if (size.getLength() == 0) return Optional.empty();
        double mm = Double.parseDouble(((Element) size.item(0)).getAttribute("value")), perInch = 25.4 / mm;
        boolean said = perInch >= FEWEST && perInch <= MOST && Math.abs(perInch - SCREEN) > 0.5;
        return said ? Optional.of(INCH / perInch) : Optional.empty();
    }

    private static int turn(IIOMetadata m) {
        for (String format : new String[] {"javax_imageio_jpeg_image_1.0", "javax_imageio_tiff_image_1.0"}) {
            if (!format.equals(m.getNativeMetadataFormatName())) continue;
            Node root = m.getAsTree(format);
            int found = format.contains("jpeg") ? ofJpeg((Element) root) : ofTiff((Element) root);
            if (found >= 1 && found <= 8) return found;
        }
        return 1;
    }

    private static int ofTiff(Element root) {
        NodeList fields = root.getElementsByTagName("TIFFField");
        for (int i = 0; i < fields.getLength(); i++) {
            Element f = (Element) fields.item(i);
            if (!f.getAttribute("number").equals(Integer.toString(ORIENTATION))) continue;
            NodeList v = f.getElementsByTagName("TIFFShort");
            if (v.getLength() > 0) return Integer.parseInt(((Element) v.item(0)).getAttribute("value"));
        }
        return 1;
    }

    private static int ofJpeg(Element root) {
        NodeList unknown = root.getElementsByTagName("unknown");
        for (int i = 0; i < unknown.getLength(); i++)
            if (unknown.item(i) instanceof IIOMetadataNode n && n.getUserObject() instanceof byte[] b && b.length > 14 && b[0] == 'E'
                && b[1] == 'x'
                && b[2] == 'i' && b[3] == 'f') return ofExif(b);
        return 1;
    }

    /** A small file within the file, in the order of bytes that it names first. */
    static int ofExif(byte[] b) {
        ByteBuffer t = ByteBuffer.wrap(b, 6, b.length - 6).slice();
        if (t.remaining() < 8) return 1;
        t.order(t.get(0) == 'M' ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN);
        long at = t.getInt(4) & 0xffffffffL;
        if (at + 2 > t.limit()) return 1;
        int n = t.getShort((int) at) & 0xffff;
        for (int i = 0; i < n; i++) {
            long e = at + 2 + 12L * i;
            if (e + 12 > t.limit()) return 1;
            if ((t.getShort((int) e) & 0xffff) == ORIENTATION) return t.getShort((int) e + 8) & 0xffff;
        }
        return 1;
    }

    /** As it is meant to be seen. */
    Pixels turned(Pixels p) {
        if (turn == 1) return p;
        int w = swapped() ? p.height() : p.width(), h = swapped() ? p.width() : p.height();
        int[] out = new int[w * h];
        for (int y = 0; y < h; y++)
            for (int x = 0; x < w; x++) {
                int sx = switch (turn) {
                    case 2, 3 -> w - 1 - x;
                    case 5, 8 -> turn == 5 ? y : h - 1 - y;
                    case 6, 7 -> turn == 6 ? y : h - 1 - y;
                    default -> x;
                };
                int sy = switch (turn) {
                    case 3, 4 -> h - 1 - y;
                    case 5, 8 -> x;
                    case 6, 7 -> w - 1 - x;
                    default -> y;
                };
                out[y * w + x] = p.at(sx, sy);
            }
        return new Pixels(w, h, out);
    }
}
