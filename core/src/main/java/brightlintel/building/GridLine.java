package brightlintel.building;

import java.util.Optional;
import java.util.Set;

import brightlintel.geom.Piece;

/**
 * @param only the storeys that show it; empty: all
 * @param tags the ends at which its label stands
 */
public record GridLine(ElementId id, String label, Optional<String> family, Piece line, Optional<Set<StoreyId>> only, Provenance from,
                       Tags tags) implements Element {
    public enum Tags {
        START, END, BOTH;

        public Tags next() {
            return values()[(ordinal() + 1) % values().length];
        }
    }

    public GridLine {
        only = only.map(Set::copyOf);
        // what was saved before there was a choice
        if (tags == null) tags = Tags.START;
    }

    /** With its label at its start. */
    public GridLine(ElementId id, String label, Optional<String> family, Piece line, Optional<Set<StoreyId>> only, Provenance from) {
        this(id, label, family, line, only, from, Tags.START);
    }

    public boolean isOn(StoreyId storey) {
        return only.isEmpty() || only.get().contains(storey);
    }

    public GridLine withId(ElementId i) {
        return new GridLine(i, label, family, line, only, from, tags);
    }

    public GridLine withLabel(String l) {
        return new GridLine(id, l, family, line, only, from, tags);
    }

    public GridLine with(Piece p) {
        return new GridLine(id, label, family, p, only, from, tags);
    }

    public GridLine with(Provenance p) {
        return new GridLine(id, label, family, line, only, p, tags);
    }

    public GridLine with(Tags t) {
        return new GridLine(id, label, family, line, only, from, t);
    }

    public GridLine onlyOn(Optional<Set<StoreyId>> storeys) {
        return new GridLine(id, label, family, line, storeys, from, tags);
    }
}
