package brightlintel.recognise;

import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.recognise.Faces.Bit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How irregularly a drawing is drawn, measured on itself: how far the ends of its strokes lie off the directions that most of it follows.
 * What
 * was drawn exactly measures nothing, and nothing of it is changed.
 */
final class Freehand {
    /**
     * Radians: strokes about a direction, and short ones where hands slip; those that tell a peak. Metres: strokes that tell anything;
     * less is exact; more is no slip.
     */
    private static final double ABOUT = Math.toRadians(2), AROUND = Math.toRadians(5), PEAK = Math.toRadians(0.3), LONG = 0.4,
        EXACT = 8e-4, MOST = 0.02,
        HAIR = 1.5e-3;
    /** Of all strokes about a direction: how many lie no farther off; how much farther one may lie. */
    private static final double MOSTLY = 0.9, FARTHER = 3;
    private static final int DIRECTIONS = 8, FEW = 12, ROUNDS = 3;

    private Freehand() { }

    /** Metres that ends lie off their line; 0 where it is drawn exactly. */
    static double of(List<Bit> bits, List<Double> peaks) {
        List<Double> off = new ArrayList<>();
        for (Bit b : bits) if (b.length() > LONG) for (double p : peaks) {
            double turn = Angles.betweenLines(b.angle(), p);
            if (turn > ABOUT) continue;
            off.add(Math.sin(turn) * b.length());
            break;
        }
        if (off.size() < FEW) return 0;
        off.sort(Comparator.naturalOrder());
        // of what is drawn exactly but for some, half is exact
        if (off.get(off.size() / 2) < EXACT / 2) return 0;
        // blocks and what was set by figures are exact beside walls that were not
        List<Double> slips = off.stream().filter(x -> x > EXACT).toList();
        List<Double> some = slips.size() < FEW ? off : slips;
        return Math.min(some.get((int) (MOSTLY * (some.size() - 1))), MOST);
    }

    /** The directions that most is drawn along, the heaviest first. */
    static List<Double> peaks(List<Bit> bits) {
        List<Double> out = new ArrayList<>();
        List<Bit> left = bits;
        while (out.size() < DIRECTIONS && !left.isEmpty()) {
            double peak = heaviest(left);
            // what lies about a direction knows it better together
            for (int i = 0; i < ROUNDS; i++) peak = mean(left, peak);
            double found = peak;
            out.add(peak);
            left = left.stream().filter(b -> Angles.betweenLines(b.angle(), found) > ABOUT).toList();
        }
        return out;
    }

    /** The angle that most metres lie about. */
    private static double heaviest(List<Bit> some) {
        List<Bit> bits = new ArrayList<>(some);
        bits.sort(Comparator.comparingDouble(Bit::angle));
        int n = bits.size();
        double best = bits.getFirst().angle(), most = 0, sum = 0;
        // round the half turn once more, so that level ones are together
        for (int lo = 0, hi = 0; lo < n; sum -= bits.get(lo++).length()) {
            double from = bits.get(lo).angle();
            for (; hi < lo + n && bits.get(hi % n).angle() + (hi < n ? 0 : Math.PI) <= from + PEAK; hi++) sum += bits.get(hi % n).length();
            if (sum <= most) continue;
            most = sum;
            best = from + PEAK / 2;
        }
        return best;
    }

    private static double mean(List<Bit> some, double at) {
        double sum = 0, weight = 0;
        for (Bit b : some) {
            double turn = Angles.signed(2 * (b.angle() - at)) / 2, w = b.length() * b.length();
            if (Math.abs(turn) > PEAK) continue;
            sum += turn * w;
            weight += w;
        }
        return at + sum / weight;
    }

    /**
     * Those that lie about a direction by no more than slips of the hand, turned to it about their middles.
     *
     * @param off   of ends; 0 where it is drawn exactly, but for a hair, that turns short strokes
     * @param least radians by which one is of its direction as it is, where nothing slips
     */
    static List<Bit> straightened(List<Bit> bits, List<Double> peaks, double off, double least) {
        return bits.stream().map(b -> {
            for (double p : peaks) {
                double turn = Angles.betweenLines(b.angle(), p);
                if (turn > (off > 0 ? AROUND : ABOUT) || Math.sin(turn) * b.length() > FARTHER * Math.max(HAIR, off)) continue;
                if (off == 0 && turn <= least) break;
                Point m = b.a().towards(b.b(), 0.5), u = Point.polar(p, b.length() / 2);
                boolean same = u.dot(b.b().minus(b.a())) > 0;
                return new Bit((p % Math.PI + Math.PI) % Math.PI, same ? m.minus(u) : m.plus(u), same ? m.plus(u) : m.minus(u),
                    b.stroke(), b.sure());
            }
            return b;
        }).toList();
    }
}
