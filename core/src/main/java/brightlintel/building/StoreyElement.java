package brightlintel.building;

/**
 * Something that stands on one storey. Whoever draws, builds, writes or counts elements switches over these without a default, so that a
 * new kind cannot be forgotten anywhere.
 */
public sealed interface StoreyElement extends Element permits Wall, Opening, Slab, Column, Room, Separation, Stair, Roof, Zone,
    BuildingOutline {
    /** The same as another element; what it refers to stays. */
    StoreyElement withId(ElementId id, Provenance from);
}
