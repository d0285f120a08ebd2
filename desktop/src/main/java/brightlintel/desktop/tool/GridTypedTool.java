package brightlintel.desktop.tool;

import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Point;
import java.util.List;
import java.util.Optional;

/** A grid without a drawing: two runs of spacings typed, then its place and its direction clicked. */
abstract class GridTypedTool implements Tool {
    protected final Workspace w;
    /** Empty until they are typed. */
    protected List<Double> first = List.of(), second = List.of();
    protected final FirstPoint at = new FirstPoint();

    protected GridTypedTool(Workspace w) {
        this.w = w;
    }

    /** The run that is asked for now; nothing where it is none. */
    protected abstract Optional<List<Double>> read(String text);

    /** @param turn radians */
    protected abstract void add(Point place, double turn);

    @Override public void clicked(Aim aim) {
        if (second.isEmpty()) return;
        if (at.isMissing()) at.place(aim.at());
        else make(turn(aim));
    }

    /** From the place to the pointer; level where it is upon it, or where there is no place yet. */
    protected double turn(Aim aim) {
        Point along = at.get().map(o -> aim.at().minus(o)).orElse(Point.ORIGIN);
        return along.length() > 1e-6 ? along.angle() : 0;
    }

    private void make(double turn) {
        add(at.get().orElse(Point.ORIGIN), turn);
        w.leaveTool();
    }

    /** Level at the place, or at 0,0 where none was clicked. */
    @Override public void finish() {
        if (!second.isEmpty()) make(0);
    }

    @Override public Asks asks() {
        return second.isEmpty() ? Asks.TEXT : at.isMissing() ? Asks.NOTHING : Asks.ANGLE;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (!second.isEmpty()) {
            make(value);
            return true;
        }
        Optional<List<Double>> s = read(text);
        if (s.isEmpty()) return false;
        if (first.isEmpty()) first = s.get();
        else second = s.get();
        return true;
    }

    @Override public boolean back() {
        if (at.takeBack()) return true;
        boolean had = !first.isEmpty();
        if (!second.isEmpty()) second = List.of();
        else first = List.of();
        return had;
    }

    @Override public boolean escape() {
        return back();
    }

    @Override public Optional<Point> from() {
        return at.get();
    }
}
