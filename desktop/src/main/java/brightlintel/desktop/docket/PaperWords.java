package brightlintel.desktop.docket;

import brightlintel.desktop.text.Words;
import brightlintel.lengths.LengthFormat;

/** Sheets by their names, where they have one. */
public final class PaperWords {
    private static final double[][] ISO = {{841, 1189}, {594, 841}, {420, 594}, {297, 420}, {210, 297}};
    private static final double NEAR = 2;

    private PaperWords() { }

    /** @param widthMm 0 where the file does not say */
    public static String of(double widthMm, double heightMm) {
        if (!(widthMm > 0)) return Words.of("pages.no-paper");
        double a = Math.min(widthMm, heightMm), b = Math.max(widthMm, heightMm);
        for (int i = 0; i < ISO.length; i++) if (Math.abs(a - ISO[i][0]) < NEAR && Math.abs(b - ISO[i][1]) < NEAR) return "A" + i;
        return size(widthMm, heightMm);
    }

    public static String size(double widthMm, double heightMm) {
        return LengthFormat.grouped(Math.round(widthMm)) + " × " + LengthFormat.grouped(Math.round(heightMm)) + " mm";
    }
}
