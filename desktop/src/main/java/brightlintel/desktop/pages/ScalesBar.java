package brightlintel.desktop.pages;

import brightlintel.building.Units;
import brightlintel.correct.UnitChoice;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.PagesInHand;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.receive.PageGlance;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;

/** How large what is looked at would be, by each unit or scale that it may be in: a ruler each. A click chooses one. */
final class ScalesBar {
    private static final double[] PLOTS = {20, 50, 100, 200, 500};
    private static final double MM = 0.001, WIDE = 94, LEAST = 26;
    /** What the ruler of each is divided by: the first that leaves room for its figures. */
    private static final double[] STEPS = {0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10_000, 100_000};

    private ScalesBar() { }

    /** @param scale as it is chosen; wide, high: metres */
    private record Offer(String name, String id, double scale, double wide, double high, boolean likely) { }

    static Optional<VBox> of(Workspace w, PagesInHand p, PageGlance g) {
        List<Offer> offers = g.widthMm() > 0 ? scales(g) : units(g);
        if (offers.isEmpty()) return Optional.empty();
        FlowPane row = new FlowPane(10, 8);
        row.setAlignment(Pos.CENTER_LEFT);
        Optional<Double> chosen = p.choice(g.number()).scale();
        double now = chosen.orElse(g.assumed().map(UnitChoice::metres)
            .orElse(g.notes().scale().map(s -> s.denominator()).orElse(100.0)));
        for (Offer o : offers) row.getChildren().add(button(w, g, o, Math.abs(o.scale / now - 1) < 1e-6, chosen.isEmpty()));
        String of = g.widthMm() > 0 ? Words.of("parts.scales") : Words.of("parts.units");
        VBox v = new VBox(6, Parts.label(of, "heading"), row);
        v.getStyleClass().add("scales-bar");
        v.setId("scales-bar");
        return Optional.of(v);
    }

    private static List<Offer> units(PageGlance g) {
        List<Offer> out = new ArrayList<>();
        if (g.drawn().isEmpty()) return out;
        for (UnitChoice u : UnitChoice.values())
            out.add(new Offer(Words.of("unit." + u.name()), u.name().toLowerCase(Locale.ROOT), u.metres(), g.drawn().width() * u.metres(),
                g.drawn().height() * u.metres(), u.isPlausible(g.drawn().diagonal())));
        return out;
    }

    private static List<Offer> scales(PageGlance g) {
        List<Offer> out = new ArrayList<>();
        for (double n : PLOTS)
            out.add(new Offer("1:" + Math.round(n), "one-to-" + Math.round(n), n, g.widthMm() * n * MM, g.heightMm() * n * MM, true));
        return out;
    }

    private static ToggleButton button(Workspace w, PageGlance g, Offer o, boolean on, boolean assumed) {
        Label name = new Label(on && assumed ? o.name + " · " + Words.of("unit.assumed") : o.name);
        name.getStyleClass().add(on ? "scale-on" : "scale-name");
        Label size = new Label(w.lengths().size(o.wide, o.high));
        size.getStyleClass().add(o.likely ? "ink" : "faint");
        VBox v = new VBox(2, name, ruler(w, o.wide), size);
        ToggleButton b = new ToggleButton();
        b.setGraphic(v);
        b.setSelected(on);
        b.setId("scale-" + o.id);
        b.getStyleClass().add("scale-choice");
        b.setAccessibleText(o.name + " " + size.getText());
        b.setOnAction(_ -> w.pages(w.pages().map(x -> x.scaled(g.number(), o.scale))));
        return b;
    }

    /** As wide as the drawing, divided in real steps. */
    private static Pane ruler(Workspace w, double metres) {
        double unit = w.project().units() == Units.METRIC ? 1 : 0.3048, perUnit = WIDE / (metres / unit), step = STEPS[STEPS.length - 1];
        for (double s : STEPS) if (s * perUnit >= LEAST) {
            step = s;
            break;
        }
        Pane p = new Pane();
        p.setPrefSize(WIDE + 10, 22);
        p.getChildren().add(new Line(0, 16, WIDE, 16));
        for (int i = 0; i * step * perUnit <= WIDE + 0.5 && i < 40; i++) {
            double x = i * step * perUnit;
            p.getChildren().add(new Line(x, 10, x, 16));
            Label l = new Label(figure(i * step));
            l.getStyleClass().add("scale-figure");
            l.relocate(x + 2, 0);
            if (x + 14 < WIDE + 10) p.getChildren().add(l);
        }
        p.getStyleClass().add("scale-ruler");
        return p;
    }

    private static String figure(double v) {
        return v == Math.rint(v) ? Long.toString(Math.round(v)) : String.format(Locale.ROOT, "%.1f", v);
    }
}
