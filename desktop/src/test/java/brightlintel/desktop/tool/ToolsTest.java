package brightlintel.desktop.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.FileId;
import brightlintel.building.GridLine;
import brightlintel.building.UnderlayId;
import brightlintel.correct.size.SizeKind;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Proposed;
import brightlintel.desktop.state.Workspace;
import brightlintel.drawing.Progress;
import brightlintel.edit.Appearing;
import brightlintel.edit.Receiving;
import brightlintel.geom.Point;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Tools as state machines: clicks and keys in, edits and sentences out. */
class ToolsTest {
    @TempDir Path folder;
    private Workspace w;
    private UnderlayId underlay;

    @BeforeEach void aPlanOfFortyByTwentyMetres() throws IOException {
        DrawingShelf shelf = new DrawingShelf(Originals.temporary());
        w = new Workspace(shelf);
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n6\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n");
        for (int i = 0; i <= 20; i++)
            b.append("0\nLINE\n8\nWALLS\n10\n").append(2 * i).append("\n20\n0\n11\n").append(2 * i).append("\n21\n20\n");
        DrawingShelf.Shelved s = shelf.take(Files.writeString(folder.resolve("plan.dxf"), b + "0\nENDSEC\n0\nEOF\n"), Progress.NONE);
        underlay = UnderlayId.fresh();
        w.apply(Receiving.receive(FileId.fresh(), underlay, new Receiving.Arrived("plan.dxf", 1, "2026-03-02T09:00:00Z"), s.arrival(),
            w.storeyId()));
    }

    private void click(double x, double y) {
        Point p = new Point(x, y);
        w.aim(new Aim(p, p, Optional.empty(), 0.1));
        w.tool().clicked(w.aim());
    }

    private double scale() {
        return w.underlay().orElseThrow().placement().scale().value().mean();
    }

    @Test void aGridLineTakesTwoClicksAndItsLabelRunsOn() {
        w.start(GridTool::new);
        click(0, 10);
        assertThat(w.tool().from()).contains(new Point(0, 10));
        click(0, 0);
        click(5, 0);
        click(5, 10);
        click(0, 3);
        click(9, 3);
        assertThat(w.project().grid()).extracting(GridLine::label).containsExactly("A", "B", "1");
        // letters begin at the top, whichever end was clicked first
        assertThat(w.project().grid().get(1).line().a().y()).isEqualTo(10);
    }

    @Test void aTypedLabelIsForTheNextLineOnly() {
        w.start(GridTool::new);
        assertThat(w.tool().typed(Double.NaN, " K2 ", Optional.empty())).isTrue();
        assertThat(w.tool().typed(Double.NaN, "far too long a label", Optional.empty())).isFalse();
        click(0, 0);
        click(0, 9);
        click(4, 0);
        click(4, 9);
        assertThat(w.project().grid()).extracting(GridLine::label).containsExactly("K2", "A");
    }

    @Test void theSameGridLineIsNotDrawnTwice() {
        w.start(GridTool::new);
        for (int i = 0; i < 2; i++) {
            click(0, 0);
            click(0, 9);
        }
        assertThat(w.project().grid()).hasSize(1);
        assertThat(w.message().tone()).isEqualTo(Message.Tone.BAD);
    }

    @Test void aMisClickCostsOneKey() {
        for (Function<Workspace, Tool> maker
            : List.<Function<Workspace, Tool>>of(GridTool::new, MeasureTool::new, x -> new TurnTool(x, underlay),
            x -> new KnownLengthTool(x, underlay))) {
            w.start(maker);
            assertThat(w.tool().back()).isFalse();
            click(1, 1);
            assertThat(w.tool().from()).isPresent();
            assertThat(w.tool().marks()).isNotEmpty();
            assertThat(w.tool().back()).isTrue();
            assertThat(w.tool().from()).isEmpty();
        }
        assertThat(w.project().grid()).isEmpty();
    }

    @Test void twoPointsAlongAWallSetThePlanUpright() {
        double before = w.underlay().orElseThrow().placement().turn().value();
        w.start(x -> new TurnTool(x, underlay));
        click(0, 0);
        click(0, 0);
        click(10, 1);
        assertThat(w.underlay().orElseThrow().placement().turn().value() - before).isCloseTo(-Math.atan2(1, 10), within(1e-9));
        assertThat(w.tool()).isInstanceOf(SelectTool.class);
        assertThat(w.message().tone()).isEqualTo(Message.Tone.GOOD);
    }

    /** A known length sets the scale; a second one checks it, and says so where it does not agree. */
    @Test void twoPairsOfPointsTurnAndMoveADrawingAtItsSize() {
        w.start(x -> new TwoPairsTool(x, underlay));
        click(0, 0);
        click(100, 50);
        click(0, 0);
        assertThat(w.tool().from()).as("the same point is no second one").isEmpty();
        click(0, 10);
        assertThat(w.tool().back()).isTrue();
        click(0, 10);
        click(90, 50);
        var p = w.underlay().orElseThrow().placement();
        assertThat(p.apply(p.toFile(new Point(100, 50))).distance(new Point(100, 50))).isLessThan(1e-9);
        assertThat(scale()).isEqualTo(1);
        assertThat(Math.toDegrees(p.turn().value())).isCloseTo(90, within(1e-9));
        assertThat(w.message().tone()).isEqualTo(Message.Tone.GOOD);
        assertThat(w.tool()).isInstanceOf(SelectTool.class);
        w.undo();
        assertThat(w.underlay().orElseThrow().placement().turn().value()).isZero();
    }

    /** The lines of the plan are 2 m apart: taken for the faces of a wall that is 300 mm thick. */
    @Test void aWallOfKnownThicknessSetsTheSize() {
        w.start(x -> KnownLengthTool.ofWall(x, underlay));
        click(1, 9);
        assertThat(w.message().tone()).as("no line is there").isEqualTo(Message.Tone.BAD);
        click(2, 9);
        assertThat(w.tool().asks()).isEqualTo(Tool.Asks.NOTHING);
        click(2, 12);
        assertThat(w.message().tone()).as("the same face").isEqualTo(Message.Tone.BAD);
        click(4, 3);
        assertThat(w.tool().asks()).isEqualTo(Tool.Asks.WAY);
        assertThat(w.tool().back()).isTrue();
        click(4, 14);
        assertThat(w.tool().typed(0.3, "300", Optional.empty())).isTrue();
        assertThat(scale()).isCloseTo(0.15, within(1e-12));
        w.undo();
        assertThat(scale()).isEqualTo(1);
    }

    private void known(double x0, double y0, double x1, double y1, double truth) {
        var p = w.underlay().orElseThrow().placement();
        Point a = p.apply(new Point(x0, y0)), b = p.apply(new Point(x1, y1));
        click(a.x(), a.y());
        click(b.x(), b.y());
        w.tool().typed(truth, "", Optional.empty());
    }

    @Test void aThirdKnownLengthFindsTheStretch() {
        w.start(x -> new KnownLengthTool(x, underlay));
        known(0, 0, 20, 0, 10);
        assertThat(scale()).isCloseTo(0.5, within(1e-12));
        known(0, 0, 0, 20, 10.3);
        assertThat(w.message().tone()).as("it parts by three in a hundred").isEqualTo(Message.Tone.BAD);
        known(0, 20, 40, 20, 20);
        var s = w.underlay().orElseThrow().placement().scale().value();
        assertThat(s.metresPerUnitX()).isCloseTo(0.5, within(1e-9));
        assertThat(s.metresPerUnitY()).isCloseTo(0.515, within(1e-9));
        assertThat(w.message().tone()).isEqualTo(Message.Tone.GOOD);
    }

    @Test void aFigureThatWasMisreadIsNoStretch() {
        w.start(x -> new KnownLengthTool(x, underlay));
        known(0, 0, 20, 0, 10);
        known(0, 0, 40, 0, 20);
        known(0, 5, 30, 5, 12);
        var s = w.underlay().orElseThrow().placement().scale().value();
        assertThat(s.isEven()).isTrue();
        assertThat(w.message().tone()).isEqualTo(Message.Tone.BAD);
        assertThat(w.message().text()).contains("misread");
    }

    @Test void whatIsFoundIsProposedAndStruckOutAtOnce() {
        var found = w.reckonings().of(w.drawing().orElseThrow()).orElseThrow();
        assertThat(found.size().unsure()).as("21 lines are no plan").isTrue();
        assertThat(Proposed.of(w)).filteredOn(p -> p.decision() == Proposed.Decision.SIZE).noneMatch(Proposed::sure);
        w.reckonings().strike(underlay, SizeKind.HEADER);
        assertThat(w.reckonings().of(w.drawing().orElseThrow()).orElseThrow().size().opinions()).noneMatch(o -> o.kind() == SizeKind.HEADER);
        w.reckonings().strike(underlay, SizeKind.HEADER);
        assertThat(w.reckonings().of(w.drawing().orElseThrow())).contains(found);
        int steps = w.history().past().size();
        Proposed.takeAll(w);
        assertThat(w.history().past()).as("nothing unsure is taken with the rest").hasSizeLessThanOrEqualTo(steps + 2);
        assertThat(w.underlay().orElseThrow().placement().scale().value().mean()).isEqualTo(1);
        w.apply(Appearing.lock(underlay, true));
        assertThat(Proposed.of(w)).as("what is locked stays where it is").isEmpty();
    }

    @Test void aKnownLengthSetsTheScaleAndASecondChecksIt() {
        assertThat(scale()).isEqualTo(1);
        w.start(x -> new KnownLengthTool(x, underlay));
        click(0, 0);
        click(0, 0);
        assertThat(w.tool().asks()).isEqualTo(Tool.Asks.NOTHING);
        click(10, 0);
        assertThat(w.tool().asks()).isEqualTo(Tool.Asks.WAY);
        assertThat(w.tool().typed(0, "0", Optional.empty())).isFalse();
        assertThat(w.tool().typed(9.4, "9.4", Optional.empty())).isTrue();
        assertThat(scale()).isCloseTo(0.94, within(1e-12));
        click(0, 0);
        click(0, 10);
        w.tool().typed(12, "12", Optional.empty());
        assertThat(w.message().tone()).isEqualTo(Message.Tone.BAD);
        assertThat(w.message().text()).contains("16.67");
        assertThat(scale()).isCloseTo(0.94, within(1e-12));
        w.undo();
        assertThat(scale()).isEqualTo(1);
    }

    @Test void aMeasureTellsLengthAndBothShares() {
        w.start(MeasureTool::new);
        click(1, 1);
        click(4, 5);
        assertThat(w.tool().prompt()).contains("5.000", "3.000", "4.000");
        click(0, 0);
        assertThat(w.tool().prompt()).doesNotContain("5.000");
        assertThat(w.history().past()).hasSize(1);
    }
}
