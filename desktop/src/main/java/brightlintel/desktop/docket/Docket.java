package brightlintel.desktop.docket;

import brightlintel.desktop.command.Commands;
import brightlintel.desktop.frame.Focus;
import brightlintel.desktop.frame.Later;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.StackPane;

/** The panel of the stage in hand. Built anew from the project after each change; the layer list keeps its place. */
public final class Docket extends StackPane {
    private final Workspace w;
    private final Commands commands;
    private final ClearDocket clear;
    private final ScrollPane scroll = new ScrollPane(), whole = new ScrollPane();
    private final Later later = new Later(this::build);
    private Stage shown;

    public Docket(Workspace w, Commands commands) {
        this.w = w;
        this.commands = commands;
        this.clear = new ClearDocket(w, commands);
        setId("docket");
        getStyleClass().add("docket");
        // what does not fit is scrolled, and never makes the window higher
        whole.setFitToHeight(true);
        for (ScrollPane s : List.of(scroll, whole)) {
            s.setFitToWidth(true);
            s.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
            s.getStyleClass().add("docket-scroll");
        }
        w.listen(this::changed);
        build();
    }

    private void changed(Change c) {
        switch (c) {
            case PROJECT, STOREY, STAGE, PAGES, DRAWING, FILE, TOOL, SELECTION, SNAPS -> later.run();
            case DISK -> {
                if (w.stage() == Stage.RECEIVE) later.run();
            }
            case EXTENT, EVIDENCE -> {
                if (w.stage() == Stage.TRUE || w.stage() == Stage.CLEAR || w.stage() == Stage.TRACE) later.run();
            }
            case AIM, VIEW, SPACE, LOOK, BUSY, MESSAGE -> { }
        }
    }

    private void build() {
        Focus.keep(this, this::fill);
    }

    private void fill() {
        if (w.isEmpty() && w.pages().isEmpty()) {
            getChildren().setAll(Parts.docket(Parts.head(Words.of("empty.title"), Words.of("empty.question")),
                Parts.label(Words.of("empty.text"), "quiet")));
            return;
        }
        boolean same = shown == w.stage();
        double at = scroll.getVvalue();
        shown = w.stage();
        if (w.stage() == Stage.CLEAR) {
            Node body = clear.build();
            if (whole.getContent() != body) whole.setContent(body);
            if (!getChildren().equals(List.of(whole))) getChildren().setAll(whole);
            return;
        }
        Node body = switch (w.stage()) {
            case RECEIVE -> w.pages().map(p -> PagesDocket.build(w, commands, p)).orElseGet(() -> ReceiveDocket.build(w, commands));
            case TRUE -> TrueDocket.build(w, commands);
            case CLEAR -> throw new AssertionError();
            case TRACE -> TraceDocket.build(w, commands);
            case PROVE -> ProveDocket.build(w, commands);
            case HAND_OVER -> HandOverDocket.build(w, commands);
        };
        scroll.setContent(body);
        if (same) scroll.setVvalue(at);
        else scroll.setVvalue(0);
        if (!getChildren().equals(List.of(scroll))) getChildren().setAll(scroll);
    }
}
