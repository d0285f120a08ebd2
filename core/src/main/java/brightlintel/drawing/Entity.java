package brightlintel.drawing;

import brightlintel.geom.Vec3;
import java.util.Arrays;
import java.util.List;

/**
 * What a file draws, with coordinates, heights and extrusions as stored. Angles are radians. Centres of arcs and circles, polylines,
 * texts and inserts are in the object's own system (see {@link ObjectSystem}); lines, points, ellipses, splines and long texts are in
 * world coordinates.
 */
public sealed interface Entity {
    EntityKey key();

    /** Of a text the style that it is written in, of a hatch its pattern; "" where a file says nothing. */
    default String manner() {
        return switch (this) {
            case Text t -> t.textStyle;
            case Hatch h -> h.solid ? "" : h.pattern;
            default -> "";
        };
    }


    Style style();

    Vec3 extrusion();

    /** The format's own word for the kind. */
    String kind();

    record Line(EntityKey key, Style style, Vec3 extrusion, Vec3 a, Vec3 b) implements Entity {
        @Override public String kind() {
            return "LINE";
        }
    }

    record Dot(EntityKey key, Style style, Vec3 extrusion, Vec3 at) implements Entity {
        @Override public String kind() {
            return "POINT";
        }
    }

    record Circle(EntityKey key, Style style, Vec3 extrusion, Vec3 centre, double radius) implements Entity {
        @Override public String kind() {
            return "CIRCLE";
        }
    }

    /** Counter-clockwise from start to end. */
    record Arc(EntityKey key, Style style, Vec3 extrusion, Vec3 centre, double radius, double start, double end) implements Entity {
        @Override public String kind() {
            return "ARC";
        }
    }

    /** Parameters, not angles: centre + major cos(w) + minor sin(w). */
    record Ellipse(EntityKey key, Style style, Vec3 extrusion, Vec3 centre, Vec3 major, double ratio, double start, double end)
        implements Entity {
        @Override public String kind() {
            return "ELLIPSE";
        }
    }

    enum PolylineKind { LIGHT, PLANE, SPACE, MESH, POLYFACE }

    /**
     * @param points x, y, z, bulge of each vertex; the z of plane kinds is their elevation
     * @param frame  vertices, by index, that only frame a spline and draw nothing
     * @param rows   of a mesh (and columns), 0 otherwise
     * @param faces  of a polyface: four vertex numbers a face, from 1, negative where the edge is hidden, 0 for none
     * @param widths of plane kinds: how wide the band from each vertex on begins and ends; empty for a plain line
     */
    record Polyline(EntityKey key, Style style, Vec3 extrusion, PolylineKind sort, boolean closed, Doubles points, List<Integer> frame,
                    int rows, int columns, List<Integer> faces, Doubles widths) implements Entity {
        public Polyline {
            frame = List.copyOf(frame);
            faces = List.copyOf(faces);
            boolean bands = false;
            for (int i = 0; i < widths.size(); i++) bands |= widths.get(i) > 0;
            if (!bands) widths = Doubles.NONE;
            else if (widths.size() != points.size() / 2) throw new IllegalArgumentException(widths.size() + " widths of "
                + points.size() / 4 + " vertices");
        }

        /** A plain line. */
        public Polyline(EntityKey key, Style style, Vec3 extrusion, PolylineKind sort, boolean closed, Doubles points, List<Integer> frame,
            int rows, int columns, List<Integer> faces) {
            this(key, style, extrusion, sort, closed, points, frame, rows, columns, faces, Doubles.NONE);
        }

        /** Whether it is a band that is as wide all along. */
        public boolean isOfOneWidth() {
            boolean one = widths.size() > 0;
            for (int i = 1; i < widths.size(); i++) one &= widths.get(i) == widths.get(0);
            return one;
        }

        /** Every stretch of it a band of one width. */
        public Polyline withWidth(double width) {
            double[] all = new double[points.size() / 2];
            Arrays.fill(all, width);
            return new Polyline(key, style, extrusion, sort, closed, points, frame, rows, columns, faces, Doubles.owning(all));
        }

        public int size() {
            return points.size() / 4;
        }

        @Override public String kind() {
            return sort == PolylineKind.LIGHT ? "LWPOLYLINE" : "POLYLINE";
        }
    }

    /** Lines beside each other from vertex to vertex, mitred there. */
    record MultiLine(EntityKey key, Style style, Vec3 extrusion, boolean closed, List<Joint> joints) implements Entity {
        public MultiLine {
            joints = List.copyOf(joints);
            for (Joint j : joints) if (j.ways.size() != joints.getFirst().ways.size()) throw new IllegalArgumentException(
                "lines that end on their way");
        }

        @Override public String kind() {
            return "MLINE";
        }
    }

    /**
     * @param along to the next vertex
     * @param ways  of each line: how far along the mitre it begins, then, from there on along, where it starts and stops in turn; what
     *              does not stop goes on to the next vertex
     */
    record Joint(Vec3 at, Vec3 along, Vec3 mitre, List<Doubles> ways) {
        public Joint {
            ways = List.copyOf(ways);
        }
    }

    /** @param weights empty for a plain spline; points are x, y, z rows */
    record Spline(EntityKey key, Style style, Vec3 extrusion, int degree, boolean closed, Doubles knots, Doubles weights,
                  Doubles controls, Doubles fits) implements Entity {
        @Override public String kind() {
            return "SPLINE";
        }
    }

    enum TextSort { TEXT, MTEXT, ATTRIB, ATTDEF }

    enum Across {
        LEFT, CENTRE, RIGHT, STRETCHED;

        /** By the formats' number: 3 and 5 stretch a text between two points, 4 sets its middle. */
        public static Across of(int number) {
            return switch (number) {
                case 1, 4 -> CENTRE;
                case 2 -> RIGHT;
                case 3, 5 -> STRETCHED;
                default -> LEFT;
            };
        }
    }

    enum Upward {
        BASE, BOTTOM, MIDDLE, TOP;

        public static Upward of(int across, int upward) {
            return across == 4 ? MIDDLE : upward >= 1 && upward <= 3 ? values()[upward] : BASE;
        }
    }

    /**
     * @param raw       as stored, with its codes; {@link TextCodes} makes it plain
     * @param at        the insertion point as stored
     * @param anchor    the point that the alignment speaks of; equal to at where the file gives none
     * @param width     of the frame of a long text, 0 for none
     * @param shown     false for attributes flagged as not to be seen
     * @param textStyle its name, "" for the usual one
     */
    record Text(EntityKey key, Style style, Vec3 extrusion, TextSort sort, String raw, String tag, double height, Vec3 at, Vec3 anchor,
                double rotation, double widthFactor, double width, Across across, Upward upward, boolean shown, String textStyle)
        implements Entity {
        public Text(EntityKey key, Style style, Vec3 extrusion, TextSort sort, String raw, String tag, double height, Vec3 at, Vec3 anchor,
            double rotation, double widthFactor, double width, Across across, Upward upward, boolean shown) {
            this(key, style, extrusion, sort, raw, tag, height, at, anchor, rotation, widthFactor, width, across, upward, shown, "");
        }

        /** Files name the usual style "Standard". */
        public Text withTextStyle(String name) {
            return new Text(key, style, extrusion, sort, raw, tag, height, at, anchor, rotation, widthFactor, width, across, upward, shown,
                name.equalsIgnoreCase("standard") ? "" : name);
        }

        @Override public String kind() {
            return sort.name();
        }
    }

    record Insert(EntityKey key, Style style, Vec3 extrusion, String block, Vec3 at, Vec3 scale, double rotation, int columns, int rows,
                  double columnStep, double rowStep, List<Text> attributes) implements Entity {
        public Insert {
            attributes = List.copyOf(attributes);
        }

        @Override public String kind() {
            return "INSERT";
        }
    }

    /**
     * A written measure. What it looks like stands in a block of its own; the points and values are kept as evidence.
     *
     * @param sort     0 turned, 1 aligned, 2 angle of two lines, 3 diameter, 4 radius, 5 angle of three points, 6 ordinate
     * @param measured the value as stored, NaN where the file gives none
     * @param override text typed over the value, "" for none
     * @param at       definition point; first and second are the measured ends of the linear kinds, arc the fourth point of the others
     */
    record Dimension(EntityKey key, Style style, Vec3 extrusion, int sort, String block, double measured, String override, Vec3 at,
                     Vec3 textAt, Vec3 first, Vec3 second, Vec3 arc, double rotation, String dimensionStyle) implements Entity {
        @Override public String kind() {
            return "DIMENSION";
        }
    }

    /** Solid, trace or face: three or four corners, in the order of the outline (the file's own order crosses over for solids). */
    record Corners(EntityKey key, Style style, Vec3 extrusion, String kind, Doubles points) implements Entity { }

    /**
     * @param loops  outlines, each of one closed polyline or of edges
     * @param lines  the pattern's families, with their turn and scale already in them as the file has them; empty for a solid
     * @param edged  its outlines are strokes too: where nobody drew the edge of a filled area, it is the only edge there is
     */
    record Hatch(EntityKey key, Style style, Vec3 extrusion, String pattern, boolean solid, double elevation, List<Loop> loops,
        List<PatternLine> lines, boolean edged) implements Entity {
        public Hatch {
            loops = List.copyOf(loops);
            lines = List.copyOf(lines);
        }

        public Hatch(EntityKey key, Style style, Vec3 extrusion, String pattern, boolean solid, double elevation, List<Loop> loops,
            List<PatternLine> lines) {
            this(key, style, extrusion, pattern, solid, elevation, loops, lines, false);
        }

        @Override public String kind() {
            return "HATCH";
        }
    }

    /** @param polyline x, y, bulge rows; empty where the loop is made of edges */
    record Loop(int flags, boolean closed, Doubles polyline, List<Edge> edges) {
        public Loop {
            edges = List.copyOf(edges);
        }
    }

    /** One edge of a loop, in the hatch's plane. Angles radians. */
    sealed interface Edge {
        record Straight(double x0, double y0, double x1, double y1) implements Edge { }

        record ArcEdge(double x, double y, double radius, double start, double end, boolean counterClockwise) implements Edge { }

        record EllipseEdge(double x, double y, double majorX, double majorY, double ratio, double start, double end,
            boolean counterClockwise) implements Edge { }

        /** @param controls x, y, weight rows */
        record SplineEdge(int degree, Doubles knots, Doubles controls, Doubles fits) implements Edge { }
    }

    /** A family of parallel lines; dashes positive, gaps negative, none for unbroken. */
    record PatternLine(double angle, double x, double y, double stepX, double stepY, Doubles dashes) { }

    record Leader(EntityKey key, Style style, Vec3 extrusion, Doubles points) implements Entity {
        @Override public String kind() {
            return "LEADER";
        }
    }

    /** @param lines x, y, z rows of each leader line */
    record MultiLeader(EntityKey key, Style style, Vec3 extrusion, String raw, double height, Vec3 textAt, double rotation,
        List<Doubles> lines) implements Entity {
        public MultiLeader {
            lines = List.copyOf(lines);
        }

        @Override public String kind() {
            return "MULTILEADER";
        }
    }

    /** Endless both ways, or one way. */
    record Endless(EntityKey key, Style style, Vec3 extrusion, boolean oneWay, Vec3 at, Vec3 direction) implements Entity {
        @Override public String kind() {
            return oneWay ? "RAY" : "XLINE";
        }
    }

    /** A window of a layout onto the model; evidence of the scale of a plot. viewHeight: model units seen, 0 where the file gives none. */
    record Viewport(EntityKey key, Style style, Vec3 extrusion, Vec3 centre, double width, double height, double viewHeight)
        implements Entity {
        @Override public String kind() {
            return "VIEWPORT";
        }
    }

    /**
     * A picture laid on the drawing.
     *
     * @param at     its lower left corner; u and v are the edges of one pixel
     * @param width  pixels; height too
     * @param file   path as the drawing has it, "" where that is lost
     */
    record Picture(EntityKey key, Style style, Vec3 extrusion, Vec3 at, Vec3 u, Vec3 v, double width, double height, String file)
        implements Entity {
        @Override public String kind() {
            return "IMAGE";
        }

        public Picture from(String path) {
            return new Picture(key, style, extrusion, at, u, v, width, height, path);
        }
    }

    /** Not understood yet: kept by kind, counted, reported. */
    record KnownByKindOnly(EntityKey key, Style style, Vec3 extrusion, String kind) implements Entity { }
}
