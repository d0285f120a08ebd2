package brightlintel.demo;

import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Areas;
import brightlintel.joint.Footprints;
import brightlintel.read.DrawingReader;
import brightlintel.solid.Solids;
import brightlintel.write.dwg.DwgWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** The drawings of the club as they arrive, faults included. The same bytes each time. */
public final class HeronQuayDrawings {
    /** Metres: by which some walls of the upper storey end before their corner, and how long one of those is at least. */
    private static final double GAP = 0.003, SHORTENED = 1;
    private HeronQuayDrawings() { }

    /** Millimetres without saying so, 212 km from the origin, turned 11.5 degrees; furniture, boats, hatches, a frozen junk layer. */
    public static String ground() {
        HeronQuay.Plan plan = HeronQuay.ground();
        Affine map = Affine.scale(1000, 1000).then(Affine.turn(HeronQuay.GROUND_TURN)).then(Affine.move(HeronQuay.GROUND_AT));
        DxfSketch s = new DxfSketch().map(map);
        s.header("$MEASUREMENT", "70\n1");
        s.layer("0", 7, 0).layer("A-WALL", 7, 0).layer("A-DOOR", 30, 0).layer("A-GLAZ", 4, 0).layer("S-GRID", 1, 0)
            .layer("A-AREA-IDEN", 3, 0).layer("A-ANNO-DIMS", 2, 0)
            .layer("I-FURN", 8, 0).layer("BOATS 2019", 5, 0).layer("A-FLOR-PATT", 9, 0).layer("P-FIXT", 6, 0).layer("A-STRS", 8, 0)
            .layer("G-ANNO-TTLB", 7, 4).layer("XX-OLD-SURVEY", 1, 1)
            .layer("X-REF-NOTES", -3, 0);
        s.lineType("AXIS", "S-GRID", 900, -120, 60, -120).lineType("SHORT-DASH", "A-STRS", 120, -60);
        blocks(s);
        walls(s, plan, 0, _ -> "A-WALL");
        openings(s, plan);
        grid(s);
        stair(s);
        for (double x : new double[] {1.3, 2.6, 3.9, 5.2, 6.5, 9.3, 10.6, 11.9, 13.2})
            s.insert("BOATS 2019", "BOAT-8", new Point(x, 7.5), 1, 1, 0);
        for (double y : new double[] {4.5, 7.5, 10.5}) {
            s.line("I-FURN", new Point(0.6, y), new Point(7.4, y));
            s.line("I-FURN", new Point(8.6, y), new Point(14.4, y));
        }
        for (int i = 0; i < 4; i++) {
            s.insert("I-FURN", "BENCH", new Point(15.5, 11.8 - i * 1.4), 1, 1, 0);
            s.insert("P-FIXT", "BASIN", new Point(22.9, 12.8 - i), i % 2 == 0 ? 1 : -1, 1, 0);
        }
        s.polyline("I-FURN", true, box(16, 2.7, 19, 3.6));
        label(s, 4, 7.0, "Boat bay 1");
        label(s, 11.5, 7.0, "Boat bay 2");
        label(s, 19.5, 1.6, "Workshop");
        label(s, 17.1, 8.6, "Changing A");
        label(s, 21.4, 10.6, "Changing B");
        label(s, 18.2, 5.7, "Corridor");
        s.hatch("A-FLOR-PATT", box(15.2, 0.2, 23.8, 4.9), "ANSI31");
        s.hatch("A-FLOR-PATT", box(0.2, 0.2, 7.85, 13.8), "SOLID");
        dimensions(s);
        junk(s, "XX-OLD-SURVEY", 240);
        s.line("0", new Point(-400, 900), new Point(-380, 905));
        s.text("0", new Point(-402, 890), 0.4, 0, "see sheet 2", false);
        return s.toString();
    }

    /** The ground floor in the form in which it arrives. */
    public static byte[] groundDwg() throws IOException {
        Path text = Files.createTempFile("ground-", ".dxf");
        try {
            Files.writeString(text, ground());
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            DwgWriter.write(DrawingReader.look(text, ReadLimits.DEFAULT, Progress.NONE), out);
            return out.toByteArray();
        } finally {
            Files.delete(text);
        }
    }

    /** Metres, but the header says inches; own origin; walls partly on layer 0, doubled strokes, small gaps. */
    public static String upper() {
        HeronQuay.Plan plan = HeronQuay.upper();
        DxfSketch s = new DxfSketch().map(Affine.move(HeronQuay.UPPER_AT));
        s.header("$INSUNITS", "70\n1").header("$MEASUREMENT", "70\n0");
        s.layer("0", 7, 0).layer("WALLS", 7, 0).layer("OPENINGS", 30, 0).layer("GRID", 1, 0).layer("TEXT", 3, 0).layer("DIM", 2, 0)
            .layer("FURNITURE", 8, 0).layer("STAIR", 8, 0);
        s.lineType("AXIS", "GRID", 0.9, -0.12, 0.06, -0.12);
        doorBlock(s);
        Random r = new Random(19);
        walls(s, plan, GAP, _ -> r.nextInt(3) == 0 ? "0" : "WALLS");
        Random doubled = new Random(7);
        for (Piece p : outlines(plan)) if (p.length() > 0.5 && doubled.nextInt(4) == 0) s.piece("WALLS", p.part(0, p.length() * 0.8));
        for (Opening o : plan.openings()) opening(s, o, plan, "OPENINGS", "OPENINGS");
        for (int i = 1; i < HeronQuay.LETTERS.length; i++)
            s.line("GRID", new Point(HeronQuay.LETTERS[i], -1), new Point(HeronQuay.LETTERS[i], 15.7));
        for (double y : HeronQuay.FIGURES) s.line("GRID", new Point(6.7, y), new Point(26.6, y));
        stairOn(s, "STAIR");
        for (int i = 0; i < 5; i++)
            for (int k = 0; k < 3; k++) {
                Point c = new Point(9.6 + k * 2.4, 2.2 + i * 2.4);
                s.circle("FURNITURE", c, 0.45);
                for (int n = 0; n < 4; n++) s.polyline("FURNITURE", true, square(c.plus(Point.polar(n * Math.PI / 2, 0.75)), 0.2));
            }
        s.polyline("FURNITURE", true, box(17.3, 13.0, 23.6, 13.65));
        s.polyline("FURNITURE", true, box(21.5, 1.2, 23.3, 2.0));
        s.spline("FURNITURE", List.of(new Point(2, 2), new Point(4, 1.5), new Point(6, 3), new Point(5.5, 6), new Point(3, 7),
            new Point(2, 9)));
        text(s, 12.5, 7.1, "Club room");
        text(s, 20.5, 11.2, "Kitchen");
        text(s, 20.5, 1.9, "Office");
        text(s, 20.5, 6.3, "Landing");
        text(s, 4, 7, "Terrace");
        s.polyline("0", false, List.of(new Point(8, 0), new Point(0, 0), new Point(0, 14), new Point(8, 14)));
        s.dimension("DIM", new Point(8, 0), new Point(15, 0), -1.6, "7.00");
        s.dimension("DIM", new Point(15, 0), new Point(24, 0), -1.6, "9.00");
        s.dimension("DIM", new Point(8, 0), new Point(24, 0), -2.7, "16.00");
        return s.toString();
    }

    private interface LayerOf {
        String of(Piece p);
    }

    private static void text(DxfSketch s, double x, double y, String t) {
        s.text("TEXT", new Point(x, y), 0.25, 0, t, true);
    }

    private static void label(DxfSketch s, double x, double y, String t) {
        s.mtext("A-AREA-IDEN", new Point(x, y), 0.25, t + "\\P{\\H0.7x;floor: screed}");
    }

    private static List<Point> box(double x0, double y0, double x1, double y1) {
        return List.of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1));
    }

    private static List<Point> square(Point c, double half) {
        return box(c.x() - half, c.y() - half, c.x() + half, c.y() + half);
    }

    /** Faces and jambs as a draughtsman leaves them: the outline of all walls with the openings cut out. */
    static List<Piece> outlines(HeronQuay.Plan plan) {
        Footprints f = Footprints.of(plan.walls(), Tolerances.BUILDING);
        List<Ring> holes = new ArrayList<>();
        for (Opening o : plan.openings()) {
            Wall w = plan.walls().stream().filter(x -> x.id().equals(o.wall())).findFirst().orElseThrow();
            holes.add(Solids.openingGround(o, w, -w.right() - 0.01, w.left() + 0.01, Tolerances.BUILDING));
        }
        List<Piece> out = new ArrayList<>();
        for (Ring r : Areas.allEdges(f.all().values().stream().flatMap(List::stream).toList(), holes)) {
            List<Point> p = r.corners();
            for (int i = 0; i < p.size(); i++) out.add(Piece.straight(p.get(i), p.get((i + 1) % p.size())));
        }
        return out;
    }

    /** The chords of the bay become true arcs again. */
    /** @param shortened metres by which some of them end before their corner */
    private static void walls(DxfSketch s, HeronQuay.Plan plan, double shortened, LayerOf layer) {
        int n = 0;
        Point c = new Point(24, 5.6);
        double inner = 2.2 - HeronQuay.OUTER / 2, outer = 2.2 + HeronQuay.OUTER / 2;
        double[] lo = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY}, hi = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (Piece p : outlines(plan)) {
            int ring = onCircle(p, c, inner) ? 0 : onCircle(p, c, outer) ? 1 : -1;
            if (ring < 0) s.piece(layer.of(p), shortened > 0 && p.length() > SHORTENED && n++ % 5 == 4 ? p.part(0,
                p.length() - shortened) : p);
            else for (Point q : List.of(p.a(), p.b())) {
                double a = q.minus(c).angle();
                lo[ring] = Math.min(lo[ring], a);
                hi[ring] = Math.max(hi[ring], a);
            }
        }
        for (int i = 0; i < 2; i++) if (hi[i] > lo[i]) s.arc(layer.of(null), c, i == 0 ? inner : outer, lo[i], hi[i]);
    }

    private static boolean onCircle(Piece p, Point c, double r) {
        return p.length() < 0.3 && Math.abs(p.a().distance(c) - r) < 1e-3 && Math.abs(p.b().distance(c) - r) < 1e-3;
    }

    private static void openings(DxfSketch s, HeronQuay.Plan plan) {
        for (Opening o : plan.openings()) opening(s, o, plan, "A-DOOR", "A-GLAZ");
    }

    private static void opening(DxfSketch s, Opening o, HeronQuay.Plan plan, String doors, String glass) {
        Wall w = plan.walls().stream().filter(x -> x.id().equals(o.wall())).findFirst().orElseThrow();
        Point d = w.reference().direction(o.along());
        switch (o.filling()) {
            case Opening.Filling.Window _ -> {
                for (double off : new double[] {-w.right(), w.left(), -0.03, 0.03})
                    s.line(glass, w.reference().at(o.start(), off), w.reference().at(o.end(), off));
            }
            case Opening.Filling.Door(boolean far, boolean left, Opening.Filling.Way _) -> {
                Point hinge = w.reference().at(far ? o.end() : o.start(), left ? w.left() : -w.right());
                s.insert(doors, "DOOR", hinge, (far ? -1 : 1) * o.width().value(), (left ? 1 : -1) * o.width().value(), d.angle());
            }
            case Opening.Filling.Glazed _, Opening.Filling.Empty _ -> {
                for (double off : new double[] {-w.right(), w.left()})
                    s.line(doors, w.reference().at(o.start(), off), w.reference().at(o.end(), off));
            }
        }
    }

    /** One unit wide: hinge at 0,0, closed leaf along x, open leaf along y. */
    private static void doorBlock(DxfSketch s) {
        s.beginBlock("DOOR");
        s.line("0", Point.ORIGIN, new Point(0, 1));
        s.arc("0", Point.ORIGIN, 1, 0, Math.PI / 2);
        s.endBlock();
    }

    private static void blocks(DxfSketch s) {
        doorBlock(s);
        s.beginBlock("BOAT-8");
        s.spline("0", List.of(new Point(0, -4.5), new Point(0.45, -2), new Point(0.45, 2), new Point(0, 4.5)));
        s.spline("0", List.of(new Point(0, -4.5), new Point(-0.45, -2), new Point(-0.45, 2), new Point(0, 4.5)));
        for (int i = -3; i <= 4; i++) s.line("0", new Point(-0.3, i - 0.5), new Point(0.3, i - 0.5));
        s.endBlock();
        s.beginBlock("BENCH");
        s.polyline("0", true, box(0, 0, 0.5, 1.1));
        s.endBlock();
        s.beginBlock("TAP");
        s.circle("0", Point.ORIGIN, 0.03);
        s.endBlock();
        s.beginBlock("BASIN");
        s.circle("0", Point.ORIGIN, 0.22);
        s.insert("0", "TAP", new Point(0.15, 0), 1, 1, 0);
        s.endBlock();
    }

    private static void grid(DxfSketch s) {
        for (int i = 0; i < HeronQuay.LETTERS.length; i++) {
            double x = HeronQuay.LETTERS[i];
            s.line("S-GRID", new Point(x, 15.7), new Point(x, -1));
            bubble(s, new Point(x, 16.1), Character.toString('A' + i));
        }
        for (int i = 0; i < HeronQuay.FIGURES.length; i++) {
            double y = HeronQuay.FIGURES[i];
            s.line("S-GRID", new Point(-1.3, y), new Point(26.6, y));
            bubble(s, new Point(-1.7, y), Integer.toString(i + 1));
        }
    }

    private static void bubble(DxfSketch s, Point c, String label) {
        s.unbroken(() -> s.circle("S-GRID", c, 0.4));
        s.text("S-GRID", c, 0.35, 0, label, true);
    }

    private static void stair(DxfSketch s) {
        stairOn(s, "A-STRS");
    }

    private static void stairOn(DxfSketch s, String layer) {
        Point c = new Point(24, 5.6);
        for (int i = 1; i < 10; i++) {
            double a = -Math.PI / 2 + i * Math.PI / 10;
            s.line(layer, c.plus(Point.polar(a, 0.5)), c.plus(Point.polar(a, 2.02)));
        }
        s.arc(layer, c, 0.5, -Math.PI / 2, Math.PI / 2);
    }

    private static void dimensions(DxfSketch s) {
        for (int i = 0; i + 1 < HeronQuay.LETTERS.length; i++) {
            double a = HeronQuay.LETTERS[i], b = HeronQuay.LETTERS[i + 1];
            s.dimension("A-ANNO-DIMS", new Point(a, 0), new Point(b, 0), -1.6, Long.toString(Math.round((b - a) * 1000)));
        }
        s.dimension("A-ANNO-DIMS", new Point(0, 0), new Point(24, 0), -2.7, "24000");
    }

    private static void junk(DxfSketch s, String layer, int n) {
        Random r = new Random(3);
        for (int i = 0; i < n; i++) {
            Point a = new Point(r.nextDouble() * 40 - 8, r.nextDouble() * 30 - 8);
            s.line(layer, a, a.plus(Point.polar(r.nextDouble() * 7, r.nextDouble() * 4)));
        }
    }
}
