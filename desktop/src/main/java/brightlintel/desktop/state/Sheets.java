package brightlintel.desktop.state;

import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.LayOn;
import brightlintel.receive.SheetCuts;
import brightlintel.sheet.SheetParts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;

/** What lies on the sheets, and what somebody chose of it before it is taken. */
public final class Sheets {
    private final Workspace w;
    private final Map<UnderlayId, List<SheetCuts.Choice>> choices = new HashMap<>();
    private OptionalInt pointed = OptionalInt.empty();
    /** The last answer: a board that is moved asks for it in each frame. */
    private Proposal last = new Proposal(null, null, null, List.of());

    private record Proposal(Project project, StoreyId on, SheetParts parts, List<SheetCuts.Choice> choices) { }

    Sheets(Workspace w) {
        this.w = w;
    }

    void forget() {
        choices.clear();
        pointed = OptionalInt.empty();
    }

    /** Nothing while it is being worked out; its end is told as {@link Change#EVIDENCE}. */
    public Optional<SheetParts> parts(PlacedDrawing d) {
        return w.asReceived().of(d).map(AsReceived.Seen::parts);
    }

    /** Of a sheet that is laid as a whole and holds more than one plan and nothing else: what to take of it, and where each goes. */
    public List<SheetCuts.Choice> offered(PlacedDrawing d) {
        Underlay u = d.underlay();
        if (u.cutOut().isPresent() || u.locked()) return List.of();
        List<SheetCuts.Choice> own = choices.get(u.id());
        if (own != null) return own;
        Optional<SheetParts> p = parts(d).filter(x -> x.plans().size() > 0 && (x.parts().size() > 1 || x.frame().isPresent()));
        return p.map(this::proposed).orElse(List.of());
    }

    private List<SheetCuts.Choice> proposed(SheetParts p) {
        if (last.project != w.project() || !w.storeyId().equals(last.on) || last.parts != p)
            last = new Proposal(w.project(), w.storeyId(), p, SheetCuts.proposed(w.project(), w.storeyId(), p));
        return last.choices;
    }

    /** Chooses otherwise. */
    public void choose(PlacedDrawing d, int i, UnaryOperator<SheetCuts.Choice> f) {
        List<SheetCuts.Choice> all = new ArrayList<>(offered(d));
        if (i >= all.size()) return;
        all.set(i, f.apply(all.get(i)));
        choices.put(d.underlay().id(), List.copyOf(all));
        w.tell(Change.EVIDENCE);
    }

    /** A part that somebody drew an outline round, for the storey in hand; file units. */
    public void add(PlacedDrawing d, Ring outline) {
        List<SheetCuts.Choice> all = new ArrayList<>(offered(d));
        SheetParts.Part p = new SheetParts.Part(SheetParts.Kind.PLAN, outline, "", OptionalInt.empty(), 1, OptionalInt.empty());
        all.add(new SheetCuts.Choice(p, outline, true, Optional.of(new LayOn.There(w.storeyId()))));
        choices.put(d.underlay().id(), List.copyOf(all));
        w.tell(Change.EVIDENCE);
    }

    /** All that is chosen, in one step. */
    public void take() {
        w.drawing().ifPresent(d -> {
            List<SheetCuts.Choice> all = offered(d);
            Project before = w.project();
            StoreyId at = w.storeyId();
            w.apply(SheetCuts.lay(d.underlay().id(), all));
            if (w.project().equals(before)) return;
            point(OptionalInt.empty());
            w.go(w.project().storey(at).filter(s -> !s.underlays().isEmpty()).isPresent() ? at : w.project().storeys().stream()
                .filter(s -> !s.underlays().isEmpty()).findFirst().orElse(w.project().storeys().getFirst()).id());
            w.tell(Change.DRAWING);
        });
    }

    /** The part that an underlay is cut out as, once it is known; none of what was cut out by hand. */
    private Optional<SheetParts.Part> part(Underlay u) {
        return u.cutOut().flatMap(c -> w.asReceived().known(u).flatMap(seen -> seen.parts().parts().stream()
            .filter(x -> x.withRoom().equals(c)).findFirst()));
    }

    /** The title of the part that an underlay is. */
    public Optional<String> title(Underlay u) {
        return part(u).map(SheetParts.Part::title).filter(t -> !t.isEmpty());
    }

    /** Whether an underlay is a plan, or not known to be something else. */
    public boolean isPlan(Underlay u) {
        return part(u).map(x -> x.kind() == SheetParts.Kind.PLAN).orElse(true);
    }

    /** The part that is pointed at in the docket. */
    public OptionalInt pointed() {
        return pointed;
    }

    public void point(OptionalInt part) {
        if (part.equals(pointed)) return;
        pointed = part;
        w.tell(Change.LOOK);
    }
}
