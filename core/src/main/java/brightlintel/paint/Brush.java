package brightlintel.paint;

import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Draws what the model, the rulers and the marks need onto a picture. All in pixels, y down; colours 0xRRGGBB. */
public final class Brush {
    private final Raster r;
    private final Fill fill;

    public Brush(Raster r) {
        this.r = r;
        this.fill = new Fill(r);
    }

    public Raster raster() {
        return r;
    }

    public void fill(List<Point> ring, int colour) {
        fill.ring(ring, colour, 1);
    }

    public void fill(List<Point> ring, int colour, double alpha) {
        fill.ring(ring, colour, alpha);
    }

    /** As they are turned: holes run the other way round. */
    public void fillRings(List<List<Point>> rings, int colour, double alpha) {
        fill.rings(rings, colour, alpha);
    }

    public void line(Point a, Point b, double width, int colour) {
        line(a, b, width, colour, 1);
    }

    public void line(Point a, Point b, double width, int colour, double alpha) {
        Point d = b.minus(a);
        double l = d.length();
        if (!(l > 1e-9) || !(l < 1e9)) return;
        Point n = d.left().times(width / 2 / l);
        fill.ring(List.of(a.plus(n), b.plus(n), b.minus(n), a.minus(n)), colour, alpha);
    }

    public void path(List<Point> points, boolean closed, double width, int colour) {
        for (int i = 0; i + 1 < points.size() + (closed ? 1 : 0); i++)
            line(points.get(i), points.get((i + 1) % points.size()), width, colour);
    }

    /** @param pattern lengths on and off in turn */
    public void dashed(Point a, Point b, double width, int colour, double... pattern) {
        double length = a.distance(b), at = 0;
        if (!(length > 0) || !(length < 1e6)) return;
        for (int i = 0; at < length; i = (i + 1) % pattern.length) {
            double next = Math.min(length, at + pattern[i]);
            if (i % 2 == 0) line(a.towards(b, at / length), a.towards(b, next / length), width, colour);
            at = next;
        }
    }

    public void dashed(List<Point> points, double width, int colour, double... pattern) {
        for (int i = 0; i + 1 < points.size(); i++) dashed(points.get(i), points.get(i + 1), width, colour, pattern);
    }

    public void circle(Point c, double radius, double width, int colour) {
        List<Point> outer = arc(c, radius + width / 2, 0, 2 * Math.PI), inner = arc(c, Math.max(0, radius - width / 2), 0, 2 * Math.PI)
            .reversed();
        fill.rings(List.of(outer, inner), colour, 1);
    }

    public void disc(Point c, double radius, int colour) {
        fill.ring(arc(c, radius, 0, 2 * Math.PI), colour, 1);
    }

    public static List<Point> arc(Point c, double radius, double from, double sweep) {
        int n = Math.clamp((int) (Math.abs(sweep) * Math.sqrt(Math.max(1, radius)) * 2.2), 6, 180);
        List<Point> out = new ArrayList<>(n + 1);
        for (int i = 0; i <= n; i++) out.add(c.plus(Point.polar(from + sweep * i / n, radius)));
        return out;
    }

    public void rect(double x, double y, double w, double h, int colour) {
        if (x == Math.rint(x) && y == Math.rint(y) && w == Math.rint(w) && h == Math.rint(h)) whole(x, y, w, h, colour);
        else fill.ring(List.of(new Point(x, y), new Point(x + w, y), new Point(x + w, y + h), new Point(x, y + h)), colour, 1);
    }

    /** Of whole pixels. */
    private void whole(double x, double y, double w, double h, int colour) {
        int x0 = (int) Math.clamp(x, 0, r.width), x1 = (int) Math.clamp(x + w, 0, r.width);
        for (int row = (int) Math.clamp(y, 0, r.height); row < Math.min(r.height, y + h); row++)
            Arrays.fill(r.pixels, row * r.width + x0, row * r.width + Math.max(x0, x1), 0xff000000 | colour);
    }

    /** A text that is the same in many frames, at a whole pixel. */
    public void stamp(Stamp s, int x, int y, int colour) {
        for (int row = Math.max(0, -y - s.top()); row < s.height() && y + s.top() + row < r.height; row++)
            for (int col = Math.max(0, -x - s.left()); col < s.width() && x + s.left() + col < r.width; col++) {
                int cover = s.cover()[row * s.width() + col] & 255;
                if (cover > 0) r.blend((y + s.top() + row) * r.width + x + s.left() + col, colour, cover + (cover >> 7));
            }
    }

    public void roundRect(double x, double y, double w, double h, double radius, int inside, int edge, double width) {
        fill.ring(rounded(x, y, w, h, radius), edge, 1);
        fill.ring(rounded(x + width, y + width, w - 2 * width, h - 2 * width, radius - width), inside, 1);
    }

    private static List<Point> rounded(double x, double y, double w, double h, double r) {
        List<Point> out = new ArrayList<>();
        out.addAll(arc(new Point(x + w - r, y + h - r), r, 0, Math.PI / 2));
        out.addAll(arc(new Point(x + r, y + h - r), r, Math.PI / 2, Math.PI / 2));
        out.addAll(arc(new Point(x + r, y + r), r, Math.PI, Math.PI / 2));
        out.addAll(arc(new Point(x + w - r, y + r), r, 3 * Math.PI / 2, Math.PI / 2));
        return out;
    }

    public double textWidth(String s, double size, Fonts.Weight weight) {
        Fonts.Face f = Fonts.face(weight);
        return s.codePoints().mapToDouble(c -> advance(f, c)).sum() * size;
    }

    private static double advance(Fonts.Face f, int c) {
        return c >= '0' && c <= '9' ? f.figureWidth() : f.glyph(c).advance();
    }

    /** From the left end of the base line. */
    public void text(String s, double x, double y, double size, Fonts.Weight weight, int colour) {
        text(s, Affine.scale(size, -size).then(Affine.move(x, y)), weight, colour);
    }

    public void textCentred(String s, double x, double y, double size, Fonts.Weight weight, int colour) {
        text(s, x - textWidth(s, size, weight) / 2, y, size, weight, colour);
    }

    /** @param map from text space (height 1, y up) to pixels */
    public void text(String s, Affine map, Fonts.Weight weight, int colour) {
        Fonts.Face f = Fonts.face(weight);
        double x = 0;
        for (int c : s.codePoints().toArray()) {
            Fonts.Glyph g = f.glyph(c);
            double adv = advance(f, c), dx = x + (adv - g.advance()) / 2;
            if (!g.rings().isEmpty()) {
                List<List<Point>> rings = new ArrayList<>(g.rings().size());
                for (List<Point> ring : g.rings()) {
                    List<Point> out = new ArrayList<>(ring.size());
                    for (Point p : ring) out.add(map.apply(p.x() + dx, p.y()));
                    rings.add(out);
                }
                fill.rings(rings, colour, 1);
            }
            x += adv;
        }
    }
}
