package brightlintel.building;

/** Kept inside the project file, or followed where it lies. */
public sealed interface Custody {
    record Kept() implements Custody { }

    record Followed(String path) implements Custody { }
}
