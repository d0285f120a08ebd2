package brightlintel.paint;

import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
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
        for (PlacedDrawing d : underlays) StrokePainter.paint(d, view, new StrokePainter.Look(palette, true, -1, d.underlay().fade()), r, () -> false);
        new PlanPainter(new Brush(r), palette, view).paint(PlanPainter.Model.of(p, on), Set.of());
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

    public static Box model(Project p, StoreyId on) {
        Box b = Box.EMPTY;
        for (var w : p.on(on).walls()) b = b.with(Box.of(w.reference().points(0.1)).grown(w.thickness().value()));
        for (var s : p.on(on).slabs()) b = b.with(s.outline().box());
        for (var g : p.grid()) if (g.isOn(on)) for (Point q : g.line().points(0.1)) b = b.with(q);
        return b;
    }
}
