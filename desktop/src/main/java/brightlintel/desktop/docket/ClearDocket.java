package brightlintel.desktop.docket;

import brightlintel.building.Cast;
import brightlintel.building.UnderlayId;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Clearings;
import brightlintel.lengths.LengthFormat;
import brightlintel.place.PlacedDrawing;
import brightlintel.select.Alike;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import javafx.util.StringConverter;

/** What of it is building? Keeps what was searched and how it is ordered. */
final class ClearDocket {
    private static final int LEAST_SEARCHED = 2;
    private static final String OPEN_EYE = "M1 7c3-5 13-5 16 0-3 5-13 5-16 0z M6.8 7a2.2 2.2 0 1 0 4.4 0a2.2 2.2 0 1 0-4.4 0";
    private static final String SHUT_EYE = "M1 6c3 5 13 5 16 0M4 9l-1.5 2.5M9 10v3M14 9l1.5 2.5";
    private final Workspace w;
    private final Commands commands;
    private final ListView<LayerListState.Row> list = new ListView<>();
    private final TextField search = new TextField();
    private final ComboBox<LayerListState.Order> order = new ComboBox<>();
    private final Label value = new Label();
    private final Label of = Parts.label("", "quiet");
    private final CheckBox muted = new CheckBox(Words.of("clear.muted"));
    private final Button back, invert, crop, hide;
    private final Node whole;
    private final Label hidden = Parts.label("", "quiet");
    private final VBox which = new VBox();
    private final VBox roles = new VBox(4);
    private final VBox repair = new VBox(), named = new VBox();
    private Map<String, Cast> casts = Map.of();

    ClearDocket(Workspace w, Commands commands) {
        this.w = w;
        this.commands = commands;
        list.setId("layers");
        list.getStyleClass().add("layers");
        list.setFocusTraversable(true);
        list.setCellFactory(_ -> new Cell());
        list.setOnKeyPressed(e -> {
            LayerListState.Row r = list.getSelectionModel().getSelectedItem();
            if (r != null && e.getCode() == KeyCode.SPACE) toggle(r);
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        list.setMinHeight(92);
        search.setId("layer-search");
        search.textProperty().addListener((_, _, _) -> refresh());
        order.setId("layer-order");
        order.getItems().addAll(LayerListState.Order.values());
        order.setValue(LayerListState.Order.NAME);
        order.setConverter(new StringConverter<>() {
            @Override public String toString(LayerListState.Order o) {
                return o == null ? "" : Words.of("layers.order." + o.name());
            }

            @Override public LayerListState.Order fromString(String s) {
                return null;
            }
        });
        order.valueProperty().addListener((_, _, _) -> refresh());
        value.getStyleClass().add("value");
        back = Parts.button(w, commands.get("layers-back"), false);
        invert = Parts.button(w, commands.get("layers-invert"), false);
        crop = Parts.button(w, commands.get("crop"), false);
        hide = Parts.button(w, commands.get("hide-outline"), false);
        whole = whole();
    }

    private Node whole() {
        muted.setId("muted");
        muted.setOnAction(_ -> commands.get("muted").fire(w));
        HBox head = new HBox(6, search, order);
        HBox.setHgrow(search, Priority.ALWAYS);
        head.getStyleClass().add("row");
        VBox layers = new VBox(6, head, named, list);
        layers.getStyleClass().add("layer-part");
        VBox.setVgrow(layers, Priority.ALWAYS);
        VBox title = new VBox(Parts.label(Words.of("stage.clear"), "title"), of);
        title.getStyleClass().add("docket-head");
        return Parts.docket(title, which, Parts.decision(Words.of("clear.building"), null, true, Parts.line(value, back), hidden,
            roles, Parts.row(invert, crop, hide), muted), layers, repair);
    }

    /** The same nodes each time, so that the search field keeps its focus and the list its place. */
    Node build() {
        Optional<PlacedDrawing> d = w.drawing();
        if (d.isEmpty())
            return Parts.docket(Parts.head(Words.of("stage.clear"), Words.of("clear.question")),
                Parts.decision(Words.of("waits.title"), null, true,
            Parts.label(Words.of("clear.waits"), "quiet"), Parts.row(Parts.button(w, commands.get("open"), true))));
        String name = w.project().source(d.get().underlay().file()).map(x -> x.name()).orElse("");
        which.getChildren().setAll(Stream.concat(Stream.ofNullable(Laid.choice(w)), SheetPart.build(w, commands,
            d.get()).stream()).toList());
        of.setText(Words.of("clear.of", name, w.storey().name()));
        search.setPromptText(Words.of("layers.find", d.get().strokes().layers().size()));
        muted.setSelected(w.looks().muted());
        refresh();
        return whole;
    }

    private void refresh() {
        w.drawing().ifPresent(d -> {
            RolesPart part = new RolesPart(w, commands, d);
            roles.getChildren().setAll(part.rows());
            roles.getChildren().addAll(AsidePart.rows(w, d));
            named(d);
            casts = part.ofLayers();
            repair.getChildren().setAll(RepairPart.build(w, commands, d));
            LayerListState s = LayerListState.of(d, search.getText(), order.getValue());
            value.setText(Words.of("clear.stay", LengthFormat.grouped(s.strokesShown()), LengthFormat.grouped(s.strokes())));
            back.setDisable(d.underlay().clearing().equals(d.underlay().clearing().allBack()));
            invert.setDisable(false);
            crop.setDisable(false);
            hide.setDisable(false);
            hidden.setText(s.shown() == s.all() ? Words.of("clear.none-hidden") : Words.count("clear.hidden", s.all() - s.shown()));
            int top = list.getSelectionModel().getSelectedIndex();
            list.getItems().setAll(s.rows());
            list.getSelectionModel().select(top);
        });
    }

    /** Texts and blocks that are called as what is searched for: lit, and picked by a button. */
    private void named(PlacedDrawing d) {
        Alike.Named n = search.getText().strip().length() < LEAST_SEARCHED ? Alike.named(d, "") : Alike.named(d, search.getText());
        w.onBoard().light(n.picked());
        named.getChildren().clear();
        if (n.picked().isEmpty()) return;
        named.getChildren().add(Parts.line(Parts.label(Words.of("layers.named", n.texts(), n.blocks().size()), "quiet"),
            Parts.button(Words.of("layers.pick"), "pick-named", () -> w.onBoard().pick((x, there) ->
                x.underlay().id().equals(d.underlay().id()) ? n.picked() : there))));
    }

    private void toggle(LayerListState.Row r) {
        w.underlay().ifPresent(u -> w.apply(r.shown() ? Clearings.hide(u.id(), r.layer()) : Clearings.show(u.id(), r.layer())));
    }

    private final class Cell extends ListCell<LayerListState.Row> {
        private final SVGPath eye = new SVGPath();
        private final Label name = new Label();
        private final Label count = new Label();
        private final Label alone = new Label(Words.of("layers.alone"));
        private final Label role = new Label();
        private final HBox box = new HBox(8, eye, name, alone, role, count);

        Cell() {
            // as wide as the list, however long a name is: the counts stay in sight
            setPrefWidth(0);
            eye.getStyleClass().add("eye");
            name.setMaxWidth(Double.MAX_VALUE);
            name.setMinWidth(0);
            HBox.setHgrow(name, Priority.ALWAYS);
            role.getStyleClass().addAll("quiet", "layer-role");
            role.setMinWidth(Region.USE_PREF_SIZE);
            role.setOnMouseClicked(e -> {
                w.underlay().ifPresent(u -> RolesPart.choose(w, u.id(), getItem().layer()).show(role, e.getScreenX(), e.getScreenY()));
                e.consume();
            });
            count.getStyleClass().addAll("quiet", "count");
            count.setMinWidth(52);
            count.setAlignment(Pos.CENTER_RIGHT);
            alone.getStyleClass().add("link");
            alone.setMinWidth(Region.USE_PREF_SIZE);
            alone.visibleProperty().bind(hoverProperty());
            alone.managedProperty().bind(hoverProperty());
            name.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
            alone.setOnMouseClicked(e -> {
                UnderlayId u = w.underlay().orElseThrow().id();
                w.apply(Clearings.alone(u, getItem().layer(), Commands.layers(w)));
                e.consume();
            });
            box.setAlignment(Pos.CENTER_LEFT);
            box.setOnMouseClicked(e -> {
                if (getItem() != null && !e.isConsumed()) toggle(getItem());
            });
            hoverProperty().addListener((_, _, on) -> w.looks(w.looks().withLit(on && getItem() != null ? getItem().layer() : "")));
        }

        @Override protected void updateItem(LayerListState.Row r, boolean none) {
            super.updateItem(r, none);
            if (none || r == null) {
                setGraphic(null);
                return;
            }
            eye.setContent(r.shown() ? OPEN_EYE : SHUT_EYE);
            name.setText(r.layer());
            name.setId("layer-" + r.layer().replaceAll("[^A-Za-z0-9]+", "-"));
            count.setText(LengthFormat.grouped(r.strokes()));
            Cast cast = RolesPart.of(casts, r.layer());
            role.setText(cast == null ? "–" : RolesPart.word(cast.role().value()));
            role.setId("layer-role-" + r.layer().replaceAll("[^A-Za-z0-9]+", "-"));
            role.setTooltip(new Tooltip(cast == null ? Words.of("roles.several") : RolesPart.words(cast)));
            box.getStyleClass().setAll(r.shown() ? "layer-on" : "layer-off");
            setAccessibleText(Words.of(r.shown() ? "layers.shown" : "layers.hidden", r.layer(), r.strokes()));
            setGraphic(box);
        }
    }
}
