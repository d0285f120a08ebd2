package brightlintel.write.dxf;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Role;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Site;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.drawing.Colour;
import brightlintel.drawing.Companions;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.FillMark;
import brightlintel.drawing.Format;
import brightlintel.drawing.Header;
import brightlintel.drawing.Layer;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.Strokes;
import brightlintel.drawing.Style;
import brightlintel.drawing.Tables;
import brightlintel.geom.Affine;
import brightlintel.geom.Curve;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.geom.Vec3;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Enclosures;
import brightlintel.joint.Footprints;
import brightlintel.joint.SlabOutline;
import brightlintel.joint.Wells;
import brightlintel.place.PlacedDrawing;
import brightlintel.role.Casting;
import brightlintel.solid.PlanLines;
import brightlintel.solid.Solids;
import brightlintel.trace.DrawnOutlines;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A storey as a drawing that a colleague can open: what is shown of its underlays, upright, at its datum and in a stated unit, on its own
 * layers; and the model's plan on layers of ours. Blocks are unfolded, patterns of hatches left out.
 */
public final class BasePlan {
    public enum Unit {
        MILLIMETRE(1000, "4"), METRE(1, "6");

        private final double perMetre;
        private final String code;

        Unit(double perMetre, String code) {
            this.perMetre = perMetre;
            this.code = code;
        }
    }

    private static final String WALLS = "MODEL-WALL", OPENINGS = "MODEL-OPENING", SLABS = "MODEL-SLAB", STAIRS = "MODEL-STAIR",
        ROOFS = "MODEL-ROOF", ZONES = "MODEL-ZONE", OUTLINES = "MODEL-OUTLINE", GRID = "MODEL-GRID",
        COLUMNS = "MODEL-COLUMN", ROOMS = "MODEL-ROOM",
        SITE = "MODEL-SITE";
    /** Of the cross at the datum, and of the arrow to north; metres. */
    private static final double ARM = 0.5, NORTH = 2;
    private final Affine toUnit;
    private final double perMetre;
    private final boolean byRole;
    private final List<Entity> out = new ArrayList<>();
    private final Map<String, Layer> layers = new LinkedHashMap<>();

    private BasePlan(Unit unit, boolean byRole) {
        this.byRole = byRole;
        perMetre = unit.perMetre;
        toUnit = Affine.scale(perMetre, perMetre);
    }

    public static RawDrawing of(Project p, StoreyId on, List<PlacedDrawing> underlays, Unit unit) {
        return of(p, on, underlays, unit, false);
    }

    /** @param byRole layers are named by what lies on them, where that is known, and not as in the file */
    public static RawDrawing of(Project p, StoreyId on, List<PlacedDrawing> underlays, Unit unit, boolean byRole) {
        BasePlan b = new BasePlan(unit, byRole);
        b.layer("0", 7);
        for (PlacedDrawing d : underlays) b.underlay(d);
        b.model(p, on);
        Header header = new Header(Map.of("$INSUNITS", unit.code, "$MEASUREMENT", "1"));
        return new RawDrawing("", Format.DXF, "AC1015", header, List.copyOf(b.layers.values()), Tables.NONE, List.of(Space.model(b.out)),
            Map.of(),
            Companions.NONE, Report.EMPTY);
    }

    private void layer(String name, int colour) {
        layers.putIfAbsent(name, Layer.plain(name, new Colour(colour, Optional.empty())));
    }

    private EntityKey key() {
        return new EntityKey("", out.size());
    }

    private static Style on(String layer) {
        return Style.on(layer);
    }

    private static Vec3 flat(Point p) {
        return new Vec3(p.x(), p.y(), 0);
    }

    private void underlay(PlacedDrawing d) {
        Strokes s = d.strokes();
        Affine map = d.toBuilding().then(toUnit);
        Casting.Lookup roles = new Casting.Lookup(d.underlay().clearing().roles());
        // below the lines
        for (int i = 0; i < s.fills().size(); i++) {
            FillMark f = s.fills().get(i);
            if (d.cleared().markShown(s.texts().size() + i) && BaseFills.isWhole(f))
                out.add(BaseFills.of(f, map, key(), on(layer(s.layers().get(f.layer()), roles.of(s, f)).name())));
        }
        for (int i = 0; i < s.size(); i++) {
            if (!d.cleared().strokeShown(i)) continue;
            Layer l = layer(s.layers().get(s.layerOf(i)), roles.of(s, i));
            Curve whole = s.curveOf(i).mapped(map);
            // as it was received: what was joined since is longer, and no wider
            double wide = d.mender().received().strokes().widthOf(i) * map.meanScale();
            double[] shown = d.cleared().stretches(i);
            if (!d.cleared().strokeCut(i)) stroke(whole, wide, on(l.name()));
            else for (int k = 0; k < shown.length; k += 2) stroke(whole.part(shown[k], shown[k + 1]), wide, on(l.name()));
        }
        for (int i = 0; i < s.texts().size(); i++)
            if (d.cleared().textShown(i))
                text(s.texts().get(i), map, layer(s.layers().get(s.texts().get(i).layer()), roles.of(s, s.texts().get(i))).name());
    }

    private Layer layer(Layer own, Optional<Role> role) {
        String name = byRole && role.isPresent() ? role.get().name().replace('_', '-') : own.name();
        return layers.computeIfAbsent(name, n -> Layer.plain(n, own.colour()));
    }

    /** Line by line, each on its own base line, so that it stands where it was drawn whatever point its block of text was hung on. */
    private void text(Strokes.TextMark t, Affine map, String layer) {
        Affine m = t.map().then(map);
        String[] lines = t.plain().split("\n");
        for (int row = 0; row < lines.length; row++) {
            double y = t.firstLine() - row * Strokes.TextMark.STEP;
            Vec3 at = flat(m.apply(0, y)), anchor = t.fits() > 0 ? flat(m.apply(t.fits(), y)) : at;
            out.add(new Entity.Text(key(), on(layer), Vec3.UP, Entity.TextSort.TEXT, lines[row], "", m.meanScale(), at, anchor,
                Math.atan2(m.b(), m.a()),
                t.widthFactor(), 0, t.fits() > 0 || t.across() != Entity.Across.STRETCHED ? t.across() : Entity.Across.LEFT,
                Entity.Upward.BASE, true));
        }
    }

    /** A band stays one. @param wide 0 for a plain line */
    private void stroke(Curve c, double wide, Style style) {
        Optional<Piece> p = wide > 0 ? DrawnOutlines.piece(c) : Optional.empty();
        if (p.isEmpty()) {
            curve(c, style);
            return;
        }
        Doubles rows = Doubles.of(p.get().a().x(), p.get().a().y(), 0, p.get().bulge(), p.get().b().x(), p.get().b().y(), 0, 0);
        out.add(new Entity.Polyline(key(), style, Vec3.UP, Entity.PolylineKind.LIGHT, false, rows, List.of(), 0, 0, List.of())
            .withWidth(wide));
    }

    private void curve(Curve c, Style style) {
        switch (c) {
            case Curve.Straight s -> out.add(new Entity.Line(key(), style, Vec3.UP, flat(s.a()), flat(s.b())));
            case Curve.EllipticArc a -> arc(a, style);
            case Nurbs n -> {
                double[] xyz = new double[3 * n.controls().size()];
                for (int i = 0; i < n.controls().size(); i++) {
                    xyz[3 * i] = n.controls().get(i).x();
                    xyz[3 * i + 1] = n.controls().get(i).y();
                }
                Doubles weights = n.isPlain() ? Doubles.NONE : Doubles.of(n.weights());
                out.add(new Entity.Spline(key(), style, Vec3.UP, n.degree(), false, Doubles.of(n.knots()), weights, Doubles.of(xyz),
                    Doubles.NONE));
            }
        }
    }

    /** A circle stays one; where a mirrored place turns it round, its ends change. */
    private void arc(Curve.EllipticArc a, Style style) {
        boolean forward = a.u().cross(a.v()) * a.sweep() > 0;
        Point first = forward ? a.first() : a.last(), last = forward ? a.last() : a.first();
        if (a.isCircular()) {
            double r = a.u().length();
            if (a.isWhole()) out.add(new Entity.Circle(key(), style, Vec3.UP, flat(a.centre()), r));
            else {
                double from = first.minus(a.centre()).angle(), to = last.minus(a.centre()).angle();
                out.add(new Entity.Arc(key(), style, Vec3.UP, flat(a.centre()), r, from, to));
            }
            return;
        }
        // the half axes of an ellipse from any two conjugate ones (Rytz, about 1845): turn the parameter until they are square to each
        // other
        double t0 = 0.5 * Math.atan2(2 * a.u().dot(a.v()), a.u().dot(a.u()) - a.v().dot(a.v()));
        Point p = a.u().times(Math.cos(t0)).plus(a.v().times(Math.sin(t0))), q = a.v().times(Math.cos(t0)).minus(a.u().times(Math.sin(t0)));
        boolean swap = q.length() > p.length();
        Point major = swap ? q : p, minor = swap ? p : q;
        if (!(minor.length() > 1e-9 * major.length())) {
            out.add(new Entity.Line(key(), style, Vec3.UP, flat(a.first()), flat(a.last())));
            return;
        }
        Point side = major.left().unit();
        double from = parameter(first.minus(a.centre()), major, side, minor.length());
        double to = a.isWhole() ? from + 2 * Math.PI : parameter(last.minus(a.centre()), major, side, minor.length());
        out.add(new Entity.Ellipse(key(), style, Vec3.UP, flat(a.centre()), flat(major), minor.length() / major.length(), from, to));
    }

    private static double parameter(Point v, Point major, Point side, double minor) {
        return Math.atan2(v.dot(side) / minor, v.dot(major) / major.dot(major));
    }

    private void model(Project p, StoreyId on) {
        Contents c = p.on(on);
        Footprints f = Footprints.of(c, Tolerances.BUILDING);
        Enclosures rooms = c.rooms().isEmpty() ? null : Enclosures.of(c, f, Tolerances.BUILDING);
        List<Ring> wells = Wells.of(p, on);
        for (StoreyElement e : c.elements())
            switch (e) {
                case Wall w -> {
                    layer(WALLS, 7);
                    f.of(w.id()).forEach(r -> ring(r, WALLS));
                    w.kind().flatMap(p::wallKind).ifPresent(k -> PlanLines.layers(w, k, f.of(w.id())).forEach(l -> lines(l, WALLS)));
                }
                case Opening o -> c.wall(o.wall()).ifPresent(w -> {
                    layer(OPENINGS, 30);
                    ring(Solids.openingGround(o, w, -w.right(), w.left(), Tolerances.BUILDING), OPENINGS);
                    if (o.filling() instanceof Opening.Filling.Glazed g) PlanLines.glazed(o, g, w).forEach(l -> lines(l, OPENINGS));
                });
                case Column x -> {
                    layer(COLUMNS, 6);
                    ring(x.ground(), COLUMNS);
                }
                case Room r -> Optional.ofNullable(rooms).flatMap(y -> y.of(r)).ifPresent(y -> room(r, y));
                // a line of thought, not of building
                case Separation _ -> { }
                case Stair x -> {
                    layer(STAIRS, 4);
                    PlanLines.steps(x).forEach(r -> ring(new Ring(r), STAIRS));
                    PlanLines.walk(x).forEach(l -> lines(l, STAIRS));
                }
                case Roof x -> c.form(x).ifPresent(y -> {
                    layer(ROOFS, 1);
                    ring(y.edge(), ROOFS);
                    PlanLines.ridges(y).forEach(l -> lines(l, ROOFS));
                });
                case Zone z -> {
                    layer(ZONES, 92);
                    ring(z.outline(), ZONES);
                    z.holes().forEach(h -> ring(h, ZONES));
                }
                case BuildingOutline b -> {
                    layer(OUTLINES, 94);
                    ring(SlabOutline.of(b, c, Tolerances.BUILDING), OUTLINES);
                }
                case Slab s -> {
                    layer(SLABS, 8);
                    for (Enclosure y : Wells.without(s, SlabOutline.of(s, c, Tolerances.BUILDING), wells)) {
                        ring(y.outline(), SLABS);
                        y.holes().forEach(h -> ring(h, SLABS));
                    }
                }
            }
        for (GridLine g : p.grid()) if (g.isOn(on)) grid(g);
        if (p.site().isKnown()) site(p.site());
    }

    /** A cross at 0,0 with its survey position and height, and an arrow to true north. */
    private void site(Site s) {
        layer(SITE, 5);
        line(new Point(-ARM, 0), new Point(ARM, 0));
        line(new Point(0, -ARM), new Point(0, ARM));
        Point tip = Point.polar(Math.PI / 2 + s.north().value(), NORTH), back = tip.times(0.8),
            wide = tip.left().unit().times(0.08 * NORTH);
        line(Point.ORIGIN, tip);
        line(tip, back.plus(wide));
        line(tip, back.minus(wide));
        note("N", tip.times(1.1), 0.3);
        note(String.format(Locale.ROOT, "E %.3f  N %.3f  ±0.00 = %+.3f m", s.survey().value().x(), s.survey().value().y(),
            s.datum().value()), new Point(0.15, -0.45), 0.2);
    }

    /** Its outline, and its words where they have room. */
    private void room(Room r, Enclosure e) {
        layer(ROOMS, 3);
        ring(e.outline(), ROOMS);
        e.holes().forEach(h -> ring(h, ROOMS));
        Point at = e.middle();
        List<String> words = new ArrayList<>();
        for (String s : List.of(r.number(), r.name())) if (!s.isEmpty()) words.add(s);
        words.add(String.format(Locale.ROOT, "%.2f m²", e.area()));
        for (int i = 0; i < words.size(); i++) {
            Vec3 p = flat(toUnit.apply(at.plus(new Point(0, 0.3 * ((words.size() - 1) / 2.0 - i)))));
            out.add(new Entity.Text(key(), on(ROOMS), Vec3.UP, Entity.TextSort.TEXT, words.get(i), "", 0.2 * perMetre, p, p, 0, 1, 0,
                Entity.Across.CENTRE, Entity.Upward.MIDDLE, true));
        }
    }

    private void line(Point a, Point b) {
        out.add(new Entity.Line(key(), on(SITE), Vec3.UP, flat(toUnit.apply(a)), flat(toUnit.apply(b))));
    }

    private void note(String text, Point at, double height) {
        Vec3 p = flat(toUnit.apply(at));
        out.add(new Entity.Text(key(), on(SITE), Vec3.UP, Entity.TextSort.TEXT, text, "", height * perMetre, p, p, 0, 1, 0,
            Entity.Across.LEFT, Entity.Upward.BASE, true));
    }

    private void lines(List<Point> p, String layer) {
        for (int i = 0; i + 1 < p.size(); i++)
            out.add(new Entity.Line(key(), on(layer), Vec3.UP, flat(toUnit.apply(p.get(i))), flat(toUnit.apply(p.get(i + 1)))));
    }

    private void ring(Ring r, String layer) {
        double[] p = new double[4 * r.size()];
        for (int i = 0; i < r.size(); i++) {
            p[4 * i] = r.corners().get(i).x() * perMetre;
            p[4 * i + 1] = r.corners().get(i).y() * perMetre;
            p[4 * i + 3] = r.piece(i).bulge();
        }
        out.add(new Entity.Polyline(key(), on(layer), Vec3.UP, Entity.PolylineKind.LIGHT, true, Doubles.of(p), List.of(), 0, 0, List.of()));
    }

    private void grid(GridLine g) {
        layer(GRID, 1);
        Piece l = g.line().mapped(toUnit);
        curve(l.curve(), on(GRID));
        Point at = l.a().minus(l.direction(0).times(0.4 * perMetre));
        out.add(new Entity.Circle(key(), on(GRID), Vec3.UP, flat(at), 0.4 * perMetre));
        out.add(new Entity.Text(key(), on(GRID), Vec3.UP, Entity.TextSort.TEXT, g.label(), "", 0.35 * perMetre, flat(at), flat(at), 0, 1, 0,
            Entity.Across.CENTRE, Entity.Upward.MIDDLE, true));
    }
}
