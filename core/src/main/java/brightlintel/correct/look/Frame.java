package brightlintel.correct.look;

import brightlintel.geom.Point;
import brightlintel.geom.SegmentIndex;

/**
 * Straight strokes turned back by a main direction of the plan, so that its lines are level and plumb, with an index over them.
 *
 * @param direction radians, by which the plan lies turned in the drawing
 */
public record Frame(double direction, Segments segments, SegmentIndex index) {
    /** A line lies along an axis within half a degree: what a hand and a rounded end leave. */
    private static final double SLOPE = Math.tan(Math.toRadians(0.5));

    static Frame of(Segments s, double direction) {
        Segments turned = s.turned(-direction);
        return new Frame(direction, turned, SegmentIndex.of(turned.xy()));
    }

    public boolean isLevel(int i) {
        return Math.abs(segments.y1(i) - segments.y0(i)) <= SLOPE * Math.abs(segments.x1(i) - segments.x0(i));
    }

    public boolean isPlumb(int i) {
        return Math.abs(segments.x1(i) - segments.x0(i)) <= SLOPE * Math.abs(segments.y1(i) - segments.y0(i));
    }

    /** From the frame to shifted file units. */
    public Point out(double x, double y) {
        double c = Math.cos(direction), s = Math.sin(direction);
        return new Point(c * x - s * y, s * x + c * y);
    }

    public Point in(Point p) {
        return p.turn(-direction);
    }
}
