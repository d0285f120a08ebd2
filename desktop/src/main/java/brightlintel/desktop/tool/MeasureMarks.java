package brightlintel.desktop.tool;

import brightlintel.desktop.state.MeasureWords;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.measure.Measured;
import java.util.ArrayList;
import java.util.List;

/** How what was measured stays on the board. */
public final class MeasureMarks {
    private static final int ARC = 32;
    /** Of an angle, the arc is drawn at this share of the shorter leg. */
    private static final double AT = 0.4;

    private MeasureMarks() { }

    /** All that were measured on the storey, and the base point. */
    public static List<Mark> of(Workspace w) {
        List<Mark> out = new ArrayList<>();
        for (Measured m : w.measures().all()) out.addAll(of(w, m));
        w.measures().base().ifPresent(p -> out.add(new Mark.Datum(p, Words.of("mark.base"))));
        return out;
    }

    static List<Mark> of(Workspace w, Measured m) {
        MeasureWords words = new MeasureWords(w);
        List<Mark> out = new ArrayList<>();
        switch (m) {
            case Measured.Distance(Point a, Point b) -> {
                out.add(new Mark.Measure(a, b));
                out.add(new Mark.Tag(a.towards(b, 0.5), words.value(m)));
            }
            case Measured.Chain(List<Point> p) -> chain(p, m, words, out);
            case Measured.Angle(Point a, Point apex, Point b) -> angle(a, apex, b, words.value(m), out);
            case Measured.Area x -> {
                List<Point> p = x.corners();
                for (int i = 0; i < p.size(); i++) out.add(new Mark.Measure(p.get(i), p.get((i + 1) % p.size())));
                out.add(new Mark.Tag(middle(p), words.value(m)));
            }
            case Measured.Radius(Point c, Point on) -> {
                out.add(new Mark.Measure(c, on));
                out.add(new Mark.Tag(c.towards(on, 0.5), "R " + words.value(m)));
            }
            case Measured.Gap g -> {
                out.add(new Mark.Measure(g.a(), g.b()));
                out.add(new Mark.Tag(g.a().towards(g.b(), 0.5), words.value(m)));
            }
        }
        return out;
    }

    private static void chain(List<Point> p, Measured m, MeasureWords words, List<Mark> out) {
        for (int i = 0; i + 1 < p.size(); i++) {
            out.add(new Mark.Measure(p.get(i), p.get(i + 1)));
            out.add(new Mark.Tag(p.get(i).towards(p.get(i + 1), 0.5), words.value(new Measured.Distance(p.get(i), p.get(i + 1)))));
        }
        if (p.size() > 2) out.add(new Mark.Tag(p.getLast(), "Σ " + words.value(m)));
    }

    private static void angle(Point a, Point apex, Point b, String text, List<Mark> out) {
        out.add(new Mark.Measure(apex, a));
        out.add(new Mark.Measure(apex, b));
        double from = a.minus(apex).angle(), sweep = Angles.signed(b.minus(apex).angle() - from), r = AT * Math.min(a.distance(apex),
            b.distance(apex));
        Point last = apex.plus(Point.polar(from, r));
        for (int i = 1; i <= ARC; i++) {
            Point next = apex.plus(Point.polar(from + sweep * i / ARC, r));
            out.add(new Mark.Measure(last, next));
            last = next;
        }
        out.add(new Mark.Tag(apex.plus(Point.polar(from + sweep / 2, r)), text));
    }

    private static Point middle(List<Point> p) {
        Point sum = Point.ORIGIN;
        for (Point q : p) sum = sum.plus(q);
        return sum.times(1.0 / p.size());
    }
}
