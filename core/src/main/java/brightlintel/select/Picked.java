package brightlintel.select;

import java.util.BitSet;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** Things of one drawing that are picked: strokes by their number, texts, fills and pictures by theirs. Never changed. */
public final class Picked {
    public static final Picked NOTHING = new Picked(new BitSet(), new BitSet());
    private final BitSet strokes, marks;

    /** Takes the sets over. */
    Picked(BitSet strokes, BitSet marks) {
        this.strokes = strokes;
        this.marks = marks;
    }

    public static Picked stroke(int stroke) {
        BitSet one = new BitSet();
        one.set(stroke);
        return new Picked(one, new BitSet());
    }

    public boolean hasStroke(int stroke) {
        return strokes.get(stroke);
    }

    public boolean hasMark(int mark) {
        return marks.get(mark);
    }

    public int strokeCount() {
        return strokes.cardinality();
    }

    public int count() {
        return strokes.cardinality() + marks.cardinality();
    }

    public boolean isEmpty() {
        return strokes.isEmpty() && marks.isEmpty();
    }

    public IntStream strokes() {
        return strokes.stream();
    }

    /** By {@code Strokes.mark(int)}. */
    public IntStream marks() {
        return marks.stream();
    }

    /** Those of them that are wanted. */
    public Picked only(IntPredicate stroke, IntPredicate mark) {
        BitSet s = (BitSet) strokes.clone(), m = (BitSet) marks.clone();
        strokes.stream().filter(i -> !stroke.test(i)).forEach(s::clear);
        marks.stream().filter(i -> !mark.test(i)).forEach(m::clear);
        return new Picked(s, m);
    }

    public Picked with(Picked o) {
        BitSet s = (BitSet) strokes.clone(), m = (BitSet) marks.clone();
        s.or(o.strokes);
        m.or(o.marks);
        return new Picked(s, m);
    }

    /** Those that only one of the two has: picking again what is picked takes it out. */
    public Picked toggled(Picked o) {
        BitSet s = (BitSet) strokes.clone(), m = (BitSet) marks.clone();
        s.xor(o.strokes);
        m.xor(o.marks);
        return new Picked(s, m);
    }

    @Override public boolean equals(Object o) {
        return o instanceof Picked p && strokes.equals(p.strokes) && marks.equals(p.marks);
    }

    @Override public int hashCode() {
        return 31 * strokes.hashCode() + marks.hashCode();
    }

    @Override public String toString() {
        return "Picked[" + strokes.cardinality() + " strokes, " + marks.cardinality() + " marks]";
    }
}
