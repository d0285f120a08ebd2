package brightlintel.paint;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.geom.Box;
import brightlintel.geom.Piece;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import java.util.Set;

/** Whole pictures of a storey, and the box that a view should fit. */
public final class Pictures {
    private Pictures() { }

    public static Raster plan(Project p, StoreyId on, List<PlacedDrawing> underlays, int width, int height, Palette palette) {
        Raster r = new Raster(width, height);
        r.clear(palette.paper());
        PlanView view = PlanView.fit(extent(p, on, underlays), width, height, 40);
        for (PlacedDrawing d : underlays)
            if (d.underlay().appearance().shown())
                StrokePainter.paint(d, view, StrokePainter.Look.of(d.underlay().appearance(), palette, true), r, () -> false);
        new PlanPainter(new Brush(r), palette, view).paint(p, on, PlanShapes.of(p, on), Set.of());
        return r;
    }

    /** Of shown strokes without strays, the model and the grid; metres. */
    public static Box extent(Project p, StoreyId on, List<PlacedDrawing> underlays) {
        Box b = model(p, on);
        for (PlacedDrawing d : underlays) b = b.with(underlay(d));
        return b;
    }

    public static Box underlay(PlacedDrawing d) {
        return d.extent().main();
    }

    /** Of walls, slabs and the grid. */
    public static Box model(Project p, StoreyId on) {
        Box b = Box.EMPTY;
        for (StoreyElement e : p.on(on).elements()) b = b.with(box(e));
        for (GridLine g : p.grid()) if (g.isOn(on)) b = b.with(g.line().box());
        return b;
    }

    /** Without what hangs in another element. */
    private static Box box(StoreyElement e) {
        return switch (e) {
            case Wall w -> w.reference().box().grown(w.thickness().value());
            case Slab s -> s.outline().box();
            case Column c -> c.ground().box();
            case Room r -> r.bound() instanceof Room.Bound.Drawn(Ring outline, List<Ring> _) ? outline.box() : Box.EMPTY;
            case Separation s -> s.line().box();
            case Stair s -> s.line().stream().map(Piece::box).reduce(Box.EMPTY, Box::with).grown(s.width().value() / 2);
            case Roof r -> r.outline().box().grown(r.overhang().value());
            case Zone z -> z.outline().box();
            case BuildingOutline o -> o.outline().box();
            case Opening _ -> Box.EMPTY;
        };
    }
}
