package brightlintel.correct.line;

import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Directions;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Lays one plan on another of the same building. */
public final class Lining {
    /** Shifts that are tried together, each way. */
    private static final int TRIED = 18;
    /** Metres: shifts nearer to each other are one; what the best lays on lines at least. */
    private static final double SAME = 0.03, LEAST = 12;
    /** Of the best: the next may come so near, with names of grid lines or without. Different places each way. */
    private static final double NEXT = 0.8, NEXT_NAMED = 0.97;
    private static final int PLACES = 4;
    private static final double QUARTER = Math.PI / 2;
    private final Reckoning fixed, moved;
    private final Lines fixedLines;

    /** What it rests on. */
    public enum By { GRID, LINES }

    /**
     * Both in metres of one frame, that of the fixed plan as it stands upright.
     *
     * @param fixedTurn by which the fixed plan lies turned in its file; movedTurn likewise
     * @param shift     from the moved plan, turned back and in metres about its strokes' origin, to the fixed one likewise
     * @param residual  metres, the middle of what is left between lines that lie on each other
     * @param lines     that do; metres of them
     */
    public record Aligned(double fixedTurn, double movedTurn, Point shift, double residual, By by, int lines, double metres, boolean unsure) { }

    private Lining(Reckoning fixed, Reckoning moved) {
        this.fixed = fixed;
        this.moved = moved;
        this.fixedLines = Lines.of(fixed.look(), fixed.turn().whole(), fixed.size().metresPerUnit());
    }

    /** Of the moved plan on the fixed one; nothing where there are no lines to lay on each other. */
    public static Optional<Aligned> of(Reckoning fixed, Reckoning moved) {
        return new Lining(fixed, moved).found();
    }

    private record Tried(double turn, Lines lines, Match.Score score, boolean named) { }

    private Optional<Aligned> found() {
        List<Tried> all = new ArrayList<>();
        for (double turn : turns()) {
            Lines lines = Lines.of(moved.look(), turn, moved.size().metresPerUnit());
            Match match = new Match(fixedLines, lines);
            Optional<Labels.Shift> named = Labels.shift(labels(fixed, fixed.turn().whole()), labels(moved, turn));
            named.ifPresent(s -> all.add(new Tried(turn, lines, refined(match, s.by()), true)));
            List<Double> xs = Votes.of(fixedLines.across(true), lines.across(true), TRIED), ys = Votes.of(fixedLines.across(false),
                lines.across(false), TRIED);
            for (double x : xs) for (double y : ys) all.add(new Tried(turn, lines, match.by(new Point(x, y)), false));
        }
        all.sort(Comparator.comparingDouble((Tried t) -> t.score.length() * (t.named ? 1.2 : 1)).reversed());
        if (all.isEmpty() || !(all.getFirst().score.length() > 0)) return Optional.empty();
        return Optional.of(answer(all));
    }

    private static Labels labels(Reckoning r, double turn) {
        return Labels.of(r.look(), turn, r.size().metresPerUnit());
    }

    /** Every main direction of the moved plan may be the fixed one's, in each quarter. */
    private List<Double> turns() {
        List<Double> out = new ArrayList<>();
        for (Directions.Direction d : moved.look().directions())
            for (int q = 0; q < 4; q++) out.add(Angles.signed(d.angle() + q * QUARTER));
        return out;
    }

    private Aligned answer(List<Tried> all) {
        Tried best = all.getFirst();
        Match match = new Match(fixedLines, best.lines);
        Match.Score s = refined(match, best.score.shift());
        boolean named = best.named || all.stream().anyMatch(t -> t.named && t.turn == best.turn && near(t.score.shift(), s.shift()));
        double next = 0;
        for (Tried t : all) {
            if (t.turn == best.turn && t.score.shift().distance(s.shift()) < SAME) continue;
            // a plan that stands on its sheet twice lies on the other in two places, and on both alike
            boolean copy = t.turn == best.turn && apart(t.score.box(), s.box());
            if (!copy) next = Math.max(next, t.score.length());
        }
        boolean few = s.length() < LEAST || s.placesX() < PLACES || s.placesY() < PLACES;
        boolean close = next > s.length() * (named ? NEXT_NAMED : NEXT);
        boolean unsure = few || close || fixed.size().unsure() || moved.size().unsure();
        return new Aligned(fixed.turn().whole(), best.turn, s.shift(), residual(s), named ? By.GRID : By.LINES,
            s.offsetsX().length + s.offsetsY().length, s.length(), unsure);
    }

    private static boolean near(Point a, Point b) {
        return a.distance(b) < SAME;
    }

    private static boolean apart(Box a, Box b) {
        return a.isEmpty() || b.isEmpty() || !a.grown(-0.5).meets(b.grown(-0.5));
    }

    /** The middle of what is left is taken off, twice: lines that were just missed come in. */
    private static Match.Score refined(Match match, Point shift) {
        Match.Score s = match.by(shift);
        for (int round = 0; round < 2; round++) {
            Point by = new Point(middle(s.offsetsX()), middle(s.offsetsY()));
            Match.Score next = match.by(s.shift().plus(by));
            if (next.length() < s.length() * 0.98) break;
            s = next;
        }
        return s;
    }

    private static double middle(double[] sorted) {
        return sorted.length == 0 ? 0 : sorted[sorted.length / 2];
    }

    private static double residual(Match.Score s) {
        double[] all = new double[s.offsetsX().length + s.offsetsY().length];
        for (int i = 0; i < s.offsetsX().length; i++) all[i] = Math.abs(s.offsetsX()[i]);
        for (int i = 0; i < s.offsetsY().length; i++) all[s.offsetsX().length + i] = Math.abs(s.offsetsY()[i]);
        Arrays.sort(all);
        return middle(all);
    }
}
