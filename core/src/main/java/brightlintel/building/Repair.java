package brightlintel.building;

/** Something mended in the working copy; the original stays as it is. */
public sealed interface Repair {
    /** A stroke drawn a second time is set aside in favour of the other. */
    record Doubled(StrokeRef dropped, StrokeRef kept) implements Repair { }
}
