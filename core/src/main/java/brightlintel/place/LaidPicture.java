package brightlintel.place;

import brightlintel.building.Placement;
import brightlintel.building.Straightening;
import brightlintel.clear.Cleared;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Homography;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/** A picture in its place. @param toBuilding takes its pixels, from the lower left corner, to metres */
public record LaidPicture(Pixels pixels, Affine toBuilding) {
    /** A straightened picture has at most these; what lies towards the horizon would fill all memory. */
    private static final long MOST = 16_000_000;
    /** It reaches at most this many sizes of its rectangle beyond it. */
    private static final double REACH = 8;

    static List<LaidPicture> of(Strokes s, Cleared shown, Placement p) {
        int first = s.texts().size() + s.fills().size();
        Affine toBuilding = p.from(s.origin());
        List<LaidPicture> out = new ArrayList<>();
        for (int i = 0; i < s.pictures().size(); i++) {
            if (!shown.markShown(first + i)) continue;
            Strokes.PictureMark m = s.pictures().get(i);
            out.add(p.straightening().map(x -> straightened(m, s.origin(), x, toBuilding))
                .orElse(new LaidPicture(m.pixels(), m.map().then(toBuilding))));
        }
        return out;
    }

    /** Where straightened pictures come to lie, without making them. */
    static Box box(Strokes s, Cleared shown, Placement p) {
        int first = s.texts().size() + s.fills().size();
        Affine toBuilding = p.from(Point.ORIGIN);
        Box b = Box.EMPTY;
        for (int i = 0; i < s.pictures().size(); i++) {
            Strokes.PictureMark m = s.pictures().get(i);
            if (shown.markShown(first + i))
                b = b.with(reach(m.pixels(), m.map().then(Affine.move(s.origin())), p.straightening().orElseThrow())
                .mapped(toBuilding));
        }
        return b;
    }

    /** Each pixel of the straightened picture is fetched from where the camera put it. */
    private static LaidPicture straightened(Strokes.PictureMark m, Point origin, Straightening x, Affine toBuilding) {
        Pixels from = m.pixels();
        Affine toFile = m.map().then(Affine.move(origin)), toPixels = toFile.inverse();
        Homography back = x.map().inverse();
        Box to = reach(from, toFile, x);
        double grain = Math.max(m.map().meanScale(), Math.sqrt(to.width() * to.height() / MOST));
        int w = Math.max(1, (int) (to.width() / grain)), h = Math.max(1, (int) (to.height() / grain));
        int[] out = new int[w * h];
        for (int row = 0; row < h; row++)
            for (int col = 0; col < w; col++) {
                Point file = back.apply(new Point(to.minX() + (col + 0.5) * grain, to.maxY() - (row + 0.5) * grain));
                if (!x.isSeen(file)) continue;
                Point px = toPixels.apply(file);
                int sx = (int) Math.floor(px.x()), sy = from.height() - 1 - (int) Math.floor(px.y());
                if (sx >= 0 && sy >= 0 && sx < from.width() && sy < from.height()) out[row * w + col] = from.at(sx, sy);
            }
        Affine place = Affine.scale(grain, grain).then(Affine.move(to.minX() - origin.x(), to.maxY() - h * grain - origin.y()));
        return new LaidPicture(new Pixels(w, h, out), place.then(toBuilding));
    }

    private static Box reach(Pixels from, Affine toFile, Straightening x) {
        Box rectangle = Box.of(x.rectangles().getFirst().corners().stream().map(x.map()::apply).toList());
        Box most = rectangle.grown(REACH * rectangle.diagonal()), all = Box.EMPTY;
        int steps = 32;
        for (int i = 0; i <= steps; i++)
            for (int k = 0; k <= steps; k++) {
                Point file = toFile.apply(from.width() * i / (double) steps, from.height() * k / (double) steps);
                if (x.isSeen(file)) all = all.with(x.map().apply(file));
            }
        return new Box(Math.max(all.minX(), most.minX()), Math.max(all.minY(), most.minY()), Math.min(all.maxX(), most.maxX()),
            Math.min(all.maxY(), most.maxY()));
    }
}
