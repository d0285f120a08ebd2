package brightlintel.repair;

import brightlintel.building.Mend;
import brightlintel.building.Repair;
import brightlintel.drawing.Progress;
import brightlintel.drawing.Strokes;
import java.util.Set;

/** Mends a drawing: kind by kind, the strictest first, again until nothing changes any more. */
public final class Mending {
    private static final int ROUNDS = 8;

    private Mending() { }

    /**
     * Cost about n log n in strokes.
     *
     * @param metres per unit of the file
     */
    public static Repaired of(Strokes s, Repair.Mended recipe, double metres, Progress progress) {
        return of(s, recipe, metres, 0, progress);
    }

    /** @param rounded how far figures of the file may lie off what was drawn, metres */
    static Repaired of(Strokes s, Repair.Mended recipe, double metres, double rounded, Progress progress) {
        Bundle b = new Bundle(s, recipe.tolerance(), recipe.asOne(), metres, progress);
        b.rounded = rounded;
        Set<Mend> kinds = recipe.kinds();
        if (kinds.contains(Mend.ARCS)) Arcs.mend(b);
        b.reindex();
        for (int round = 0; round < ROUNDS; round++) {
            boolean any = Lines.mend(b, kinds);
            if (any) b.reindex();
            if (round == 0 && kinds.contains(Mend.CRUMBS) && Crumbs.mend(b)) b.reindex();
            any |= Ends.mend(b, kinds);
            if (!any) break;
            b.nextRound();
        }
        b.reindex();
        if (kinds.contains(Mend.DASHES) && Dashes.mend(b)) {
            b.nextRound();
            Lines.mend(b, kinds);
        }
        return b.repaired();
    }
}
