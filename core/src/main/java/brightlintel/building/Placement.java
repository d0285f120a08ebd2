package brightlintel.building;

import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import java.util.Optional;

/**
 * Puts a file's drawing into the building: p -> (p - fileAnchor), mirrored, stretched along the file's axes, turned, then put at `at`.
 *
 * @param turn          radians, counter-clockwise
 * @param at            building metres, usually 0,0
 * @param straightening of a photograph, before all else: file units are then straightened ones
 */
public record Placement(Given<Scale> scale, boolean mirrored, Given<Double> turn, Given<Point> fileAnchor, Given<Point> at,
    Optional<Straightening> straightening) {
    public Placement(Given<Scale> scale, boolean mirrored, Given<Double> turn, Given<Point> fileAnchor, Given<Point> at) {
        this(scale, mirrored, turn, fileAnchor, at, Optional.empty());
    }

    public static Placement assumed(double metresPerUnit, Point fileAnchor) {
        return new Placement(Given.assumed(Scale.even(metresPerUnit)), false, Given.assumed(0.0), Given.assumed(fileAnchor),
            Given.assumed(Point.ORIGIN));
    }

    public Placement {
        if (!Double.isFinite(turn.value())) throw new IllegalArgumentException("turn " + turn.value() + " is not finite");
        if (!fileAnchor.value().isFinite() || !at.value().isFinite()) throw new IllegalArgumentException("anchor is not finite");
    }

    /** Anchor first, in double: survey coordinates eat the digits that small gaps need. */
    public Point apply(Point inFile) {
        Point p = straightening.map(s -> s.map().apply(inFile)).orElse(inFile);
        return placed(p);
    }

    private Point placed(Point straightened) {
        return linear().applyVector(straightened.minus(fileAnchor.value())).plus(at.value());
    }

    public Point toFile(Point inBuilding) {
        Point p = toStraightened(inBuilding);
        return straightening.map(s -> s.map().inverse().apply(p)).orElse(p);
    }

    /** The same as in the file, where nothing is straightened. */
    public Point toStraightened(Point inBuilding) {
        return linear().inverse().applyVector(inBuilding.minus(at.value())).plus(fileAnchor.value());
    }

    private Affine linear() {
        double mx = mirrored ? -1 : 1;
        return Affine.scale(mx * scale.value().metresPerUnitX(), scale.value().metresPerUnitY()).then(Affine.turn(turn.value()));
    }

    /** For coordinates that are counted from an origin near the drawing: (straightened) file units minus origin to building metres. */
    public Affine from(Point origin) {
        Point base = placed(origin);
        Affine l = linear();
        return new Affine(l.a(), l.b(), l.c(), l.d(), base.x(), base.y());
    }

    public Placement withScale(Given<Scale> s) {
        return new Placement(s, mirrored, turn, fileAnchor, at, straightening);
    }

    public Placement withTurn(Given<Double> t) {
        return new Placement(scale, mirrored, t, fileAnchor, at, straightening);
    }

    /** The same drawing, hung on another of its points. */
    public Placement withAnchor(Given<Point> anchor, Given<Point> place) {
        return new Placement(scale, mirrored, turn, anchor, place, straightening);
    }

    public Placement withMirrored(boolean m) {
        return new Placement(scale, m, turn, fileAnchor, at, straightening);
    }

    public Placement straightened(Optional<Straightening> s) {
        return new Placement(scale, mirrored, turn, fileAnchor, at, s);
    }
}
