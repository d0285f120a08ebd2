package brightlintel.recognise;

import java.util.ArrayList;
import java.util.List;

import brightlintel.recognise.Faces.Direction;
import brightlintel.recognise.Faces.Line;
import brightlintel.recognise.Faces.Stretch;

/**
 * Lines beside each other at one spacing: tiles, boards, steps. Five of them are a row, and no faces: a wall has two, a window in it four at
 * most.
 */
final class Rows {
    /** Metres: spacings, and by how much one of a row may be otherwise; of a spacing: the same. Lines of a row at least. */
    private static final double NARROW = 0.04, WIDE = 0.7, OFF = 0.006, SHARE = 0.02;
    private static final int LEAST = 5;
    private final List<Line> lines;
    private final List<boolean[]> inRow = new ArrayList<>();

    private Rows(Direction d) {
        lines = d.lines();
        for (Line l : lines) inRow.add(new boolean[l.stretches().size()]);
    }

    static Direction without(Direction d) {
        Rows r = new Rows(d);
        for (int i = 0; i < r.lines.size(); i++)
            for (int a = 0; a < r.lines.get(i).stretches().size(); a++) if (!r.inRow.get(i)[a]) r.from(i, a);
        return new Direction(d.along(), r.left());
    }

    /** A row that begins with a stretch, at any spacing of those beside it. */
    private void from(int i, int a) {
        Stretch s = lines.get(i).stretches().get(a);
        double middle = (s.from() + s.to()) / 2;
        for (int k = i + 1; k < lines.size() && lines.get(k).off() - lines.get(i).off() <= WIDE; k++) {
            double spacing = lines.get(k).off() - lines.get(i).off();
            if (spacing < NARROW || at(k, middle) < 0) continue;
            List<int[]> row = new ArrayList<>(List.of(new int[] {i, a}, new int[] {k, at(k, middle)}));
            double next = lines.get(k).off() + spacing;
            for (int m = k + 1; m < lines.size() && lines.get(m).off() < next + OFF + SHARE * spacing; m++) {
                if (Math.abs(lines.get(m).off() - next) > OFF + SHARE * spacing || at(m, middle) < 0) continue;
                row.add(new int[] {m, at(m, middle)});
                next = lines.get(m).off() + spacing;
            }
            if (row.size() < LEAST) continue;
            for (int[] r : row) inRow.get(r[0])[r[1]] = true;
            return;
        }
    }

    /** Which stretch of a line is beside a place; -1 for none. */
    private int at(int line, double along) {
        List<Stretch> all = lines.get(line).stretches();
        for (int i = 0; i < all.size(); i++) if (all.get(i).from() < along && all.get(i).to() > along) return i;
        return -1;
    }

    private List<Line> left() {
        List<Line> out = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line l = lines.get(i);
            List<Stretch> kept = new ArrayList<>(), gone = new ArrayList<>();
            for (int a = 0; a < l.stretches().size(); a++) (inRow.get(i)[a] ? gone : kept).add(l.stretches().get(a));
            if (gone.isEmpty()) out.add(l);
            else if (!kept.isEmpty()) out.add(new Line(l.off(), kept, l.sure().stream().filter(s -> gone.stream().noneMatch(g -> g.from()
                <= s.from() && g.to() >= s.to())).toList()));
        }
        return out;
    }
}
