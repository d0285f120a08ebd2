package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.correct.look.Bubbles;
import brightlintel.correct.look.Circles;
import brightlintel.correct.look.Doors;
import brightlintel.correct.look.Measure;
import brightlintel.correct.look.Spacings;
import brightlintel.correct.look.Steps;
import brightlintel.correct.size.SizeFinding;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** The passes over a drawing: what a stroke is told from what lies beside it. Lengths are metres. */
final class Seeing {
    /** From face to face: partitions to outer walls. */
    static final double THIN = 0.055, THICK = 0.56;
    /** A window of lines: so wide, and so deep at most; a tread, and a leaf. */
    static final double WINDOW_LEAST = 0.35, WINDOW_MOST = 6, DEEP = 0.6, TREAD_LEAST = 0.2, TREAD_MOST = 0.42,
        ENDS = 0.012;
    private static final double WINDING_LEAST = 0.7, WINDING_MOST = 5;
    /** What a line without a tag is seen for: more than for all that lies beside it. */
    private static final double BARE = 4;
    private static final int RAYS = 5;
    private static final double LEAF_LEAST = 0.4, LEAF_MOST = 2.2, REACHES = 0.85, LINE = 0.02;
    private final Sight s;
    private final Strokes strokes;
    private final Near texts;

    Seeing(Sight s) {
        this.s = s;
        this.strokes = s.strokes;
        this.texts = Near.of(strokes.texts().stream().map(t -> t.box().centre()).toList());
    }

    void all(SizeFinding size) {
        kinds();
        walls();
        new Bows(s).see();
        doors();
        windows();
        steps();
        new Patterns(s).see();
        grid();
        circles();
        measures(size);
        caps();
        gaps();
    }

    /** Short strokes from the end of one face to that of another: what closes a wall at its ends and at openings. */
    private void caps() {
        for (int i = 0; i < strokes.size(); i++) {
            if (!s.isShown(i) || !strokes.isStraight(i) || s.role(i) != Role.OTHER || s.length(i) > THICK) continue;
            Curve c = strokes.curveOf(i);
            if (endsAtFace(i, c.first()) && endsAtFace(i, c.last())) s.see(i, Role.WALL, 0.6);
        }
    }

    private boolean endsAtFace(int own, Point p) {
        boolean[] found = {false};
        double near = 0.012 / s.metres;
        strokes.chordsIn(Box.around(p, near), c -> {
            int i = strokes.strokeOf(c);
            if (found[0] || i == own || !strokes.isStraight(i) || s.of(i, Role.WALL) < 0.3) return;
            Curve l = strokes.curveOf(i);
            found[0] = Math.min(l.first().distance(p), l.last().distance(p)) < near;
        });
        return found[0];
    }

    /** What closes an opening: with a leaf in it a door, else a window. */
    private void gaps() {
        List<Gaps.Gap> gaps = new Gaps(s).find(i -> s.role(i) == Role.WALL);
        if (gaps.isEmpty()) return;
        Near hinges = Near.of(s.look.doors().stream().map(d -> s.at(d.hinge())).toList());
        for (Gaps.Gap g : gaps) {
            List<Integer> in = new ArrayList<>();
            boolean door = hinges.anyIn(g.box().grown(0.25));
            strokes.chordsIn(s.inFile(g.box().grown(0.05)), c -> {
                int i = strokes.strokeOf(c);
                if (s.isShown(i) && strokes.isStraight(i) && Gaps.isIn(g, s.box(i))) in.add(i);
            });
            for (int i : in) s.see(i, door ? Role.DOOR : Role.WINDOW, 2);
        }
    }

    /** What the format says of itself. */
    private void kinds() {
        for (int i = 0; i < strokes.size(); i++) {
            Entity e = strokes.entityOf(i);
            if (e instanceof Entity.Hatch) s.see(i, Role.HATCH, 4);
        }
        for (int i = 0; i < strokes.marks(); i++) {
            Strokes.Mark m = strokes.mark(i);
            s.seeMark(i, m instanceof Strokes.TextMark ? Role.TEXT : m instanceof Strokes.PictureMark ? Role.OTHER : Role.HATCH, 1);
        }
    }

    private void walls() {
        faces(s.look.pairs());
        faces(s.look.askew());
    }

    private void faces(List<Spacings.Pair> pairs) {
        for (Spacings.Pair p : pairs) {
            double d = p.distance() * s.metres, along = p.overlap() * s.metres;
            if (d < THIN || d > THICK) continue;
            double w = Math.min(1.2, along / Math.max(d, 0.15) * 0.25);
            s.seeUpTo(p.a(), Role.WALL, w, 1.6);
            s.seeUpTo(p.b(), Role.WALL, w, 1.6);
        }
    }

    private void doors() {
        for (Doors.Door d : s.look.doors()) {
            double r = d.radius() * s.metres;
            if (r < LEAF_LEAST || r > LEAF_MOST) continue;
            s.see(d.arc(), Role.DOOR, 3);
            // the leaf: straight strokes that begin at the hinge and are as long, with what closes them
            strokes.chordsIn(Box.around(d.hinge(), 0.08 * d.radius()), c -> {
                int i = strokes.strokeOf(c);
                if (strokes.isStraight(i) && Math.abs(s.length(i) / r - 1) < 0.12) s.see(i, Role.DOOR, 2.2);
            });
        }
    }

    /** Level or plumb lines of equal ends, in upright metres. */
    private record Row(double from, double to, double v, int stroke) { }

    /**
     * Three lines or more that begin and end together and lie within a wall's depth, or two that lie closer than faces of walls do: the
     * frame and panes of a window.
     */
    private void windows() {
        for (boolean level : new boolean[] {true, false}) {
            List<Row> rows = rows(level);
            rows.sort((a, b) -> {
                int x = Long.compare(Math.round(a.from / (2 * ENDS)), Math.round(b.from / (2 * ENDS)));
                int y = x != 0 ? x : Long.compare(Math.round(a.to / (2 * ENDS)), Math.round(b.to / (2 * ENDS)));
                return y != 0 ? y : Double.compare(a.v, b.v);
            });
            for (int i = 0; i < rows.size();) {
                int k = i + 1;
                while (k < rows.size() && same(rows.get(k - 1), rows.get(k)) && rows.get(k).v - rows.get(k - 1).v < DEEP) k++;
                group(rows.subList(i, k));
                i = k;
            }
        }
    }

    private static boolean same(Row a, Row b) {
        return Math.abs(a.from - b.from) < 2 * ENDS && Math.abs(a.to - b.to) < 2 * ENDS;
    }

    private void group(List<Row> g) {
        double deep = g.getLast().v - g.getFirst().v;
        if (g.size() >= 4) {
            double step = deep / (g.size() - 1);
            boolean even = true;
            for (int i = 1; i < g.size(); i++) even &= Math.abs(g.get(i).v - g.get(i - 1).v - step) < 0.03 * step + 0.004;
            if (even && step > TREAD_LEAST && step < TREAD_MOST) {
                for (Row r : g) s.see(r.stroke, Role.STAIR, 2.4);
                return;
            }
        }
        boolean panes = g.size() >= 3 && g.size() <= 7 && deep <= DEEP, narrow = g.size() == 2 && deep > 0.005 && deep < THIN;
        if (!panes && !narrow) return;
        for (Row r : g) s.see(r.stroke, Role.WINDOW, panes ? 2 : 1);
    }

    private List<Row> rows(boolean level) {
        List<Row> out = new ArrayList<>();
        for (int i = 0; i < strokes.size(); i++) {
            if (!strokes.isStraight(i) || !s.isShown(i)) continue;
            Box b = s.box(i);
            double along = level ? b.width() : b.height(), across = level ? b.height() : b.width();
            if (along < WINDOW_LEAST || along > WINDOW_MOST || across > 0.01 * along) continue;
            out.add(level ? new Row(b.minX(), b.maxX(), b.centre().y(), i) : new Row(b.minY(), b.maxY(), b.centre().x(), i));
        }
        return out;
    }

    private void steps() {
        for (Steps.Flight f : s.look.flights()) {
            double t = f.tread() * s.metres;
            if (t < TREAD_LEAST || t > TREAD_MOST) continue;
            for (int i : f.strokes()) s.see(i, Role.STAIR, 3);
        }
        for (int i = 0; i < strokes.size(); i++)
            if (s.isShown(i) && !strokes.isStraight(i) && strokes.curveOf(i) instanceof Curve.EllipticArc a) winding(a);
    }

    /** Strokes that all run towards the middle of an arc, of one length: steps of a winding stair. */
    private void winding(Curve.EllipticArc a) {
        double r = a.u().length(), metres = r * s.metres;
        if (metres < WINDING_LEAST || metres > WINDING_MOST) return;
        List<Integer> rays = new ArrayList<>();
        strokes.chordsIn(Box.around(a.centre(), 1.05 * r), c -> {
            int i = strokes.strokeOf(c);
            if (!strokes.isStraight(i) || !s.isShown(i)) return;
            Point p = strokes.curveOf(i).first(), q = strokes.curveOf(i).last();
            double far = Math.max(p.distance(a.centre()), q.distance(a.centre())), near = Math.min(p.distance(a.centre()),
                q.distance(a.centre()));
            boolean towards = Math.abs(q.minus(p).unit().cross(a.centre().minus(p))) < 0.02 * r;
            if (towards && far < 1.05 * r && far - near > 0.4 * r && far > 0.7 * r) rays.add(i);
        });
        if (rays.size() < RAYS) return;
        for (int i : rays) s.seeUpTo(i, Role.STAIR, 3, 3);
    }

    /** Tagged lines, their tags, and long lines that are drawn in dashes and dots from end to end of the plan. */
    private void grid() {
        for (Bubbles.Tagged t : s.look.allTagged()) {
            s.see(t.stroke(), Role.GRID, 4);
            double near = 1.4 / s.metres;
            s.look.circles().in(Box.around(t.at(), near / 4), c -> {
                if (c.radius() < near && c.centre().distance(t.at()) < 0.3 * c.radius())
                    for (int i : c.strokes()) s.seeUpTo(i, Role.GRID, 4, 4);
            });
            texts.in(Box.around(t.at(), near / 2), k -> {
                if (strokes.texts().get(k).plain().strip().equals(t.label())) s.seeMark(k, Role.GRID, 2);
            });
        }
        s.axes.addAll(BareAxes.of(s));
        for (BareAxes.Axis a : s.axes) for (int i : a.strokes()) s.see(i, Role.GRID, BARE);
        Box most = s.bulk(IntStream.range(0, strokes.size()).filter(s::isShown).toArray(), 0.96);
        for (int i = 0; i < strokes.size(); i++) {
            if (!s.isShown(i) || !strokes.isStraight(i) || strokes.dashingOf(i) == null) continue;
            Box b = s.box(i);
            if (b.width() > 0.6 * most.width() && b.height() < 0.01 * b.width() || b.height() > 0.6 * most.height()
                && b.width() < 0.01 * b.height())
                s.see(i, Role.GRID, 3);
        }
    }

    /** Tags whose label cannot be read: circles of a grid's size, with a long line that comes out of each towards its middle. */
    private void circles() {
        for (Circles.Circle c : s.look.circles().all()) {
            double r = c.radius(), metres = r * s.metres;
            if (metres < 0.15 || metres > 1.2 || !isTag(c)) continue;
            for (int i : c.strokes()) s.see(i, Role.GRID, 2);
            strokes.chordsIn(Box.around(c.centre(), 0.7 * r), k -> {
                int i = strokes.strokeOf(k);
                if (s.length(i) < 2 * metres) s.seeUpTo(i, Role.GRID, 2, 2);
            });
        }
    }

    private boolean isTag(Circles.Circle c) {
        boolean[] found = {false};
        double r = c.radius();
        strokes.chordsIn(Box.around(c.centre(), 1.3 * r), k -> {
            int i = strokes.strokeOf(k);
            if (!strokes.isStraight(i)) return;
            Curve l = strokes.curveOf(i);
            double near = Math.min(l.first().distance(c.centre()), l.last().distance(c.centre()));
            Point u = l.last().minus(l.first()).unit();
            boolean at = near > 0.9 * r && near < 1.25 * r && Math.abs(u.cross(c.centre().minus(l.first()))) < 0.06 * r;
            if (!at || s.length(i) < 2.5 * r * s.metres) return;
            found[0] = true;
            s.seeUpTo(i, Role.GRID, 2, 4);
        });
        return found[0];
    }

    /** Dimensions that were taken to pieces: the number, the line under it, what stands at its ends. */
    private void measures(SizeFinding size) {
        for (Measure m : size.agreeing()) {
            if (m.written()) continue;
            Point u = m.along().unit(), off = u.left().times(u.left().dot(m.at().minus(m.from())));
            texts.in(Box.around(m.at(), 0.4 / s.metres), k -> {
                if (strokes.texts().get(k).plain().equals(m.text())) s.seeMark(k, Role.DIMENSION, 2);
            });
            line(m.from().plus(off), m.from().plus(off).plus(m.along()), u);
        }
    }

    /** What reaches from end to end beside a number is its line; what stands at its ends on the same layer belongs to it, too. */
    private void line(Point a, Point b, Point u) {
        double slack = 0.5 / s.metres;
        List<Integer> near = new ArrayList<>(), reaching = new ArrayList<>();
        Set<Integer> layers = new HashSet<>();
        strokes.chordsIn(Box.of(a, b).grown(slack), c -> {
            int i = strokes.strokeOf(c);
            if (strokes.isStraight(i)) (reaches(strokes.curveOf(i), a, b, u, slack) ? reaching : near).add(i);
        });
        // the face that was measured may run along beside it, as long
        double nearest = reaching.stream().mapToDouble(i -> beside(i, a, u)).min().orElse(0);
        for (int i : reaching) if (beside(i, a, u) < nearest + LINE / s.metres) {
            layers.add(strokes.layerOf(i));
            s.seeUpTo(i, Role.DIMENSION, 1.8, 1.8);
        }
        for (int i : near) {
            Point p = strokes.curveOf(i).first(), q = strokes.curveOf(i).last();
            boolean atEnd = Math.min(Math.min(p.distance(a), q.distance(a)), Math.min(p.distance(b), q.distance(b))) < slack
                || segment(p, q, a) < slack / 3 || segment(p, q, b) < slack / 3;
            boolean own = layers.isEmpty() || layers.contains(strokes.layerOf(i));
            if (own && atEnd && s.length(i) < 3) s.seeUpTo(i, Role.DIMENSION, s.length(i) < 0.5 ? 1.8 : 0.9, 1.8);
        }
    }

    private double beside(int stroke, Point a, Point u) {
        return Math.abs(u.cross(strokes.curveOf(stroke).first().minus(a)));
    }

    private static boolean reaches(Curve l, Point a, Point b, Point u, double slack) {
        Point p = l.first(), q = l.last(), w = q.minus(p);
        double along = Math.abs(w.dot(u)) / Math.max(w.length(), 1e-12), beside = Math.abs(u.cross(p.minus(a)));
        double s = u.dot(p.minus(a)), t = u.dot(q.minus(a)), from = Math.max(0, Math.min(s, t)),
            to = Math.min(a.distance(b), Math.max(s, t));
        return along > 0.999 && beside < slack && to - from > REACHES * a.distance(b);
    }

    private static double segment(Point p, Point q, Point x) {
        Point w = q.minus(p);
        double n = w.dot(w), t = n == 0 ? 0 : Math.clamp(x.minus(p).dot(w) / n, 0, 1);
        return p.plus(w.times(t)).distance(x);
    }
}
