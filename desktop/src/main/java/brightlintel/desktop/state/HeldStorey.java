package brightlintel.desktop.state;

import brightlintel.building.Contents;
import brightlintel.building.Project;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.edit.Verdicts;
import brightlintel.recognise.Held;
import brightlintel.recognise.Recognised;
import java.util.List;
import java.util.Optional;

/** The storey that is held against its drawing. */
final class HeldStorey {
    private Optional<StoreyId> on = Optional.empty();
    private Held held = Held.NOTHING;
    private Recognised of;
    private Contents against;

    /** Another one, or none. */
    void hold(Optional<StoreyId> storey) {
        on = storey;
    }

    /** Worked out once for each state of both; nothing while another storey is in hand, or the drawing is looked through. */
    Optional<Held> of(StoreyId inHand, Optional<Recognised> found, Contents c) {
        if (on.filter(inHand::equals).isEmpty() || found.isEmpty()) return Optional.empty();
        if (of != found.get() || against != c) held = Held.of(found.get(), c);
        of = found.get();
        against = c;
        return Optional.of(held);
    }

    /** What nobody said to be so, whatever the drawing shows. */
    List<StoreyElement> open(List<StoreyElement> some, Project p) {
        return some.stream().filter(e -> !Verdicts.isSo(p, Verdicts.HELD, e.id())).toList();
    }
}
