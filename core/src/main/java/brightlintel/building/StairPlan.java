package brightlintel.building;

import java.util.ArrayList;
import java.util.List;

import brightlintel.geom.Angles;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;

/**
 * The steps of a stair in plan, from below. Landings lie where the line bends, as long as the width asks for; what is left of the line is
 * parted into goings of one size.
 *
 * @param going of its steps along the line, metres
 */
public record StairPlan(List<Step> steps, double going) {
    /** A bend of less goes on as steps. */
    private static final double BEND = Math.toRadians(10), SHARPEST = 3;
    /** Metres: between two landings less than this is one landing; chords of a curved step. */
    private static final double LEAST_FLIGHT = 0.15, CHORD = 0.002;

    /** @param number of the riser that leads up to it, from 1 */
    public record Step(Ring ground, int number, boolean landing) { }

    private record Stretch(double from, double to, boolean landing) {
        double length() {
            return to - from;
        }
    }

    public StairPlan {
        steps = List.copyOf(steps);
    }

    /** One for each step and landing, and the one onto the floor above. */
    public int risers() {
        return steps.size() + 1;
    }

    public static StairPlan of(Stair s) {
        return new Laid(s.line(), s.width().value()).plan(s.risers().value());
    }

    /** The line with its lengths added up. */
    private record Laid(List<Piece> line, double width) {
        private double length() {
            return line.stream().mapToDouble(Piece::length).sum();
        }

        StairPlan plan(int risers) {
            List<Stretch> all = stretches();
            List<Stretch> flights = all.stream().filter(x -> !x.landing).toList();
            double run = flights.stream().mapToDouble(Stretch::length).sum();
            int goings = Math.max(flights.size(), risers - 1 - (all.size() - flights.size()));
            double going = flights.isEmpty() ? 0 : run / goings;
            List<Step> out = new ArrayList<>();
            double done = 0;
            int made = 0;
            for (Stretch x : all) {
                if (x.landing) {
                    out.add(new Step(band(x.from, x.to), out.size() + 1, true));
                    continue;
                }
                done += x.length();
                // as many as come to it of all, at least one
                int upTo = (int) Math.round(goings * done / run), n = Math.max(1, upTo - made);
                for (int i = 0; i < n; i++)
                    out.add(new Step(band(x.from + x.length() * i / n, x.from + x.length() * (i + 1) / n), out.size() + 1, false));
                made += n;
            }
            return new StairPlan(out, going);
        }

        private List<Stretch> stretches() {
            List<Stretch> out = new ArrayList<>();
            double at = 0, from = 0, end = length();
            for (int i = 0; i + 1 < line.size(); i++) {
                at += line.get(i).length();
                double bend = bend(i);
                if (Math.abs(bend) < BEND) continue;
                double cut = width / 2 * Math.min(SHARPEST, Math.tan(Math.abs(bend) / 2));
                double a = Math.max(0, at - cut), b = Math.min(end, at + cut);
                if (a - from >= LEAST_FLIGHT) out.add(new Stretch(from, a, false));
                else if (!out.isEmpty()) a = out.removeLast().from;
                else a = from;
                out.add(new Stretch(a, b, true));
                from = b;
            }
            if (end - from > 1e-6) out.add(new Stretch(from, end, false));
            return out;
        }

        private double bend(int i) {
            Piece a = line.get(i), b = line.get(i + 1);
            return Angles.signed(b.direction(0).angle() - a.direction(a.length()).angle());
        }

        /** The ground between two ways along. */
        private Ring band(double from, double to) {
            List<Point> left = new ArrayList<>(), right = new ArrayList<>();
            double start = 0;
            for (int i = 0; i < line.size(); i++) {
                Piece p = line.get(i);
                double a = Math.max(from, start), b = Math.min(to, start + p.length());
                if (b - a > 1e-9) {
                    boolean bentBefore = a > from + 1e-9, bentAfter = b < to - 1e-9;
                    int n = p.isStraight() ? 1 : Math.max(2, (int) Math.ceil(p.chords(CHORD, width / 2) * (b - a) / p.length()));
                    for (int k = 0; k <= n; k++) {
                        if (k == 0 && bentBefore) continue;
                        if (k == n && bentAfter) corner(i, left, right);
                        else {
                            double along = a - start + (b - a) * k / n;
                            left.add(p.at(along, width / 2));
                            right.add(p.at(along, -width / 2));
                        }
                    }
                }
                start += p.length();
            }
            left.addAll(right.reversed());
            return new Ring(cleaned(left)).counterClockwise();
        }

        /** Where the edges of two pieces meet. */
        private void corner(int i, List<Point> left, List<Point> right) {
            Piece a = line.get(i), b = line.get(i + 1);
            Point n = a.direction(a.length()).left(), m = b.direction(0).left();
            double part = Math.max(0.1, 1 + n.dot(m));
            Point off = n.plus(m).times(width / 2 / part);
            left.add(a.b().plus(off));
            right.add(a.b().minus(off));
        }

        private static List<Point> cleaned(List<Point> p) {
            List<Point> out = new ArrayList<>();
            for (Point q : p) if (out.isEmpty() || out.getLast().distance(q) > 1e-6) out.add(q);
            while (out.size() > 3 && out.getLast().distance(out.getFirst()) < 1e-6) out.removeLast();
            return out;
        }
    }

    /** The risers that give the most comfortable steps for a height: about 17.5 cm each. */
    public static int risersFor(double height) {
        return Math.max(2, (int) Math.round(height / 0.175));
    }

    /** Two rises and a going: a step of a person on the level is 59 to 65 cm. */
    public static double pace(double rise, double going) {
        return 2 * rise + going;
    }

    public static boolean isComfortable(double rise, double going) {
        double pace = pace(rise, going);
        return pace >= 0.59 && pace <= 0.65 && rise >= 0.14 && rise <= 0.20;
    }
}
