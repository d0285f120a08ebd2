package brightlintel.read.pdf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Style;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;

/** Filled paths: areas, lines that were filled and not drawn, the paper's own ground. */
final class Areas {
    /** A filled strip thinner than this, points, stands for a line: 0.35 mm, the pen of most outlines; and it is long for its width. */
    private static final double THIN = 1.0, LONG = 4;
    private static final double GROUND = 0.9;
    /** More outlines than this are not held against each other. */
    private static final int MANY = 3000;
    private static final double HUNDREDTHS = 100 * 25.4 / 72;
    private static final GeometryFactory JTS = new GeometryFactory();
    private final PageFrame frame;
    private final Ink ink;

    Areas(PageFrame frame, Ink ink) {
        this.frame = frame;
        this.ink = ink;
    }

    /** @param lines of a pattern whose lines could be told */
    record Paint(int rgb, String group, Pen.Use use, List<Entity.PatternLine> lines) {
        boolean isPlain() {
            return use == Pen.Use.AREA;
        }
    }

    void add(List<Run> runs, Box all, boolean evenOdd, boolean edged, Clip clip, Paint paint) {
        if (clip.blocks(all)) return;
        if (paint.isPlain() && runs.size() == 1 && isGround(all, paint.rgb)) {
            area(runs, false, ink.style(new Pen(paint.rgb, 0, Pen.Dashes.NONE, Pen.Use.GROUND), null), paint);
            return;
        }
        List<Run> thick = new ArrayList<>();
        for (Run r : runs) if (!paint.isPlain() || !thin(r, clip, paint)) thick.add(r);
        if (thick.isEmpty()) return;
        Style s = ink.style(new Pen(paint.rgb, 0, Pen.Dashes.NONE, paint.use), paint.group);
        boolean whole = clip.passes(all);
        for (List<Run> one : evenOdd || thick.size() == 1 || thick.size() > MANY ? List.of(thick) : byWinding(thick)) {
            if (whole) area(one, edged, s, paint);
            else clipped(one, clip, edged, s, paint);
        }
    }

    private void area(List<Run> runs, boolean edged, Style s, Paint paint) {
        if (paint.lines.isEmpty()) ink.area(runs, edged && paint.isPlain(), s);
        else ink.pattern(runs, paint.lines, s);
    }

    private boolean isGround(Box b, int rgb) {
        boolean white = (rgb >> 16 & 255) > 249 && (rgb >> 8 & 255) > 249 && (rgb & 255) > 249;
        return white && b.width() * b.height() > GROUND * frame.width() * frame.height();
    }

    /** A strip as thin as a pen is the line, or the arc, in its middle. */
    private boolean thin(Run r, Clip clip, Paint paint) {
        Strip strip = Strip.of(r, THIN, LONG);
        if (strip == null) return false;
        ink.report.say(Code.THIN_FILL_AS_LINE, ink.at());
        Style s = ink.style(new Pen(paint.rgb, (int) Math.round(strip.width() * HUNDREDTHS), Pen.Dashes.NONE, Pen.Use.STROKE), paint.group);
        Curve c = strip.middle();
        if (clip.passes(r.box())) {
            ink.stroke(new Run(List.of(c), false), s);
            return true;
        }
        double[] in = clip.stretches(c);
        for (int i = 0; i < in.length; i += 2) ink.stroke(new Run(List.of(c.part(in[i], in[i + 1])), false), s);
        return true;
    }

    /**
     * By the rule of winding, an outline in another of the same way round cuts no hole, and outlines that overlap add up: parted so that
     * the even-odd rule, which is all that areas know, paints the same.
     */
    private static List<List<Run>> byWinding(List<Run> all) {
        List<Run> runs = all.stream().filter(Areas::encloses).toList();
        int n = runs.size();
        Box[] box = new Box[n];
        boolean[] left = new boolean[n], dropped = new boolean[n];
        List<Ring> ring = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            box[i] = runs.get(i).box();
            ring.add(new Ring(runs.get(i).chords()));
            left[i] = ring.get(i).signedArea() > 0;
        }
        int[] around = new int[n];
        for (int i = 0; i < n; i++) {
            around[i] = -1;
            for (int k = 0; k < n; k++) {
                if (k == i || !box[k].holds(box[i]) || box[k].equals(box[i]) && k > i
                    || !ring.get(k).holds(ring.get(i).corners().getFirst()))
                    continue;
                if (around[i] < 0 || box[around[i]].holds(box[k])) around[i] = k;
            }
        }
        for (int i = 0; i < n; i++) dropped[i] = around[i] >= 0 && left[around[i]] == left[i];
        List<List<Run>> out = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            if (dropped[i] || around[i] >= 0) continue;
            List<Run> one = new ArrayList<>(List.of(runs.get(i)));
            for (int k = 0; k < n; k++) if (around[k] == i && !dropped[k]) one.add(runs.get(k));
            out.add(one);
        }
        for (int i = 0; i < n; i++)
            if (!dropped[i] && around[i] >= 0 && around[around[i]] >= 0) out.add(List.of(runs.get(i)));
        return out;
    }

    private static boolean encloses(Run r) {
        List<Point> p = r.chords();
        return p.size() > 2 && p.stream().allMatch(Point::isFinite);
    }

    // ---- clipped: exact for straight edges, chords for round ones

    private void clipped(List<Run> runs, Clip clip, boolean edged, Style s, Paint paint) {
        try {
            Geometry g = evenOdd(runs.stream().map(Areas::ring).toList());
            Box b = clip.box();
            g = g.intersection(JTS.createPolygon(new Coordinate[] {at(b.minX(), b.minY()), at(b.maxX(), b.minY()), at(b.maxX(), b.maxY()),
                at(b.minX(), b.maxY()), at(b.minX(), b.minY())}));
            List<List<double[]>> outlines = clip.outlines();
            for (int i = 0; i < outlines.size() && !g.isEmpty(); i++) {
                List<Coordinate[]> rings = outlines.get(i).stream().map(Areas::ring).toList();
                Geometry o = clip.evenOdd(i) ? evenOdd(rings) : wound(rings);
                g = g.intersection(o);
            }
            for (int i = 0; i < g.getNumGeometries(); i++)
                if (g.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) area(runs(p), edged, s, paint);
        } catch (RuntimeException e) {
            // outlines that cross themselves beyond mending are shown whole rather than lost
            area(runs, edged, s, paint);
        }
    }

    private static Geometry evenOdd(List<Coordinate[]> rings) {
        Geometry out = JTS.createPolygon();
        for (Coordinate[] r : rings) if (r.length > 3) out = out.symDifference(GeometryFixer.fix(JTS.createPolygon(r)));
        return out;
    }

    private static Geometry wound(List<Coordinate[]> rings) {
        Geometry out = JTS.createPolygon();
        for (Coordinate[] r : rings) {
            if (r.length < 4) continue;
            Polygon p = JTS.createPolygon(r);
            boolean left = Orientation.isCCW(r);
            Geometry g = GeometryFixer.fix(p);
            out = left || !out.contains(g) ? out.union(g) : out.difference(g);
        }
        return out;
    }

    private static Coordinate at(double x, double y) {
        return new Coordinate(x, y);
    }

    private static Coordinate[] ring(Run r) {
        List<Point> p = r.chords();
        Coordinate[] out = new Coordinate[p.size() + 1];
        for (int i = 0; i < p.size(); i++) out[i] = at(p.get(i).x(), p.get(i).y());
        out[p.size()] = out[0].copy();
        return out;
    }

    private static Coordinate[] ring(double[] xy) {
        Coordinate[] out = new Coordinate[xy.length / 2 + 1];
        for (int i = 0; i < xy.length / 2; i++) out[i] = at(xy[2 * i], xy[2 * i + 1]);
        out[xy.length / 2] = out[0].copy();
        return out;
    }

    private static List<Run> runs(Polygon p) {
        List<Run> out = new ArrayList<>();
        out.add(run(p.getExteriorRing()));
        for (int i = 0; i < p.getNumInteriorRing(); i++) out.add(run(p.getInteriorRingN(i)));
        return out;
    }

    private static Run run(LinearRing r) {
        List<Curve> c = new ArrayList<>();
        Coordinate[] p = r.getCoordinates();
        for (int i = 0; i + 1 < p.length; i++) c.add(new Curve.Straight(new Point(p[i].x, p[i].y), new Point(p[i + 1].x, p[i + 1].y)));
        return new Run(c, true);
    }
}
