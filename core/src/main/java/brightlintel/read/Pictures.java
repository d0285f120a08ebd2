package brightlintel.read;

import brightlintel.drawing.Pixels;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Decodes pictures; large ones are thinned while they are read. */
final class Pictures {
    private static final long MOST_PIXELS = 4_000_000;

    private Pictures() { }

    static Pixels read(Path file) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) throw new IOException(file.getFileName() + " is no picture that is read here");
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                ImageReadParam p = reader.getDefaultReadParam();
                int step = (int) Math.ceil(Math.sqrt((double) reader.getWidth(0) * reader.getHeight(0) / MOST_PIXELS));
                if (step > 1) p.setSourceSubsampling(step, step, 0, 0);
                BufferedImage image = reader.read(0, p);
                return new Pixels(image.getWidth(), image.getHeight(),
                    image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth()));
            } finally {
                reader.dispose();
            }
        }
    }

    static String sha256(Path file) throws IOException {
        try (HashedStream in = new HashedStream(file, true)) {
            return in.sha256Hex();
        }
    }
}
