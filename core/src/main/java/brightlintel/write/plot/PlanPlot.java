package brightlintel.write.plot;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Site;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.drawing.Entity;
import brightlintel.drawing.FillMark;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Enclosures;
import brightlintel.joint.Footprints;
import brightlintel.joint.SlabOutline;
import brightlintel.joint.Wells;
import brightlintel.place.PlacedDrawing;
import brightlintel.solid.DoorPlan;
import brightlintel.solid.PlanLines;
import brightlintel.solid.Solids;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** The plan of a storey on a sheet: what is shown of its drawings thin and grey, the model over it, grid, scale bar, north and title. */
public final class PlanPlot {
    /** What is plotted. */
    public enum What { PLAN, BASE_PLAN }

    private static final String SLABS = "slabs", WALLS = "walls", OPENINGS = "openings", COLUMNS = "columns", ROOMS = "rooms",
        STAIRS = "stairs", ROOFS = "roofs", ZONES = "zones", OUTLINES = "outlines",
        GRID = "grid", SHEET = "sheet";
    private static final int INK = 0x000000, GREY = 0x8C948F, PALE = 0xE9E9E4, WHITE = 0xFFFFFF, PLUM = 0x6B4C7A;
    private static final double THIN = 0.13, FINE = 0.18, MIDDLE = 0.25, FRAME = 0.35, MM = 1000;
    private static final double BUBBLE = 4, LETTER = 2.5, TITLE = 4;
    private static final List<Double> AXIS = List.of(8.0, 1.5, 1.0, 1.5);
    private final Sheet sheet;
    private final Affine toSheet;
    private final Set<String> layers = new LinkedHashSet<>();
    private final List<Plot.Item> items = new ArrayList<>();

    private PlanPlot(Sheet sheet, Box plan) {
        this.sheet = sheet;
        double k = MM / sheet.denominator();
        Point middle = plan.isEmpty() ? Point.ORIGIN : plan.centre(), room = sheet.room().centre();
        toSheet = Affine.move(-middle.x(), -middle.y()).then(Affine.scale(k, k)).then(Affine.move(room));
    }

    /** @param plan the box of all that is to be seen, metres: it is set in the middle of the sheet */
    public static Plot of(Project p, StoreyId on, List<PlacedDrawing> drawings, Sheet sheet, What what, Box plan) {
        PlanPlot plot = new PlanPlot(sheet, plan);
        for (PlacedDrawing d : drawings) plot.underlay(d, what == What.PLAN);
        if (what == What.PLAN) {
            plot.model(p, on);
            plot.grid(p, on);
        }
        String storey = p.storey(on).map(Storey::name).orElse("");
        plot.strip(p.name(), storey, p.site());
        return new Plot(sheet, p.name() + " – " + storey, List.copyOf(plot.layers), plot.items);
    }

    private String layer(String name) {
        layers.add(name);
        return name;
    }

    private void add(Plot.Item i) {
        layer(i.layer());
        items.add(i);
    }

    private void stroke(String layer, List<Curve> chain, boolean closed, Plot.Pen pen) {
        add(new Plot.Stroke(layer, chain, closed, pen));
    }

    // ---- drawings

    /** Only what lies on the sheet. */
    private void underlay(PlacedDrawing d, boolean faint) {
        Strokes s = d.strokes();
        Affine map = d.toBuilding().then(toSheet);
        Box room = sheet.room();
        fills(d, map, room, faint);
        for (int i = 0; i < s.size(); i++) {
            // what is filled is painted by its ground
            if (!d.cleared().strokeShown(i) || s.entityOf(i) instanceof Entity.Hatch || s.widthOf(i) > 0) continue;
            Curve whole = s.curveOf(i).mapped(map);
            if (!boxOf(whole).meets(room)) continue;
            double[] parts = d.cleared().strokeCut(i) ? d.cleared().stretches(i) : new double[] {0, 1};
            Strokes.Dashing dashing = s.dashingOf(i);
            List<Double> dashes = dashing == null ? List.of() : dashing.type().dashes().stream()
                .map(x -> Math.max(0.05, Math.abs(x.length()) * dashing.scale() * map.meanScale())).toList();
            Plot.Pen pen = new Plot.Pen(THIN, faint ? GREY : s.colourOf(i), dashes.size() % 2 == 0 ? dashes : List.of());
            for (int k = 0; k < parts.length; k += 2)
                stroke(s.layers().get(s.layerOf(i)).name(),
                    List.of(parts[k] == 0 && parts[k + 1] == 1 ? whole : whole.part(parts[k], parts[k + 1])),
                    false, pen);
        }
        for (int i = 0; i < s.texts().size(); i++) if (d.cleared().textShown(i)) text(s.texts().get(i), s, map, room, faint);
    }

    private void fills(PlacedDrawing d, Affine map, Box room, boolean faint) {
        Strokes s = d.strokes();
        for (int i = 0; i < s.fills().size(); i++) {
            FillMark f = s.fills().get(i);
            if (!d.cleared().fillShown(i) || !f.box().mapped(map).meets(room)) continue;
            String layer = s.layers().get(f.layer()).name();
            int rgb = faint ? PALE : f.colour();
            if (f.lines().length == 0) {
                add(new Plot.Fill(layer, f.outlines().stream().map(r -> r.stream().map(c -> c.mapped(map)).toList()).toList(), rgb));
                continue;
            }
            for (int k = 0; k < f.lines().length; k += 4)
                stroke(layer, List.of(new Curve.Straight(map.apply(f.lines()[k], f.lines()[k + 1]),
                    map.apply(f.lines()[k + 2], f.lines()[k + 3]))), false,
                    Plot.Pen.of(THIN, faint ? GREY : f.colour()));
        }
    }

    private static Box boxOf(Curve c) {
        Box b = Box.EMPTY;
        for (int i = 0; i <= 8; i++) b = b.with(c.at(i / 8.0));
        return b;
    }

    private void text(Strokes.TextMark t, Strokes s, Affine map, Box room, boolean faint) {
        if (!t.box().mapped(map).meets(room)) return;
        Affine m = t.map().then(map);
        String[] lines = t.plain().split("\n");
        Plot.Align align = switch (t.across()) {
            case LEFT, STRETCHED -> Plot.Align.LEFT;
            case CENTRE -> Plot.Align.CENTRE;
            case RIGHT -> Plot.Align.RIGHT;
        };
        for (int row = 0; row < lines.length; row++)
            if (!lines[row].isBlank()) add(new Plot.Label(s.layers().get(t.layer()).name(), lines[row],
                m.apply(0, t.firstLine() - row * Strokes.TextMark.STEP), m.meanScale(), t.fits() > 0
                ? t.fits() * m.applyVector(new Point(1, 0)).length() : 0,
                m.applyVector(new Point(1, 0)).angle(), align, faint ? GREY : t.colour()));
    }

    // ---- model

    private void model(Project p, StoreyId on) {
        Contents c = p.on(on);
        Footprints walls = Footprints.of(c, Tolerances.BUILDING);
        List<Ring> wells = Wells.of(p, on);
        for (Slab s : c.slabs()) {
            for (Enclosure e : Wells.without(s, SlabOutline.of(s, c, Tolerances.BUILDING), wells)) {
                stroke(SLABS, ring(e.outline()), true, Plot.Pen.of(FINE, GREY));
                for (Ring h : e.holes()) stroke(SLABS, ring(h), true, Plot.Pen.of(FINE, GREY));
            }
        }
        for (Wall w : c.walls()) {
            for (Ring r : walls.of(w.id())) {
                List<Curve> outline = ring(r);
                add(new Plot.Fill(WALLS, List.of(outline), INK));
                stroke(WALLS, outline, true, Plot.Pen.of(MIDDLE, INK));
            }
            w.kind().flatMap(p::wallKind).ifPresent(k -> PlanLines.layers(w, k, walls.of(w.id())).forEach(l ->
                stroke(WALLS, chords(l, false), false, Plot.Pen.of(FINE, PALE))));
        }
        for (Column x : c.columns()) {
            List<Curve> outline = ring(x.ground());
            add(new Plot.Fill(COLUMNS, List.of(outline), INK));
            stroke(COLUMNS, outline, true, Plot.Pen.of(MIDDLE, INK));
        }
        for (Stair s : c.stairs()) {
            PlanLines.steps(s).forEach(r -> stroke(STAIRS, chords(r, true), true, Plot.Pen.of(FINE, INK)));
            PlanLines.walk(s).forEach(l -> stroke(STAIRS, chords(l, false), false, Plot.Pen.of(FINE, INK)));
        }
        for (Roof r : c.roofs()) c.form(r).ifPresent(f -> {
            stroke(ROOFS, ring(f.edge()), true, Plot.Pen.of(FINE, GREY));
            PlanLines.ridges(f).forEach(l -> stroke(ROOFS, chords(l, false), false, Plot.Pen.of(FINE, GREY)));
        });
        for (Zone z : c.zones()) zone(z);
        for (BuildingOutline b : c.outlines())
            stroke(OUTLINES, ring(SlabOutline.of(b, c, Tolerances.BUILDING)), true, Plot.Pen.of(MIDDLE, GREY));
        if (!c.rooms().isEmpty()) {
            Enclosures rooms = Enclosures.of(c, walls, Tolerances.BUILDING);
            for (Room r : c.rooms()) rooms.of(r).ifPresent(e -> room(r, e));
        }
        for (StoreyElement e : c.elements()) if (e instanceof Opening o) c.wall(o.wall()).ifPresent(w -> opening(o, w));
    }

    /** Number, name and area, one under the other. */
    private void room(Room r, Enclosure e) {
        List<String> words = new ArrayList<>();
        for (String s : List.of(r.number(), r.name())) if (!s.isEmpty()) words.add(s);
        words.add(String.format(Locale.ROOT, "%.2f m²", e.area()));
        Point at = toSheet.apply(e.middle());
        for (int i = 0; i < words.size(); i++)
            add(new Plot.Label(ROOMS, words.get(i), at.plus(new Point(0, 1.5 * LETTER * ((words.size() - 1) / 2.0 - i) - LETTER / 2)),
                LETTER, 0, 0,
                Plot.Align.CENTRE, INK));
    }

    private void zone(Zone z) {
        stroke(ZONES, ring(z.outline()), true, Plot.Pen.of(FINE, GREY));
        z.holes().forEach(h -> stroke(ZONES, ring(h), true, Plot.Pen.of(FINE, GREY)));
        Point at = toSheet.apply(z.outline().box().minX(), z.outline().box().maxY());
        add(new Plot.Label(ZONES, z.name(), at.plus(new Point(LETTER, -2 * LETTER)), LETTER, 0, 0, Plot.Align.LEFT, INK));
    }

    /** @param closed back to the start */
    private List<Curve> chords(List<Point> metres, boolean closed) {
        List<Curve> out = new ArrayList<>();
        int n = metres.size();
        for (int i = 0; i < (closed ? n : n - 1); i++)
            out.add(new Curve.Straight(toSheet.apply(metres.get(i)), toSheet.apply(metres.get((i + 1) % n))));
        return out;
    }

    private List<Curve> ring(Ring r) {
        return r.pieces().stream().map(x -> x.curve().mapped(toSheet)).toList();
    }

    private void opening(Opening o, Wall w) {
        List<Curve> ground = ring(Solids.openingGround(o, w, -w.right(), w.left(), Tolerances.BUILDING));
        add(new Plot.Fill(OPENINGS, List.of(ground), WHITE));
        stroke(OPENINGS, ground, true, Plot.Pen.of(FINE, INK));
        switch (o.filling()) {
            case Opening.Filling.Window _ -> {
                Piece axis = w.reference();
                double mid = (w.left() - w.right()) / 2;
                Piece at = axis.isStraight() ? Piece.straight(axis.at(o.start(), mid), axis.at(o.end(), mid))
                    : axis.part(o.start(), o.end());
                stroke(OPENINGS, List.of(at.curve().mapped(toSheet)), false, Plot.Pen.of(FINE, INK));
            }
            case Opening.Filling.Door d -> {
                for (Curve c : DoorPlan.of(o, w, d))
                    stroke(OPENINGS, List.of(c.mapped(toSheet)), false, Plot.Pen.of(c instanceof Curve.Straight ? MIDDLE : THIN, INK));
            }
            case Opening.Filling.Glazed g -> PlanLines.glazed(o, g, w).forEach(l -> stroke(OPENINGS, chords(l, false), false,
                Plot.Pen.of(FINE, INK)));
            case Opening.Filling.Empty _ -> { }
        }
    }

    private void grid(Project p, StoreyId on) {
        for (GridLine g : p.grid()) {
            if (!g.isOn(on)) continue;
            Curve c = g.line().curve().mapped(toSheet);
            stroke(GRID, List.of(c), false, new Plot.Pen(THIN, PLUM, AXIS));
            // about its end, as on the board: there it lies on the bubble that was drawn
            if (g.tags() != GridLine.Tags.END) bubble(g.label(), c.first());
            if (g.tags() != GridLine.Tags.START) bubble(g.label(), c.last());
        }
    }

    private void bubble(String label, Point at) {
        List<Curve> bubble = List.of(Curve.EllipticArc.circular(at, BUBBLE, 0, Angles.TURN));
        add(new Plot.Fill(GRID, List.of(bubble), WHITE));
        stroke(GRID, bubble, true, Plot.Pen.of(FINE, PLUM));
        add(new Plot.Label(GRID, label, at.plus(new Point(0, -LETTER / 2)), LETTER, 0, 0, Plot.Align.CENTRE, PLUM));
    }

    // ---- the strip below

    private void strip(String project, String storey, Site site) {
        double y = Sheet.MARGIN, x = Sheet.MARGIN;
        stroke(SHEET, line(x, y + Sheet.STRIP - 4, sheet.width() - Sheet.MARGIN, y + Sheet.STRIP - 4), false, Plot.Pen.of(FRAME, INK));
        add(new Plot.Label(SHEET, project, new Point(x, y + 9), TITLE, 0, 0, Plot.Align.LEFT, INK));
        add(new Plot.Label(SHEET, storey + "   1:" + figure(sheet.denominator()) + "   " + sheet.size(), new Point(x, y + 2), LETTER, 0, 0,
            Plot.Align.LEFT, INK));
        bar(sheet.width() / 2, y + 4);
        north(new Point(sheet.width() - Sheet.MARGIN - 8, y + 7), site.north().value());
    }

    private static List<Curve> line(double ax, double ay, double bx, double by) {
        return List.of(new Curve.Straight(new Point(ax, ay), new Point(bx, by)));
    }

    private static String figure(double v) {
        return v == Math.rint(v) ? Long.toString(Math.round(v)) : String.format(Locale.ROOT, "%.2f", v);
    }

    /** Five parts of a round number of metres, about 60 mm in all. */
    private void bar(double x, double y) {
        double metres = 60 * sheet.denominator() / MM / 5, step = Math.pow(10, Math.floor(Math.log10(metres)));
        for (double f : new double[] {5, 2}) if (step * f <= metres) {
            step *= f;
            break;
        }
        double mm = step * MM / sheet.denominator(), from = x - 2.5 * mm;
        for (int i = 0; i < 5; i++) {
            double a = from + i * mm, b = a + mm;
            List<Curve> box = List.of(new Curve.Straight(new Point(a, y), new Point(b, y)),
                new Curve.Straight(new Point(b, y), new Point(b, y + 1.5)),
                new Curve.Straight(new Point(b, y + 1.5), new Point(a, y + 1.5)),
                new Curve.Straight(new Point(a, y + 1.5), new Point(a, y)));
            if (i % 2 == 0) add(new Plot.Fill(SHEET, List.of(box), INK));
            stroke(SHEET, box, true, Plot.Pen.of(THIN, INK));
        }
        for (int i = 0; i <= 5; i += 5)
            add(new Plot.Label(SHEET, i == 0 ? "0" : figure(5 * step) + " m", new Point(from + i * mm, y + 3), 2, 0, 0, Plot.Align.CENTRE,
                INK));
    }

    private void north(Point at, double turn) {
        Point up = new Point(0, 6).turn(turn), side = new Point(2, -1).turn(turn), other = new Point(-2, -1).turn(turn);
        Point tip = at.plus(up), a = at.plus(side), b = at.plus(other);
        List<Curve> half = List.of(new Curve.Straight(tip, a), new Curve.Straight(a, at), new Curve.Straight(at, tip));
        add(new Plot.Fill(SHEET, List.of(half), INK));
        stroke(SHEET, List.of(new Curve.Straight(tip, a), new Curve.Straight(a, at), new Curve.Straight(at, b), new Curve.Straight(b, tip)),
            true,
            Plot.Pen.of(FINE, INK));
        add(new Plot.Label(SHEET, "N", at.plus(new Point(0, -4.5).turn(turn)), LETTER, 0, 0, Plot.Align.CENTRE, INK));
    }
}
