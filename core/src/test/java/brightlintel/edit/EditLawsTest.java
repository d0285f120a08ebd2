package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Contents;
import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.GridLabels;
import brightlintel.building.GridLine;
import brightlintel.building.History;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.StoreyId;
import brightlintel.building.TopLine;
import brightlintel.building.Wall;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.find.Finder;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Walls;
import brightlintel.read.DrawingReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EditLawsTest {
    private static final String SQUARE = """
        s 0 0 -> 8 0 thick 0.36
        e 8 0 -> 8 6 thick 0.36
        n 8 6 -> 0 6 thick 0.36
        w 0 6 -> 0 0 thick 0.36
        """;

    private static Project project() {
        Project p = Project.empty("P", "Ground");
        return Tracing.addOpening(p.storeys().getFirst().id(), opening("o", "s", 3, 1))
            .apply(Tracing.addWalls(p.storeys().getFirst().id(), Walls.read(SQUARE)).apply(p));
    }

    private static Opening opening(String id, String wall, double along, double width) {
        return new Opening(new ElementId(id), new ElementId(wall), along, Given.stated(width), Given.assumed(0.9), Given.assumed(2.1),
            new Opening.Filling.Window(), Provenance.BY_HAND);
    }

    private static StoreyId ground(Project p) {
        return p.storeys().getFirst().id();
    }

    private static Point place(Project p, String opening) {
        Contents c = p.on(ground(p));
        Opening o = c.openings().stream().filter(x -> x.id().value().equals(opening)).findFirst().orElseThrow();
        return c.wall(o.wall()).orElseThrow().middle(o.along());
    }

    @Test void aMovedCornerKeepsTheOpeningWhereItStands() {
        Project p = project(), moved = Tracing.moveCorner(ground(p), new Point(0, 0), new Point(-2, 0), 1e-6).apply(p);
        assertThat(Walls.text(moved.on(ground(p)).walls())).contains("s -2 0 -> 8 0", "w 0 6 -> -2 0");
        assertThat(place(moved, "o").distance(place(p, "o"))).isLessThan(1e-9);
    }

    @Test void anOpeningThatNoLongerFitsIsNamedNotDropped() {
        Project p = project(), moved = Tracing.moveCorner(ground(p), new Point(0, 0), new Point(4, 0), 1e-6).apply(p);
        Contents c = moved.on(ground(p));
        assertThat(c.openings()).hasSize(1);
        assertThat(Hosting.misfits(c, _ -> TopLine.level(3))).extracting(o -> o.id().value()).containsExactly("o");
        assertThat(Hosting.misfits(p.on(ground(p)), _ -> TopLine.level(3))).isEmpty();
        assertThat(Hosting.misfits(p.on(ground(p)), _ -> TopLine.level(2))).as("head above the wall").hasSize(1);
    }

    @Test void aSplitWallSharesItsOpeningsByWhereTheyStand() {
        Project plain = project(), p = Tracing.addOpening(ground(plain), opening("o2", "s", 6, 1)).apply(plain);
        Project split = Tracing.splitWall(new ElementId("s"), 4.5).apply(p);
        assertThat(split.on(ground(p)).walls()).hasSize(5);
        for (String o : List.of("o", "o2")) assertThat(place(split, o).distance(place(p, o))).isLessThan(1e-9);
        assertThat(Hosting.misfits(split.on(ground(p)), _ -> TopLine.level(3))).isEmpty();
    }

    @Test void deletingAWallTakesItsOpenings() {
        Project p = Tracing.delete(Set.of(new ElementId("s"))).apply(project());
        assertThat(p.on(ground(p)).openings()).isEmpty();
        assertThat(p.on(ground(p)).walls()).hasSize(3);
    }

    @Test void aHeightMovesTheStoreysAbove() {
        Project p = Stacking.add(new StoreyId("two"), "Two").apply(Stacking.add(new StoreyId("one"), "One").apply(project()));
        Project higher = Stacking.height(ground(p), 4).apply(p);
        assertThat(higher.storeys()).extracting(s -> s.level().value()).containsExactly(0.0, 4.0, 7.0);
        Project level = Stacking.level(new StoreyId("one"), 3.5).apply(higher);
        assertThat(level.storeys()).extracting(s -> s.level().value()).containsExactly(0.0, 3.5, 7.0);
        assertThat(level.storeys()).extracting(s -> s.height().value()).containsExactly(3.5, 3.5, 3.0);
        assertThat(Stacking.level(new StoreyId("one"), 9).apply(level)).as("above the next floor: refused").isEqualTo(level);
    }

    @Test void aRepeatedStoreyHasNewIdsAndItsOpeningsInItsOwnWalls() {
        Project p = project(), up = Stacking.repeatAbove(ground(p), new StoreyId("up"), "Up").apply(p);
        Contents c = up.on(new StoreyId("up"));
        assertThat(c.walls()).hasSize(4);
        assertThat(c.openings()).allMatch(o -> c.wall(o.wall()).isPresent() && !o.id().value().equals("o"));
        assertThat(c.walls().getFirst().from().way()).isEqualTo(new Provenance.Way.Repeated(new ElementId("s")));
        assertThat(up.heightOf(new StoreyId("up"), c.walls().getFirst())).isCloseTo(3, within(1e-12));
    }

    /** Some programs write every layer as off: then there would be nothing to see. */
    @Test void aDrawingWithEveryLayerOffIsShownAllTheSame() throws Exception {
        String all = "0\nSECTION\n2\nTABLES\n0\nTABLE\n2\nLAYER\n0\nLAYER\n2\nA\n70\n0\n62\n-3\n0\nLAYER\n2\nB\n70\n0\n62\nCOLOUR\n0\nENDTAB\n0\nENDSEC\n"
            + "0\nSECTION\n2\nENTITIES\n0\nLINE\n8\nA\n10\n0\n20\n0\n11\n9\n21\n9\n0\nLINE\n8\nB\n10\n0\n20\n0\n11\n9\n21\n9\n0\nENDSEC\n0\nEOF\n";
        Path f = Files.createTempFile("off", ".dxf");
        for (String colour : List.of("-5", "5")) {
            Files.writeString(f, all.replace("COLOUR", colour));
            var d = DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
            var s = Drawings.strokes(d);
            Receiving.Arrival a = new Receiving.Arrival(d, new SpaceKey.Model(), s, new Finder(d.sha256(), new SpaceKey.Model(), s));
            Project p = Project.empty("P", "G"), got = Receiving.receive(new Receiving.Arrived("off.dxf", 1, ""), a, ground(p)).apply(p);
            assertThat(got.underlays().getFirst().clearing().layersOff()).isEqualTo(colour.equals("5") ? Set.of("a") : Set.of());
        }
        Files.delete(f);
    }

    @Test void labelsRunOn() {
        List<GridLine> grid = new ArrayList<>();
        StringBuilder labels = new StringBuilder();
        for (int i = 0; i < 27; i++) {
            Piece up = Piece.straight(new Point(i, 10), new Point(i, 0));
            String l = GridLabels.next(up, grid);
            labels.append(l).append(' ');
            grid.add(new GridLine(ElementId.fresh(), l, Optional.of("letters"), up, Optional.empty(), Provenance.BY_HAND));
        }
        assertThat(labels.toString()).startsWith("A B C D E F G H J K L M N P Q ").endsWith("Y Z AA AB AC ");
        assertThat(GridLabels.next(Piece.straight(new Point(0, 0), new Point(9, 1)), grid)).isEqualTo("1");
    }

    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4, 5})
    void undoThenRedoChangesNothing(long seed) {
        Random r = new Random(seed);
        History h = History.of(project());
        List<Project> states = new ArrayList<>(List.of(h.now()));
        for (int i = 0; i < 30; i++) {
            History next = h.then(random(r, h.now()));
            if (next != h) states.add(next.now());
            h = next;
        }
        for (int i = states.size() - 1; i >= 0; i--) {
            assertThat(h.now()).isEqualTo(states.get(i));
            h = h.undo();
        }
        for (int i = 1; i < states.size(); i++) assertThat((h = h.redo()).now()).isEqualTo(states.get(i));
    }

    private static Edit random(Random r, Project p) {
        StoreyId on = p.storeys().get(r.nextInt(p.storeys().size())).id();
        List<Wall> walls = p.on(on).walls();
        return switch (r.nextInt(6)) {
            case 0 -> Tracing.addWalls(on, Walls.read("x" + r.nextInt(1000) + " " + r.nextInt(9) + " 0 -> " + (10 + r.nextInt(9))
                + " 5 thick 0.2"));
            case 1 -> Stacking.height(on, 2 + r.nextInt(4));
            case 2 -> Stacking.add(new StoreyId("s" + r.nextInt(1000)), "S");
            case 3 -> walls.isEmpty() ? Stacking.rename(on, "N" + r.nextInt()) : Tracing.delete(Set.of(walls.getFirst().id()));
            case 4 -> walls.isEmpty() ? Stacking.rename(on, "M" + r.nextInt()) : Tracing.splitWall(walls.getFirst().id(), 1);
            default -> Tracing.moveCorner(on, new Point(8, 0), new Point(8 + r.nextDouble(), 0), 1e-6);
        };
    }

    @Test void editsOfOneGestureAreOneStepAndNothingIsNoStep() {
        History h = History.of(project());
        for (int i = 1; i <= 5; i++)
            h = h.then(Tracing.moveCorner(ground(h.now()), new Point(0, 0), new Point(-0.1 * i, 0), 1e-6).during(7));
        assertThat(h.past()).hasSize(1);
        assertThat(h.then(Stacking.rename(ground(h.now()), "Ground"))).isSameAs(h);
        assertThat(Walls.text(h.undo().now().on(ground(h.now())).walls())).isEqualTo(SQUARE.strip());
    }
}
