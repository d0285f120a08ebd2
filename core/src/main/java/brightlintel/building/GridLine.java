package brightlintel.building;

import brightlintel.geom.Piece;
import java.util.Optional;
import java.util.Set;

/** @param only the storeys that show it; empty: all */
public record GridLine(ElementId id, String label, Optional<String> family, Piece line, Optional<Set<StoreyId>> only, Provenance from)
    implements Element {
    public GridLine {
        only = only.map(Set::copyOf);
    }

    public boolean isOn(StoreyId storey) {
        return only.isEmpty() || only.get().contains(storey);
    }

    public GridLine withLabel(String l) {
        return new GridLine(id, l, family, line, only, from);
    }

    public GridLine with(Piece p) {
        return new GridLine(id, label, family, p, only, from);
    }
}
