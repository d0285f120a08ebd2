package brightlintel.correct.lie;

import brightlintel.correct.look.Bubbles;
import brightlintel.correct.look.Look;
import brightlintel.correct.look.Spacings;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Points that may become 0,0, the best first: the lower left crossing of the grid, since outer walls may step back from storey to storey;
 * then the lower left corner of what has faces. Never the frame of a sheet.
 */
public record DatumFinding(List<Proposal> proposals) {
    /** Of the plan's size: lines nearer to each other are one. */
    private static final double SAME = 1e-4;
    /** Metres: faces of walls, and how long they are where they are the building's and not a legend's. */
    private static final double THIN = 0.06, THICK = 0.6, LONG = 1.5;

    public enum Kind { GRID_CROSSING, CORNER, LOWER_LEFT }

    /** @param at shifted file units; labels: of the two grid lines, "" for a corner */
    public record Proposal(Kind kind, Point at, String labels) { }

    public DatumFinding {
        proposals = List.copyOf(proposals);
    }

    /** The one that is proposed before all others. */
    public Optional<Proposal> best() {
        return proposals.stream().findFirst();
    }

    /**
     * @param turn          of the upright plan, with its quarters
     * @param metresPerUnit tells faces of walls from other pairs of lines
     */
    public static DatumFinding of(Look look, double turn, double metresPerUnit) {
        List<Proposal> out = new ArrayList<>();
        crossing(look, turn, out);
        corner(look, turn, metresPerUnit, out);
        if (!look.bulk().isEmpty()) {
            Point p = new Point(look.bulk().minX(), look.bulk().minY());
            out.add(new Proposal(Kind.LOWER_LEFT, p, ""));
        }
        return new DatumFinding(out);
    }

    private static void crossing(Look look, double turn, List<Proposal> out) {
        Bubbles.Tagged left = null, low = null;
        double x = Double.POSITIVE_INFINITY, y = Double.POSITIVE_INFINITY;
        for (Bubbles.Tagged t : look.tagged()) {
            Point at = t.at().turn(-turn);
            double a = t.direction().angle() - turn;
            if (Angles.betweenLines(a, Math.PI / 2) < Math.toRadians(1) && at.x() < x - SAME * look.bulk().diagonal()) {
                x = at.x();
                left = t;
            }
            if (Angles.betweenLines(a, 0) < Math.toRadians(1) && at.y() < y - SAME * look.bulk().diagonal()) {
                y = at.y();
                low = t;
            }
        }
        if (left != null && low != null)
            out.add(new Proposal(Kind.GRID_CROSSING, new Point(x, y).turn(turn), left.label() + " / " + low.label()));
    }

    /** Of pairs of strokes as far apart as faces of a wall are. */
    private static void corner(Look look, double turn, double metresPerUnit, List<Proposal> out) {
        List<Point> ends = new ArrayList<>();
        Box about = look.bulk().grown(0.02 * look.bulk().diagonal());
        for (Spacings.Pair p : look.pairs()) {
            double d = p.distance() * metresPerUnit;
            if (d < THIN || d > THICK || p.overlap() * metresPerUnit < LONG || !about.holds(p.at())) continue;
            for (int s : new int[] {p.a(), p.b()}) {
                ends.add(look.strokes().curveOf(s).first().turn(-turn));
                ends.add(look.strokes().curveOf(s).last().turn(-turn));
            }
        }
        // the end that lies furthest to the lower left is a corner that is drawn
        ends.stream().min((a, b) -> Double.compare(a.x() + a.y(), b.x() + b.y()))
            .ifPresent(p -> out.add(new Proposal(Kind.CORNER, p.turn(turn), "")));
    }
}
