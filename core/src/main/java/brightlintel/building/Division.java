package brightlintel.building;

import java.util.ArrayList;
import java.util.List;

/** How a stretch is parted: into so many, or by a spacing from its start with what is left at its end. */
public sealed interface Division {
    record Number(int parts) implements Division {
        public Number {
            if (parts < 1 || parts > 500) throw new IllegalArgumentException("parts " + parts + " are not within 1..500");
        }
    }

    /** Metres. */
    record Spacing(double metres) implements Division {
        public Spacing {
            if (!(metres >= 0.05 && metres < 100)) throw new IllegalArgumentException("spacing " + metres + " is not within 0.05..100");
        }
    }

    /** Where a stretch is parted, its ends left out. */
    default List<Double> cuts(double length) {
        List<Double> out = new ArrayList<>();
        switch (this) {
            case Number(int n) -> {
                for (int i = 1; i < n; i++) out.add(length * i / n);
            }
            case Spacing(double by) -> {
                for (int i = 1; i * by < length - 0.01; i++) out.add(i * by);
            }
        }
        return out;
    }
}
