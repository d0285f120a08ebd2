package brightlintel.demo;

import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.io.IOException;
import java.util.List;

/** annexe.pdf: the plan of the annexe and its elevations, drawn at 1:100 on A3 and shrunk to 94 % on the way through a printer's dialog. */
public final class AnnexeSheets {
    public static final double SHRUNK = 0.94, SCALE = 100;
    /** A3, points. */
    static final double WIDE = 420 * 72 / 25.4, HIGH = 297 * 72 / 25.4;
    /** Points that one metre of the building is. */
    public static final double POINTS_PER_METRE = 1000 / SCALE * 72 / 25.4 * SHRUNK;
    /** Where the building's 0,0 is on the page, points. */
    public static final Point ORIGIN_ON_PAGE = shrunk(new Point(420, 330));
    private static final double MM = 72 / 25.4;

    private AnnexeSheets() { }

    private static Point shrunk(Point p) {
        Point middle = new Point(WIDE / 2, HIGH / 2);
        return middle.plus(p.minus(middle).times(SHRUNK));
    }

    public static byte[] bytes() throws IOException {
        try (PageSketch s = new PageSketch("Annexe", 20260211)) {
            Affine building = Affine.scale(POINTS_PER_METRE, POINTS_PER_METRE).then(Affine.move(ORIGIN_ON_PAGE));
            s.page(WIDE, HIGH, building);
            plan(s);
            sheet(s, building, "Annexe, ground floor", "1:100", "A-101");
            s.page(WIDE, HIGH, building);
            elevations(s);
            sheet(s, building, "Annexe, elevations", "1:100", "A-201");
            return s.bytes();
        }
    }

    private static void plan(PageSketch s) throws IOException {
        HeronQuay.Plan plan = HeronQuay.annexe();
        s.on("WALLS").pen(0.35, 0);
        for (Piece p : HeronQuayDrawings.outlines(plan)) s.piece(p);
        s.on("DOORS").pen(0.18, 0);
        for (Opening o : plan.openings()) opening(s, o, plan);
        s.on("FURNITURE").pen(0.13, 0.4f);
        s.polyline(true, box(0.5, 0.5, 5.2, 1.3)).polyline(true, box(8.0, 4.6, 9.3, 5.9));
        s.pen(0.13, 0.4f, 6, 3).line(new Point(0, -1.2), new Point(9.6, -1.2)).line(new Point(0, -1.2), new Point(0, 0))
            .line(new Point(9.6, -1.2), new Point(9.6, 0));
        s.on("TEXT").text(new Point(1.7, 3.2), 0.32, 0, "Boat repair").text(new Point(7.5, 4.0), 0.32, 0, "Store")
            .text(new Point(7.35, 1.4), 0.32, 0, "Drying room").text(new Point(3.4, -0.95), 0.22, 0, "canopy over");
        s.on("DIMENSIONS").pen(0.18, 0);
        dimension(s, new Point(0, 0), new Point(6.6, 0), -2.0, "6600");
        dimension(s, new Point(6.6, 0), new Point(9.6, 0), -2.0, "3000");
        dimension(s, new Point(0, 0), new Point(9.6, 0), -2.9, "9600");
        dimension(s, new Point(9.6, 0), new Point(9.6, 6.2), 1.2, "6200");
        dimension(s, new Point(9.6, 0), new Point(9.6, 3.1), 0.5, "3100");
    }

    static List<Point> box(double x0, double y0, double x1, double y1) {
        return List.of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1));
    }

    private static void opening(PageSketch s, Opening o, HeronQuay.Plan plan) throws IOException {
        Wall w = plan.walls().stream().filter(x -> x.id().equals(o.wall())).findFirst().orElseThrow();
        Piece r = w.reference();
        switch (o.filling()) {
            case Opening.Filling.Window _ -> {
                for (double side : new double[] {-0.04, 0.04}) s.line(r.at(o.start(), side), r.at(o.end(), side));
            }
            case Opening.Filling.Door d -> {
                Point hinge = r.at(d.hingeFar() ? o.end() : o.start(), 0), shut = r.at(d.hingeFar() ? o.start() : o.end(), 0);
                Point open = hinge.plus(shut.minus(hinge).left());
                s.line(hinge, open).quarter(hinge, shut);
            }
            case Opening.Filling.Glazed _, Opening.Filling.Empty _ -> s.line(r.at(o.start(), 0), r.at(o.end(), 0));
        }
    }

    /** With ticks; the figure beside the line. @param off to the right of a -> b */
    private static void dimension(PageSketch s, Point a, Point b, double off, String figure) throws IOException {
        Point along = b.minus(a).unit(), out = along.left().times(-1);
        double side = along.x() > 0.5 ? -off : off;
        Point p = a.plus(out.times(side)), q = b.plus(out.times(side)), tick = along.plus(along.left()).times(0.1);
        s.line(p, q).line(p.minus(tick), p.plus(tick)).line(q.minus(tick), q.plus(tick));
        s.line(a.plus(out.times(side * 0.35)), p.plus(out.times(Math.signum(side) * 0.15))).line(b.plus(out.times(side * 0.35)),
            q.plus(out.times(Math.signum(side) * 0.15)));
        s.text(p.towards(q, 0.5).minus(along.times(0.3)).plus(along.left().times(0.08)), 0.25, along.angle(), figure);
    }

    private static void elevations(PageSketch s) throws IOException {
        s.on("ELEVATIONS").pen(0.25, 0);
        for (double x : new double[] {0, 14}) {
            double wide = x == 0 ? 9.6 : 6.2;
            s.polyline(true, box(x, 0, x + wide, 3))
                .polyline(false, List.of(new Point(x - 0.4, 3), new Point(x + wide / 2, 4.9), new Point(x + wide + 0.4, 3)))
                .line(new Point(x - 1, 0), new Point(x + wide + 1, 0)).polyline(true, box(x + 1, 0, x + 4, 2.6));
            s.text(new Point(x, -0.9), 0.32, 0, x == 0 ? "South" : "East");
        }
    }

    /** The edge of the paper as it was meant, the frame and the title; shrunk with all the rest. */
    private static void sheet(PageSketch s, Affine building, String title, String scale, String number) throws IOException {
        Affine back = building.inverse();
        s.on("SHEET").pen(0.13, 0).polyline(true, onPage(back, 0, 0, WIDE, HIGH)).pen(0.5, 0)
            .polyline(true, onPage(back, 20 * MM, 10 * MM, WIDE - 10 * MM, HIGH - 10 * MM));
        double x = WIDE - 110 * MM, y = 10 * MM;
        s.polyline(true, onPage(back, x, y, WIDE - 10 * MM, y + 30 * MM));
        s.text(back.apply(shrunk(new Point(x + 8, y + 58))), 0.5, 0, title);
        s.text(back.apply(shrunk(new Point(x + 8, y + 34))), 0.3, 0, "Heron Quay Rowing Club")
            .text(back.apply(shrunk(new Point(x + 8, y + 10))), 0.3, 0,
            "Scale " + scale + " on A3").text(back.apply(shrunk(new Point(x + 210, y + 10))), 0.3, 0, number);
    }

    private static List<Point> onPage(Affine back, double x0, double y0, double x1, double y1) {
        return box(x0, y0, x1, y1).stream().map(AnnexeSheets::shrunk).map(back::apply).toList();
    }
}
