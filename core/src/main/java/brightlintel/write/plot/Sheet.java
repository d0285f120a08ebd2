package brightlintel.write.plot;

import brightlintel.geom.Box;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** @param denominator of the scale: 100 is 1:100 */
public record Sheet(Size size, boolean landscape, double denominator) {
    /** Scales that plans are plotted at. */
    public static final List<Integer> SCALES = List.of(20, 25, 50, 75, 100, 125, 150, 200, 250, 300, 400, 500);
    static final double MARGIN = 10, STRIP = 20;
    private static final double MM = 1000;

    /** Millimetres, upright. */
    public enum Size {
        A4(210, 297), A3(297, 420), A2(420, 594), A1(594, 841), A0(841, 1189);

        private final double narrow, high;

        Size(double narrow, double high) {
            this.narrow = narrow;
            this.high = high;
        }

        public static Optional<Size> of(String name) {
            return Arrays.stream(values()).filter(s -> s.name().equals(name.toUpperCase(Locale.ROOT))).findFirst();
        }
    }

    public Sheet {
        if (!(denominator >= 1 && denominator <= 100_000))
            throw new IllegalArgumentException("denominator " + denominator + " is not within 1..100000");
    }

    /** Millimetres. */
    public double width() {
        return landscape ? size.high : size.narrow;
    }

    public double height() {
        return landscape ? size.narrow : size.high;
    }

    /** Where the plan goes: within the margins, above the strip with title and scale. */
    Box room() {
        return new Box(MARGIN, MARGIN + STRIP, width() - MARGIN, height() - MARGIN);
    }

    /** @param plan metres */
    public boolean holds(Box plan) {
        return plan.width() * MM / denominator <= room().width() && plan.height() * MM / denominator <= room().height();
    }

    /** The largest of the usual scales at which a plan fits; the smallest where none does. @param plan metres */
    public static Sheet fitting(Size size, boolean landscape, Box plan) {
        for (int n : SCALES) {
            Sheet s = new Sheet(size, landscape, n);
            if (s.holds(plan)) return s;
        }
        return new Sheet(size, landscape, SCALES.getLast());
    }
}
