package brightlintel.solid;

import brightlintel.building.TopLine;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/** Faces and edges of a wall, slice by slice; what lies between two slices is open, but where an opening cuts. */
record WallFaces(Wall wall, double base, TopLine top, Facets out) {
    /** @param before and after: the neighbours, null at the ends */
    void slice(Slices.Slice s, Slices.Slice before, Slices.Slice after) {
        List<Point> flat = s.outline();
        List<Point> plan = flat.stream().map(q -> wall.reference().at(q.x(), q.y())).toList();
        for (Slices.Span z : s.solid()) {
            double z0 = base + z.bottom();
            out.face(plan, List.of(), p -> base + z.top(top, wall.reference().unroll(p).x()), true);
            out.level(plan, List.of(), z0, false);
            for (int i = 0; i < plan.size(); i++) {
                int k = (i + 1) % plan.size();
                Point a = plan.get(i), b = plan.get(k);
                double za = base + z.top(top, flat.get(i).x()), zb = base + z.top(top, flat.get(k).x());
                boolean startCut = before != null && flat.get(i).x() == s.from() && flat.get(k).x() == s.from();
                boolean endCut = after != null && flat.get(i).x() == s.to() && flat.get(k).x() == s.to();
                if (startCut || endCut) reveal(a, b, z, startCut ? before : after, startCut ? s.from() : s.to());
                else {
                    out.upright(a, b, z0, za, zb);
                    out.edge(a, z0, b, z0);
                    out.edge(a, za, b, zb);
                    if (Solids.bends(plan, i) && !onCut(flat.get(i), s, before, after)) out.edge(a, z0, a, za);
                }
            }
        }
    }

    private static boolean onCut(Point p, Slices.Slice s, Slices.Slice before, Slices.Slice after) {
        return before != null && p.x() == s.from() || after != null && p.x() == s.to();
    }

    /** The part of a cut where this side is solid and the other is not. */
    private void reveal(Point a, Point b, Slices.Span z, Slices.Slice other, double along) {
        double from = z.bottom(), end = z.top(top, along), height = top.at(along);
        List<double[]> gaps = new ArrayList<>();
        for (Slices.Span o : other.solid()) {
            double lo = Math.max(o.bottom(), z.bottom()), hi = Math.min(o.top(top, along), end);
            if (hi <= lo) continue;
            if (lo > from) gaps.add(new double[] {from, lo});
            from = Math.max(from, hi);
        }
        if (from < end) gaps.add(new double[] {from, end});
        for (double[] g : gaps) {
            out.upright(a, b, base + g[0], base + g[1]);
            out.edge(a, base + g[0], a, base + g[1]);
            out.edge(b, base + g[0], b, base + g[1]);
            if (g[0] > 0) out.edge(a, base + g[0], b, base + g[0]);
            if (g[1] < height) out.edge(a, base + g[1], b, base + g[1]);
        }
    }
}
