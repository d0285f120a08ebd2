package brightlintel.desktop.section;

import brightlintel.building.Contents;
import brightlintel.building.Level;
import brightlintel.building.Storey;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.frame.Focus;
import brightlintel.desktop.frame.Later;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.ViewMode;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Levels;
import brightlintel.edit.Stacking;
import brightlintel.lengths.LengthReader;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;

/** A small section through the building, to scale: a band a storey. A click works there; name, level and height are typed in place. */
public final class SectionStrip extends VBox {
    private static final double HEIGHT = 236, WIDTH = 192, LEAST = 44, MOST_PER_METRE = 22;
    private final Workspace w;
    private final Commands commands;
    private final Consumer<List<Path>> open;
    private final Later later = new Later(this::build);
    private ViewMode shown;

    /** @param open receives files that are dropped on a band */
    public SectionStrip(Workspace w, Commands commands, Consumer<List<Path>> open) {
        this.w = w;
        this.commands = commands;
        this.open = open;
        setId("section");
        getStyleClass().add("section");
        w.listen(c -> {
            if (c == Change.PROJECT || c == Change.STOREY || c == Change.FILE || c == Change.SPACE || c == Change.LOOK
                && w.looks().mode() != shown) later.run();
        });
        build();
    }

    private void build() {
        shown = w.looks().mode();
        List<Storey> storeys = stack();
        double low = storeys.getFirst().level().value(), high = storeys.getLast().top(), span = Math.max(high - low, 0.1);
        double scale = Math.min(MOST_PER_METRE, HEIGHT / span);
        boolean squeezed = storeys.stream().anyMatch(s -> s.height().value() * scale < LEAST);
        Pane pane = new Pane();
        pane.setMinSize(WIDTH, Region.USE_PREF_SIZE);
        double y = 8;
        double ground = Double.NaN;
        for (Storey s : storeys.reversed()) {
            double h = Math.max(LEAST, s.height().value() * scale);
            band(pane, s, y, h, squeezed && s.height().value() * scale < LEAST);
            y += h;
            if (Math.abs(s.level().value()) < 1e-9) ground = y;
        }
        pane.setPrefHeight(y + 16);
        if (!Double.isNaN(ground)) groundLine(pane, ground);
        for (Level l : w.project().levels()) levelLine(pane, l, scale);
        HBox add = new HBox(6, tip(Parts.button(Words.of("section.add"), "storey-add", () -> commands.get("storey-add").fire(w)),
            "command.storey-add"),
            tip(Parts.button(Words.of("section.repeat"), "storey-repeat", () -> commands.get("storey-repeat").fire(w)),
            "command.storey-repeat"), tip(Parts.button(Words.of("section.part"), "part-add", () -> commands.get("part-add").fire(w)),
                "tip.part-add"));
        add.getStyleClass().add("row");
        Focus.keep(this, () -> {
            getChildren().setAll(Parts.label(Words.of("section.title"), "side-title"));
            if (w.project().parts().size() > 1) getChildren().add(parts());
            getChildren().addAll(pane, add, LevelsPart.build(w));
        });
    }

    /** The storeys of the part of the building in hand. */
    private List<Storey> stack() {
        return w.project().stack(w.storey().part());
    }

    /** One button for each part of the building; a click goes to it, to the storey that lies nearest to the one in hand. */
    private FlowPane parts() {
        FlowPane row = Parts.row();
        for (String part : w.project().parts()) {
            boolean here = part.equals(w.storey().part());
            Button b = Parts.small(part.isEmpty() ? Words.of("section.first-part") : part, "part-" + part, () -> {
                if (here) commands.get("part-name").fire(w);
                else w.project().stack(part).stream().min(Comparator.comparingDouble(s -> Math.abs(s.level().value()
                    - w.storey().level().value()))).ifPresent(s -> w.go(s.id()));
            });
            b.setTooltip(new Tooltip(Words.of(here ? "command.part-name" : "section.go-part")));
            if (here) b.getStyleClass().add("chosen");
            row.getChildren().add(b);
        }
        return row;
    }

    private static Button tip(Button b, String key) {
        b.getStyleClass().add("small");
        b.setTooltip(new Tooltip(Words.of(key)));
        return b;
    }

    /** Where a height lies in the strip: bands are to scale, or as high as they have to be. */
    private double y(double metres, double scale) {
        List<Storey> storeys = stack();
        double y = 8, above = storeys.getLast().top();
        if (metres > above) return Math.max(0, y - (metres - above) * scale);
        for (Storey s : storeys.reversed()) {
            double h = Math.max(LEAST, s.height().value() * scale);
            if (metres >= s.level().value()) return y + h * (1 - (metres - s.level().value()) / s.height().value());
            y += h;
        }
        return y + Math.min(14, (storeys.getFirst().level().value() - metres) * scale);
    }

    private double metres(double at, double scale) {
        List<Storey> storeys = stack();
        double y = 8;
        if (at < y) return storeys.getLast().top() + (y - at) / scale;
        for (Storey s : storeys.reversed()) {
            double h = Math.max(LEAST, s.height().value() * scale);
            if (at <= y + h) return s.level().value() + s.height().value() * (1 - (at - y) / h);
            y += h;
        }
        return storeys.getFirst().level().value() - (at - y) / scale;
    }

    /** Dragged in steps of a centimetre; what stands on it goes along. */
    private void levelLine(Pane pane, Level l, double scale) {
        Line line = new Line(8, 0, WIDTH - 8, 0);
        line.getStyleClass().add("level-line");
        Line grip = new Line(8, 0, WIDTH - 8, 0);
        grip.setId("level-line-" + l.id().value());
        grip.setStyle("-fx-stroke: transparent; -fx-stroke-width: 9; -fx-cursor: v-resize;");
        for (Line x : List.of(line, grip)) x.setTranslateY(y(l.height().value(), scale));
        grip.setOnMouseDragged(e -> {
            double at = grip.sceneToLocal(e.getSceneX(), e.getSceneY()).getY() + grip.getTranslateY();
            grip.setTranslateY(at);
            line.setTranslateY(at);
            e.consume();
        });
        grip.setOnMouseReleased(e -> {
            double now = Math.rint(metres(grip.getTranslateY(), scale) * 100) / 100;
            if (Math.abs(now - l.height().value()) > 0.005) w.apply(Levels.move(l.id(), now));
            e.consume();
        });
        pane.getChildren().addAll(line, grip);
    }

    private void groundLine(Pane pane, double y) {
        Line l = new Line(0, y, WIDTH, y);
        l.getStyleClass().add("ground-line");
        pane.getChildren().add(l);
        for (int i = 0; i < 24; i++) {
            Line h = new Line(2 + i * 8, y + 9, 8 + i * 8, y + 2);
            h.getStyleClass().add("ground-hatch");
            pane.getChildren().add(h);
        }
    }

    private void band(Pane pane, Storey s, double y, double h, boolean compressed) {
        boolean here = s.id().equals(w.storeyId());
        TextField name = Parts.entry(w, "storey-name-" + s.name(), s.name(), t -> {
            if (t.isBlank()) return false;
            w.apply(Stacking.rename(s.id(), t));
            return true;
        });
        name.getStyleClass().addAll("band-name", "bare");
        TextField level = Parts.entry(w, "storey-level-" + s.name(), w.lengths().level(s.level().value()), t -> length(t.replace("±", ""))
            .map(v -> {
            w.apply(Stacking.level(s.id(), v));
            return true;
        }).orElse(false));
        level.getStyleClass().addAll("bare", "band-level");
        TextField height = Parts.entry(w, "storey-height-" + s.name(), w.lengths().height(s.height().value()),
            t -> length(t).filter(v -> v >= 0.2 && v < 1000).map(v -> {
            w.apply(Stacking.height(s.id(), v));
            return true;
        }).orElse(false));
        height.getStyleClass().addAll("bare", "band-height");
        if (s.height().isAssumed()) height.getStyleClass().add("brass");
        height.setTooltip(new Tooltip(Words.of(s.height().isAssumed() ? "section.height.assumed" : "section.height")));
        Pane band = new Pane(name, level, height);
        band.setId("band-" + s.name());
        band.getStyleClass().addAll("band", here ? "band-here" : "band-there");
        place(band, y, h);
        name.relocate(4, 3);
        level.relocate(4, Math.min(21, h - 24));
        height.relocate(WIDTH - 16 - 66, Math.max(14, h / 2 - 12));
        marks(band, w.project().on(s.id()), h);
        if (compressed) {
            Label b = Parts.right("≈", "quiet");
            b.relocate(WIDTH - 30, 2);
            band.getChildren().add(b);
        }
        band.setOnMousePressed(e -> {
            w.go(s.id());
            e.consume();
        });
        for (TextField f : List.of(name, level, height)) f.setOnMousePressed(_ -> {
            if (!here) Platform.runLater(() -> w.go(s.id()));
        });
        BandDrop.on(band, s, w, open);
        Pane floor = new Pane();
        floor.getStyleClass().add("band-floor");
        place(floor, y + h - 5, 5);
        floor.setMouseTransparent(true);
        pane.getChildren().addAll(band, floor);
        if (w.looks().mode() != ViewMode.PLAN) {
            boolean off = w.space().hidden().contains(s.id());
            Button eye = Parts.button(Words.of(off ? "section.off" : "section.on"), "storey-seen-" + s.name(),
                () -> w.space(w.space().toggledStorey(s.id())));
            eye.getStyleClass().add("tiny");
            eye.relocate(WIDTH - 16 - 36, 3);
            band.getChildren().add(eye);
        }
    }

    private static void place(Pane p, double y, double h) {
        p.setMinSize(WIDTH - 16, h);
        p.setPrefSize(WIDTH - 16, h);
        p.setMaxSize(WIDTH - 16, h);
        p.relocate(8, y);
    }

    /** A drawing on it, walls, openings, a slab: a small mark each. */
    private void marks(Pane band, Contents c, double h) {
        StringBuilder b = new StringBuilder();
        if (!c.walls().isEmpty()) b.append(Words.count("section.walls", c.walls().size())).append("  ");
        if (!c.openings().isEmpty()) b.append(Words.count("section.openings", c.openings().size()));
        if (b.isEmpty() || h < 62) return;
        Label l = Parts.right(b.toString(), "band-marks");
        l.setMouseTransparent(true);
        l.relocate(9, h - 24);
        band.getChildren().add(l);
    }

    private Optional<Double> length(String t) {
        return LengthReader.read(t, w.lengths().positionUnit());
    }
}
