package brightlintel.building;

import brightlintel.geom.Box;
import brightlintel.geom.Homography;
import brightlintel.geom.Point;
import java.util.List;

/**
 * Takes perspective and stretch out of a photograph: one rectangle of known sides, or two, picked on it. What results is counted in
 * straightened units, about as large as the file's own, with the first rectangle level.
 *
 * @param rectangles one or two
 * @param map        from the file's units to straightened ones
 * @param metres     that one straightened unit is
 */
public record Straightening(List<Rectangle> rectangles, Homography map, double metres) {
    public Straightening {
        rectangles = List.copyOf(rectangles);
        if (rectangles.isEmpty()) throw new IllegalArgumentException("no rectangle to straighten by");
        if (!(metres > 0 && metres < 1e6)) throw new IllegalArgumentException("metres " + metres + " is not within 0..1e6");
    }

    /**
     * @param corners in order round it, file units; the first side is that from the first to the second
     * @param first   metres; second too
     */
    public record Rectangle(List<Point> corners, double first, double second) {
        public Rectangle {
            corners = List.copyOf(corners);
            if (corners.size() != 4) throw new IllegalArgumentException(corners.size() + " corners are no rectangle");
            if (!(first > 1e-6 && second > 1e-6)) throw new IllegalArgumentException("sides " + first + ", " + second + " are none");
        }

        /** Above 0 where the corners go round counter-clockwise. */
        public double area() {
            double a = 0;
            for (int i = 0; i < 4; i++) a += corners.get(i).cross(corners.get((i + 1) % 4));
            return a / 2;
        }

        /** As it truly is, first corner at 0,0 and first side along x; the same way round. Metres. */
        public List<Point> truth() {
            double up = area() < 0 ? -second : second;
            return List.of(Point.ORIGIN, new Point(first, 0), new Point(first, up), new Point(0, up));
        }
    }

    /** The horizon of the photograph may lie in it: what is seen beyond is no plan. @return true where a place is on the plan's side */
    public boolean isSeen(Point inFile) {
        Point middle = Box.of(rectangles.getFirst().corners()).centre();
        return map.weight(inFile) * map.weight(middle) > 0.02 * map.weight(middle) * map.weight(middle);
    }
}
