package brightlintel.repair;

import brightlintel.building.Mend;
import brightlintel.geom.Curve;

/** Lines of no length, and very short ones that hang on nothing. */
final class Crumbs {
    private static final double SHORT = 3e-3;

    private Crumbs() { }

    /** Over an index that is new. */
    static boolean mend(Bundle b) {
        boolean any = false;
        double most = Math.min(SHORT / b.metres, b.tolerance);
        for (int i = 0; i < b.size(); i++) {
            if (!b.isLine(i) || b.length(i) > most) continue;
            boolean none = !(b.length(i) > 0);
            if (!none && !(b.isFree(i, 0) && b.isFree(i, 1))) continue;
            b.becomes(i, Bundle.DROPPED);
            b.count(Mend.CRUMBS, 1);
            b.bit(Mend.CRUMBS, new Curve.Straight(b.end(i, 0), b.end(i, 1)), false);
            any = true;
        }
        return any;
    }
}
