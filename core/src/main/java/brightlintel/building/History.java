package brightlintel.building;

import java.util.ArrayList;
import java.util.List;

/** Undo and redo as lists of values. A change of nothing is no step; edits of one gesture are one step. */
public record History(Project now, List<Step> past, List<Step> future) {
    public History {
        past = List.copyOf(past);
        future = List.copyOf(future);
    }

    /** @param other the project on the far side of the step */
    public record Step(Edit edit, Project other) { }

    public static History of(Project p) {
        return new History(p, List.of(), List.of());
    }

    /**
     * A gesture's edits each begin where the gesture began: a corner dragged over others takes none of them along, and one that comes back
     * to where it was leaves no step.
     */
    public History then(Edit edit) {
        boolean goesOn = !past.isEmpty() && future.isEmpty() && edit.continues(past.getLast().edit());
        Project base = goesOn ? past.getLast().other() : now, next = edit.apply(base);
        if (next.equals(now)) return this;
        List<Step> steps = new ArrayList<>(goesOn ? past.subList(0, past.size() - 1) : past);
        if (next.equals(base)) return new History(base, steps, List.of());
        steps.add(new Step(edit, base));
        return new History(next, steps, List.of());
    }

    public boolean canUndo() {
        return !past.isEmpty();
    }

    public boolean canRedo() {
        return !future.isEmpty();
    }

    public History undo() {
        if (past.isEmpty()) return this;
        Step s = past.getLast();
        List<Step> ahead = new ArrayList<>(future);
        ahead.add(new Step(s.edit(), now));
        return new History(s.other(), past.subList(0, past.size() - 1), ahead);
    }

    public History redo() {
        if (future.isEmpty()) return this;
        Step s = future.getLast();
        List<Step> back = new ArrayList<>(past);
        back.add(new Step(s.edit(), now));
        return new History(s.other(), back, future.subList(0, future.size() - 1));
    }
}
