package brightlintel.correct.look;

import brightlintel.geom.Point;

/**
 * A figure against what is drawn. A number near a line may mean one of several spans of it: those share their group, and at most one is
 * true.
 *
 * @param along   drawn length, with the direction in which it is measured; shifted file units
 * @param at      where it is read
 * @param from    one end of what is measured; to: the other
 * @param group   of the text that it is read from
 * @param written a measure that the file knows as one, with its own ends; else put together from lines and a number
 * @param typed   the figure was typed over what was measured
 */
public record Measure(String text, Figure figure, Point along, Point at, Point from, Point to, int group, boolean written, boolean typed) {
    public double drawn() {
        return along.length();
    }

    /** Logarithm of what the figure says, as a bare number or in metres, over the drawn length. */
    public double logRatio() {
        return Math.log((figure.isBare() ? figure.number() : figure.metres()) / drawn());
    }
}
