package brightlintel.desktop.state;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Contents;
import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.FileId;
import brightlintel.building.Given;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Side;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Top;
import brightlintel.building.UnderlayId;
import brightlintel.building.Wall;
import brightlintel.desktop.tool.MeasureTool;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.drawing.Progress;
import brightlintel.edit.Receiving;
import brightlintel.edit.Tracing;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.joint.Enclosures;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The state behind the window, without one. */
class WorkspaceTest {
    private Workspace w;
    private final List<Change> told = new ArrayList<>();

    @BeforeEach void begin() throws IOException {
        w = new Workspace(new DrawingShelf(Originals.temporary()));
        w.listen(told::add);
    }

    private static Wall wall(String id) {
        return new Wall(new ElementId(id), Piece.straight(new Point(0, 0), new Point(5, 0)), Side.CENTRE, Given.stated(0.2), Stand.FLOOR,
            Top.NEXT, Provenance.BY_HAND);
    }

    private Edit draw(String... ids) {
        StoreyId on = w.storeyId();
        return Edit.of("edit.wall", p -> p.withContents(on, c -> {
            List<Wall> all = new ArrayList<>();
            for (String id : ids) all.add(wall(id));
            return c.plus(all);
        }));
    }

    private static Edit upperStorey(StoreyId id) {
        return Edit.of("edit.storey", p -> {
            List<Storey> all = new ArrayList<>(p.storeys());
            all.add(new Storey(id, "Upper", Given.stated(3.0), Given.stated(2.8), List.of()));
            return p.withStoreys(all);
        });
    }

    @Test void itBeginsEmptyAndClean() {
        assertThat(w.isEmpty()).isTrue();
        assertThat(w.isDirty()).isFalse();
        assertThat(w.unsavedSteps()).isZero();
        assertThat(w.stage()).isEqualTo(Stage.RECEIVE);
    }

    @Test void stepsSinceTheLastSaveAreCounted() {
        w.apply(draw("a"));
        w.apply(draw("b"));
        assertThat(w.unsavedSteps()).isEqualTo(2);
        w.savedAs(Path.of("hut.lintel"), w.project());
        assertThat(w.isDirty()).isFalse();
        assertThat(w.unsavedSteps()).isZero();
        w.apply(draw("c"));
        assertThat(w.unsavedSteps()).isEqualTo(1);
        w.undo();
        assertThat(w.isDirty()).isFalse();
        // behind the save: there is no step to count from, but it is dirty
        w.undo();
        assertThat(w.isDirty()).isTrue();
    }

    @Test void whatIsGoneIsNoLongerSelected() {
        w.apply(draw("a", "b"));
        w.select(Set.of(new ElementId("a"), new ElementId("b")));
        w.undo();
        assertThat(w.selection()).isEmpty();
        w.redo();
        assertThat(w.selected()).isEmpty();
    }

    /** Undoing the storey in which one works leads to one that is there. */
    @Test void theStoreyInHandIsAlwaysThere() {
        StoreyId upper = StoreyId.fresh();
        w.apply(upperStorey(upper));
        w.go(upper);
        assertThat(w.storey().name()).isEqualTo("Upper");
        told.clear();
        w.undo();
        assertThat(w.storey()).isEqualTo(w.project().storeys().getFirst());
        assertThat(told).contains(Change.STOREY, Change.PROJECT);
    }

    @Test void goingToAnotherStoreyLeavesSelectionAndTool() {
        StoreyId upper = StoreyId.fresh();
        w.apply(upperStorey(upper));
        w.apply(draw("a"));
        w.select(Set.of(new ElementId("a")));
        w.start(MeasureTool::new);
        w.go(upper);
        assertThat(w.selection()).isEmpty();
        assertThat(w.tool()).isInstanceOf(SelectTool.class);
        w.go(StoreyId.fresh());
        assertThat(w.storeyId()).isEqualTo(upper);
    }

    @Test void oneKeyStartsTheLastToolAgain() {
        w.again();
        assertThat(w.tool()).isInstanceOf(SelectTool.class);
        w.start(MeasureTool::new);
        w.leaveTool();
        assertThat(w.tool()).isInstanceOf(SelectTool.class);
        w.again();
        assertThat(w.tool()).isInstanceOf(MeasureTool.class);
    }

    /** Nobody is told of what did not change: a redraw for nothing costs a frame. */
    @Test void nobodyIsToldOfNothing() {
        w.apply(Edit.of("edit.nothing", p -> p));
        w.select(Set.of());
        w.go(w.stage());
        w.go(w.storeyId());
        w.looks(w.looks());
        w.say(w.message());
        w.undo();
        w.redo();
        assertThat(told).isEmpty();
    }

    @Test void aListenerMayListenToAnotherWhileItIsTold() {
        w.listen(c -> w.listen(_ -> { }));
        w.apply(draw("a"));
        assertThat(told).contains(Change.PROJECT);
    }

    @Test void jointsAreSolvedOnceForTheSameWalls() {
        w.apply(draw("a"));
        assertThat(w.solved().footprints()).isSameAs(w.solved().footprints());
        Object before = w.solved().footprints();
        w.apply(draw("b"));
        assertThat(w.solved().footprints()).isNotSameAs(before);
    }

    /** Of a large storey rooms are seen as they were until they are worked out behind the window; tools ask for them as they are. */
    @Test void roomsOfALargeStoreyAreSeenAsTheyWereUntilTheyAreWorkedOut() {
        List<Wall> grid = new ArrayList<>();
        for (int i = 0; i <= 6; i++) for (int k = 0; k < 6; k++) {
            grid.add(wall(new Point(4 * i, 3 * k), new Point(4 * i, 3 * k + 3)));
            grid.add(wall(new Point(4 * k, 3 * i), new Point(4 * k + 4, 3 * i)));
        }
        w.apply(Tracing.addWalls(w.storeyId(), grid));
        List<Runnable> behind = new ArrayList<>(), window = new ArrayList<>();
        w.onBoard().behind(behind::add, window::add);
        Enclosures first = w.solved().enclosuresSeen();
        assertThat(first.all()).hasSize(36);
        w.apply(Tracing.addWalls(w.storeyId(), List.of(wall(new Point(2, 0), new Point(2, 3)))));
        assertThat(w.solved().enclosuresSeen()).as("not waited for").isSameAs(first);
        assertThat(w.solved().enclosuresSeen()).isSameAs(first);
        assertThat(behind).as("asked for once").hasSize(1);
        behind.removeFirst().run();
        told.clear();
        window.removeFirst().run();
        assertThat(told).contains(Change.EVIDENCE);
        assertThat(w.solved().enclosuresSeen().all()).hasSize(37);
        w.apply(Tracing.addWalls(w.storeyId(), List.of(wall(new Point(6, 0), new Point(6, 3)))));
        assertThat(w.solved().enclosures().all()).as("a tool gets them as they are").hasSize(38);
        assertThat(w.solved().enclosuresSeen().all()).hasSize(38);
        assertThat(behind).isEmpty();
    }

    private static Wall wall(Point a, Point b) {
        return new Wall(ElementId.fresh(), Piece.straight(a, b), Side.CENTRE, Given.stated(0.2), Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
    }

    /** A large drawing is looked through behind the window, once, and its end is told. */
    @Test void whereALargeDrawingIsIsWorkedOutBehindTheWindow(@TempDir Path folder) throws IOException {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        for (int i = 0; i < 60_000; i++)
            b.append("0\nLINE\n8\nA\n10\n").append(i % 300).append("\n20\n").append(i / 300).append("\n11\n").append(i % 300 + 1)
                .append("\n21\n9\n");
        Path f = Files.writeString(folder.resolve("large.dxf"), b + "0\nENDSEC\n0\nEOF\n");
        DrawingShelf.Shelved shelved = w.shelf().take(f, Progress.NONE);
        Receiving.Arrived file = new Receiving.Arrived("large.dxf", 1, "");
        w.apply(Receiving.receive(FileId.fresh(), UnderlayId.fresh(), file, shelved.arrival(), w.storeyId()));
        List<Runnable> behind = new ArrayList<>(), window = new ArrayList<>();
        w.onBoard().behind(behind::add, window::add);
        List<Change> told = new ArrayList<>();
        w.listen(told::add);
        PlacedDrawing d = w.drawing().orElseThrow();
        assertThat(w.onBoard().extent(d)).isEmpty();
        assertThat(w.onBoard().extent(d)).as("asked for at every frame, worked out once").isEmpty();
        assertThat(behind).hasSize(1);
        behind.forEach(Runnable::run);
        assertThat(told).doesNotContain(Change.EXTENT);
        window.forEach(Runnable::run);
        assertThat(told).contains(Change.EXTENT);
        assertThat(w.onBoard().extent(d)).isPresent();
        assertThat(behind).hasSize(1);
    }

    @Test void aProjectIsShownAtTheStageThatItHasReached() {
        Project p = Project.empty("Hut", "Ground");
        w.show(p, Optional.empty(), true);
        assertThat(w.stage()).isEqualTo(Stage.RECEIVE);
        Project traced = p.withContents(p.storeys().getFirst().id(), _ -> new Contents(List.of(wall("a"))));
        w.show(traced, Optional.of(Path.of("hut.lintel")), true);
        assertThat(w.isEmpty()).isFalse();
        assertThat(w.history().canUndo()).isFalse();
        w.show(traced, Optional.empty(), false);
        assertThat(w.isDirty()).isTrue();
        w.startAnew();
        assertThat(w.isEmpty()).isTrue();
        assertThat(w.isDirty()).isFalse();
    }
}
