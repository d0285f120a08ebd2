package brightlintel.sheet;

import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Heaps made to parts of the sheet: what lies within a heap belongs to it, small things to what they lie beside; a frame is told by its
 * four
 * sides and by what lies in it.
 */
final class Parting {
    /** Strokes nearer than this lie together: less than sheets leave between two drawings, more than between two chains of measures. */
    private static final double REACH = 0.8, REACH_LEAST = 0.003, REACH_MOST = 0.03;
    /** Of the largest heap: less of its ink and of its sides is a thing that belongs to another. */
    private static final double SMALL_INK = 0.05, SMALL_SIDE = 0.3, THIN = 1.3;
    /** How far small things may lie from what they belong to, in times of the reach. */
    private static final double BESIDE = 2.2;
    /** Of strokes, beside a frame that everything hangs on. */
    private static final int LEAST_WITHIN = 40;
    /** A frame holds so much of all that is drawn beside it. */
    private static final double HOLDS = 0.5;
    /** A thing of fewer strokes that lies alone is an arrow or a ruler. */
    private static final int LEAST_ALONE = 24;
    private final Ground g;
    private final double reach;
    final List<Heap> parts = new ArrayList<>();
    Optional<Heap> frame = Optional.empty();

    Parting(Ground g) {
        this.g = g;
        double across = g.upright(g.reckoning.look().bulk()).diagonal();
        reach = Math.clamp(REACH, REACH_LEAST * across, Math.max(REACH_LEAST, REACH_MOST) * across);
        if (g.drawn.isEmpty()) return;
        List<Heap> heaps = Heap.of(g, g.drawn, reach);
        takeFrame(heaps);
        absorb(heaps);
        gather(heaps);
    }

    // ---- the frame

    /** The border goes, and what touches it: the title block. What only came near it is a heap of its own again. */
    private void takeFrame(List<Heap> heaps) {
        double all = heaps.stream().mapToDouble(h -> h.ink).sum();
        List<Heap> byArea = new ArrayList<>(heaps);
        byArea.sort(Comparator.comparingDouble((Heap h) -> h.box.width() * h.box.height()).reversed());
        for (Heap h : byArea) {
            double within = heaps.stream().filter(x -> x != h && h.box.holds(x.box)).mapToDouble(x -> x.ink).sum();
            if (within < HOLDS * (all - h.ink)) continue;
            for (double turn : new double[] {0, g.turn()}) {
                Border border = new Border(g, h, turn);
                if (!border.isThere() || within <= 0 && border.rest.size() < LEAST_WITHIN) continue;
                heaps.remove(h);
                Heap own = new Heap();
                for (int s : border.strokes) own.add(s, g.box(s), g.length(s));
                for (Heap x : Heap.of(g, border.rest, reach)) {
                    if (x.strokes.stream().anyMatch(border::touches)) own.add(x);
                    else heaps.add(x);
                }
                heaps.sort((x, y) -> Double.compare(y.ink, x.ink));
                frame = Optional.of(own);
                return;
            }
        }
    }

    // ---- what lies in another

    private void absorb(List<Heap> heaps) {
        List<Heap> byArea = new ArrayList<>(heaps);
        byArea.sort(Comparator.comparingDouble((Heap h) -> h.box.width() * h.box.height()).reversed());
        List<Heap> kept = new ArrayList<>();
        for (Heap h : byArea) {
            Optional<Heap> round = kept.stream().filter(k -> surrounds(k, h)).findFirst();
            if (round.isPresent()) round.get().add(h);
            else kept.add(h);
        }
        heaps.retainAll(kept);
        heaps.sort((a, b) -> Double.compare(b.ink, a.ink));
    }

    /** Seen from its middle there is something of the other on three of four sides at least: a niche of a plan has but two. */
    private boolean surrounds(Heap outer, Heap inner) {
        if (!outer.box.holds(inner.box.centre()) || !outer.box.grown(reach).holds(inner.box)) return false;
        Point c = inner.box.centre();
        int seen = 0, left = 0, right = 0, up = 0, down = 0;
        for (int s : outer.strokes) {
            Box b = g.box(s);
            if (b.minY() <= c.y() && b.maxY() >= c.y()) {
                if (b.maxX() <= c.x()) left = 1;
                if (b.minX() >= c.x()) right = 1;
            }
            if (b.minX() <= c.x() && b.maxX() >= c.x()) {
                if (b.maxY() <= c.y()) down = 1;
                if (b.minY() >= c.y()) up = 1;
            }
            seen = left + right + up + down;
            if (seen == 4) return true;
        }
        return seen >= 3;
    }

    // ---- small things

    private void gather(List<Heap> heaps) {
        if (heaps.isEmpty()) return;
        double mostInk = heaps.getFirst().ink, mostSide = heaps.stream().mapToDouble(Heap::longSide).max().orElse(0);
        List<Heap> small = new ArrayList<>();
        for (Heap h : heaps) {
            boolean thin = h.shortSide() < THIN * reach;
            boolean little = h.ink < SMALL_INK * mostInk && h.longSide() < SMALL_SIDE * mostSide;
            if (h != heaps.getFirst() && (thin || little)) small.add(h);
            else parts.add(h);
        }
        small.sort((a, b) -> Double.compare(b.ink, a.ink));
        // from one to the next: a chain of measures may hang on another
        boolean again = true;
        while (again) {
            again = false;
            for (Heap h : List.copyOf(small)) {
                Optional<Heap> by = nearest(h).filter(p -> Heap.gap(p.box, h.box) < BESIDE * reach);
                if (by.isEmpty()) continue;
                by.get().add(h);
                small.remove(h);
                again = true;
            }
        }
        for (Heap h : small) if (h.strokes.size() >= LEAST_ALONE && h.shortSide() > THIN * reach) parts.add(h);
    }

    private Optional<Heap> nearest(Heap h) {
        return parts.stream().min((a, b) -> Double.compare(Heap.gap(a.box, h.box), Heap.gap(b.box, h.box)));
    }
}
