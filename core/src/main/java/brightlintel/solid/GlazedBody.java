package brightlintel.solid;

import java.util.ArrayList;
import java.util.List;

import brightlintel.building.Division;
import brightlintel.building.Opening;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;

/** Posts, rails and panes in a stretch of a wall. */
public final class GlazedBody {
    private static final double PANE = 0.03;
    private final Opening o;
    private final Opening.Filling.Glazed g;
    private final Wall w;
    private final Tolerances tol;

    /** An upright block. @param from and to: along the wall; bottom and top: above the wall's base */
    public record Part(double from, double to, double bottom, double top) { }

    public GlazedBody(Opening o, Opening.Filling.Glazed g, Wall w, Tolerances tol) {
        this.o = o;
        this.g = g;
        this.w = w;
        this.tol = tol;
    }

    /** Posts from sill to head at the ends and where it is parted, and between them rails below, above and where it is parted. */
    public List<Part> posts() {
        List<Part> out = new ArrayList<>();
        List<Double> x = middles(o.start(), o.end(), g.across()), z = middles(o.sill().value(), o.head().value(), g.up());
        double half = g.post() / 2;
        for (double m : x) out.add(new Part(m - half, m + half, o.sill().value(), o.head().value()));
        for (int i = 0; i + 1 < x.size(); i++)
            for (double m : z) out.add(new Part(x.get(i) + half, x.get(i + 1) - half, m - half, m + half));
        return out.stream().filter(p -> p.to > p.from && p.top > p.bottom).toList();
    }

    public List<Part> panes() {
        List<Part> out = new ArrayList<>();
        List<Double> x = middles(o.start(), o.end(), g.across()), z = middles(o.sill().value(), o.head().value(), g.up());
        double half = g.post() / 2;
        for (int i = 0; i + 1 < x.size(); i++) for (int k = 0; k + 1 < z.size(); k++)
            out.add(new Part(x.get(i) + half, x.get(i + 1) - half, z.get(k) + half, z.get(k + 1) - half));
        return out.stream().filter(p -> p.to > p.from && p.top > p.bottom).toList();
    }

    /** Of posts or rails, the outermost within the ends. */
    private List<Double> middles(double from, double to, Division d) {
        double half = g.post() / 2, a = from + half, b = to - half;
        List<Double> out = new ArrayList<>(List.of(a));
        if (b > a) for (double c : d.cuts(b - a)) out.add(a + c);
        out.add(Math.max(a, b));
        return out;
    }

    /** The ground of a part; counter-clockwise. */
    public Ring ground(Part p, boolean post) {
        double middle = (w.left() - w.right()) / 2, half = (post ? Math.min(g.post(), w.thickness().value()) : PANE) / 2;
        return Solids.ground(w, p.from, p.to, middle - half, middle + half, tol);
    }

    List<Body> bodies(StoreyId on, double base) {
        Facets posts = new Facets(), panes = new Facets();
        for (Part p : posts()) Solids.prism(ground(p, true), base + p.bottom, base + p.top, posts);
        for (Part p : panes()) Solids.prism(ground(p, false), base + p.bottom, base + p.top, panes);
        return List.of(new Body(o.id(), on, Body.Matter.DOOR, posts.triangles(), posts.edges()),
            new Body(o.id(), on, Body.Matter.GLASS, panes.triangles(), panes.edges()));
    }
}
