package brightlintel.place;

import brightlintel.clear.Cleared;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Clusters;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;

/**
 * Where the plan is, without strays far from it.
 *
 * @param main      box of the main cluster, in the coordinates that were asked for
 * @param strays    strokes left aside
 * @param strokes   strokes looked at
 */
public record Extent(Box main, int strays, int strokes) {
    /** Of a curve that is cut: places at which it is looked at. */
    private static final int STEPS = 16;

    /** @param map from the strokes' shifted file units: a turned plan has another upright box than the file */
    public static Extent of(Strokes s, Cleared shown, Affine map) {
        double[][] box = new double[4][s.size() + s.marks()];
        int n = 0;
        double[] xy = s.xy();
        for (int i = 0; i < s.size(); i++) {
            if (!shown.strokeShown(i) || s.entityOf(i) instanceof Entity.Endless) continue;
            if (shown.strokeCut(i)) {
                put(box, n++, cut(s.curveOf(i), shown.stretches(i), map));
                continue;
            }
            double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = Double.NEGATIVE_INFINITY, maxY = maxX;
            for (int c = 4 * s.firstChord(i); c < 4 * s.firstChord(i + 1); c += 2) {
                double x = map.a() * xy[c] + map.c() * xy[c + 1] + map.tx(), y = map.b() * xy[c] + map.d() * xy[c + 1] + map.ty();
                minX = Math.min(minX, x);
                maxX = Math.max(maxX, x);
                minY = Math.min(minY, y);
                maxY = Math.max(maxY, y);
            }
            box[0][n] = minX;
            box[1][n] = maxX;
            box[2][n] = minY;
            box[3][n++] = maxY;
        }
        // a drawing that is nothing but pictures, texts or fills is where they are; a scan counts beside strokes too
        boolean bare = n == 0;
        for (int i = 0; i < s.marks(); i++)
            if ((bare || s.mark(i) instanceof Strokes.PictureMark) && shown.markShown(i)) {
                Box b = s.mark(i) instanceof Strokes.PictureMark m ? shown.cropped(m.box()) : s.mark(i).box();
                if (!b.isEmpty()) put(box, n++, b.mapped(map));
            }
        boolean[] in = Clusters.main(box, n);
        Box main = Box.EMPTY;
        int kept = 0;
        for (int i = 0; i < n; i++)
            if (in[i]) {
                kept++;
                main = main.with(new Point(box[0][i], box[2][i])).with(new Point(box[1][i], box[3][i]));
            }
        return new Extent(main, n - kept, n);
    }

    private static void put(double[][] box, int i, Box b) {
        box[0][i] = b.minX();
        box[1][i] = b.maxX();
        box[2][i] = b.minY();
        box[3][i] = b.maxY();
    }

    private static Box cut(Curve c, double[] stretches, Affine map) {
        Box b = Box.EMPTY;
        for (int i = 0; i < stretches.length; i += 2)
            for (int k = 0; k <= STEPS; k++) b = b.with(map.apply(c.at(stretches[i] + (stretches[i + 1] - stretches[i]) * k / STEPS)));
        return b;
    }
}
