package brightlintel.desktop.state;

import brightlintel.building.Cast;
import brightlintel.building.Role;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.correct.Office;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.edit.Clearings;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import brightlintel.role.RoleProfile;
import brightlintel.select.Alike;
import brightlintel.select.Picked;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What parts of drawings stand for: found behind the window of all that is drawn, once for each drawing; and what somebody said. */
public final class Casts {
    private static final int MOST = 8;
    private final Workspace w;
    /** By bytes and space, so that no drawing is kept in memory for what was found of it. */
    private final Map<Key, Found> found = new LinkedHashMap<>();
    private final Set<Key> asked = new HashSet<>();

    private record Key(String sha256, SpaceKey space) { }

    /** @param counted with the words of somebody that stood when they were counted */
    private record Found(List<Cast> casts, List<Cast> counted, Map<Role, Integer> counts) { }

    Casts(Workspace w) {
        this.w = w;
    }

    void forget() {
        found.clear();
        asked.clear();
    }

    /** Nothing while it is being worked out; its end is told as {@link Change#EVIDENCE}. */
    public Optional<List<Cast>> of(PlacedDrawing d) {
        Underlay u = d.underlay();
        Key key = new Key(u.sha256(), u.space());
        Found there = found.get(key);
        if (there != null) return Optional.of(Casting.with(Casting.before(there.casts, lent(d)), u.clearing().roles()));
        Optional<RawDrawing> raw = w.shelf().has(u).map(DrawingShelf.Shelved::drawing);
        if (raw.isEmpty() || !asked.add(key)) return Optional.empty();
        Strokes s = d.strokes();
        Found[] out = new Found[1];
        w.onBoard().behind(() -> {
            List<Cast> casts = Casting.proposed(RoleFinding.of(Reckoning.of(Drawn.asReceived(raw.get(), u.space(), s))), s);
            out[0] = new Found(casts, casts, Casting.counts(s, casts));
        }, () -> {
            if (found.size() >= MOST) found.remove(found.keySet().iterator().next());
            found.put(key, out[0] == null ? new Found(List.of(), List.of(), Map.of()) : out[0]);
            asked.remove(key);
            w.tell(Change.EVIDENCE);
        });
        return Optional.empty();
    }

    /** What was said of other drawings of the project that look as if they came from the same office. */
    private List<Cast> lent(PlacedDrawing d) {
        RoleProfile all = RoleProfile.NONE;
        for (Underlay o : w.project().underlays()) {
            if (o.sha256().equals(d.underlay().sha256())) continue;
            RoleProfile said = RoleProfile.of(o.clearing().roles(), true);
            if (!said.isEmpty() && isAlike(d.underlay(), o)) all = all.with(said);
        }
        return all.isEmpty() ? List.of() : all.in(d.strokes());
    }

    private boolean isAlike(Underlay a, Underlay b) {
        Optional<DrawingShelf.Shelved> x = w.shelf().has(a), y = w.shelf().has(b);
        return x.isPresent() && y.isPresent() && Office.isAlike(drawn(x.get()), drawn(y.get()));
    }

    private static Drawn drawn(DrawingShelf.Shelved s) {
        return Drawn.asReceived(s.drawing(), s.space(), s.strokes());
    }

    /** What the drawing in hand says of layers and blocks, found or said, for a file. */
    public RoleProfile profile() {
        return w.drawing().flatMap(this::of).map(c -> RoleProfile.of(c, false)).orElse(RoleProfile.NONE);
    }

    /** What a profile says of the drawing in hand, as one step. @return how many layers and blocks it speaks of */
    public int take(RoleProfile p) {
        PlacedDrawing d = w.drawing().orElseThrow();
        List<Cast> said = p.in(d.strokes());
        if (!said.isEmpty()) of(d).ifPresent(c -> w.apply(Clearings.casts(d.underlay().id(), c, said)));
        return said.size();
    }

    /** Strokes, texts and fills of each role; counted anew only where somebody said otherwise since. */
    public Map<Role, Integer> counts(PlacedDrawing d, List<Cast> casts) {
        if (d.underlay().cutOut().isPresent()) return Casting.counts(d.strokes(), casts, d.cleared()::shows);
        Key key = new Key(d.underlay().sha256(), d.underlay().space());
        Found there = found.get(key);
        if (there != null && there.counted.equals(casts)) return there.counts;
        Map<Role, Integer> counts = Casting.counts(d.strokes(), casts);
        if (there != null) found.put(key, new Found(there.casts, casts, counts));
        return counts;
    }

    /** Shown things that are cast so. */
    public Picked cast(PlacedDrawing d, Role r) {
        Casting.Lookup of = new Casting.Lookup(of(d).orElse(List.of()));
        Strokes s = d.strokes();
        return Alike.of(d, i -> of.of(s, i).filter(r::equals).isPresent(), m -> of.of(s, s.mark(m)).filter(r::equals).isPresent());
    }

    /** Keeps only building. */
    public void strip() {
        w.drawing().ifPresent(d -> of(d).ifPresent(c -> w.apply(Clearings.strip(d.underlay().id(), c))));
    }

    public void show(UnderlayId u, Role r, boolean shown, String name) {
        w.drawing().flatMap(this::of).ifPresent(c -> w.apply(Clearings.role(u, c, r, shown, name)));
    }

    public void say(UnderlayId u, Cast.Part part, Role r, String name) {
        w.drawing().flatMap(this::of).ifPresent(c -> w.apply(Clearings.cast(u, c, part, r, name)));
    }
}
