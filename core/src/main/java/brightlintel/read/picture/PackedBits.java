package brightlintel.read.picture;

import brightlintel.read.PictureRows;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.IndexColorModel;
import java.awt.image.MultiPixelPackedSampleModel;

/** Hands a decoded picture over row by row: black and white as the bits that it is held in, others as colours. */
public final class PackedBits {
    private PackedBits() { }

    public static void rows(BufferedImage image, PictureRows to) {
        int w = image.getWidth(), h = image.getHeight();
        if (isPacked(image)) {
            MultiPixelPackedSampleModel m = (MultiPixelPackedSampleModel) image.getRaster().getSampleModel();
            byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
            boolean inverted = (((IndexColorModel) image.getColorModel()).getRGB(1) & 255) < 128;
            byte[] line = new byte[m.getScanlineStride()];
            for (int y = 0; y < h; y++) {
                System.arraycopy(data, y * line.length, line, 0, line.length);
                to.bits(line, inverted);
            }
            return;
        }
        int[] line = new int[w];
        for (int y = 0; y < h; y++) to.row(image.getRGB(0, y, w, 1, line, 0, w));
    }

    /** Black and white, a bit each, from the beginning of a byte. */
    private static boolean isPacked(BufferedImage i) {
        if (!(i.getRaster().getSampleModel() instanceof MultiPixelPackedSampleModel m)) return false;
        if (!(i.getColorModel() instanceof IndexColorModel c)) return false;
        if (m.getPixelBitStride() != 1 || m.getDataBitOffset() != 0 || c.getMapSize() != 2 || c.hasAlpha()) return false;
        int a = c.getRGB(0) & 0xffffff, b = c.getRGB(1) & 0xffffff;
        boolean plain = i.getRaster().getSampleModelTranslateX() == 0 && i.getRaster().getSampleModelTranslateY() == 0
            && i.getRaster().getDataBuffer() instanceof DataBufferByte;
        return plain && (a == 0 && b == 0xffffff || a == 0xffffff && b == 0);
    }
}
