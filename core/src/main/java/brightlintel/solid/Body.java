package brightlintel.solid;

import brightlintel.building.ElementId;
import brightlintel.building.StoreyId;

/**
 * A closed body as triangles, with the edges worth drawing. Metres, z up from the project's ±0.00.
 *
 * @param triangles nine numbers each, counter-clockwise seen from outside; not to be changed
 * @param edges     six numbers each; not to be changed
 */
public record Body(ElementId id, StoreyId storey, Matter matter, float[] triangles, float[] edges) {
    /** What it is made of; what is only proposed is a veil of one colour. */
    public enum Matter { WALL, SLAB, DOOR, GLASS, COLUMN, STAIR, ROOF, PROPOSED }

    public Body as(Matter m) {
        return new Body(id, storey, m, triangles, edges);
    }


    /** The same body, not one alike: arrays are not compared. */
    @Override public boolean equals(Object o) {
        return this == o;
    }

    @Override public int hashCode() {
        return System.identityHashCode(this);
    }
}
