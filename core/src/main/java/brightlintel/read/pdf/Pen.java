package brightlintel.read.pdf;

import java.util.Arrays;
import java.util.Locale;

/**
 * What a stroke or an area is painted with. Where a file has no layers of its own, those painted alike are one.
 *
 * @param rgb        0xRRGGBB
 * @param hundredths of a millimetre wide on paper; 0 is the thinnest line there is
 * @param dashes     on and off in points, none for an unbroken line
 * @param use        what it paints
 */
record Pen(int rgb, int hundredths, Dashes dashes, Use use) {
    enum Use { STROKE, AREA, HATCHED, SHADED, TEXT, HIDDEN_TEXT, OUTLINED_TEXT, PICTURE, GROUND, MARKUP }

    /** Equal by value. */
    record Dashes(float[] lengths, float phase) {
        static final Dashes NONE = new Dashes(new float[0], 0);

        boolean isNone() {
            return lengths.length == 0;
        }

        @Override public boolean equals(Object o) {
            return o instanceof Dashes d && Arrays.equals(lengths, d.lengths);
        }

        @Override public int hashCode() {
            return Arrays.hashCode(lengths);
        }
    }

    /** As people would call it: "0.50 mm black", "0.13 mm red, dash-dot", "solid grey". */
    String name() {
        return switch (use) {
            case STROKE -> String.format(Locale.ROOT, "%.2f mm %s", hundredths / 100.0, colour(rgb))
                + (dashes.isNone() ? "" : ", " + sort(dashes.lengths));
            case AREA -> "solid " + colour(rgb);
            case HATCHED -> "hatched " + colour(rgb);
            case SHADED -> "shaded";
            case TEXT -> "text " + colour(rgb);
            case HIDDEN_TEXT -> "text not painted";
            case OUTLINED_TEXT -> "text as outlines";
            case PICTURE -> "pictures";
            case GROUND -> "paper ground";
            case MARKUP -> "markups";
        };
    }

    /** What is not to be seen at first. */
    boolean startsOff() {
        return use == Use.HIDDEN_TEXT || use == Use.GROUND;
    }

    static String sort(float[] lengths) {
        double longest = 0;
        for (int i = 0; i < lengths.length; i += 2) longest = Math.max(longest, lengths[i]);
        int dots = 0, marks = 0;
        int n = lengths.length % 2 == 0 ? lengths.length : 2 * lengths.length;
        for (int i = 0; i < n; i += 2) {
            marks++;
            if (lengths[i % lengths.length] < 0.35 * longest) dots++;
        }
        if (dots == 0) return longest < 1.5 && lengths.length < 3 ? "dotted" : "dashed";
        return "dash" + "-dot".repeat(Math.min(3, Math.max(1, dots * (marks > dots ? 1 : 0))));
    }

    /** The nearest of the names that everybody has for colours. */
    static String colour(int rgb) {
        int r = rgb >> 16 & 255, g = rgb >> 8 & 255, b = rgb & 255, max = Math.max(r, Math.max(g, b)), min = Math.min(r, Math.min(g, b));
        if (max - min < 24) return max < 40 ? "black" : max < 110 ? "dark grey" : max < 180 ? "grey" : max < 243 ? "light grey" : "white";
        double hue = 60 * (max == r ? (g - b) / (double) (max - min) : max == g ? 2 + (b - r) / (double) (max - min)
            : 4 + (r - g) / (double) (max - min));
        if (hue < 0) hue += 360;
        String name = hue < 15 || hue >= 345 ? "red" : hue < 45 ? "orange" : hue < 70 ? "yellow" : hue < 165 ? "green" : hue < 200 ? "cyan"
            : hue < 260 ? "blue" : hue < 290 ? "violet" : "magenta";
        boolean dark = max < 140, pale = min > 150;
        if (name.equals("orange") && dark) return "brown";
        return dark ? "dark " + name : pale ? "light " + name : name;
    }
}
