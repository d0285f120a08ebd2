package brightlintel.desktop.state;

import brightlintel.building.StoreyId;
import brightlintel.geom.Point;
import brightlintel.measure.Measured;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What was measured and stays on the board until it is cleared, storey by storey; and the base point that distances are told from. */
public final class Measures {
    private final Workspace w;
    private final Map<StoreyId, List<Measured>> all = new HashMap<>();
    private Optional<Point> base = Optional.empty();

    Measures(Workspace w) {
        this.w = w;
    }

    public List<Measured> all() {
        return List.copyOf(here());
    }

    private List<Measured> here() {
        return all.computeIfAbsent(w.storeyId(), _ -> new ArrayList<>());
    }

    public Optional<Measured> last() {
        return here().isEmpty() ? Optional.empty() : Optional.of(here().getLast());
    }

    public void add(Measured m) {
        here().add(m);
        w.tell(Change.MEASURES);
    }

    /** @return false where there was none */
    public boolean takeBack() {
        if (here().isEmpty()) return false;
        here().removeLast();
        w.tell(Change.MEASURES);
        return true;
    }

    /** Of all storeys: another project is shown. */
    void forget() {
        all.clear();
        base = Optional.empty();
    }

    /** Those of the storey in hand. */
    public void clear() {
        here().clear();
        base = Optional.empty();
        w.tell(Change.MEASURES);
    }

    public Optional<Point> base() {
        return base;
    }

    public void base(Optional<Point> p) {
        base = p;
        w.tell(Change.MEASURES);
    }
}
