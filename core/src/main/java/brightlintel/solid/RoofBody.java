package brightlintel.solid;

import java.util.List;

import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.building.StoreyId;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;

/** Planes of even thickness, measured upright, from the eaves to the ridges; a flat one has its parapet. */
public final class RoofBody {
    /** Metres: an edge of a plane that lies so near to the roof's outer edge is part of it. */
    private static final double OUTER = 1e-4;

    private RoofBody() { }

    /** @param eaves of the roof's stand above ±0.00 */
    public static Body of(Roof r, RoofForm form, StoreyId on, double eaves) {
        Facets f = new Facets();
        for (RoofForm.Face x : form.faces()) {
            List<Point> p = x.plan().corners();
            f.face(p, List.of(), q -> eaves + x.at(q) + form.rise(), true);
            f.face(p, List.of(), q -> eaves + x.at(q), false);
            for (int i = 0; i < p.size(); i++) edge(x, p.get(i), p.get((i + 1) % p.size()), form, eaves, f);
        }
        if (r.cover() instanceof Roof.Cover.Flat(double parapet, double _))
            RoofForm.withinParapet(r).ifPresent(in -> Solids.plate(new Enclosure(form.edge(), List.of(in)), eaves + form.rise(),
                eaves + form.rise() + parapet, Tolerances.BUILDING, f));
        return new Body(r.id(), on, Body.Matter.ROOF, f.triangles(), f.edges());
    }

    private static void edge(RoofForm.Face x, Point a, Point b, RoofForm form, double eaves, Facets f) {
        double za = eaves + x.at(a), zb = eaves + x.at(b), t = form.rise();
        f.edge(a, za + t, b, zb + t);
        if (form.edge().distance(a) > OUTER || form.edge().distance(b) > OUTER || form.edge().distance(a.towards(b, 0.5)) > OUTER) return;
        f.triangle(a, za, b, zb, b, zb + t);
        f.triangle(a, za, b, zb + t, a, za + t);
        f.edge(a, za, b, zb);
        f.edge(a, za, a, za + t);
    }

    /** Cubic metres, with the parapet. */
    public static double volume(Roof r, RoofForm form) {
        double parapet = r.cover() instanceof Roof.Cover.Flat(double h, double _)
            ? RoofForm.withinParapet(r).map((Ring in) -> (form.edge().area() - in.area()) * h).orElse(0.0) : 0;
        return form.volume() + parapet;
    }
}
