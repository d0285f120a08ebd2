package brightlintel.desktop.state;

import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.repair.Mender;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The placed drawings of a storey. One whose placement or clearing changed is made from the one before it, so that a drawing that is on the
 * board stays there even when the shelf has let go of it.
 */
final class Underlays {
    private static final int MOST = 8;
    /** What has fewer strokes is mended within a frame or two. */
    private static final int LARGE = 8_000;
    private final Map<UnderlayId, PlacedDrawing> placed = new HashMap<>();

    List<PlacedDrawing> of(List<Underlay> underlays, DrawingShelf shelf) {
        return underlays.stream().map(u -> get(u, shelf)).flatMap(Optional::stream).toList();
    }

    /** Where there are many, those that are not wanted are let go: the shelf has them as long as it has room. */
    void keep(Set<UnderlayId> wanted) {
        if (placed.size() > MOST) placed.keySet().retainAll(wanted);
    }

    /** Whether it is there in whatever place. */
    boolean has(Underlay u) {
        PlacedDrawing there = placed.get(u.id());
        return there != null && there.underlay().sha256().equals(u.sha256()) && there.underlay().space().equals(u.space());
    }

    private Optional<PlacedDrawing> get(Underlay u, DrawingShelf shelf) {
        PlacedDrawing there = placed.get(u.id());
        boolean same = has(u);
        // unless its repairs were worked out meanwhile
        if (same && there.underlay().equals(u) && (there.isMended() || !there.mender().isReady(u))) return Optional.of(there);
        Optional<Mender> mender = same ? Optional.of(there.mender()) : shelf.has(u).map(DrawingShelf.Shelved::mender);
        Optional<PlacedDrawing> now = mender.map(m -> !isAtOnce(u, m) ? PlacedDrawing.unmended(u, m) : same ? there.with(u)
            : new PlacedDrawing(u, m));
        now.ifPresent(d -> placed.put(u.id(), d));
        return now;
    }

    /** Whether its repairs are worked out, or soon are. */
    private static boolean isAtOnce(Underlay u, Mender m) {
        return m.isReady(u) || m.received().strokes().size() < LARGE;
    }

    /** Made behind the window, with what was worked out there. */
    void adopt(PlacedDrawing d) {
        placed.put(d.underlay().id(), d);
    }

    void clear() {
        placed.clear();
    }
}
