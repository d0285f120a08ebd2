package brightlintel.desktop;

import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.recognise.Recognised;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.KeyCode;

/** A drawing from its file to its proposals, each action counted. */
abstract class TracingRobot extends WindowRobot {
    static final int MOST = 20;
    final List<String> done = new ArrayList<>();

    void key(KeyCode... k) {
        done.add(List.of(k).toString());
        keys(k);
    }

    /** Received, set true by what is sure, and recognised; in Trace. @param gridded it has a grid, which is waited for */
    void trueInTrace(Path file, boolean gridded) throws Exception {
        toOpen.add(file);
        key(KeyCode.CONTROL, KeyCode.O);
        until("it is received", () -> w.busy().isEmpty() && w.drawing().isPresent());
        key(KeyCode.CONTROL, KeyCode.DIGIT2);
        until("it is reckoned", () -> w.drawing().flatMap(w.reckonings()::of).isPresent());
        key(KeyCode.SHIFT, KeyCode.T);
        key(KeyCode.CONTROL, KeyCode.DIGIT4);
        until("it is recognised", () -> w.proposals().found().isPresent() && (!gridded || !w.foundGrid().fresh().isEmpty()));
        rest();
    }

    List<Wall> walls() {
        return w.contents().walls();
    }

    /** What is to be looked at of the kind that is decided now, one by one. */
    void takeUnsure() {
        while (w.proposals().kind().filter(k -> w.proposals().of(k).stream().noneMatch(Recognised::isSure)).isPresent()) {
            if (w.proposals().inHand().isEmpty()) key(KeyCode.E);
            else key(KeyCode.T);
        }
    }

    static boolean lies(Point p, Wall x) {
        Point u = x.reference().unroll(p);
        return u.x() > -0.1 && u.x() < x.length() + 0.1 && Math.abs(u.y() - (x.left() - x.right()) / 2) < 0.02;
    }
}
