package brightlintel.read.pdf;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Style;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Joins characters into labels as drawn: those of one size and style that follow each other on one base line, whichever order they were
 * painted in and however they were placed. A gap of some width is a space, a wide one parts two labels.
 */
final class Labels {
    /** In heights of the font: what parts words, and what parts labels. */
    private static final double SPACE = 0.14, APART = 1.1;
    /** Of a size: words that differ by more were written one by one. */
    private static final double OTHER = 0.004;
    /** A character may lie back over the one before by this much: kerning, and figures that are rounded. */
    private static final double BACK = 0.45;
    private static final double LEVEL = 0.08, WIDEST_SET = 0.7;
    private static final int FEWEST_PAIRS = 3;
    private static final double SAME_PLACE = 0.12;
    private final List<Glyph> glyphs = new ArrayList<>();

    /**
     * @param at     on the base line; along leads to the next character's place
     * @param size   of the font, points; tall: of its capitals
     * @param narrow width over what the same font would be unstretched
     */
    record Glyph(String text, Point at, Point along, double size, double tall, double turn, Style style, long order) {
        double advance() {
            return along.length();
        }
    }

    void add(Glyph g) {
        glyphs.add(g);
    }

    int size() {
        return glyphs.size();
    }

    private record Row(long turn, long size, Style style) { }

    /** One label as a text entity is added for each. */
    void into(Ink ink) {
        Map<Row, List<Glyph>> rows = new HashMap<>();
        for (Glyph g : glyphs)
            rows.computeIfAbsent(new Row(Math.round(Math.toDegrees(g.turn) * 2) % 720, Math.round(Math.log(g.size) * 20), g.style),
                _ -> new ArrayList<>()).add(g);
        List<List<Glyph>> labels = new ArrayList<>();
        for (List<Glyph> row : rows.values()) labels.addAll(labels(row));
        labels.sort(Comparator.comparingLong(l -> l.stream().mapToLong(Glyph::order).min().orElse(0)));
        for (List<Glyph> l : labels) label(l, ink);
    }

    private static List<List<Glyph>> labels(List<Glyph> row) {
        Point d = Point.polar(row.getFirst().turn, 1), up = d.left();
        double size = row.getFirst().size;
        List<Glyph> byHeight = new ArrayList<>(row);
        byHeight.sort(Comparator.comparingDouble(g -> up.dot(g.at)));
        List<List<Glyph>> out = new ArrayList<>();
        for (int i = 0, from = 0; i < byHeight.size(); i++) {
            boolean last = i + 1 == byHeight.size()
                || up.dot(byHeight.get(i + 1).at) - up.dot(byHeight.get(i).at) > LEVEL * size;
            if (!last) continue;
            List<Glyph> line = new ArrayList<>(byHeight.subList(from, i + 1));
            // painted at one place, those that were painted first come first: a space may have no width
            line.sort(Comparator.comparingDouble((Glyph g) -> d.dot(g.at)).thenComparingLong(Glyph::order));
            along(line, d, out);
            from = i + 1;
        }
        return out;
    }

    private static void along(List<Glyph> line, Point d, List<List<Glyph>> out) {
        List<Glyph> label = new ArrayList<>();
        Glyph last = null;
        for (Glyph g : line) {
            if (last != null) {
                double gap = d.dot(g.at.minus(last.at)) - last.advance();
                // bold is often made by painting twice
                if (g.text.equals(last.text) && g.at.distance(last.at) < SAME_PLACE * g.size && last.advance() > 2 * g.at.distance(last.at))
                    continue;
                boolean other = gap > SPACE * g.size && Math.abs(g.size / last.size - 1) > OTHER;
                if (other || gap > APART * g.size || gap < -BACK * Math.max(g.size, last.advance())) {
                    out.add(label);
                    label = new ArrayList<>();
                }
            }
            label.add(g);
            last = g;
        }
        if (!label.isEmpty()) out.add(label);
    }

    private static void label(List<Glyph> label, Ink ink) {
        StringBuilder text = new StringBuilder();
        Glyph first = null, last = null;
        double spaced = spacing(label);
        for (Glyph g : label) {
            if (last != null && d(last, g) - spaced > SPACE * g.size) space(text);
            if (g.text.isBlank()) {
                if (first != null) space(text);
                if (!g.text.isEmpty()) last = first == null ? null : g;
                continue;
            }
            if (first == null) first = g;
            text.append(g.text);
            last = g;
        }
        if (first == null) return;
        Glyph end = label.reversed().stream().filter(g -> !g.text.isBlank()).findFirst().orElse(first);
        Point from = first.at, to = end.at.plus(end.along);
        double length = to.minus(from).length();
        String plain = text.toString().strip();
        if (!(length > 0) || !from.isFinite() || !to.isFinite()) return;
        ink.add(new Entity.Text(ink.key(), first.style, Vec3.UP, Entity.TextSort.TEXT, plain, "", first.tall, Ink.space(from),
            Ink.space(from.plus(Point.polar(first.turn, length))), first.turn, 1, 0, Entity.Across.STRETCHED, Entity.Upward.BASE, true));
    }

    /** What parts all letters alike is no space: a word that is set wide. 0 where nothing does. */
    private static double spacing(List<Glyph> label) {
        double least = Double.POSITIVE_INFINITY;
        int pairs = 0;
        for (int i = 0; i + 1 < label.size(); i++) {
            Glyph a = label.get(i), b = label.get(i + 1);
            if (a.text.isBlank() || b.text.isBlank()) continue;
            least = Math.min(least, d(a, b) / b.size);
            pairs++;
        }
        return pairs >= FEWEST_PAIRS && least > SPACE && least < WIDEST_SET ? least * label.getFirst().size : 0;
    }

    private static double d(Glyph a, Glyph b) {
        return Point.polar(a.turn, 1).dot(b.at.minus(a.at)) - a.advance();
    }

    private static void space(StringBuilder text) {
        if (!text.isEmpty() && text.charAt(text.length() - 1) != ' ') text.append(' ');
    }
}
