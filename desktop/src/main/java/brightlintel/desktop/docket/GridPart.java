package brightlintel.desktop.docket;

import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.GridLabels;
import brightlintel.building.GridLine;
import brightlintel.building.Units;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.GridSpacingsTool;
import brightlintel.desktop.tool.GridTool;
import brightlintel.edit.Grids;
import brightlintel.edit.Tracing;
import brightlintel.lengths.LengthFormat;
import brightlintel.lengths.LengthReader;
import brightlintel.trace.DrawnGrid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The grid: what is drawn of it, taken in one step, and its table of spacings. */
final class GridPart {
    /** Metres: a spacing that is no multiple of it is odd. */
    private static final double ROUND = 0.005, HAIR = 5e-5;
    private static final double LABEL = 40, SPACING = 84;
    private final Workspace w;
    private final Commands commands;

    private GridPart(Workspace w, Commands commands) {
        this.w = w;
        this.commands = commands;
    }

    static List<Node> build(Workspace w, Commands commands) {
        return new GridPart(w, commands).build();
    }

    private List<Node> build() {
        List<GridLine> fresh = w.foundGrid().fresh();
        List<Grids.Family> families = Grids.families(w.project(), w.storeyId());
        List<List<GridLine>> radial = Grids.radial(w.project(), w.storeyId());
        boolean none = families.isEmpty() && radial.isEmpty();
        List<Node> out = new ArrayList<>();
        boolean inHand = w.tool() instanceof GridTool || w.tool() instanceof GridSpacingsTool
            || w.selected().stream().anyMatch(e -> e instanceof GridLine);
        long odd = families.stream().mapToLong(GridPart::odd).sum();
        Node pill = none ? fresh.isEmpty() ? Parts.right(Words.of("trace.not-yet"), "quiet")
            : Parts.pill(Words.count("grid.found", fresh.size()), Tone.LOOK)
            : Parts.pill("✓ " + ranges(families, radial) + (odd > 0 ? " · " + Words.count("grid.odd", odd) : ""), odd > 0 ? Tone.LOOK
            : Tone.SURE);
        if (fresh.isEmpty() && !inHand) {
            Node fold = Parts.fold(Words.of("trace.grid"), pill);
            fold.setId("grid-fold");
            // a click opens the table by selecting its first line
            fold.setOnMouseClicked(_ -> Stream.concat(families.stream().map(Grids.Family::lines), radial.stream())
                .findFirst().ifPresent(f -> w.select(Set.of(f.getFirst().id()))));
            out.add(fold);
            return out;
        }
        VBox v = Parts.decision(Words.of("trace.grid"), pill, inHand || none);
        if (!fresh.isEmpty()) found(v, fresh);
        for (Grids.Family f : families) if (inHand) table(v, f);
        if (inHand && !families.isEmpty()) v.getChildren().add(Parts.check(Words.of("grid.keep-total"), "grid-keep",
            w.settings().keepsTotal(),
            () -> w.settings().keepsTotal(!w.settings().keepsTotal())));
        if (inHand) v.getChildren().add(Parts.row(Parts.button(w, commands.get("grid-spacings"), false), Parts.button(w,
            commands.get("grid-radial"), false), Parts.button(w, commands.get("grid-parallel"), false), Parts.button(w,
                commands.get("grid-zero"), false)));
        out.add(v);
        return out;
    }

    private static String ranges(List<Grids.Family> families, List<List<GridLine>> radial) {
        return Stream.concat(families.stream().map(Grids.Family::lines), radial.stream()).map(f -> f.size() == 1 ? f.getFirst().label()
            : f.getFirst().label() + "–" + f.getLast().label()).collect(Collectors.joining(", "));
    }

    private static boolean isOdd(double spacing) {
        return Math.abs(spacing / ROUND - Math.rint(spacing / ROUND)) * ROUND > HAIR;
    }

    private static long odd(Grids.Family f) {
        long n = 0;
        for (int i = 1; i < f.lines().size(); i++) if (isOdd(f.spacing(i))) n++;
        return n;
    }

    /** What is drawn and not taken yet: with tags, and without. */
    private void found(VBox v, List<GridLine> fresh) {
        List<DrawnGrid.Line> all = w.foundGrid().lines().orElse(List.of());
        long tagged = fresh.stream().filter(g -> all.stream().anyMatch(l -> l.tagged() && l.label().equals(g.label()))).count();
        v.getChildren().add(Parts.evidence("✓", Words.count("grid.tagged", tagged), Tone.SURE));
        if (tagged < fresh.size()) v.getChildren().add(Parts.evidence("▲", Words.count("grid.untagged", fresh.size() - tagged), Tone.LOOK));
        Button take = Parts.button(w, commands.get("grid-take"), true);
        take.setGraphic(Parts.right("T", "kbd"));
        take.setContentDisplay(ContentDisplay.RIGHT);
        v.getChildren().add(Parts.row(take));
    }

    private void table(VBox v, Grids.Family f) {
        boolean letters = GridLabels.family(f.lines().getFirst().line()).equals("letters");
        String first = f.lines().getFirst().label();
        v.getChildren().addAll(Parts.line(Parts.label(Words.of(letters ? "grid.letters" : "grid.figures"), "heading"),
            Parts.right(Words.of(letters ? "grid.left-to-right" : "grid.bottom-to-top"), "quiet")),
            cells(Words.of("grid.line"), Parts.right(Words.of("grid.spacing"), "quiet"), Words.of("grid.from", first), "quiet", false));
        for (int i = 0; i < f.lines().size(); i++) {
            GridLine g = f.lines().get(i);
            HBox row = cells(g.label(), i == 0 ? new Label("") : spacing(f, i), w.lengths().position(f.from(i)), "grid-label",
                w.selection().contains(g.id()));
            row.getChildren().getFirst().setId("grid-line-" + g.label());
            row.setOnMouseClicked(_ -> w.select(Set.of(g.id())));
            v.getChildren().add(row);
        }
        int chosen = chosen(f);
        if (chosen < 0) return;
        HBox more = Parts.beside(Parts.small(Words.of("grid.turn-round"), "grid-turn-round-" + first, () -> w.apply(Grids.turnRound(f))));
        if (chosen > 0) {
            for (int n : new int[] {2, 3}) more.getChildren().add(Parts.small(Words.of(n == 2 ? "grid.halve" : "grid.third"),
                "grid-divide-" + n, () -> w.apply(Grids.divide(f, chosen, n))));
            TextField into = Parts.entry(w, "grid-divide-into", "", t -> {
                boolean good = t.strip().matches("\\d{1,2}") && Integer.parseInt(t.strip()) > 1;
                if (good) w.apply(Grids.divide(f, chosen, Integer.parseInt(t.strip())));
                return good;
            });
            into.setPromptText(Words.of("grid.into"));
            into.setPrefWidth(LABEL);
            more.getChildren().add(into);
        }
        v.getChildren().add(more);
        v.getChildren().add(whole(f, first));
    }

    /** What is done with a run: its first label, where its tags stand, on which storeys it is. */
    private Node whole(Grids.Family f, String first) {
        Set<ElementId> ids = f.lines().stream().map(GridLine::id).collect(Collectors.toSet());
        GridLine one = f.lines().getFirst();
        boolean here = one.only().isPresent();
        TextField from = Parts.entry(w, "grid-run-" + first, first, t -> {
            Edit e = Grids.rename(f, t.strip());
            boolean good = !t.isBlank() && !e.apply(w.project()).equals(w.project());
            if (good) w.apply(e);
            return good;
        });
        from.setPrefWidth(LABEL);
        return Parts.row(Parts.label(Words.of("grid.run-from"), "quiet"), from, Parts.small(Words.of("grid.tags." + one.tags()),
            "grid-tags-"
            + first, () -> w.apply(Tracing.changeGrid("edit.grid-tags", ids, g -> g.with(one.tags().next())))),
            Parts.small(here ? Words.of("grid.all-storeys") : Words.of("grid.this-storey", w.storey().name()), "grid-storeys-" + first,
                () ->
                w.apply(Grids.only(ids, here ? Optional.empty() : Optional.of(Set.of(w.storeyId()))))));
    }

    private int chosen(Grids.Family f) {
        for (int i = 0; i < f.lines().size(); i++) if (w.selection().contains(f.lines().get(i).id())) return i;
        return -1;
    }


    /** Typed: those behind move along, or the line alone where the total is kept. */
    private Node spacing(Grids.Family f, int i) {
        double now = f.spacing(i);
        TextField t = Parts.entry(w, "grid-spacing-" + f.lines().get(i).label(), shown(now), text -> {
            Optional<Double> v = LengthReader.read(text, w.lengths().positionUnit());
            if (v.isEmpty()) return false;
            w.apply(Grids.spacing(f, i, v.get(), w.settings().keepsTotal()));
            return Grids.families(w.project(), w.storeyId()).stream().anyMatch(x -> x.lines().size() == f.lines().size()
                && x.lines().get(i).id().equals(f.lines().get(i).id()) && Math.abs(x.spacing(i) - v.get()) < HAIR);
        });
        t.setPrefWidth(SPACING);
        if (isOdd(now)) t.getStyleClass().add("odd");
        return t;
    }

    /** An odd one to a tenth of a millimetre, so that it can be told from a round one. */
    private String shown(double metres) {
        return isOdd(metres) && w.project().units() == Units.METRIC ? LengthFormat.plain(metres, 4) : w.lengths().positionBare(metres);
    }

    private static HBox cells(String label, Node spacing, String from, String style, boolean chosen) {
        Label l = new Label(label), r = new Label(from);
        l.setMinWidth(LABEL);
        l.getStyleClass().add(style);
        if (style.equals("quiet")) r.getStyleClass().add(style);
        HBox middle = new HBox(spacing);
        middle.setMinWidth(SPACING);
        middle.setAlignment(Pos.CENTER_LEFT);
        r.setMaxWidth(Double.MAX_VALUE);
        r.setAlignment(Pos.CENTER_RIGHT);
        HBox.setHgrow(r, Priority.ALWAYS);
        HBox h = new HBox(8, l, middle, r);
        h.setAlignment(Pos.CENTER_LEFT);
        h.getStyleClass().add(chosen ? "grid-row-chosen" : "grid-row");
        return h;
    }
}
