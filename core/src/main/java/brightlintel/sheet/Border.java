package brightlintel.sheet;

import brightlintel.geom.Box;
import java.util.ArrayList;
import java.util.List;

/** The four sides of a sheet's frame in a heap, level and plumb once it is turned; a frame may be drawn in several lines. */
final class Border {
    /** Of its side: how long a line of a frame is at least; of its diagonal: how far from the outermost an inner line may lie. */
    private static final double SIDE = 0.8, EDGE = 0.04, STRAIGHT = 1e-3, TOUCH = 1e-3;
    /** Of the diagonal: what is shorter marks a fold; of the area: what hangs on a frame. */
    private static final double MARK = 0.03, MOST_HANGS = 0.5, INSET = 0.01;
    final List<Integer> strokes = new ArrayList<>(), rest = new ArrayList<>();
    private final Ground g;
    private final double turn;
    private final Box box;
    private final boolean[] sides = new boolean[4];

    /** @param turn of the file's own axes against the plan's */
    Border(Ground g, Heap h, double turn) {
        this.g = g;
        this.turn = turn;
        Box all = Box.EMPTY;
        for (int s : h.strokes) all = all.with(turned(s));
        box = all;
        for (int s : h.strokes) (isSide(turned(s)) ? strokes : rest).add(s);
    }

    private Box turned(int stroke) {
        if (turn == 0) return g.box(stroke);
        Box b = Box.EMPTY;
        for (int c = g.strokes.firstChord(stroke); c < g.strokes.firstChord(stroke + 1); c++)
            b = b.with(g.chordStart(c).turn(turn)).with(g.chordEnd(c).turn(turn));
        return b;
    }

    private boolean isSide(Box b) {
        double edge = EDGE * box.diagonal(), hair = STRAIGHT * box.diagonal();
        boolean any = false;
        if (b.height() < hair && b.width() > SIDE * box.width()) {
            if (b.minY() - box.minY() < edge) any = sides[0] = true;
            if (box.maxY() - b.maxY() < edge) any = sides[1] = true;
        }
        if (b.width() < hair && b.height() > SIDE * box.height()) {
            if (b.minX() - box.minX() < edge) any = sides[2] = true;
            if (box.maxX() - b.maxX() < edge) any = sides[3] = true;
        }
        return any;
    }

    /**
     * A line along each side, and what hangs on them hangs on one side or in one corner, as a title block does: walls of a house that is a
     * plain rectangle are met by others all round, and have windows in them.
     */
    boolean isThere() {
        for (boolean s : sides) if (!s) return false;
        Box hangs = Box.EMPTY;
        Box inner = box.grown(-INSET * box.diagonal());
        for (int s : rest) {
            if (g.length(s) < MARK * box.diagonal()) continue;
            Box b = turned(s);
            if (touches(s)) hangs = hangs.with(b);
            else if (!inner.holds(b)) return false;
        }
        return hangs.isEmpty() || hangs.width() * hangs.height() < MOST_HANGS * box.width() * box.height();
    }

    /** Whether a stroke ends at one of the lines or crosses it. */
    boolean touches(int stroke) {
        double hair = TOUCH * box.diagonal();
        Box b = turned(stroke).grown(hair);
        for (int s : strokes) if (turned(s).meets(b)) return true;
        return false;
    }
}
