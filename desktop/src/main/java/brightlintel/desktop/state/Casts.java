package brightlintel.desktop.state;

import brightlintel.building.Cast;
import brightlintel.building.Project;
import brightlintel.building.Role;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.correct.Office;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Strokes;
import brightlintel.edit.Clearings;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.role.Casting;
import brightlintel.role.RoleProfile;
import brightlintel.select.Alike;
import brightlintel.select.Picked;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What parts of drawings stand for: found of all that is drawn, and what somebody said. */
public final class Casts {
    private final Workspace w;
    /** By casts other than those that were found: of the last drawing that was asked for. */
    private Counted counted = new Counted(null, List.of(), Map.of());
    private Lent lent = new Lent(null, 0, new HashMap<>());

    private record Counted(AsReceived.Key key, List<Cast> casts, Map<Role, Integer> counts) { }

    /** What drawings of one project lend each other, as long as it is the same and as many of them are read. */
    private record Lent(Project project, long read, Map<AsReceived.Key, List<Cast>> casts) { }

    Casts(Workspace w) {
        this.w = w;
    }

    /** Nothing while it is being worked out; its end is told as {@link Change#EVIDENCE}. */
    public Optional<List<Cast>> of(PlacedDrawing d) {
        return w.asReceived().of(d).map(seen -> Casting.with(Casting.before(seen.casts(), lent(d)), d.underlay().clearing().roles()));
    }

    private List<Cast> lent(PlacedDrawing d) {
        long read = w.project().underlays().stream().filter(u -> w.shelf().has(u).isPresent()).count();
        if (lent.project != w.project() || lent.read != read) lent = new Lent(w.project(), read, new HashMap<>());
        return lent.casts.computeIfAbsent(AsReceived.Key.of(d.underlay()), _ -> ofOffice(d));
    }

    /** What was said of other drawings of the project that look as if they came from the same office. */
    private List<Cast> ofOffice(PlacedDrawing d) {
        RoleProfile all = RoleProfile.NONE;
        for (Underlay o : w.project().underlays()) {
            if (o.sha256().equals(d.underlay().sha256())) continue;
            RoleProfile said = RoleProfile.of(o.clearing().roles(), true);
            if (!said.isEmpty() && isAlike(d.underlay(), o)) all = all.with(said);
        }
        return all.isEmpty() ? List.of() : all.in(d.strokes());
    }

    private boolean isAlike(Underlay a, Underlay b) {
        Optional<DrawingShelf.Shelved> x = w.shelf().has(a), y = w.shelf().has(b);
        return x.isPresent() && y.isPresent() && Office.isAlike(drawn(x.get()), drawn(y.get()));
    }

    private static Drawn drawn(DrawingShelf.Shelved s) {
        return Drawn.asReceived(s.drawing(), s.space(), s.strokes());
    }

    /** What the drawing in hand says of layers and blocks, found or said, for a file. */
    public RoleProfile profile() {
        return w.drawing().flatMap(this::of).map(c -> RoleProfile.of(c, false)).orElse(RoleProfile.NONE);
    }

    /** What a profile says of the drawing in hand, as one step. @return how many layers and blocks it speaks of */
    public int take(RoleProfile p) {
        PlacedDrawing d = w.drawing().orElseThrow();
        List<Cast> said = p.in(d.strokes());
        if (!said.isEmpty()) of(d).ifPresent(c -> w.apply(Clearings.casts(d.underlay().id(), c, said)));
        return said.size();
    }

    /** Strokes, texts and fills of each role; counted anew only where somebody said otherwise since. */
    public Map<Role, Integer> counts(PlacedDrawing d, List<Cast> casts) {
        Underlay u = d.underlay();
        if (u.cutOut().isPresent()) return Casting.counts(d.strokes(), casts, d.cleared()::shows);
        Optional<AsReceived.Seen> seen = w.asReceived().known(u).filter(x -> x.casts().equals(casts));
        if (seen.isPresent()) return seen.get().counts();
        AsReceived.Key key = AsReceived.Key.of(u);
        if (!key.equals(counted.key) || !counted.casts.equals(casts)) counted = new Counted(key, casts, Casting.counts(d.strokes(), casts));
        return counted.counts;
    }

    /** Shown things that are cast so. */
    public Picked cast(PlacedDrawing d, Role r) {
        Casting.Lookup of = new Casting.Lookup(of(d).orElse(List.of()));
        Strokes s = d.strokes();
        return Alike.of(d, i -> of.of(s, i).filter(r::equals).isPresent(), m -> of.of(s, s.mark(m)).filter(r::equals).isPresent());
    }

    /** Keeps only building. */
    public void strip() {
        w.drawing().ifPresent(d -> of(d).ifPresent(c -> w.apply(Clearings.strip(d.underlay().id(), c))));
    }

    public void show(UnderlayId u, Role r, boolean shown, String name) {
        w.drawing().flatMap(this::of).ifPresent(c -> w.apply(Clearings.role(u, c, r, shown, name)));
    }

    public void say(UnderlayId u, Cast.Part part, Role r, String name) {
        w.drawing().flatMap(this::of).ifPresent(c -> w.apply(Clearings.cast(u, c, part, r, name)));
    }
}
