package brightlintel.lengths;

import java.util.Optional;

/** A pitch as people write it: 35, 35°, 70 %, 7:12. */
public final class PitchReader {
    private PitchReader() { }

    /** Radians, strictly between level and upright. */
    public static Optional<Double> read(String text) {
        String t = text.strip().replace(',', '.');
        try {
            if (t.endsWith("%")) return good(Math.atan(Double.parseDouble(t.substring(0, t.length() - 1).strip()) / 100));
            int colon = t.indexOf(':');
            if (colon > 0) return good(Math.atan(Double.parseDouble(t.substring(0, colon).strip()) / Double.parseDouble(t.substring(colon
                + 1).strip())));
            return good(Math.toRadians(Double.parseDouble(t.replace("°", "").strip())));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private static Optional<Double> good(double radians) {
        return radians > Math.toRadians(0.05) && radians < Math.toRadians(89.5) ? Optional.of(radians) : Optional.empty();
    }
}
