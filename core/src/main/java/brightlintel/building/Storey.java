package brightlintel.building;

import java.util.List;
import java.util.Optional;

/**
 * @param height floor to floor, metres
 * @param sameAs the storey whose contents it repeats until it is parted from it
 * @param part   of the building that it belongs to, where several stand side by side; empty for the first
 */
public record Storey(StoreyId id, String name, Given<Double> level, Given<Double> height, List<UnderlayId> underlays,
    Optional<StoreyId> sameAs, String part) {
    /** Of its own. */
    public Storey(StoreyId id, String name, Given<Double> level, Given<Double> height, List<UnderlayId> underlays) {
        this(id, name, level, height, underlays, Optional.empty(), "");
    }

    public Storey {
        underlays = List.copyOf(underlays);
        // what was saved before there were parts
        if (part == null) part = "";
        if (!Double.isFinite(level.value())) throw new IllegalArgumentException("level " + level.value() + " is not finite");
        if (!(height.value() > 0.1 && height.value() < 1000))
            throw new IllegalArgumentException("height " + height.value() + " is not within 0.1..1000");
    }

    /** At ±0.00, 3 m high: both assumed. */
    public static Storey ground(String name) {
        return new Storey(StoreyId.fresh(), name, Given.assumed(0.0), Given.assumed(3.0), List.of());
    }

    public double top() {
        return level.value() + height.value();
    }

    public Storey withLevel(Given<Double> l) {
        return new Storey(id, name, l, height, underlays, sameAs, part);
    }

    public Storey withHeight(Given<Double> h) {
        return new Storey(id, name, level, h, underlays, sameAs, part);
    }

    public Storey withName(String n) {
        return new Storey(id, n, level, height, underlays, sameAs, part);
    }

    public Storey withUnderlays(List<UnderlayId> u) {
        return new Storey(id, name, level, height, u, sameAs, part);
    }

    public Storey withSameAs(Optional<StoreyId> s) {
        return new Storey(id, name, level, height, underlays, s, part);
    }

    public Storey ofPart(String p) {
        return new Storey(id, name, level, height, underlays, sameAs, p);
    }

    /** Whether there is a height at which both are. */
    public boolean isBeside(Storey o) {
        return level.value() < o.top() && o.level().value() < top();
    }
}
