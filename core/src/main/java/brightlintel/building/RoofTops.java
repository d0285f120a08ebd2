package brightlintel.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeSet;

import brightlintel.geom.Point;

/** Where walls end that go up to roofs: at the lowest place of a roof's underside over their thickness, so that none reaches into it. */
final class RoofTops {
    /** Metres: along round walls between two heights; on both sides of a roof's edge; above a base a roof has to be over a wall. */
    private static final double STEP = 0.25, EDGE = 0.001, OVER = 0.1;

    /** A roof and where its eaves' stand lies, metres above ±0.00. */
    private record Over(RoofForm form, double eaves) { }

    private final List<Over> roofs = new ArrayList<>();

    RoofTops(Project p) {
        for (Storey s : p.storeys()) {
            Contents c = p.on(s.id());
            for (Roof r : c.roofs()) c.form(r).ifPresent(f -> roofs.add(new Over(f, new Heights(p, s).of(r.eaves()))));
        }
    }

    /** @param base metres above ±0.00; otherwise: the height where no roof is */
    TopLine of(Wall w, double base, double otherwise, double offset) {
        double[] offsets = {w.left(), (w.left() - w.right()) / 2, -w.right()};
        List<TopLine.Knot> out = new ArrayList<>();
        for (double s : breaks(w, offsets)) {
            double height = over(w, s, offsets, base).orElse(otherwise) + offset;
            if (out.isEmpty() || s > out.getLast().along() + EDGE / 2) out.add(new TopLine.Knot(s, height));
        }
        return new TopLine(out);
    }

    private OptionalDouble over(Wall w, double along, double[] offsets, double base) {
        double least = Double.POSITIVE_INFINITY;
        for (double off : offsets) {
            Point p = w.reference().at(along, off);
            for (Over o : roofs) {
                Optional<Double> z = o.form.under(p);
                double height = z.isPresent() ? o.eaves + z.get() - base : Double.NEGATIVE_INFINITY;
                if (height > OVER) least = Math.min(least, height);
            }
        }
        return Double.isFinite(least) ? OptionalDouble.of(least) : OptionalDouble.empty();
    }

    /** Ways along at which the height may bend: where a face of the wall crosses an edge of a plane, and its ends. */
    private TreeSet<Double> breaks(Wall w, double[] offsets) {
        double t = w.thickness().value(), from = -t, to = w.length() + t;
        TreeSet<Double> out = new TreeSet<>(List.of(from, to));
        if (!w.reference().isStraight()) {
            for (double s = from; s < to; s += STEP) out.add(s);
            return out;
        }
        for (Over o : roofs) for (RoofForm.Face f : o.form.faces()) {
            List<Point> c = f.plan().corners();
            for (int i = 0; i < c.size(); i++) {
                Point a = w.reference().unroll(c.get(i)), b = w.reference().unroll(c.get((i + 1) % c.size()));
                for (double off : offsets) {
                    if ((a.y() - off) * (b.y() - off) >= 0) continue;
                    double s = a.x() + (b.x() - a.x()) * (off - a.y()) / (b.y() - a.y());
                    for (double x : new double[] {s - EDGE, s, s + EDGE}) if (x > from && x < to) out.add(x);
                }
            }
        }
        return out;
    }
}
