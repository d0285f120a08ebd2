package brightlintel.desktop.view3d;

import brightlintel.building.Storey;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.frame.Focus;
import brightlintel.desktop.frame.Later;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.SpaceLooks;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.lengths.LengthReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;

/** Over the view in space: which kinds and drawings are seen, and the cuts. */
public final class SpaceBar extends HBox {
    private static final double FARTHEST = 1e5;
    private final Workspace w;
    private final Commands commands;
    private final Later later = new Later(this::build);

    public SpaceBar(Workspace w, Commands commands) {
        super(6);
        this.w = w;
        this.commands = commands;
        setId("space-bar");
        getStyleClass().add("space-bar");
        setPickOnBounds(false);
        w.listen(c -> {
            if (c == Change.SPACE || c == Change.PROJECT || c == Change.STOREY || c == Change.FILE) later.run();
        });
        build();
    }

    private void build() {
        List<Node> out = new ArrayList<>();
        out.add(show());
        out.add(toggle("cut-level", w.space().height().isPresent()));
        w.space().height().ifPresent(h -> out.add(field("cut-height", h, v -> w.space(w.space().withHeight(Optional.of(v))))));
        out.add(toggle("cut-across", w.space().across().isPresent()));
        w.space().across().ifPresent(a -> {
            out.add(field("cut-at", a.at(), v -> w.space(w.space().withAcross(Optional.of(a.withAt(v))))));
            Button turn = Parts.button(Words.of("space.turn"), "cut-turn", () -> commands.get("cut-turn").fire(w));
            turn.getStyleClass().add("small");
            out.add(turn);
        });
        Focus.keep(this, () -> getChildren().setAll(out));
    }

    private Button toggle(String command, boolean on) {
        Button b = Parts.button(commands.get(command).text(), command, () -> commands.get(command).fire(w));
        b.getStyleClass().add("small");
        if (on) b.getStyleClass().add("chosen");
        b.setTooltip(new Tooltip(Words.of("tip." + command)));
        return b;
    }

    private TextField field(String id, double metres, DoubleConsumer take) {
        return Parts.entry(w, id, w.lengths().positionBare(metres), t -> LengthReader.read(t, w.lengths().positionUnit())
            .filter(v -> Math.abs(v) < FARTHEST).map(v -> {
                take.accept(v);
                return true;
            }).orElse(false));
    }

    private MenuButton show() {
        MenuButton m = new MenuButton(Words.of("space.show"));
        m.setId("space-show");
        List<MenuItem> items = new ArrayList<>();
        for (SpaceLooks.Kind k : SpaceLooks.Kind.values())
            items.add(item(Words.of("space.kind." + k), !w.space().off().contains(k), () -> w.space(w.space().toggled(k))));
        items.add(item(Words.of("space.names"), w.space().names(), () -> w.space(w.space().withNames(!w.space().names()))));
        items.add(item(Words.of("space.through"), w.space().through(), () -> commands.get("see-through").fire(w)));
        items.add(new SeparatorMenuItem());
        items.add(item(Words.of("space.sheets"), w.space().sheets(), () -> w.space(w.space().withSheets(!w.space().sheets()))));
        for (Storey s : w.project().storeys().reversed()) {
            CheckMenuItem i = item(Words.of("space.sheets-of", s.name()), w.space().showsSheets(s.id()),
                () -> w.space(w.space().toggledSheets(s.id())));
            i.setDisable(!w.space().sheets());
            items.add(i);
        }
        m.getItems().setAll(items);
        return m;
    }

    private static CheckMenuItem item(String text, boolean on, Runnable run) {
        CheckMenuItem i = new CheckMenuItem(text);
        i.setMnemonicParsing(false);
        i.setSelected(on);
        i.setOnAction(_ -> run.run());
        return i;
    }
}
