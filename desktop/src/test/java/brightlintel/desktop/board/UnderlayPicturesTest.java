package brightlintel.desktop.board;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.FileId;
import brightlintel.building.UnderlayId;
import brightlintel.desktop.Laws;
import brightlintel.desktop.WindowQueue;
import brightlintel.desktop.state.Workspace;
import brightlintel.drawing.Progress;
import brightlintel.edit.Clearings;
import brightlintel.edit.Placing;
import brightlintel.edit.Receiving;
import brightlintel.geom.Point;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.paint.StrokePainter;
import brightlintel.place.PlacedDrawing;
import brightlintel.select.Picked;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pictures are made behind the window: one that comes late is not shown, and none that is wanted is missed. */
class UnderlayPicturesTest {
    private static final PlanView VIEW = new PlanView(new Point(5, 5), 20, 200, 200).onSteps();
    private static final String PLAN = "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n6\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n"
        + "0\nLINE\n8\nLEVEL\n10\n0\n20\n5\n11\n10\n21\n5\n0\nLINE\n8\nUPRIGHT\n10\n5\n20\n0\n11\n5\n21\n10\n0\nENDSEC\n0\nEOF\n";
    @TempDir Path folder;
    private final WindowQueue window = new WindowQueue();
    private final UnderlayPictures pictures = new UnderlayPictures(window);
    private final List<String> done = new ArrayList<>();
    private Workspace w;

    private void receive(String name, String text) throws IOException {
        w.apply(Receiving.receive(FileId.fresh(), UnderlayId.fresh(), new Receiving.Arrived(name, 1, "2026-03-02T09:00:00Z"),
            w.shelf().take(Files.writeString(folder.resolve(name), text), Progress.NONE).arrival(), w.storeyId()));
        w.apply(Placing.datum(w.underlay().orElseThrow().id(), new Point(0, 0)));
    }

    @BeforeEach void twoLayers() throws IOException {
        w = new Workspace(new DrawingShelf(Originals.temporary()));
        receive("p.dxf", PLAN);
    }

    @AfterEach void stop() {
        pictures.stop();
    }

    private UnderlayPictures.Wanted want(PlanView view) {
        return new BoardFrame(w, pictures, () -> { }).wanted(view);
    }

    private Raster shown(PlanView view) {
        Raster frame = new Raster(view.width(), view.height());
        pictures.compose(frame, view, w.looks().palette().paper());
        return frame;
    }

    private static int inked(Raster r, int paper) {
        int n = 0;
        for (int p : r.pixels) if ((p & 0xffffff) != (paper & 0xffffff)) n++;
        return n;
    }

    private int inked(PlanView v) {
        return inked(shown(v), w.looks().palette().paper());
    }

    private void paint(PlanView view) {
        UnderlayPictures.Wanted wanted = want(view);
        pictures.want(wanted, () -> done.add("more"));
        window.until("all in view is there", () -> pictures.isSharp(wanted));
    }

    /** What the painter alone makes of the state of now. */
    private Raster alone(PlanView view) {
        Raster r = new Raster(view.width(), view.height());
        r.clear(w.looks().palette().paper());
        for (PlacedDrawing d : w.drawings())
            StrokePainter.paint(d, view, StrokePainter.Look.of(d.underlay().appearance(), w.looks().palette(), w.looks().muted()), r,
                () -> false);
        return r;
    }

    /** Pixels that differ by more than rounding. */
    private static int differing(Raster a, Raster b) {
        int n = 0;
        for (int i = 0; i < a.pixels.length; i++)
            for (int s = 0; s <= 16; s += 8)
                if (Math.abs((a.pixels[i] >> s & 255) - (b.pixels[i] >> s & 255)) > 3) {
                    n++;
                    break;
                }
        return n;
    }

    /** Law: whatever happened before and however fast, what is shown in the end is the state of now and nothing else. */
    @Test void inTheEndTheStateOfNowIsShown() {
        Laws.each(4, this::inTheEndTheStateOfNowIsShown);
    }

    private void inTheEndTheStateOfNowIsShown(Random r) {
        PlanView view = VIEW;
        for (int i = 0; i < 20; i++) {
            UnderlayId u = w.underlay().orElseThrow().id();
            switch (r.nextInt(6)) {
                case 0 -> w.apply(Clearings.hide(u, r.nextBoolean() ? "LEVEL" : "UPRIGHT"));
                case 1 -> w.apply(Clearings.allBack(w.underlayIds()));
                case 2 -> w.looks(w.looks().withDark(r.nextBoolean()).withMuted(r.nextBoolean()));
                case 3 -> view = view.moved(r.nextInt(400) - 200, r.nextInt(400) - 200).onSteps();
                case 4 -> view = VIEW.zoomed(Math.exp(r.nextGaussian()), r.nextInt(200), r.nextInt(200)).onSteps();
                default -> w.apply(Placing.turnTo(u, r.nextInt(4) * 0.3));
            }
            pictures.want(want(view), () -> done.add("more"));
            shown(view);
            if (r.nextInt(3) > 0) continue;
            paint(view);
            assertThat(differing(shown(view), alone(view))).as("round %d, %s", i, view).isLessThan(40);
        }
    }

    @Test void whatWasAskedForBeforeIsNotShown() {
        pictures.want(want(VIEW), () -> done.add("first"));
        window.arrived();
        w.looks(w.looks().withDark(true));
        paint(VIEW);
        assertThat(done).doesNotContain("first");
        assertThat(differing(shown(VIEW), alone(VIEW))).isZero();
    }

    @Test void aPictureThatComesAfterTheDrawingWentIsNotShown() {
        pictures.want(want(VIEW), () -> done.add("late"));
        window.arrived();
        pictures.forget();
        window.drain();
        assertThat(inked(VIEW)).isZero();
        paint(VIEW);
        assertThat(inked(VIEW)).isPositive();
    }

    /** A drawing that went elsewhere is not shown where it was, not even until the new picture is there. */
    @Test void aDrawingThatMovedDoesNotStandInForItself() {
        paint(VIEW);
        w.apply(Placing.turnTo(w.underlay().orElseThrow().id(), 0.4));
        pictures.want(want(VIEW), () -> { });
        Raster now = shown(VIEW), then = alone(VIEW);
        for (int i = 0; i < now.pixels.length; i++)
            if ((now.pixels[i] & 0xffffff) != w.looks().palette().paper()) assertThat(now.pixels[i]).isEqualTo(then.pixels[i]);
    }

    @Test void theSameWantIsPaintedOnce() throws InterruptedException {
        paint(VIEW);
        window.until("the squares round it too", () -> pictures.bytes() >= 9L * 4 * Squares.SIDE * Squares.SIDE);
        // and those further out, however long they take: only then is there nothing left to paint
        for (long before = -1; before != pictures.bytes();) {
            before = pictures.bytes();
            Thread.sleep(300);
            window.drain();
        }
        done.clear();
        pictures.want(want(VIEW), () -> done.add("again"));
        Thread.sleep(100);
        window.drain();
        assertThat(done).isEmpty();
    }

    @Test void hiddenLayersLeaveThePicture() {
        paint(VIEW);
        int both = inked(VIEW);
        w.apply(Clearings.hide(w.underlay().orElseThrow().id(), "LEVEL"));
        paint(VIEW);
        int one = inked(VIEW);
        w.apply(Clearings.hide(w.underlay().orElseThrow().id(), "UPRIGHT"));
        paint(VIEW);
        assertThat(one).isBetween(both / 3, both * 2 / 3);
        assertThat(inked(VIEW)).isZero();
    }

    /** Panned and zoomed, what is there stands in: it lies where it belongs, and nothing is blank that was painted at any scale. */
    @Test void whatIsThereStandsInWhileTheViewMoves() {
        paint(VIEW);
        Raster before = shown(VIEW), moved = shown(VIEW.moved(17, 0));
        for (int y = 0; y < 200; y++)
            for (int x = 20; x < 180; x++) assertThat(moved.at(x + 17, y)).isEqualTo(before.at(x, y));
        assertThat(inked(VIEW.zoomed(3, 100, 100).onSteps())).isPositive();
        assertThat(inked(VIEW.zoomed(0.3, 100, 100).onSteps())).isPositive();
        assertThat(inked(new PlanView(new Point(900, 900), 20, 200, 200).onSteps())).as("far from what was painted").isZero();
    }

    /** What is kept is bounded, however far one goes. */
    @Test void theWholePlanIsKeptHoweverMuchIsLookedAtNearBy() {
        PlanView near = new PlanView(new Point(5, 5), 400, 600, 600).onSteps();
        PlanView whole = want(near).whole().orElseThrow();
        paint(whole);
        for (int i = 0; i < 40; i++) paint(near.moved(170 * i, 0));
        assertThat(pictures.bytes()).as("more was looked at than is kept").isLessThan(40L * 9 * Squares.SQUARE_BYTES);
        UnderlayPictures.Wanted back = want(whole);
        pictures.want(back, () -> { });
        assertThat(pictures.isSharp(back)).isTrue();
    }

    @Test void memoryIsBounded() {
        for (int i = 0; i < 80; i++) pictures.want(want(VIEW.moved(i * 777, i * 555).onSteps()), () -> { });
        paint(VIEW);
        Squares few = new Squares(10L * 4 * Squares.SIDE * Squares.SIDE);
        Ground g = new Ground(List.of(), 0, null);
        for (int i = 0; i < 100; i++)
            few.put(new Squares.Key(g, i % 3, i, 0), new Raster(Squares.SIDE, Squares.SIDE), k -> k.column() == 5);
        assertThat(few.bytes()).isEqualTo(10L * 4 * Squares.SIDE * Squares.SIDE);
        assertThat(few.has(new Squares.Key(g, 0, 99, 0))).as("the newest is there").isTrue();
        assertThat(few.has(new Squares.Key(g, 2, 5, 0))).as("what is needed is kept").isTrue();
        assertThat(few.has(new Squares.Key(g, 0, 3, 0))).isFalse();
    }

    private static long warm(Raster r) {
        return Arrays.stream(r.pixels).filter(p -> (p >> 16 & 255) - (p & 255) > 40).count();
    }

    /** What is picked is lit over all that lies there, and nothing else is painted anew for it. */
    @Test void whatIsPickedIsLit() {
        paint(VIEW);
        Raster none = shown(VIEW);
        w.onBoard().pick((d, _) -> Picked.stroke(0));
        paint(VIEW);
        Raster one = shown(VIEW);
        assertThat(warm(none)).isZero();
        assertThat(warm(one)).isGreaterThan(40);
        w.looks(w.looks().withLit("UPRIGHT"));
        paint(VIEW);
        assertThat(warm(shown(VIEW))).as("a layer beside it").isGreaterThan(warm(one));
        w.looks(w.looks().withLit(""));
        w.onBoard().pickNothing();
        pictures.want(want(VIEW), () -> { });
        assertThat(differing(shown(VIEW), none)).as("at once: what lies under it is still there").isZero();
    }

    /** Of two drawings with a layer of one name, that of the drawing in hand is lit; once the pointer is elsewhere it is as before. */
    @Test void aLitLayerBelongsToTheDrawingInHand() throws IOException {
        receive("q.dxf", PLAN.replace("UPRIGHT", "PLUMB"));
        assertThat(w.drawings()).hasSize(2);
        paint(VIEW);
        Raster none = shown(VIEW);
        w.looks(w.looks().withLit("LEVEL"));
        paint(VIEW);
        Raster upper = shown(VIEW);
        assertThat(warm(none)).as("ink is cold, brass is warm").isZero();
        assertThat(warm(upper)).isGreaterThan(40);
        w.looks(w.looks().withLit("UPRIGHT"));
        paint(VIEW);
        assertThat(differing(shown(VIEW), none)).as("a layer of the other drawing").isZero();
        w.looks(w.looks().withLit(""));
        assertThat(differing(shown(VIEW), none)).as("at once").isZero();
    }
}
