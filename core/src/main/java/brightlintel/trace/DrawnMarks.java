package brightlintel.trace;

import brightlintel.building.Provenance;
import brightlintel.building.Section;
import brightlintel.building.Support;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.ClosedChains;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;

/** Small closed marks of a drawing, as columns are drawn: circles, closed lines, and lines that meet end to end. Metres. */
public final class DrawnMarks {
    /** Metres: of a mark's sides; ends that meet; corners that lie on a line or a circle; sizes and places that are one. */
    private static final double SMALLEST = 0.05, LARGEST = 3, MEET = 0.002, FLAT = 0.002, ALIKE = 0.006;
    private static final double SQUARE = Math.toRadians(1), ROUND = 0.02;
    private static final int MOST_SIDES = 64, LEAST_OF_CIRCLE = 8;
    private final PlacedDrawing d;

    private DrawnMarks(PlacedDrawing d) {
        this.d = d;
    }

    /** @param turn of its section, radians */
    public record Mark(Section section, Point at, double turn, PlacedDrawing drawing, List<Integer> strokes) {
        /** The strokes that a column made from it stands on. */
        public Provenance provenance() {
            List<Support> on = new ArrayList<>();
            for (int s : strokes) on.add(drawing.support(s, 0, 1, Support.Face.OUTLINE, 0));
            return new Provenance(new Provenance.Way.ByHand(), on);
        }

        public Ring ground() {
            return section.at(at, turn);
        }
    }

    /** The smallest round a place, or the one whose line is pointed at. */
    public static Optional<Mark> at(Point p, double reach, List<PlacedDrawing> drawings) {
        List<Mark> all = new ArrayList<>();
        for (PlacedDrawing d : drawings) all.addAll(new DrawnMarks(d).among(d.strokesNear(p, LARGEST)));
        return all.stream().filter(m -> m.ground().holds(p) || m.ground().distance(p) <= reach)
            .min(Comparator.comparingDouble(m -> m.section().area()));
    }

    /** All of a drawing, of the strokes that are wanted and shown; each place once. */
    public static List<Mark> all(PlacedDrawing d, IntPredicate wanted) {
        List<Integer> some = new ArrayList<>();
        for (int i = 0; i < d.strokes().size(); i++) if (wanted.test(i) && d.cleared().strokeShown(i)) some.add(i);
        List<Mark> out = new ArrayList<>();
        for (Mark x : new DrawnMarks(d).among(some)) if (out.stream().noneMatch(o -> o.at().distance(x.at()) < ALIKE)) out.add(x);
        return out;
    }

    /** All of a drawing that look like one of them, whichever way they are turned; each place once. */
    public static List<Mark> like(Mark m) {
        PlacedDrawing d = m.drawing();
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < d.strokes().size(); i++) if (d.cleared().strokeShown(i)) all.add(i);
        List<Mark> out = new ArrayList<>();
        for (Mark x : new DrawnMarks(d).among(all))
            if (isLike(x.section(), m.section()) && out.stream().noneMatch(o -> o.at().distance(x.at()) < ALIKE)) out.add(x);
        return out;
    }

    private static boolean isLike(Section a, Section b) {
        Box x = a.outline().box(), y = b.outline().box();
        return a.getClass() == b.getClass() && Math.abs(x.width() - y.width()) < ALIKE && Math.abs(x.height() - y.height()) < ALIKE;
    }

    /** Of these strokes and of what was drawn together with them. */
    private List<Mark> among(Iterable<Integer> some) {
        Strokes s = d.strokes();
        List<Mark> out = new ArrayList<>();
        List<Integer> loose = new ArrayList<>();
        TreeSet<Integer> left = new TreeSet<>();
        some.forEach(left::add);
        while (!left.isEmpty()) {
            int from = left.first(), to = from + 1;
            while (from > 0 && together(from - 1, from)) from--;
            while (to < s.size() && to - from <= MOST_SIDES && together(to - 1, to)) to++;
            left.subSet(from, to).clear();
            if (s.entityOf(from) instanceof Entity.Hatch h && !h.solid()) continue;
            List<Integer> run = new ArrayList<>();
            for (int i = from; i < to; i++) run.add(i);
            left.removeAll(run);
            if (run.size() == 1 && s.isStraight(from)) loose.add(from);
            else whole(run).ifPresent(out::add);
        }
        chains(loose, out);
        return out;
    }

    private boolean together(int i, int k) {
        Strokes s = d.strokes();
        return s.entityOf(i) == s.entityOf(k) && s.pathOf(i) == s.pathOf(k) && !(s.entityOf(i) instanceof Entity.Hatch h && !h.solid());
    }

    private void chains(List<Integer> loose, List<Mark> out) {
        List<Integer> sides = loose.stream().filter(i -> d.curve(i).length() <= LARGEST && d.curve(i).length() > 2 * MEET).toList();
        List<List<Integer>> chains = ClosedChains.of(new ClosedChains.Pieces() {
            @Override public int count() {
                return sides.size();
            }

            @Override public Point end(int i, int e) {
                Curve c = d.curve(sides.get(i));
                return e == 0 ? c.first() : c.last();
            }

            @Override public boolean belong(int a, int b) {
                return d.strokes().layerOf(sides.get(a)) == d.strokes().layerOf(sides.get(b));
            }
        }, MEET, MOST_SIDES);
        for (List<Integer> c : chains) {
            List<Integer> run = c.stream().map(sides::get).toList();
            if (run.stream().allMatch(d.cleared()::strokeShown)) mark(run, d::curve).ifPresent(out::add);
        }
    }

    /** What one thing of the drawing encloses, as it was received: a side that lies on a wall's face may be a part of it since. */
    private Optional<Mark> whole(List<Integer> run) {
        boolean shown = run.stream().anyMatch(d.cleared()::strokeShown);
        for (int i : run)
            if (!shown || !d.cleared().strokeShown(i) && d.repaired().filter(r -> r.isGone(i)).isEmpty()) return Optional.empty();
        return mark(run, d::curveAsReceived);
    }

    /** What strokes that follow each other enclose, if that is small and simple. */
    private Optional<Mark> mark(List<Integer> run, IntFunction<Curve> curve) {
        Curve first = curve.apply(run.getFirst());
        if (run.size() == 1) {
            return first instanceof Curve.EllipticArc a && a.isWhole() && a.isCircular() && fits(2 * a.u().length())
                ? Optional.of(new Mark(new Section.Round(size(2 * a.u().length())), a.centre(), 0, d, run)) : Optional.empty();
        }
        List<Point> p = corners(run, curve);
        if (p.size() < 3) return Optional.empty();
        Ring r = new Ring(p).counterClockwise();
        Box b = r.box();
        return fits(b.width()) && fits(b.height()) ? Optional.of(told(r, run)) : Optional.empty();
    }

    private static boolean fits(double side) {
        return side >= SMALLEST && side <= LARGEST;
    }

    /** Corners of a closed line, those left out that lie on a side; none where it does not close. */
    private static List<Point> corners(List<Integer> run, IntFunction<Curve> curve) {
        List<Point> p = new ArrayList<>();
        Curve a = curve.apply(run.get(0)), b = curve.apply(run.get(1));
        Point at = a.last().distance(b.first()) < MEET || a.last().distance(b.last()) < MEET ? a.first() : a.last();
        for (int i : run) {
            Curve c = curve.apply(i);
            boolean forward = c.first().distance(at) < MEET;
            if (!forward && c.last().distance(at) >= MEET) return List.of();
            p.add(at);
            // round corners and round sides by chords
            int n = c instanceof Curve.Straight ? 1 : 8;
            for (int k = 1; k < n; k++) p.add(c.at(forward ? k / (double) n : 1 - k / (double) n));
            at = forward ? c.last() : c.first();
        }
        if (at.distance(p.getFirst()) > MEET) return List.of();
        List<Point> out = new ArrayList<>();
        for (int i = 0; i < p.size(); i++) {
            Point before = p.get((i + p.size() - 1) % p.size()), q = p.get(i), after = p.get((i + 1) % p.size());
            if (Math.abs(after.minus(before).unit().cross(q.minus(before))) > FLAT) out.add(q);
        }
        return out;
    }

    private Mark told(Ring r, List<Integer> run) {
        List<Point> p = r.corners();
        Point middle = centre(r);
        double radius = p.stream().mapToDouble(middle::distance).average().orElseThrow();
        boolean round = p.size() >= LEAST_OF_CIRCLE && p.stream().allMatch(q -> Math.abs(middle.distance(q) - radius) < ROUND * radius);
        if (round) return new Mark(new Section.Round(size(2 * radius)), middle, 0, d, run);
        if (p.size() == 4 && isRectangle(p)) {
            Point u = p.get(1).minus(p.get(0)), v = p.get(2).minus(p.get(1));
            double turn = Angles.signed(2 * u.angle()) / 2;
            // the side nearer to level is the width
            boolean level = Math.abs(turn) <= Math.PI / 4 + 1e-9;
            return new Mark(level ? new Section.Rectangle(size(u.length()), size(v.length()))
                : new Section.Rectangle(size(v.length()), size(u.length())),
                p.get(0).towards(p.get(2), 0.5), level ? tidy(turn) : tidy(turn - Math.signum(turn) * Math.PI / 2), d, run);
        }
        return new Mark(new Section.Shape(r.mapped(Affine.move(middle.times(-1)))), middle, 0, d, run);
    }

    /** To a tenth of a millimetre, so that alike ones are one kind. */
    private static double size(double v) {
        return Math.round(v * 1e4) / 1e4;
    }

    private static double tidy(double turn) {
        return Math.abs(turn) < 1e-6 ? 0 : turn;
    }

    private static boolean isRectangle(List<Point> p) {
        for (int i = 0; i < 4; i++) {
            Point u = p.get((i + 1) % 4).minus(p.get(i)), v = p.get((i + 2) % 4).minus(p.get((i + 1) % 4));
            if (Math.abs(Angles.betweenLines(u.angle(), v.angle()) - Math.PI / 2) > SQUARE) return false;
        }
        return true;
    }

    /** Of gravity. */
    private static Point centre(Ring r) {
        Point o = r.corners().getFirst();
        double area = 0, x = 0, y = 0;
        for (int i = 1; i + 1 < r.size(); i++) {
            Point a = r.corners().get(i).minus(o), b = r.corners().get(i + 1).minus(o);
            double c = a.cross(b);
            area += c;
            x += c * (a.x() + b.x());
            y += c * (a.y() + b.y());
        }
        return area == 0 ? o : o.plus(new Point(x / (3 * area), y / (3 * area)));
    }
}
