package brightlintel.correct.look;

import brightlintel.geom.Point;
import brightlintel.geom.SegmentIndex;
import java.util.ArrayList;
import java.util.List;

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

    /** A stroke that lies along an axis: where it crosses the other one, and from where to where it goes. */
    record Line(double v, double from, double to, int stroke) {
        double length() {
            return to - from;
        }
    }

    /** All that lie level, or all that lie plumb. */
    List<Line> lines(boolean level) {
        List<Line> out = new ArrayList<>();
        for (int i = 0; i < segments.size(); i++) {
            if (level ? !isLevel(i) : !isPlumb(i)) continue;
            double x0 = segments.x0(i), y0 = segments.y0(i), x1 = segments.x1(i), y1 = segments.y1(i);
            int stroke = segments.stroke(i);
            out.add(level ? new Line((y0 + y1) / 2, Math.min(x0, x1), Math.max(x0, x1), stroke)
                : new Line((x0 + x1) / 2, Math.min(y0, y1), Math.max(y0, y1), stroke));
        }
        return out;
    }

    /** A place along and across such lines. */
    Point out(boolean level, double u, double v) {
        return level ? out(u, v) : out(v, u);
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
