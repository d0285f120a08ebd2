package brightlintel.desktop.state;

import brightlintel.building.Cast;
import brightlintel.building.Role;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Strokes;
import brightlintel.edit.Clearings;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What parts of drawings stand for: found behind the window of all that is drawn, once for each drawing; and what somebody said. */
public final class Casts {
    private static final int MOST = 8;
    private final Workspace w;
    private final Map<Strokes, List<Cast>> found = new IdentityHashMap<>();
    private final Map<Strokes, Boolean> asked = new IdentityHashMap<>();
    private List<Cast> countedOf = List.of();
    private Strokes countedIn;
    private Map<Role, Integer> counts = Map.of();

    Casts(Workspace w) {
        this.w = w;
    }

    void forget() {
        found.clear();
        asked.clear();
        countedIn = null;
    }

    /** Nothing while it is being worked out; its end is told as {@link Change#EVIDENCE}. */
    public Optional<List<Cast>> of(PlacedDrawing d) {
        Strokes s = d.strokes();
        List<Cast> there = found.get(s);
        if (there != null) return Optional.of(Casting.with(there, d.underlay().clearing().roles()));
        Underlay u = d.underlay();
        Optional<RawDrawing> raw = w.shelf().has(u).map(DrawingShelf.Shelved::drawing);
        if (raw.isEmpty() || asked.put(s, true) != null) return Optional.empty();
        Object[] out = new Object[1];
        w.onBoard().behind(() -> out[0] = Casting.proposed(RoleFinding.of(Reckoning.of(Drawn.asReceived(raw.get(), u.space(), s))), s),
            () -> {
            if (found.size() >= MOST) forget();
            @SuppressWarnings("unchecked") List<Cast> all = out[0] == null ? List.of() : (List<Cast>) out[0];
            found.put(s, all);
            w.tell(Change.EVIDENCE);
        });
        return Optional.empty();
    }

    /** Strokes, texts and fills of each role. */
    public Map<Role, Integer> counts(PlacedDrawing d, List<Cast> casts) {
        if (countedIn != d.strokes() || !countedOf.equals(casts)) {
            counts = Casting.counts(d.strokes(), casts);
            countedIn = d.strokes();
            countedOf = casts;
        }
        return counts;
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
