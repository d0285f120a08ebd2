package brightlintel.recognise;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntUnaryOperator;

import brightlintel.recognise.Faces.Direction;
import brightlintel.recognise.Faces.Line;
import brightlintel.recognise.Faces.Stretch;

/**
 * Lines beside each other at one spacing: tiles, boards, steps. Five of them are a row, and no
 * faces: a wall has two, a window in it four at most.
 */
final class Rows {
    /**
     * Metres: spacings, and by how much one of a row may be otherwise; of a spacing: the same; of the shorter, as much lies beside. Of the
     * usual length: one that is longer may be of no row. Lines of a row at least.
     */
    private static final double NARROW = 0.04, WIDE = 0.7, OFF = 0.006, SHARE = 0.005, BESIDE = 0.4, LONGER = 3;
    private static final int LEAST = 5;
    private final IntUnaryOperator layerOf;
    private final List<Line> lines;
    private final List<boolean[]> inRow = new ArrayList<>();

    private Rows(Direction d, IntUnaryOperator layerOf) {
        this.layerOf = layerOf;
        lines = d.lines();
        for (Line l : lines) inRow.add(new boolean[l.stretches().size()]);
    }

    /** @param layerOf a stroke */
    static Direction without(Direction d, IntUnaryOperator layerOf) {
        Rows r = new Rows(d, layerOf);
        for (int i = 0; i < r.lines.size(); i++)
            for (int a = 0; a < r.lines.get(i).stretches().size(); a++) if (!r.inRow.get(i)[a]) r.from(i, a);
        return d.with(r.left());
    }

    /** A row that begins with a stretch, at any spacing of those beside it. */
    private void from(int i, int a) {
        Stretch s = lines.get(i).stretches().get(a);
        for (int k = i + 1; k < lines.size() && lines.get(k).off() - lines.get(i).off() <= WIDE; k++) {
            double spacing = lines.get(k).off() - lines.get(i).off();
            int second = spacing < NARROW ? -1 : beside(k, s);
            if (second < 0) continue;
            List<int[]> row = new ArrayList<>(List.of(new int[] {i, a}, new int[] {k, second}));
            double next = lines.get(k).off() + spacing;
            Stretch last = lines.get(k).stretches().get(second);
            for (int m = k + 1; m < lines.size() && lines.get(m).off() < next + OFF + SHARE * spacing; m++) {
                int third = Math.abs(lines.get(m).off() - next) > OFF + SHARE * spacing ? -1 : beside(m, last);
                if (third < 0) continue;
                row.add(new int[] {m, third});
                last = lines.get(m).stretches().get(third);
                next = lines.get(m).off() + spacing;
            }
            if (row.size() < LEAST) continue;
            // tiles begin at a wall: its face may stand at their step, but is of another layer
            int usual = layer(row.get(row.size() / 2));
            if (layer(row.getFirst()) != usual) row.removeFirst();
            if (layer(row.getLast()) != usual) row.removeLast();
            // short lines across a wall may stand at the step of a long face of another layer
            double[] lengths = row.stream().mapToDouble(r -> stretch(r).length()).sorted().toArray();
            double most = LONGER * lengths[lengths.length / 2];
            for (int[] r : row) inRow.get(r[0])[r[1]] = stretch(r).length() < most || layer(r) == usual;
            return;
        }
    }

    private Stretch stretch(int[] at) {
        return lines.get(at[0]).stretches().get(at[1]);
    }

    private int layer(int[] at) {
        return layerOf.applyAsInt(stretch(at).strokes().getFirst());
    }

    /** Which stretch of a line lies beside one, for a good part of the shorter of both; -1 for none. A slanting row goes on sideways. */
    private int beside(int line, Stretch s) {
        List<Stretch> all = lines.get(line).stretches();
        for (int i = 0; i < all.size(); i++) {
            double both = Math.min(all.get(i).to(), s.to()) - Math.max(all.get(i).from(), s.from());
            if (both > BESIDE * Math.min(all.get(i).length(), s.length())) return i;
        }
        return -1;
    }

    private List<Line> left() {
        List<Line> out = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line l = lines.get(i);
            List<Stretch> kept = new ArrayList<>(), gone = new ArrayList<>();
            for (int a = 0; a < l.stretches().size(); a++) (inRow.get(i)[a] ? gone : kept).add(l.stretches().get(a));
            if (gone.isEmpty()) out.add(l);
            else if (!kept.isEmpty()) out.add(l.without(kept, gone));
        }
        return out;
    }
}
