package brightlintel.building;

import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.List;

/** What a column looks like when it is cut across. Metres. */
public sealed interface Section {
    record Round(double diameter) implements Section {
        public Round {
            check("diameter", diameter);
        }
    }

    /** @param width along the column's own x, depth across it */
    record Rectangle(double width, double depth) implements Section {
        public Rectangle {
            check("width", width);
            check("depth", depth);
        }
    }

    /** @param outline about 0,0; counter-clockwise */
    record Shape(Ring outline) implements Section {
        public Shape {
            outline = outline.counterClockwise();
            check("width", outline.box().width());
            check("depth", outline.box().height());
        }
    }

    private static void check(String what, double v) {
        if (!(v > 0.001 && v < 20)) throw new IllegalArgumentException(what + " " + v + " is not within 0.001..20");
    }

    /** About 0,0, not turned; counter-clockwise. */
    default Ring outline() {
        return switch (this) {
            case Round(double d) -> new Ring(List.of(new Point(-d / 2, 0), new Point(d / 2, 0)), List.of(1.0, 1.0));
            case Rectangle(double w, double d) -> new Ring(List.of(new Point(-w / 2, -d / 2), new Point(w / 2, -d / 2),
                new Point(w / 2, d / 2), new Point(-w / 2, d / 2)));
            case Shape(Ring r) -> r;
        };
    }

    /** Where a column stands. @param turn radians */
    default Ring at(Point centre, double turn) {
        return outline().mapped(Affine.turn(turn).then(Affine.move(centre)));
    }

    default double area() {
        return outline().area();
    }
}
