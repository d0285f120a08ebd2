package brightlintel.desktop.section;

import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Strokes;
import brightlintel.lengths.LengthFormat;
import brightlintel.place.PlacedDrawing;
import brightlintel.select.Picked;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javafx.scene.Node;
import javafx.scene.control.Button;

/** What is selected of the drawings. */
final class PickedPanel {
    private static final int LAYERS = 5;
    private final Workspace w;
    private final Commands commands;
    private final List<Node> out;

    PickedPanel(Workspace w, Commands commands, List<Node> out) {
        this.w = w;
        this.commands = commands;
        this.out = out;
    }

    void build() {
        out.add(Parts.label(Words.of("properties.picked"), "side-title"));
        Map<String, Integer> layers = new TreeMap<>();
        int strokes = 0, marks = 0;
        double length = 0;
        for (PlacedDrawing d : w.drawings()) {
            Picked p = w.onBoard().picked(d);
            Strokes s = d.strokes();
            p.strokes().forEach(i -> layers.merge(s.layers().get(s.layerOf(i)).name(), 1, Integer::sum));
            p.marks().forEach(i -> layers.merge(s.layers().get(s.mark(i).layer()).name(), 1, Integer::sum));
            strokes += p.strokeCount();
            marks += p.count() - p.strokeCount();
            length += length(d, p);
        }
        if (strokes > 0) {
            out.add(Parts.figure(Words.of("picked.strokes"), Parts.right(LengthFormat.grouped(strokes))));
            out.add(Parts.figure(Words.of("picked.length"), Parts.right(w.lengths().position(length))));
        }
        if (marks > 0) out.add(Parts.figure(Words.of("picked.marks"), Parts.right(LengthFormat.grouped(marks))));
        layers.entrySet().stream().sorted(Map.Entry.<String, Integer>comparingByValue(Comparator.reverseOrder())).limit(LAYERS)
            .forEach(e -> out.add(Parts.figure(e.getKey(), Parts.right(LengthFormat.grouped(e.getValue()), "quiet"))));
        if (layers.size() > LAYERS) out.add(Parts.label(Words.count("picked.more", layers.size() - LAYERS), "quiet"));
        out.add(Parts.row(small("delete", Words.of("picked.set-aside")), small("like-this", null)));
    }

    /** By chords, which is near enough for a sum of a hundred thousand. */
    private static double length(PlacedDrawing d, Picked p) {
        return p.strokes().mapToDouble(s -> {
            double sum = 0;
            for (int c = d.strokes().firstChord(s); c < d.strokes().firstChord(s + 1); c++) sum += d.chordStart(c).distance(d.chordEnd(c));
            return sum;
        }).sum();
    }

    /** @param text in place of the command's own, or null */
    private Node small(String command, String text) {
        Button b = Parts.button(w, commands.get(command), false);
        if (text != null) b.setText(text);
        b.getStyleClass().add("small");
        return b;
    }
}
