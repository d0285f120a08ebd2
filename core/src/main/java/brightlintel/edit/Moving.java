package brightlintel.edit;

import java.util.List;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Edit;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.StoreyElement;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;

/** Elements, and all of a project, moved in plan. */
public final class Moving {
    private Moving() { }

    /** Openings go with their walls. */
    public static StoreyElement moved(StoreyElement e, Point by) {
        Affine m = Affine.move(by);
        return switch (e) {
            case Wall w -> w.with(w.reference().mapped(m));
            case Opening o -> o;
            case Slab s -> s.with(s.outline().mapped(m)).withHoles(mapped(s.holes(), m));
            case Column c -> c.withAt(c.at().plus(by));
            case Room r -> r.with(switch (r.bound()) {
                case Room.Bound.Within(Point at) -> new Room.Bound.Within(at.plus(by));
                case Room.Bound.Drawn(Ring outline, List<Ring> holes) -> new Room.Bound.Drawn(outline.mapped(m), mapped(holes, m));
            });
            case Separation s -> s.with(s.line().mapped(m));
            case Stair s -> s.with(s.line().stream().map(p -> p.mapped(m)).toList());
            case Roof r -> r.with(r.outline().mapped(m), r.cover());
            case Zone z -> z.with(z.outline().mapped(m), mapped(z.holes(), m));
            case BuildingOutline b -> b.with(b.outline().mapped(m));
        };
    }

    private static List<Ring> mapped(List<Ring> rings, Affine m) {
        return rings.stream().map(r -> r.mapped(m)).toList();
    }

    /** A place becomes 0,0: drawings, grid and model all go along, and so does what is known of the survey. */
    public static Edit zero(Point at) {
        return Edit.of("edit.zero", p -> {
            Point by = at.times(-1);
            if (at.length() < 1e-9) return p;
            Project out = p.withGrid(p.grid().stream().map(g -> g.with(g.line().mapped(Affine.move(by)))).toList())
                .withUnderlays(p.underlays().stream().map(u -> u.with(u.placement().withAnchor(u.placement().fileAnchor(),
                    u.placement().at().map(x -> x.plus(by))))).toList())
                .withAllContents(c -> c.map(e -> moved(e, by)));
            return p.site().isKnown() ? out.withSite(p.site().movedTo(at)) : out;
        });
    }
}
