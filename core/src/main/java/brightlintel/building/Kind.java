package brightlintel.building;

/** What elements are called that are made alike. A kind that is changed changes all that are of it. */
public sealed interface Kind permits WallKind, OpeningKind {
    KindId id();

    String name();
}
