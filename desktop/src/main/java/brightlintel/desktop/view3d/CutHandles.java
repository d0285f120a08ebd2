package brightlintel.desktop.view3d;

import brightlintel.desktop.state.SpaceLooks;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import brightlintel.paint.Brush;
import brightlintel.paint.Palette;
import brightlintel.view3d.Camera;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The frames of the cuts, drawn round the building, and the handle on each by which it is dragged. */
final class CutHandles {
    private static final double REACH = 12;
    /** The frame stands out from what is cut, metres. */
    private static final double OUT = 0.6;
    private final SpaceLooks looks;
    private final Box plan;
    private final double low, high;
    private final Camera camera;
    private final int width, height;

    enum Which { LEVEL, ACROSS }

    /** @param corners of everything that is seen */
    CutHandles(SpaceLooks looks, List<Vec3> corners, Camera camera, int width, int height) {
        this.looks = looks;
        this.camera = camera;
        this.width = width;
        this.height = height;
        Box b = Box.EMPTY;
        double lo = Double.POSITIVE_INFINITY, hi = Double.NEGATIVE_INFINITY;
        for (Vec3 p : corners) {
            b = b.with(new Point(p.x(), p.y()));
            lo = Math.min(lo, p.z());
            hi = Math.max(hi, p.z());
        }
        plan = b.isEmpty() ? b : b.grown(OUT);
        low = lo;
        high = hi;
    }

    private boolean isEmpty() {
        return plan.isEmpty();
    }

    private Point px(Vec3 p) {
        return camera.toPx(p, width, height);
    }

    private List<Vec3> frame(Which which) {
        List<Vec3> out = new ArrayList<>();
        if (isEmpty()) return out;
        if (which == Which.LEVEL) looks.height().ifPresent(h -> {
            for (Point p : corners()) out.add(new Vec3(p.x(), p.y(), h));
        });
        else looks.across().ifPresent(a -> {
            Point n = Point.polar(a.towards(), 1), mid = plan.centre(), on = mid.plus(n.times(a.at() - mid.dot(n)));
            Point along = n.left().times(plan.diagonal() / 2);
            for (int i = 0; i < 4; i++) {
                Point p = i == 0 || i == 3 ? on.minus(along) : on.plus(along);
                out.add(new Vec3(p.x(), p.y(), i < 2 ? low - OUT : high + OUT));
            }
        });
        return out;
    }

    private List<Point> corners() {
        return List.of(new Point(plan.minX(), plan.minY()), new Point(plan.maxX(), plan.minY()), new Point(plan.maxX(), plan.maxY()),
            new Point(plan.minX(), plan.maxY()));
    }

    /** In the middle of the lower edge as it is seen, so that it never lies behind the building. */
    private Optional<Point> handle(Which which) {
        List<Vec3> f = frame(which);
        if (f.isEmpty()) return Optional.empty();
        Point best = null;
        for (int i = 0; i < 4; i++) {
            Point p = px(f.get(i)).towards(px(f.get((i + 1) % 4)), 0.5);
            if (best == null || p.y() > best.y()) best = p;
        }
        return Optional.of(best);
    }

    /** The handle under the pointer. */
    Optional<Which> at(Point px) {
        for (Which x : Which.values()) if (handle(x).filter(p -> p.distance(px) <= REACH).isPresent()) return Optional.of(x);
        return Optional.empty();
    }

    /** The looks after a handle was dragged by so many pixels. */
    SpaceLooks dragged(Which which, Point by) {
        Vec3 n = which == Which.LEVEL ? new Vec3(0, 0, 1) : looks.across().map(a -> Point.polar(a.towards(), 1))
            .map(p -> new Vec3(p.x(), p.y(), 0)).orElse(new Vec3(0, 0, 1));
        Point one = px(n).minus(px(Vec3.ZERO));
        double l2 = one.dot(one);
        // looked at along its normal a plane cannot be dragged: a pixel would be any distance
        if (l2 < 4) return looks;
        double metres = by.dot(one) / l2;
        return which == Which.LEVEL ? looks.withHeight(looks.height().map(h -> h + metres))
            : looks.withAcross(looks.across().map(a -> a.withAt(a.at() + metres)));
    }

    void paint(Brush brush, Palette p) {
        for (Which x : Which.values()) {
            List<Vec3> f = frame(x);
            for (int i = 0; i < f.size(); i++) brush.dashed(px(f.get(i)), px(f.get((i + 1) % 4)), 1.2, p.brass(), 6, 4);
            handle(x).ifPresent(c -> {
                brush.disc(c, 7, p.brass());
                brush.disc(c, 5, p.paper());
            });
        }
    }

    /** Where the first cut of its kind goes through: level at the usual height of a plan over the storey, or across the middle. */
    SpaceLooks.Across across() {
        // the side towards the viewer goes, square to the building
        double toViewer = Math.PI / 2 * Math.rint((-Math.PI / 2 - camera.yaw()) / (Math.PI / 2));
        Point mid = isEmpty() ? Point.ORIGIN : plan.centre();
        return new SpaceLooks.Across(toViewer, mid.dot(Point.polar(toViewer, 1)));
    }

    Point middle() {
        return isEmpty() ? Point.ORIGIN : plan.centre();
    }
}
