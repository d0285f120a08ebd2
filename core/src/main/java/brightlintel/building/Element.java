package brightlintel.building;

/** Something traced. */
public sealed interface Element permits Wall, Opening, Slab, GridLine {
    ElementId id();

    Provenance from();
}
