package brightlintel.select;

import brightlintel.drawing.Names;
import brightlintel.drawing.Strokes;
import brightlintel.place.PlacedDrawing;
import java.util.BitSet;
import java.util.IdentityHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntPredicate;

/** Shown things of a drawing that are like one of them, or are called so. */
public final class Alike {
    private Alike() { }

    /** All that came in through the same block, wherever it lies; of what is in none, all of its kind, layer, colour and line type. */
    public static Picked to(PlacedDrawing d, int stroke) {
        Strokes s = d.strokes();
        if (s.pathOf(stroke) != null) {
            String block = outermost(s.pathOf(stroke));
            return of(d, i -> s.pathOf(i) != null && outermost(s.pathOf(i)).equals(block),
                m -> s.mark(m).path() != null && outermost(s.mark(m).path()).equals(block));
        }
        return Selecting.like(d, stroke);
    }

    /** The block that was put into the drawing, whatever it holds; in lower case. */
    public static String outermost(Strokes.Path p) {
        Strokes.Path top = p;
        while (top.outer() != null) top = top.outer();
        return Names.key(top.block());
    }

    /** What was found by words. @param texts how many say so; blocks: names of those that are called so */
    public record Named(Picked picked, int texts, Set<String> blocks) { }

    /** Texts that hold some words, and all that came in through blocks whose names do. */
    public static Named named(PlacedDrawing d, String words) {
        String w = words.strip().toLowerCase(Locale.ROOT);
        Strokes s = d.strokes();
        Map<Strokes.Path, Boolean> called = new IdentityHashMap<>();
        Set<String> blocks = new TreeSet<>();
        if (w.isEmpty()) return new Named(Picked.NOTHING, 0, blocks);
        Picked p = of(d, i -> s.pathOf(i) != null && isCalled(s.pathOf(i), w, called, blocks), m -> {
            boolean says = s.mark(m) instanceof Strokes.TextMark t && t.plain().toLowerCase(Locale.ROOT).contains(w);
            return says || s.mark(m).path() != null && isCalled(s.mark(m).path(), w, called, blocks);
        });
        int texts = (int) p.marks().filter(m -> s.mark(m) instanceof Strokes.TextMark t
            && t.plain().toLowerCase(Locale.ROOT).contains(w)).count();
        return new Named(p, texts, blocks);
    }

    private static boolean isCalled(Strokes.Path p, String words, Map<Strokes.Path, Boolean> known, Set<String> names) {
        Boolean there = known.get(p);
        if (there != null) return there;
        boolean own = p.block().toLowerCase(Locale.ROOT).contains(words);
        if (own) names.add(p.block());
        boolean is = p.outer() != null && isCalled(p.outer(), words, known, names) || own;
        known.put(p, is);
        return is;
    }

    /** Those that are shown and wanted. */
    public static Picked of(PlacedDrawing d, IntPredicate stroke, IntPredicate mark) {
        BitSet strokes = new BitSet(), marks = new BitSet();
        for (int i = 0; i < d.strokes().size(); i++) if (d.cleared().strokeShown(i) && stroke.test(i)) strokes.set(i);
        for (int i = 0; i < d.strokes().marks(); i++) if (d.cleared().markShown(i) && mark.test(i)) marks.set(i);
        return new Picked(strokes, marks);
    }
}
