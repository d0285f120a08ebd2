package brightlintel.edit;

import brightlintel.building.Clearing;
import brightlintel.building.Custody;
import brightlintel.building.Edit;
import brightlintel.building.FileId;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Scale;
import brightlintel.building.Source;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.correct.UnitChoice;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Names;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.place.Extent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** Takes a file in as the underlay of a storey. */
public final class Receiving {
    private Receiving() { }

    /**
     * Layers off or frozen in the file start off, unless nothing would be left to see; the unit is the file's word where it can be true; the datum is the lower left of the plan.
     * An underlay already on the storey stays in the project and gives way on it.
     */
    public static Edit receive(String name, RawDrawing drawing, Strokes strokes, long bytes, String received, StoreyId on) {
        return receive(FileId.fresh(), UnderlayId.fresh(), name, drawing, strokes, bytes, received, on);
    }

    /** The same, with ids given. */
    public static Edit receive(FileId file, UnderlayId id, String name, RawDrawing drawing, Strokes strokes, long bytes, String received, StoreyId on) {
        TreeSet<String> off = new TreeSet<>();
        for (Layer l : drawing.layers()) if (l.startsHidden()) off.add(Names.key(l.name()));
        Clearing asFile = new Clearing(off);
        Clearing clearing = anythingShown(strokes, asFile) ? asFile : Clearing.NONE;
        Extent e = Extent.of(strokes, i -> !clearing.hides(strokes.layers().get(strokes.layerOf(i)).name()), Affine.IDENTITY);
        UnitChoice unit = UnitChoice.assumed(drawing.header(), e.main().diagonal());
        Point corner = e.main().isEmpty() ? strokes.origin() : new Point(e.main().minX(), e.main().minY()).plus(strokes.origin());
        Placement placement = Placement.assumed(unit.metres(), corner);
        if (UnitChoice.saidBy(drawing.header()).filter(unit::equals).isPresent())
            placement = placement.withScale(Given.read(Scale.even(unit.metres()), 0.5, "header"));
        Underlay underlay = new Underlay(id, file, drawing.sha256(), new SpaceKey.Model(), Optional.empty(), placement, clearing, 0.3, true);
        Source source = new Source(file, name, new Custody.Kept(), List.of(new Source.Version(drawing.sha256(), bytes, received, drawing.companions().files())));
        return Edit.of("edit.receive", name, p -> add(p, source, underlay, on));
    }

    private static boolean anythingShown(Strokes s, Clearing c) {
        for (int i = 0; i < s.size(); i++) if (!c.hides(s.layers().get(s.layerOf(i)).name())) return true;
        return s.texts().stream().anyMatch(t -> !c.hides(s.layers().get(t.layer()).name()));
    }

    private static Project add(Project p, Source source, Underlay underlay, StoreyId on) {
        if (p.storey(on).isEmpty()) return p;
        List<Source> sources = new ArrayList<>(p.sources());
        sources.add(source);
        List<Underlay> underlays = new ArrayList<>(p.underlays());
        underlays.add(underlay);
        return p.withSources(sources).withUnderlays(underlays).withStorey(on, s -> s.withUnderlays(List.of(underlay.id())));
    }

    /** Shows an underlay of another storey on this one too, or another of the files received. */
    public static Edit show(UnderlayId underlay, StoreyId on) {
        return Edit.of("edit.show-underlay", p -> p.underlay(underlay).isEmpty() ? p : p.withStorey(on, s -> s.withUnderlays(List.of(underlay))));
    }
}
