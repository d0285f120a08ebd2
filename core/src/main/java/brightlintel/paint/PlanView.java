package brightlintel.paint;

import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;

/** Which part of the plan a picture shows. North of the plan is up. */
public record PlanView(Point centre, double pxPerMetre, int width, int height) {
    private static final double FURTHEST = 1e-4, NEAREST = 1e6;
    /** Of the logarithm of the scale: 24 of them are a notch of the wheel. */
    private static final double STEP = Math.log(1.2) / 24;

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

    /** The number of its scale in a fixed row of scales that lie less than a hundredth apart. */
    public int step() {
        return (int) Math.round(Math.log(pxPerMetre) / STEP);
    }

    public static double scaleOf(int step) {
        return Math.exp(step * STEP);
    }

    /**
     * The nearest view with a scale of the row and its corner on a whole pixel, counted from the plan's origin: views of one scale then
     * differ by whole pixels, and what was painted for one is sharp in all.
     */
    public PlanView onSteps() {
        double k = scaleOf(step());
        double x = Math.rint(centre.x() * k - width / 2.0) + width / 2.0, y = Math.rint(centre.y() * k + height / 2.0) - height / 2.0;
        return new PlanView(new Point(x / k, y / k), k, width, height);
    }

    /** Of the upper left corner, in pixels right of and below the plan's origin. */
    public long left() {
        return Math.round(centre.x() * pxPerMetre - width / 2.0);
    }

    public long top() {
        return Math.round(-centre.y() * pxPerMetre - height / 2.0);
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
