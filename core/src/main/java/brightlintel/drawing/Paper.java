package brightlintel.drawing;

import java.util.Optional;

/**
 * The sheet that a layout or a page is drawn on.
 *
 * @param width         metres; height too
 * @param metresPerUnit what one of its drawing units is on paper
 */
public record Paper(double width, double height, double metresPerUnit) {
    private static final double MILLIMETRE = 0.001, INCH = 0.0254;

    /** As drawings store it: a size in millimetres, and 0 for inches, 1 for millimetres as the unit. Nothing where that is no sheet. */
    public static Optional<Paper> ofLayout(double widthMm, double heightMm, int unit) {
        boolean sheet = widthMm > 1 && heightMm > 1 && widthMm < 1e5 && heightMm < 1e5 && (unit == 0 || unit == 1);
        return sheet ? Optional.of(new Paper(widthMm * MILLIMETRE, heightMm * MILLIMETRE, unit == 0 ? INCH : MILLIMETRE))
            : Optional.empty();
    }

    public boolean isInches() {
        return metresPerUnit == INCH;
    }
}
