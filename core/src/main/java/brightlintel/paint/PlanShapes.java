package brightlintel.paint;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.KindId;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.building.Zone;
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
import brightlintel.joint.SlabOutlines;
import brightlintel.joint.Wells;
import brightlintel.solid.DoorPlan;
import brightlintel.solid.PlanLines;
import brightlintel.solid.Solids;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The model of a storey in plan, solved: outlines in metres with their boxes, so that a frame paints what it sees of them and works nothing
 * out again. What lies under comes first.
 *
 * @param below outlines of the walls of the storey below
 */
public record PlanShapes(List<Shape> shapes, List<Shape.Ground> below) {
    private static final double CHORD = 0.002;
    private static final int SWING = 16, ALONG = 12;

    public PlanShapes {
        shapes = List.copyOf(shapes);
        below = List.copyOf(below);
    }

    public sealed interface Shape {
        ElementId id();

        Box box();

        /** Rings to be filled as they are turned: holes run the other way round. */
        record Floor(ElementId id, Box box, List<List<Point>> rings) implements Shape { }

        /** A wall's ground. @param thickness metres; layers: lines between its layers, where its kind has several */
        record Ground(ElementId id, Box box, List<List<Point>> rings, double thickness, List<List<Point>> layers) implements Shape { }

        /** A column's ground. */
        record Post(ElementId id, Box box, List<Point> ring) implements Shape { }

        /** A room's ground. @param middle where its words stand; area square metres */
        record Space(ElementId id, Box box, List<List<Point>> rings, String number, String name, String zone, double area,
                     Optional<Double> written, Point middle)
            implements Shape { }

        /** A separation line. */
        record Parting(ElementId id, Box box, List<Point> line) implements Shape { }

        /** What is told by lines. @param rings closed, lines open; at: where its words stand */
        record Sketch(ElementId id, Box box, Sort sort, List<List<Point>> rings, List<List<Point>> lines, String words, Point at)
            implements Shape { }

        enum Sort { STAIR, ROOF, ZONE, OUTLINE }

        /** @param lines glass, or a leaf and its swing, the leaf first */
        record Gap(ElementId id, Box box, List<Point> ring, List<List<Point>> lines, boolean door) implements Shape { }
    }

    /** All of it worked out here. */
    public static PlanShapes of(Project p, StoreyId on) {
        Contents c = p.on(on);
        Footprints f = Footprints.of(c, Tolerances.BUILDING);
        Enclosures e = c.rooms().isEmpty() ? null : Enclosures.of(c, f, Tolerances.BUILDING);
        return of(c, f, below(p, on), new SlabOutlines(Tolerances.BUILDING), e, Wells.of(p, on), p.wallKinds());
    }

    /**
     * @param slabs keeps what was solved before
     * @param rooms what walls enclose, null where there are no rooms
     * @param wells where stairs come up through the slabs
     * @param kinds of walls, for their layers
     */
    public static PlanShapes of(Contents c, Footprints walls, List<Shape.Ground> below, SlabOutlines slabs, Enclosures rooms,
                                List<Ring> wells, List<WallKind> kinds) {
        List<Shape> out = new ArrayList<>();
        Map<KindId, WallKind> layered = kinds.stream().filter(k -> k.layers().size() > 1).collect(Collectors.toMap(WallKind::id, k -> k));
        for (StoreyElement e : c.elements())
            if (e instanceof Wall w) out.add(ground(w, walls, w.kind().map(layered::get)));
            else shape(c, walls, slabs, rooms, wells, e).ifPresent(out::add);
        out.sort(Comparator.comparingInt(PlanShapes::pass));
        return new PlanShapes(out, below);
    }

    /** Of the storey below; of nothing under the lowest. */
    public static List<Shape.Ground> below(Project p, StoreyId on) {
        return p.below(on).map(s -> outlines(p, s.id())).orElse(List.of());
    }

    /** Of the walls of a storey, for the one that is held against it. */
    public static List<Shape.Ground> outlines(Project p, StoreyId of) {
        Contents c = p.on(of);
        Footprints f = Footprints.of(c, Tolerances.BUILDING);
        return c.walls().stream().map(w -> ground(w, f, Optional.empty())).toList();
    }

    /** What lies under what. */
    private static int pass(Shape s) {
        return switch (s) {
            case Shape.Floor _ -> 0;
            case Shape.Space _ -> 1;
            case Shape.Sketch x when x.sort() == Shape.Sort.ZONE -> 1;
            case Shape.Sketch x when x.sort() == Shape.Sort.STAIR -> 1;
            case Shape.Sketch _ -> 6;
            case Shape.Ground _ -> 2;
            case Shape.Post _ -> 3;
            case Shape.Gap _ -> 4;
            case Shape.Parting _ -> 5;
        };
    }

    private static Optional<Shape> shape(Contents c, Footprints walls, SlabOutlines slabs, Enclosures rooms, List<Ring> wells,
                                         StoreyElement e) {
        return switch (e) {
            case Slab s -> Optional.of(floor(s, Wells.without(s, slabs.of(s, c), wells)));
            case Wall w -> Optional.of(ground(w, walls, Optional.empty()));
            case Opening o -> c.wall(o.wall()).map(w -> gap(o, w));
            case Column x -> Optional.of(post(x));
            case Room r -> Optional.ofNullable(rooms).flatMap(x -> x.of(r)).map(x -> space(r, x));
            case Stair s -> {
                List<List<Point>> rings = PlanLines.steps(s);
                yield Optional.of(new Shape.Sketch(s.id(), box(rings), Shape.Sort.STAIR, rings, PlanLines.walk(s), "",
                    s.line().getFirst().a()));
            }
            case Roof r -> {
                RoofForm f = c.form(r).orElse(null);
                List<Point> ring = f == null ? r.outline().chords(CHORD) : f.edge().corners();
                yield Optional.of(new Shape.Sketch(r.id(), Box.of(ring), Shape.Sort.ROOF, List.of(ring), f == null ? List.of()
                    : PlanLines.ridges(f), "", ring.getFirst()));
            }
            case Zone z -> {
                List<List<Point>> rings = rings(z.outline(), z.holes());
                yield Optional.of(new Shape.Sketch(z.id(), box(rings), Shape.Sort.ZONE, rings, List.of(), z.name(),
                    new Enclosure(z.outline(), z.holes()).middle()));
            }
            case BuildingOutline b -> {
                List<Point> ring = SlabOutline.of(b, c, Tolerances.BUILDING).chords(CHORD);
                yield Optional.of(new Shape.Sketch(b.id(), Box.of(ring), Shape.Sort.OUTLINE, List.of(ring), List.of(), "",
                    ring.getFirst()));
            }
            case Separation s -> Optional.of(new Shape.Parting(s.id(), s.line().box(), s.line().points(CHORD)));
        };
    }

    /** An outline counter-clockwise, its holes the other way round. */
    private static List<List<Point>> rings(Ring outline, List<Ring> holes) {
        List<List<Point>> rings = new ArrayList<>(List.of(outline.counterClockwise().chords(CHORD)));
        for (Ring h : holes) rings.add(h.counterClockwise().reversed().chords(CHORD));
        return rings;
    }

    private static Shape.Floor floor(Slab s, List<Enclosure> ground) {
        List<List<Point>> rings = new ArrayList<>();
        for (Enclosure e : ground) rings.addAll(rings(e.outline(), e.holes()));
        return new Shape.Floor(s.id(), box(rings), rings);
    }

    private static Shape.Post post(Column c) {
        List<Point> ring = c.ground().chords(CHORD);
        return new Shape.Post(c.id(), Box.of(ring), ring);
    }

    private static Shape.Space space(Room r, Enclosure e) {
        List<List<Point>> rings = rings(e.outline(), e.holes());
        return new Shape.Space(r.id(), box(rings), rings, r.number(), r.name(), r.zone(), e.area(), r.written(), e.middle());
    }

    private static Shape.Ground ground(Wall w, Footprints walls, Optional<WallKind> kind) {
        List<Ring> ground = walls.of(w.id());
        List<List<Point>> rings = ground.stream().map(Ring::corners).toList();
        return new Shape.Ground(w.id(), box(rings), rings, w.thickness().value(), kind.map(k -> PlanLines.layers(w, k, ground))
            .orElse(List.of()));
    }

    private static Shape.Gap gap(Opening o, Wall w) {
        List<Point> ring = Solids.openingGround(o, w, -w.right(), w.left(), Tolerances.BUILDING).corners();
        List<List<Point>> lines = switch (o.filling()) {
            case Opening.Filling.Window x -> glass(o, w, x.sash());
            case Opening.Filling.Door d -> DoorPlan.of(o, w, d).stream().map(PlanShapes::chords).toList();
            case Opening.Filling.Glazed g -> PlanLines.glazed(o, g, w);
            case Opening.Filling.Empty _ -> List.of();
        };
        List<List<Point>> all = new ArrayList<>(lines);
        all.add(ring);
        return new Shape.Gap(o.id(), box(all), ring, lines, o.filling() instanceof Opening.Filling.Door);
    }

    /** One line for a window that opens, two for one that does not, three for a band. */
    private static List<List<Point>> glass(Opening o, Wall w, Opening.Filling.Sash sash) {
        double middle = (w.left() - w.right()) / 2, apart = w.thickness().value() / 8;
        double[] off = switch (sash) {
            case HUNG -> new double[] {0};
            case FIXED -> new double[] {-apart, apart};
            case BAND -> new double[] {-apart, 0, apart};
        };
        List<List<Point>> out = new ArrayList<>();
        for (double x : off) out.add(along(w.reference(), o.start(), o.end(), middle + x));
        return out;
    }

    private static List<Point> along(Piece p, double from, double to, double left) {
        int n = p.isStraight() ? 1 : ALONG;
        List<Point> out = new ArrayList<>();
        for (int i = 0; i <= n; i++) out.add(p.at(from + (to - from) * i / n, left));
        return out;
    }

    private static List<Point> chords(Curve c) {
        List<Point> out = new ArrayList<>();
        int n = c instanceof Curve.Straight ? 1 : SWING;
        for (int i = 0; i <= n; i++) out.add(c.at(i / (double) n));
        return out;
    }

    private static Box box(List<List<Point>> rings) {
        return Box.of(rings.stream().flatMap(Collection::stream).toList());
    }
}
