package brightlintel.desktop.section;

import brightlintel.correct.look.Measure;
import brightlintel.correct.size.SizeFinding;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

/**
 * Every dimension as drawn against as written: those that agree lie on one line, those that lie stand off it with a bar, and are gone to
 * by a
 * click. Where a sheet was shrunk, all of them lie on a line of their own.
 */
final class MeasurePlot {
    private static final double SIDE = 176, HIGH = 150, DOT = 2.6, RING = 4.4, BAR = 7;
    private static final int MOST = 400;

    private MeasurePlot() { }

    /** @param drawn, written metres, by the size that was found */
    private record At(double drawn, double written, boolean lies, String text) { }

    static void of(Workspace w, Commands commands, List<Node> out) {
        Optional<SizeFinding> found = w.drawing().flatMap(w.reckonings()::of).map(r -> r.size());
        if (found.isEmpty() || found.get().agreeing().size() + found.get().liars().size() < 2) return;
        SizeFinding s = found.get();
        Pane p = new Pane();
        p.setId("measure-plot");
        p.setPrefSize(SIDE, HIGH + 16);
        p.getStyleClass().add("plot");
        List<At> good = s.agreeing().stream().limit(MOST).map(m -> at(s, m, false)).toList(),
            bad = s.liars().stream().limit(MOST).map(m -> at(s, m, true)).toList();
        double most = Math.max(good.stream().mapToDouble(At::drawn).max().orElse(0),
            bad.stream().mapToDouble(a -> Math.max(a.drawn, Math.min(a.written, 2 * a.drawn))).max().orElse(0));
        if (!(most > 0)) return;
        Line diagonal = new Line(0, HIGH, SIDE, 0);
        diagonal.getStyleClass().add("plot-line");
        p.getChildren().addAll(axis(0, 0, 0, HIGH), axis(0, HIGH, SIDE, HIGH), diagonal);
        for (At a : good) p.getChildren().add(dot(a, most));
        for (At a : bad) liar(w, commands, s, a, most, p);
        Label right = Parts.right(Words.of("plot.drawn", w.lengths().about(most)), "plot-word");
        right.relocate(0, HIGH + 1);
        p.getChildren().add(right);
        out.add(Parts.label(Words.of("plot.title"), "side-title"));
        out.add(p);
    }

    private static At at(SizeFinding s, Measure m, boolean lies) {
        double drawn = Math.hypot(m.along().x() * s.metresPerUnitX(), m.along().y() * s.metresPerUnitY());
        double unit = m.figure().isBare() ? s.figureUnit().orElse(1.0) : 1;
        return new At(drawn, m.figure().isBare() ? m.figure().number() * unit : m.figure().metres(), lies, m.text());
    }

    private static Line axis(double x0, double y0, double x1, double y1) {
        Line l = new Line(x0, y0, x1, y1);
        l.getStyleClass().add("plot-axis");
        return l;
    }

    private static double x(double metres, double most) {
        return SIDE * Math.min(1, metres / most);
    }

    private static double y(double metres, double most) {
        return HIGH * (1 - Math.min(1, metres / most));
    }

    private static Circle dot(At a, double most) {
        Circle c = new Circle(x(a.drawn, most), y(a.written, most), DOT);
        c.getStyleClass().add("plot-dot");
        return c;
    }

    private static void liar(Workspace w, Commands commands, SizeFinding s, At a, double most, Pane p) {
        double x = x(a.drawn, most), y = y(a.written, most);
        Circle c = new Circle(x, y, RING);
        c.getStyleClass().add("plot-liar");
        Line bar = new Line(x - BAR, y, x + BAR, y);
        bar.getStyleClass().add("plot-bar");
        bar.setMouseTransparent(true);
        Tooltip.install(c, new Tooltip(Words.of("true.lies", a.text, w.lengths().position(a.drawn))));
        c.setOnMouseClicked(_ -> {
            for (int i = 0; i < s.liars().size(); i++) {
                commands.get("lie-next").fire(w);
                if (w.reckonings().visited().filter(m -> m.text().equals(a.text) && Math.abs(at(s, m,
                    true).drawn - a.drawn) < 1e-9).isPresent()) return;
            }
        });
        p.getChildren().addAll(c, bar);
    }
}
