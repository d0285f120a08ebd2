package brightlintel.desktop.tool;

import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Four walls round a rectangle: two opposite corners, or one and its sides typed: 8 x 5. */
public final class WallRectangleTool implements Tool {
    private static final double LEAST = 0.1;
    private final Workspace w;
    private final FirstPoint first = new FirstPoint();

    public WallRectangleTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "wall-rectangle";
    }

    @Override public String prompt() {
        return Words.of(first.isMissing() ? "prompt.wall-rectangle.first" : "prompt.wall-rectangle.other");
    }

    @Override public void clicked(Aim aim) {
        if (first.isMissing()) first.place(aim.at());
        else make(aim.at());
    }

    private List<Wall> walls(Point b) {
        Point a = first.get().orElseThrow();
        if (Math.abs(a.x() - b.x()) < LEAST || Math.abs(a.y() - b.y()) < LEAST) return List.of();
        double x0 = Math.min(a.x(), b.x()), x1 = Math.max(a.x(), b.x()), y0 = Math.min(a.y(), b.y()), y1 = Math.max(a.y(), b.y());
        // clockwise, so that the left face is the outer one all round
        List<Point> c = List.of(new Point(x0, y0), new Point(x0, y1), new Point(x1, y1), new Point(x1, y0));
        List<Wall> out = new ArrayList<>();
        for (int i = 0; i < 4; i++) out.add(WallMaking.plain(w, Piece.straight(c.get(i), c.get((i + 1) % 4))));
        return out;
    }

    private void make(Point b) {
        List<Wall> four = walls(b);
        if (four.isEmpty()) return;
        first.takeBack();
        WallMaking.add(w, four);
    }

    @Override public Asks asks() {
        return first.isMissing() ? Asks.NOTHING : Asks.TEXT;
    }

    /** Width and depth towards the pointer. */
    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        String[] sides = text.split("[x×*]", -1);
        if (first.isMissing() || sides.length != 2) return false;
        Optional<Double> x = LengthReader.read(sides[0], w.lengths().positionUnit()), y = LengthReader.read(sides[1],
            w.lengths().positionUnit());
        if (x.isEmpty() || y.isEmpty() || x.get() < LEAST || y.get() < LEAST) return false;
        Point a = first.get().orElseThrow(), to = w.aim().at();
        make(a.plus(new Point(to.x() < a.x() ? -x.get() : x.get(), to.y() < a.y() ? -y.get() : y.get())));
        return true;
    }

    @Override public Optional<Point> from() {
        return Optional.empty();
    }

    @Override public boolean back() {
        return first.takeBack();
    }

    @Override public boolean escape() {
        return first.takeBack();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        first.get().ifPresent(a -> {
            for (Wall x : walls(w.aim().at())) out.add(WallMaking.mark(x));
            out.add(new Mark.Handle(a, ""));
            Point b = w.aim().at();
            out.add(new Mark.Callout(b, w.lengths().position(Math.abs(b.x() - a.x())) + " × "
                + w.lengths().position(Math.abs(b.y() - a.y()))));
        });
        return out;
    }
}
