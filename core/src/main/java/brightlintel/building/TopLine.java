package brightlintel.building;

import java.util.List;

/**
 * The upper edge of a wall, above its base, as a function of the way along its reference: straight between its knots, level beyond the
 * first and the last. Metres. A body of no height at all could not be found any more, so a millimetre is the least.
 */
public record TopLine(List<Knot> knots) {
    private static final double LEAST = 0.001;

    public record Knot(double along, double height) {
        public Knot {
            if (!Double.isFinite(along) || !Double.isFinite(height))
                throw new IllegalArgumentException("knot " + along + " " + height + " is not finite");
            height = Math.max(LEAST, height);
        }
    }

    public TopLine {
        knots = List.copyOf(knots);
        if (knots.isEmpty()) throw new IllegalArgumentException("a top without a height");
        for (int i = 1; i < knots.size(); i++)
            if (!(knots.get(i).along() > knots.get(i - 1).along()))
                throw new IllegalArgumentException("knot " + i + " does not lie behind the one before");
    }

    public static TopLine level(double height) {
        return new TopLine(List.of(new Knot(0, height)));
    }

    public static TopLine sloped(double length, double atStart, double atEnd) {
        return atStart == atEnd ? level(atStart) : new TopLine(List.of(new Knot(0, atStart), new Knot(length, atEnd)));
    }

    public double at(double along) {
        Knot before = knots.getFirst();
        if (along <= before.along()) return before.height();
        for (Knot k : knots) {
            if (along < k.along())
                return before.height() + (k.height() - before.height()) * (along - before.along()) / (k.along() - before.along());
            before = k;
        }
        return before.height();
    }

    public boolean isLevel() {
        return knots.stream().allMatch(k -> k.height() == knots.getFirst().height());
    }

    public double least() {
        return knots.stream().mapToDouble(Knot::height).min().orElseThrow();
    }

    public double most() {
        return knots.stream().mapToDouble(Knot::height).max().orElseThrow();
    }

    /** The lowest between two ways along. */
    public double least(double from, double to) {
        double least = Math.min(at(from), at(to));
        for (Knot k : knots) if (k.along() > from && k.along() < to) least = Math.min(least, k.height());
        return least;
    }
}
