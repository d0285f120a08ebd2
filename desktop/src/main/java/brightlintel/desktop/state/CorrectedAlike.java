package brightlintel.desktop.state;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.StoreyElement;
import brightlintel.edit.Tracing;
import brightlintel.recognise.Corrections;
import brightlintel.recognise.Recognised;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What follows from what somebody changed of what had been proposed: what waits follows by itself, what stands when it is asked for. */
public final class CorrectedAlike {
    private final Workspace w;
    private Corrections corrections = Corrections.NONE;
    private Recognised of;
    private Contents by;
    private final Set<ElementId> leftAsIs = new HashSet<>();

    CorrectedAlike(Workspace w) {
        this.w = w;
    }

    void forget() {
        leftAsIs.clear();
        of = null;
    }

    /** By what was recognised; worked out once for each state of the storey. */
    Corrections by(Recognised found) {
        if (found == null) return Corrections.NONE;
        if (of != found || by != w.contents()) corrections = Corrections.of(found, w.contents());
        of = found;
        by = w.contents();
        return corrections;
    }

    /** What stands, was proposed like one that was changed since, and is as it was proposed: as each would be. */
    public List<StoreyElement> others() {
        return by(w.proposals().found().orElse(null)).others().values().stream().filter(e -> !leftAsIs.contains(e.id())).toList();
    }

    /** All of those as the one that was changed. */
    public void take() {
        Map<ElementId, StoreyElement> to = new HashMap<>();
        for (StoreyElement e : others()) to.put(e.id(), e);
        if (!to.isEmpty()) w.apply(Tracing.replace("edit.correct-alike", to));
    }

    /** They are right as they are. */
    public void leave() {
        others().forEach(e -> leftAsIs.add(e.id()));
        w.tell(Change.EVIDENCE);
    }
}
