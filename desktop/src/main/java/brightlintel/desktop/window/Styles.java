package brightlintel.desktop.window;

import brightlintel.paint.Brush;
import brightlintel.paint.Fonts;
import brightlintel.paint.Palette;
import brightlintel.paint.Raster;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.text.Font;

/** Fonts, style sheet and icon. */
public final class Styles {
    private Styles() { }

    public static void apply(Scene scene) {
        for (Fonts.Weight w : Fonts.Weight.values()) {
            try (InputStream in = Fonts.open(Fonts.file(w))) {
                Font.loadFont(in, 13);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        scene.getStylesheets().add(Styles.class.getResource("bright-lintel.css").toExternalForm());
    }

    public static Image windowIcon() {
        Raster r = new Raster(64, 64);
        Palette p = Palette.LIGHT;
        r.clear(p.paper());
        Brush b = new Brush(r);
        b.rect(6, 12, 52, 12, p.brass());
        b.rect(13, 24, 5, 30, p.ink());
        b.rect(46, 24, 5, 30, p.ink());
        b.rect(13, 51, 38, 5, p.ink());
        WritableImage i = new WritableImage(64, 64);
        i.getPixelWriter().setPixels(0, 0, 64, 64, PixelFormat.getIntArgbInstance(), r.pixels, 0, 64);
        return i;
    }
}
