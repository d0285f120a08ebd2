package brightlintel.building;

import java.util.List;
import java.util.Set;

/**
 * What somebody said of a proposal or a finding: a refused one, and one that "is so", must not come back.
 *
 * @param on    what was drawn that it was about
 * @param about elements that it was about
 * @param kind  of the proposal or finding, by its key
 * @param so    it is so, or it is not
 * @param word  why, if they said; "" if not
 */
public record Verdict(List<DrawnRef> on, Set<ElementId> about, String kind, boolean so, String word) {
    public Verdict {
        on = List.copyOf(on);
        about = Set.copyOf(about);
    }
}
