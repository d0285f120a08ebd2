package brightlintel.desktop.state;

import brightlintel.building.Mend;
import brightlintel.building.Repair;
import brightlintel.building.Scale;
import brightlintel.building.Underlay;
import brightlintel.edit.Clearings;
import brightlintel.place.PlacedDrawing;
import brightlintel.repair.Repaired;
import brightlintel.role.Casting;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.CancellationException;

/**
 * What would be mended of a drawing: worked out behind the window for the kinds and the tolerance that are chosen, and shown before it is
 * taken.
 */
public final class Mendings {
    /** Metres: the tolerances that are offered. */
    public static final double[] OFFERED = {0.001, 0.005, 0.01, 0.02};
    private static final int MOST = 4;
    /** Percent after which it is told how far. */
    private static final int TELLS = 10;
    private final Workspace w;
    private final Map<Key, Repaired> found = new LinkedHashMap<>();
    /** What is being worked out, and what was given up: it is not begun again by itself. */
    private final Map<Key, Going> asked = new HashMap<>();
    private final Set<Key> stopped = new HashSet<>();
    private final Set<Mend> off = EnumSet.noneOf(Mend.class);
    private double tolerance = Casting.TOLERANCE;
    private boolean shows;

    /** How far, and whether somebody said stop: told from the thread that works. */
    private static final class Going {
        volatile boolean stop;
        volatile int percent;
    }

    private record Key(String sha256, Object space, Repair.Mended recipe, Scale scale) { }

    Mendings(Workspace w) {
        this.w = w;
    }

    void forget() {
        stop();
        found.clear();
        asked.clear();
        stopped.clear();
    }

    public double tolerance() {
        return tolerance;
    }

    public void tolerance(double metres) {
        tolerance = metres;
        w.tell(Change.EVIDENCE);
    }

    public boolean isOff(Mend kind) {
        return off.contains(kind);
    }

    public void toggle(Mend kind) {
        if (!off.remove(kind)) off.add(kind);
        w.tell(Change.EVIDENCE);
    }

    /** Whether what would change is seen on the board. */
    public boolean shows() {
        return shows;
    }

    public void show(boolean s) {
        shows = s;
        w.tell(Change.EVIDENCE);
    }

    private Optional<Repair.Mended> recipe(PlacedDrawing d) {
        Set<Mend> kinds = EnumSet.allOf(Mend.class);
        kinds.removeAll(off);
        return kinds.isEmpty() ? Optional.empty() : Optional.of(new Repair.Mended(kinds, tolerance, walls(d)));
    }

    private Set<String> walls(PlacedDrawing d) {
        return Casting.recipe(w.casts().of(d).orElse(List.of())).asOne();
    }

    /** Of all kinds, with the tolerance that is chosen: how many there would be of each. */
    public Optional<Repaired> all(PlacedDrawing d) {
        return of(d, new Repair.Mended(EnumSet.allOf(Mend.class), tolerance, walls(d)));
    }

    /** What would be done now. Nothing while it is being worked out; its end is told as {@link Change#EVIDENCE}. */
    public Optional<Repaired> proposed(PlacedDrawing d) {
        return recipe(d).flatMap(r -> of(d, r));
    }

    private Optional<Repaired> of(PlacedDrawing d, Repair.Mended recipe) {
        Underlay u = d.underlay();
        Scale scale = u.placement().scale().value();
        Key key = new Key(u.sha256(), u.space(), recipe, scale);
        Repaired there = found.get(key);
        if (there != null || asked.containsKey(key) || stopped.contains(key)) return Optional.ofNullable(there);
        Going going = new Going();
        asked.put(key, going);
        Repaired[] out = new Repaired[1];
        w.onBoard().behind(() -> out[0] = worked(d, recipe, scale, going), () -> {
            asked.remove(key);
            while (found.size() >= MOST) found.remove(found.keySet().iterator().next());
            // what was stopped or could not be worked out is not tried again unasked
            if (out[0] != null) found.put(key, out[0]);
            else stopped.add(key);
            w.tell(Change.EVIDENCE);
        });
        return Optional.ofNullable(found.get(key));
    }

    private Repaired worked(PlacedDrawing d, Repair.Mended recipe, Scale scale, Going going) {
        try {
            return d.mender().with(recipe, scale, (_, done, total) -> {
                if (going.stop) throw new CancellationException();
                int now = total == 0 ? 0 : (int) (100 * done / total);
                if (now / TELLS == going.percent / TELLS) return;
                going.percent = now;
                w.onBoard().onWindow(() -> w.tell(Change.EVIDENCE));
            }).repaired().orElseThrow();
        } catch (CancellationException stop) {
            return null;
        }
    }

    /** How much of it is done; nothing where nothing is being worked out. */
    public OptionalInt percent() {
        return asked.values().stream().mapToInt(g -> g.percent).min();
    }

    /** What is being worked out is given up. */
    public void stop() {
        asked.values().forEach(g -> g.stop = true);
    }

    /** Whether what would be mended is not known because it was given up. */
    public boolean isStopped() {
        return !stopped.isEmpty();
    }

    /** What was given up is worked out after all. */
    public void again() {
        stopped.clear();
        w.tell(Change.EVIDENCE);
    }

    /** As one step. */
    public void take() {
        w.drawing().ifPresent(d -> {
            if (proposed(d).isPresent()) w.apply(Clearings.mend(d.underlay().id(), recipe(d)));
        });
    }

    /** As it was received again. */
    public void takeBack() {
        w.underlay().ifPresent(u -> w.apply(Clearings.mend(u.id(), Optional.empty())));
    }
}
