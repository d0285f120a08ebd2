package brightlintel.desktop.state;

import brightlintel.building.Cast;
import brightlintel.building.Role;
import brightlintel.building.Underlay;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import brightlintel.sheet.SheetParts;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;

/**
 * What was found of drawings as they were received, whatever is set aside of them since: what their parts stand for and what lies on their
 * sheets, by one look behind the window, once for each.
 */
final class AsReceived {
    private static final int MOST = 12;
    private static final Seen NOTHING = new Seen(List.of(), Map.of(), new SheetParts(List.of(), Optional.empty()));
    private final Workspace w;
    /** By bytes and space, so that no drawing is kept in memory for what was found of it. */
    private final Map<Key, Seen> found = new LinkedHashMap<>();
    private final Set<Key> asked = new HashSet<>();

    /** Which drawing: the same whatever became of it in the project. */
    record Key(String sha256, SpaceKey space) {
        static Key of(Underlay u) {
            return new Key(u.sha256(), u.space());
        }
    }

    /** @param counts strokes and marks of each role, by the casts that were found */
    record Seen(List<Cast> casts, Map<Role, Integer> counts, SheetParts parts) { }

    AsReceived(Workspace w) {
        this.w = w;
    }

    void forget() {
        found.clear();
        asked.clear();
    }

    /** Without looking. */
    Optional<Seen> known(Underlay u) {
        return Optional.ofNullable(found.get(Key.of(u)));
    }

    /** Nothing while it is being worked out; its end is told as {@link Change#EVIDENCE}. */
    Optional<Seen> of(PlacedDrawing d) {
        Underlay u = d.underlay();
        Key key = Key.of(u);
        Seen there = found.get(key);
        if (there != null) return Optional.of(there);
        Optional<RawDrawing> raw = w.shelf().has(u).map(DrawingShelf.Shelved::drawing);
        if (raw.isEmpty() || !asked.add(key)) return Optional.empty();
        Strokes s = d.strokes();
        Seen[] out = {NOTHING};
        w.onBoard().behind(() -> {
            Reckoning r = Reckoning.of(Drawn.asReceived(raw.get(), u.space(), s));
            // neither asks for what the other finds
            CompletableFuture<SheetParts> parts = CompletableFuture.supplyAsync(() -> SheetParts.of(r));
            List<Cast> casts = Casting.proposed(RoleFinding.of(r), s);
            out[0] = new Seen(casts, Casting.counts(s, casts), parts.join());
        }, () -> {
            if (found.size() >= MOST) found.remove(found.keySet().iterator().next());
            found.put(key, out[0]);
            asked.remove(key);
            w.tell(Change.EVIDENCE);
        });
        return Optional.empty();
    }
}
