package brightlintel.desktop.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.FileId;
import brightlintel.building.History;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.UnderlayId;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.desktop.Laws;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.drawing.Progress;
import brightlintel.edit.Placing;
import brightlintel.edit.Receiving;
import brightlintel.edit.Stacking;
import brightlintel.edit.Tracing;
import brightlintel.geom.Point;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Tools under any clicks, keys, undo and changes of storey: no orphan, no dead point, and undo to the start is the start. */
class ToolLawsTest {
    private static final int DOINGS = 120;
    @TempDir Path folder;
    private Path plan;

    @BeforeEach void aPlan() throws IOException {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        for (int i = 0; i <= 12; i++) b.append("0\nLINE\n8\nW\n10\n%d\n20\n0\n11\n%d\n21\n12\n".formatted(i, i));
        plan = Files.writeString(folder.resolve("plan.dxf"), b + "0\nENDSEC\n0\nEOF\n");
    }

    private Workspace begin() {
        try {
            Workspace w = new Workspace(new DrawingShelf(Originals.temporary()));
            for (StoreyId on : List.of(w.storeyId(), StoreyId.fresh())) {
                if (w.project().storey(on).isEmpty()) w.apply(Stacking.add(on, "Upper"));
                var arrival = w.shelf().take(plan, Progress.NONE).arrival();
                w.apply(w.project().underlays().isEmpty()
                    ? Receiving.receive(FileId.fresh(), UnderlayId.fresh(), new Receiving.Arrived("plan.dxf", 1, "2026-03-02T09:00:00Z"),
                    arrival, on)
                    : Receiving.lay(UnderlayId.fresh(), w.project().sources().getFirst().id(), arrival, on));
            }
            return w;
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private static final List<Function<Workspace, Tool>> TOOLS = List.of(WallTool::new, WallTool::new, x -> new OpeningTool(x, false),
        x -> new OpeningTool(x, true), Outlines::slab, GridTool::new, SplitTool::new, AcrossTool::new, MeasureTool::new, SelectTool::new,
        WallAlongTool::new, WallBetweenTool::new, x -> new WallArcTool(x, WallArcTool.Way.POINTS),
        x -> new WallArcTool(x, WallArcTool.Way.CENTRE), x -> new WallArcTool(x, WallArcTool.Way.ON), ParallelTool::wall, ParallelTool::grid,
        WallOnGridTool::new, JointTool::new, WallRectangleTool::new, ColumnTool::new, RoomTool::new, Outlines::room, SeparationTool::new,
        Outlines::hole, Outlines::zone, Outlines::outline, Outlines::roof, x -> new StairTool(x, false), x -> new StairTool(x, true),
        GlazedTool::new, x -> new CornerTool(x, true), x -> new CornerTool(x, false),
        onUnderlay(KnownLengthTool::new), onUnderlay(TurnTool::new), onUnderlay(DatumTool::new),
        onUnderlay(TwoPairsTool::new));

    private static Function<Workspace, Tool> onUnderlay(BiFunction<Workspace, UnderlayId, Tool> maker) {
        return w -> w.underlay().map(u -> maker.apply(w, u.id())).orElseGet(() -> new SelectTool(w));
    }

    private static Aim aim(Random r) {
        Point p = new Point(r.nextInt(13), r.nextInt(13));
        return new Aim(p, p, Optional.empty(), 0.3);
    }

    private static void click(Workspace w, Random r) {
        w.aim(aim(r));
        w.tool().clicked(w.aim());
    }

    private static void drag(Workspace w, Random r) {
        Aim from = aim(r);
        w.aim(from);
        for (int i = 0; i < 3; i++) {
            w.aim(aim(r));
            w.tool().dragged(from, w.aim(), r.nextBoolean());
        }
        w.tool().released(from, w.aim(), r.nextBoolean(), r.nextBoolean());
    }

    /** @param first step that may be undone */
    private static void doing(Workspace w, Random r, int first) {
        switch (r.nextInt(30)) {
            case 0, 1, 2 -> w.start(TOOLS.get(r.nextInt(TOOLS.size())));
            case 3 -> {
                if (w.history().past().size() > first) w.undo();
            }
            case 4 -> w.redo();
            case 5 -> w.tool().back();
            case 6 -> w.tool().finish();
            case 7 -> {
                if (!w.tool().escape()) w.leaveTool();
            }
            case 8 -> w.tool().typed(0.2 + r.nextInt(5), "1", r.nextBoolean() ? Optional.empty() : Optional.of(r.nextDouble() * 6));
            case 9 -> w.apply(Tracing.delete(w.selection()));
            case 10 -> drag(w, r);
            case 11 -> w.go(w.project().storeys().get(r.nextInt(w.project().storeys().size())).id());
            case 12 -> w.again();
            case 13 -> w.underlay().ifPresent(u -> w.apply(Placing.datum(u.id(), new Point(r.nextInt(3), r.nextInt(3)))));
            case 14 -> Outlines.slabFromWalls(w);
            case 17 -> Outlines.roofFromWalls(w);
            case 18 -> Outlines.outlineFromWalls(w);
            case 15 -> RoomTool.all(w);
            case 16 -> RoomTool.remaining(w);
            default -> click(w, r);
        }
    }

    private static void isSound(Workspace w) {
        Project p = w.project();
        for (Storey s : p.storeys())
            for (StoreyElement e : p.on(s.id()).elements())
                switch (e) {
                    case Opening o -> assertThat(p.on(s.id()).wall(o.wall())).as("the wall of " + o).isPresent();
                    case Wall x -> assertThat(x.length()).isPositive();
                    case Column x -> assertThat(x.section().area()).isPositive();
                    case Room r -> w.solved().enclosures().of(r).ifPresent(y -> assertThat(y.area()).isPositive());
                    case Separation x -> assertThat(x.line().length()).isPositive();
                    case Stair x -> assertThat(StairPlan.of(x).steps()).isNotEmpty();
                    case Roof x -> assertThat(p.on(s.id()).form(x).map(RoofForm::ridge).orElse(0.0)).isGreaterThanOrEqualTo(0);
                    case Zone x -> assertThat(x.area()).isPositive();
                    case BuildingOutline x -> x.follows().ifPresent(f -> assertThat(f).allMatch(id -> p.on(s.id()).wall(id).isPresent()));
                    case Slab x -> x.follows().ifPresent(f -> assertThat(f).allMatch(id -> p.on(s.id()).wall(id).isPresent()));
                }
        assertThat(w.selection()).allMatch(id -> p.element(id).isPresent());
        assertThat(w.tool().prompt()).isNotBlank();
        w.tool().marks();
        if (w.tool() instanceof WallTool) chain(w);
    }

    /** The points of a chain stand where its walls meet: a wall that is gone has no point. */
    private static void chain(Workspace w) {
        List<Point> points = new ArrayList<>();
        for (Mark m : w.tool().marks()) if (m instanceof Mark.Handle h) points.add(h.at());
        for (int i = 0; i + 1 < points.size(); i++) {
            Point a = points.get(i), b = points.get(i + 1);
            assertThat(w.contents().walls()).as("a wall from %s to %s", a, b)
                .anyMatch(x -> x.reference().a().distance(a) < 1e-6 && x.reference().b().distance(b) < 1e-6);
        }
        w.tool().from().ifPresent(f -> assertThat(f).isEqualTo(points.getLast()));
    }

    @Test void nothingIsOrphanedAndUndoToTheStartIsTheStart() {
        Laws.each(30, r -> {
            Workspace w = begin();
            Project start = w.project();
            int past = w.history().past().size();
            for (int i = 0; i < DOINGS; i++) {
                doing(w, r, past);
                isSound(w);
            }
            Project end = w.project();
            int steps = w.history().past().size() - past;
            while (w.history().past().size() > past) {
                w.undo();
                isSound(w);
            }
            assertThat(w.project()).isEqualTo(start);
            for (int i = 0; i < steps; i++) w.redo();
            assertThat(w.project()).isEqualTo(end);
        });
    }

    /** No step without a difference: undo always does something that can be seen. */
    @Test void everyStepMakesADifference() {
        Laws.each(20, r -> {
            Workspace w = begin();
            for (int i = 0; i < DOINGS; i++) doing(w, r, 0);
            History h = w.history();
            while (h.canUndo()) {
                Project now = h.now();
                h = h.undo();
                assertThat(h.now()).isNotEqualTo(now);
            }
        });
    }

    @Test void theLastToolOnAnotherStoreyTakesTheDrawingThatLiesThere() {
        Workspace w = begin();
        Underlays u = new Underlays(w);
        w.start(onUnderlay(KnownLengthTool::new));
        w.go(u.upper);
        assertThat(w.tool()).isInstanceOf(SelectTool.class);
        w.again();
        clickAt(w, 0, 0);
        clickAt(w, 10, 0);
        w.tool().typed(5, "5", Optional.empty());
        assertThat(u.scale(u.upper)).isEqualTo(u.before / 2);
        assertThat(u.scale(u.ground)).isEqualTo(u.before);
    }

    private record Underlays(Workspace w, StoreyId ground, StoreyId upper, double before) {
        Underlays(Workspace w) {
            this(w, w.project().storeys().getFirst().id(), w.project().storeys().getLast().id(),
                w.project().underlays().getFirst().placement().scale().value().mean());
        }

        double scale(StoreyId on) {
            return w.project().underlaysOf(on).getLast().placement().scale().value().mean();
        }
    }

    private static void clickAt(Workspace w, double x, double y) {
        Point p = new Point(x, y);
        w.aim(new Aim(p, p, Optional.empty(), 0.1));
        w.tool().clicked(w.aim());
    }

    /** The first point stays where it was picked in the drawing when another unit is chosen between the clicks. */
    @Test void anotherUnitBetweenTwoClicksDoesNotFalsifyTheLength() {
        Workspace w = begin();
        UnderlayId u = w.underlay().orElseThrow().id();
        double s = w.underlay().orElseThrow().placement().scale().value().mean();
        w.start(x -> new KnownLengthTool(x, u));
        clickAt(w, 0, 0);
        w.apply(Placing.unit(u, s / 1000));
        clickAt(w, 0.01, 0);
        assertThat(w.tool().typed(20, "20", Optional.empty())).isTrue();
        double now = w.underlay().orElseThrow().placement().scale().value().mean();
        assertThat(now).as("10 units are 20 m").isCloseTo(2, within(1e-9));
    }

    @Test void aDoorOf180KilometresIsSaid() {
        Workspace w = begin();
        w.start(WallTool::new);
        clickAt(w, 0, 0);
        clickAt(w, 10, 0);
        w.start(x -> new OpeningTool(x, false));
        clickAt(w, 4, 0);
        w.aim(new Aim(new Point(6, 0), new Point(6, 0), Optional.empty(), 0.1));
        assertThat(w.tool().typed(180_000, "180000", Optional.empty())).isFalse();
        assertThat(w.message().text()).contains("180").contains("10");
        assertThat(w.contents().elements()).noneMatch(e -> e instanceof Opening);
    }
}
