package brightlintel.desktop.tool;

import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.MeasureWords;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.measure.Gaps;
import brightlintel.measure.Measured;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Measures one thing after another; what was measured stays on the board. */
public final class MeasureTool implements Tool {
    /** Names a kind of measure in words, commands and buttons. */
    public enum Kind {
        DISTANCE, CHAIN, ANGLE, AREA, RADIUS, STROKES;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static final int SHOWN = 64;
    private final Workspace w;
    private final Kind kind;
    private final List<Point> points = new ArrayList<>();
    private Optional<Curve> first = Optional.empty();
    private Point firstAt = Point.ORIGIN;

    /** Of a distance. */
    public MeasureTool(Workspace w) {
        this(w, Kind.DISTANCE);
    }

    public MeasureTool(Workspace w, Kind kind) {
        this.w = w;
        this.kind = kind;
    }

    public Kind kind() {
        return kind;
    }

    @Override public String id() {
        return "measure";
    }

    @Override public String prompt() {
        int step = kind == Kind.STROKES ? first.isPresent() ? 1 : 0 : Math.min(points.size(), kind == Kind.AREA ? 3 : 2);
        String last = step > 0 ? "" : w.measures().last().map(m -> new MeasureWords(w).said(m) + "  ·  ").orElse("");
        return last + Words.of("prompt.measure." + kind.word() + "." + step);
    }

    /** Strokes are picked where the pointer is. */
    @Override public boolean snaps() {
        return kind != Kind.STROKES && !(kind == Kind.RADIUS && points.isEmpty() && pointed(w.aim()).isPresent());
    }

    private Optional<Curve> pointed(Aim aim) {
        return Curves.at(w, aim, kind == Kind.RADIUS ? c -> c instanceof Curve.EllipticArc : _ -> true);
    }

    @Override public void clicked(Aim aim) {
        switch (kind) {
            case STROKES -> stroke(aim);
            case RADIUS -> radius(aim);
            case CHAIN, AREA -> {
                boolean again = !points.isEmpty() && points.getLast().distance(aim.at()) < aim.reach() / 2;
                boolean closes = kind == Kind.AREA && points.size() > 2 && points.getFirst().distance(aim.at()) < aim.reach();
                if (again || closes) finish();
                else points.add(aim.at());
            }
            case DISTANCE -> {
                points.add(aim.at());
                if (points.size() == 2) done(new Measured.Distance(points.get(0), points.get(1)));
            }
            case ANGLE -> {
                points.add(aim.at());
                if (points.size() == 3) done(new Measured.Angle(points.get(1), points.get(0), points.get(2)));
            }
        }
    }

    private void stroke(Aim aim) {
        Optional<Curve> there = pointed(aim);
        if (there.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("measure.no-stroke")));
        else if (first.isEmpty()) {
            first = there;
            firstAt = aim.raw();
        } else done(Gaps.of(first.get(), there.get(), firstAt));
    }

    /** Of the arc that is pointed at; else of the circle through three places. */
    private void radius(Aim aim) {
        Optional<Curve> there = points.isEmpty() ? pointed(aim) : Optional.empty();
        if (there.isPresent() && there.get() instanceof Curve.EllipticArc a) {
            done(Measured.radius(a, aim.raw()));
            return;
        }
        points.add(aim.at());
        if (points.size() < 3) return;
        try {
            done(Measured.circle(points.get(0), points.get(1), points.get(2)));
        } catch (IllegalArgumentException e) {
            points.removeLast();
            w.say(new Message(Message.Tone.BAD, Words.of("measure.in-line")));
        }
    }

    private void done(Measured m) {
        leavePoints();
        w.measures().add(m);
    }

    private void leavePoints() {
        points.clear();
        first = Optional.empty();
    }

    @Override public void finish() {
        if (kind == Kind.CHAIN && points.size() > 1) done(new Measured.Chain(points));
        else if (kind == Kind.AREA && points.size() > 2) done(new Measured.Area(points));
    }

    @Override public Optional<Point> from() {
        return points.isEmpty() ? Optional.empty() : Optional.of(kind == Kind.ANGLE ? points.getFirst() : points.getLast());
    }

    @Override public List<Point> ownPoints() {
        return List.copyOf(points);
    }

    @Override public boolean back() {
        if (first.isPresent()) first = Optional.empty();
        else if (!points.isEmpty()) points.removeLast();
        else return w.measures().takeBack();
        return true;
    }

    @Override public boolean escape() {
        boolean something = first.isPresent() || !points.isEmpty();
        leavePoints();
        return something;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        first.ifPresent(c -> out.add(path(c)));
        Aim aim = w.aim();
        if (kind == Kind.STROKES || kind == Kind.RADIUS && points.isEmpty()) pointed(aim).ifPresent(c -> {
            out.add(path(c));
            if (first.isPresent()) out.addAll(MeasureMarks.of(w, Gaps.of(first.get(), c, firstAt)));
        });
        points.forEach(p -> out.add(new Mark.Handle(p, "")));
        for (int i = 0; i + 1 < points.size(); i++) out.add(new Mark.Line(points.get(i), points.get(i + 1), false));
        if (points.isEmpty()) return out;
        List<Point> now = new ArrayList<>(points);
        now.add(aim.at());
        out.add(new Mark.Line(from().orElseThrow(), aim.at(), true));
        if (points.getLast().distance(aim.at()) > 1e-6) preview(now).ifPresent(m -> out.add(new Mark.Callout(aim.at(),
            new MeasureWords(w).said(m))));
        return out;
    }

    private Optional<Measured> preview(List<Point> p) {
        return switch (kind) {
            case DISTANCE -> Optional.of(new Measured.Distance(p.get(0), p.get(1)));
            case CHAIN -> Optional.of(new Measured.Chain(p));
            case AREA -> p.size() > 2 ? Optional.of(new Measured.Area(p)) : Optional.of(new Measured.Distance(p.get(0), p.get(1)));
            case ANGLE -> p.size() > 2 ? Optional.of(new Measured.Angle(p.get(1), p.get(0), p.get(2))) : Optional.empty();
            case RADIUS, STROKES -> Optional.empty();
        };
    }

    private static Mark path(Curve c) {
        List<Point> out = new ArrayList<>();
        int n = c instanceof Curve.Straight ? 1 : SHOWN;
        for (int i = 0; i <= n; i++) out.add(c.at(i / (double) n));
        return new Mark.Path(out);
    }
}
