package brightlintel.building;

import brightlintel.geom.Piece;

/** A line that parts rooms where no wall does. */
public record Separation(ElementId id, Piece line, Provenance from) implements StoreyElement {
    public Separation {
        if (!(line.length() > 1e-6)) throw new IllegalArgumentException("separation without length");
    }

    public Separation with(Piece p) {
        return new Separation(id, p, from);
    }

    @Override public Separation withId(ElementId i, Provenance p) {
        return new Separation(i, line, p);
    }
}
