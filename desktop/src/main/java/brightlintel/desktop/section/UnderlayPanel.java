package brightlintel.desktop.section;

import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Names;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Echo;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Appearing;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.Slider;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.shape.SVGPath;
import javafx.util.StringConverter;

/** What lies under the model: each drawing of the storey with its strength, the echo of another storey, the model alone. */
final class UnderlayPanel {
    private static final String LOCK = "M3.5 6V4a2.5 2.5 0 0 1 5 0v2M2 6h8v6H2z";
    private static long gestures;
    private final Workspace w;
    private final Commands commands;
    private final List<Node> out;

    UnderlayPanel(Workspace w, Commands commands, List<Node> out) {
        this.w = w;
        this.commands = commands;
        this.out = out;
    }

    void build() {
        List<Underlay> all = w.project().underlaysOf(w.storeyId()).reversed();
        Optional<Storey> meant = w.looks().echo().meant(w.project(), w.storeyId());
        if (all.isEmpty() && meant.isEmpty()) return;
        out.add(Parts.label(Words.of("underlays.title"), "side-title"));
        for (Underlay u : all) out.add(row(u));
        meant.ifPresent(s -> out.add(echo(s)));
        if (!all.isEmpty()) {
            CheckBox alone = Parts.check(Words.of("command.model-alone"), "model-alone", w.looks().modelAlone(),
                () -> commands.get("model-alone").fire(w));
            HBox row = Parts.line(alone, Parts.right(commands.get("model-alone").keyText(), "kbd"));
            row.getStyleClass().add("check-row");
            out.add(row);
        }
    }

    private HBox row(Underlay u) {
        String name = Names.of(w, u);
        CheckBox shown = Parts.check(name, "shown-" + u.id().value(), u.appearance().shown(), () -> w.apply(Appearing.change(
            u.appearance().shown() ? "edit.underlay-off" : "edit.underlay-on", u.id(), a -> a.withShown(!a.shown()))));
        shown.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        shown.setMnemonicParsing(false);
        shown.setTooltip(new Tooltip(name));
        shown.setMinWidth(0);
        shown.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(shown, Priority.ALWAYS);
        HBox h = Parts.beside(shown);
        if (u.locked()) {
            SVGPath lock = new SVGPath();
            lock.setContent(LOCK);
            lock.getStyleClass().add("eye");
            Label sign = new Label("", lock);
            sign.setTooltip(new Tooltip(Words.of("underlays.locked")));
            sign.setAccessibleText(Words.of("underlays.locked"));
            sign.setMinWidth(Region.USE_PREF_SIZE);
            h.getChildren().add(sign);
        }
        h.getChildren().add(strength(u));
        h.getStyleClass().add("underlay-row");
        return h;
    }

    /** Left is gone, right is full. What one drag makes of it is one step. */
    private Slider strength(Underlay u) {
        Slider s = new Slider(0, 1, 1 - u.appearance().fade());
        s.setId("strength-" + u.id().value());
        s.setBlockIncrement(0.1);
        s.setPrefWidth(64);
        s.setMinWidth(64);
        s.setTooltip(new Tooltip(Words.of("underlays.strength")));
        s.setAccessibleText(Words.of("underlays.strength"));
        long[] gesture = {++gestures};
        s.setOnMousePressed(_ -> gesture[0] = ++gestures);
        s.valueProperty().addListener((_, _, v) -> w.apply(Appearing.change("edit.fade", u.id(), a -> a.withFade(Math.round(
            100 * (1 - v.doubleValue())) / 100.0)).during(gesture[0])));
        s.setOnMouseReleased(_ -> w.tell(Change.SNAPS));
        return s;
    }

    private HBox echo(Storey meant) {
        Echo e = w.looks().echo();
        List<Storey> others = w.project().storeys().stream().filter(s -> !s.id().equals(w.storeyId())).toList();
        boolean one = others.size() == 1;
        CheckBox on = Parts.check(one ? Words.of("underlays.echo-of", meant.name()) : Words.of("underlays.echo"), "echo", e.on(),
            () -> commands.get("echo").fire(w));
        on.setTooltip(new Tooltip(Words.of("tip.echo")));
        HBox h = Parts.line(on, one ? Parts.right(commands.get("echo").keyText(), "kbd") : choice(e, others, meant));
        h.getStyleClass().add("check-row");
        return h;
    }

    private ComboBox<StoreyId> choice(Echo e, List<Storey> others, Storey meant) {
        ComboBox<StoreyId> c = new ComboBox<>();
        c.setId("echo-of");
        c.setPrefWidth(104);
        c.getItems().setAll(others.reversed().stream().map(Storey::id).toList());
        c.setConverter(new StringConverter<>() {
            @Override public String toString(StoreyId s) {
                return w.project().storey(s).map(Storey::name).orElse("");
            }

            @Override public StoreyId fromString(String s) {
                return meant.id();
            }
        });
        c.setValue(meant.id());
        c.setOnAction(_ -> w.looks(w.looks().with(new Echo(true, Optional.of(c.getValue())))));
        return c;
    }

    /** While a strength is being dragged nothing is built anew under the pointer. */
    static boolean isDragged(Node panel) {
        return panel.lookupAll(".slider").stream().anyMatch(s -> s instanceof Slider x && (x.isValueChanging() || x.isPressed()));
    }
}
