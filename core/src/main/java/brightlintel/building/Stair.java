package brightlintel.building;

import java.util.List;

import brightlintel.geom.Piece;

/**
 * A stair along the line that is walked, in the middle of its width. Where the line bends there is a landing; where it is an arc, the steps
 * are wedges.
 *
 * @param line   from the first riser to the last, each piece where the one before ends
 * @param risers from its base to where it ends
 * @param base   what its first riser stands on
 * @param top    where its last riser ends
 */
public record Stair(ElementId id, List<Piece> line, Given<Double> width, Given<Integer> risers, Stand base, Top top, Provenance from)
    implements StoreyElement {
    private static final int MOST = 200;

    public Stair {
        line = List.copyOf(line);
        if (line.isEmpty() || line.stream().anyMatch(p -> !(p.length() > 1e-6))) throw new IllegalArgumentException("stair without length");
        if (!(width.value() > 0.1 && width.value() < 50))
            throw new IllegalArgumentException("width " + width.value() + " is not within 0.1..50");
        if (risers.value() < 2 || risers.value() > MOST)
            throw new IllegalArgumentException("risers " + risers.value() + " are not within 2.." + MOST);
    }

    public Stair withWidth(Given<Double> w) {
        return new Stair(id, line, w, risers, base, top, from);
    }

    public Stair withRisers(Given<Integer> n) {
        return new Stair(id, line, width, n, base, top, from);
    }

    public Stair with(List<Piece> l) {
        return new Stair(id, l, width, risers, base, top, from);
    }

    public Stair withBase(Stand b) {
        return new Stair(id, line, width, risers, b, top, from);
    }

    public Stair withTop(Top t) {
        return new Stair(id, line, width, risers, base, t, from);
    }

    /** Walked from where it ended. */
    public Stair reversed() {
        return with(line.reversed().stream().map(Piece::reversed).toList());
    }

    @Override public Stair withId(ElementId i, Provenance p) {
        return new Stair(i, line, width, risers, base, top, p);
    }
}
