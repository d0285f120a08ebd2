package brightlintel.correct.size;

import brightlintel.correct.look.Look;
import brightlintel.correct.look.Steps;
import brightlintel.drawing.Names;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Pattern;

/** Things that come in few sizes wherever they are built in, or parked. Weak witnesses: they speak where nothing better does. */
final class Fittings {
    /** Bays are 2.3 to 2.75 m wide. Rows in the same proportion may be shelves or windows. */
    private static final double BAY = 2.5, BAY_SPREAD = 0.09, BAY_OTHER = 0.25, BAY_WEIGHT = 0.8;
    private static final double SPREAD = 0.16, OTHER = 0.25, WEIGHT = 0.8;

    /** @param length the longer side, metres */
    private record Fitting(Pattern name, double length) { }

    /** What is narrower stands first. By the language that blocks are named in most: theirs are few words. */
    private static final List<Fitting> FITTINGS = List.of(
        fitting("bath.?tub|badewanne|wanne|baignoire|banera|vasca|ligbad", 1.72),
        fitting("shower|dusche|douche|ducha|doccia", 0.88),
        fitting("urinal|urinoir|orinatoio", 0.38),
        fitting("wash.?basin|basin|lavatory|waschbecken|waschtisch|lavabo|lavamanos|lavandino|wastafel", 0.58),
        fitting("wc|toilet|toilette|water.?closet|inodoro|klosett", 0.62),
        fitting("car|auto|pkw|voiture|coche|automobile", 4.6));

    private Fittings() { }

    private static Fitting fitting(String names, double length) {
        return new Fitting(Pattern.compile("(?<![a-z])(?:" + names + ")s?(?![a-z])"), length);
    }

    static List<Opinion> parking(Look look) {
        List<Steps.Flight> rows = look.parked();
        if (rows.isEmpty()) return List.of();
        double bay = Usual.median(rows.stream().mapToDouble(Steps.Flight::tread).toArray());
        int like = (int) rows.stream().filter(r -> Math.abs(r.tread() / bay - 1) < 0.1).count();
        return List.of(new Opinion(SizeKind.PARKING, BAY / bay, like, rows.size(), bay, rows.stream().map(Steps.Flight::at).toList(),
            Opinion.usual(bay, BAY, BAY_SPREAD, BAY_OTHER, BAY_WEIGHT)));
    }

    /** The longer side of blocks that are called so, along the plan's main directions. */
    static List<Opinion> blocks(Look look) {
        Strokes s = look.strokes();
        double turn = look.directions().isEmpty() ? 0 : look.directions().getFirst().angle();
        Map<Strokes.Path, Box> boxes = new IdentityHashMap<>();
        for (int i = 0; i < s.size(); i++) {
            Strokes.Path p = s.pathOf(i);
            if (p == null || !look.drawn().strokeShown().test(i) || usual(p.block()).isEmpty()) continue;
            Box b = boxes.getOrDefault(p, Box.EMPTY);
            double[] xy = s.xy();
            for (int k = 4 * s.firstChord(i); k < 4 * s.firstChord(i + 1); k += 2) b = b.with(new Point(xy[k], xy[k + 1]).turn(-turn));
            boxes.put(p, b);
        }
        List<Double> factors = new ArrayList<>();
        List<Point> at = new ArrayList<>();
        boxes.forEach((p, b) -> {
            double drawn = Math.max(b.width(), b.height());
            if (!(drawn > 0)) return;
            factors.add(usual(p.block()).orElseThrow() / drawn);
            at.add(b.centre().turn(turn));
        });
        if (factors.isEmpty()) return List.of();
        double f = Usual.median(factors.stream().mapToDouble(x -> x).toArray());
        int like = (int) factors.stream().filter(x -> Math.abs(Math.log(x / f)) < 2 * SPREAD).count();
        return List.of(new Opinion(SizeKind.FITTINGS, f, like, factors.size(), Double.NaN, at,
            Opinion.usual(1 / f, 1, SPREAD, OTHER, Math.min(1, WEIGHT * like / 2))));
    }

    private static OptionalDouble usual(String block) {
        String plain = Names.plain(block);
        return FITTINGS.stream().filter(x -> x.name.matcher(plain).find()).mapToDouble(Fitting::length).findFirst();
    }
}
