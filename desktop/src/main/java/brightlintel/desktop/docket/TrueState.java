package brightlintel.desktop.docket;

import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.building.Why;
import brightlintel.correct.UnitChoice;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Header;
import brightlintel.drawing.Paper;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthFormat;
import brightlintel.place.Extent;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What the stage True shows of an underlay: pure of placement, strokes and header. */
record TrueState(String scale, String size, Who scaleBy, List<Choice> choices, Optional<String> fileSays, boolean fileAgrees, String strays,
    String turn, Who turnBy, String datum,
                 Who datumBy) {
    /** SAID: by the file, which nobody has measured against. */
    enum Who { ASSUMED, SAID, STATED, READ }

    /** @param chosen the unit in force; plausible: a building could be this large */
    record Choice(UnitChoice unit, String name, String size, boolean chosen, boolean plausible) { }

    /** @param extent nothing while it is being worked out: sizes are then left open */
    static TrueState of(PlacedDrawing d, Optional<Extent> extent, Header header, LengthFormat f) {
        Placement p = d.underlay().placement();
        Extent e = extent.orElse(new Extent(Box.EMPTY, 0, 0));
        double now = p.scale().value().mean();
        Box units = e.main().mapped(Affine.scale(1 / now, 1 / now));
        List<Choice> choices = new ArrayList<>();
        for (UnitChoice u : UnitChoice.values())
            choices.add(new Choice(u, Words.of("unit." + u.name()), extent.isEmpty()
                ? "…" : f.size(units.width() * u.metres(), units.height() * u.metres()),
                p.scale().value().isEven() && Math.abs(now / u.metres() - 1) < 1e-9, u.isPlausible(units.diagonal())));
        Point zero = p.toStraightened(Point.ORIGIN);
        Optional<UnitChoice> said = UnitChoice.saidBy(header);
        String size = extent.isEmpty() ? "…" : f.size(units.width() * now, units.height() * now);
        return new TrueState(scaleWords(now), size, who(p.scale().why()), choices,
            said.map(u -> Words.of("true.file-says", Words.of("unit." + u.name()))),
            said.map(u -> Math.abs(u.metres() / now - 1) < 1e-9).orElse(false), e.strays() == 0
            ? "" : Words.count("true.strays", e.strays()),
            LengthFormat.angle(p.turn().value()), who(p.turn().why()),
            String.format(Locale.ROOT, "%.3f, %.3f", zero.x(), zero.y()).replace('-', '−'),
            who(p.fileAnchor().why()));
    }

    private static final double MEASURED = 0.9;

    /** A sheet is at one to so many. */
    static String onPaper(Placement p, Paper paper) {
        Scale s = p.scale().value();
        double x = s.metresPerUnitX() / paper.metresPerUnit(), y = s.metresPerUnitY() / paper.metresPerUnit();
        return s.isEven() ? "1:" + denominator(x) : "1:" + denominator(x) + " × 1:" + denominator(y);
    }

    static String denominator(double v) {
        return Math.abs(v - Math.rint(v)) < 5e-4 * v / 100 ? LengthFormat.grouped(Math.round(v))
            : String.format(Locale.ROOT, v < 1000 ? "%.2f" : "%.1f", v);
    }

    static String scaleWords(double metresPerUnit) {
        return UnitChoice.of(metresPerUnit).map(u -> Words.of("true.unit", Words.of("unit." + u.name())))
            .orElse(Words.of("true.factor", metresPerUnit >= 0.1 ? String.format(Locale.ROOT, "%.5f m", metresPerUnit)
            : String.format(Locale.ROOT, "%.5f mm", metresPerUnit * 1000)));
    }

    private static Who who(Why why) {
        return switch (why) {
            case Why.Assumed _ -> Who.ASSUMED;
            case Why.Stated _ -> Who.STATED;
            case Why.Read(double confidence, var _) -> confidence < MEASURED ? Who.SAID : Who.READ;
        };
    }
}
