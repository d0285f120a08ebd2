package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;

import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.hprtree.HPRtree;

import brightlintel.drawing.Strokes.TextMark;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;

/**
 * Words as they are read: those of one manner that follow each other on a base line are one row, whatever they were written as, and a row
 * below another is told. All in the heights and along the lines of the text itself, however it is turned.
 */
final class Writing {
    /** In heights of the letters: between words of a row at most; off its base line, a raised figure among them; from row to row. */
    private static final double SPACE = 3.2, BACK = 0.4, OFF = 0.65, SLACK = 0.5, NEXT_LEAST = 1.05, NEXT_MOST = 2.4;
    /**
     * Of a height: sizes that are one. Of a word: the gap behind it, where its letters stand
     * closer than in the font that it was written in.
     */
    private static final double ALIKE = 0.12, WIDER = 0.8;

    /** @param row its own, in the text space of the first word */
    record Row(String text, TextMark first, Box row) {
        Point centre() {
            return first.map().apply(row.centre());
        }
    }

    private final List<Row> words;
    private final BiPredicate<Row, Row> together;
    private final boolean[] taken;
    private final HPRtree index = new HPRtree();

    /** In the order of their first words. @param together words that may be of one row */
    static List<Row> rows(List<Row> words, BiPredicate<Row, Row> together) {
        return new Writing(words, together).joined();
    }

    /** Each text, those of several lines as their lines, in the order of the texts. */
    static List<Row> words(List<TextMark> texts) {
        List<Row> words = new ArrayList<>();
        for (TextMark t : texts) {
            String[] lines = t.plain().split("\n");
            Box b = t.own();
            for (int k = 0; k < lines.length; k++) if (!lines[k].isBlank())
                words.add(new Row(lines[k].strip(), t, new Box(b.minX(), b.maxY() - 1 - k * TextMark.STEP, b.maxX(), b.maxY() - k
                    * TextMark.STEP)));
        }
        return words;
    }

    private Writing(List<Row> words, BiPredicate<Row, Row> together) {
        this.words = words;
        this.together = together;
        taken = new boolean[words.size()];
        for (int i = 0; i < words.size(); i++) index.insert(envelope(words.get(i), 0), i);
    }

    /** @param more heights on all sides */
    private static Envelope envelope(Row r, double more) {
        Box b = r.row.grown(more).mapped(r.first.map());
        return new Envelope(b.minX(), b.maxX(), b.minY(), b.maxY());
    }

    private List<Row> joined() {
        List<Row> out = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            if (taken[i]) continue;
            taken[i] = true;
            Row r = words.get(i);
            for (Optional<Row> next = joined(r); next.isPresent(); next = joined(r)) r = next.get();
            out.add(r);
        }
        return out;
    }

    /** With the nearest word before or after it on its base line, which is taken. */
    private Optional<Row> joined(Row r) {
        int[] best = {-1};
        Box[] at = {null};
        double[] least = {Double.MAX_VALUE};
        index.query(envelope(r, Math.max(SPACE, WIDER * r.row.width())), found -> {
            int i = (Integer) found;
            Box b = taken[i] ? null : within(r, words.get(i)).orElse(null);
            if (b == null || Math.abs(b.minY() - r.row.minY()) > OFF) return;
            double gap = Math.max(b.minX() - r.row.maxX(), r.row.minX() - b.maxX());
            if (gap < -BACK || gap > Math.max(SPACE, WIDER * before(r.row, b).width()) || gap > least[0] || !together.test(r,
                words.get(i))) return;
            least[0] = gap;
            best[0] = i;
            at[0] = b;
        });
        if (best[0] < 0) return Optional.empty();
        taken[best[0]] = true;
        String text = words.get(best[0]).text;
        boolean after = at[0].minX() > r.row.minX();
        Box both = new Box(Math.min(at[0].minX(), r.row.minX()), r.row.minY(), Math.max(at[0].maxX(), r.row.maxX()), r.row.maxY());
        return Optional.of(new Row(after ? r.text + " " + text : text + " " + r.text, r.first, both));
    }

    /** The one of two that stands first. */
    private static Box before(Box a, Box b) {
        return a.minX() < b.minX() ? a : b;
    }

    /** The middle of two of one row. */
    static Point middle(Row r, Row o) {
        return r.first.map().apply(r.row.with(within(r, o).orElse(r.row)).centre());
    }

    /** Where another begins on the side of one, nearly: as far before it as half a letter's height. */
    static Point before(Row r, Row o) {
        Box b = within(r, o).orElse(r.row);
        return r.first.map().apply(new Point(b.minX() > r.row.minX() ? b.minX() - SLACK : b.maxX() + SLACK, b.centre().y()));
    }

    /** Whether one is a word before or after another on its base line, no farther than words of one row stand. */
    static boolean isBeside(Row r, Row o) {
        Optional<Box> b = within(r, o);
        if (b.isEmpty() || Math.abs(b.get().minY() - r.row.minY()) > OFF) return false;
        double gap = Math.max(b.get().minX() - r.row.maxX(), r.row.minX() - b.get().maxX());
        return gap >= -BACK && gap <= SPACE;
    }

    /** Where another row lies in the text space of one; nothing where it is of another size, manner or direction. */
    private static Optional<Box> within(Row r, Row o) {
        if (r.first.layer() != o.first.layer()) return Optional.empty();
        Affine m = o.first.map().then(r.first.map().inverse());
        Point u = m.applyVector(new Point(1, 0)), v = m.applyVector(new Point(0, 1));
        boolean alike = Math.abs(v.length() - 1) < ALIKE && Math.abs(u.y()) < 0.05 * u.length() && u.x() > 0;
        return alike ? Optional.of(o.row.mapped(m)) : Optional.empty();
    }

    /** The rows under one, each next below the last, that go on what it says: of its size, and under it. */
    static List<Row> below(Row r, List<Row> all) {
        List<Row> out = new ArrayList<>();
        Row last = r;
        for (int i = 0; i < all.size(); i++) {
            Row from = last;
            Optional<Row> next = all.stream().filter(o -> o != from && !out.contains(o) && o != r && isNext(from, o)).min(
                Comparator.comparingDouble(o -> from.centre().distance(o.centre())));
            if (next.isEmpty()) break;
            out.add(next.get());
            last = next.get();
        }
        return out;
    }

    /** Whether one stands in the row under another. */
    static boolean isNext(Row r, Row o) {
        Optional<Box> b = within(r, o);
        if (b.isEmpty()) return false;
        double down = r.row.minY() - b.get().minY();
        return down > NEXT_LEAST && down < NEXT_MOST && b.get().minX() < r.row.maxX() && b.get().maxX() > r.row.minX();
    }
}
