package brightlintel.desktop.tool;

import brightlintel.building.Placement;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Points picked on one drawing. They are kept where they lie in the file, so that they stay on what was picked when the drawing gets
 * another unit, turn or datum between two clicks.
 */
final class OnUnderlay {
    private final Workspace w;
    private final UnderlayId underlay;
    private final List<Point> inFile = new ArrayList<>();

    OnUnderlay(Workspace w, UnderlayId underlay) {
        this.w = w;
        this.underlay = underlay;
    }

    UnderlayId id() {
        return underlay;
    }

    Optional<Placement> placement() {
        return w.project().underlay(underlay).map(Underlay::placement);
    }

    /** Undone, or taken off its storey. */
    boolean isGone() {
        return !w.underlayIds().contains(underlay);
    }

    void add(Point p) {
        placement().ifPresent(x -> inFile.add(x.toFile(p)));
    }

    /** As they were picked, file units. */
    List<Point> inFile() {
        return List.copyOf(inFile);
    }

    int size() {
        return inFile.size();
    }

    /** Where a point lies now. */
    Point get(int i) {
        return placement().map(p -> p.apply(inFile.get(i))).orElse(Point.ORIGIN);
    }

    List<Point> points() {
        List<Point> out = new ArrayList<>();
        for (int i = 0; i < size(); i++) out.add(get(i));
        return out;
    }

    void clear() {
        inFile.clear();
    }

    /** @return false where there was none */
    boolean takeBack() {
        if (inFile.isEmpty()) return false;
        inFile.removeLast();
        return true;
    }
}
