package brightlintel.read.pdf;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.geom.Affine;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDTilingPattern;
import org.apache.pdfbox.util.Matrix;

/**
 * Tiles that are laid side by side, as families of parallel lines: each straight piece in the tile is repeated by the lattice of the tiles,
 * and where a step of the lattice goes its way, its copies lie end to end or dash by dash. A tile of other things is no pattern of lines.
 */
final class Tiles {
    private static final int REACH = 6, MOST = 60;
    private static final double EXACT = 1e-3;
    private final PageFrame frame;
    private final Map<COSDictionary, List<Entity.PatternLine>> known = new IdentityHashMap<>();
    private List<Curve> pieces;

    Tiles(PageFrame frame) {
        this.frame = frame;
    }

    boolean isOpen() {
        return pieces != null;
    }

    void open() {
        pieces = new ArrayList<>();
    }

    void add(Run r) {
        pieces.addAll(r.curves());
    }

    /** null before the tile was looked at; empty where it is not made of lines. */
    List<Entity.PatternLine> known(PDTilingPattern t) {
        return known.get(t.getCOSObject());
    }

    void close(PDTilingPattern t) {
        List<Curve> all = pieces;
        pieces = null;
        Matrix m = t.getMatrix();
        Affine map = new Affine(m.getScaleX(), m.getShearY(), m.getShearX(), m.getScaleY(), 0, 0).then(frame.map());
        Point a = map.applyVector(new Point(t.getXStep(), 0)), b = map.applyVector(new Point(0, t.getYStep()));
        known.put(t.getCOSObject(), families(all, a, b));
    }

    static List<Entity.PatternLine> families(List<Curve> pieces, Point a, Point b) {
        List<Entity.PatternLine> out = new ArrayList<>();
        double cell = Math.abs(a.cross(b));
        if (pieces.size() > MOST || !(cell > 1e-9)) return List.of();
        for (Curve c : pieces) {
            if (!(c instanceof Curve.Straight s)) return List.of();
            Entity.PatternLine f = family(s, a, b, cell);
            if (f == null) return List.of();
            if (out.stream().noneMatch(x -> same(x, f))) out.add(f);
        }
        return List.copyOf(out);
    }

    private static Entity.PatternLine family(Curve.Straight s, Point a, Point b, double cell) {
        Point d = s.b().minus(s.a()).unit();
        Point along = null, aside = null;
        for (int i = -REACH; i <= REACH; i++)
            for (int k = -REACH; k <= REACH; k++) {
                if (i == 0 && k == 0) continue;
                Point w = a.times(i).plus(b.times(k));
                if (Math.abs(d.cross(w)) < EXACT * w.length() && d.dot(w) > 0 && (along == null || w.length() < along.length())) along = w;
            }
        if (along == null) return null;
        for (int i = -REACH; i <= REACH; i++)
            for (int k = -REACH; k <= REACH; k++) {
                Point w = a.times(i).plus(b.times(k));
                if (Math.abs(Math.abs(along.cross(w)) - cell) < EXACT * cell && (aside == null || w.length() < aside.length())) aside = w;
            }
        if (aside == null) return null;
        double period = along.length(), length = s.length();
        Doubles dashes = length > period * (1 - 0.01) ? Doubles.NONE : Doubles.of(length, -(period - length));
        return new Entity.PatternLine(d.angle(), s.a().x(), s.a().y(), aside.x(), aside.y(), dashes);
    }

    /** The same unbroken line, met again further along. */
    private static boolean same(Entity.PatternLine f, Entity.PatternLine g) {
        Point d = Point.polar(f.angle(), 1), n = d.left(), step = new Point(f.stepX(), f.stepY());
        if (f.dashes().size() > 0 || g.dashes().size() > 0 || Math.abs(Math.sin(f.angle() - g.angle())) > EXACT) return false;
        double off = n.dot(new Point(g.x() - f.x(), g.y() - f.y())) / n.dot(step);
        return Math.abs(off - Math.rint(off)) < 0.02;
    }
}
