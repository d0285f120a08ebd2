package brightlintel.building;

import java.util.List;
import java.util.Optional;

/**
 * @param height floor to floor, metres
 * @param sameAs the storey whose contents it repeats until it is parted from it
 */
public record Storey(StoreyId id, String name, Given<Double> level, Given<Double> height, List<UnderlayId> underlays,
    Optional<StoreyId> sameAs) {
    /** Of its own. */
    public Storey(StoreyId id, String name, Given<Double> level, Given<Double> height, List<UnderlayId> underlays) {
        this(id, name, level, height, underlays, Optional.empty());
    }

    public Storey {
        underlays = List.copyOf(underlays);
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
        return new Storey(id, name, l, height, underlays, sameAs);
    }

    public Storey withHeight(Given<Double> h) {
        return new Storey(id, name, level, h, underlays, sameAs);
    }

    public Storey withName(String n) {
        return new Storey(id, n, level, height, underlays, sameAs);
    }

    public Storey withUnderlays(List<UnderlayId> u) {
        return new Storey(id, name, level, height, u, sameAs);
    }

    public Storey withSameAs(Optional<StoreyId> s) {
        return new Storey(id, name, level, height, underlays, s);
    }
}
