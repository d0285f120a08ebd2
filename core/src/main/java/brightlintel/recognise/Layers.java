package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import brightlintel.geom.Point;
import brightlintel.recognise.Bodies.Body;
import brightlintel.recognise.Faces.Direction;
import brightlintel.recognise.Faces.Line;
import brightlintel.recognise.Faces.Stretch;

/**
 * Walls of several layers: lines of plaster, insulation or facing beside a core. A line belongs to the wall that it lies beside where it
 * begins and ends as that does, at corners and at openings: what only stands beside a wall knows nothing of its openings.
 */
final class Layers {
    /**
     * Metres: nearer lines are drawn on the face; farther ones are no next layer; no wall is thicker; ends at an opening that are alike;
     * between bodies of one wall. Radians off square.
     */
    private static final double ON = 0.012, DEEP = 0.26, THICK = 0.66, ALIKE = 0.03, APART = 9, SQUARE = 0.01, MET = 0.4;
    /** Of all metres of a wall: how many a layer must run along. Of one body: how much of it a layer may leave out. */
    private static final double MOST = 0.7, BARE = 0.1;
    /** Ends at openings that say that two bodies beside each other are leaves of one wall. */
    private static final int SAY = 2;
    private final List<Body> bodies;
    private final List<Direction> all;
    private final BodiesByLine index;

    private Layers(List<Body> bodies, List<Direction> all) {
        this.bodies = bodies;
        this.all = all;
        index = new BodiesByLine(bodies);
    }

    /** The same, each as thick as all of its layers. */
    static List<Body> whole(List<Body> bodies, List<Direction> all) {
        return new Layers(bodies, all).whole();
    }

    private List<Body> whole() {
        List<Body> out = new ArrayList<>();
        Set<Body> done = Collections.newSetFromMap(new IdentityHashMap<>());
        List<Body> order = new ArrayList<>(bodies);
        order.sort(Comparator.comparingDouble(b -> -b.length()));
        for (Body b : order) {
            if (done.contains(b)) continue;
            List<Body> run = run(b, done);
            done.addAll(run);
            out.addAll(grown(run));
        }
        return out;
    }

    /** Bodies in line about one, in order, as far as they may be one wall. */
    private List<Body> run(Body b, Set<Body> done) {
        List<Body> line = new ArrayList<>(index.inLine(b));
        line.removeIf(done::contains);
        line.sort(Comparator.comparingDouble(Body::from));
        int at = line.indexOf(b), from = at, to = at;
        while (from > 0 && line.get(from).from() - line.get(from - 1).to() < APART) from--;
        while (to + 1 < line.size() && line.get(to + 1).from() - line.get(to).to() < APART) to++;
        return line.subList(from, to + 1);
    }

    private List<Body> grown(List<Body> run) {
        Body first = run.getFirst();
        double right = first.right(), left = first.left();
        List<Double> own = ends(run);
        boolean told = true;
        for (boolean more = true; more;) {
            Optional<Next> r = next(run, own, right, left, false);
            right = r.map(Next::off).orElse(right);
            Optional<Next> l = next(run, own, right, left, true);
            left = l.map(Next::off).orElse(left);
            told &= r.stream().allMatch(Next::told) && l.stream().allMatch(Next::told);
            more = r.isPresent() || l.isPresent();
        }
        if (right == first.right() && left == first.left()) return run;
        double byRight = right - first.right(), byLeft = left - first.left();
        boolean isTold = told;
        return run.stream().map(b -> b.grown(byRight, byLeft, isTold)).toList();
    }

    /** The line of the next layer. @param told openings say so */
    private record Next(double off, boolean told) { }

    private Optional<Next> next(List<Body> run, List<Double> own, double right, double left, boolean toLeft) {
        List<Line> lines = run.getFirst().direction().lines();
        Optional<Next> best = Optional.empty();
        double least = Double.MAX_VALUE;
        double from = toLeft ? left : right - DEEP;
        for (int i = BodiesByLine.first(lines, from - ON, Line::off); i < lines.size() && lines.get(i).off() <= from + DEEP + ON; i++) {
            Line l = lines.get(i);
            double far = toLeft ? l.off() - left : right - l.off();
            if (far < ON || far > DEEP || far >= least || left - right + far > THICK) continue;
            int alike = alike(run, own, l, left - right + far);
            if (alike < 0) continue;
            least = far;
            best = Optional.of(new Next(l.off(), alike >= SAY));
        }
        return best;
    }

    /**
     * At how many ends of openings a line begins or ends as a wall does; it may go on through some windows, as faces do. Below 0 where
     * it does not belong to the wall.
     */
    private int alike(List<Body> run, List<Double> own, Line l, double thickness) {
        // at a corner the outer layers go on over the wall that is met, the inner ones end before it
        double all = 0, along = 0, corner = 2 * thickness + ALIKE;
        int alike = 0, ends = 0;
        for (int i = 0; i < run.size(); i++) {
            Body b = run.get(i);
            all += b.length();
            // a wall that is met parts one face, too
            if (i > 0 && b.from() - run.get(i - 1).to() > MET) ends += 2;
            double from = Double.MAX_VALUE, to = -Double.MAX_VALUE, covered = 0;
            for (Stretch s : l.sure()) {
                double both = Math.min(s.to(), b.to()) - Math.max(s.from(), b.from());
                if (both <= 0) continue;
                covered += both;
                from = Math.min(from, s.from());
                to = Math.max(to, s.to());
            }
            if (covered < (1 - BARE) * b.length()) continue;
            boolean begins = Math.abs(from - b.from()) < ALIKE, stops = Math.abs(to - b.to()) < ALIKE;
            boolean first = i == 0 ? Math.abs(from - b.from()) < corner : begins || from < run.get(i - 1).to() + ALIKE;
            boolean last = i + 1 == run.size() ? Math.abs(to - b.to()) < corner : stops || to > run.get(i + 1).from() - ALIKE;
            if (!first || !last) continue;
            along += b.length();
            if (i > 0 && (begins || isJamb(b, b.from(), l))) alike++;
            if (i + 1 < run.size() && (stops || isJamb(b, b.to(), l))) alike++;
        }
        alike += endTogether(own, l);
        return along >= MOST * all && 2 * alike >= ends && (alike >= SAY || !isClaimed(run, l)) ? alike : -1;
    }

    /**
     * At how many places within bodies strokes of their faces end, and of another line, too: where glass goes on from face to face, the
     * faces of a wall are lines without a gap. 0 where hardly any do.
     */
    private static int endTogether(List<Double> own, Line l) {
        int alike = 0;
        for (double at : own) {
            int k = BodiesByLine.first(l.ends(), at - ALIKE, x -> x);
            if (k < l.ends().size() && l.ends().get(k) < at + ALIKE) alike++;
        }
        return alike >= SAY && alike > MOST * own.size() ? alike : 0;
    }

    /** Places within bodies at which strokes of their faces end. */
    private static List<Double> ends(List<Body> run) {
        Body first = run.getFirst();
        List<Line> lines = first.direction().lines();
        List<Double> all = new ArrayList<>(), out = new ArrayList<>();
        for (double off : new double[] {first.right(), first.left()})
            for (int i = BodiesByLine.first(lines, off - ON, Line::off); i < lines.size() && lines.get(i).off() < off + ON; i++)
                all.addAll(lines.get(i).ends());
        all.sort(null);
        for (double at : all) if ((out.isEmpty() || at >= out.getLast() + ALIKE) && run.stream().anyMatch(b -> at > b.from() + ALIKE
            && at < b.to() - ALIKE)) out.add(at);
        return out;
    }

    /** Whether a line runs across at an end of a body, from its farther face to another line: what closes the opening there closes both. */
    private boolean isJamb(Body b, double at, Line l) {
        double from = Math.min(b.right(), l.off()), to = Math.max(b.left(), l.off());
        Point p = b.direction().at(at, from), q = b.direction().at(at, to);
        for (Direction d : all) {
            if (Math.abs(d.along().dot(b.direction().along())) > SQUARE) continue;
            Point n = d.along().left();
            double off = n.dot(p), one = d.along().dot(p), other = d.along().dot(q);
            int begin = BodiesByLine.first(d.lines(), off - ALIKE, Line::off);
            for (int i = begin; i < d.lines().size() && d.lines().get(i).off() < off + ALIKE; i++)
                for (Stretch s : d.lines().get(i).stretches())
                    if (s.from() < Math.min(one, other) + ON && s.to() > Math.max(one, other) - ON && s.length() < THICK + ON) return true;
        }
        return false;
    }

    /** Whether a line is for a good part the face of another body. */
    private boolean isClaimed(List<Body> run, Line l) {
        double from = run.getFirst().from(), to = run.getLast().to();
        double[] taken = {0};
        index.near(run.getFirst(), THICK + DEEP, o -> {
            if (run.contains(o) || Math.abs(o.left() - l.off()) > ON && Math.abs(o.right() - l.off()) > ON) return;
            taken[0] += Math.max(0, Math.min(to, o.to()) - Math.max(from, o.from()));
        });
        return taken[0] > BARE * (to - from);
    }
}
