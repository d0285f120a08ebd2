package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.edit.Placing;
import brightlintel.geom.Point;
import java.nio.file.Files;
import javafx.geometry.Point2D;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.BeforeEach;

/** A window with a small drawing on its board, whose middle is 0,0. */
abstract class CrossRobot extends WindowRobot {
    /** A cross of two layers, ten metres each way, and a circle far from both. */
    private static final String PLAN = "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n6\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n"
        + "0\nLINE\n8\nLEVEL\n10\n-5\n20\n0\n11\n5\n21\n0\n0\nLINE\n8\nUPRIGHT\n10\n0\n20\n-5\n11\n0\n21\n5\n"
        + "0\nCIRCLE\n8\nROUND\n10\n4\n20\n4\n40\n0.5\n0\nENDSEC\n0\nEOF\n";

    @BeforeEach void received() throws Exception {
        receive(Files.writeString(folder.resolve("cross.dxf"), PLAN));
        onWindow(() -> {
            w.apply(Placing.datum(w.underlay().orElseThrow().id(), w.underlay().orElseThrow().placement().apply(new Point(0, 0))));
            window.board().fit();
            return null;
        });
        rest();
    }

    /** The colour that is seen at a place of the building, the one farthest from paper of a few pixels round it. */
    protected Color seen(double x, double y) throws Exception {
        rest();
        Point2D p = window.board().screenToLocal(at(x, y));
        WritableImage i = onWindow(() -> window.board().snapshot(null, null));
        assertThat(p.getX() > 2 && p.getY() > 2 && p.getX() < i.getWidth() - 3 && p.getY() < i.getHeight() - 3)
            .as("%s,%s lies at %s of a board of %s x %s in %s", x, y, p, i.getWidth(), i.getHeight(), window.board().view()).isTrue();
        Color paper = paper(i), best = paper;
        for (int dx = -2; dx <= 2; dx++)
            for (int dy = -2; dy <= 2; dy++) {
                Color c = i.getPixelReader().getColor((int) p.getX() + dx, (int) p.getY() + dy);
                if (far(c, paper) > far(best, paper)) best = c;
            }
        return best;
    }

    protected static Color paper(WritableImage i) {
        return i.getPixelReader().getColor((int) i.getWidth() / 2 + 60, (int) i.getHeight() / 2 + 60);
    }

    protected static double far(Color a, Color b) {
        return Math.abs(a.getRed() - b.getRed()) + Math.abs(a.getGreen() - b.getGreen()) + Math.abs(a.getBlue() - b.getBlue());
    }

    protected boolean isInked(double x, double y) throws Exception {
        WritableImage i = onWindow(() -> window.board().snapshot(null, null));
        return far(seen(x, y), paper(i)) > 0.1;
    }

    /** What is set aside, as it is seen while that is decided: paler than any ink of the drawing. */
    protected boolean isFaint(double x, double y) throws Exception {
        WritableImage i = onWindow(() -> window.board().snapshot(null, null));
        double ink = far(seen(x, y), paper(i));
        return ink > 0.05 && ink < 0.5;
    }

    /** From -4,-2 to -1,-2 and down to -1,-4. */
    protected void twoWalls() {
        command("Wall");
        clickAt(-4, -2);
        clickAt(-1, -2);
        clickAt(-1, -4);
        keys(KeyCode.ESCAPE);
        keys(KeyCode.ESCAPE);
        assertThat(w.contents().walls()).hasSize(2);
    }
}
