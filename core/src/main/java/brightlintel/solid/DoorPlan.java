package brightlintel.solid;

import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/** How doors are drawn in plan: leaves first, then their swings. Metres. */
public final class DoorPlan {
    /** Of a sliding leaf beside the face, and of the folds out of it: of the width. */
    private static final double BESIDE = 0.04, FOLD = 0.22;
    /** Metres that a gate reaches inward when it is up, as it is drawn. */
    private static final double UP = 0.5;
    private static final int FOLDS = 4;

    private DoorPlan() { }

    public static List<Curve> of(Opening o, Wall w, Opening.Filling.Door d) {
        return switch (d.way()) {
            case SINGLE -> leaves(List.of(Leaf.of(o, w, d)));
            case DOUBLE -> {
                double half = o.width().value() / 2;
                Opening first = half(o, -half / 2), last = half(o, half / 2);
                yield leaves(List.of(Leaf.of(first, w, new Opening.Filling.Door(false, d.opensLeft())), Leaf.of(last, w,
                    new Opening.Filling.Door(true, d.opensLeft()))));
            }
            case SLIDING -> {
                double face = d.opensLeft() ? w.left() + BESIDE : -w.right() - BESIDE, far = d.hingeFar() ? o.width().value()
                    : -o.width().value();
                yield List.of(new Curve.Straight(w.reference().at(o.start(), 0), w.reference().at(o.end(), 0)),
                    new Curve.Straight(w.reference().at(o.start() + far * 0.9, face), w.reference().at(o.end() + far * 0.9, face)));
            }
            case FOLDING -> folds(o, w, d);
            case GATE -> gate(o, w, d);
        };
    }

    /** The leaf shut, and where it lies when it is up. */
    private static List<Curve> gate(Opening o, Wall w, Opening.Filling.Door d) {
        double face = d.opensLeft() ? w.left() : -w.right(), in = face + Math.signum(face == 0 ? d.opensLeft() ? 1 : -1 : face) * UP;
        return List.of(new Curve.Straight(w.reference().at(o.start(), face), w.reference().at(o.end(), face)),
            new Curve.Straight(w.reference().at(o.start(), in), w.reference().at(o.end(), in)),
            new Curve.Straight(w.reference().at(o.start(), face), w.reference().at(o.start(), in)),
            new Curve.Straight(w.reference().at(o.end(), face), w.reference().at(o.end(), in)));
    }

    private static Opening half(Opening o, double by) {
        return o.withAlong(o.along() + by).withWidth(o.width().map(x -> x / 2));
    }

    private static List<Curve> leaves(List<Leaf> all) {
        List<Curve> out = new ArrayList<>();
        for (Leaf l : all) out.add(new Curve.Straight(l.hinge(), l.open()));
        for (Leaf l : all) out.add(l.swing());
        return out;
    }

    private static List<Curve> folds(Opening o, Wall w, Opening.Filling.Door d) {
        List<Curve> out = new ArrayList<>();
        double face = d.opensLeft() ? w.left() : -w.right(), deep = (d.opensLeft() ? 1 : -1) * FOLD * o.width().value();
        Point at = w.reference().at(o.start(), face);
        for (int i = 1; i <= FOLDS; i++) {
            Point next = w.reference().at(o.start() + o.width().value() * i / FOLDS, i % 2 == 0 ? face : face + deep);
            out.add(new Curve.Straight(at, next));
            at = next;
        }
        return out;
    }
}
