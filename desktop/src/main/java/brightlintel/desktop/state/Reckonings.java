package brightlintel.desktop.state;

import brightlintel.building.Placement;
import brightlintel.building.Storey;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.correct.InLine;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.correct.look.Measure;
import brightlintel.correct.size.SizeKind;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What was found of the size, turn and place of drawings: worked out behind the window when it is first asked for, again when more or less
 * of a drawing is shown. What somebody struck out stays struck out as long as the window has the project.
 */
public final class Reckonings {
    private static final int MOST = 12, MOST_REFERENCES = 3;
    private final Workspace w;
    private final Map<Key, Reckoning> kept = new LinkedHashMap<>(16, 0.75f, true);
    private final Map<Pair, Optional<InLine>> lines = new LinkedHashMap<>(16, 0.75f, true);
    private final Map<Without, Reckoning> without = new LinkedHashMap<>(16, 0.75f, true);
    /** What is being worked out; what could not be, is not tried again. */
    private final Set<Object> asked = new HashSet<>(), failed = new HashSet<>();
    private final Map<UnderlayId, Set<SizeKind>> struck = new HashMap<>();
    private List<Point> lit = List.of();
    private boolean showsMeasures, showsUnits;
    private int visited = -1;

    /** Told by identity: a drawing that is cleared otherwise is another one. */
    private record Key(Strokes strokes, Object clearing, Object cutOut) { }

    private record Pair(Reckoning fixed, Placement place, Reckoning moved) { }

    private record Without(Key key, Set<SizeKind> struck) { }

    Reckonings(Workspace w) {
        this.w = w;
    }

    void forget() {
        kept.clear();
        lines.clear();
        without.clear();
        failed.clear();
        asked.clear();
        struck.clear();
        lit = List.of();
        visited = -1;
    }

    /** Nothing while it is being worked out; its end is told as {@link Change#EVIDENCE}. */
    public Optional<Reckoning> of(PlacedDrawing d) {
        Underlay u = d.underlay();
        Key key = new Key(d.strokes(), u.clearing(), u.cutOut());
        Optional<RawDrawing> raw = w.shelf().has(u).map(DrawingShelf.Shelved::drawing);
        if (!kept.containsKey(key) && raw.isPresent() && !failed.contains(key) && asked.add(key)) {
            Reckoning[] found = new Reckoning[1];
            Drawn drawn = new Drawn(raw.get(), u.space(), d.strokes(), d.cleared()::strokeShown, d.cleared()::markShown);
            w.onBoard().behind(() -> found[0] = Reckoning.of(drawn), () -> {
                if (!asked.remove(key)) return;
                if (found[0] == null) fail(key);
                else keep(kept, key, found[0]);
            });
        }
        Set<SizeKind> out = struck(u.id());
        Reckoning whole = kept.get(key);
        if (whole == null || out.isEmpty()) return Optional.ofNullable(whole);
        Without less = new Without(key, out);
        if (!without.containsKey(less)) bounded(without, less, whole.without(out));
        return Optional.of(without.get(less));
    }

    private void fail(Object key) {
        failed.add(key);
        w.tell(Change.EVIDENCE);
    }

    private static <K, V> void bounded(Map<K, V> in, K key, V value) {
        in.put(key, value);
        while (in.size() > MOST) in.remove(in.keySet().iterator().next());
    }

    private <K, V> void keep(Map<K, V> in, K key, V value) {
        bounded(in, key, value);
        w.tell(Change.EVIDENCE);
    }

    public Set<SizeKind> struck(UnderlayId u) {
        return Set.copyOf(struck.getOrDefault(u, Set.of()));
    }

    /** Strikes a kind of evidence out, or takes it in again. */
    public void strike(UnderlayId u, SizeKind kind) {
        Set<SizeKind> s = struck.computeIfAbsent(u, _ -> EnumSet.noneOf(SizeKind.class));
        if (!s.remove(kind)) s.add(kind);
        w.tell(Change.EVIDENCE);
    }

    // ---- storeys in line

    /**
     * Drawings that another may be laid on, those first that somebody has put in their place, of these the lowest. The lowest of all is
     * laid on
     * none.
     */
    public List<PlacedDrawing> references(UnderlayId u) {
        List<PlacedDrawing> all = new ArrayList<>();
        for (Storey s : w.project().storeys()) for (PlacedDrawing d : w.onBoard().of(s.id())) if (d.strokes().size() > 0) all.add(d);
        if (all.isEmpty() || all.getFirst().underlay().id().equals(u)) return List.of();
        return all.stream().filter(d -> !d.underlay().id().equals(u) && !d.underlay().placement().scale().isAssumed())
            .sorted(Comparator.comparing(d -> d.underlay().placement().fileAnchor().isAssumed())).limit(MOST_REFERENCES).toList();
    }

    /** A drawing on one of its references. */
    public record Lined(PlacedDrawing on, InLine line) { }

    /** Of a drawing on the first reference that it surely lies on, else on the first that it may; nothing while that is worked out. */
    public Optional<Lined> inLine(PlacedDrawing d) {
        Optional<Reckoning> moved = of(d);
        if (moved.isEmpty()) return Optional.empty();
        Optional<Lined> unsure = Optional.empty();
        for (PlacedDrawing on : references(d.underlay().id())) {
            Optional<Reckoning> fixed = of(on);
            if (fixed.isEmpty()) return Optional.empty();
            Pair key = new Pair(fixed.get(), on.underlay().placement(), moved.get());
            work(key);
            if (!lines.containsKey(key) && !failed.contains(key)) return Optional.empty();
            Optional<Lined> line = lines.getOrDefault(key, Optional.empty()).map(l -> new Lined(on, l));
            if (line.filter(l -> !l.line.aligned().unsure()).isPresent()) return line;
            if (unsure.isEmpty()) unsure = line;
        }
        return unsure;
    }

    private void work(Pair key) {
        if (lines.containsKey(key) || failed.contains(key) || !asked.add(key)) return;
        List<Optional<InLine>> found = new ArrayList<>();
        w.onBoard().behind(() -> found.add(InLine.of(key.fixed, key.place, key.moved)), () -> {
            if (!asked.remove(key)) return;
            if (found.isEmpty()) fail(key);
            else keep(lines, key, found.getFirst());
        });
    }

    /** Whether anything is being worked out. */
    public boolean isWorking() {
        return !asked.isEmpty();
    }

    // ---- on the board

    /** What evidence that is pointed at rests on, metres. */
    public List<Point> lit() {
        return lit;
    }

    public void light(List<Point> metres) {
        if (lit.equals(metres)) return;
        lit = List.copyOf(metres);
        w.tell(Change.AIM);
    }

    public boolean showsMeasures() {
        return showsMeasures;
    }

    public void showMeasures(boolean on) {
        if (showsMeasures == on) return;
        showsMeasures = on;
        visited = -1;
        w.tell(Change.EVIDENCE);
    }

    /** Whether the units that somebody may choose from are unfolded. */
    public boolean showsUnits() {
        return showsUnits;
    }

    public void showUnits(boolean on) {
        showsUnits = on;
        w.tell(Change.EVIDENCE);
    }

    /** Written measures of the drawing in hand that lie, in the order of the file. */
    public List<Measure> liars() {
        return w.drawing().flatMap(this::of).map(r -> r.size().liars()).orElse(List.of());
    }

    /** The next of those that lie, or the one before. */
    public Optional<Measure> visit(int by) {
        List<Measure> all = liars();
        if (all.isEmpty()) return Optional.empty();
        visited = Math.floorMod(visited < 0 ? by > 0 ? 0 : -1 : visited + by, all.size());
        return visited();
    }

    public Optional<Measure> visited() {
        List<Measure> all = liars();
        return visited >= 0 && visited < all.size() ? Optional.of(all.get(visited)) : Optional.empty();
    }
}
