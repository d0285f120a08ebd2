package brightlintel.drawing;

import brightlintel.geom.Vec3;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** Header variables by name with the leading $, in upper case; a point is its numbers with blanks between. */
public record Header(Map<String, String> words) {
    public static final Header NONE = new Header(Map.of());

    public Header {
        words = Collections.unmodifiableMap(new LinkedHashMap<>(words));
    }

    public Optional<String> word(String name) {
        return Optional.ofNullable(words.get(name));
    }

    public Optional<Double> number(String name) {
        return word(name).flatMap(w -> {
            try {
                double v = Double.parseDouble(w.trim());
                return Double.isFinite(v) ? Optional.of(v) : Optional.empty();
            } catch (NumberFormatException e) {
                return Optional.empty();
            }
        });
    }

    public Optional<Integer> whole(String name) {
        return number(name).map(Double::intValue);
    }

    public Optional<Vec3> point(String name) {
        return word(name).flatMap(w -> {
            String[] p = w.trim().split(" ");
            try {
                Vec3 v = new Vec3(Double.parseDouble(p[0]), Double.parseDouble(p[1]), p.length > 2 ? Double.parseDouble(p[2]) : 0);
                return v.isFinite() ? Optional.of(v) : Optional.empty();
            } catch (RuntimeException e) {
                return Optional.empty();
            }
        });
    }
}
