package brightlintel.correct.line;

import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Directions;
import brightlintel.geom.Affine;
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
    private static final int TRIED = 24, REFINED = 12;
    /** Metres: shifts nearer to each other are one; what the best lays on lines at least. */
    private static final double SAME = 0.008, LEAST = 12;
    /** Of the best: the next may come so near, with names of grid lines or without. Different places each way. */
    private static final double NEXT = 0.87, NEXT_NAMED = 0.97, NEXT_OF_FEW = 0.77;
    private static final int FEW = 12;
    private static final int PLACES = 4;
    /** In common, one each way at least: two buildings have one each way by being laid on each other there, and rarely a third. */
    private static final int WALLS = 4;
    /** What each wall in common adds to the worth of a fit, and how many do. */
    private static final double COMMON = 0.1;
    private static final int MOST_COMMON = 8;
    /** What a fit is worth where texts would lie on their sides or heads; where names of grid lines agree. */
    private static final double UNREAD = 0.75, NAMED = 1.2;
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
    public record Aligned(double fixedTurn, double movedTurn, Point shift, double residual, By by, int lines, double metres,
        boolean unsure) { }

    private Lining(Reckoning fixed, Reckoning moved) {
        this.fixed = fixed;
        this.moved = moved;
        this.fixedLines = Lines.of(fixed.look(), fixed.turn().whole(), fixed.size().metresPerUnit());
    }

    /** Of the moved plan on the fixed one; nothing where there are no lines to lay on each other. */
    public static Optional<Aligned> of(Reckoning fixed, Reckoning moved) {
        return new Lining(fixed, moved).found();
    }

    /** @param likely 1 where texts can be read as the plan then lies */
    private record Tried(double turn, double likely, Match.Score score, int wallsX, int wallsY, boolean named) {
        double worth() {
            return score.length() * likely * (1 + COMMON * Math.min(MOST_COMMON, wallsX + wallsY));
        }

        /** About the lines of the moved plan that lie on others, in its own frame. */
        Box ownBox() {
            return score.box().mapped(Affine.move(score.shift().times(-1)));
        }
    }

    private Optional<Aligned> found() {
        List<Tried> all = new ArrayList<>();
        Labels names = labels(fixed, fixed.turn().whole());
        for (double turn : turns()) {
            double likely = reads(turn) ? 1 : UNREAD;
            Lines lines = Lines.of(moved.look(), turn, moved.size().metresPerUnit());
            Match match = new Match(fixedLines, lines);
            for (Point named : Labels.shifts(names, labels(moved, turn)))
                all.add(tried(turn, likely, lines, refined(match, named), true));
            List<Double> xs = Votes.of(fixedLines.across(true), lines.across(true), TRIED), ys = Votes.of(fixedLines.across(false),
                lines.across(false), TRIED);
            List<Match.Score> scores = new ArrayList<>();
            for (double x : xs) for (double y : ys) scores.add(match.by(new Point(x, y)));
            scores.sort(Comparator.comparingDouble(Match.Score::length).reversed());
            for (Match.Score c : scores.subList(0, Math.min(REFINED, scores.size())))
                all.add(tried(turn, likely, lines, refined(match, c.shift()), false));
        }
        all.sort(Comparator.comparingDouble((Tried t) -> t.worth() * (t.named ? NAMED : 1)).reversed());
        if (all.isEmpty() || !(all.getFirst().score.length() > 0)) return Optional.empty();
        return Optional.of(answer(all));
    }

    private static Labels labels(Reckoning r, double turn) {
        return Labels.of(r.look(), turn, r.size().metresPerUnit());
    }

    private Tried tried(double turn, double likely, Lines lines, Match.Score s, boolean named) {
        return new Tried(turn, likely, s, Walls.common(fixedLines, lines, true, s.shift()), Walls.common(fixedLines, lines, false,
            s.shift()),
            named);
    }

    /** Every main direction of the moved plan may be the fixed one's, in each quarter. */
    private List<Double> turns() {
        List<Double> out = new ArrayList<>();
        for (Directions.Direction d : moved.look().directions())
            for (int q = 0; q < 4; q++) out.add(Angles.signed(d.angle() + q * QUARTER));
        return out;
    }

    /** Whether the moved plan's texts stand upright, or too few say how they stand. */
    private boolean reads(double turn) {
        boolean known = fixed.turn().isRead() && moved.turn().isRead();
        return !known || Math.abs(Angles.signed(turn - moved.turn().whole())) < Math.PI / 4 + 1e-6;
    }

    private Aligned answer(List<Tried> all) {
        Tried best = all.getFirst();
        Match.Score s = best.score;
        boolean named = best.named || all.stream().anyMatch(t -> t.named && t.turn == best.turn && near(t.score.shift(), s.shift()));
        double next = 0;
        for (Tried t : all) {
            if (t.turn == best.turn && t.score.shift().distance(s.shift()) < SAME) continue;
            // a plan that stands on its sheet twice lies on the other in two places, and on both alike
            boolean copy = t.turn == best.turn && (apart(t.score.box(), s.box()) || apart(t.ownBox(), best.ownBox()));
            if (!copy) next = Math.max(next, t.worth());
        }
        boolean few = s.length() < LEAST || s.placesX() < PLACES || s.placesY() < PLACES || best.wallsX < 1 || best.wallsY < 1
            || !named && best.wallsX + best.wallsY < WALLS;
        int lines = s.offsetsX().length + s.offsetsY().length;
        boolean close = next > best.worth() * (named ? NEXT_NAMED : lines < FEW ? NEXT_OF_FEW : NEXT);
        // one whose size is not sure is proved by lying on one whose size is, wall on wall
        boolean sized = !fixed.size().unsure() || !moved.size().unsure();
        boolean unsure = few || close || !sized;
        return new Aligned(fixed.turn().whole(), best.turn, s.shift(), residual(s), named ? By.GRID : By.LINES,
            lines, s.length(), unsure);
    }

    private static boolean near(Point a, Point b) {
        return a.distance(b) < SAME;
    }

    private static boolean apart(Box a, Box b) {
        return a.isEmpty() || b.isEmpty() || !a.grown(-0.5).meets(b.grown(-0.5));
    }

    /** Voted for in steps; then to where lines truly meet. */
    private static Match.Score refined(Match match, Point shift) {
        Point by = shift;
        for (int round = 0; round < 2; round++)
            by = by.plus(new Point(match.settled(true, by), match.settled(false, by)));
        return match.by(by);
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
