package brightlintel.role;

import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Entity;
import brightlintel.drawing.FillMark;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.OptionalInt;

/**
 * Edges of what is seen as a wall and has no line round it: strokes as wide as walls are thick, areas that are filled. They are laid
 * behind all strokes of the drawing, so that whoever looks for faces, jambs and gaps finds them there as well.
 */
public final class Undrawn {
    public static final Undrawn NONE = new Undrawn(0, List.of());
    private final int received;
    private final List<Edge> edges;
    private final BitSet middles = new BitSet();

    /** What it is the edge of: a stroke as it lies, mended or not, or a fill, by {@link Strokes#mark(int)}. Half is in file units. */
    sealed interface Edge {
        record Side(int of, double half, boolean left) implements Edge { }

        record Cap(int of, double half, boolean start) implements Edge { }

        record Fill(int mark, int piece, Curve curve) implements Edge { }
    }

    private Undrawn(int received, List<Edge> edges) {
        this.received = received;
        this.edges = List.copyOf(edges);
        for (Edge e : edges) if (e instanceof Edge.Side s) middles.set(s.of);
    }

    public static Undrawn of(Reckoning r) {
        Drawn d = r.look().drawn();
        List<Edge> all = new ArrayList<>(new Pens(r).edges());
        all.addAll(new BareFills(d, r.size().metresPerUnit()).edges());
        return all.isEmpty() ? NONE : new Undrawn(d.strokes().size(), all);
    }

    public boolean isNone() {
        return edges.isEmpty();
    }

    /** Whether a stroke is the middle of a wall: what is to be looked at are its edges. */
    public boolean isMiddle(int stroke) {
        return middles.get(stroke);
    }

    /** The stroke that was drawn: itself, or the middle of a wall; none for the edge of a fill. */
    public OptionalInt stroke(int stroke) {
        if (isNone() || stroke < received) return OptionalInt.of(stroke);
        return switch (edges.get(stroke - received)) {
            case Edge.Side s -> OptionalInt.of(s.of);
            case Edge.Cap c -> OptionalInt.of(c.of);
            case Edge.Fill _ -> OptionalInt.empty();
        };
    }

    /** The fill that a stroke is an edge of, by {@link Strokes#mark(int)}. */
    public OptionalInt fill(int stroke) {
        return !isNone() && stroke >= received && edges.get(stroke - received) instanceof Edge.Fill f ? OptionalInt.of(f.mark)
            : OptionalInt.empty();
    }

    /** The drawing as it was received, with them. */
    Drawn beside(Drawn d) {
        return new Drawn(d.file(), d.space(), beside(d.strokes()), i -> stroke(i).isEmpty() ? d.markShown().test(fill(i).getAsInt())
            : d.strokeShown().test(stroke(i).getAsInt()), d.markShown());
    }

    /** The same strokes, as received or mended, with them behind. */
    public Strokes beside(Strokes s) {
        return s.with(edges.stream().map(e -> switch (e) {
            case Edge.Side x -> like(s, x.of, side(s.curveOf(x.of), x.left ? x.half : -x.half));
            case Edge.Cap x -> like(s, x.of, cap(s.curveOf(x.of), x.start ? 0 : 1, x.half));
            case Edge.Fill x -> {
                FillMark f = (FillMark) s.mark(x.mark);
                yield new Strokes.Added(f.layer(), f.colour(), x.piece, f.entity(), f.path(), x.curve);
            }
        }).toList());
    }

    /** A line of its own: what is closed by several was not drawn so. */
    private static Strokes.Added like(Strokes s, int stroke, Curve c) {
        Entity e = s.entityOf(stroke);
        Entity line = new Entity.Line(e.key(), e.style(), Vec3.UP, new Vec3(c.first().x(), c.first().y(), 0), new Vec3(c.last().x(),
            c.last().y(), 0));
        return new Strokes.Added(s.layerOf(stroke), s.colourOf(stroke), s.pieceOf(stroke), line, s.pathOf(stroke), c);
    }

    private static Curve cap(Curve c, double at, double half) {
        Point n = c.derivative(at).unit().left().times(half);
        return new Curve.Straight(c.at(at).minus(n), c.at(at).plus(n));
    }

    private static Curve side(Curve c, double off) {
        return switch (c) {
            case Curve.Straight l -> {
                Point n = l.b().minus(l.a()).unit().left().times(off);
                yield new Curve.Straight(l.a().plus(n), l.b().plus(n));
            }
            case Curve.EllipticArc a when a.isCircular() && a.u().length() > Math.abs(off) -> {
                boolean left = a.sweep() * a.u().cross(a.v()) > 0;
                double by = 1 - (left ? off : -off) / a.u().length();
                yield new Curve.EllipticArc(a.centre(), a.u().times(by), a.v().times(by), a.start(), a.sweep());
            }
            default -> c;
        };
    }
}
