package brightlintel.desktop.frame;

import brightlintel.paint.Raster;
import java.nio.IntBuffer;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** One image over a picture that we paint ourselves; made anew when its size changes. */
public final class PictureView extends ImageView {
    private Raster raster;
    private PixelBuffer<IntBuffer> buffer;

    public PictureView() {
        setMouseTransparent(true);
    }

    /** @return whether the size is another, so that there is a new and empty picture */
    public boolean resizeTo(double w, double h) {
        int width = (int) Math.max(1, w), height = (int) Math.max(1, h);
        if (raster != null && raster.width == width && raster.height == height) return false;
        IntBuffer ints = IntBuffer.allocate(width * height);
        raster = new Raster(width, height, ints.array());
        buffer = new PixelBuffer<>(width, height, ints, PixelFormat.getIntArgbPreInstance());
        setImage(new WritableImage(buffer));
        return true;
    }

    /** null before the first size is known. */
    public Raster raster() {
        return raster;
    }

    /** Shows what was painted. */
    public void publish() {
        buffer.updateBuffer(_ -> null);
    }
}
