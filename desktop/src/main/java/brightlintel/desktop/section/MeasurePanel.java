package brightlintel.desktop.section;

import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.MeasureWords;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.MeasureTool;
import brightlintel.measure.Measured;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;

/** What is measured next, and what was: in the building, in the other units, and as the drawing has it. */
final class MeasurePanel {
    private static final int BEFORE = 6;
    private final Workspace w;
    private final Commands commands;
    private final List<Node> out;

    MeasurePanel(Workspace w, Commands commands, List<Node> out) {
        this.w = w;
        this.commands = commands;
        this.out = out;
    }

    /** @param tool that measures now, or null */
    void build(MeasureTool tool) {
        out.add(Parts.label(Words.of("measure.title"), "side-title"));
        if (tool != null) out.add(kinds(tool));
        List<Measured> all = w.measures().all();
        if (all.isEmpty()) {
            if (tool != null) out.add(Parts.label(Words.of("measure.none"), "quiet"));
            return;
        }
        MeasureWords words = new MeasureWords(w);
        Measured last = all.getLast();
        out.add(Parts.figure(Words.of("measure.in-building"), Parts.right(words.value(last), "strong")));
        if (last.quantity() != Measured.Quantity.ANGLE)
            out.add(Parts.figure(Words.of("measure.other-units"), Parts.right(words.otherUnits(last))));
        words.inDrawing(last).ifPresent(t -> out.add(Parts.figure(Words.of("measure.in-drawing"), Parts.right(t))));
        for (int i = all.size() - 2; i >= Math.max(0, all.size() - 1 - BEFORE); i--)
            out.add(Parts.figure(Words.of("measure.kind." + kind(all.get(i)).word()), Parts.right(words.value(all.get(i)), "quiet")));
        FlowPane row = Parts.row(small("measure-copy"), small("measure-clear"));
        out.add(row);
    }

    private static MeasureTool.Kind kind(Measured m) {
        return switch (m) {
            case Measured.Distance _ -> MeasureTool.Kind.DISTANCE;
            case Measured.Chain _ -> MeasureTool.Kind.CHAIN;
            case Measured.Angle _ -> MeasureTool.Kind.ANGLE;
            case Measured.Area _ -> MeasureTool.Kind.AREA;
            case Measured.Radius _ -> MeasureTool.Kind.RADIUS;
            case Measured.Gap _ -> MeasureTool.Kind.STROKES;
        };
    }

    private Node kinds(MeasureTool tool) {
        FlowPane row = Parts.row();
        for (MeasureTool.Kind k : MeasureTool.Kind.values()) {
            Button b = Parts.button(Words.of("measure.kind." + k.word()), "measure-kind-" + k.word(),
                () -> w.start(x -> new MeasureTool(x, k)));
            b.getStyleClass().add("small");
            if (k == tool.kind()) b.getStyleClass().add("chosen");
            row.getChildren().add(b);
        }
        return row;
    }

    private Node small(String command) {
        Button b = Parts.button(w, commands.get(command), false);
        b.getStyleClass().add("small");
        return b;
    }
}
