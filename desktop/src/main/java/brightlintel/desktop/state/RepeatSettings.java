package brightlintel.desktop.state;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.Set;

import brightlintel.building.StoreyId;
import brightlintel.edit.Repeating;

/** What the next repeating of a storey will take along, and where to. @param same whether they stay the same as it */
public record RepeatSettings(boolean open, Set<StoreyId> into, Set<Repeating.What> what, boolean same) {
    public static final RepeatSettings USUAL = new RepeatSettings(false, Set.of(), EnumSet.allOf(Repeating.What.class), false);

    public RepeatSettings {
        into = Set.copyOf(into);
        what = Set.copyOf(what);
    }

    public RepeatSettings opened(boolean o) {
        return new RepeatSettings(o, into, what, same);
    }

    public RepeatSettings toggled(StoreyId s) {
        Set<StoreyId> now = new HashSet<>(into);
        if (!now.remove(s)) now.add(s);
        return new RepeatSettings(open, now, what, same);
    }

    public RepeatSettings toggled(Repeating.What w) {
        Set<Repeating.What> now = new HashSet<>(what);
        if (!now.remove(w)) now.add(w);
        return new RepeatSettings(open, into, now, same);
    }

    public RepeatSettings withSame(boolean s) {
        return new RepeatSettings(open, into, what, s);
    }
}
