package brightlintel.read.pdf;

/** What was painted in crumbs, put together again. */
final class Gathering {
    private Gathering() { }

    static void of(Ink ink) {
    }
}
