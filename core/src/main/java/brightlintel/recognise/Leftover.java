package brightlintel.recognise;

import brightlintel.geom.Point;

/**
 * A stroke that looks like building and became none.
 *
 * @param stroke of the drawing's
 * @param at     its middle, metres
 * @param length metres
 * @param figure what its reason speaks of, metres: how far off the nearest partner is; 0 for none
 */
public record Leftover(Reason reason, int stroke, Point at, double length, double figure) {
    public enum Reason {
        /** A face with none beside it. */
        NO_PARTNER,
        /** A face whose nearest partner is farther than walls are thick. */
        TOO_THICK,
        /** A face with a partner, too short to be believed. */
        TOO_SHORT,
        /** A round or free line where walls are. */
        NO_FACE,
        /** Of a door or a window, with no wall that it could be in. */
        NO_WALL,
        /** Of a column, and closed with no others. */
        NO_MARK,
        /** On a grid, and too short or without a direction. */
        NO_LINE
    }

    Leftover of(int drawn) {
        return new Leftover(reason, drawn, at, length, figure);
    }
}
