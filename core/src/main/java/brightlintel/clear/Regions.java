package brightlintel.clear;

import brightlintel.building.Region;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Crossings;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * Outlines that keep or hide what lies in them, in a drawing's shifted coordinates. Strokes that cross an outline are cut there, exactly.
 */
final class Regions {
    /** Cuts nearer to each other than this share of a stroke are one. */
    private static final double ONE = 1e-9;
    private final List<Region> regions = new ArrayList<>();
    private final List<Box> boxes = new ArrayList<>();

    Regions(List<Region> inFile, Point origin) {
        for (Region r : inFile) {
            Ring ring = r.outline().mapped(Affine.move(origin.times(-1)));
            regions.add(new Region(ring, r.keeps()));
            boxes.add(ring.box());
        }
    }

    boolean isEmpty() {
        return regions.isEmpty();
    }

    /** The last region round a place decides; what lies in none goes where the first one keeps. */
    boolean shows(Point p) {
        boolean shown = regions.isEmpty() || !regions.getFirst().keeps();
        for (int i = 0; i < regions.size(); i++)
            if (boxes.get(i).holds(p) && regions.get(i).outline().holds(p)) shown = regions.get(i).keeps();
        return shown;
    }

    /** Of a picture, about what is left of it. */
    Box cropped(Box b) {
        if (regions.isEmpty() || !regions.getFirst().keeps()) return b;
        Box kept = Box.EMPTY;
        for (int i = 0; i < regions.size(); i++) if (regions.get(i).keeps()) kept = kept.with(boxes.get(i));
        Box out = new Box(Math.max(b.minX(), kept.minX()), Math.max(b.minY(), kept.minY()), Math.min(b.maxX(), kept.maxX()),
            Math.min(b.maxY(), kept.maxY()));
        return out.isEmpty() ? Box.EMPTY : out;
    }

    /** Whether any outline comes near: if none does, one place of a stroke or picture speaks for all of it. */
    boolean mayCut(Box b) {
        return boxes.stream().anyMatch(r -> r.meets(b));
    }

    /** The shown stretches of a stroke, from and to in turn; null for all of it, empty for nothing. */
    double[] stretches(Strokes s, int stroke) {
        Box box = box(s, stroke);
        Curve c = s.curveOf(stroke);
        if (!mayCut(box)) return shows(c.at(0.5)) ? null : new double[0];
        TreeSet<Double> cuts = new TreeSet<>(List.of(0.0, 1.0));
        for (int i = 0; i < regions.size(); i++)
            if (boxes.get(i).meets(box))
                for (Piece p : regions.get(i).outline().pieces()) Crossings.of(c, p.curve()).forEach(x -> cuts.add(x.t()));
        List<Double> out = new ArrayList<>();
        double from = 0;
        for (double to : cuts) {
            if (to - from < ONE) continue;
            if (shows(c.at((from + to) / 2))) {
                if (!out.isEmpty() && out.getLast() == from) out.set(out.size() - 1, to);
                else out.addAll(List.of(from, to));
            }
            from = to;
        }
        return out.size() == 2 && out.get(0) == 0 && out.get(1) == 1 ? null : out.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private static Box box(Strokes s, int stroke) {
        Box b = Box.EMPTY;
        double[] xy = s.xy();
        for (int i = 4 * s.firstChord(stroke); i < 4 * s.firstChord(stroke + 1); i += 2) b = b.with(new Point(xy[i], xy[i + 1]));
        return b;
    }
}
