package brightlintel.building;

/**
 * A height that things stand on or end at, beside the storeys' floors: foundation, plinth, a landing, a ridge.
 *
 * @param height above the project's ±0.00, metres
 */
public record Level(LevelId id, String name, Given<Double> height) {
    public Level {
        if (!(Math.abs(height.value()) < 1e5)) throw new IllegalArgumentException("height " + height.value() + " is not within ±100000");
    }

    public Level withName(String n) {
        return new Level(id, n, height);
    }

    public Level withHeight(Given<Double> h) {
        return new Level(id, name, h);
    }
}
