package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One sheet becomes the underlays of several storeys, each a cut-out of it. */
public final class Cutting {
    private Cutting() { }

    /**
     * A part of a sheet.
     *
     * @param outline file units
     * @param on      the storey that it is the plan of; none for what is kept without one, as an elevation
     */
    public record Cut(UnderlayId id, Ring outline, Optional<StoreyId> on) { }

    /**
     * The sheet's own underlay goes, and its cut-outs come to lie with their lower left corners where that of the first lies, as large and
     * turned as the sheet was, with what was set aside of it. Without cuts, or of a sheet that is gone or locked, nothing changes.
     */
    public static Edit parts(UnderlayId sheet, List<Cut> cuts) {
        return Edit.of("edit.cut-out", p -> {
            Optional<Underlay> whole = p.underlay(sheet).filter(u -> !u.locked());
            if (whole.isEmpty() || cuts.isEmpty() || cuts.stream().flatMap(c -> c.on().stream()).anyMatch(s ->
                p.storey(s).isEmpty())) return p;
            List<Underlay> all = new ArrayList<>();
            for (Underlay u : p.underlays()) {
                if (!u.id().equals(sheet)) all.add(u);
                else for (Cut c : cuts) all.add(cut(whole.get(), c, corner(cuts.getFirst().outline())));
            }
            Project out = p.withUnderlays(all);
            for (var s : p.storeys()) {
                List<UnderlayId> ids = new ArrayList<>();
                for (UnderlayId u : s.underlays()) if (!u.equals(sheet)) ids.add(u);
                for (Cut c : cuts) if (c.on().filter(s.id()::equals).isPresent()) ids.add(c.id());
                out = out.withStorey(s.id(), x -> x.withUnderlays(ids));
            }
            return out;
        });
    }

    private static Underlay cut(Underlay u, Cut c, Point first) {
        Placement p = u.placement();
        Point at = p.apply(first), own = corner(c.outline());
        // the first stays where it is, whatever is known of that
        Placement placed = own.equals(first) ? p : p.withAnchor(Given.assumed(p.straightening().map(s -> s.map().apply(own)).orElse(own)),
            Given.assumed(at));
        return new Underlay(c.id(), u.file(), u.sha256(), u.space(), Optional.of(c.outline()), placed, u.clearing().withRegions(List.of()),
            u.appearance(), false);
    }

    private static Point corner(Ring r) {
        Box b = r.box();
        // that of its own corners which lies lowest and leftmost
        Point best = r.corners().getFirst(), low = new Point(b.minX(), b.minY());
        for (Point c : r.corners()) if (c.distance(low) < best.distance(low)) best = c;
        return best;
    }

    /** The whole sheet again, as one underlay of a storey: its other cut-outs stay. */
    public static Edit whole(UnderlayId cut) {
        return Edit.of("edit.cut-whole", p -> p.withUnderlay(cut, u -> u.locked() ? u : u.withCutOut(Optional.empty())));
    }
}
