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
                else out.add(above && x.part().equals(s.part()) && Math.abs(by) > 1e-12 ? x.withLevel(x.level().map(l -> l + by)) : x);
                above |= x.id().equals(id);
            }
            return p.withStoreys(out);
        });
    }

    /** Moves this storey alone: the heights below and of itself give and take. Refused (no change) where one would vanish. */
    public static Edit level(StoreyId id, double metres) {
        return Edit.of("edit.storey-level", p -> {
            List<Storey> s = new ArrayList<>(p.stack(p.storey(id).map(Storey::part).orElse("")));
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
            return p.withStoreys(p.storeys().stream().map(x -> index(s, x.id()) < 0 ? x : s.get(index(s, x.id()))).toList());
        });
    }

    private static int index(List<Storey> s, StoreyId id) {
        for (int i = 0; i < s.size(); i++) if (s.get(i).id().equals(id)) return i;
        return -1;
    }

    public static Edit rename(StoreyId id, String name) {
        return Edit.of("edit.storey-name", name, p -> name.isBlank() ? p : p.withStorey(id, s -> s.withName(name.strip())));
    }

    /** On top of the part of the building that a storey is of; as high as its uppermost. */
    public static Edit add(StoreyId of, StoreyId id, String name) {
        return Edit.of("edit.storey-add", name, p -> p.withStoreys(withTop(p, part(p, of), id, name)));
    }

    /** On top of the first part of the building. */
    public static Edit add(StoreyId id, String name) {
        return Edit.of("edit.storey-add", name, p -> p.withStoreys(withTop(p, p.parts().getFirst(), id, name)));
    }

    private static String part(Project p, StoreyId of) {
        return p.storey(of).map(Storey::part).orElse(p.parts().getFirst());
    }

    private static List<Storey> withTop(Project p, String part, StoreyId id, String name) {
        List<Storey> out = new ArrayList<>(p.storeys());
        Storey top = p.stack(part).getLast();
        out.add(out.indexOf(top) + 1, new Storey(id, name, Given.assumed(top.top()), Given.assumed(top.height().value()), List.of())
            .ofPart(part));
        return out;
    }

    /** Below the part of the building that a storey is of; as high as its lowest. */
    public static Edit addBelow(StoreyId of, StoreyId id, String name) {
        return Edit.of("edit.storey-add", name, p -> p.withStoreys(withBelow(p, part(p, of), id, name)));
    }

    /** Below the first part of the building. */
    public static Edit addBelow(StoreyId id, String name) {
        return Edit.of("edit.storey-add", name, p -> p.withStoreys(withBelow(p, p.parts().getFirst(), id, name)));
    }

    private static List<Storey> withBelow(Project p, String part, StoreyId id, String name) {
        List<Storey> out = new ArrayList<>(p.storeys());
        Storey low = p.stack(part).getFirst();
        out.add(out.indexOf(low), new Storey(id, name, Given.assumed(low.level().value() - low.height().value()),
            Given.assumed(low.height().value()), List.of()).ofPart(part));
        return out;
    }

    /** Another part of the building beside a storey's, with one storey as it is. Nothing where a part is called so. */
    public static Edit addPart(StoreyId beside, StoreyId id, String part, String name) {
        return Edit.of("edit.part-add", part, p -> {
            Storey s = p.storey(beside).orElse(null);
            if (s == null || part.isBlank() || p.parts().contains(part.strip())) return p;
            List<Storey> out = new ArrayList<>(p.storeys());
            out.add(new Storey(id, name, s.level(), s.height(), List.of()).ofPart(part.strip()));
            return p.withStoreys(out);
        });
    }

    public static Edit renamePart(String from, String to) {
        return Edit.of("edit.part-name", to, p -> to.isBlank() || p.parts().contains(to.strip()) ? p : p.withStoreys(p.storeys().stream()
            .map(s -> s.part().equals(from) ? s.ofPart(to.strip()) : s).toList()));
    }

    /** With what stands on it; the storeys of its part above come down by its height. The last storey stays. */
    public static Edit remove(StoreyId id) {
        return Edit.of("edit.storey-remove", p -> {
            if (p.storeys().size() < 2 || p.storey(id).isEmpty()) return p;
            Storey gone = p.storey(id).get();
            double by = gone.height().value();
            boolean lowest = p.below(id).isEmpty();
            List<Storey> out = new ArrayList<>();
            boolean above = false;
            for (Storey s : p.storeys()) {
                if (s.id().equals(id)) above = true;
                else out.add(above && !lowest && s.part().equals(gone.part()) ? s.withLevel(s.level().map(l -> l - by)) : s);
            }
            return p.withContents(id, _ -> Contents.NONE).withStoreys(out);
        });
    }

    /** Everything of one storey into a storey, as new elements; openings go into the repeated walls, slabs follow them. */
    public static Edit repeat(StoreyId from, StoreyId into) {
        return Edit.of("edit.storey-repeat", p -> p.withContents(into, c -> c.plus(Repeating.copies(p.on(from), _ -> ElementId.fresh()))));
    }

    /** A new storey on top of the other's part with its content: one step. */
    public static Edit repeatAbove(StoreyId from, StoreyId id, String name) {
        return Edit.of("edit.storey-repeat", name, p -> repeat(from, id).apply(add(from, id, name).apply(p)));
    }
}
