package brightlintel.paint;

import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;

/** Which part of the plan a picture shows. North of the plan is up. */
public record PlanView(Point centre, double pxPerMetre, int width, int height) {
    private static final double FURTHEST = 1e-4, NEAREST = 1e6;

    public PlanView {
        if (!centre.isFinite()) throw new IllegalArgumentException("centre " + centre);
        pxPerMetre = Math.clamp(pxPerMetre, FURTHEST, NEAREST);
    }

    public static PlanView fit(Box metres, int width, int height, int marginPx) {
        if (metres.isEmpty()) return new PlanView(Point.ORIGIN, 20, width, height);
        double k = Math.min(Math.max(1, width - 2.0 * marginPx) / Math.max(metres.width(), 1e-6),
            Math.max(1, height - 2.0 * marginPx) / Math.max(metres.height(), 1e-6));
        return new PlanView(metres.centre(), Math.min(k, 2000), width, height);
    }

    public Affine toPx() {
        return new Affine(pxPerMetre, 0, 0, -pxPerMetre, width / 2.0 - centre.x() * pxPerMetre, height / 2.0 + centre.y() * pxPerMetre);
    }

    public Point toMetres(double px, double py) {
        return new Point(centre.x() + (px - width / 2.0) / pxPerMetre, centre.y() - (py - height / 2.0) / pxPerMetre);
    }

    public Point toPx(Point metres) {
        return new Point(width / 2.0 + (metres.x() - centre.x()) * pxPerMetre, height / 2.0 - (metres.y() - centre.y()) * pxPerMetre);
    }

    public Box seen() {
        return Box.of(toMetres(0, height), toMetres(width, 0));
    }

    /** A rectangle of the picture as a picture of its own. */
    public PlanView part(int x, int y, int w, int h) {
        return new PlanView(toMetres(x + w / 2.0, y + h / 2.0), pxPerMetre, w, h);
    }

    public PlanView moved(double dxPx, double dyPx) {
        return new PlanView(new Point(centre.x() - dxPx / pxPerMetre, centre.y() + dyPx / pxPerMetre), pxPerMetre, width, height);
    }

    /** The place under the pointer stays under it. */
    public PlanView zoomed(double factor, double px, double py) {
        Point under = toMetres(px, py);
        PlanView z = new PlanView(centre, pxPerMetre * factor, width, height);
        Point now = z.toMetres(px, py);
        return new PlanView(centre.plus(under.minus(now)), z.pxPerMetre, width, height);
    }

    public PlanView sized(int w, int h) {
        return new PlanView(centre, pxPerMetre, w, h);
    }
}
