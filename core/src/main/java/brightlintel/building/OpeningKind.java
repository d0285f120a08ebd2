package brightlintel.building;

/**
 * What doors or windows are called that are of one size and way: door 885, window 1200. Metres.
 *
 * @param filling of which hand and side do not count
 * @param sill    and head: above the wall's base
 */
public record OpeningKind(KindId id, String name, Opening.Filling filling, double width, double sill, double head) implements Kind {
    /** Metres within which a drawn width is the kind's. */
    private static final double SAME = 0.005;

    public OpeningKind {
        if (!(width > 0.01 && width < 100)) throw new IllegalArgumentException("width " + width + " is not within 0.01..100");
        if (!(head > sill && Math.abs(sill) < 1e4 && head < 1e4))
            throw new IllegalArgumentException("head " + head + " is not above sill " + sill);
    }

    /** As an opening is. */
    public static OpeningKind of(KindId id, String name, Opening o) {
        return new OpeningKind(id, name, o.filling(), o.width().value(), o.sill().value(), o.head().value());
    }

    public OpeningKind withName(String n) {
        return new OpeningKind(id, n, filling, width, sill, head);
    }

    public OpeningKind withWidth(double w) {
        return new OpeningKind(id, name, filling, w, sill, head);
    }

    public OpeningKind withHeights(double s, double h) {
        return new OpeningKind(id, name, filling, width, s, h);
    }

    /** Of a door, a window or neither, of some width, whatever is known of its sill and head. */
    public boolean fits(Opening.Filling f, double w) {
        return filling.isLike(f) && Math.abs(w - width) <= SAME;
    }
}
