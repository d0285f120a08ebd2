package brightlintel.building;

import brightlintel.geom.Affine;
import brightlintel.geom.Point;

/**
 * Where the building stands.
 *
 * @param north   true north, radians counter-clockwise from the building's +y
 * @param datum   height of ±0.00 above the survey's zero, metres
 * @param survey  survey position of the building's 0,0, metres
 */
public record Site(Given<Double> north, Given<Double> datum, Given<Point> survey) {
    public static final Site UNKNOWN = new Site(Given.assumed(0.0), Given.assumed(0.0), Given.assumed(Point.ORIGIN));

    public Site {
        if (!Double.isFinite(north.value())) throw new IllegalArgumentException("north " + north.value() + " is not finite");
        if (!Double.isFinite(datum.value())) throw new IllegalArgumentException("datum " + datum.value() + " is not finite");
        if (!survey.value().isFinite()) throw new IllegalArgumentException("survey " + survey.value() + " is not finite");
    }

    public Site withNorth(Given<Double> n) {
        return new Site(n, datum, survey);
    }

    public Site withDatum(Given<Double> d) {
        return new Site(north, d, survey);
    }

    public Site withSurvey(Given<Point> s) {
        return new Site(north, datum, s);
    }

    /** Of another 0,0 at a place of the building. */
    public Site movedTo(Point at) {
        Point inSurvey = Affine.turn(-north.value()).applyVector(at);
        return withSurvey(survey.map(p -> p.plus(inSurvey)));
    }

    /** Somebody said where it stands. */
    public boolean isKnown() {
        return !north.isAssumed() || !datum.isAssumed() || !survey.isAssumed();
    }
}
