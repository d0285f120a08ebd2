package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Provenance;
import brightlintel.building.Side;
import brightlintel.building.Stand;
import brightlintel.building.Support;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import brightlintel.recognise.Bodies.Body;
import brightlintel.trace.Supports;

/** Walls from bodies: those in line run through what opens between them, ends reach the walls that they meet; and round ones. */
final class WallFinding {
    /** Metres between bodies in line: a crossing wall; a gap with an opening in it; one without anything. */
    private static final double CROSSED = 0.75, OPENED = 9, PLAIN = 2.6, REACH = 0.06;
    private static final double NARROWEST = 0.5, SHORTEST = 0.25, SPANNED = 0.04;
    /** Metres: as wide as one leaf is. Of a wider gap: what may be bare of what opens in it. */
    private static final double LEAF = 1.3, FILLED = 0.5;
    /** Of a wall: how much of it may be a layer before it is looked at. */
    private static final double LAYERED = 0.3, OF_SEVERAL = 0.87;
    /** Metres: as much farther off a sure wall is met before one that is not. */
    private static final double BEHIND = 1;
    private static final int PLACES = 6;
    private final PlacedDrawing d;
    private final StrokeRoles.FaceRoles f;

    WallFinding(PlacedDrawing d, StrokeRoles.FaceRoles f) {
        this.d = d;
        this.f = f;
    }

    /** Between bodies that are one wall; along their direction. */
    private record Between(double from, double to) { }

    /** @param layer how much of it may be the layer of a thicker wall, metres */
    private record Run(Body body, double from, double to, double drawn, double layer, List<Between> gaps) { }

    /** A gap in a wall in which something opens. @param at its middle */
    record Gap(ElementId wall, Point at, double width) { }

    private final List<Gap> gaps = new ArrayList<>();
    private BodiesByLine crossing = new BodiesByLine(List.of());

    /** Of the walls that were found last. */
    List<Gap> gaps() {
        return gaps;
    }

    List<Wall> walls() {
        List<Body> bodies = Bodies.of(Faces.of(d, f.isSure(), f.isPerhaps()), new Pieces(d, i -> f.isSure().test(i)
            || f.isPerhaps().test(i), f.isTold()));
        List<Run> all = runs(bodies);
        // glass and layers run along within walls; what is left of them is looked at anew
        Set<Body> within = Collections.newSetFromMap(new IdentityHashMap<>());
        BodiesByLine index = new BodiesByLine(bodies);
        for (Run r : all) index.near(r.body, r.body.thickness() / 2, b -> {
            if (lies(b, r)) within.add(b);
        });
        List<Run> runs = runs(bodies.stream().filter(b -> !within.contains(b)).toList());
        gaps.clear();
        List<Wall> out = new ArrayList<>();
        for (Run r : runs) {
            if (r.to - r.from <= Math.max(SHORTEST, r.body.thickness())) continue;
            Wall w = wall(Piece.straight(at(r, r.from), at(r, r.to)), r.body.thickness(), confidence(r));
            out.add(w);
            for (Between g : r.gaps) gaps.add(new Gap(w.id(), at(r, (g.from + g.to) / 2), g.to - g.from));
        }
        for (RoundWalls.Round r : new RoundWalls(d, f.isSure(), f.isPerhaps(), f.opens()).all())
            for (Piece p : r.middle()) out.add(wall(p, r.thickness(), r.sure() ? 0.92 : 0.8));
        return meeting(out.stream().filter(w -> out.stream().noneMatch(o -> o != w && lies(w, o))).toList());
    }

    private static Point at(Run r, double along) {
        return r.body.direction().at(along, r.body.middle());
    }

    private List<Run> runs(List<Body> bodies) {
        List<Run> out = new ArrayList<>();
        List<Body> sorted = new ArrayList<>(bodies);
        sorted.sort(Comparator.comparingDouble(Body::from));
        BodiesByLine index = new BodiesByLine(sorted);
        crossing = index;
        Set<Body> done = Collections.newSetFromMap(new IdentityHashMap<>());
        for (Body first : sorted) {
            if (done.contains(first)) continue;
            List<Body> line = new ArrayList<>(index.inLine(first));
            line.removeIf(done::contains);
            line.sort(Comparator.comparingDouble(Body::from));
            done.addAll(line);
            runs(line, out);
        }
        return out;
    }

    /** Whether a body lies within a thicker run of the same direction. */
    private static boolean lies(Body b, Run in) {
        return b.direction() == in.body.direction() && b.thickness() < in.body.thickness() - 0.01 && b.right() > in.body.right() - 0.01
            && b.left() < in.body.left() + 0.01 && b.from() > in.from - 0.05 && b.to() < in.to + 0.05;
    }

    /** Whether one lies within the body of a thicker one: glass, a layer, what is drawn in an opening. */
    private static boolean lies(Wall w, Wall in) {
        // or between two chords that are drawn of a round one
        boolean chord = w.reference().isStraight() && !in.reference().isStraight();
        if (!(w.thickness().value() < in.thickness().value() + (chord ? 0.01 : -0.01))) return false;
        for (double share : new double[] {0.1, 0.5, 0.9}) {
            Point u = in.reference().unroll(w.reference().at(share * w.length()));
            if (u.x() < -0.05 || u.x() > in.length() + 0.05 || Math.abs(u.y()) > in.thickness().value() / 2 + 0.01) return false;
        }
        return true;
    }

    /** Bodies in line, from the first on, each joined to the one before where it may be. */
    private void runs(List<Body> line, List<Run> to) {
        Run now = null;
        for (Body b : line) {
            if (now != null && goesOn(now, b)) {
                List<Between> gaps = new ArrayList<>(now.gaps);
                if (b.from() - now.to > NARROWEST && opens(now.body, now.to, b.from())) gaps.add(new Between(now.to, b.from()));
                now = new Run(now.body, now.from, Math.max(now.to, b.to()), now.drawn + b.drawn(), now.layer + layer(b), gaps);
            } else {
                if (now != null) to.add(now);
                now = new Run(b, b.from(), b.to(), b.drawn(), layer(b), List.of());
            }
        }
        if (now != null) to.add(now);
    }

    private boolean goesOn(Run r, Body b) {
        double gap = b.from() - r.to;
        if (gap <= CROSSED) return true;
        if (gap > OPENED) return false;
        return opens(r.body, r.to, b.from());
    }

    /** Whether something is drawn in a gap that opens, or it is closed by jambs. */
    private boolean opens(Body b, double from, double to) {
        return isOpened(b, from, to) || to - from <= PLAIN && hasJambs(b, from, to) || isSpanned(b, from, to);
    }

    /** Whether lines run along within a gap from one end to the other: a window, whatever its lines were taken for. */
    private boolean isSpanned(Body b, double from, double to) {
        Point u = b.direction().along();
        int n = 0;
        for (int i : d.strokesNear(b.direction().at((from + to) / 2, b.middle()), b.thickness() / 2 + 0.02)) {
            if (!f.isLine().test(i) || !d.cleared().strokeShown(i) || !(d.curve(i) instanceof Curve.Straight s)
                || Math.abs(s.b().minus(s.a()).unit().cross(u)) > 0.03) continue;
            double p = u.dot(s.a()), q = u.dot(s.b());
            if (Math.abs(Math.min(p, q) - from) < SPANNED && Math.abs(Math.max(p, q) - to) < SPANNED) n++;
        }
        return n >= 2;
    }

    /** Whether doors or windows are drawn in a gap: a wide one they fill for the most part. */
    private boolean isOpened(Body b, double from, double to) {
        double step = Math.max(0.1, b.thickness() / 2);
        Point u = b.direction().along();
        Set<Integer> found = new HashSet<>();
        for (double x = from + step / 2; x < to; x += step)
            for (int i : d.strokesNear(b.direction().at(x, b.middle()), b.thickness() / 2 + 0.02)) if (f.opens().test(i)) found.add(i);
        if (found.isEmpty() || to - from <= LEAF) return !found.isEmpty();
        List<double[]> bare = List.of(new double[] {from, to});
        for (int i : found) {
            double least = Double.MAX_VALUE, most = -Double.MAX_VALUE;
            for (int k = 0; k <= PLACES; k++) {
                double at = u.dot(d.curve(i).at(k / (double) PLACES));
                least = Math.min(least, at);
                most = Math.max(most, at);
            }
            bare = Bodies.free(bare, List.of(new Faces.Stretch(least, most, List.of())));
        }
        return bare.stream().mapToDouble(f -> f[1] - f[0]).sum() < FILLED * (to - from);
    }

    /** Whether both sides of a gap are closed across. */
    private boolean hasJambs(Body b, double from, double to) {
        return isClosed(b, from) && isClosed(b, to);
    }

    private boolean isClosed(Body b, double at) {
        // what ends within another wall was drawn by itself, and is closed nowhere
        if (crossing.crosses(b.direction().at(at, b.middle()), b.direction(), b.thickness() / 2 + SPANNED)) return false;
        for (int i : d.strokesNear(b.direction().at(at, b.middle()), 0.02)) {
            if (!f.isSure().test(i) && !f.isPerhaps().test(i) || !(d.curve(i) instanceof Curve.Straight s)) continue;
            double turn = Angles.betweenLines(s.b().minus(s.a()).angle(), b.direction().along().angle());
            if (turn > Math.PI / 2 - 0.05 && Math.abs(s.length() - b.thickness()) < 0.02) return true;
        }
        return false;
    }

    /** How much of it is drawn, and how long it is for its thickness. */
    private static double confidence(Run r) {
        double share = r.drawn / (r.to - r.from), slender = Math.min(1, (r.to - r.from) / (4 * r.body.thickness()));
        double whole = r.layer > LAYERED * (r.to - r.from) ? OF_SEVERAL : 1;
        return whole * (0.6 + 0.26 * Math.min(1, share * 1.5) + 0.13 * slender);
    }

    private static double layer(Body b) {
        return b.isLayer() ? b.length() : 0;
    }

    private Wall wall(Piece p, double thickness, double confidence) {
        double t = Math.rint(thickness * 1000) / 1000;
        return new Wall(ElementId.fresh(), p, Side.CENTRE, Given.read(t, confidence), Stand.FLOOR, Top.NEXT, new Provenance(
            new Provenance.Way.Proposed(confidence), List.of()));
    }

    /** Ends that lie in or near another wall's body go to its middle. */
    private List<Wall> meeting(List<Wall> walls) {
        RoundEnds round = new RoundEnds(d, f.isLine(), walls);
        List<Wall> out = new ArrayList<>();
        for (Wall w : walls) {
            Piece p = w.reference();
            Wall now = p.isStraight() ? w.with(Piece.straight(end(w, p.a(), p.direction(0).times(-1), walls), end(w, p.b(), p.direction(0),
                walls))) : w.with(round.meeting(w));
            List<Support> on = Supports.ofWall(now, List.of(d));
            out.add(now.with(new Provenance(now.from().way(), on)));
        }
        return out;
    }

    private static Point end(Wall w, Point end, Point out, List<Wall> walls) {
        Point best = end;
        double least = Double.MAX_VALUE;
        for (Wall o : walls) {
            if (o == w) continue;
            Piece r = o.reference();
            double half = o.thickness().value() / 2 + REACH + w.thickness().value() / 2;
            Point u = r.unroll(end);
            if (Math.abs(u.y()) > half || u.x() < -half || u.x() > r.length() + half) continue;
            Point to;
            if (r.isStraight()) {
                double sin = out.cross(r.direction(0));
                if (Math.abs(sin) < 0.1) continue;
                to = end.plus(out.times(r.a().minus(end).cross(r.direction(0)) / sin));
            } else {
                Optional<Point> met = RoundEnds.onCircle(r.centre(), r.radius(), end, out);
                if (met.isEmpty()) continue;
                to = met.get();
            }
            // what is less sure may be taken for none yet
            double far = to.distance(end), less = Recognised.confidence(o) < OF_SEVERAL ? BEHIND : 0;
            if (far + less < least && far < 2 * half && to.minus(w.reference().at(w.length() / 2)).dot(out) > 0) {
                least = far + less;
                best = to;
            }
        }
        return best;
    }
}
