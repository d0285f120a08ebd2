package brightlintel.correct.lie;

import brightlintel.correct.look.Directions;
import brightlintel.correct.look.Look;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import java.util.List;

/**
 * How a plan lies turned on its drawing, counter-clockwise.
 *
 * @param turn     of its strongest direction, radians, -45..45 degrees
 * @param quarters turns by which its texts stand on top of that: 0 where they can be read as the plan lies
 * @param others   directions of wings, radians, -45..45 degrees
 * @param share    of the lengths of all strokes that lie along the strongest
 * @param texts    that can be read once the plan is turned back, of all
 */
public record TurnFinding(double turn, int quarters, List<Double> others, double share, int texts, int allTexts) {
    private static final double QUARTER = Math.PI / 2;
    /** Below this share no direction is the main one; of texts, that quarter turns are believed. */
    private static final double LEAST = 0.25, MOSTLY = 0.6;
    private static final int FEW = 3;

    public TurnFinding {
        others = List.copyOf(others);
    }

    public static TurnFinding of(Look look) {
        List<Directions.Direction> d = look.directions();
        if (d.isEmpty()) return new TurnFinding(0, 0, List.of(), 0, 0, 0);
        double turn = d.getFirst().angle();
        int[] count = new int[4];
        int all = 0;
        Strokes s = look.strokes();
        for (int i = 0; i < s.texts().size(); i++) {
            Strokes.TextMark t = s.texts().get(i);
            // figures of measures run both ways, and so say nothing of where down is
            if (!look.drawn().markShown().test(i) || t.plain().chars().filter(Character::isLetter).count() < 2) continue;
            double a = Angles.signed(t.map().applyVector(new Point(1, 0)).angle() - turn);
            int q = Math.floorMod((int) Math.round(a / QUARTER), 4);
            if (Math.abs(Angles.signed(a - q * QUARTER)) > Math.toRadians(5)) continue;
            count[q]++;
            all++;
        }
        int best = 0;
        for (int q = 1; q < 4; q++) if (count[q] > count[best]) best = q;
        boolean believed = all >= FEW && count[best] >= MOSTLY * all;
        return new TurnFinding(turn, believed ? best : 0, d.stream().skip(1).map(Directions.Direction::angle).toList(),
            d.getFirst().share(), count[believed ? best : 0], all);
    }

    /** The turn that the plan has now with its quarters, radians. */
    public double whole() {
        return Angles.signed(turn + quarters * QUARTER);
    }

    /** Whether enough texts agree on where down is. */
    public boolean isRead() {
        return allTexts >= FEW && texts >= MOSTLY * allTexts;
    }

    public boolean isUnsure() {
        return share < LEAST;
    }
}
