package brightlintel.recognise;

import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Areas;
import brightlintel.joint.Footprints;
import brightlintel.notation.Sketch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.DoubleStream;

/** A storey of which all is known, drawn in one of several manners. */
final class MadeStorey {
    /** What an office may do to a drawing; each alone, and all damages at once; and shapes of buildings. */
    enum Manner {
        MERGED, OUTLINE_EACH, LAYERED, LAYERS_APART, CAVITY, FACES_THROUGH, ONE_LAYER, LYING_LAYERS, BY_HAND, OVERSHOT, SHATTERED, FOREIGN, LEAF_BOX,
        MIRRORED, UNEVEN_BLOCKS, IN_BLOCK, AXES_BARE, COURT, WING, LAYERED_ONE, LAYERED_DAMAGED, COURT_ONE, WING_HAND, DAMAGED,
        PEN, PEN_ONE, LINES_BESIDE, FILLED, LEAF_ONLY, ARC_ONLY, HALF_OPEN, RECTANGLES, SOLIDS,
        HOUSE, HOUSE_ONE, HOUSE_DAMAGED, ODD, ODD_ONE, ROW, ROW_ONE, CORE, CORE_ONE, FRAMED, FRAMED_ONE, NO_JAMBS, NO_JAMBS_ONE, PASSAGES,
        PASSAGES_ONE, CAVITY_ONE, HATCHED, HATCHED_ONE, PANES_TWO, PANE_ONE, PANE_ONE_ONE, TWO_LEAVES, TWO_LEAVES_ONE, FRAMES, FRAMES_ONE
    }

    private static final Map<MadePlan.Shape, Set<Manner>> SHAPES = Map.of(
        MadePlan.Shape.COURT, EnumSet.of(Manner.COURT, Manner.COURT_ONE), MadePlan.Shape.WING, EnumSet.of(Manner.WING, Manner.WING_HAND),
        MadePlan.Shape.HOUSE, EnumSet.of(Manner.HOUSE, Manner.HOUSE_ONE, Manner.HOUSE_DAMAGED, Manner.NO_JAMBS, Manner.NO_JAMBS_ONE, Manner.PASSAGES,
            Manner.PASSAGES_ONE),
        MadePlan.Shape.ODD, EnumSet.of(Manner.ODD, Manner.ODD_ONE), MadePlan.Shape.ROW, EnumSet.of(Manner.ROW, Manner.ROW_ONE),
        MadePlan.Shape.CORE, EnumSet.of(Manner.CORE, Manner.CORE_ONE));

    private static final Set<Manner> ON_ONE_LAYER = EnumSet.of(Manner.ONE_LAYER, Manner.DAMAGED, Manner.LAYERED_ONE, Manner.LAYERED_DAMAGED, Manner.COURT_ONE, Manner.PEN_ONE,
            Manner.HOUSE_ONE, Manner.HOUSE_DAMAGED, Manner.ODD_ONE, Manner.ROW_ONE, Manner.CORE_ONE, Manner.FRAMED_ONE, Manner.NO_JAMBS_ONE, Manner.PASSAGES_ONE,
            Manner.CAVITY_ONE, Manner.HATCHED_ONE, Manner.PANE_ONE_ONE, Manner.TWO_LEAVES_ONE, Manner.FRAMES_ONE),
        LAYERED = EnumSet.of(Manner.LAYERED, Manner.LAYERED_ONE, Manner.LAYERED_DAMAGED, Manner.LAYERS_APART),
        IN_PIECES = EnumSet.of(Manner.OVERSHOT, Manner.SHATTERED, Manner.DAMAGED, Manner.LAYERED_DAMAGED, Manner.HOUSE_DAMAGED),
        BY_HAND = EnumSet.of(Manner.BY_HAND, Manner.WING_HAND),
        DAMAGED = EnumSet.of(Manner.DAMAGED, Manner.LAYERED_DAMAGED, Manner.HOUSE_DAMAGED),
        FRAMED = EnumSet.of(Manner.FRAMED, Manner.FRAMED_ONE), BARE = EnumSet.of(Manner.NO_JAMBS, Manner.NO_JAMBS_ONE),
        PASSAGES = EnumSet.of(Manner.PASSAGES, Manner.PASSAGES_ONE), CAVITIES = EnumSet.of(Manner.CAVITY, Manner.CAVITY_ONE),
        HATCHED = EnumSet.of(Manner.HATCHED, Manner.HATCHED_ONE), TWO_LEAVES = EnumSet.of(Manner.TWO_LEAVES, Manner.TWO_LEAVES_ONE),
        FRAMES = EnumSet.of(Manner.FRAMES, Manner.FRAMES_ONE),
        COLUMNED = EnumSet.of(Manner.CORE, Manner.CORE_ONE, Manner.FRAMED, Manner.FRAMED_ONE);
    private static final Set<Manner> BY_PIECE = EnumSet.of(Manner.PEN, Manner.PEN_ONE, Manner.LINES_BESIDE, Manner.RECTANGLES,
        Manner.SOLIDS);
    final MadePlan plan;
    final double turn;
    private final Random r;
    private final Manner m;

    MadeStorey(Manner m, long seed) {
        this.m = m;
        r = new Random(seed);
        turn = Math.toRadians(r.nextInt(4) == 0 ? r.nextInt(80) : 90 * r.nextInt(2));
        plan = new MadePlan(SHAPES.entrySet().stream().filter(e -> e.getValue().contains(m)).map(Map.Entry::getKey).findFirst()
            .orElse(MadePlan.Shape.CORRIDOR), r);
        if (FRAMED.contains(m)) frame();
    }

    private String layer(String usual) {
        if (ON_ONE_LAYER.contains(m)) return "0";
        return switch (m) {
            case LYING_LAYERS -> switch (usual) {
                case "WALLS" -> "FURNITURE";
                case "DOORS" -> "TEXTS";
                case "WINDOWS" -> "DOORS";
                default -> "WALLS";
            };
            case FOREIGN -> switch (usual) {
                case "WALLS" -> "Sciany";
                case "DOORS" -> "Drzwi";
                case "WINDOWS" -> "Okna";
                default -> "Meble";
            };
            default -> usual;
        };
    }

    /** In millimetres, turned about 0,0. */
    Sketch drawn() {
        Sketch s = new Sketch();
        if (m == Manner.UNEVEN_BLOCKS) s.line(0, 0, 1, 0).arc(0, 0, 1, 0, 90).asBlock("DOOR");
        s.on(layer("WALLS"));
        Footprints f = Footprints.of(plan.walls, Tolerances.BUILDING);
        List<Ring> cuts = new ArrayList<>(plan.holes.stream().filter(h -> h.door() || m != Manner.FACES_THROUGH).map(MadeStorey::cut).toList());
        if (FRAMED.contains(m)) for (Point p : plan.columns) cuts.add(square(p));
        List<Ring> all = new ArrayList<>();
        for (Wall w : plan.walls) all.addAll(f.of(w.id()));
        if (CAVITIES.contains(m)) for (Wall w : plan.walls.subList(0, 4)) cuts.add(cavity(w));
        if (BY_PIECE.contains(m)) for (Wall w : plan.walls) pieces(s, w);
        else if (m == Manner.FILLED) for (Ring ring : Areas.allEdges(all, cuts)) s.filled(flat(ring));
        else if (m == Manner.OUTLINE_EACH) for (Wall w : plan.walls) edges(s, Areas.allEdges(f.of(w.id()), cuts));
        else edges(s, Areas.allEdges(all, cuts));
        if (HATCHED.contains(m)) for (Wall w : plan.walls) hatch(s, w);
        if (LAYERED.contains(m)) for (Wall w : plan.walls.subList(0, 4)) finish(s, w);
        if (m == Manner.AXES_BARE) axes(s);
        if (COLUMNED.contains(m)) columns(s);
        for (MadePlan.Hole h : plan.holes) if (isPassage(h)) s.on(layer("WALLS"));
        else if (h.door()) door(s, h);
        else window(s, h);
        s.on(layer("FURNITURE"));
        for (int i = 0; i < 4; i++) box(s, 500 + 2500 * i, 900, 1400, 700);
        if (m == Manner.IN_BLOCK) return s.asBlock("PLAN").on("0").insert("PLAN", 0, 0, 1, 1, Math.toDegrees(turn));
        return s.turned(turn);
    }

    /** From opening to opening, with the width of the pen or as two lines of one entity. */
    private void pieces(Sketch s, Wall w) {
        double from = 0;
        double[] ends = ends(w);
        double t = 1000 * w.thickness().value();
        if (m == Manner.LINES_BESIDE) {
            double[] over = Arrays.stream(ends).map(x -> 1000 * x).toArray();
            Point a = w.middle(0).times(1000), b = w.middle(w.length()).times(1000);
            s.lines(t, new double[] {a.x(), a.y(), b.x(), b.y()}, over);
            for (double x : ends) across(s, w, x);
            return;
        }
        for (int i = 0; i <= ends.length; i += 2) {
            double to = i < ends.length ? ends[i] : w.length();
            Point a = w.middle(from).times(1000), b = w.middle(to).times(1000);
            Point n = b.minus(a).unit().left().times(t / 2), p = a.plus(n), q = a.minus(n), k = b.minus(n), l = b.plus(n);
            if (m == Manner.RECTANGLES) s.polyline(true, p.x(), p.y(), q.x(), q.y(), k.x(), k.y(), l.x(), l.y());
            else if (m == Manner.SOLIDS) s.solid(p.x(), p.y(), q.x(), q.y(), k.x(), k.y(), l.x(), l.y());
            else s.polyline(false, a.x(), a.y(), b.x(), b.y()).wide(t);
            from = i < ends.length ? ends[i + 1] : 0;
        }
    }

    /** Lines askew from edge to edge of each piece between openings. */
    private void hatch(Sketch s, Wall w) {
        s.on(layer("HATCH"));
        double from = 0, t = w.thickness().value() / 2;
        double[] ends = ends(w);
        for (int i = 0; i <= ends.length; i += 2) {
            double to = i < ends.length ? ends[i] : w.length();
            List<Point> quad = List.of(w.reference().at(from, -t), w.reference().at(to, -t), w.reference().at(to, t), w.reference().at(from, t));
            Point u = Point.polar(Math.PI / 4, 1), n = u.left();
            double least = quad.stream().mapToDouble(n::dot).min().orElse(0), most = quad.stream().mapToDouble(n::dot).max().orElse(0);
            for (double off = 0.08 * Math.ceil(least / 0.08); off < most; off += 0.08) {
                double lo = Double.MAX_VALUE, hi = -Double.MAX_VALUE;
                for (int k = 0; k < 4; k++) {
                    Point a = quad.get(k), b = quad.get((k + 1) % 4);
                    double p = n.dot(a) - off, q = n.dot(b) - off;
                    if (p * q >= 0) continue;
                    double at = u.dot(a.towards(b, p / (p - q)));
                    lo = Math.min(lo, at);
                    hi = Math.max(hi, at);
                }
                if (hi - lo < 0.01) continue;
                Point a = u.times(lo).plus(n.times(off)).times(1000), b = u.times(hi).plus(n.times(off)).times(1000);
                s.line(a.x(), a.y(), b.x(), b.y());
            }
            from = i < ends.length ? ends[i + 1] : 0;
        }
        s.on(layer("WALLS"));
    }

    /** Of openings in a wall, in order. */
    private double[] ends(Wall w) {
        return plan.holes.stream().filter(h -> h.in() == w).sorted((a, b) -> Double.compare(a.along(), b.along()))
            .flatMapToDouble(h -> DoubleStream.of(h.along() - h.width() / 2, h.along() + h.width() / 2)).toArray();
    }

    private static void across(Sketch s, Wall w, double at) {
        double t = w.thickness().value() / 2;
        Point p = w.reference().at(at, -t).times(1000), q = w.reference().at(at, t).times(1000);
        s.line(p.x(), p.y(), q.x(), q.y());
    }

    private static double[] flat(Ring ring) {
        double[] xy = new double[2 * ring.corners().size()];
        for (int i = 0; i < ring.corners().size(); i++) {
            xy[2 * i] = 1000 * ring.corners().get(i).x();
            xy[2 * i + 1] = 1000 * ring.corners().get(i).y();
        }
        return xy;
    }

    /** What lies between two leaves of a wall, ends of it left whole. */
    private static Ring cavity(Wall w) {
        Piece p = w.reference();
        return new Ring(List.of(p.at(0.15, 0.02), p.at(w.length() - 0.15, 0.02), p.at(w.length() - 0.15, -0.04), p.at(0.15, -0.04)));
    }

    /** Columns in the outer walls, flush with their inner faces, and at their corners: faces end at them. */
    private void frame() {
        plan.columns.clear();
        for (Wall w : plan.walls.subList(0, 4)) {
            plan.columns.add(w.reference().at(0.05, 0.05));
            for (Wall o : plan.walls) {
                Point u = w.reference().unroll(o.reference().a()), k = w.reference().unroll(o.reference().b());
                for (Point p : List.of(u, k)) if (Math.abs(p.y()) < 0.01 && p.x() > 0.5 && p.x() < w.length() - 0.5)
                    plan.columns.add(w.reference().at(p.x(), 0.05));
            }
        }
    }

    private static Ring square(Point p) {
        double h = MadePlan.COLUMN / 2 + 0.05;
        return new Ring(List.of(p.plus(new Point(-h, -h)), p.plus(new Point(h, -h)), p.plus(new Point(h, h)), p.plus(new Point(-h, h))));
    }

    /** Every third door is an opening in which nothing is drawn. */
    boolean isPassage(MadePlan.Hole h) {
        return PASSAGES.contains(m) && h.door() && plan.holes.indexOf(h) % 3 == 0;
    }

    /** Whether what was found is of the kind that was drawn. */
    boolean isAs(Opening o, MadePlan.Hole h) {
        return isPassage(h) ? o.filling() instanceof Opening.Filling.Empty : o.filling() instanceof Opening.Filling.Door == h.door();
    }

    private void columns(Sketch s) {
        s.on(layer("COLUMNS"));
        double c = 1000 * (FRAMED.contains(m) ? MadePlan.COLUMN + 0.1 : MadePlan.COLUMN);
        for (Point p : plan.columns) box(s, 1000 * p.x() - c / 2, 1000 * p.y() - c / 2, c, c);
        s.on(layer("WALLS"));
    }

    /** Lines without bubbles or names, and columns where they cross. */
    private void axes(Sketch s) {
        columns(s);
        s.on("AXES");
        for (MadePlan.Axis x : plan.axes) s.line(1000 * x.a().x(), 1000 * x.a().y(), 1000 * x.b().x(), 1000 * x.b().y());
        s.on(layer("WALLS"));
    }

    private static Ring cut(MadePlan.Hole h) {
        Piece p = h.in().reference();
        double a = h.along() - h.width() / 2, b = h.along() + h.width() / 2, t = h.in().thickness().value() / 2 + 0.05;
        return new Ring(List.of(p.at(a, -t), p.at(b, -t), p.at(b, t), p.at(a, t)));
    }

    private void edges(Sketch s, List<Ring> rings) {
        for (Ring ring : rings) {
            List<Point> c = ring.corners().stream().map(p -> p.times(1000)).map(this::shaken).toList();
            boolean lines = IN_PIECES.contains(m) || BARE.contains(m);
            if (!lines) {
                double[] xy = new double[2 * c.size()];
                for (int i = 0; i < c.size(); i++) {
                    xy[2 * i] = c.get(i).x();
                    xy[2 * i + 1] = c.get(i).y();
                }
                s.polyline(true, xy);
            } else for (int i = 0; i < c.size(); i++)
                if (!BARE.contains(m) || !isJamb(ring.corners().get(i), ring.corners().get((i + 1) % c.size()))) line(s, c.get(i), c.get((i + 1) % c.size()));
        }
    }

    private boolean isJamb(Point a, Point b) {
        Point p = a.towards(b, 0.5);
        return plan.holes.stream().anyMatch(h -> Math.abs(h.at().distance(p) - h.width() / 2) < 0.01);
    }

    private Point shaken(Point p) {
        double by = BY_HAND.contains(m) ? 10 : DAMAGED.contains(m) ? 1.5 : 0;
        return p.plus(new Point(by * (2 * r.nextDouble() - 1), by * (2 * r.nextDouble() - 1)));
    }

    private void line(Sketch s, Point a, Point b) {
        Point u = b.minus(a).unit();
        double over = m == Manner.SHATTERED || BARE.contains(m) ? 0 : a.distance(b) > 600 ? 6 : 0;
        Point p = a.minus(u.times(over)), q = b.plus(u.times(over));
        if (m == Manner.OVERSHOT || BARE.contains(m) || p.distance(q) < 700) {
            s.line(p.x(), p.y(), q.x(), q.y());
            return;
        }
        // in pieces, with gaps of millimetres, one of them twice
        double cut = 0.3 + 0.4 * r.nextDouble();
        Point k = p.towards(q, cut), next = k.plus(u.times(4));
        s.line(p.x(), p.y(), k.x(), k.y()).line(next.x(), next.y(), q.x(), q.y());
        if (r.nextInt(3) == 0) s.line(next.x(), next.y(), q.x(), q.y());
    }

    /** Two lines along in the wall, as plaster and insulation are drawn. */
    private void finish(Sketch s, Wall w) {
        if (m == Manner.LAYERS_APART) s.on("INSULATION");
        for (double off : new double[] {-w.thickness().value() / 2 + 0.02, 0.06}) {
            double from = 0.2;
            for (MadePlan.Hole h : plan.holes.stream().filter(x -> x.in() == w).sorted((a, b) -> Double.compare(a.along(), b.along())).toList()) {
                along(s, w, from, h.along() - h.width() / 2, off);
                from = h.along() + h.width() / 2;
            }
            along(s, w, from, w.length() - 0.2, off);
        }
        s.on(layer("WALLS"));
    }

    private static void along(Sketch s, Wall w, double from, double to, double off) {
        Point a = w.reference().at(from, off).times(1000), b = w.reference().at(to, off).times(1000);
        s.line(a.x(), a.y(), b.x(), b.y());
    }

    private void window(Sketch s, MadePlan.Hole h) {
        s.on(layer("WINDOWS"));
        double t = h.in().thickness().value() / 2, a = h.along() - h.width() / 2, b = h.along() + h.width() / 2;
        for (double off : panes(t)) along(s, h.in(), a, b, off);
        if (m == Manner.FACES_THROUGH) for (double x : new double[] {a, b}) {
            Point p = h.in().reference().at(x, -t).times(1000), q = h.in().reference().at(x, t).times(1000);
            s.line(p.x(), p.y(), q.x(), q.y());
        }
        s.on(layer("WALLS"));
    }

    private double[] panes(double t) {
        return switch (m) {
            case FACES_THROUGH -> new double[] {-0.03, 0.03};
            case PANES_TWO -> new double[] {-t, t};
            case PANE_ONE, PANE_ONE_ONE -> new double[] {0.05};
            default -> new double[] {-t, -0.02, 0.02, t};
        };
    }

    /** Frames of doors, six centimetres wide, on both sides of what is clear. */
    private void frames(Sketch s, MadePlan.Hole h) {
        double t = h.in().thickness().value() / 2 + 0.01;
        for (int side : new int[] {-1, 1}) {
            double x = h.along() + side * h.width() / 2, y = x - side * 0.05;
            double[] xy = new double[8];
            int i = 0;
            for (Point p : List.of(h.in().reference().at(x, -t), h.in().reference().at(y, -t), h.in().reference().at(y, t), h.in().reference().at(x, t))) {
                xy[i++] = 1000 * p.x();
                xy[i++] = 1000 * p.y();
            }
            s.polyline(true, xy);
        }
    }

    private void door(Sketch s, MadePlan.Hole h) {
        s.on(layer("DOORS"));
        if (FRAMES.contains(m)) frames(s, h);
        if (TWO_LEAVES.contains(m)) {
            for (boolean far : new boolean[] {true, false}) leaf(s, h, far);
            s.on(layer("WALLS"));
            return;
        }
        boolean far = r.nextBoolean(), left = r.nextBoolean();
        double t = h.in().thickness().value() / 2 * (left ? 1 : -1), a = h.along() - h.width() / 2, b = h.along() + h.width() / 2;
        Point hinge = h.in().reference().at(far ? b : a, t).times(1000), shut = h.in().reference().at(far ? a : b, t).times(1000), u = shut.minus(hinge);
        Point open = hinge.plus((far == left ? u.left().times(-1) : u.left()).times(1));
        if (m == Manner.UNEVEN_BLOCKS) {
            // a leaf of one, drawn out along the wall and out of it by figures of their own
            double w = u.length() * (hingeTurns(u, open.minus(hinge)) ? 1 : -1), deep = u.length() * (0.72 + 0.06 * r.nextInt(8));
            s.insert("DOOR", hinge.x(), hinge.y(), deep, w, Math.toDegrees(open.minus(hinge).angle()));
            s.on(layer("WALLS"));
            return;
        }
        if (m == Manner.HALF_OPEN) {
            Point half = hinge.plus(open.minus(hinge).plus(u).unit().times(u.length()));
            double a0 = Math.toDegrees(half.minus(hinge).angle()), a1 = Math.toDegrees(u.angle());
            boolean left2 = Math.floorMod((long) Math.rint(a1 - a0), 360) < 180;
            s.line(hinge.x(), hinge.y(), half.x(), half.y()).arc(hinge.x(), hinge.y(), u.length(), left2 ? a0 : a1, left2 ? a1 : a0);
            s.on(layer("WALLS"));
            return;
        }
        if (m == Manner.LEAF_BOX) {
            Point n = u.unit().times(40);
            s.polyline(true, hinge.x(), hinge.y(), open.x(), open.y(), open.x() + n.x(), open.y() + n.y(), hinge.x() + n.x(), hinge.y() + n.y());
        } else if (m != Manner.ARC_ONLY) s.line(hinge.x(), hinge.y(), open.x(), open.y());
        if (m == Manner.LEAF_ONLY) {
            s.on(layer("WALLS"));
            return;
        }
        double from = Math.toDegrees(open.minus(hinge).angle()), to = Math.toDegrees(u.angle());
        boolean ccw = Math.floorMod((long) Math.rint(to - from), 360) == 90;
        if (m == Manner.MIRRORED) chords(s, hinge, u.length(), ccw ? from : to, 90);
        else s.arc(hinge.x(), hinge.y(), u.length(), ccw ? from : to, ccw ? to : from);
        s.on(layer("WALLS"));
    }

    /** One of two that shut against each other, to the left of the wall. */
    private static void leaf(Sketch s, MadePlan.Hole h, boolean far) {
        double t = h.in().thickness().value() / 2, half = h.width() / 2;
        Point hinge = h.in().reference().at(h.along() + (far ? half : -half), t).times(1000), shut = h.in().reference().at(h.along(), t).times(1000),
            u = shut.minus(hinge), open = hinge.plus(far ? u.left().times(-1) : u.left());
        s.line(hinge.x(), hinge.y(), open.x(), open.y());
        double a = Math.toDegrees(open.minus(hinge).angle()), b = Math.toDegrees(u.angle());
        s.arc(hinge.x(), hinge.y(), u.length(), far ? a : b, far ? b : a);
    }

    /** Whether the way that a leaf shuts goes to the left of where it stands open. */
    private static boolean hingeTurns(Point shut, Point open) {
        return open.cross(shut) > 0;
    }

    /** An arc as an old program writes it: chords of one line. */
    private static void chords(Sketch s, Point c, double radius, double from, double sweep) {
        int n = 9;
        double[] xy = new double[2 * (n + 1)];
        for (int i = 0; i <= n; i++) {
            double w = Math.toRadians(from + sweep * i / n);
            xy[2 * i] = c.x() + radius * Math.cos(w);
            xy[2 * i + 1] = c.y() + radius * Math.sin(w);
        }
        s.polyline(false, xy);
    }

    private static void box(Sketch s, double x, double y, double w, double d) {
        s.polyline(true, x, y, x + w, y, x + w, y + d, x, y + d);
    }


    boolean hasAxes() {
        return m == Manner.AXES_BARE;
    }

    boolean hasColumns() {
        return hasAxes() || COLUMNED.contains(m);
    }
}
