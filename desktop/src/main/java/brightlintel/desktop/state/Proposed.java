package brightlintel.desktop.state;

import brightlintel.building.Edit;
import brightlintel.building.Placement;
import brightlintel.building.Underlay;
import brightlintel.building.Why;
import brightlintel.correct.InLine;
import brightlintel.correct.Reckoning;
import brightlintel.correct.lie.DatumFinding;
import brightlintel.correct.size.SizeFinding;
import brightlintel.edit.Truing;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One of the four decisions of the stage True as it is proposed.
 *
 * @param taken it is so already
 */
public record Proposed(Decision decision, Edit edit, double confidence, boolean sure, boolean taken) {
    public enum Decision { SIZE, UPRIGHT, DATUM, IN_LINE }

    /** Below this nobody has looked. */
    private static final double LOOKED = 0.5;
    /** What counts as the same: shares, radians, metres. */
    private static final double SAME = 1e-5, TURNED = 1e-5, THERE = 5e-4;

    /** Of the drawing in hand, those that there are, in order. */
    public static List<Proposed> of(Workspace w) {
        Optional<PlacedDrawing> d = w.drawing().filter(x -> !x.underlay().locked() && x.underlay().placement().straightening().isEmpty());
        Optional<Reckoning> found = d.flatMap(w.reckonings()::of);
        if (found.isEmpty() || found.get().look().segments().size() == 0) return List.of();
        Reckoning r = found.get();
        Underlay u = d.get().underlay();
        Placement p = u.placement();
        List<Proposed> out = new ArrayList<>();
        SizeFinding s = r.size();
        boolean sized = isSaid(p.scale().why()) && near(p.scale().value().metresPerUnitX(), s.metresPerUnitX())
            && near(p.scale().value().metresPerUnitY(),
            s.metresPerUnitY());
        if (s.confidence() > 0) out.add(new Proposed(Decision.SIZE, Truing.size(u.id(), s), s.confidence(), !s.unsure(), sized));
        if (p.mirrored()) return out;
        double off = Math.abs(Angles.signed(p.turn().value() + r.turn().whole()));
        Optional<InLine> line = near(p.scale().value().mean(), s.metresPerUnit()) ? w.reckonings().inLine(d.get())
            .map(Reckonings.Lined::line) : Optional.empty();
        boolean turned = isSaid(p.turn().why()) && (off < TURNED || line.filter(l ->
            Math.abs(Angles.signed(l.turn() - p.turn().value())) < TURNED).isPresent());
        out.add(new Proposed(Decision.UPRIGHT, Truing.upright(u.id(), r.turn()), r.turn().share(), !r.turn().isUnsure(), turned));
        r.datum().best().ifPresent(c -> {
            Point file = r.inFile(c.at());
            boolean there = p.fileAnchor().value().distance(file) * p.scale().value().mean() < THERE && !p.fileAnchor().isAssumed();
            out.add(new Proposed(Decision.DATUM, Truing.datum(u.id(), c.kind(), file), 1, c.kind() != DatumFinding.Kind.LOWER_LEFT, there));
        });
        line.ifPresent(l -> {
            boolean there = p.apply(l.anchor()).distance(l.at()) < THERE && Math.abs(Angles.signed(p.turn().value() - l.turn())) < TURNED;
            out.add(new Proposed(Decision.IN_LINE, Truing.inLine(u.id(), l), 1, !l.aligned().unsure(), there));
        });
        return out;
    }

    /** By somebody, or by more than the file's own word. */
    private static boolean isSaid(Why why) {
        return why instanceof Why.Stated || why instanceof Why.Read r && r.confidence() >= LOOKED;
    }

    private static boolean near(double a, double b) {
        return Math.abs(a / b - 1) < SAME;
    }

    /** The first that is sure and not taken yet; then one that is not sure. */
    public static Optional<Proposed> next(List<Proposed> all) {
        List<Proposed> open = all.stream().filter(p -> !p.taken).toList();
        return open.stream().filter(Proposed::sure).findFirst().or(() -> open.stream().findFirst());
    }

    public static void take(Workspace w) {
        next(of(w)).ifPresent(p -> w.apply(p.edit));
    }

    /**
     * All that are sure, each a step: what one of them changes is looked at again before the next. The datum is left where it is while the
     * drawing lies in line with another, and goes before that.
     */
    public static void takeAll(Workspace w) {
        for (Decision d : Decision.values())
            of(w).stream().filter(p -> p.decision == d && p.sure && !p.taken).findFirst().ifPresent(p -> w.apply(p.edit));
    }
}
