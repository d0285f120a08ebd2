package brightlintel.building;

import brightlintel.geom.Point;

/**
 * @param north   true north, radians counter-clockwise from the building's +y
 * @param datum   height of ±0.00 above the survey's zero, metres
 * @param survey  survey position of the building's 0,0, metres
 */
public record Site(Given<Double> north, Given<Double> datum, Given<Point> survey) {
    public static final Site UNKNOWN = new Site(Given.assumed(0.0), Given.assumed(0.0), Given.assumed(Point.ORIGIN));
}
