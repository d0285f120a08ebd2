package brightlintel.desktop.docket;

import brightlintel.building.KindId;
import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import brightlintel.desktop.state.OpeningSettings;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.OpeningKinds;
import brightlintel.lengths.LengthReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.function.DoubleUnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.TextField;

/** Kinds of doors, or of windows, by name: which the next one is of, and how wide and high each is. */
final class OpeningKindsPart {
    private final Workspace w;
    private final OpeningSettings s;

    private OpeningKindsPart(Workspace w, OpeningSettings s) {
        this.w = w;
        this.s = s;
    }

    static List<Node> build(Workspace w, boolean window) {
        return new OpeningKindsPart(w, w.settings().opening(window)).rows();
    }

    private List<Node> rows() {
        List<Node> out = new ArrayList<>();
        List<OpeningKind> all = w.project().openingKinds().stream().filter(s::draws).toList();
        for (OpeningKind k : all) {
            boolean chosen = s.kind().filter(k.id()::equals).isPresent();
            out.add(row(k, chosen));
            if (chosen) {
                out.add(Parts.figure(Words.of("opening.kind-sill"), field("sill", k, k.sill(), v -> v < k.head(), v -> v, _ -> k.head())));
                out.add(Parts.figure(Words.of("opening.kind-head"), field("head", k, k.head(), v -> v > k.sill(), _ -> k.sill(), v -> v)));
            }
        }
        if (all.stream().noneMatch(k -> k.fits(s.filling(false), s.lastWidth()) && k.sill() == s.sill() && k.head() == s.head()))
            out.add(Parts.row(Parts.small(Words.of("kind.make", w.lengths().partWithUnit(s.lastWidth())), "opening-kind-make",
                this::make)));
        return out;
    }

    /** A name that nobody has yet, after the width. */
    private void make() {
        String base = Words.of(s.window() ? "kind.window-name" : s.way().isEmpty() ? "kind.passage-name" : "kind.door-name",
            w.lengths().part(s.lastWidth())), name = base;
        KindId id = KindId.fresh();
        for (int n = 2; OpeningKinds.isTaken(w.project(), name, id); n++) name = base + " " + n;
        OpeningKind k = new OpeningKind(id, name, s.filling(false), s.lastWidth(), s.sill(), s.head());
        w.apply(OpeningKinds.add(k));
        w.settings().opening(s.with(k));
    }

    private Node row(OpeningKind k, boolean chosen) {
        TextField width = Parts.entry(w, "opening-kind-width-" + k.id().value(), w.lengths().part(k.width()), t -> {
            Optional<Double> v = LengthReader.read(t, w.lengths().partUnit()).filter(x -> x > 0.05 && x < 50);
            v.ifPresent(x -> change(k, "edit.opening-kind-size", k.withWidth(x)));
            return v.isPresent();
        });
        long n = w.project().storeys().stream().flatMap(x -> w.project().on(x.id()).openings().stream()).map(Opening::kind)
            .filter(x -> x.filter(k.id()::equals).isPresent()).count();
        return KindRow.of(w, "opening-kind", k, chosen, new KindRow.Does(() -> w.settings().opening(s.with(k)), t -> {
            boolean good = !OpeningKinds.isTaken(w.project(), t, k.id());
            if (good) change(k, "edit.opening-kind-name", k.withName(t));
            return good;
        }, () -> w.apply(OpeningKinds.remove(k.id()))), Words.of("opening-kind.remove", k.name(), n), width);
    }

    private TextField field(String which, OpeningKind k, double now, DoublePredicate good, DoubleUnaryOperator sill,
                            DoubleUnaryOperator head) {
        return Parts.entry(w, "opening-kind-" + which, w.lengths().height(now), t -> {
            Optional<Double> v = LengthReader.read(t, w.lengths().positionUnit()).filter(x -> Math.abs(x) < 50 && good.test(x));
            v.ifPresent(x -> change(k, "edit.opening-kind-size", k.withHeights(sill.applyAsDouble(x), head.applyAsDouble(x))));
            return v.isPresent();
        });
    }

    private void change(OpeningKind k, String name, OpeningKind now) {
        w.apply(OpeningKinds.change(name, k.id(), _ -> now));
        if (s.kind().filter(k.id()::equals).isPresent()) w.project().openingKind(k.id()).ifPresent(x -> w.settings().opening(s.with(x)));
    }
}
