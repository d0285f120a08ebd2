package brightlintel.desktop.state;

import brightlintel.building.Cast;
import brightlintel.building.GridLine;
import brightlintel.building.Role;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Bubbles;
import brightlintel.place.PlacedDrawing;
import brightlintel.role.Casting;
import brightlintel.select.Picked;
import brightlintel.trace.DrawnGrid;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;

/** The grid that is drawn in the drawing in hand: found once for each state of it. */
public final class FoundGrid {
    private final Workspace w;
    private PlacedDrawing of;
    private List<Cast> by = List.of();
    private List<DrawnGrid.Line> lines = List.of();
    private Reckoning reckoned;
    private List<Bubbles.Tagged> tags = List.of();

    FoundGrid(Workspace w) {
        this.w = w;
    }

    /** Nothing while the drawing is being looked through; its end is told as {@link Change#EVIDENCE}. */
    public Optional<List<DrawnGrid.Line>> lines() {
        Optional<PlacedDrawing> d = w.drawing();
        Optional<Reckoning> r = d.flatMap(w.reckonings()::of);
        Optional<List<Cast>> casts = d.flatMap(w.casts()::of);
        if (r.isEmpty() || casts.isEmpty()) return Optional.empty();
        if (of != d.get() || !by.equals(casts.get())) {
            Casting.Lookup roles = new Casting.Lookup(casts.get());
            boolean any = casts.get().stream().anyMatch(c -> c.role().value() == Role.GRID);
            IntPredicate isGrid = i -> any && roles.of(d.get().strokes(), i).filter(x -> x == Role.GRID).isPresent();
            lines = DrawnGrid.of(d.get(), tags(r.get()), isGrid);
            of = d.get();
            by = casts.get();
        }
        return Optional.of(lines);
    }

    /** Of a sheet that was stretched, as they are once it is not; worked out once. */
    private List<Bubbles.Tagged> tags(Reckoning r) {
        if (reckoned != r) tags = r.unstretched().look().allTagged();
        reckoned = r;
        return tags;
    }

    /** Those that the project does not have yet. */
    public List<GridLine> fresh() {
        Optional<List<DrawnGrid.Line>> all = lines();
        return all.isEmpty() ? List.of() : DrawnGrid.elements(all.get(), w.drawing().orElseThrow(), w.project().grid());
    }

    /** Lines among the strokes that are selected, with the labels that stand at them or that run on. */
    public List<GridLine> picked() {
        if (w.onBoard().pickedCount() == 0) return List.of();
        Optional<PlacedDrawing> d = w.drawing();
        Optional<Reckoning> r = d.flatMap(w.reckonings()::of);
        if (r.isEmpty()) return List.of();
        Picked some = w.onBoard().picked(d.get());
        List<DrawnGrid.Line> lines = DrawnGrid.of(d.get(), tags(r.get()).stream().filter(t ->
            some.hasStroke(t.stroke())).toList(),
            some::hasStroke);
        return DrawnGrid.elements(lines, d.get(), w.project().grid());
    }
}
