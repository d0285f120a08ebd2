package brightlintel.desktop.docket;

import brightlintel.building.Edit;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.correct.Office;
import brightlintel.correct.Reckoning;
import brightlintel.correct.lie.DatumFinding;
import brightlintel.correct.line.Lining;
import brightlintel.correct.look.Drawn;
import brightlintel.correct.size.Opinion;
import brightlintel.correct.size.SizeFinding;
import brightlintel.correct.size.SizeKind;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Proposed;
import brightlintel.desktop.state.Reckonings;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Paper;
import brightlintel.edit.Truing;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthFormat;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** What is proposed for a decision of the stage True, with its evidence; pointing at a piece of evidence lights it on the board. */
final class ProposalPart {
    /** Half of the last digit of an angle. */
    private static final double SHOWN_AS_NONE = Math.toRadians(0.005);
    private final Workspace w;
    private final Commands commands;
    private final PlacedDrawing d;
    private final Reckoning r;
    private final List<Proposed> proposed;

    ProposalPart(Workspace w, Commands commands, PlacedDrawing d, Reckoning r) {
        this.w = w;
        this.commands = commands;
        this.d = d;
        this.r = r;
        this.proposed = Proposed.of(w);
    }

    Optional<Proposed> of(Proposed.Decision which) {
        return proposed.stream().filter(p -> p.decision() == which).findFirst();
    }

    /** How many are sure and not taken. */
    long open() {
        return proposed.stream().filter(p -> p.sure() && !p.taken()).count();
    }

    boolean hasNext(Proposed.Decision which) {
        return Proposed.next(proposed).filter(p -> p.decision() == which).isPresent();
    }

    /** How sure, in words and figure. */
    static Node pill(Proposed p) {
        if (p.taken()) return Parts.pill(Words.of("true.taken"), Tone.SURE);
        String percent = p.decision() == Proposed.Decision.SIZE ? " " + (int) Math.floor(100 * p.confidence()) + " %" : "";
        return p.sure() ? Parts.pill(Words.of("true.sure") + percent, Tone.LOOK) : Parts.pill(Words.of("true.unsure") + percent,
            Tone.PARTS);
    }

    private boolean isOpen(Proposed.Decision which) {
        return of(which).filter(p -> !p.taken()).isPresent();
    }

    /** Takes the proposal; nothing where it is taken. */
    Optional<Button> take(Proposed.Decision which) {
        Optional<Proposed> p = of(which).filter(x -> !x.taken());
        if (p.isEmpty()) return Optional.empty();
        Button b = hasNext(which) ? Parts.button(w, commands.get("take"), p.get().sure())
            : Parts.button("", "take-" + which.name().toLowerCase(Locale.ROOT), () -> w.apply(p.get().edit()));
        b.setText(Words.of(p.get().sure() ? "true.take" : "true.take-unsure"));
        return Optional.of(b);
    }

    // ---- size

    /** What is proposed, where that is not in force: how large a unit is, and the plan by that. */
    Optional<Node> sizeValue() {
        if (!isOpen(Proposed.Decision.SIZE)) return Optional.empty();
        SizeFinding s = r.size();
        String large = w.onBoard().extent(d).map(e -> {
            double k = s.metresPerUnit() / d.underlay().placement().scale().value().mean();
            return "· " + w.lengths().size(e.main().width() * k, e.main().height() * k);
        }).orElse("");
        return Optional.of(Parts.value(factor(s), s.isStretched() ? "" : large));
    }

    List<Node> size() {
        List<Node> out = new ArrayList<>();
        SizeFinding s = r.size();
        double shown = shown();
        if (of(Proposed.Decision.SIZE).isEmpty()) out.add(Parts.evidence("–", Words.of("true.no-size"), Tone.PLAIN));
        for (Opinion o : s.opinions()) if (!o.isSilent(shown)) out.add(row(o, shown));
        Set<SizeKind> struck = w.reckonings().struck(d.underlay().id());
        for (SizeKind k : struck) out.add(struckRow(k));
        if (s.agreeing().size() + s.liars().size() > 0) {
            CheckBox show = Parts.check(s.liars().isEmpty() ? Words.of("true.measures") : Words.count("true.measures.lie",
                s.liars().size()),
                "show-measures", w.reckonings().showsMeasures(), () -> w.reckonings().showMeasures(!w.reckonings().showsMeasures()));
            out.add(show);
        }
        return out;
    }

    /** What evidence is held against: the size that stands above it, which is the one in force where none is proposed. */
    private double shown() {
        return of(Proposed.Decision.SIZE).isPresent() ? r.size().metresPerUnit() : d.underlay().placement().scale().value().mean();
    }

    /** Once a size is in force: the same for other drawings that have another. */
    List<Button> sizeAlso() {
        Given<Scale> size = d.underlay().placement().scale();
        return also(Proposed.Decision.SIZE, p -> !p.scale().value().equals(size.value()), others -> Truing.sizeAlso(others, size));
    }

    /** Once a turn is in force, likewise. */
    List<Button> turnAlso() {
        Given<Double> turn = d.underlay().placement().turn();
        return also(Proposed.Decision.UPRIGHT, p -> !p.turn().value().equals(turn.value()), others -> Truing.turnAlso(others, turn));
    }

    /** For the others of the same file, and for those that look as if they came from the same office: alike layers, drawn the same way. */
    private List<Button> also(Proposed.Decision x, Predicate<Placement> differs, Function<List<UnderlayId>, Edit> take) {
        if (isOpen(x) || of(x).isEmpty()) return List.of();
        Underlay own = d.underlay();
        List<UnderlayId> sheet = new ArrayList<>(), office = new ArrayList<>();
        for (Underlay u : w.project().underlays()) {
            if (u.id().equals(own.id()) || u.locked() || !differs.test(u.placement())) continue;
            if (u.file().equals(own.file())) sheet.add(u.id());
            else if (w.shelf().has(u).filter(this::isOfOffice).isPresent()) office.add(u.id());
        }
        String id = x.name().toLowerCase(Locale.ROOT);
        List<Button> out = new ArrayList<>();
        if (!sheet.isEmpty()) out.add(Parts.button(Words.count("true.also", sheet.size()), id + "-also", () -> w.apply(take.apply(sheet))));
        if (!office.isEmpty()) out.add(Parts.button(Words.count("true.office", office.size()), id + "-office", () ->
            w.apply(take.apply(office))));
        return out;
    }

    private boolean isOfOffice(DrawingShelf.Shelved other) {
        return Office.isAlike(r.look().drawn(), Drawn.asReceived(other.drawing(), other.space(), other.strokes()));
    }

    private String factor(SizeFinding s) {
        if (s.isStretched()) return Words.of("true.proposes.stretched", TrueState.scaleWords(s.metresPerUnitX()),
            TrueState.scaleWords(s.metresPerUnitY()));
        double share = s.nominal() / s.metresPerUnit();
        Optional<Paper> paper = r.look().drawn().paper();
        if (paper.isPresent()) {
            double point = paper.get().metresPerUnit();
            String at = "1:" + TrueState.denominator(s.metresPerUnit() / point);
            return Math.abs(share - 1) < 1e-3 ? at : Words.of("true.proposes.shrunk", at, TrueState.denominator(s.nominal() / point),
                String.format(Locale.ROOT, "%.1f", 100 * share));
        }
        return TrueState.scaleWords(s.metresPerUnit());
    }

    private Node row(Opinion o, double metresPerUnit) {
        boolean agrees = o.agrees(metresPerUnit);
        HBox h = (HBox) Parts.evidence(agrees ? "✓" : "✗", words(o, metresPerUnit), agrees ? Tone.SURE : Tone.PARTS);
        lights(h, o.places());
        strike(h, o.kind(), "✕", "true.strike");
        return h;
    }

    private Node struckRow(SizeKind k) {
        HBox h = (HBox) Parts.evidence("–", Words.of("true.struck", Words.of("evidence." + k.name())), Tone.PLAIN);
        strike(h, k, "↺", "true.strike.back");
        return h;
    }

    private void strike(HBox h, SizeKind k, String sign, String tip) {
        Label words = (Label) h.getChildren().getLast();
        words.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(words, Priority.ALWAYS);
        Button b = Parts.button(sign, "strike-" + k.name().toLowerCase(Locale.ROOT), () -> w.reckonings().strike(d.underlay().id(), k));
        b.getStyleClass().add("strike");
        b.setTooltip(new Tooltip(Words.of(tip)));
        b.setAccessibleText(Words.of(tip) + ": " + Words.of("evidence." + k.name()));
        h.getChildren().add(b);
    }

    private void lights(Node n, List<Point> shifted) {
        if (shifted.isEmpty()) return;
        Affine map = d.toBuilding();
        n.setOnMouseEntered(_ -> w.reckonings().light(shifted.stream().map(map::apply).toList()));
        n.setOnMouseExited(_ -> w.reckonings().light(List.of()));
    }

    private String words(Opinion o, double metresPerUnit) {
        LengthFormat f = w.lengths();
        String each = Double.isNaN(o.value()) ? "" : f.partWithUnit(o.value() * metresPerUnit);
        String key = "evidence.says." + o.kind().name();
        return switch (o.kind()) {
            case MEASURES, AREAS, FITTINGS -> Words.of(key, o.count(), o.of());
            case DOORS, WALLS, STEPS, WINDOWS, PARKING -> Words.of(key, o.count(), o.of(), each);
            case LETTERS -> Words.of(key, o.count(), each);
            case EXTENT -> Words.of(key, f.about(o.value() * metresPerUnit));
            case HEADER -> Words.of(key, TrueState.scaleWords(o.at()));
            case SYSTEM -> Words.of(key);
            case ROUND -> Words.of(key + (o.agrees(metresPerUnit) ? "" : ".not"), o.count());
            case SCALE -> Words.of(key, LengthFormat.grouped(Math.round(o.value())));
            case SHEET -> Words.of(key, String.format(Locale.ROOT, "%.1f", 100 * o.value()));
        };
    }

    // ---- turn, datum, line

    Optional<Node> uprightValue() {
        return isOpen(Proposed.Decision.UPRIGHT) ? Optional.of(Parts.value(Words.of("true.turned-now",
            LengthFormat.angle(r.turn().whole())),
            Words.of(Math.abs(r.turn().whole()) < SHOWN_AS_NONE ? "true.nothing-to-do" : "true.turned-back"))) : Optional.empty();
    }

    List<Node> upright() {
        List<Node> out = new ArrayList<>();
        if (of(Proposed.Decision.UPRIGHT).isEmpty()) return out;
        out.add(Parts.evidence("✓", Words.of("evidence.directions", Math.round(100 * r.turn().share()),
            LengthFormat.angle(r.turn().turn())), Tone.SURE));
        for (double other : r.turn().others())
            out.add(Parts.evidence("–", Words.of("evidence.wing", LengthFormat.angle(other)), Tone.PLAIN));
        if (r.turn().isRead()) out.add(Parts.evidence("✓", Words.of("evidence.texts", r.turn().texts(), r.turn().allTexts()), Tone.SURE));
        return out;
    }

    Optional<Node> datumValue() {
        if (!isOpen(Proposed.Decision.DATUM)) return Optional.empty();
        DatumFinding.Proposal c = r.datum().best().orElseThrow();
        Node n = Parts.value(Words.of("datum." + c.kind().name(), c.labels()), Words.of("datum.of." + c.kind().name()));
        lights(n, List.of(c.at()));
        return Optional.of(n);
    }

    /** Nothing for the drawing that the others are laid on. */
    Optional<Node> inLine() {
        List<PlacedDrawing> all = w.reckonings().references(d.underlay().id());
        if (all.isEmpty()) return Optional.empty();
        Optional<Proposed> p = of(Proposed.Decision.IN_LINE);
        Optional<Reckonings.Lined> l = p.isEmpty() ? Optional.empty() : w.reckonings().inLine(d);
        String name = l.map(Reckonings.Lined::on).map(x -> Names.of(w, x.underlay())).orElseGet(() -> String.join(", ",
            all.stream().map(x -> Names.of(w, x.underlay())).toList()));
        List<Node> body = new ArrayList<>();
        if (l.isEmpty()) body.add(Parts.label(Words.of(w.reckonings().isWorking() ? "true.line.working" : "true.line.none", name),
            "quiet"));
        else {
            Lining.Aligned a = l.get().line().aligned();
            if (!p.get().sure() && !p.get().taken()) body.add(Parts.label(Words.of("true.perhaps.line", name), "quiet"));
            body.add(Parts.evidence(a.unsure() ? "–" : "✓", Words.of("evidence.line." + a.by().name(), a.lines(),
                w.lengths().partWithUnit(a.residual()), name), a.unsure() ? Tone.PLAIN : Tone.SURE));
        }
        List<Node> buttons = new ArrayList<>();
        take(Proposed.Decision.IN_LINE).ifPresent(buttons::add);
        buttons.add(Parts.button(w, commands.get("two-pairs"), false));
        body.add(Parts.row(buttons.toArray(Node[]::new)));
        return Optional.of(Parts.decision(Words.of("true.line-with", name), p.map(ProposalPart::pill).orElse(null),
            hasNext(Proposed.Decision.IN_LINE),
            body.toArray(Node[]::new)));
    }
}
