package brightlintel.desktop.state;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.recognise.Held;
import brightlintel.recognise.Recognised;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The storey that is held against its drawing, and what somebody keeps of it whatever the drawing shows. */
final class HeldStorey {
    private Optional<StoreyId> on = Optional.empty();
    private final Set<ElementId> kept = new HashSet<>();
    private Held held = Held.NOTHING;
    private Recognised of;
    private Contents against;

    /** Another one, or none; what was kept is forgotten. */
    void hold(Optional<StoreyId> storey) {
        on = storey;
        kept.clear();
    }

    /** Worked out once for each state of both; nothing while another storey is in hand, or the drawing is looked through. */
    Optional<Held> of(StoreyId inHand, Optional<Recognised> found, Contents c) {
        if (on.filter(inHand::equals).isEmpty() || found.isEmpty()) return Optional.empty();
        if (of != found.get() || against != c) held = Held.of(found.get(), c);
        of = found.get();
        against = c;
        return Optional.of(held);
    }

    void keep(ElementId id) {
        kept.add(id);
    }

    /** What is not kept. */
    List<StoreyElement> open(List<StoreyElement> some) {
        return some.stream().filter(e -> !kept.contains(e.id())).toList();
    }
}
