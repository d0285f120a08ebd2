package brightlintel.geom;

/**
 * What counts as the same in a building. Metres and radians.
 *
 * @param joinGap       ends closer than this are one corner: corners are often missed by a few millimetres, above 20 mm it is a real gap
 * @param parallelAngle directions closer than this are one direction
 * @param thinnestWall  a body thinner than this is no wall
 * @param thickestWall  a body thicker than this is a room
 * @param chordError    how far a chord may lie from its arc where an arc must become straight pieces
 * @param mitreLimit    a sharp corner is cut off where its point lies further than this many thicknesses from the node
 */
public record Tolerances(double joinGap, double parallelAngle, double thinnestWall, double thickestWall, double chordError,
    double mitreLimit) {
    public static final Tolerances BUILDING = new Tolerances(0.02, Math.toRadians(0.5), 0.02, 3.0, 0.0005, 2.5);
}
