package brightlintel.desktop.state;

import brightlintel.geom.Point;
import brightlintel.measure.Measured;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What was measured and stays on the board until it is cleared, storey by storey; and the base point that distances are told from. */
public final class Measures {
    private final Workspace w;
    private final List<Measured> all = new ArrayList<>();
    private Optional<Point> base = Optional.empty();

    Measures(Workspace w) {
        this.w = w;
    }

    public List<Measured> all() {
        return List.copyOf(all);
    }

    public Optional<Measured> last() {
        return all.isEmpty() ? Optional.empty() : Optional.of(all.getLast());
    }

    public void add(Measured m) {
        all.add(m);
        w.tell(Change.MEASURES);
    }

    /** @return false where there was none */
    public boolean takeBack() {
        if (all.isEmpty()) return false;
        all.removeLast();
        w.tell(Change.MEASURES);
        return true;
    }

    public void clear() {
        all.clear();
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
