package brightlintel.paint;

import brightlintel.drawing.Pixels;
import java.lang.ref.SoftReference;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.WeakHashMap;

/** Pictures at half, a quarter and so on of their size, made when first wanted and kept as long as there is room. */
final class Pyramid {
    /** By the array, which is told apart by what it is and not by what it holds. */
    private static final Map<int[], SoftReference<List<Pixels>>> MADE = new WeakHashMap<>();
    private static final int SMALLEST = 16;

    private Pyramid() { }

    static Pixels of(Pixels p, int halvings) {
        if (halvings < 1 || p.width() < 2 * SMALLEST || p.height() < 2 * SMALLEST) return p;
        List<Pixels> steps;
        synchronized (MADE) {
            SoftReference<List<Pixels>> there = MADE.get(p.argb());
            steps = there == null ? null : there.get();
            if (steps == null) MADE.put(p.argb(), new SoftReference<>(steps = new ArrayList<>()));
        }
        synchronized (steps) {
            Pixels last = steps.isEmpty() ? p : steps.getLast();
            while (steps.size() < halvings && last.width() >= 2 * SMALLEST && last.height() >= 2 * SMALLEST) steps.add(last = half(last));
            return steps.isEmpty() ? p : steps.get(Math.min(halvings, steps.size()) - 1);
        }
    }

    private static Pixels half(Pixels p) {
        int w = p.width() / 2, h = p.height() / 2;
        int[] out = new int[w * h], from = p.argb();
        for (int y = 0; y < h; y++)
            for (int x = 0; x < w; x++) {
                int i = 2 * y * p.width() + 2 * x;
                out[y * w + x] = Pixels.mean(from[i], from[i + 1], from[i + p.width()], from[i + p.width() + 1]);
            }
        return new Pixels(w, h, out);
    }
}
