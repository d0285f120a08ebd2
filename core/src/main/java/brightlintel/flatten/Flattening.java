package brightlintel.flatten;

import brightlintel.drawing.Block;
import brightlintel.drawing.Code;
import brightlintel.drawing.Colour;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.FillMark;
import brightlintel.drawing.HatchEdges;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Location;
import brightlintel.drawing.Names;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.drawing.TextCodes;
import brightlintel.geom.Affine;
import brightlintel.geom.Affine3;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Unfolds a space. Layer 0 inside a block takes the layer of the block reference, by-block colours the colour of the reference. What lies
 * in a reference on a frozen layer is put on that layer, so that it starts hidden with it, as the format asks.
 */
public final class Flattening {
    /** Share of the drawing's size that a chord may lie from its curve: half a millimetre on a house. */
    private static final double CHORD_SHARE = 2e-5;
    private static final double HEIGHT_SHARE = 1e-9;
    private static final int PULSE_EVERY = 4096;
    /** About what a text, an outline or a picture takes beside its characters and figures, bytes. */
    private static final int MARK = 200;
    /** Of one line of several beside each other, between two vertices. */
    private static final int PARTS = 32;
    private final RawDrawing drawing;
    private final ReadLimits limits;
    private final Progress progress;
    private final Report.Builder report = new Report.Builder();
    private final StrokeTable table;
    private final List<Strokes.TextMark> texts = new ArrayList<>();
    private final List<FillMark> fills = new ArrayList<>();
    private final List<Strokes.PictureMark> pictures = new ArrayList<>();
    private final List<Strokes.DimensionMark> dimensions = new ArrayList<>();
    private final Dashes dashes;
    private long hatchLines;
    private long marks;
    private final List<Layer> layers;
    private final Map<String, Integer> layerNumber = new HashMap<>();
    private final Set<String> open = new HashSet<>();
    private final Spread spread;
    private final double chordError;
    private final long total;
    private double ground = Double.NaN;
    private EntityKey lastRaised;
    private long done;
    private long unfolded;
    private boolean full;

    private Flattening(RawDrawing drawing, List<Entity> entities, ReadLimits limits, Progress progress) {
        this.drawing = drawing;
        this.limits = limits;
        this.progress = progress;
        this.layers = new ArrayList<>(drawing.layers());
        // it is in every drawing, listed or not
        if (drawing.layer(Layer.ZERO).isEmpty()) layers.addFirst(Layer.plain(Layer.ZERO, Colour.PLAIN));
        for (int i = 0; i < layers.size(); i++) layerNumber.put(layers.get(i).name(), i);
        this.dashes = new Dashes(drawing.header());
        this.spread = Spread.of(entities, drawing);
        this.chordError = spread.size() * CHORD_SHARE;
        this.total = entities.size();
        this.table = new StrokeTable(Guess.of(entities, drawing, chordError, limits.unfolded()));
    }

    /** @throws java.util.concurrent.CancellationException if progress says stop */
    public static Strokes of(RawDrawing drawing, SpaceKey space, ReadLimits limits, Progress progress) {
        List<Entity> entities = drawing.space(space).map(Space::entities).orElse(List.of());
        Flattening f = new Flattening(drawing, entities, limits, progress);
        Point o = f.spread.middle();
        Affine3 shift = new Affine3(Affine3.IDENTITY.x(), Affine3.IDENTITY.y(), Affine3.IDENTITY.z(), new Vec3(-o.x(), -o.y(), 0));
        f.all(entities, new Context(new Scope(drawing, ""), shift, null, -1, -1, -1, false, 0));
        progress.at(Progress.Stage.INDEXING, 0, 0);
        return new Strokes(o, f.table.columns(), f.layers, f.dashes.all(), new Strokes.Marks(f.texts, f.fills, f.pictures, f.dimensions),
            f.report.build());
    }

    /** The drawing that names are looked up in; layers of a drawing referred to are told apart by its name, as the format does. */
    private record Scope(RawDrawing drawing, String prefix) { }

    /** @param layer of the reference, -1 at the top; frozen: everything inside goes to that layer */
    private record Context(Scope scope, Affine3 map, Strokes.Path path, int layer, int colour, int dash, boolean frozen, int depth) { }

    private void all(List<Entity> entities, Context in) {
        for (Entity e : entities) {
            if (full) return;
            if (in.depth == 0) done++;
            if ((table.size() & (PULSE_EVERY - 1)) == 0) progress.at(Progress.Stage.FLATTENING, done, total);
            if (e.style().visible()) one(e, in);
            if (table.size() > limits.strokes() || table.weight() + marks > limits.unfolded()) stop();
        }
    }

    private void stop() {
        if (!full) report.say(Code.TOO_MANY_STROKES, new Location.Whole(), table.size());
        full = true;
    }

    private void one(Entity e, Context in) {
        int layer = layerOf(e, in), colour = colourOf(e, in, layer);
        StrokeTable.Source s = new StrokeTable.Source(e, in.path, layer, colour,
            dashes.of(in.scope.drawing.tables(), e.style(), layers.get(layer), in.dash, in.map));
        try {
            shape(e, in, s);
        } catch (IllegalArgumentException bad) {
            report.say(Code.BAD_SHAPE, new Location.Whole(), e.kind());
        }
    }

    private void shape(Entity e, Context in, StrokeTable.Source s) {
        switch (e) {
            case Entity.Line l -> straight(in.map.apply(l.a()), in.map.apply(l.b()), s, 0);
            case Entity.Circle c -> curve(arc(in.map.of(Frames.system(c.extrusion())), c.centre(), c.radius(), 0, Angles.TURN), s, 0);
            case Entity.Arc a -> curve(arc(in.map.of(Frames.system(a.extrusion())), a.centre(), a.radius(), a.start(),
                Angles.sweep(a.start(), a.end())), s, 0);
            case Entity.Ellipse l -> ellipse(l, in, s);
            case Entity.Polyline p -> polyline(p, in, s);
            case Entity.MultiLine m -> multiLine(m, in, s);
            case Entity.Spline p -> curve(Splines.of(p, in.map), s, 0);
            case Entity.Text t -> text(t, in, s);
            case Entity.Insert i -> insert(i, in, s);
            case Entity.Dimension d -> {
                dimensions.add(new Strokes.DimensionMark(d, in.map.flat(), s.layer(), in.path));
                block(d, d.block(), in.map, in, s, 0, 0);
            }
            case Entity.Corners c -> corners(c, in, s);
            case Entity.Hatch h -> hatch(h, in, s);
            case Entity.Leader l -> chain(l.points(), in.map, s, 0);
            case Entity.MultiLeader m -> multiLeader(m, in, s);
            case Entity.Endless e2 -> endless(e2, in, s);
            case Entity.Picture p -> picture(p, in, s);
            case Entity.Dot _, Entity.Viewport _, Entity.KnownByKindOnly _ -> { }
        }
    }

    private int layerOf(Entity e, Context in) {
        String name = e.style().layer();
        if (in.layer >= 0 && (in.frozen || name.equals("0"))) return in.layer;
        String full = in.scope.prefix.isEmpty() ? name : in.scope.prefix + name;
        Integer known = layerNumber.get(full);
        return known != null ? known : newLayer(name, full, in.scope.drawing);
    }

    /** Spelt in another case, of a drawing referred to, or never declared. */
    private int newLayer(String name, String full, RawDrawing from) {
        int n = 0;
        while (n < layers.size() && !layers.get(n).name().equalsIgnoreCase(full)) n++;
        if (n == layers.size()) {
            Layer own = from.layer(name).orElse(Layer.undeclared(name));
            layers.add(new Layer(full, own.colour(), own.off(), own.frozen(), own.locked(), own.lineType(), own.weight(), own.plotted(),
                own.declared()));
        }
        layerNumber.put(full, n);
        return n;
    }

    private int colourOf(Entity e, Context in, int layer) {
        Colour c = e.style().colour();
        if (c.byBlock()) return in.colour >= 0 ? in.colour : 0;
        return c.byLayer() ? layers.get(layer).colour().toRgb() : c.toRgb();
    }

    /** Heights are left out of a plan; where the first one met is not the only one, that is said. */
    private void height(double z, StrokeTable.Source s) {
        if (Double.isNaN(ground)) ground = z;
        if (Math.abs(z - ground) > HEIGHT_SHARE * spread.size() && s.entity().key() != lastRaised) {
            lastRaised = s.entity().key();
            report.say(Code.HEIGHT_LEFT_OUT, new Location.Whole(), s.entity().kind(), s.entity().key().handle(), z);
        }
    }

    private void straight(Vec3 a, Vec3 b, StrokeTable.Source s, int piece) {
        if (!a.isFinite() || !b.isFinite()) throw new IllegalArgumentException("not finite");
        height(a.z(), s);
        if (b.z() != a.z()) height(b.z(), s);
        table.straight(a.x(), a.y(), b.x(), b.y(), s, piece);
    }

    private void curve(Curve c, StrokeTable.Source s, int piece) {
        if (c instanceof Curve.EllipticArc a) {
            if (!a.centre().isFinite() || !a.u().isFinite() || !a.v().isFinite() || !Double.isFinite(a.start() + a.sweep()))
                throw new IllegalArgumentException("not finite");
            table.arc(a, Chords.count(a, chordError), s, piece);
            return;
        }
        List<Point> p = Chords.of(c, chordError);
        for (Point q : p) if (!q.isFinite()) throw new IllegalArgumentException("not finite");
        table.curved(c, p, s, piece);
    }

    private static Curve arc(Affine3 map, Vec3 centre, double radius, double start, double sweep) {
        return new Curve.EllipticArc(map.apply(centre).flat(), map.vector(new Vec3(radius, 0, 0)).flat(), map.vector(new Vec3(0, radius, 0))
            .flat(), start, sweep);
    }

    private void ellipse(Entity.Ellipse l, Context in, StrokeTable.Source s) {
        Vec3 minor = l.extrusion().unit().cross(l.major()).times(l.ratio());
        curve(new Curve.EllipticArc(in.map.apply(l.centre()).flat(), in.map.vector(l.major()).flat(), in.map.vector(minor).flat(),
            l.start(),
            Angles.sweep(l.start(), l.end())), s, 0);
    }

    private void polyline(Entity.Polyline p, Context in, StrokeTable.Source s) {
        switch (p.sort()) {
            case MESH -> mesh(p, in, s);
            case POLYFACE -> faces(p, in, s);
            case SPACE -> chain(p, in.map, s);
            case LIGHT, PLANE -> {
                Affine3 map = in.map.of(Frames.system(p.extrusion()));
                chain(p, map, s);
                if (p.widths().size() > 0) band(p, map, in, s);
            }
        }
    }

    /** Its middle is what is snapped to; the ground that it covers is painted. */
    private void band(Entity.Polyline p, Affine3 map, Context in, StrokeTable.Source s) {
        Set<Integer> frame = Set.copyOf(p.frame());
        int[] at = IntStream.range(0, p.size()).filter(i -> !frame.contains(i)).toArray();
        Band band = new Band(p.closed());
        for (int i = 0; i < (p.closed() ? at.length : at.length - 1); i++) {
            Point a = vertex(p, at[i]).flat(), b = vertex(p, at[(i + 1) % at.length]).flat();
            if (!a.equals(b)) band.piece(new Piece(a, b, p.points().get(4 * at[i] + 3)), p.widths().get(2 * at[i]),
                p.widths().get(2 * at[i] + 1), chordError);
        }
        List<double[]> rings = at.length == 0 ? List.of() : band.rings(map, vertex(p, at[0]).z());
        if (!rings.isEmpty()) fill(new FillMark(rings, new double[0], map.flat(), s.layer(), s.colour(), p, in.path));
    }

    private void multiLine(Entity.MultiLine m, Context in, StrokeTable.Source s) {
        List<Entity.Joint> all = m.joints();
        int lines = all.getFirst().ways().size(), stretches = m.closed() ? all.size() : all.size() - 1;
        for (int i = 0; i < stretches; i++) {
            Entity.Joint from = all.get(i), to = all.get((i + 1) % all.size());
            for (int k = 0; k < lines; k++) {
                Doubles way = from.ways().get(k);
                if (way.size() == 0 || to.ways().get(k).size() == 0) continue;
                Vec3 a = from.at().plus(from.mitre().times(way.get(0))), b = to.at().plus(to.mitre().times(to.ways().get(k).get(0)));
                for (int j = 1; j < Math.max(2, way.size()); j += 2) {
                    Vec3 p = way.size() > j ? a.plus(from.along().times(way.get(j))) : a;
                    Vec3 q = way.size() > j + 1 ? a.plus(from.along().times(way.get(j + 1))) : b;
                    if (!p.equals(q)) straight(in.map.apply(p), in.map.apply(q), s, (i * lines + k) * PARTS + Math.min(j / 2, PARTS - 1));
                }
            }
        }
    }

    private void chain(Entity.Polyline p, Affine3 map, StrokeTable.Source s) {
        Set<Integer> frame = Set.copyOf(p.frame());
        int[] at = IntStream.range(0, p.size()).filter(i -> !frame.contains(i)).toArray();
        int pieces = p.closed() ? at.length : at.length - 1;
        for (int i = 0; i < pieces; i++) {
            Vec3 a = vertex(p, at[i]), b = vertex(p, at[(i + 1) % at.length]);
            double bulge = p.points().get(4 * at[i] + 3);
            if (a.equals(b)) continue;
            Piece flat = new Piece(a.flat(), b.flat(), bulge);
            if (flat.isStraight()) straight(map.apply(a), map.apply(b), s, i);
            else curve(arc(map, new Vec3(flat.centre().x(), flat.centre().y(), a.z()), flat.radius(), flat.a().minus(flat.centre()).angle(),
                flat.sweep()), s, i);
        }
    }

    private static Vec3 vertex(Entity.Polyline p, int i) {
        return new Vec3(p.points().get(4 * i), p.points().get(4 * i + 1), p.points().get(4 * i + 2));
    }

    private void mesh(Entity.Polyline p, Context in, StrokeTable.Source s) {
        int rows = p.rows(), columns = p.columns();
        if (rows < 1 || columns < 1 || (long) rows * columns > p.size()) throw new IllegalArgumentException("mesh");
        for (int r = 0; r < rows; r++)
            for (int c = 0; c < columns; c++) {
                Vec3 here = in.map.apply(vertex(p, r * columns + c));
                if (c + 1 < columns) straight(here, in.map.apply(vertex(p, r * columns + c + 1)), s, 2 * (r * columns + c));
                if (r + 1 < rows) straight(here, in.map.apply(vertex(p, (r + 1) * columns + c)), s, 2 * (r * columns + c) + 1);
            }
    }

    private void faces(Entity.Polyline p, Context in, StrokeTable.Source s) {
        for (int f = 0; f + 3 < p.faces().size(); f += 4) {
            int n = p.faces().get(f + 2) == 0 ? 2 : p.faces().get(f + 3) == 0 ? 3 : 4;
            for (int k = 0; k < n; k++) {
                int a = p.faces().get(f + k), b = Math.abs(p.faces().get(f + (k + 1) % n));
                if (a > 0 && a <= p.size() && b > 0 && b <= p.size())
                    straight(in.map.apply(vertex(p, a - 1)), in.map.apply(vertex(p, b - 1)), s, f + k);
            }
        }
    }

    private void text(Entity.Text t, Context in, StrokeTable.Source s) {
        String plain = TextCodes.plain(t);
        if (!t.shown() || t.sort() == Entity.TextSort.ATTDEF || plain.isBlank() || !(t.height() > 0)) return;
        Affine3 map = t.sort() == Entity.TextSort.MTEXT ? in.map : in.map.of(Frames.system(t.extrusion()));
        // stretched between two points, it begins at the first of them; else its anchor is the point that the alignment speaks of
        Point way = t.anchor().minus(t.at()).flat();
        boolean stretched = t.across() == Entity.Across.STRETCHED, between = stretched && way.length() > 0;
        Affine place = Affine.scale(t.height(), t.height()).then(Affine.turn(between ? way.angle() : t.rotation()))
            .then(Affine.move((stretched ? t.at() : t.anchor()).flat())).then(map.flat());
        if (place.isFinite())
            write(new Strokes.TextMark(plain, place, t.across(), t.upward(), between ? way.length() / t.height() : 0, t.widthFactor(),
            s.layer(), s.colour(), t, in.path));
    }

    /** Solids cross over: their third and fourth corners change places on the outline. Faces do not. */
    private void corners(Entity.Corners c, Context in, StrokeTable.Source s) {
        boolean face = c.kind().equals("3DFACE");
        Affine3 map = face ? in.map : in.map.of(Frames.system(c.extrusion()));
        int[] order = face ? new int[] {0, 1, 2, 3} : new int[] {0, 1, 3, 2};
        double[] ring = new double[8];
        for (int i = 0; i < 4; i++) {
            Vec3 p = map.apply(corner(c, order[i])), q = map.apply(corner(c, order[(i + 1) % 4]));
            ring[2 * i] = p.x();
            ring[2 * i + 1] = p.y();
            if (!p.equals(q)) straight(p, q, s, i);
        }
        if (!face) fill(new FillMark(List.of(ring), new double[0], map.flat(), s.layer(), s.colour(), c, in.path));
    }

    private static Vec3 corner(Entity.Corners c, int i) {
        return new Vec3(c.points().get(3 * i), c.points().get(3 * i + 1), c.points().get(3 * i + 2));
    }

    private void edges(Entity.Hatch h, Affine map, StrokeTable.Source s) {
        int piece = 0;
        for (Entity.Loop l : h.loops())
            for (Curve c : HatchEdges.of(l)) {
                if (c instanceof Curve.Straight e) {
                    Point a = map.apply(e.a()), b = map.apply(e.b());
                    if (!a.equals(b)) table.straight(a.x(), a.y(), b.x(), b.y(), s, piece);
                } else curve(c.mapped(map), s, piece);
                piece++;
            }
    }

    /** Its outlines draw nothing, unless nothing else draws them: a hatch is painted, and its lines are not to be snapped to. */
    private void hatch(Entity.Hatch h, Context in, StrokeTable.Source s) {
        Affine map = in.map.of(Frames.system(h.extrusion())).flat();
        List<double[]> rings = Hatching.rings(h, map, chordError);
        if (rings.isEmpty()) return;
        if (h.edged()) edges(h, map, s);
        double[] lines = new double[0];
        if (!h.solid()) {
            Hatching.Pattern p = hatchLines < limits.strokes() ? Hatching.pattern(h, rings, map) : new Hatching.Pattern(lines, true);
            if (p.tooDense()) report.say(Code.HATCH_TOO_DENSE, new Location.Whole(), h.pattern());
            lines = p.lines();
            hatchLines += lines.length / 4;
        }
        fill(new FillMark(rings, lines, map, s.layer(), s.colour(), h, in.path));
    }

    private void chain(Doubles xyz, Affine3 map, StrokeTable.Source s, int first) {
        for (int i = 0; i + 5 < xyz.size(); i += 3)
            straight(map.apply(new Vec3(xyz.get(i), xyz.get(i + 1), xyz.get(i + 2))),
                map.apply(new Vec3(xyz.get(i + 3), xyz.get(i + 4), xyz.get(i + 5))), s, first + i / 3);
    }

    private void multiLeader(Entity.MultiLeader m, Context in, StrokeTable.Source s) {
        for (int i = 0; i < m.lines().size(); i++) chain(m.lines().get(i), in.map, s, 1000 * i);
        String plain = TextCodes.plain(m.raw(), true);
        if (plain.isBlank() || !(m.height() > 0)) return;
        Affine place = Affine.scale(m.height(), m.height()).then(Affine.turn(m.rotation())).then(Affine.move(m.textAt().flat()))
            .then(in.map.flat());
        if (place.isFinite())
            write(new Strokes.TextMark(plain, place, Entity.Across.LEFT, Entity.Upward.TOP, 0, 1, s.layer(), s.colour(), m, in.path));
    }

    private void write(Strokes.TextMark text) {
        texts.add(text);
        marks += MARK + 2L * text.plain().length();
    }

    private void fill(FillMark f) {
        fills.add(f);
        marks += MARK + 8L * f.lines().length;
        for (double[] ring : f.rings()) marks += MARK + 8L * ring.length;
    }

    /** Its frame is drawn where the format draws one; its pixels where the file was found. */
    private void picture(Entity.Picture p, Context in, StrokeTable.Source s) {
        Vec3 wide = p.u().times(p.width()), high = p.v().times(p.height());
        Vec3[] ring = {p.at(), p.at().plus(wide), p.at().plus(wide).plus(high), p.at().plus(high)};
        // a page shows its pictures without one: a scan has nothing to snap to, its rim included
        boolean framed = !in.scope.drawing.format().isPaged();
        for (int i = 0; i < 4 && framed; i++) straight(in.map.apply(ring[i]), in.map.apply(ring[(i + 1) % 4]), s, i);
        Pixels pixels = in.scope.drawing.companions().pictures().get(p.file());
        if (pixels == null) return;
        Vec3 u = in.map.vector(wide.times(1.0 / pixels.width())), v = in.map.vector(high.times(1.0 / pixels.height())),
            at = in.map.apply(p.at());
        marks += MARK;
        pictures.add(new Strokes.PictureMark(pixels, new Affine(u.x(), u.y(), v.x(), v.y(), at.x(), at.y()), s.layer(), p, in.path));
    }

    /** As long as the drawing has use for it. */
    private void endless(Entity.Endless e, Context in, StrokeTable.Source s) {
        Vec3 at = in.map.apply(e.at()), way = in.map.vector(e.direction());
        double l = Math.hypot(way.x(), way.y());
        if (!(l > 0)) return;
        double reach = 3 * spread.size() + Math.hypot(at.x(), at.y());
        Vec3 half = way.times(reach / l);
        straight(e.oneWay() ? at : at.minus(half), at.plus(half), s, 0);
    }

    private void insert(Entity.Insert i, Context in, StrokeTable.Source s) {
        long cells = (long) i.columns() * i.rows();
        if (cells > limits.strokes()) report.say(Code.COUNT_BEYOND_LIMIT, new Location.Whole(), i.block());
        for (int row = 0; row < i.rows() && !full && cells <= limits.strokes(); row++)
            for (int col = 0; col < i.columns() && !full; col++) {
                block(i, i.block(), in.map.of(Frames.cell(i, row, col)), in, s, row, col);
                if ((col & 255) == 255) progress.at(Progress.Stage.FLATTENING, done, total);
            }
        for (Entity.Text a : i.attributes()) if (a.style().visible()) one(a, in);
    }

    /** A drawing referred to stands by the base point of its own header. */
    private static Vec3 base(Block b, RawDrawing in) {
        RawDrawing referred = in.companions().drawings().get(b.external());
        return referred == null ? b.base() : referred.header().point("$INSBASE").orElse(Vec3.ZERO);
    }

    private void block(Entity e, String name, Affine3 map, Context in, StrokeTable.Source s, int row, int column) {
        String key = in.scope.prefix + Names.key(name);
        Block b = in.scope.drawing.blocks().get(Names.key(name));
        if (b == null) {
            if (!name.isEmpty()) report.say(Code.BLOCK_MISSING, new Location.Whole(), name);
            return;
        }
        if (in.depth >= limits.depth()) {
            report.say(Code.BLOCKS_TOO_DEEP, new Location.Whole(), name);
            return;
        }
        if (++unfolded > limits.strokes()) {
            stop();
            return;
        }
        if (!open.add(key)) {
            report.say(Code.BLOCK_IN_ITSELF, new Location.Whole(), name);
            return;
        }
        Affine3 inner = Frames.from(map, base(b, in.scope.drawing));
        boolean frozen = in.frozen || layers.get(s.layer()).frozen();
        RawDrawing referred = in.scope.drawing.companions().drawings().get(b.external());
        Scope scope = referred == null ? in.scope : new Scope(referred, in.scope.prefix + name + "|");
        List<Entity> entities = referred == null ? b.entities() : referred.space(new SpaceKey.Model()).orElseThrow().entities();
        if (inner.isFinite())
            all(entities, new Context(scope, inner, new Strokes.Path(in.path, e.key(), b.name(), row, column), s.layer(), s.colour(),
                s.dash(), frozen, in.depth + 1));
        open.remove(key);
    }
}
