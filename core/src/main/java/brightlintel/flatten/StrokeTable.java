package brightlintel.flatten;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.Arrays;
import java.util.List;

/** Growing columns of the table of strokes. */
final class StrokeTable {
    private double[] xy = new double[4096];
    private int[] strokeOfChord = new int[1024];
    private int chords;
    private int[] firstChord = new int[1024], layer = new int[1024], colour = new int[1024], piece = new int[1024];
    private Entity[] entity = new Entity[1024];
    private Strokes.Path[] path = new Strokes.Path[1024];
    private Curve[] curve = new Curve[1024];
    private int size;

    int size() {
        return size;
    }

    void straight(double ax, double ay, double bx, double by, Source s, int pieceNumber) {
        begin(s, pieceNumber, null);
        chord(ax, ay, bx, by);
    }

    void curved(Curve c, List<Point> points, Source s, int pieceNumber) {
        begin(s, pieceNumber, c);
        for (int i = 0; i + 1 < points.size(); i++) chord(points.get(i).x(), points.get(i).y(), points.get(i + 1).x(), points.get(i + 1).y());
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
    record Source(Entity entity, Strokes.Path path, int layer, int colour) { }

    private void begin(Source s, int pieceNumber, Curve c) {
        if (size == layer.length) {
            int n = size + (size >> 1);
            firstChord = Arrays.copyOf(firstChord, n);
            layer = Arrays.copyOf(layer, n);
            colour = Arrays.copyOf(colour, n);
            piece = Arrays.copyOf(piece, n);
            entity = Arrays.copyOf(entity, n);
            path = Arrays.copyOf(path, n);
            curve = Arrays.copyOf(curve, n);
        }
        firstChord[size] = chords;
        layer[size] = s.layer;
        colour[size] = s.colour;
        piece[size] = pieceNumber;
        entity[size] = s.entity;
        path[size] = s.path;
        curve[size++] = c;
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

    Strokes.Columns columns() {
        int[] first = Arrays.copyOf(firstChord, size + 1);
        first[size] = chords;
        return new Strokes.Columns(Arrays.copyOf(xy, 4 * chords), Arrays.copyOf(strokeOfChord, chords), first, Arrays.copyOf(layer, size),
            Arrays.copyOf(colour, size), Arrays.copyOf(piece, size), Arrays.copyOf(entity, size), Arrays.copyOf(path, size), Arrays.copyOf(curve, size));
    }
}
