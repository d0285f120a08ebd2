package brightlintel.correct.look;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What a number may measure: spans of a line beside it, between places where that line ends or is met by others, such that the number
 * stands at the middle. Lengths are told by the height of the text, which is the only measure of a sheet that is sure to be there.
 */
final class Spans {
    /**
     * In heights of the text: how far a line lies from the number's middle, how exactly that is the middle of the span, how near a mark
     * comes.
     */
    private static final double BESIDE = 2.4, CENTRED = 0.75, TOUCH = 0.35, SAME = 0.06, REACH = 240, GAP = 3;
    /** Of the span: a number is set to the middle by eye. */
    private static final double CENTRED_SHARE = 0.02;
    private static final int EITHER_SIDE = 6, MOST_LINES = 6;
    private final Frame frame;
    private final Segments s;
    private final boolean level;
    private final double u, v, h, half;

    /** @param from of what is measured, shifted file units; to the other end; at: the middle of the number */
    record Span(Point from, Point to, Point at) { }

    Spans(Frame frame, Strokes.TextMark t) {
        this.frame = frame;
        this.s = frame.segments();
        Point along = t.map().applyVector(new Point(1, 0)), up = t.map().applyVector(new Point(0, 1));
        this.h = up.length();
        double turn = along.angle() - frame.direction();
        double plumb = Angles.betweenLines(turn, Math.PI / 2), flat = Angles.betweenLines(turn, 0);
        this.level = flat <= plumb;
        boolean fits = Math.min(flat, plumb) < Math.toRadians(2);
        Point c = frame.in(t.box().centre());
        this.u = level ? c.x() : c.y();
        this.v = level ? c.y() : c.x();
        // the box of a text is rather too wide
        this.half = fits ? h * 0.4 * t.plain().length() * Math.max(0.3, Math.min(1.5, t.widthFactor())) : Double.NaN;
    }

    List<Span> all() {
        List<Span> out = new ArrayList<>();
        if (!(h > 0) || Double.isNaN(half)) return out;
        for (double line : lines()) {
            double[] stops = stops(line);
            int right = 0;
            while (right < stops.length && stops[right] <= u) right++;
            for (int a = right - 1; a >= Math.max(0, right - EITHER_SIDE); a--)
                for (int b = right; b < Math.min(stops.length, right + EITHER_SIDE); b++) {
                    double span = stops[b] - stops[a];
                    if (span < 0.5 * h || Math.abs((stops[a] + stops[b]) / 2 - u) > CENTRED * h + CENTRED_SHARE * span) continue;
                    out.add(new Span(at(stops[a], line), at(stops[b], line), at(u, v)));
                }
        }
        return out;
    }

    private Point at(double along, double across) {
        return level ? frame.out(along, across) : frame.out(across, along);
    }

    private double u0(int i) {
        return level ? s.x0(i) : s.y0(i);
    }

    private double u1(int i) {
        return level ? s.x1(i) : s.y1(i);
    }

    private double v0(int i) {
        return level ? s.y0(i) : s.x0(i);
    }

    private double v1(int i) {
        return level ? s.y1(i) : s.x1(i);
    }

    private boolean isAlong(int i) {
        return level ? frame.isLevel(i) : frame.isPlumb(i);
    }

    private Box box(double fromU, double toU, double fromV, double toV) {
        return level ? new Box(fromU, fromV, toU, toV) : new Box(fromV, fromU, toV, toU);
    }

    /** Lines beside the number, the nearest first. */
    private List<Double> lines() {
        List<Double> out = new ArrayList<>();
        frame.index().query(box(u - half, u + half, v - BESIDE * h, v + BESIDE * h), i -> {
            if (!isAlong(i)) return;
            double at = (v0(i) + v1(i)) / 2;
            if (Math.abs(at - v) <= BESIDE * h && out.stream().noneMatch(x -> Math.abs(x - at) < SAME * h)) out.add(at);
        });
        // a line that the number interrupts
        frame.index().query(box(u - half - GAP * h, u + half + GAP * h, v - 0.6 * h, v + 0.6 * h), i -> {
            if (!isAlong(i)) return;
            double at = (v0(i) + v1(i)) / 2;
            if (out.stream().noneMatch(x -> Math.abs(x - at) < SAME * h)) out.add(at);
        });
        out.sort((a, b) -> Double.compare(Math.abs(a - v), Math.abs(b - v)));
        return out.subList(0, Math.min(MOST_LINES, out.size()));
    }

    /** Where the line ends and where others meet it, in order, each once. */
    private double[] stops(double line) {
        List<double[]> runs = new ArrayList<>();
        List<Double> met = new ArrayList<>();
        frame.index().query(box(u - REACH * h, u + REACH * h, line - TOUCH * h, line + TOUCH * h), i -> {
            if (isAlong(i)) {
                if (Math.abs((v0(i) + v1(i)) / 2 - line) < SAME * h) runs.add(new double[] {Math.min(u0(i), u1(i)), Math.max(u0(i),
                    u1(i))});
            } else met.add(crossing(i, line));
        });
        double[] run = run(runs);
        double from = run[0] - TOUCH * h, to = run[1] + TOUCH * h;
        double[] all = new double[met.size() + 2 * runs.size()];
        int n = 0;
        for (double x : met) if (x >= from && x <= to) all[n++] = x;
        for (double[] r : runs) for (double x : r) if (x >= from && x <= to) all[n++] = x;
        all = Arrays.copyOf(all, n);
        Arrays.sort(all);
        return once(all);
    }

    private double crossing(int i, double line) {
        double dv = v1(i) - v0(i);
        double t = dv == 0 ? 0.5 : Math.clamp((line - v0(i)) / dv, 0, 1);
        return u0(i) + t * (u1(i) - u0(i));
    }

    /** From end to end of the line that the number stands at, over the gap that it may make and over its joints. */
    private double[] run(List<double[]> runs) {
        runs.sort((a, b) -> Double.compare(a[0], b[0]));
        double from = u - half, to = u + half;
        boolean grew = true;
        while (grew) {
            grew = false;
            for (double[] r : runs) {
                double gap = r[1] < u || r[0] > u ? TOUCH * h : 0;
                boolean first = from == u - half && r[1] <= u || to == u + half && r[0] >= u;
                double joint = first ? GAP * h : gap;
                if (r[0] <= to + joint && r[1] >= from - joint && (r[0] < from || r[1] > to)) {
                    from = Math.min(from, r[0]);
                    to = Math.max(to, r[1]);
                    grew = true;
                }
            }
        }
        return new double[] {from, to};
    }

    private double[] once(double[] sorted) {
        int n = 0;
        for (double x : sorted) if (n == 0 || x - sorted[n - 1] > SAME * h) sorted[n++] = x;
        return Arrays.copyOf(sorted, n);
    }
}
