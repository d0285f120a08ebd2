package brightlintel.read.pdf;

import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import java.awt.geom.GeneralPath;
import java.util.Arrays;

/** The path under construction, in the page's own coordinates, as flat arrays. */
final class PathBuffer {
    static final byte MOVE = 0, LINE = 1, CURVE = 2, CLOSE = 3;
    byte[] kinds = new byte[64];
    float[] xy = new float[256];
    int size, floats;
    private float x, y, startX, startY;
    private boolean open;

    void reset() {
        size = 0;
        floats = 0;
        open = false;
    }

    PathBuffer copy() {
        PathBuffer c = new PathBuffer();
        c.become(this);
        return c;
    }

    void become(PathBuffer other) {
        kinds = other.kinds.clone();
        xy = other.xy.clone();
        size = other.size;
        floats = other.floats;
        x = other.x;
        y = other.y;
        startX = other.startX;
        startY = other.startY;
        open = other.open;
    }

    boolean isEmpty() {
        return size == 0;
    }

    boolean hasPoint() {
        return open;
    }

    float x() {
        return x;
    }

    float y() {
        return y;
    }

    private void put(byte kind, int more) {
        if (size == kinds.length) kinds = Arrays.copyOf(kinds, 2 * size);
        if (floats + more > xy.length) xy = Arrays.copyOf(xy, 2 * xy.length);
        kinds[size++] = kind;
    }

    private void point(float px, float py) {
        xy[floats++] = px;
        xy[floats++] = py;
        x = px;
        y = py;
    }

    void move(float px, float py) {
        put(MOVE, 2);
        point(px, py);
        startX = px;
        startY = py;
        open = true;
    }

    void line(float px, float py) {
        put(LINE, 2);
        point(px, py);
    }

    void curve(float ax, float ay, float bx, float by, float px, float py) {
        put(CURVE, 6);
        point(ax, ay);
        point(bx, by);
        point(px, py);
    }

    void close() {
        if (!open) return;
        put(CLOSE, 0);
        x = startX;
        y = startY;
    }

    /** Holds all of it, its curves by their controls. @param map turns by quarters alone */
    Box box(Affine map) {
        float minX = Float.POSITIVE_INFINITY, minY = minX, maxX = Float.NEGATIVE_INFINITY, maxY = maxX;
        for (int i = 0; i < floats; i += 2) {
            minX = Math.min(minX, xy[i]);
            maxX = Math.max(maxX, xy[i]);
            minY = Math.min(minY, xy[i + 1]);
            maxY = Math.max(maxY, xy[i + 1]);
        }
        return new Box(minX, minY, maxX, maxY).mapped(map);
    }

    /** Exactly one straight piece. */
    boolean isOneLine() {
        return size == 2 && kinds[0] == MOVE && kinds[1] == LINE;
    }

    GeneralPath shape(int rule) {
        GeneralPath g = new GeneralPath(rule, Math.max(1, size));
        int at = 0;
        for (int i = 0; i < size; i++) {
            switch (kinds[i]) {
                case MOVE -> g.moveTo(xy[at], xy[at + 1]);
                case LINE -> g.lineTo(xy[at], xy[at + 1]);
                case CURVE -> g.curveTo(xy[at], xy[at + 1], xy[at + 2], xy[at + 3], xy[at + 4], xy[at + 5]);
                default -> g.closePath();
            }
            at += kinds[i] == CLOSE ? 0 : kinds[i] == CURVE ? 6 : 2;
        }
        return g;
    }
}
