package brightlintel.desktop.board;

import brightlintel.drawing.Detail;
import brightlintel.drawing.Strokes;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.paint.StrokePainter;
import brightlintel.place.PlacedDrawing;
import brightlintel.select.Picked;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * What lies under the model, in one look: told apart by being another object, so that a square painted for an earlier one cannot pass for
 * it.
 */
final class Ground {
    final List<Sheet> sheets;
    final int paper;
    /** Without what is lit; this one where nothing is. */
    final Ground plain;
    private final List<Lit> lit;
    /** The one before, where its pictures may stand in: the same drawings in the same places. */
    private Ground before;
    private List<StrokePainter> painters;

    /** A drawing and how it looks. @param details how many of its pictures can be had at full size by now */
    record Sheet(PlacedDrawing drawing, StrokePainter.Look look, long details) {
        Sheet(PlacedDrawing drawing, StrokePainter.Look look) {
            this(drawing, look, drawing.strokes().pictures().stream().filter(p -> p.pixels().detail().filter(Detail::isThere).isPresent())
                .count());
        }

        private boolean isPlacedLike(Sheet o) {
            return drawing.strokes() == o.drawing.strokes() && drawing.underlay().placement().equals(o.drawing.underlay().placement());
        }
    }

    /** What of a drawing is lit up, over all that lies there: a layer, or what is picked. */
    sealed interface Lit {
        void paint(PlanView square, Raster r);

        /** @param layer by its number */
        record OfLayer(PlacedDrawing drawing, int layer, int ink) implements Lit {
            @Override public void paint(PlanView square, Raster r) {
                Strokes s = drawing.strokes();
                StrokePainter.paintSome(drawing, i -> s.layerOf(i) == layer, m -> m < s.texts().size() && s.mark(m).layer() == layer, ink,
                    1, square, r);
            }
        }

        /** What is set aside, faintly under the rest. */
        record Aside(PlacedDrawing drawing, int ink, int paper) implements Lit {
            @Override public void paint(PlanView square, Raster r) {
                StrokePainter.paintAside(drawing, ink, paper, square, r);
            }
        }

        record Chosen(PlacedDrawing drawing, Picked picked, int ink) implements Lit {
            /** Broader than what it lies over, pixels. */
            private static final double WIDE = 2;

            @Override public void paint(PlanView square, Raster r) {
                StrokePainter.paintSome(drawing, picked::hasStroke, picked::hasMark, ink, WIDE, square, r);
            }
        }
    }

    /** Squares of the place that is to be painted. */
    interface Place {
        /** To be painted on. */
        Raster blank();

        /** A copy of what was painted for another ground; null where there is none. */
        Raster copy(Ground g);
    }

    Ground(List<Sheet> sheets, int paper, Ground earlier) {
        this.sheets = List.copyOf(sheets);
        this.paper = paper;
        this.plain = this;
        this.lit = List.of();
        this.before = earlier != null && isPlacedLike(earlier) ? earlier.plain : null;
        if (before != null) before.before = null;
    }

    private Ground(Ground plain, List<Lit> lit) {
        this.sheets = plain.sheets;
        this.paper = plain.paper;
        this.plain = plain;
        this.lit = List.copyOf(lit);
        this.before = plain.before;
    }

    Ground lit(List<Lit> now) {
        if (now.equals(lit)) return this;
        return now.isEmpty() ? plain : new Ground(plain, now);
    }

    /** null: none may stand in. */
    Ground before() {
        return plain.before;
    }

    private boolean isPlacedLike(Ground o) {
        if (sheets.size() != o.sheets.size()) return false;
        for (int i = 0; i < sheets.size(); i++) if (!sheets.get(i).isPlacedLike(o.sheets.get(i))) return false;
        return true;
    }

    /** Whether all but what is shown of the drawings is as before. */
    private boolean looksLike(Ground o) {
        if (paper != o.paper) return false;
        for (int i = 0; i < sheets.size(); i++) {
            Sheet s = sheets.get(i), t = o.sheets.get(i);
            if (!s.look.equals(t.look) || s.details != t.details) return false;
        }
        return true;
    }

    /** @return null where it gave up */
    Raster paint(PlanView square, Place place, BooleanSupplier stop) {
        return lit.isEmpty() ? paintPlain(square, place, stop) : paintLit(square, place, stop);
    }

    private Raster paintLit(PlanView square, Place place, BooleanSupplier stop) {
        Raster r = place.copy(plain);
        if (r == null) return null;
        for (Lit l : lit) l.paint(square, r);
        return stop.getAsBoolean() ? null : r;
    }

    private Raster paintPlain(PlanView square, Place place, BooleanSupplier stop) {
        Ground old = before;
        Raster there = old == null || !looksLike(old) || differs(old, square) ? null : place.copy(old);
        if (there != null) return there;
        Raster r = place.blank();
        r.clear(paper);
        for (StrokePainter p : painters()) if (!p.paint(square, r, stop)) return null;
        return r;
    }

    private boolean differs(Ground o, PlanView square) {
        for (int i = 0; i < sheets.size(); i++)
            if (StrokePainter.differ(sheets.get(i).drawing, o.sheets.get(i).drawing, square)) return true;
        return false;
    }

    private synchronized List<StrokePainter> painters() {
        if (painters == null) {
            painters = new ArrayList<>();
            for (Sheet s : sheets) painters.add(new StrokePainter(s.drawing, s.look));
        }
        return painters;
    }
}
