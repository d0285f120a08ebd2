package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Placement;
import brightlintel.building.Wall;
import brightlintel.demo.AnnexeSheets;
import brightlintel.demo.DemoDrawings;
import brightlintel.demo.OldSurvey;
import brightlintel.desktop.state.Stage;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Homography;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.junit.jupiter.api.Test;

/** A set of pages and a scan, from opening them to a wall, with mouse and keys. */
class PagesRobotTest extends WindowRobot {
    private Path demo(String name) throws Exception {
        return Files.write(folder.resolve(name), DemoDrawings.bytes(name));
    }

    private Placement placement() {
        return w.underlay().orElseThrow().placement();
    }

    /** Where a place of the annexe, metres from its own corner, is on the board now. */
    private Point annexe(double x, double y) {
        return placement().apply(AnnexeSheets.ORIGIN_ON_PAGE.plus(new Point(x, y).times(AnnexeSheets.POINTS_PER_METRE)));
    }

    private void clickAnnexe(double x, double y) {
        Point p = annexe(x, y);
        clickAt(p.x(), p.y());
    }

    private void fit() {
        keys(KeyCode.F);
        rest();
    }

    private boolean isSaid(String words) {
        return lookup(".label").queryAll().stream().anyMatch(n -> n instanceof Label l && l.getText() != null
            && l.getText().contains(words));
    }

    @Test void aSetOfPagesIsLookedThroughTakenMeasuredAndTraced() throws Exception {
        toOpen.add(demo(DemoDrawings.ANNEXE));
        button("start-open");
        until("both pages were looked at", () -> w.pages().filter(p -> p.seen().size() == 2).isPresent());
        assertThat(w.pages().orElseThrow().ticked()).isEqualTo(Set.of(1));
        assertThat(isSaid("94 % of A3")).isTrue();
        // the other page, and back: a click each
        button("page-tick-2");
        assertThat(w.pages().orElseThrow().ticked()).isEqualTo(Set.of(1, 2));
        button("page-tick-2");
        assertThat(project().underlays()).isEmpty();
        keys(KeyCode.T);
        until("the page is on the board", () -> w.busy().isEmpty() && w.drawing().isPresent() && w.pages().isEmpty());
        assertThat(project().underlays()).singleElement().satisfies(u -> assertThat(u.space()).isEqualTo(new SpaceKey.Page(1)));
        // by the note on the sheet, which the printer's dialog made untrue
        assertThat(placement().scale().value().mean()).isCloseTo(100 * 0.0254 / 72, within(1e-9));

        button("stage-true");
        fit();
        keys(KeyCode.K);
        clickAnnexe(0, -2.9);
        clickAnnexe(9.6, -2.9);
        figure("31'-5 61/64\"");
        assertThat(placement().scale().value().mean() * AnnexeSheets.POINTS_PER_METRE).isCloseTo(1, within(2e-5));
        fit();
        clickAnnexe(10.8, 0);
        clickAnnexe(10.8, 6.2);
        figure("6.2m");
        assertThat(say()).contains("agrees");
        assertThat(isSaid("1:106.38")).isTrue();

        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        fit();
        button("command-wall");
        clickAnnexe(-0.12, -0.12);
        clickAnnexe(9.72, -0.12);
        keys(KeyCode.ENTER);
        Wall wall = w.contents().walls().getFirst();
        assertThat(wall.reference().length()).isCloseTo(9.84, within(0.001));
        assertThat(wall.reference().a().distance(annexe(-0.12, -0.12))).isLessThan(0.001);

        // one step brings all the pages in, and one takes them out
        while (w.history().canUndo()) keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(project().underlays()).isEmpty();
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        assertThat(project().underlays()).hasSize(1);
    }

    @Test void aFileOfPagesCanBeLeft() throws Exception {
        toOpen.add(demo(DemoDrawings.ANNEXE));
        button("start-open");
        until("the pages are there", () -> w.pages().filter(p -> p.seen().size() == 2).isPresent());
        keys(KeyCode.ESCAPE);
        assertThat(w.pages()).isEmpty();
        assertThat(project().sources()).isEmpty();
        until("the start is back", () -> lookup("#start-open").tryQuery().filter(n -> n.isVisible()).isPresent());
    }

    @Test void anotherPageOfAFileThatWasTakenComesFromWhatWasKept() throws Exception {
        Path file = demo(DemoDrawings.ANNEXE);
        toOpen.add(file);
        button("start-open");
        until("the pages are there", () -> w.pages().filter(p -> p.seen().size() == 2).isPresent());
        keys(KeyCode.T);
        until("one is taken", () -> w.busy().isEmpty() && w.drawing().isPresent());
        Files.delete(file);
        command("Its other pages");
        until("the pages are there again", () -> w.pages().filter(p -> p.seen().size() == 2 && p.name().equals("annexe.pdf")).isPresent());
        button("page-tick-1");
        button("page-tick-2");
        keys(KeyCode.T);
        until("both are there", () -> w.busy().isEmpty() && project().underlays().size() == 2);
        assertThat(project().sources()).hasSize(1);
        assertThat(project().underlays()).extracting(u -> u.space()).containsExactly(new SpaceKey.Page(1), new SpaceKey.Page(2));
        assertThat(isSaid("was taken")).isTrue();
    }

    private Point onScan(double x, double y) {
        Point px = OldSurvey.ORIGIN.plus(new Point(x, y).turn(OldSurvey.TURN).times(OldSurvey.PIXELS_PER_METRE));
        return placement().apply(px.times(72.0 / 150));
    }

    @Test void aScanIsLevelledAndAWallIsDrawnByFigures() throws Exception {
        receive(demo(DemoDrawings.OLD_SURVEY));
        assertThat(w.stage()).isEqualTo(Stage.RECEIVE);
        until("the report says so", () -> isSaid("nothing to snap to"));
        button("stage-true");
        fit();
        command("Along a direction");
        Point a = onScan(0, -0.18), b = onScan(12.2, -0.18);
        clickAt(a.x(), a.y());
        clickAt(b.x(), b.y());
        // a click is a pixel, and the wall some 250 pixels long
        assertThat(placement().turn().value()).isCloseTo(-OldSurvey.TURN, within(Math.toRadians(0.3)));
        assertThat(onScan(12.2, 0).minus(onScan(0, 0)).y()).isCloseTo(0, within(0.07));

        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        fit();
        keys(KeyCode.Q);
        button("command-wall");
        Point start = onScan(0, 0), over = onScan(6, 0);
        clickAt(start.x(), start.y());
        pointAt(over.x(), start.y());
        figure("12.20 m");
        keys(KeyCode.ENTER);
        Wall wall = w.contents().walls().getFirst();
        assertThat(wall.reference().length()).isEqualTo(12.2, within(1e-9));
        assertThat(wall.reference().b().y()).isEqualTo(wall.reference().a().y(), within(1e-9));
        assertThat(wall.from().on()).isEmpty();
    }

    /** A floor of 6 by 4 m, and a mat of 1.5 by 1 m on it, photographed from one end. */
    private Homography photograph(Path to) throws Exception {
        Homography camera = Homography.of(List.of(new Point(0, 0), new Point(6, 0), new Point(6, 4), new Point(0, 4)),
            List.of(new Point(150, 180), new Point(1450, 220), new Point(1120, 980), new Point(420, 940)));
        BufferedImage image = new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 1600, 1200);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(3));
        for (double[] r : new double[][] {{0, 0, 6, 4}, {3, 1, 1.5, 1}}) {
            Point[] p = {new Point(r[0], r[1]), new Point(r[0] + r[2], r[1]), new Point(r[0] + r[2], r[1] + r[3]),
                new Point(r[0], r[1] + r[3])};
            for (int i = 0; i < 4; i++) {
                Point a = camera.apply(p[i]), b = camera.apply(p[(i + 1) % 4]);
                g.drawLine((int) a.x(), 1200 - (int) a.y(), (int) b.x(), 1200 - (int) b.y());
            }
        }
        g.dispose();
        ImageIO.write(image, "png", to.toFile());
        return camera;
    }

    @Test void aPhotographIsStraightenedByFourPointsAndCheckedByFourMore() throws Exception {
        Path photo = folder.resolve("photo.png");
        Homography camera = photograph(photo);
        receive(photo);
        button("stage-true");
        fit();
        button("command-four-points");
        clickPhoto(camera, new Point(0, 0), new Point(6, 0), new Point(6, 4), new Point(0, 4));
        figure("6 x 4");
        assertThat(placement().straightening()).isPresent();
        assertThat(say()).contains("Straightened");
        fit();
        double mat = at(camera, new Point(3, 1)).distance(at(camera, new Point(4.5, 1)));
        assertThat(mat).isCloseTo(1.5, within(0.04));
        clickPhoto(camera, new Point(3, 1), new Point(4.5, 1), new Point(4.5, 2), new Point(3, 2));
        figure("1.5 x 1");
        assertThat(say()).contains("worst corner");
        assertThat(at(camera, new Point(0, 0)).distance(at(camera, new Point(6, 0)))).isCloseTo(6, within(0.04));
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(placement().straightening()).isEmpty();
    }

    private Point at(Homography camera, Point onFloor) {
        return placement().apply(camera.apply(onFloor));
    }

    private void clickPhoto(Homography camera, Point... onFloor) {
        for (Point p : onFloor) {
            Point q = at(camera, p);
            clickAt(q.x(), q.y());
        }
    }

    @Test void aLockedFileAsksAndOpens() throws Exception {
        Path locked = folder.resolve("locked.pdf");
        try (PDDocument d = Loader.loadPDF(DemoDrawings.bytes(DemoDrawings.OLD_SURVEY))) {
            d.protect(new StandardProtectionPolicy("owner", "quay", new AccessPermission()));
            d.save(locked.toFile());
        }
        toOpen.add(locked);
        button("start-open");
        until("it asks", () -> lookup("#card-text").tryQuery().isPresent());
        write("guess");
        keys(KeyCode.ENTER);
        until("it asks again", () -> lookup("#card-text").tryQuery().isPresent() && say().contains("locked"));
        write("quay");
        keys(KeyCode.ENTER);
        until("it is on the board", () -> w.busy().isEmpty() && w.drawing().isPresent());
        assertThat(project().sources().getFirst().name()).isEqualTo("locked.pdf");
    }

    /** Nothing of a scan can be snapped to until one of its lines is picked. */
    @Test void aDarkLineOfAScanIsPickedAndSnappedTo() throws Exception {
        receive(demo(DemoDrawings.OLD_SURVEY));
        command("Dark line of a scan");
        fit();
        Point in = onScan(4, 0);
        clickAt(in.x(), in.y());
        TrueRobotTest.shot("dark-line");
        assertThat(w.darkLines().seen()).hasSize(1);
        Piece line = w.darkLines().seen().getFirst();
        Point from = onScan(0, 0), to = onScan(12.2, 0), u = to.minus(from).unit();
        double metre = from.distance(to) / 12.2;
        double off = u.cross(line.a().minus(from));
        assertThat(Math.abs(off)).as("a face of the wall").isBetween(0.1 * metre, 0.25 * metre);
        assertThat(u.cross(line.b().minus(from))).as("as straight as it is drawn").isBetween(off - 0.03 * metre, off + 0.03 * metre);
        assertThat(line.length()).as("as far as it is dark").isGreaterThan(0.5 * metre);
        command("Wall");
        Point end = line.a();
        pointAt(end.x() + 0.03 * metre, end.y() + 0.03 * metre);
        assertThat(w.aim().snap()).hasValueSatisfying(x -> assertThat(x.at().distance(end)).isLessThan(1e-6));
        keys(KeyCode.ESCAPE);
        command("Dark line of a scan");
        Point paper = onScan(-1.5, -1.5);
        clickAt(paper.x(), paper.y());
        assertThat(w.darkLines().seen()).as("paper is no line").hasSize(1);
        keys(KeyCode.BACK_SPACE);
        assertThat(w.darkLines().seen()).isEmpty();
    }

    @Test void aScanStretchedOneWayIsSetRightByTwoLengthsAcross() throws Exception {
        receive(demo(DemoDrawings.OLD_SURVEY));
        button("stage-true");
        fit();
        button("command-stretch");
        for (double[] l : new double[][] {{0, 0, 12.2, 0, 12.2}, {0, 0, 0, 7.4, 7.6}}) {
            Point a = onScan(l[0], l[1]), b = onScan(l[2], l[3]);
            clickAt(a.x(), a.y());
            clickAt(b.x(), b.y());
            figure(l[4] + "m");
        }
        assertThat(say()).contains("longer one way");
        assertThat(onScan(0, 0).distance(onScan(0, 7.4))).isCloseTo(7.6, within(0.08));
        assertThat(onScan(0, 0).distance(onScan(12.2, 0))).isCloseTo(12.2, within(0.08));
        assertThat(placement().scale().value().isEven()).isFalse();
    }
}
