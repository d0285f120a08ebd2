package brightlintel.receive;

import brightlintel.building.Edit;
import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.UnderlayId;
import brightlintel.correct.StoreyWords;
import brightlintel.edit.Cutting;
import brightlintel.edit.Stacking;
import brightlintel.geom.Ring;
import brightlintel.sheet.SheetParts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What becomes of the parts of a sheet: which are taken, and on which storey each is laid. */
public final class SheetCuts {
    private SheetCuts() { }

    /**
     * A part and what was chosen for it.
     *
     * @param cut what is cut out, file units: the part with a little room, or an outline as it was drawn
     * @param on  the storey of a plan; none for what is kept without one, as elevations are for their heights
     */
    public record Choice(SheetParts.Part part, Ring cut, boolean taken, Optional<LayOn> on) {
        public Choice taken(boolean t) {
            return new Choice(part, cut, t, on);
        }

        public Choice on(LayOn l) {
            return new Choice(part, cut, true, Optional.of(l));
        }
    }

    /**
     * Each plan on the storey that its title names, the first without a title on the storey in hand and each further one on the next;
     * elevations and sections kept; what is drawn a second time, legends, details and key plans not.
     */
    public static List<Choice> proposed(Project p, StoreyId inHand, SheetParts parts) {
        List<Choice> out = new ArrayList<>();
        List<Storey> all = p.storeys();
        int next = 0;
        for (int i = 0; i < all.size(); i++) if (all.get(i).id().equals(inHand)) next = i;
        for (SheetParts.Part x : parts.parts()) {
            Optional<LayOn> on = Optional.empty();
            if (x.kind() == SheetParts.Kind.PLAN) {
                on = LayOn.byTitle(p, Optional.of(x.title()).filter(t -> !t.isEmpty()));
                if (on.isEmpty()) {
                    on = Optional.of(next < all.size() ? new LayOn.There(all.get(next).id())
                        : new LayOn.New(x.title().isEmpty() ? all.getLast().name() + " + " + (next - all.size() + 1) : x.title(), false));
                    if (x.sameAs().isEmpty()) next++;
                }
            }
            boolean kept = x.kind() == SheetParts.Kind.PLAN || x.kind() == SheetParts.Kind.ELEVATION || x.kind() == SheetParts.Kind.SECTION;
            out.add(new Choice(x, x.withRoom(), kept && x.sameAs().isEmpty(), on));
        }
        return out;
    }

    /** All that is taken, as one step: new storeys from the ground up and down, then the cut-outs. */
    public static Edit lay(UnderlayId sheet, List<Choice> choices) {
        List<Choice> taken = new ArrayList<>(choices.stream().filter(Choice::taken).toList());
        taken.sort(Comparator.comparing(c -> c.on.isEmpty()));
        List<Cutting.Cut> cuts = new ArrayList<>();
        List<Edit> storeys = new ArrayList<>();
        List<Choice> rising = new ArrayList<>(taken);
        rising.sort(Comparator.comparingInt(c -> Math.abs(level(c))));
        // by identity: two outlines drawn alike by hand are two
        Map<Choice, StoreyId> fresh = new IdentityHashMap<>();
        for (Choice c : rising)
            if (c.on.orElse(null) instanceof LayOn.New(String name, boolean below)) {
                StoreyId id = StoreyId.fresh();
                storeys.add(below ? Stacking.addBelow(id, name) : Stacking.add(id, name));
                fresh.put(c, id);
            }
        for (Choice c : taken)
            cuts.add(new Cutting.Cut(UnderlayId.fresh(), c.cut, c.on.map(l -> switch (l) {
                case LayOn.There(StoreyId id) -> id;
                case LayOn.New _ -> fresh.get(c);
            })));
        Edit parts = Cutting.parts(sheet, cuts);
        return Edit.of(parts.name(), p -> {
            Project now = p;
            for (Edit e : storeys) now = e.apply(now);
            Project done = parts.apply(now);
            // no storeys for a sheet that is gone
            return done.equals(now) ? p : done;
        });
    }

    private static int level(Choice c) {
        return c.part.storey().isPresent() ? c.part.storey().getAsInt() : StoreyWords.level(c.part.title()).orElse(0);
    }
}
