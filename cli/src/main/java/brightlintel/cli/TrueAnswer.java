package brightlintel.cli;

import brightlintel.correct.Laying;
import brightlintel.correct.Reckoning;
import brightlintel.correct.UnitChoice;
import brightlintel.correct.lie.DatumFinding;
import brightlintel.correct.line.Lining;
import brightlintel.correct.size.Opinion;
import brightlintel.correct.size.SizeFinding;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.inspect.Inspection;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A reckoning in words of JSON. Points are drawing units, but for the place in the building. */
final class TrueAnswer {
    private TrueAnswer() { }

    /** @param laid null where there is one drawing alone; first: the one that the others are laid on */
    static Map<String, Object> of(String file, Reckoning r, Laying laid, boolean first) {
        Map<String, Object> out = new LinkedHashMap<>();
        SizeFinding s = r.size();
        out.put("file", Path.of(file).getFileName().toString());
        out.put("metresPerUnit", s.metresPerUnit());
        if (s.isStretched()) out.put("metresPerUnitXY", List.of(s.metresPerUnitX(), s.metresPerUnitY()));
        out.put("confidence", round(s.confidence(), 3));
        out.put("unsure", s.unsure());
        out.put("unit", UnitChoice.of(s.metresPerUnit()).map(u -> u.name().toLowerCase(Locale.ROOT)).orElse(null));
        double nominal = s.nominal();
        out.put("freeScale", Inspection.ordered("x", round(nominal / s.metresPerUnitX(), 5), "y", round(nominal / s.metresPerUnitY(), 5)));
        out.put("turnDegrees", round(Math.toDegrees(r.turn().turn()), 5));
        List<Object> directions = new ArrayList<>();
        r.look().directions().forEach(d -> directions.add(round(Math.toDegrees(d.angle()), 4)));
        out.put("mainDirections", directions);
        out.put("datum", r.datum().best().map(DatumFinding.Proposal::at).map(p ->
            point(r.inFile(p))).orElse(null));
        out.put("farFromOrigin", r.astray().wastesDigits());
        out.put("strays", Inspection.ordered("count", r.astray().count(), "box", box(r, r.astray().box())));
        if (laid != null) place(laid, first, out);
        List<Object> evidence = new ArrayList<>();
        for (Opinion o : s.opinions()) if (!o.isSilent(s.metresPerUnit())) evidence.add(opinion(o, s));
        out.put("evidence", evidence);
        return out;
    }

    private static void place(Laying laid, boolean first, Map<String, Object> out) {
        double degrees = Math.toDegrees(laid.turn());
        out.put("placementTurnDegrees", degrees);
        out.put("anchorInFile", point(laid.anchor()));
        out.put("at", point(laid.at()));
        out.put("aligned", laid.aligned().map(a -> Inspection.ordered("residualMm", round(a.residual() * 1000, 2), "by",
            a.by() == Lining.By.GRID ? "grid" : "walls", "lines", a.lines(), "unsure", a.unsure()))
            .orElse(first ? null : Inspection.ordered("residualMm", null, "by", null, "lines", 0, "unsure", true)));
    }

    private static Map<String, Object> opinion(Opinion o, SizeFinding s) {
        double at = o.at(), weight = -o.support().applyAsDouble(s.metresPerUnit() * 7);
        return Inspection.ordered("kind", o.kind().name().toLowerCase(Locale.ROOT), "metresPerUnit", Double.isNaN(at) ? null : at, "weight",
            round(weight, 2),
            "agrees", o.agrees(s.metresPerUnit()), "count", o.count(), "text", words(o, s));
    }

    private static String words(Opinion o, SizeFinding s) {
        String each = Double.isNaN(o.value()) ? "" : String.format(Locale.ROOT, "%.3g m", o.value() * s.metresPerUnit());
        return switch (o.kind()) {
            case MEASURES -> o.count() + " of " + o.of() + " dimensions agree";
            case AREAS -> o.count() + " of " + o.of() + " written areas agree with their rooms";
            case DOORS -> o.count() + " of " + o.of() + " door leaves, about " + each + " wide";
            case WALLS -> o.count() + " of " + o.of() + " pairs of lines as far apart as faces of walls, about " + each;
            case STEPS -> o.count() + " of " + o.of() + " flights of steps, treads of " + each;
            case WINDOWS -> o.count() + " of " + o.of() + " windows, frames and panes about " + each + " long";
            case PARKING -> o.count() + " of " + o.of() + " rows of lines as between parked cars, bays of " + each;
            case FITTINGS -> o.count() + " of " + o.of() + " baths, basins and the like, by the names of their blocks";
            case LETTERS -> o.count() + " texts, letters " + each + " high";
            case EXTENT -> "the plan is " + each + " across";
            case HEADER -> "the file names its unit";
            case SYSTEM -> "the file says whether it is metric";
            case SCALE -> "a scale of 1:" + Math.round(o.value()) + " is written on the sheet";
            case SHEET -> String.format(Locale.ROOT, "the frame is %.1f %% of its sheet", 100 * o.value());
            case ROUND -> o.count() + " different bays of the grid, held against round lengths";
        };
    }

    private static List<Double> point(Point p) {
        return List.of(p.x(), p.y());
    }

    private static List<Double> box(Reckoning r, Box b) {
        if (b.isEmpty()) return null;
        Point low = r.inFile(new Point(b.minX(), b.minY())), high = r.inFile(new Point(b.maxX(), b.maxY()));
        return List.of(low.x(), low.y(), high.x(), high.y());
    }

    private static double round(double v, int digits) {
        double k = Math.pow(10, digits);
        return Math.rint(v * k) / k;
    }
}
