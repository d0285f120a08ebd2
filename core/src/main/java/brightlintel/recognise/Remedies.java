package brightlintel.recognise;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.GridLabels;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Section;
import brightlintel.building.Side;
import brightlintel.building.Stand;
import brightlintel.building.StoreyId;
import brightlintel.building.Support;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.DrawnGrid;
import brightlintel.trace.DrawnOpenings;
import brightlintel.trace.DrawnOutlines;
import brightlintel.trace.Supports;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What would make an element of a stroke that became none, by the reason why it did not: what somebody decides whom a rule may not. All of
 * it is by hand.
 */
public final class Remedies {
    /** Metres: a wall is no thicker; from an opening to the end of a wall that it belongs to; beyond an opening to what a wall meets. */
    private static final double THICKEST = 1.5, REACH = 1.5, BEYOND = 1.5, AT = 0.12, ALIKE = 0.05, HEAD = 2.1, SILL = 0.9;
    /** Metres: strokes of one mark that meet; its sides; off a curve that is made of pieces. */
    private static final double MEET = 0.03, LARGEST = 2, SMALLEST = 0.05, OFF = 0.02;
    private static final double ALONG = Math.toRadians(1.5);
    private static final int MOST_PIECES = 32;
    private final PlacedDrawing d;
    private final Project p;
    private final StoreyId on;
    private final double thickness;

    /** What one key makes of it. */
    public sealed interface Remedy {
        /** Along it, or along pieces of it; or between it and the face beside it. */
        record Walls(List<Wall> walls, boolean between) implements Remedy { }

        /** @param wall that goes on over it, or stands for it alone; isNew: it is no wall of the project's */
        record InWall(Wall wall, boolean isNew, Opening opening) implements Remedy { }

        record OfColumn(Column column) implements Remedy { }

        record OfGrid(GridLine line) implements Remedy { }
    }

    /** @param thickness of a wall of which one face alone is known, metres */
    public Remedies(PlacedDrawing d, Project p, StoreyId on, double thickness) {
        this.d = d;
        this.p = p;
        this.on = on;
        this.thickness = thickness;
    }

    private Contents there() {
        return p.on(on);
    }

    public Optional<Remedy> of(Leftover l) {
        Curve c = d.curve(l.stroke());
        return switch (l.reason()) {
            case NO_PARTNER, NO_FACE -> along(c);
            case TOO_THICK, TOO_SHORT -> between(l, c).or(() -> along(c));
            case NO_WALL -> inWall(l, c);
            case NO_MARK -> column(l.stroke());
            case NO_LINE -> gridLine(l.stroke(), c);
        };
    }

    private Wall wall(Piece r, double thick) {
        Wall w = new Wall(ElementId.fresh(), r, Side.CENTRE, Given.stated(thick), Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
        return w.with(new Provenance(new Provenance.Way.ByHand(), Supports.ofWall(w, List.of(d))));
    }

    /** One face lies on it, or its middle does where it is bent. */
    private Optional<Remedy> along(Curve c) {
        List<Piece> pieces = DrawnOutlines.piece(c).map(List::of).orElseGet(() -> pieces(c, 0, 1));
        List<Wall> out = pieces.stream().filter(x -> x.length() > OFF).map(x -> wall(x, thickness)).toList();
        return out.isEmpty() ? Optional.empty() : Optional.of(new Remedy.Walls(out, false));
    }

    /** Arcs through three places each, halved until they lie on the curve. */
    private static List<Piece> pieces(Curve c, double from, double to) {
        Point a = c.at(from), m = c.at((from + to) / 2), b = c.at(to);
        double chord = a.distance(b);
        boolean whole = chord > OFF && to - from > 1.0 / MOST_PIECES;
        if (!whole && to - from > 1.0 / MOST_PIECES || whole && !lies(c, from, to, arc(a, m, b))) {
            List<Piece> out = new ArrayList<>(pieces(c, from, (from + to) / 2));
            out.addAll(pieces(c, (from + to) / 2, to));
            return out;
        }
        return chord > OFF ? List.of(arc(a, m, b)) : List.of();
    }

    private static Piece arc(Point a, Point m, Point b) {
        Point half = b.minus(a).times(0.5);
        double rise = -half.unit().cross(m.minus(a));
        return Math.abs(rise) < OFF / 4 ? Piece.straight(a, b) : new Piece(a, b, rise / half.length());
    }

    private static boolean lies(Curve c, double from, double to, Piece p) {
        for (double x : new double[] {0.25, 0.75}) if (p.distance(c.at(from + x * (to - from))) > OFF) return false;
        return true;
    }

    /** From face to face, where both run beside each other. */
    private Optional<Remedy> between(Leftover l, Curve c) {
        if (!(c instanceof Curve.Straight s) || !(l.figure() > 0) || l.figure() > THICKEST) return Optional.empty();
        Point u = s.b().minus(s.a()).unit(), m = s.at(0.5);
        for (int i : d.strokesNear(m, l.figure() + MEET)) {
            if (i == l.stroke() || !(d.curve(i) instanceof Curve.Straight o)) continue;
            double off = u.cross(o.at(0.5).minus(m)), p1 = u.dot(o.a().minus(s.a())), p2 = u.dot(o.b().minus(s.a()));
            double from = Math.max(0, Math.min(p1, p2)), to = Math.min(s.length(), Math.max(p1, p2));
            boolean beside = Angles.betweenLines(o.b().minus(o.a()).angle(), u.angle()) < ALONG
                && Math.abs(Math.abs(off) - l.figure()) < MEET && to - from > ALIKE;
            if (!beside) continue;
            Point n = u.left().times(off / 2), a = s.a().plus(u.times(from)).plus(n), b = s.a().plus(u.times(to)).plus(n);
            return Optional.of(new Remedy.Walls(List.of(wall(Piece.straight(a, b), Math.rint(Math.abs(off) * 1000) / 1000)), true));
        }
        return Optional.empty();
    }

    /** A wall in line goes on over it; where none is, it gets a piece of its own. */
    private Optional<Remedy> inWall(Leftover l, Curve c) {
        Optional<Piece> at = sill(c);
        if (at.isEmpty()) return Optional.empty();
        Piece jambs = at.get();
        Optional<Wall> host = there().walls().stream().filter(w -> w.reference().isStraight() && isInLine(w, jambs)).min(
            Comparator.comparingDouble(w -> distance(w, jambs)));
        Wall w = host.map(x -> x.with(grown(x, jambs))).orElseGet(() -> wall(jambs, thickness));
        Optional<DrawnOpenings.Symbol> drawn = DrawnOpenings.at(c.at(0.5), AT, !(c instanceof Curve.EllipticArc), List.of(w), List.of(d))
            .filter(s -> s.strokes().contains(l.stroke()));
        double a = w.reference().unroll(jambs.a()).x(), b = w.reference().unroll(jambs.b()).x();
        double from = drawn.map(DrawnOpenings.Symbol::from).orElse(Math.max(0, Math.min(a, b))),
            to = drawn.map(DrawnOpenings.Symbol::to).orElse(Math.min(w.length(), Math.max(a, b)));
        boolean taken = there().openings().stream().anyMatch(o -> o.wall().equals(w.id()) && o.start() < to && o.end() > from);
        if (to - from < SMALLEST || taken) return Optional.empty();
        Opening.Filling f = drawn.map(DrawnOpenings.Symbol::filling).orElse(c instanceof Curve.EllipticArc ? new Opening.Filling.Door(false,
            true, Opening.Filling.Way.SINGLE) : new Opening.Filling.Window());
        List<Support> on = drawn.map(s -> s.provenance().on()).orElse(List.of(d.support(l.stroke(), 0, 1, Support.Face.OUTLINE, 0)));
        return Optional.of(new Remedy.InWall(w, host.isEmpty(), new Opening(ElementId.fresh(), w.id(), (from + to) / 2,
            Given.stated(to - from), Given.assumed(f instanceof Opening.Filling.Window ? SILL : 0.0), Given.assumed(HEAD), f,
            new Provenance(new Provenance.Way.ByHand(), on))));
    }

    /** From jamb to jamb: along a line; of a leaf's arc from its hinge to where it shuts, in line with a wall if there is one. */
    private Optional<Piece> sill(Curve c) {
        if (c instanceof Curve.Straight s) return Optional.of(Piece.straight(s.a(), s.b()));
        if (!(c instanceof Curve.EllipticArc a) || !a.isCircular() || a.isWhole()) return Optional.empty();
        List<Piece> both = List.of(Piece.straight(a.centre(), a.first()), Piece.straight(a.centre(), a.last()));
        return both.stream().filter(x -> there().walls().stream().anyMatch(w -> w.reference().isStraight() && isInLine(w, x))).findFirst()
            .or(() -> Optional.of(both.getFirst()));
    }

    private static boolean isInLine(Wall w, Piece jambs) {
        double half = w.thickness().value() / 2 + AT, middle = (w.left() - w.right()) / 2;
        Point a = w.reference().unroll(jambs.a()), b = w.reference().unroll(jambs.b());
        return Angles.betweenLines(w.reference().direction(0).angle(), jambs.direction(0).angle()) < ALONG * 2
            && Math.abs(a.y() - middle) < half && Math.abs(b.y() - middle) < half && distance(w, jambs) < REACH;
    }

    /** From its end to what opens; 0 where it runs over it. */
    private static double distance(Wall w, Piece jambs) {
        double a = w.reference().unroll(jambs.a()).x(), b = w.reference().unroll(jambs.b()).x();
        return Math.max(0, Math.max(Math.min(a, b) - w.length(), -Math.max(a, b)));
    }

    /** Over what opens, and on to the wall that it meets soon. */
    private Piece grown(Wall w, Piece jambs) {
        double a = w.reference().unroll(jambs.a()).x(), b = w.reference().unroll(jambs.b()).x(), from = Math.min(0, Math.min(a, b)),
            to = Math.max(w.length(), Math.max(a, b));
        if (to > w.length()) to = met(w, to, 1);
        if (from < 0) from = met(w, from, -1);
        return Piece.straight(w.reference().at(from), w.reference().at(to));
    }

    private double met(Wall w, double end, int way) {
        double best = end;
        double nearest = BEYOND;
        Point u = w.reference().direction(0);
        for (Wall o : there().walls()) {
            if (o.id().equals(w.id()) || !o.reference().isStraight()) continue;
            double sin = u.cross(o.reference().direction(0));
            if (Math.abs(sin) < 0.2) continue;
            double at = o.reference().a().minus(w.reference().a()).cross(o.reference().direction(0)) / sin,
                across = o.reference().unroll(w.reference().at(at)).x(), far = (at - end) * way;
            boolean meets = across > -AT && across < o.length() + AT && far > -o.thickness().value() && far < nearest;
            if (!meets) continue;
            nearest = far;
            best = at;
        }
        return best;
    }

    /** What meets it, end to end, on its layer, as the rectangle about it. */
    private Optional<Remedy> column(int stroke) {
        Set<Integer> all = new LinkedHashSet<>(Set.of(stroke));
        Deque<Integer> open = new ArrayDeque<>(all);
        int layer = d.strokes().layerOf(stroke);
        while (!open.isEmpty()) {
            Curve c = d.curve(open.pop());
            for (Point q : List.of(c.first(), c.last())) for (int i : d.strokesNear(q, MEET)) {
                if (d.strokes().layerOf(i) != layer || d.curve(i).length() > LARGEST || !all.add(i)) continue;
                open.push(i);
            }
        }
        double turn = d.curve(stroke) instanceof Curve.Straight s ? s.b().minus(s.a()).angle() : 0;
        turn = Math.IEEEremainder(turn, Math.PI / 2);
        Box b = Box.EMPTY;
        for (int i : all) for (double x : new double[] {0, 0.25, 0.5, 0.75, 1}) b = b.with(d.curve(i).at(x).turn(-turn));
        if (b.width() < SMALLEST || b.height() < SMALLEST || b.width() > LARGEST || b.height() > LARGEST) return Optional.empty();
        List<Support> on = all.stream().map(i -> d.support(i, 0, 1, Support.Face.OUTLINE, 0)).toList();
        return Optional.of(new Remedy.OfColumn(new Column(ElementId.fresh(), new Section.Rectangle(b.width(), b.height()),
            b.centre().turn(turn),
            turn, Stand.FLOOR, Top.NEXT, new Provenance(new Provenance.Way.ByHand(), on))));
    }

    private Optional<Remedy> gridLine(int stroke, Curve c) {
        return DrawnOutlines.piece(c).map(DrawnGrid::standing).map(x -> new Remedy.OfGrid(new GridLine(ElementId.fresh(), GridLabels.next(x,
            p.grid()), Optional.of(GridLabels.family(x)), x, Optional.empty(), new Provenance(new Provenance.Way.ByHand(),
            List.of(d.support(stroke, 0, 1, Support.Face.AXIS, 0))))));
    }
}
