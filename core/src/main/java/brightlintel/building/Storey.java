package brightlintel.building;

import java.util.List;

/** @param height floor to floor, metres */
public record Storey(StoreyId id, String name, Given<Double> level, Given<Double> height, List<UnderlayId> underlays) {
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
        return new Storey(id, name, l, height, underlays);
    }

    public Storey withHeight(Given<Double> h) {
        return new Storey(id, name, level, h, underlays);
    }

    public Storey withName(String n) {
        return new Storey(id, n, level, height, underlays);
    }

    public Storey withUnderlays(List<UnderlayId> u) {
        return new Storey(id, name, level, height, u);
    }
}
