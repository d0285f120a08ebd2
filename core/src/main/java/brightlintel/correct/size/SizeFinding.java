package brightlintel.correct.size;

import brightlintel.correct.look.Measure;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How many metres a drawing unit is, and why.
 *
 * @param metresPerUnit  the best factor; x and y part where the sheet was stretched
 * @param nominal        the factor that people draw at which it was probably meant to be: the drawn size over the true one is its share
 * @param runnerUp       the next best
 * @param confidence     0 to 1, of the best among all
 * @param unsure         too little speaks for it, or something against it
 * @param opinions       of all sources, those that weigh most first
 * @param agreeing       written measures that agree with the best; liars: those that the file knows and that do not
 * @param figureUnit     metres, of bare figures
 */
public record SizeFinding(double metresPerUnit, double metresPerUnitX, double metresPerUnitY, double nominal, OptionalDouble runnerUp,
    double confidence,
    boolean unsure, List<Opinion> opinions, List<Measure> agreeing, List<Measure> liars, Optional<Double> figureUnit) {
    /** Below this the answer is unsure. */
    public static final double SURE = 0.9;
    /** From which the factors along x and y part: what rounding leaves is below. */
    public static final double STRETCHED = 0.0015;

    public SizeFinding {
        opinions = List.copyOf(opinions);
        agreeing = List.copyOf(agreeing);
        liars = List.copyOf(liars);
    }

    /** Of the same sheet, were it as long both ways. */
    public SizeFinding even() {
        return new SizeFinding(metresPerUnit, metresPerUnit, metresPerUnit, nominal, runnerUp, confidence, unsure, opinions, agreeing,
            liars,
            figureUnit);
    }

    public boolean isStretched() {
        return Math.abs(metresPerUnitX / metresPerUnitY - 1) > STRETCHED;
    }
}
