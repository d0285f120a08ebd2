package brightlintel.building;

/** Something traced. */
public sealed interface Element permits StoreyElement, GridLine {
    ElementId id();

    Provenance from();
}
