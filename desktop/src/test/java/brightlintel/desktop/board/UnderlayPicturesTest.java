package brightlintel.desktop.board;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.FileId;
import brightlintel.building.UnderlayId;
import brightlintel.desktop.WindowQueue;
import brightlintel.desktop.state.Looks;
import brightlintel.desktop.state.Workspace;
import brightlintel.drawing.Progress;
import brightlintel.edit.Clearings;
import brightlintel.edit.Placing;
import brightlintel.edit.Receiving;
import brightlintel.geom.Point;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pictures are made behind the window: one that comes late is not shown, and none that is wanted is missed. */
class UnderlayPicturesTest {
    private static final PlanView VIEW = new PlanView(new Point(5, 5), 20, 200, 200);
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

    private UnderlayPictures.Wanted want(Looks looks, PlanView view) {
        return new UnderlayPictures.Wanted(w.drawings(), looks, w.drawing(), view);
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

    private void paint(UnderlayPictures.Wanted wanted) {
        int before = done.size();
        pictures.want(wanted, () -> done.add("done"));
        window.until("the picture is there", () -> done.size() > before);
    }

    @Test void aPictureThatComesAfterAnotherWasAskedForIsNotShown() {
        UnderlayPictures.Wanted first = want(w.looks(), VIEW), second = want(w.looks().withDark(true), VIEW);
        pictures.want(first, () -> done.add("first"));
        window.arrived();
        pictures.want(second, () -> done.add("second"));
        window.until("the second is there", () -> done.contains("second"));
        assertThat(done).containsExactly("second");
        assertThat(pictures.last().of()).isEqualTo(second);
    }

    @Test void aPictureThatComesAfterTheDrawingWentIsNotShown() {
        pictures.want(want(w.looks(), VIEW), () -> done.add("late"));
        window.arrived();
        pictures.forget();
        window.drain();
        assertThat(done).isEmpty();
        assertThat(pictures.last()).isNull();
        assertThat(inked(VIEW)).isZero();
        paint(want(w.looks(), VIEW));
        assertThat(inked(VIEW)).isPositive();
    }

    @Test void theSameWantIsPaintedOnce() {
        paint(want(w.looks(), VIEW));
        pictures.want(want(w.looks(), VIEW), () -> done.add("again"));
        window.drain();
        assertThat(done).containsExactly("done");
    }

    @Test void hiddenLayersLeaveThePicture() {
        paint(want(w.looks(), VIEW));
        int both = inked(VIEW);
        w.apply(Clearings.hide(w.underlay().orElseThrow().id(), "LEVEL"));
        paint(want(w.looks(), VIEW));
        int one = inked(VIEW);
        w.apply(Clearings.hide(w.underlay().orElseThrow().id(), "UPRIGHT"));
        paint(want(w.looks(), VIEW));
        assertThat(one).isBetween(both / 3, both * 2 / 3);
        assertThat(inked(VIEW)).isZero();
    }

    /** Panned and zoomed, the last picture stands in for the next: what it holds lies where it belongs. */
    @Test void theLastPictureStandsInWhileTheViewMoves() {
        paint(want(w.looks(), VIEW));
        Raster before = shown(VIEW), moved = shown(VIEW.moved(17, 0));
        for (int y = 0; y < 200; y++)
            for (int x = 20; x < 180; x++) assertThat(moved.at(x + 17, y)).isEqualTo(before.at(x, y));
        assertThat(inked(VIEW.zoomed(3, 100, 100))).isPositive();
        assertThat(inked(new PlanView(new Point(900, 900), 20, 200, 200))).as("far from what was painted").isZero();
    }

    /** Of two drawings with a layer of one name, that of the drawing in hand is lit. */
    @Test void aLitLayerBelongsToTheDrawingInHand() throws IOException {
        receive("q.dxf", PLAN.replace("UPRIGHT", "PLUMB"));
        List<PlacedDrawing> both = w.drawings();
        assertThat(both).hasSize(2);
        Looks lit = w.looks().withLit("LEVEL");
        paint(new UnderlayPictures.Wanted(both, lit, Optional.of(both.get(1)), VIEW));
        Raster upper = shown(VIEW);
        paint(new UnderlayPictures.Wanted(both, lit, Optional.empty(), VIEW));
        Raster none = shown(VIEW);
        assertThat(upper.pixels).isNotEqualTo(none.pixels);
        paint(new UnderlayPictures.Wanted(both, w.looks(), Optional.of(both.get(1)), VIEW));
        assertThat(shown(VIEW).pixels).isEqualTo(none.pixels);
    }
}
