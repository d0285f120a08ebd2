package brightlintel.trace;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;

/** Closed lines of a drawing that outline something: rooms, floors. Metres. */
public final class DrawnOutlines {
    /** Metres and square metres. */
    private static final double MEET = 0.002, LEAST = 0.5;

    private DrawnOutlines() { }

    /** @param strokes of the line, in order */
    public record Outline(Ring ring, List<Integer> strokes) { }

    /** Lines that are drawn as one and closed, of the strokes that are wanted and shown; each place once. */
    public static List<Outline> of(PlacedDrawing d, IntPredicate wanted) {
        Strokes s = d.strokes();
        List<Outline> out = new ArrayList<>();
        for (int i = 0; i < s.size();) {
            int to = i + 1;
            while (to < s.size() && s.entityOf(to) == s.entityOf(i) && s.pathOf(to) == s.pathOf(i)) to++;
            List<Integer> run = new ArrayList<>();
            for (int k = i; k < to; k++) run.add(k);
            if (to - i > 1 && run.stream().allMatch(k -> wanted.test(k) && d.cleared().strokeShown(k)))
                ring(d, run).filter(r -> out.stream().noneMatch(o -> isSame(o.ring, r))).ifPresent(r -> out.add(new Outline(r, run)));
            i = to;
        }
        return out;
    }

    private static boolean isSame(Ring a, Ring b) {
        return Math.abs(a.area() - b.area()) < 1e-3 && a.box().centre().distance(b.box().centre()) < MEET;
    }

    private static Optional<Ring> ring(PlacedDrawing d, List<Integer> run) {
        List<Piece> pieces = new ArrayList<>();
        for (int i : run) {
            Optional<Piece> p = piece(d.curve(i));
            if (p.isEmpty() || !pieces.isEmpty() && pieces.getLast().b().distance(p.get().a()) > MEET) return Optional.empty();
            if (p.get().length() > MEET) pieces.add(p.get());
        }
        boolean closed = pieces.size() > 1 && pieces.getLast().b().distance(pieces.getFirst().a()) < MEET;
        if (!closed || pieces.size() < 3 && pieces.stream().allMatch(Piece::isStraight)) return Optional.empty();
        Ring r = Ring.of(pieces).counterClockwise();
        return r.area() >= LEAST ? Optional.of(r) : Optional.empty();
    }

    /** Lines and arcs of circles; nothing of other curves and of whole circles. */
    public static Optional<Piece> piece(Curve c) {
        return switch (c) {
            case Curve.Straight s -> Optional.of(Piece.straight(s.a(), s.b()));
            case Curve.EllipticArc a when a.isCircular() && !a.isWhole() -> {
                double turn = Math.signum(a.u().cross(a.v()));
                Point first = a.first(), last = a.last();
                yield Optional.of(new Piece(first, last, Math.tan(turn * a.sweep() / 4)));
            }
            default -> Optional.empty();
        };
    }
}
