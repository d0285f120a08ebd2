package brightlintel.desktop.board;

import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.frame.Later;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Compared;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.paint.Raster;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Two small pictures over a corner of the board, each over its ruler: as the drawing lies, and as it was found to be. */
public final class BeforeAfter extends StackPane {
    private static final double LEAST = 620;
    private final Workspace w;
    private final Later later = new Later(this::build);
    private Optional<Compared.Two> shown = Optional.empty();

    public BeforeAfter(Workspace w) {
        this.w = w;
        setPickOnBounds(false);
        setId("before-after");
        // over a small board they would hide what they are about
        visibleProperty().bind(widthProperty().greaterThan(LEAST));
        w.listen(c -> {
            if (c == Change.EVIDENCE || c == Change.PROJECT || c == Change.STAGE || c == Change.DRAWING || c == Change.STOREY
                || c == Change.LOOK
                || c == Change.FILE) later.run();
        });
    }

    private void build() {
        Optional<Compared.Two> now = w.compared().now();
        if (now.equals(shown)) return;
        shown = now;
        if (now.isEmpty()) {
            getChildren().clear();
            return;
        }
        Button off = Parts.button("×", "before-after-off", () -> w.compared().want(false));
        off.getStyleClass().add("tiny");
        off.setAccessibleText(Words.of("compare.off"));
        HBox two = new HBox(10, picture("compare.before", now.get().sizeBefore(), now.get().before(), "look"),
            picture("compare.after", now.get().sizeAfter(), now.get().after(), "ok"), off);
        two.getStyleClass().add("compare");
        two.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(two, Pos.BOTTOM_RIGHT);
        getChildren().setAll(two);
    }

    private static VBox picture(String key, String size, Raster r, String style) {
        WritableImage i = new WritableImage(r.width, r.height);
        i.getPixelWriter().setPixels(0, 0, r.width, r.height, PixelFormat.getIntArgbInstance(), r.pixels, 0, r.width);
        ImageView view = new ImageView(i);
        StackPane frame = new StackPane(view);
        frame.getStyleClass().addAll("compare-picture", style);
        return new VBox(4, Parts.line(Parts.right(Words.of(key), "heading"), Parts.right(size, "quiet")), frame);
    }
}
