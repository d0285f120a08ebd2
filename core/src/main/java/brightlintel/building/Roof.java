package brightlintel.building;

import java.util.List;

import brightlintel.geom.Ring;

/**
 * A roof over an outline, the outer faces of the walls under it.
 *
 * @param overhang  beyond the outline, level
 * @param thickness of what lies over the walls, square to it
 * @param eaves     where its underside meets the outline
 */
public record Roof(ElementId id, Ring outline, Cover cover, Given<Double> overhang, Given<Double> thickness, Stand eaves, Provenance from)
    implements StoreyElement {
    public sealed interface Cover {
        /** @param edges what stands over each edge of the outline */
        record Pitched(List<Edge> edges) implements Cover {
            public Pitched {
                edges = List.copyOf(edges);
            }
        }

        /** @param parapet height above the roof, 0 for none; width: of the parapet */
        record Flat(double parapet, double width) implements Cover {
            public Flat {
                if (!(parapet >= 0 && parapet < 20)) throw new IllegalArgumentException("parapet " + parapet + " is not within 0..20");
                if (!(width > 0.001 && width < 5)) throw new IllegalArgumentException("width " + width + " is not within 0.001..5");
            }
        }
    }

    public sealed interface Edge {
        /** @param pitch radians */
        record Slope(double pitch) implements Edge {
            public Slope {
                if (!(pitch > 0 && pitch < Math.PI / 2)) throw new IllegalArgumentException("pitch " + pitch + " is not within 0..π/2");
            }
        }

        /** The wall under it goes up to the roof, which stands over it. */
        record Gable() implements Edge { }

        /** The roof ends at a higher wall. */
        record AtWall() implements Edge { }
    }

    public Roof {
        if (cover instanceof Cover.Pitched(List<Edge> edges) && edges.size() != outline.size())
            throw new IllegalArgumentException(edges.size() + " edges over an outline of " + outline.size());
        if (!(overhang.value() >= 0 && overhang.value() < 20))
            throw new IllegalArgumentException("overhang " + overhang.value() + " is not within 0..20");
        if (!(thickness.value() > 0.001 && thickness.value() < 5))
            throw new IllegalArgumentException("thickness " + thickness.value() + " is not within 0.001..5");
    }

    /** What stands over an edge of the outline; nothing where the roof is flat. */
    public List<Edge> edges() {
        return cover instanceof Cover.Pitched(List<Edge> e) ? e : List.of();
    }

    public Roof with(Cover c) {
        return new Roof(id, outline, c, overhang, thickness, eaves, from);
    }

    public Roof with(Ring o, Cover c) {
        return new Roof(id, o, c, overhang, thickness, eaves, from);
    }

    public Roof withOverhang(Given<Double> o) {
        return new Roof(id, outline, cover, o, thickness, eaves, from);
    }

    public Roof withThickness(Given<Double> t) {
        return new Roof(id, outline, cover, overhang, t, eaves, from);
    }

    public Roof withEaves(Stand e) {
        return new Roof(id, outline, cover, overhang, thickness, e, from);
    }

    @Override public Roof withId(ElementId i, Provenance p) {
        return new Roof(i, outline, cover, overhang, thickness, eaves, p);
    }
}
