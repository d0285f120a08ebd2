package brightlintel.flatten;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.Arrays;
import java.util.List;

/** Growing columns of the table of strokes. */
final class StrokeTable {
    /** About what a stroke and a chord take, bytes, with the index over them and the room for growing. */
    static final int STROKE = 160, CHORD = 60, CURVE = 160;
    private long curves;
    private double[] xy;
    private int[] strokeOfChord;
    private int chords;
    private int[] firstChord, layer, colour, dash, piece;
    private Entity[] entity;
    private Strokes.Path[] path;
    private Curve[] curve;
    private int size;

    StrokeTable(Guess guess) {
        int strokes = guess.strokes(), c = guess.chords();
        xy = new double[4 * c];
        strokeOfChord = new int[c];
        firstChord = new int[strokes];
        layer = new int[strokes];
        colour = new int[strokes];
        dash = new int[strokes];
        piece = new int[strokes];
        entity = new Entity[strokes];
        path = new Strokes.Path[strokes];
        curve = new Curve[strokes];
    }

    int size() {
        return size;
    }

    long weight() {
        return (long) STROKE * size + (long) CHORD * chords + CURVE * curves;
    }

    void straight(double ax, double ay, double bx, double by, Source s, int pieceNumber) {
        begin(s, pieceNumber, null);
        chord(ax, ay, bx, by);
    }

    void curved(Curve c, List<Point> points, Source s, int pieceNumber) {
        begin(s, pieceNumber, c);
        for (int i = 0; i + 1 < points.size(); i++)
            chord(points.get(i).x(), points.get(i).y(), points.get(i + 1).x(), points.get(i + 1).y());
    }

    /** Turns by a fixed step instead of asking for each sine; after 720 steps the last place is off by 1e-13 of the radius. */
    void arc(Curve.EllipticArc a, int n, Source s, int pieceNumber) {
        begin(s, pieceNumber, a);
        double cx = a.centre().x(), cy = a.centre().y(), ux = a.u().x(), uy = a.u().y(), vx = a.v().x(), vy = a.v().y();
        double step = a.sweep() / n, c = Math.cos(step), d = Math.sin(step), cos = Math.cos(a.start()), sin = Math.sin(a.start());
        double x = cx + ux * cos + vx * sin, y = cy + uy * cos + vy * sin;
        for (int i = 1; i <= n; i++) {
            double next = cos * c - sin * d;
            sin = sin * c + cos * d;
            cos = next;
            double nx = cx + ux * cos + vx * sin, ny = cy + uy * cos + vy * sin;
            chord(x, y, nx, ny);
            x = nx;
            y = ny;
        }
    }

    /** Whom a stroke comes from and how it looks. */
    record Source(Entity entity, Strokes.Path path, int layer, int colour, int dash) { }

    private void begin(Source s, int pieceNumber, Curve c) {
        if (size == layer.length) {
            int n = size + (size >> 1);
            firstChord = Arrays.copyOf(firstChord, n);
            layer = Arrays.copyOf(layer, n);
            colour = Arrays.copyOf(colour, n);
            dash = Arrays.copyOf(dash, n);
            piece = Arrays.copyOf(piece, n);
            entity = Arrays.copyOf(entity, n);
            path = Arrays.copyOf(path, n);
            curve = Arrays.copyOf(curve, n);
        }
        firstChord[size] = chords;
        layer[size] = s.layer;
        colour[size] = s.colour;
        dash[size] = s.dash;
        piece[size] = pieceNumber;
        entity[size] = s.entity;
        path[size] = s.path;
        curve[size++] = c;
        if (c != null) curves++;
    }

    private void chord(double ax, double ay, double bx, double by) {
        if (chords == strokeOfChord.length) {
            strokeOfChord = Arrays.copyOf(strokeOfChord, chords + (chords >> 1));
            xy = Arrays.copyOf(xy, 4 * strokeOfChord.length);
        }
        int i = 4 * chords;
        xy[i] = ax;
        xy[i + 1] = ay;
        xy[i + 2] = bx;
        xy[i + 3] = by;
        strokeOfChord[chords++] = size - 1;
    }

    /** The arrays may be longer than what they hold. */
    Strokes.Columns columns() {
        if (size == firstChord.length) firstChord = Arrays.copyOf(firstChord, size + 1);
        firstChord[size] = chords;
        return new Strokes.Columns(size, chords, xy, strokeOfChord, firstChord, layer, colour, dash, piece, entity, path, curve);
    }
}
