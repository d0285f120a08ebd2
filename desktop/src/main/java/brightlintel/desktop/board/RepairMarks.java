package brightlintel.desktop.board;

import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.paint.Brush;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.place.PlacedDrawing;
import brightlintel.repair.Repaired;
import java.util.ArrayList;
import java.util.List;

/** What a repair would add, in brass, and what it would take away, broken and in brick; too small to be seen, in a ring. */
final class RepairMarks {
    private static final int MOST = 20_000, PIECES = 16;
    private static final double SMALL = 7, RING = 6;

    private RepairMarks() { }

    static void paint(Workspace w, Brush brush, Palette p, PlanView view) {
        PlacedDrawing d = w.drawing().orElse(null);
        if (d == null || !w.mendings().shows() || d.underlay().clearing().mended().isPresent()) return;
        Repaired r = w.mendings().proposed(d).orElse(null);
        if (r == null) return;
        Box seen = view.seen();
        int n = 0;
        for (Repaired.Bit b : r.bits()) {
            List<Point> at = points(b.curve(), d.toBuilding());
            if (!Box.of(at).meets(seen)) continue;
            List<Point> px = at.stream().map(view::toPx).toList();
            paint(b, px, brush, p);
            if (++n == MOST) return;
        }
    }

    private static void paint(Repaired.Bit b, List<Point> px, Brush brush, Palette p) {
        int colour = b.added() ? p.brass() : p.brick();
        Box box = Box.of(px);
        if (Math.max(box.width(), box.height()) < SMALL) brush.circle(box.centre(), RING, 1.6, colour);
        else if (b.added()) brush.path(px, false, 3, colour);
        else for (int i = 1; i < px.size(); i++) brush.dashed(px.get(i - 1), px.get(i), 2.4, colour, 5, 3);
    }

    private static List<Point> points(Curve c, Affine map) {
        int n = c instanceof Curve.Straight ? 1 : PIECES;
        List<Point> out = new ArrayList<>();
        for (int i = 0; i <= n; i++) out.add(map.apply(c.at(i / (double) n)));
        return out;
    }
}
