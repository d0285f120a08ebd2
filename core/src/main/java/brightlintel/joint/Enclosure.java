package brightlintel.joint;

import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.List;

/** Ground that is enclosed: an outline, counter-clockwise, and what stands in it. Metres. */
public record Enclosure(Ring outline, List<Ring> holes) {
    public Enclosure {
        outline = outline.counterClockwise();
        holes = List.copyOf(holes);
    }

    public double area() {
        return outline.area() - holes.stream().mapToDouble(Ring::area).sum();
    }

    /** Of the outline and of what stands in it. */
    public double perimeter() {
        return outline.perimeter() + holes.stream().mapToDouble(Ring::perimeter).sum();
    }

    /** A place well inside, for words. */
    public Point middle() {
        return Areas.middle(outline, holes);
    }

    public boolean holds(Point p) {
        return outline.box().holds(p) && outline.holds(p) && holes.stream().noneMatch(h -> h.holds(p));
    }
}
