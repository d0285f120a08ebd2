package brightlintel.desktop.view3d;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.StoreyElement;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Tolerances;
import brightlintel.recognise.Recognised;
import brightlintel.solid.Body;
import brightlintel.solid.Solids;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What is proposed for the storey in hand, as bodies that are no part of the model: as each would stand among what is there. */
final class ProposedBodies {
    private Recognised of = Recognised.NOTHING;
    private Project in;
    private Seen seen = Seen.NOTHING;

    /** @param bodies with walls that stand as they would be with what is proposed in them; instead: of the model, ids of these walls */
    record Seen(List<Body> bodies, Set<ElementId> instead) {
        static final Seen NOTHING = new Seen(List.of(), Set.of());
    }

    Seen of(Workspace w) {
        if (w.stage() != Stage.TRACE || !w.space().showsProposals()) return Seen.NOTHING;
        Recognised open = w.proposals().open();
        if (open == of && in == w.project()) return seen;
        of = open;
        in = w.project();
        List<StoreyElement> some = new ArrayList<>(open.walls());
        some.addAll(open.openings());
        some.addAll(open.columns());
        if (some.isEmpty()) return seen = Seen.NOTHING;
        Set<ElementId> ids = some.stream().map(StoreyElement::id).collect(Collectors.toSet()),
            hosts = open.openings().stream().map(Opening::wall).collect(Collectors.toSet());
        Contents whole = in.on(w.storeyId()).plus(some);
        List<Body> bodies = Solids.of(in.withContents(w.storeyId(), _ -> whole), w.storeyId(), Tolerances.BUILDING).stream()
            .filter(b -> ids.contains(b.id()) || hosts.contains(b.id())).map(b -> ids.contains(b.id()) ? b.as(Body.Matter.PROPOSED)
            : b).toList();
        return seen = new Seen(bodies, hosts);
    }
}
