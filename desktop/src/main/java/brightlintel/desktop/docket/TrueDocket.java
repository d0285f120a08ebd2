package brightlintel.desktop.docket;

import brightlintel.building.Evidence;
import brightlintel.building.Underlay;
import brightlintel.building.Why;
import brightlintel.correct.SheetNotes;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Proposed;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Header;
import brightlintel.drawing.Paper;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Space;
import brightlintel.edit.Placing;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthFormat;
import brightlintel.lengths.LengthReader;
import brightlintel.lengths.LengthUnit;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Is it the right size, upright, and where it belongs? */
final class TrueDocket {
    private TrueDocket() { }

    static Node build(Workspace w, Commands commands) {
        Optional<PlacedDrawing> d = w.drawing();
        if (d.isEmpty())
            return Parts.docket(Parts.head(Words.of("stage.true"), Words.of("true.question")),
                Parts.decision(Words.of("waits.title"), null, true,
            Parts.label(Words.of("true.waits"), "quiet"), Parts.row(Parts.button(w, commands.get("open"), true))));
        Underlay u = d.get().underlay();
        Optional<RawDrawing> raw = w.shelf().has(u).map(DrawingShelf.Shelved::drawing);
        TrueState s = TrueState.of(d.get(), w.onBoard().extent(d.get()), raw.map(RawDrawing::header).orElse(Header.NONE), w.lengths());
        Node head = Parts.head(Words.of("stage.true"), Words.of("true.of", Names.of(w, u), w.storey().name()));
        Optional<Paper> paper = raw.flatMap(x -> x.space(u.space())).flatMap(Space::paper);
        Optional<ProposalPart> found = w.reckonings().of(d.get()).map(r -> new ProposalPart(w, commands, d.get(), r));
        VBox size = size(w, commands, u, s, paper, found), upright = upright(w, commands, u, s, found), datum = datum(w, commands, s,
            found);
        Node line = found.flatMap(ProposalPart::inLine).orElse(null);
        if (u.locked()) for (Node n : new Node[] {size, upright, datum, line}) if (n != null) n.setDisable(true);
        return Parts.docket(head, Laid.choice(w), u.locked() ? locked(w, commands) : all(w, commands, found), size, upright, datum, line,
            SiteFields.decision(w));
    }

    /** One key for all that is sure. */
    private static Node all(Workspace w, Commands commands, Optional<ProposalPart> found) {
        long sure = found.map(ProposalPart::open).orElse(0L);
        if (sure < 2) return null;
        Button b = Parts.button(w, commands.get("take-all"), true);
        b.setText(Words.of("true.take-all", sure));
        return Parts.decision(Words.of("true.found"), null, true, Parts.label(Words.of("true.found.how"), "quiet"), Parts.row(b));
    }

    private static Node pill(Optional<ProposalPart> found, Proposed.Decision which, TrueState.Who who) {
        return found.flatMap(f -> f.of(which)).filter(p -> !p.taken()).map(ProposalPart::pill).orElseGet(() -> pill(who));
    }

    private static Node locked(Workspace w, Commands commands) {
        Button b = Parts.button(w, commands.get("underlay-lock"), true);
        b.setText(Words.of("lies.unlock"));
        return Parts.decision(Words.of("underlays.locked"), null, true, Parts.label(Words.of("lies.locked.how"), "quiet"), Parts.row(b));
    }

    /** A sheet is drawn at one to so many. */
    private static Node plotted(Workspace w, Underlay u, Paper paper) {
        double now = u.placement().scale().value().mean() / paper.metresPerUnit();
        TextField f = Parts.entry(w, "plotted-at", TrueState.denominator(now), t -> {
            String figure = t.replaceFirst("^1 *[:/] *", "").replaceAll("[\\s\u202f\u00a0]", "").replace(',', '.');
            if (!figure.matches("\\d{1,5}(\\.\\d+)?") || Double.parseDouble(figure) < 0.1) return false;
            w.apply(Placing.plottedAt(u.id(), paper.metresPerUnit(), Double.parseDouble(figure)));
            return true;
        });
        return Parts.line(Parts.label(Words.of("true.plotted"), "quiet"), f);
    }

    private static Node pill(TrueState.Who who) {
        return switch (who) {
            case ASSUMED -> Parts.pill(Words.of("who.assumed"), Tone.LOOK);
            case SAID -> Parts.pill(Words.of("who.said"), Tone.LOOK);
            case STATED -> Parts.pill(Words.of("who.stated"), Tone.SURE);
            case READ -> Parts.pill(Words.of("who.read"), Tone.SURE);
        };
    }

    private static VBox size(Workspace w, Commands commands, Underlay u, TrueState s, Optional<Paper> paper,
        Optional<ProposalPart> found) {
        Node inForce = Parts.value(paper.map(p -> TrueState.onPaper(u.placement(), p)).orElse(s.scale()), "· " + s.size());
        VBox v = Parts.decision(Words.of("true.size"), pill(found, Proposed.Decision.SIZE, s.scaleBy()),
            found.map(f -> f.hasNext(Proposed.Decision.SIZE)).orElse(s.scaleBy() == TrueState.Who.ASSUMED),
            found.flatMap(ProposalPart::sizeValue).orElse(inForce));
        found.ifPresent(f -> v.getChildren().addAll(f.size()));
        paper.ifPresent(p -> v.getChildren().add(plotted(w, u, p)));
        boolean strokes = w.drawing().filter(d -> d.strokes().size() > 0).isPresent();
        if (paper.isEmpty() && (!strokes || w.reckonings().showsUnits())) units(w, u, s, v);
        if (found.isEmpty() && w.reckonings().isWorking()) v.getChildren().add(Parts.evidence("–", Words.of("true.measuring"), Tone.PLAIN));
        if (paper.isPresent()) v.getChildren().add(Parts.evidence("–", Words.of("true.on-paper"), Tone.PLAIN));
        else if (found.isEmpty() || s.fileSays().isEmpty()) v.getChildren().add(word(s));
        // what was found has the sheet's words among its evidence
        if (found.isEmpty()) paper.ifPresent(p -> w.shelf().has(u).ifPresent(x -> notes(v, u, SheetNotes.of(x.drawing(), u.space()),
            p.metresPerUnit())));
        if (u.placement().scale().why() instanceof Why.Read(double _, List<Evidence> evidence))
            for (Evidence e : evidence)
                EvidenceWords.of(e, w.lengths()).ifPresent(t -> v.getChildren().add(Parts.evidence("✓", t, Tone.SURE)));
        if (!s.strays().isEmpty()) v.getChildren().add(Parts.evidence("–", s.strays(), Tone.PLAIN));
        if (commands.get("strays-aside").isEnabled(w)) v.getChildren().add(Parts.row(Parts.button(w, commands.get("strays-aside"), false)));
        boolean byHand = found.isEmpty() && (s.scaleBy() == TrueState.Who.ASSUMED || s.scaleBy() == TrueState.Who.SAID);
        List<Node> buttons = new ArrayList<>();
        found.flatMap(f -> f.take(Proposed.Decision.SIZE)).ifPresent(buttons::add);
        found.ifPresent(f -> buttons.addAll(f.sizeAlso()));
        buttons.add(Parts.button(w, commands.get("known-length"), byHand));
        if (strokes) buttons.add(Parts.button(w, commands.get("known-thickness"), false));
        if (paper.isEmpty() && strokes)
            buttons.add(Parts.button(Words.of("true.other-unit"), "other-unit", () ->
                w.reckonings().showUnits(!w.reckonings().showsUnits())));
        buttons.add(Parts.button(w, commands.get("stretch"), false));
        v.getChildren().add(Parts.row(buttons.toArray(Node[]::new)));
        return v;
    }

    private static void units(Workspace w, Underlay u, TrueState s, VBox v) {
        ToggleGroup group = new ToggleGroup();
        for (TrueState.Choice c : s.choices()) {
            RadioButton b = new RadioButton(c.name());
            b.setId("unit-" + c.unit().name().toLowerCase(Locale.ROOT));
            b.setToggleGroup(group);
            b.setSelected(c.chosen());
            b.setOnAction(_ -> w.apply(Placing.unit(u.id(), c.unit().metres())));
            Label size = Parts.right(c.size(), c.plausible() ? "ink" : "faint");
            HBox row = Parts.line(b, size);
            row.getStyleClass().add("choice");
            v.getChildren().add(row);
        }
        TextField own = Parts.entry(w, "own-factor", "", t -> {
            Optional<Double> f = LengthReader.read(t, LengthUnit.MILLIMETRE);
            boolean good = f.isPresent() && f.get() > 1e-7 && f.get() < 1e4;
            if (good) w.apply(Placing.unit(u.id(), f.get()));
            return good;
        });
        own.setPromptText(Words.of("true.own.example"));
        HBox.setHgrow(own, Priority.NEVER);
        v.getChildren().add(Parts.line(Parts.label(Words.of("true.own"), "quiet"), own));
    }

    /** What a sheet says of itself, beside the scale that is in force. */
    private static void notes(VBox v, Underlay u, SheetNotes n, double metresPerPaper) {
        double now = u.placement().scale().value().mean() / metresPerPaper;
        n.scales().stream().map(SheetNotes.ScaleNote::denominator).distinct().limit(4).forEach(d -> {
            boolean agrees = Math.abs(d / now - 1) < 0.005;
            v.getChildren().add(Parts.evidence(agrees ? "✓" : "✗", Words.of("true.note-says", LengthFormat.grouped(Math.round(d))),
                agrees ? Tone.SURE : Tone.PARTS));
        });
        n.frame().ifPresent(f -> v.getChildren()
            .add(Parts.evidence("▴", Words.of("true.frame", PagesDocket.percent(f.share()), f.sheet()), Tone.PLAIN)));
    }

    /** What the file says of its unit. */
    private static Node word(TrueState s) {
        return s.fileSays().map(t -> Parts.evidence(s.fileAgrees() ? "✓" : "✗", t, s.fileAgrees() ? Tone.SURE : Tone.PARTS))
            .orElseGet(() -> Parts.evidence("–", Words.of("true.file-silent"), Tone.PLAIN));
    }

    private static VBox upright(Workspace w, Commands commands, Underlay u, TrueState s, Optional<ProposalPart> found) {
        TextField turn = Parts.entry(w, "turn-angle", s.turn(), t -> LengthReader.angle(t).map(a -> {
            w.apply(Placing.turnTo(u.id(), a));
            return true;
        }).orElse(false));
        turn.getStyleClass().add("value-entry");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        VBox v = Parts.decision(Words.of("true.upright"), pill(found, Proposed.Decision.UPRIGHT, s.turnBy()),
            found.filter(f -> f.hasNext(Proposed.Decision.UPRIGHT)).isPresent());
        found.flatMap(ProposalPart::uprightValue).ifPresent(v.getChildren()::add);
        found.ifPresent(f -> v.getChildren().addAll(f.upright()));
        v.getChildren().add(Parts.line(Parts.label(Words.of("true.turned"), "quiet"), turn));
        List<Node> buttons = new ArrayList<>();
        found.flatMap(f -> f.take(Proposed.Decision.UPRIGHT)).ifPresent(buttons::add);
        found.ifPresent(f -> buttons.addAll(f.turnAlso()));
        for (String id : List.of("turn", "turn-left", "turn-right", "four-points", "mirror")) buttons.add(Parts.button(w,
            commands.get(id), false));
        v.getChildren().add(Parts.row(buttons.toArray(Node[]::new)));
        return v;
    }

    /** Where the datum point lies in the building, as two figures typed at once. */
    private static TextField place(Workspace w, Underlay u) {
        Point at = u.placement().at().value();
        TextField f = Parts.entry(w, "datum-at", w.lengths().positionBare(at.x()) + ", " + w.lengths().positionBare(at.y()),
            t -> LengthReader.pair(t, w.lengths().positionUnit()).map(p -> {
            w.apply(Placing.putAt(u.id(), p));
            return true;
        }).orElse(false));
        f.getStyleClass().add("wide-entry");
        return f;
    }

    private static VBox datum(Workspace w, Commands commands, TrueState s, Optional<ProposalPart> found) {
        VBox v = Parts.decision(Words.of("true.datum"), pill(found, Proposed.Decision.DATUM, s.datumBy()),
            found.filter(f -> f.hasNext(Proposed.Decision.DATUM)).isPresent());
        found.flatMap(ProposalPart::datumValue).ifPresent(v.getChildren()::add);
        v.getChildren().add(Parts.label(Words.of("true.datum.in-file", s.datum()), "quiet"));
        w.underlay().ifPresent(u -> v.getChildren().add(Parts.line(Parts.label(Words.of("true.datum.at"), "quiet"), place(w, u))));
        List<Node> buttons = new ArrayList<>();
        found.flatMap(f -> f.take(Proposed.Decision.DATUM)).ifPresent(buttons::add);
        buttons.add(Parts.button(w, commands.get("datum"), false));
        v.getChildren().add(Parts.row(buttons.toArray(Node[]::new)));
        return v;
    }
}
