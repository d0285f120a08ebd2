package brightlintel.desktop.state;

import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import java.util.Optional;

/**
 * Whether the drawings of another storey lie faintly under those of the one in hand.
 *
 * @param of the one that was chosen; else that below, or above the lowest
 */
public record Echo(boolean on, Optional<StoreyId> of) {
    public static final Echo OFF = new Echo(false, Optional.empty());

    public Echo withOn(boolean o) {
        return new Echo(o, of);
    }

    /** The storey meant, whether it is on or not; none where there is but one. */
    public Optional<Storey> meant(Project p, StoreyId inHand) {
        return of.filter(s -> !s.equals(inHand)).flatMap(p::storey).or(() -> p.below(inHand)).or(() -> p.above(inHand));
    }

    /** The storey whose drawings are to be seen. */
    public Optional<Storey> seen(Project p, StoreyId inHand) {
        return on ? meant(p, inHand) : Optional.empty();
    }
}
