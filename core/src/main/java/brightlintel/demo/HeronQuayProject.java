package brightlintel.demo;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.Custody;
import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.Evidence;
import brightlintel.building.FileId;
import brightlintel.building.Given;
import brightlintel.building.GridLabels;
import brightlintel.building.GridLine;
import brightlintel.building.Ids;
import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Scale;
import brightlintel.building.Slab;
import brightlintel.building.Source;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.building.Wall;
import brightlintel.drawing.Progress;
import brightlintel.drawing.SpaceKey;
import brightlintel.edit.Clearings;
import brightlintel.edit.Placing;
import brightlintel.edit.Receiving;
import brightlintel.edit.Tracing;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.trace.Supports;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The demo project: the ground floor put right and partly traced, the upper floor received and still to be set right. */
public final class HeronQuayProject {
    private static final String RECEIVED = "2026-03-02T09:00:00Z";
    private static final double FADE = 0.3;
    private final DrawingShelf shelf;
    private Project p;

    private HeronQuayProject(DrawingShelf shelf) {
        this.shelf = shelf;
    }

    private static String id(String role) {
        return Ids.derived("heron-quay", role).toString();
    }

    /** Writes the drawings into a folder, takes them in, and does the first of the work. The same project each time. */
    public static Project build(DrawingShelf shelf, Path folder) throws IOException {
        return new HeronQuayProject(shelf).build(folder);
    }

    /** The same, with nothing left behind but what the shelf keeps. */
    public static Project build(DrawingShelf shelf) throws IOException {
        Path folder = Files.createTempDirectory("heron-quay-");
        try {
            return build(shelf, folder);
        } finally {
            for (String n : DemoDrawings.ALL) Files.deleteIfExists(folder.resolve(n));
            Files.deleteIfExists(folder);
        }
    }

    private Project build(Path folder) throws IOException {
        StoreyId ground = new StoreyId(id("ground")), upper = new StoreyId(id("upper"));
        p = Project.of(id("project"), "Heron Quay Rowing Club",
            List.of(new Storey(ground, "Ground", Given.stated(0.0), Given.stated(HeronQuay.GROUND_HEIGHT), List.of()),
                new Storey(upper, "Upper", Given.stated(HeronQuay.GROUND_HEIGHT), Given.stated(HeronQuay.UPPER_HEIGHT), List.of())));
        receive(folder, DemoDrawings.GROUND, ground);
        receive(folder, DemoDrawings.UPPER, upper);
        UnderlayId u = p.storey(ground).orElseThrow().underlays().getFirst();
        apply(Placing.unit(u, 0.001));
        apply(Placing.turnTo(u, -HeronQuay.GROUND_TURN));
        apply(Placing.datum(u, p.underlay(u).orElseThrow().placement().apply(HeronQuay.GROUND_AT)));
        for (String layer : List.of("A-FLOR-PATT", "G-ANNO-TTLB")) apply(Clearings.hide(u, layer));
        PlacedDrawing d = shelf.placed(p.underlay(u).orElseThrow(), Progress.NONE);
        grid();
        walls(ground, d);
        pages(folder, ground);
        return p;
    }

    private void apply(Edit e) {
        p = e.apply(p);
    }

    private void receive(Path folder, String name, StoreyId on) throws IOException {
        Path file = Files.write(folder.resolve(name), DemoDrawings.bytes(name));
        DrawingShelf.Shelved s = shelf.take(file, Progress.NONE);
        apply(Receiving.receive(new FileId(id("file/" + name)), new UnderlayId(id("underlay/" + name)),
            new Receiving.Arrived(name, Files.size(file), RECEIVED), s.arrival(), on));
    }

    /**
     * The annexe in its place beside the club, set right by a known length; and the scan of the old house, levelled and in its place, its
     * picture off at first. Their places are known, so that they need not be read before the window shows the project.
     */
    private void pages(Path folder, StoreyId ground) throws IOException {
        double perMetre = AnnexeSheets.POINTS_PER_METRE, nominal = 0.0254 / 72 * AnnexeSheets.SCALE;
        Given<Scale> known = Given.read(Scale.even(1 / perMetre), 1, new Evidence.KnownLength(9.6 * perMetre * nominal, 9.6));
        under(folder, DemoDrawings.ANNEXE, ground,
            new Placement(known, false, Given.assumed(0.0), Given.stated(AnnexeSheets.ORIGIN_ON_PAGE),
            Given.stated(HeronQuay.ANNEXE_AT)), "SHEET");
        double dots = OldSurvey.PIXELS_PER_METRE * 72 / OldSurvey.DPI;
        under(folder, DemoDrawings.OLD_SURVEY, ground, new Placement(Given.read(Scale.even(1 / dots), 1, new Evidence.Plotted(100)), false,
            Given.stated(-OldSurvey.TURN), Given.stated(OldSurvey.ORIGIN.times(72 / OldSurvey.DPI)), Given.stated(HeronQuay.OLD_AT)),
            "pictures");
    }

    /** Below the drawings that are there. */
    private void under(Path folder, String name, StoreyId on, Placement place, String layerOff) throws IOException {
        Path file = Files.write(folder.resolve(name), DemoDrawings.bytes(name));
        String sha = shelf.originals().keep(file);
        Source source = new Source(new FileId(id("file/" + name)), name, new Custody.Kept(),
            List.of(new Source.Version(sha, Files.size(file), RECEIVED,
            List.of())));
        UnderlayId u = new UnderlayId(id("underlay/" + name));
        List<Source> sources = new ArrayList<>(p.sources());
        sources.add(source);
        List<Underlay> underlays = new ArrayList<>(p.underlays());
        underlays.add(new Underlay(u, source.id(), sha, new SpaceKey.Page(1), Optional.empty(), place, Clearing.ofLayers(Set.of(layerOff)),
            Appearance.faded(FADE), false));
        p = p.withSources(sources).withUnderlays(underlays).withStorey(on, s -> {
            List<UnderlayId> ids = new ArrayList<>(s.underlays());
            ids.addFirst(u);
            return s.withUnderlays(ids);
        });
    }

    /** From the centres of the drawing's bubbles: so the tags lie on them. */
    private void grid() {
        for (double x : HeronQuay.LETTERS) line(Piece.straight(new Point(x, 16.1), new Point(x, -1)));
        for (double y : HeronQuay.FIGURES) line(Piece.straight(new Point(-1.7, y), new Point(26.6, y)));
    }

    private void line(Piece piece) {
        String label = GridLabels.next(piece, p.grid());
        apply(Tracing.addGridLine(new GridLine(new ElementId(id("grid/" + label)), label, Optional.of(GridLabels.family(piece)), piece,
            Optional.empty(), Provenance.BY_HAND)));
    }

    /** The outer shell with its bay, the wall of the boat bays; a gate, a door and a window; the slab round the shell. */
    private void walls(StoreyId on, PlacedDrawing d) {
        HeronQuay.Plan plan = HeronQuay.ground();
        List<Wall> walls = new ArrayList<>();
        for (Wall w : plan.walls().subList(0, 8))
            walls.add(w.with(new Provenance(new Provenance.Way.ByHand(), Supports.ofWall(w, List.of(d)))));
        apply(Tracing.addWalls(on, walls));
        for (Opening o : plan.openings().subList(0, 3)) apply(Tracing.addOpening(on, o));
        Opening door = plan.openings().getLast();
        apply(Tracing.addOpening(on, door));
        Set<ElementId> shell = walls.subList(0, 6).stream().map(Wall::id).collect(Collectors.toSet());
        apply(Tracing.addSlab(on, new Slab(new ElementId(id("slab")), SlabOutline.around(walls.subList(0, 6), Tolerances.BUILDING)
            .orElseThrow(), List.of(), Stand.FLOOR, Given.assumed(0.25),
            Optional.of(shell), Provenance.BY_HAND)));
    }
}
