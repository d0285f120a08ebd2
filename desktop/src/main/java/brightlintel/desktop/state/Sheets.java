package brightlintel.desktop.state;

import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.receive.LayOn;
import brightlintel.receive.SheetCuts;
import brightlintel.sheet.SheetParts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;

/** What lies on the sheets: found behind the window once for each, and what somebody chose of it before it is taken. */
public final class Sheets {
    private static final int MOST = 12;
    private final Workspace w;
    private final Map<Key, SheetParts> found = new LinkedHashMap<>();
    private final Set<Key> asked = new HashSet<>();
    private final Map<UnderlayId, List<SheetCuts.Choice>> choices = new HashMap<>();
    private OptionalInt pointed = OptionalInt.empty();

    private record Key(String sha256, SpaceKey space) { }

    Sheets(Workspace w) {
        this.w = w;
    }

    void forget() {
        found.clear();
        asked.clear();
        choices.clear();
        pointed = OptionalInt.empty();
    }

    /** Nothing while it is being worked out; its end is told as {@link Change#EVIDENCE}. */
    public Optional<SheetParts> parts(PlacedDrawing d) {
        Underlay u = d.underlay();
        Key key = new Key(u.sha256(), u.space());
        SheetParts there = found.get(key);
        Optional<RawDrawing> raw = w.shelf().has(u).map(DrawingShelf.Shelved::drawing);
        if (there != null || raw.isEmpty() || !asked.add(key)) return Optional.ofNullable(there);
        Strokes s = d.strokes();
        SheetParts[] out = {new SheetParts(List.of(), Optional.empty())};
        w.onBoard().behind(() -> out[0] = SheetParts.of(Reckoning.of(Drawn.asReceived(raw.get(), u.space(), s))), () -> {
            if (found.size() >= MOST) found.remove(found.keySet().iterator().next());
            found.put(key, out[0]);
            asked.remove(key);
            w.tell(Change.EVIDENCE);
        });
        return Optional.empty();
    }

    /** Of a sheet that is laid as a whole and holds more than one plan and nothing else: what to take of it, and where each goes. */
    public List<SheetCuts.Choice> offered(PlacedDrawing d) {
        Underlay u = d.underlay();
        if (u.cutOut().isPresent() || u.locked()) return List.of();
        List<SheetCuts.Choice> own = choices.get(u.id());
        if (own != null) return own;
        Optional<SheetParts> p = parts(d).filter(x -> x.plans().size() > 0 && (x.parts().size() > 1 || x.frame().isPresent()));
        return p.map(x -> SheetCuts.proposed(w.project(), w.storeyId(), x)).orElse(List.of());
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

    /** The title of the part that an underlay is, once it is known. */
    public Optional<String> title(Underlay u) {
        SheetParts p = found.get(new Key(u.sha256(), u.space()));
        if (p == null || u.cutOut().isEmpty()) return Optional.empty();
        return p.parts().stream().filter(x -> x.withRoom().equals(u.cutOut().get())).map(SheetParts.Part::title).filter(t ->
            !t.isEmpty()).findFirst();
    }

    /** Whether an underlay is a plan, or not known to be something else. */
    public boolean isPlan(Underlay u) {
        SheetParts p = found.get(new Key(u.sha256(), u.space()));
        if (p == null || u.cutOut().isEmpty()) return true;
        return p.parts().stream().filter(x -> x.withRoom().equals(u.cutOut().get())).allMatch(x -> x.kind() == SheetParts.Kind.PLAN);
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
