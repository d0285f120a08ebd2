package brightlintel.edit;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.Custody;
import brightlintel.building.Edit;
import brightlintel.building.Evidence;
import brightlintel.building.FileId;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Scale;
import brightlintel.building.Source;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.clear.Cleared;
import brightlintel.correct.SheetNotes;
import brightlintel.correct.UnitChoice;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Paper;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.find.Finder;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.place.Extent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** Takes files in, and lays their drawings on storeys. */
public final class Receiving {
    /** A sheet that does not say so is taken for the most usual of plan scales. */
    private static final double USUAL_PLOT = 100;
    private static final double NOTED = 0.5;
    private static final double USUAL_FADE = 0.3;

    private Receiving() { }

    /** One space of a file, read. */
    public record Arrival(RawDrawing drawing, SpaceKey space, Strokes strokes, Finder finder) { }

    /** The file itself. @param received when, as ISO 8601 @param custody whether it is looked after where it lies */
    public record Arrived(String name, long bytes, String received, Custody custody) {
        public Arrived(String name, long bytes, String received) {
            this(name, bytes, received, new Custody.Kept());
        }
    }

    /**
     * Layers off or frozen in the file start off, unless nothing would be left to see; the unit is the file's word where it can be true;
     * the datum is the lower left of the plan. It lies over what the storey has already. A file that the project holds byte for byte is not
     * taken in twice, nor laid on one storey twice.
     */
    public static Edit receive(Arrived file, Arrival a, StoreyId on) {
        return receive(FileId.fresh(), UnderlayId.fresh(), file, a, on);
    }

    /** The same, with ids given. */
    public static Edit receive(FileId id, UnderlayId underlay, Arrived file, Arrival a, StoreyId on) {
        Source source = new Source(id, file.name, file.custody,
            List.of(new Source.Version(a.drawing.sha256(), file.bytes, file.received, a.drawing.companions().files())));
        Underlay u = underlay(underlay, id, a);
        return Edit.of("edit.receive", file.name, p -> p.storey(on).isEmpty() ? p : laid(withSource(p, source), u, on));
    }

    /** Several pages as one step. @param steps what each of them is: a new storey, a page laid */
    public static Edit together(String file, List<Edit> steps) {
        return Edit.of("edit.receive", file, p -> {
            Project now = p;
            for (Edit e : steps) now = e.apply(now);
            return now;
        });
    }

    private static Project withSource(Project p, Source s) {
        if (same(p, s.newest().sha256()).isPresent()) return p;
        List<Source> out = new ArrayList<>(p.sources());
        out.add(s);
        return p.withSources(out);
    }

    private static Optional<Source> same(Project p, String sha256) {
        return p.sources().stream().filter(s -> s.newest().sha256().equals(sha256)).findFirst();
    }

    /** The whole of a space that lies on a storey already: a second time over itself it would only double every stroke. */
    public static Optional<Underlay> there(Project p, String sha256, SpaceKey space, StoreyId on) {
        return p.underlaysOf(on).stream().filter(u -> u.sha256().equals(sha256) && u.space().equals(space) && u.cutOut().isEmpty()
            && u.clearing().regions().isEmpty()).findFirst();
    }

    private static Project laid(Project p, Underlay u, StoreyId on) {
        if (there(p, u.sha256(), u.space(), on).isPresent()) return p;
        FileId file = same(p, u.sha256()).map(Source::id).orElse(u.file());
        List<Underlay> out = new ArrayList<>(p.underlays());
        out.add(new Underlay(u.id(), file, u.sha256(), u.space(), u.cutOut(), u.placement(), u.clearing(), u.appearance(), u.locked()));
        return p.withUnderlays(out).withStorey(on, s -> s.withUnderlays(with(s.underlays(), u.id())));
    }

    private static Underlay underlay(UnderlayId id, FileId file, Arrival a) {
        Set<String> off = new TreeSet<>();
        for (Layer l : a.drawing.layers()) if (l.startsHidden()) off.add(l.name());
        Underlay bare = new Underlay(id, file, a.drawing.sha256(), a.space, Optional.empty(), Placement.assumed(1, a.strokes.origin()),
            Clearing.ofLayers(off), Appearance.faded(USUAL_FADE), false);
        Cleared shown = Cleared.of(bare, a.strokes, a.finder);
        if (!shown.showsAnything()) {
            bare = bare.with(Clearing.NONE);
            shown = Cleared.of(bare, a.strokes, a.finder);
        }
        return bare.with(placement(a, Extent.of(a.strokes, shown, Affine.IDENTITY).main()));
    }

    private static Placement placement(Arrival a, Box plan) {
        Point corner = plan.isEmpty() ? a.strokes.origin() : new Point(plan.minX(), plan.minY()).plus(a.strokes.origin());
        Optional<Paper> paper = a.drawing.space(a.space).flatMap(s -> s.paper());
        if (paper.isPresent()) return onPaper(a, paper.get(), corner);
        UnitChoice unit = UnitChoice.assumed(a.drawing.header(), plan.diagonal());
        Placement p = Placement.assumed(unit.metres(), corner);
        boolean said = UnitChoice.saidBy(a.drawing.header()).filter(unit::equals).isPresent();
        return said ? p.withScale(Given.read(Scale.even(unit.metres()), 0.5, new Evidence.HeaderUnit(unit.metres()))) : p;
    }

    /** A sheet is at the scale that is written on it, until something better is known: it may have been shrunk since. */
    private static Placement onPaper(Arrival a, Paper paper, Point corner) {
        Placement usual = Placement.assumed(paper.metresPerUnit() * USUAL_PLOT, corner);
        return SheetNotes.of(a.drawing, a.space).scale()
            .map(n -> usual.withScale(Given.read(Scale.even(paper.metresPerUnit() * n.denominator()), NOTED,
            new Evidence.ScaleNote(n.text(), n.denominator())))).orElse(usual);
    }

    private static List<UnderlayId> with(List<UnderlayId> ids, UnderlayId id) {
        List<UnderlayId> out = new ArrayList<>(ids);
        out.remove(id);
        out.add(id);
        return out;
    }

    /** Lays another space of a file that was received on a storey. */
    public static Edit lay(UnderlayId id, FileId file, Arrival a, StoreyId on) {
        Underlay u = underlay(id, file, a);
        return Edit.of("edit.lay-sheet", a.space.name(), p -> p.storey(on).isEmpty() || p.source(file).isEmpty() ? p : laid(p, u, on));
    }

    /** Shows an underlay on a storey too, over what it has. */
    public static Edit show(UnderlayId underlay, StoreyId on) {
        return Edit.of("edit.show-underlay", p -> p.underlay(underlay).isEmpty()
            ? p : p.withStorey(on, s -> s.withUnderlays(with(s.underlays(), underlay))));
    }

    /** Takes an underlay off a storey; it stays in the project. */
    public static Edit takeOff(UnderlayId underlay, StoreyId from) {
        return Edit.of("edit.take-off",
            p -> p.withStorey(from, s -> s.withUnderlays(s.underlays().stream().filter(u -> !u.equals(underlay)).toList())));
    }
}
