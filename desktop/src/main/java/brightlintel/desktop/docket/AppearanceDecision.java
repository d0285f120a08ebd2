package brightlintel.desktop.docket;

import brightlintel.building.Appearance;
import brightlintel.building.Ink;
import brightlintel.building.Underlay;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Appearing;
import brightlintel.edit.Placing;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthReader;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** How the drawing in hand lies on the board: its ink, how broad, over or under which others, whether it may be moved, and where it is. */
final class AppearanceDecision {
    private static final List<Double> WIDTHS = List.of(0.5, 1.0, 1.5, 2.0, 3.0, 4.0);
    private static final double FARTHEST = 1e7;
    private final Workspace w;
    private final Underlay u;

    private AppearanceDecision(Workspace w, Underlay u) {
        this.w = w;
        this.u = u;
    }

    static Node build(Workspace w, Commands commands, Underlay u) {
        return new AppearanceDecision(w, u).build(commands);
    }

    private Node build(Commands commands) {
        Appearance a = u.appearance();
        String of = w.underlayIds().size() > 1 ? " · " + Names.of(w, u) : "";
        VBox v = Parts.decision(Words.of("lies.title") + of, null, false);
        Node ink = choice("underlay-ink", List.of(Ink.USUAL, Ink.QUIET, Ink.DRAWN, Ink.BY_ROLE, one(a)), a.ink(),
            AppearanceDecision::inkWord,
            i -> change("edit.underlay-ink", x -> x.with(i)));
        v.getChildren().add(Parts.figure(Words.of("lies.ink"), a.ink() instanceof Ink.One(int rgb)
            ? Parts.beside(ink, colour(rgb)) : ink));
        v.getChildren().add(Parts.figure(Words.of("lies.width"), choice("underlay-width", WIDTHS, a.width(),
            x -> Words.of("lies.times", brief(x)), x -> change("edit.underlay-width", y -> y.withWidth(x)))));
        v.getChildren().add(Parts.figure(Words.of("lies.at"), Parts.beside(place("underlay-x", Point::x, x -> new Point(x, at().y())),
            place("underlay-y", Point::y, y -> new Point(at().x(), y)))));
        v.getChildren().add(Parts.check(Words.of("lies.locked"), "underlay-locked", u.locked(),
            () -> commands.get("underlay-lock").fire(w)));
        if (w.underlayIds().size() > 1) {
            Node row = Parts.row(Parts.button(w, commands.get("underlay-up"), false),
                Parts.button(w, commands.get("underlay-down"), false));
            row.lookupAll(".button").forEach(b -> b.getStyleClass().add("small"));
            v.getChildren().add(row);
        }
        return v;
    }

    private static Ink.One one(Appearance a) {
        return a.ink() instanceof Ink.One o ? o : new Ink.One(0x2F6B4A);
    }

    private static String inkWord(Ink i) {
        return switch (i) {
            case Ink.Usual _ -> Words.of("ink.usual");
            case Ink.Quiet _ -> Words.of("ink.quiet");
            case Ink.Drawn _ -> Words.of("ink.drawn");
            case Ink.ByRole _ -> Words.of("ink.by-role");
            case Ink.One _ -> Words.of("ink.one");
        };
    }

    private static String brief(double v) {
        return v == Math.rint(v) ? Long.toString((long) v) : Double.toString(v);
    }

    private void change(String name, UnaryOperator<Appearance> f) {
        w.apply(Appearing.change(name, u.id(), f));
    }

    private static <T> ComboBox<T> choice(String id, List<T> all, T now, Function<T, String> word, Consumer<T> take) {
        ComboBox<T> c = new ComboBox<>();
        c.setId(id);
        c.setPrefWidth(132);
        c.getItems().setAll(all);
        c.setConverter(new StringConverter<>() {
            @Override public String toString(T t) {
                return t == null ? "" : word.apply(t);
            }

            @Override public T fromString(String s) {
                return now;
            }
        });
        c.setValue(now);
        c.setOnAction(_ -> take.accept(c.getValue()));
        return c;
    }

    private ColorPicker colour(int rgb) {
        return Parts.colour("underlay-colour", rgb, 52, now -> change("edit.underlay-ink", x -> x.with(new Ink.One(now))));
    }

    private Point at() {
        return w.project().underlay(u.id()).orElse(u).placement().at().value();
    }

    private TextField place(String id, Function<Point, Double> part, DoubleFunction<Point> to) {
        TextField f = Parts.entry(w, id, w.lengths().positionBare(part.apply(at())), t -> LengthReader.read(t, w.lengths().positionUnit())
            .filter(v -> Math.abs(v) < FARTHEST).map(v -> {
                w.apply(Placing.putAt(u.id(), to.apply(v)));
                return true;
            }).orElse(false));
        f.setDisable(u.locked());
        f.setPrefColumnCount(6);
        return f;
    }
}
