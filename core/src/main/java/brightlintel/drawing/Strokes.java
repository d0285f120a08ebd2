package brightlintel.drawing;

import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Chunks;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.SegmentIndex;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/**
 * One space, flattened to the plan: strokes (each one straight or curved piece) and their chords, as flat arrays. Coordinates are file
 * units minus {@link #origin()}, which lies near the drawing's main cluster, so that no digits are lost far from 0,0. Never changed.
 */
public final class Strokes {
    private static final int PACKET = 8, MOST_CHORDS = 64;
    private final Point origin;
    private final int size, chords;
    private final double[] xy;
    private final int[] strokeOfChord;
    private final int[] firstChord;
    private final int[] layer;
    private final int[] colour;
    private final int[] dash;
    private final int[] piece;
    private final Entity[] entity;
    private final Path[] path;
    private final Curve[] curve;
    private final List<Layer> layers;
    private final List<TextMark> texts;
    private final List<FillMark> fills;
    private final List<PictureMark> pictures;
    private final List<DimensionMark> dimensions;
    private final List<Dashing> dashings;
    private final Report report;
    private final SegmentIndex packets;
    private final int[] firstOfPacket;

    /** What is painted and is no stroke. */
    public sealed interface Mark permits TextMark, FillMark, PictureMark {
        int layer();

        Entity entity();

        /** Through which it came in; null at the top. */
        Path path();

        /** Where it lies, shifted file units. */
        Box box();

        /** 0xRRGGBB; of a picture 0. */
        int colour();
    }

    /** The nest of inserts through which an entity came into the space; null at the top. */
    public record Path(Path outer, EntityKey insert, String block, int row, int column) { }

    /**
     * A text in its place. The map takes text space (height 1, x along the line, baseline through 0,0) to shifted file units.
     *
     * @param plain  lines parted by \n
     * @param colour 0xRRGGBB
     * @param fits   of a stretched text, the length that it fills, in text space; else 0
     * @param path   through which it came in, null at the top
     */
    public record TextMark(String plain, Affine map, Entity.Across across, Entity.Upward upward, double fits, double widthFactor, int layer,
        int colour,
                           Entity entity, Path path) implements Mark {
        /** From one line to the next, in heights. */
        public static final double STEP = 5.0 / 3;
        private static final double THIN = 0.55, USUAL = 0.88, CAPITAL = 1, WIDE = 1.4;

        /** From the base line to the height of capitals; rather too wide: painters of a part of a plan ask it which texts reach in. */
        @Override public Box box() {
            return own().mapped(map);
        }

        /** The same in text space. */
        public Box own() {
            String[] lines = plain.split("\n");
            double wide = 0;
            for (String l : lines) wide = Math.max(wide, widthFactor * l.codePoints().mapToDouble(TextMark::width).sum());
            if (fits > 0) wide = fits;
            double left = switch (across) {
                case LEFT, STRETCHED -> 0;
                case CENTRE -> -wide / 2;
                case RIGHT -> -wide;
            };
            double top = firstLine() + 1;
            return new Box(left, top - 1 - (lines.length - 1) * STEP, left + wide, top);
        }

        /** In heights of capitals, at most. */
        private static double width(int c) {
            if ("iIjlftr .,:;!|'()[]-".indexOf(c) >= 0) return THIN;
            if (c >= 0x250 || "mwMWQOGÖÆæŒœ@%&".indexOf(c) >= 0) return WIDE;
            return Character.isUpperCase(c) ? CAPITAL : USUAL;
        }

        /** Height of the first line's base line above the text's own place, in text space; lines are 5/3 apart. */
        public double firstLine() {
            int more = plain.split("\n").length - 1;
            return switch (upward) {
                case TOP -> -1;
                case MIDDLE -> -0.5 + more * STEP / 2;
                case BASE, BOTTOM -> entity instanceof Entity.Text e && e.sort() == Entity.TextSort.MTEXT ? more * STEP : 0;
            };
        }
    }

    /** The columns of the table of strokes, handed over once; they may be longer than the table. */
    public record Columns(int size, int chords, double[] xy, int[] strokeOfChord, int[] firstChord, int[] layer, int[] colour, int[] dash,
        int[] piece,
                          Entity[] entity, Path[] path, Curve[] curve) { }

    /** How a broken line is drawn: its type, and the factor to shifted file units. */
    public record Dashing(LineType type, double scale) { }

    /** A picture in its place: the map takes pixels, from its lower left corner, to shifted file units. */
    public record PictureMark(Pixels pixels, Affine map, int layer, Entity entity, Path path) implements Mark {
        @Override public int colour() {
            return 0;
        }

        @Override public Box box() {
            return new Box(0, 0, pixels.width(), pixels.height()).mapped(map);
        }
    }

    /**
     * A written measure in its place: what it looks like are strokes and texts of their own. The map takes its entity's plane to shifted
     * file units.
     */
    public record DimensionMark(Entity.Dimension entity, Affine map, int layer, Path path) { }

    /** What is there beside strokes. */
    public record Marks(List<TextMark> texts, List<FillMark> fills, List<PictureMark> pictures, List<DimensionMark> dimensions) { }

    /** @param dashings that the column of dashes speaks of */
    public Strokes(Point origin, Columns c, List<Layer> layers, List<Dashing> dashings, Marks marks, Report report) {
        this.origin = origin;
        this.size = c.size;
        this.chords = c.chords;
        this.xy = c.xy;
        this.strokeOfChord = c.strokeOfChord;
        this.firstChord = c.firstChord;
        this.layer = c.layer;
        this.colour = c.colour;
        this.dash = c.dash;
        this.piece = c.piece;
        this.entity = c.entity;
        this.path = c.path;
        this.curve = c.curve;
        this.layers = List.copyOf(layers);
        this.dashings = List.copyOf(dashings);
        this.texts = List.copyOf(marks.texts);
        this.fills = List.copyOf(marks.fills);
        this.pictures = List.copyOf(marks.pictures);
        this.dimensions = List.copyOf(marks.dimensions);
        this.report = report;
        this.firstOfPacket = packets();
        this.packets = SegmentIndex.of(boxes());
    }

    /** Chords of one stroke are indexed eight together: a curve of forty chords is five boxes to sort, not forty. */
    private int[] packets() {
        int n = 0;
        for (int s = 0; s < size(); s++) n += (firstChord[s + 1] - firstChord[s] + PACKET - 1) / PACKET;
        int[] first = new int[n + 1];
        int k = 0;
        for (int s = 0; s < size(); s++) for (int c = firstChord[s]; c < firstChord[s + 1]; c += PACKET) first[k++] = c;
        first[n] = chords();
        return first;
    }

    /** A box is indexed as its diagonal. */
    private double[] boxes() {
        double[] out = new double[4 * (firstOfPacket.length - 1)];
        Chunks.of(firstOfPacket.length - 1, (from, to) -> {
            for (int p = from; p < to; p++) box(p, out);
        });
        return out;
    }

    private void box(int p, double[] out) {
        double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = Double.NEGATIVE_INFINITY, maxY = maxX;
        for (int i = 4 * firstOfPacket[p]; i < 4 * firstOfPacket[p + 1]; i += 2) {
            minX = Math.min(minX, xy[i]);
            maxX = Math.max(maxX, xy[i]);
            minY = Math.min(minY, xy[i + 1]);
            maxY = Math.max(maxY, xy[i + 1]);
        }
        out[4 * p] = minX;
        out[4 * p + 1] = minY;
        out[4 * p + 2] = maxX;
        out[4 * p + 3] = maxY;
    }

    /** Chords whose boxes meet a box, shifted file units; in rising order. */
    public void chordsIn(Box box, IntConsumer hit) {
        packets.query(box, p -> {
            for (int c = firstOfPacket[p]; c < firstOfPacket[p + 1]; c++) {
                int i = 4 * c;
                if (Math.min(xy[i], xy[i + 2]) <= box.maxX() && Math.max(xy[i], xy[i + 2]) >= box.minX()
                    && Math.min(xy[i + 1], xy[i + 3]) <= box.maxY() && Math.max(xy[i + 1], xy[i + 3]) >= box.minY()) hit.accept(c);
            }
        });
    }

    /** As many strokes, in the same order, some of other shape. @param which in rising order; now: their curves */
    public Strokes reshaped(List<Integer> which, List<Curve> now) {
        if (which.isEmpty()) return this;
        double[] flat = new double[4 * (chords + MOST_CHORDS * which.size() + 1)];
        int[] of = new int[flat.length / 4], first = new int[size + 1];
        Curve[] curves = Arrays.copyOf(curve, size);
        int n = 0, k = 0;
        for (int i = 0; i < size; i++) {
            first[i] = n;
            if (k < which.size() && which.get(k) == i) {
                Curve c = now.get(k++);
                int pieces = parts(c);
                curves[i] = c instanceof Curve.Straight ? null : c;
                for (int p = 0; p < pieces; p++) n = chord(flat, of, n, i, c.at(p / (double) pieces), c.at((p + 1) / (double) pieces));
            } else {
                int count = firstChord[i + 1] - firstChord[i];
                System.arraycopy(xy, 4 * firstChord[i], flat, 4 * n, 4 * count);
                Arrays.fill(of, n, n + count, i);
                n += count;
            }
        }
        first[size] = n;
        return new Strokes(origin, new Columns(size, n, flat, of, first, layer, colour, dash, piece, entity, path, curves), layers,
            dashings,
            new Marks(texts, fills, pictures, dimensions), report);
    }

    /** A stroke that is laid behind those that were drawn. */
    public record Added(int layer, int colour, int piece, Entity entity, Path path, Curve curve) { }

    /** The same with others behind all strokes. */
    public Strokes with(List<Added> more) {
        int n = size + more.size();
        int[] layers2 = Arrays.copyOf(layer, n), colours = Arrays.copyOf(colour, n), dashes = Arrays.copyOf(dash, n),
            pieces = Arrays.copyOf(piece, n), first = Arrays.copyOf(firstChord, n + 1);
        int most = chords + more.stream().mapToInt(a -> parts(a.curve)).sum() + 1;
        int[] of = Arrays.copyOf(strokeOfChord, most);
        double[] flat = Arrays.copyOf(xy, 4 * most);
        Entity[] entities = Arrays.copyOf(entity, n);
        Path[] paths = Arrays.copyOf(path, n);
        Curve[] curves = Arrays.copyOf(curve, n);
        int k = chords;
        for (int i = size; i < n; i++) {
            Added a = more.get(i - size);
            layers2[i] = a.layer;
            colours[i] = a.colour;
            dashes[i] = -1;
            pieces[i] = a.piece;
            entities[i] = a.entity;
            paths[i] = a.path;
            curves[i] = a.curve instanceof Curve.Straight ? null : a.curve;
            first[i] = k;
            int parts = parts(a.curve);
            for (int p = 0; p < parts; p++) k = chord(flat, of, k, i, a.curve.at(p / (double) parts), a.curve.at((p + 1)
                / (double) parts));
        }
        first[n] = k;
        return new Strokes(origin, new Columns(n, k, flat, of, first, layers2, colours, dashes, pieces, entities, paths, curves), layers,
            dashings, new Marks(texts, fills, pictures, dimensions), report);
    }

    /** All of it elsewhere, curves and marks; the same strokes in the same order. @param curve of each, as it is to be there */
    public Strokes mapped(Affine to, UnaryOperator<Curve> curve) {
        List<Integer> all = IntStream.range(0, size).boxed().toList();
        Strokes there = reshaped(all, all.stream().map(i -> curve.apply(curveOf(i).mapped(to))).toList());
        return new Strokes(origin, there.columns(), layers, dashings, new Marks(texts.stream().map(t -> new TextMark(t.plain,
            t.map.then(to), t.across, t.upward, t.fits, t.widthFactor, t.layer, t.colour, t.entity, t.path)).toList(),
            fills.stream().map(f -> f.mapped(to)).toList(), pictures.stream().map(p -> new PictureMark(p.pixels, p.map.then(to), p.layer,
            p.entity, p.path)).toList(), dimensions.stream().map(d -> new DimensionMark(d.entity, d.map.then(to), d.layer, d.path))
            .toList()), report);
    }

    private Columns columns() {
        return new Columns(size, chords, xy, strokeOfChord, firstChord, layer, colour, dash, piece, entity, path, curve);
    }

    private static int parts(Curve c) {
        return c instanceof Curve.Straight ? 1 : MOST_CHORDS;
    }

    private static int chord(double[] flat, int[] of, int n, int stroke, Point a, Point b) {
        flat[4 * n] = a.x();
        flat[4 * n + 1] = a.y();
        flat[4 * n + 2] = b.x();
        flat[4 * n + 3] = b.y();
        of[n] = stroke;
        return n + 1;
    }

    public Point origin() {
        return origin;
    }

    public int size() {
        return size;
    }

    public int chords() {
        return chords;
    }

    /** x0 y0 x1 y1 of each chord, and room behind the last. For fast loops: not to be changed. */
    public double[] xy() {
        return xy;
    }

    public int strokeOf(int chord) {
        return strokeOfChord[chord];
    }

    /** First chord of a stroke; that of {@link #size()} is the number of chords. */
    public int firstChord(int stroke) {
        return firstChord[stroke];
    }

    public int layerOf(int stroke) {
        return layer[stroke];
    }

    /** 0xRRGGBB. */
    public int colourOf(int stroke) {
        return colour[stroke];
    }

    /** Hundredths of a millimetre on paper; below 0 where the file leaves it open. */
    public int weightOf(int stroke) {
        Entity e = entity[stroke];
        int w = e.style().weight();
        return w == Style.WEIGHT_BY_LAYER ? layers.get(layer[stroke]).weight() : w;
    }

    /** How wide the band of a polyline is that a stroke is the middle of, file units; 0 for a plain line, and where it narrows. */
    public double widthOf(int stroke) {
        if (!(entity[stroke] instanceof Entity.Polyline p) || p.widths().size() == 0) return 0;
        int k = 2 * Math.min(piece[stroke], p.size() - 1);
        double w = p.widths().get(k);
        if (w != p.widths().get(k + 1) || !p.frame().isEmpty()) return 0;
        Point a = new Point(p.points().get(2 * k), p.points().get(2 * k + 1));
        int next = (2 * k + 4) % p.points().size();
        Point b = new Point(p.points().get(next), p.points().get(next + 1));
        // a block may be drawn larger than it is
        return w * curveOf(stroke).first().distance(curveOf(stroke).last()) / a.distance(b);
    }

    public Entity entityOf(int stroke) {
        return entity[stroke];
    }

    public int pieceOf(int stroke) {
        return piece[stroke];
    }

    /** null at the top. */
    public Path pathOf(int stroke) {
        return path[stroke];
    }

    /** The exact curve, in shifted file units. */
    public Curve curveOf(int stroke) {
        Curve c = curve[stroke];
        if (c != null) return c;
        int i = 4 * firstChord[stroke];
        return new Curve.Straight(new Point(xy[i], xy[i + 1]), new Point(xy[i + 2], xy[i + 3]));
    }

    public boolean isStraight(int stroke) {
        return curve[stroke] == null;
    }

    public List<Layer> layers() {
        return layers;
    }

    public List<TextMark> texts() {
        return texts;
    }

    public List<FillMark> fills() {
        return fills;
    }

    public List<PictureMark> pictures() {
        return pictures;
    }

    /** Written measures, as evidence of size; painted are their strokes and texts. */
    public List<DimensionMark> dimensions() {
        return dimensions;
    }

    /** Texts, then fills, then pictures. */
    public Mark mark(int i) {
        int t = texts.size(), f = fills.size();
        return i < t ? texts.get(i) : i < t + f ? fills.get(i - t) : pictures.get(i - t - f);
    }

    public int marks() {
        return texts.size() + fills.size() + pictures.size();
    }

    /** About what it takes in memory, bytes, its entities and index not counted twice. */
    public long weight() {
        long marks = 0;
        for (TextMark t : texts) marks += 160 + 2L * t.plain.length();
        for (FillMark f : fills) marks += f.weight();
        return 80L * size + 60L * chords + marks;
    }

    /** null for an unbroken line. */
    public Dashing dashingOf(int stroke) {
        return dash[stroke] < 0 ? null : dashings.get(dash[stroke]);
    }

    /** Whether any line of the drawing is broken. */
    public boolean hasDashes() {
        return !dashings.isEmpty();
    }

    public Report report() {
        return report;
    }

    public int[] countByLayer() {
        int[] out = new int[layers.size()];
        for (int i = 0; i < size; i++) out[layer[i]]++;
        return out;
    }

    @Override public String toString() {
        return "Strokes[" + size() + ", origin " + origin + ", layers " + Arrays.toString(layers.stream().map(Layer::name).toArray()) + "]";
    }
}
