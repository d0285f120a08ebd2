package brightlintel.read.pdf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Entity;
import java.util.ArrayList;
import java.util.List;

/**
 * What was painted in crumbs, put together again, in the order of painting: dashes that a writer drew each by itself, lines that fill an
 * area, outlines and arcs in pieces, characters that are areas. Only what follows each other is looked at: a writer that breaks a thing
 * up paints its pieces in a row.
 */
final class Gathering {
    private Gathering() { }

    /** Takes what it can from the front of a row of shapes. */
    interface Gatherer {
        /** @return how many shapes from {@code from} on it has taken, 0 for none */
        int take(List<Entity> all, int from, List<Entity> out);
    }

    static void of(Ink ink) {
        // dashes first: a row of dotted lines would pass for a hatch of its dots
        pass(ink, new Crumbs(ink), Code.DASHES_JOINED);
        pass(ink, new HatchLines(ink), Code.LINES_GATHERED);
        pass(ink, new Rejoined(ink), Code.LINES_JOINED);
        pass(ink, new OutlinedText(ink), Code.TEXT_AS_OUTLINES);
    }

    private static void pass(Ink ink, Gatherer g, Code code) {
        List<Entity> all = ink.entities, out = null;
        for (int i = 0; i < all.size(); ) {
            List<Entity> made = new ArrayList<>(0);
            int n = g.take(all, i, made);
            if (n > 0 && out == null) out = new ArrayList<>(all.subList(0, i));
            if (n > 0) {
                ink.report.say(code, ink.at(), n);
                out.addAll(made);
            } else if (out != null) out.add(all.get(i));
            i += Math.max(1, n);
        }
        if (out == null) return;
        all.clear();
        all.addAll(out);
    }
}
