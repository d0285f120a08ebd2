package brightlintel.desktop.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

import brightlintel.building.ElementId;
import brightlintel.building.Provenance;
import brightlintel.building.StoreyElement;
import brightlintel.building.Zone;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Ring;
import brightlintel.joint.FacadeZones;

/** Zones along each façade of an outline, and the core. */
final class FacadeMaking {
    private FacadeMaking() { }

    static void make(Workspace w, Ring outline) {
        Optional<List<FacadeZones.Part>> parts = FacadeZones.of(outline, w.settings().facadeDepth(), w.project().site().north().value());
        if (parts.isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of("outline.zones-none")));
            return;
        }
        List<StoreyElement> some = new ArrayList<>();
        for (FacadeZones.Part p : parts.get())
            some.add(new Zone(ElementId.fresh(), Words.of("facade." + p.faces()), p.ground().outline(), p.ground().holes(),
                Optional.empty(),
                Provenance.BY_HAND));
        w.apply(Tracing.add("edit.zones", w.storeyId(), some));
        w.select(some.stream().map(StoreyElement::id).collect(Collectors.toSet()));
    }
}
