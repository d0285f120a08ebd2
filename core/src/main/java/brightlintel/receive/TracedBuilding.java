package brightlintel.receive;

import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Room;
import brightlintel.building.Slab;
import brightlintel.building.Source;
import brightlintel.building.Stand;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.Wall;
import brightlintel.correct.InLine;
import brightlintel.drawing.Progress;
import brightlintel.edit.Grids;
import brightlintel.edit.Stacking;
import brightlintel.edit.Taking;
import brightlintel.edit.Tracing;
import brightlintel.edit.Truing;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import brightlintel.place.PlacedDrawing;
import brightlintel.recognise.Recognised;
import brightlintel.role.Casting;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A building from plans alone, a storey each, from the lowest up: made true, mended, lined up, recognised and taken without anybody. */
public final class TracedBuilding {
    private static final double SLAB = 0.25;
    private final DrawingShelf shelf;
    private final boolean all;
    private Project project;
    private Optional<Plan> lowest = Optional.empty();

    /**
     * A plan that was recognised.
     *
     * @param drawing as it lies in the building
     * @param inLine  how it came to lie on the lowest one; nothing for that one, or where nothing of one lies on the other
     */
    public record Plan(Cleaned cleaned, PlacedDrawing drawing, Recognised found, Optional<InLine> inLine) {
        /** How many elements are not sure. */
        public long toLookAt() {
            return elements().filter(e -> !Recognised.isSure(e)).count();
        }

        private Stream<Element> elements() {
            return Stream.of(found.grid(), found.walls(), found.openings(), found.columns(), found.rooms())
                .flatMap(l -> l.stream().map(Element.class::cast));
        }
    }

    /** @param all takes what is not sure, too */
    public TracedBuilding(String name, DrawingShelf shelf, boolean all) {
        this.shelf = shelf;
        this.all = all;
        this.project = Project.empty(name, "");
    }

    public Project project() {
        return project;
    }

    /** The next storey up. @throws IOException if the drawing cannot be placed: nothing is added then */
    public Plan add(String storey, DrawingShelf.Shelved d, Progress progress) throws IOException {
        Cleaned c = Cleaned.whole(storey, d);
        Underlay u = c.project().underlay(c.underlay()).orElseThrow();
        Optional<InLine> line = lowest.flatMap(l -> InLine.of(l.cleaned.reckoning(), place(l), c.reckoning()));
        if (line.isPresent()) u = Truing.inLine(u.id(), line.get()).apply(c.project()).underlay(u.id()).orElseThrow();
        PlacedDrawing placed = shelf.placed(u, progress);
        Recognised found = Recognised.of(placed, c.reckoning(), c.roles(), Casting.proposed(c.roles(), d.strokes()), progress);
        Plan plan = new Plan(c, placed, found, line);
        boolean first = lowest.isEmpty();
        StoreyId on = first ? project.storeys().getFirst().id() : StoreyId.fresh();
        Project next = first ? Stacking.rename(on, storey).apply(project) : Stacking.add(on, storey).apply(project);
        next = laid(next, on, c.project().sources(), u);
        project = taken(next, on, found, first);
        if (first) lowest = Optional.of(plan);
        return plan;
    }

    private static Placement place(Plan p) {
        return p.drawing.underlay().placement();
    }

    private static Project laid(Project p, StoreyId on, List<Source> sources, Underlay u) {
        List<Source> files = new ArrayList<>(p.sources());
        files.addAll(sources);
        List<Underlay> sheets = new ArrayList<>(p.underlays());
        sheets.add(u);
        return p.withSources(files).withUnderlays(sheets).withStorey(on, s -> s.withUnderlays(List.of(u.id())));
    }

    private Project taken(Project p, StoreyId on, Recognised f, boolean isLowest) {
        Predicate<Element> wanted = e -> all || Recognised.isSure(e);
        Project out = Grids.add(f.grid().stream().filter(wanted).toList()).apply(p);
        List<Wall> walls = f.walls().stream().filter(wanted).toList();
        Set<ElementId> ids = walls.stream().map(Wall::id).collect(Collectors.toSet());
        Optional<Ring> edge = SlabOutline.around(walls, Tolerances.BUILDING);
        out = Taking.walls(on, walls, w -> edge.filter(e -> SlabOutline.isOuter(w, e)).isPresent(), f.built(),
            new Taking.Names(TracedBuilding::kind, "core", "layer")).apply(out);
        List<Opening> openings = f.openings().stream().filter(o -> wanted.test(o) && ids.contains(o.wall())).toList();
        List<StoreyElement> more = new ArrayList<>(openings);
        more.addAll(f.columns().stream().filter(wanted).toList());
        for (Room r : f.rooms()) if (wanted.test(r)) more.add(r);
        // there is nothing below the lowest that its floor could be open to
        edge.ifPresent(e -> more.add(new Slab(ElementId.fresh(), e.counterClockwise(), isLowest ? List.of() : Recognised.holes(f.wells(),
            e),
            Stand.FLOOR, Given.assumed(SLAB), Optional.of(new HashSet<>(ids)),
            new Provenance(new Provenance.Way.Proposed(Recognised.SURE_FROM),
            List.of()))));
        return Tracing.add("edit.take-openings", on, more).apply(out);
    }

    private static String kind(boolean outer, double thickness) {
        return String.format(Locale.ROOT, outer ? "outer %.0f" : "partition %.0f", 1000 * thickness);
    }
}
