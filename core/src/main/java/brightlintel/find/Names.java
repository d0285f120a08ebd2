package brightlintel.find;

import brightlintel.building.DrawnRef;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Strokes;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntConsumer;
import java.util.function.IntFunction;

/**
 * An index from names to numbers: the upper forty bits of a long are a hash of the name, the lower 24 the number, sorted. Different names
 * may share a hash, so what is found is compared whole.
 */
final class Names {
    private static final int NUMBER = 24;
    private static final long NUMBERS = (1L << NUMBER) - 1;
    private final boolean byHandle;
    private final long[] keys;

    /** What a name is made of. */
    record Name(EntityKey entity, Strokes.Path path, int piece) { }

    Names(boolean byHandle, int size, IntFunction<Name> nameOf) {
        this.byHandle = byHandle;
        Map<Strokes.Path, Long> paths = new IdentityHashMap<>();
        keys = new long[size];
        for (int i = 0; i < size; i++) {
            Name n = nameOf.apply(i);
            long path = n.path == null ? 0 : paths.computeIfAbsent(n.path, p -> hash(steps(p)));
            keys[i] = top(mixed(path, n.entity, n.piece)) | i;
        }
        Arrays.parallelSort(keys);
    }

    /** From the outermost insert to the innermost. */
    static List<DrawnRef.Step> steps(Strokes.Path path) {
        ArrayDeque<DrawnRef.Step> out = new ArrayDeque<>();
        for (Strokes.Path p = path; p != null; p = p.outer()) out.addFirst(new DrawnRef.Step(p.insert(), p.row(), p.column()));
        return List.copyOf(out);
    }

    private long hash(List<DrawnRef.Step> steps) {
        long h = 1;
        for (DrawnRef.Step s : steps) h = scrambled(mixed(h, s.insert(), 31 * s.row() + s.column()));
        return h;
    }

    private long mixed(long path, EntityKey e, int piece) {
        return scrambled(path * 31 + (byHandle ? e.handle().hashCode() : e.ordinal())) + piece;
    }

    /** Spreads close numbers over all bits (the finaliser of Steele, Lea and Flood 2014). */
    private static long scrambled(long z) {
        z = (z ^ z >>> 30) * 0xbf58476d1ce4e5b9L;
        z = (z ^ z >>> 27) * 0x94d049bb133111ebL;
        return z ^ z >>> 31;
    }

    private static long top(long hash) {
        return scrambled(hash) & ~NUMBERS;
    }

    /** Numbers whose names may be this one. */
    void candidates(DrawnRef ref, int piece, IntConsumer hit) {
        long want = top(mixed(ref.blockPath().isEmpty() ? 0 : hash(ref.blockPath()), ref.entity(), piece));
        int at = Arrays.binarySearch(keys, want);
        for (int i = at < 0 ? -at - 1 : at; i < keys.length && (keys[i] & ~NUMBERS) == want; i++) hit.accept((int) (keys[i] & NUMBERS));
    }

    /** Whether two keys are one in this index's way of naming. */
    boolean same(EntityKey a, EntityKey b) {
        return byHandle ? !a.handle().isEmpty() && a.handle().equals(b.handle()) : a.ordinal() == b.ordinal();
    }

    boolean same(List<DrawnRef.Step> a, List<DrawnRef.Step> b) {
        if (a.size() != b.size()) return false;
        for (int i = 0; i < a.size(); i++) {
            DrawnRef.Step x = a.get(i), y = b.get(i);
            if (x.row() != y.row() || x.column() != y.column() || !same(x.insert(), y.insert())) return false;
        }
        return true;
    }
}
