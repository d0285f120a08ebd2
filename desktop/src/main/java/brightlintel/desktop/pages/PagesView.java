package brightlintel.desktop.pages;

import brightlintel.desktop.docket.PageNames;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.frame.Later;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.PagesInHand;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Pixels;
import brightlintel.receive.PageGlance;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The pages of a file in hand, in place of the board. A click takes or leaves one. */
public final class PagesView extends BorderPane {
    /** What is dragged onto a storey's band begins so, and ends in its number. */
    public static final String DRAGGED = "part of a file: ";
    private static final double WIDE = 300, HIGH = 214, ALONE = 1.9;
    private final Workspace w;
    private final FlowPane all = new FlowPane(28, 22);
    private final Later later = new Later(this::build);
    private final Map<PageGlance, WritableImage> pictures = new HashMap<>();

    public PagesView(Workspace w) {
        this.w = w;
        setId("pages");
        getStyleClass().add("pages");
        ScrollPane scroll = new ScrollPane(all);
        scroll.getStyleClass().addAll("docket-scroll", "pages");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        all.setAlignment(Pos.TOP_CENTER);
        all.getStyleClass().add("pages-sheet");
        setCenter(scroll);
        w.listen(c -> {
            if (c == Change.PAGES || c == Change.STAGE || c == Change.FILE) later.run();
        });
        build();
    }

    private void build() {
        Optional<PagesInHand> p = w.pages().filter(_ -> w.stage() == Stage.RECEIVE);
        setVisible(p.isPresent());
        setManaged(p.isPresent());
        if (p.isEmpty()) {
            pictures.clear();
            all.getChildren().clear();
            setBottom(null);
            return;
        }
        all.getChildren().setAll(p.get().seen().stream().map(g -> page(p.get(), g)).toList());
        for (int i = p.get().seen().size(); i < p.get().count(); i++) all.getChildren().add(waiting(i + 1));
        setBottom(p.get().page(p.get().at()).flatMap(g -> ScalesBar.of(w, p.get(), g)).orElse(null));
    }

    private VBox waiting(int number) {
        StackPane sheet = new StackPane(Parts.label(Words.of("pages.waiting"), "faint"));
        sheet.getStyleClass().add("page-sheet");
        sheet.setPrefSize(WIDE, HIGH);
        return new VBox(6, sheet, Parts.label(Integer.toString(number), "faint"));
    }

    private VBox page(PagesInHand p, PageGlance g) {
        boolean ticked = p.ticked().contains(g.number());
        ImageView view = new ImageView(pictures.computeIfAbsent(g, PagesView::picture));
        view.setPreserveRatio(true);
        double wide = WIDE * (p.count() == 1 ? ALONE : 1), high = HIGH * (p.count() == 1 ? ALONE : 1);
        view.setFitWidth(wide - 12);
        view.setFitHeight(high - 12);
        StackPane sheet = new StackPane(view);
        sheet.setPrefSize(wide, high);
        sheet.setMinSize(wide, high);
        sheet.setMaxSize(wide, high);
        sheet.getStyleClass().add("page-sheet");
        if (p.at() == g.number()) sheet.getStyleClass().add("page-at");
        if (!ticked) view.setOpacity(0.45);
        if (g.isScan()) {
            Label scan = Parts.label(Words.of("pages.scan"), "page-note");
            StackPane.setAlignment(scan, Pos.BOTTOM_CENTER);
            sheet.getChildren().add(scan);
        }
        Label name = Parts.label(PageNames.of(g), ticked ? "page-name" : "faint");
        name.setWrapText(false);
        name.setMaxWidth(wide - 40);
        CheckBox box = new CheckBox();
        box.setId("page-tick-" + g.number());
        box.setSelected(ticked);
        box.setFocusTraversable(false);
        box.setOnAction(_ -> w.pages(w.pages().map(x -> x.tick(g.number(), !ticked))));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        VBox v = new VBox(6, sheet, new HBox(name, gap, box));
        v.setId("page-" + g.number());
        // the only one is taken or left as a whole: a click on it would only take the tick away
        sheet.setOnMouseClicked(_ -> w.pages(w.pages().map(x -> x.count() == 1 ? x : x.tick(g.number(), !ticked))));
        sheet.setOnDragDetected(e -> {
            ClipboardContent c = new ClipboardContent();
            c.putString(DRAGGED + g.number());
            sheet.startDragAndDrop(TransferMode.COPY).setContent(c);
            e.consume();
        });
        sheet.setAccessibleText(name.getText());
        return v;
    }

    private static WritableImage picture(PageGlance g) {
        Pixels p = g.small();
        WritableImage i = new WritableImage(p.width(), p.height());
        i.getPixelWriter().setPixels(0, 0, p.width(), p.height(), PixelFormat.getIntArgbInstance(), p.argb(), 0, p.width());
        return i;
    }
}
