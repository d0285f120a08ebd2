package brightlintel.joint;

import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.List;
import java.util.Objects;

/** Ground that is enclosed: an outline, counter-clockwise, and what stands in it. Metres. */
public final class Enclosure {
    private final Ring outline;
    private final List<Ring> holes;
    /** Worked out when first asked for: it is dear, and asked for at each picture. */
    private volatile Point middle;

    public Enclosure(Ring outline, List<Ring> holes) {
        this.outline = outline.counterClockwise();
        this.holes = List.copyOf(holes);
    }

    public Ring outline() {
        return outline;
    }

    public List<Ring> holes() {
        return holes;
    }

    public double area() {
        return outline.area() - holes.stream().mapToDouble(Ring::area).sum();
    }

    /** Of the outline and of what stands in it. */
    public double perimeter() {
        return outline.perimeter() + holes.stream().mapToDouble(Ring::perimeter).sum();
    }

    /** Square metres of it that some ground covers. */
    public double shared(Ring ground) {
        if (!outline.box().meets(ground.box())) return 0;
        double out = Areas.common(outline, ground);
        for (Ring h : holes) if (h.box().meets(ground.box())) out -= Areas.common(h, ground);
        return Math.max(0, out);
    }

    /** A place well inside, for words. */
    public Point middle() {
        Point m = middle;
        if (m == null) middle = m = Areas.middle(outline, holes);
        return m;
    }

    @Override public boolean equals(Object o) {
        return o instanceof Enclosure e && outline.equals(e.outline) && holes.equals(e.holes);
    }

    @Override public int hashCode() {
        return Objects.hash(outline, holes);
    }

    public boolean holds(Point p) {
        return outline.box().holds(p) && outline.holds(p) && holes.stream().noneMatch(h -> h.holds(p));
    }
}
