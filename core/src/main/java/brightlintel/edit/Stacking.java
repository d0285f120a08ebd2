package brightlintel.edit;

import brightlintel.building.Contents;
import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import java.util.ArrayList;
import java.util.List;

/** Storeys: heights, levels, adding, repeating. Levels and floor-to-floor heights always agree. */
public final class Stacking {
    private static final double LOWEST = 0.2;

    private Stacking() { }

    /** Moves the storeys above. */
    public static Edit height(StoreyId id, double metres) {
        return Edit.of("edit.storey-height", p -> {
            Storey s = p.storey(id).orElse(null);
            if (s == null || metres < LOWEST) return p;
            double by = metres - s.height().value();
            List<Storey> out = new ArrayList<>();
            boolean above = false;
            for (Storey x : p.storeys()) {
                if (x.id().equals(id)) out.add(x.withHeight(Given.stated(metres)));
                else out.add(above && Math.abs(by) > 1e-12 ? x.withLevel(x.level().map(l -> l + by)) : x);
                above |= x.id().equals(id);
            }
            return p.withStoreys(out);
        });
    }

    /** Moves this storey alone: the heights below and of itself give and take. Refused (no change) where one would vanish. */
    public static Edit level(StoreyId id, double metres) {
        return Edit.of("edit.storey-level", p -> {
            List<Storey> s = new ArrayList<>(p.storeys());
            int i = index(s, id);
            if (i < 0) return p;
            if (i > 0 && metres - s.get(i - 1).level().value() < LOWEST) return p;
            if (i + 1 < s.size() && s.get(i + 1).level().value() - metres < LOWEST) return p;
            if (i > 0) {
                double below = metres - s.get(i - 1).level().value();
                s.set(i - 1, s.get(i - 1).withHeight(s.get(i - 1).height().map(_ -> below)));
            }
            Storey moved = s.get(i).withLevel(Given.stated(metres));
            if (i + 1 < s.size()) {
                double own = s.get(i + 1).level().value() - metres;
                moved = moved.withHeight(moved.height().map(_ -> own));
            }
            s.set(i, moved);
            return p.withStoreys(s);
        });
    }

    private static int index(List<Storey> s, StoreyId id) {
        for (int i = 0; i < s.size(); i++) if (s.get(i).id().equals(id)) return i;
        return -1;
    }

    public static Edit rename(StoreyId id, String name) {
        return Edit.of("edit.storey-name", name, p -> name.isBlank() ? p : p.withStorey(id, s -> s.withName(name.strip())));
    }

    /** On top of the uppermost; as high as it. */
    public static Edit add(StoreyId id, String name) {
        return Edit.of("edit.storey-add", name, p -> p.withStoreys(withTop(p, id, name)));
    }

    private static List<Storey> withTop(Project p, StoreyId id, String name) {
        Storey top = p.storeys().getLast();
        List<Storey> out = new ArrayList<>(p.storeys());
        out.add(new Storey(id, name, Given.assumed(top.top()), Given.assumed(top.height().value()), List.of()));
        return out;
    }

    /** Below the lowest; as high as it. */
    public static Edit addBelow(StoreyId id, String name) {
        return Edit.of("edit.storey-add", name, p -> {
            Storey low = p.storeys().getFirst();
            List<Storey> out = new ArrayList<>(p.storeys());
            out.addFirst(new Storey(id, name, Given.assumed(low.level().value() - low.height().value()),
                Given.assumed(low.height().value()), List.of()));
            return p.withStoreys(out);
        });
    }

    /** With what stands on it; the storeys above come down by its height. The last storey stays. */
    public static Edit remove(StoreyId id) {
        return Edit.of("edit.storey-remove", p -> {
            if (p.storeys().size() < 2 || p.storey(id).isEmpty()) return p;
            double by = p.storey(id).get().height().value();
            boolean lowest = p.storeys().getFirst().id().equals(id);
            List<Storey> out = new ArrayList<>();
            boolean above = false;
            for (Storey s : p.storeys()) {
                if (s.id().equals(id)) above = true;
                else out.add(above && !lowest ? s.withLevel(s.level().map(l -> l - by)) : s);
            }
            return p.withContents(id, _ -> Contents.NONE).withStoreys(out);
        });
    }

    /** Everything of one storey into a storey, as new elements; openings go into the repeated walls, slabs follow them. */
    public static Edit repeat(StoreyId from, StoreyId into) {
        return Edit.of("edit.storey-repeat", p -> p.withContents(into, c -> c.plus(Repeating.copies(p.on(from), _ -> ElementId.fresh()))));
    }

    /** A new storey on top with the content of another: one step. */
    public static Edit repeatAbove(StoreyId from, StoreyId id, String name) {
        Edit add = add(id, name), fill = repeat(from, id);
        return Edit.of("edit.storey-repeat", name, p -> fill.apply(add.apply(p)));
    }
}
