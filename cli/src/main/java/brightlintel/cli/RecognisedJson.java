package brightlintel.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;

import brightlintel.building.Column;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Room;
import brightlintel.building.Section;
import brightlintel.building.Wall;
import brightlintel.correct.Reckoning;
import brightlintel.correct.lie.DatumFinding;
import brightlintel.correct.size.SizeFinding;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.inspect.Inspection;
import brightlintel.joint.Enclosure;
import brightlintel.place.PlacedDrawing;
import brightlintel.recognise.Leftover;
import brightlintel.recognise.Recognised;

/** What was recognised, in the building metres of the placement beside it. */
final class RecognisedJson {
    private static final double CHORD = 0.01;
    /** From the drawing's metres, through its file, to the placement's. */
    private final Affine map;
    private final double factor;

    RecognisedJson(Reckoning r, PlacedDrawing d) {
        SizeFinding s = r.size();
        Point origin = r.inFile(r.datum().best().map(DatumFinding.Proposal::at).orElse(Point.ORIGIN));
        Affine toFile = d.toBuilding().inverse().then(Affine.move(d.strokes().origin()));
        double x = s.isStretched() ? s.metresPerUnitX() : s.metresPerUnit(), y = s.isStretched() ? s.metresPerUnitY() : s.metresPerUnit();
        map = toFile.then(Affine.move(origin.times(-1))).then(Affine.scale(x, y)).then(Affine.turn(-r.turn().whole()));
        factor = map.meanScale();
    }

    Map<String, Object> of(Recognised f) {
        return Inspection.ordered("walls", f.walls().stream().map(this::wall).toList(), "openings", f.openings().stream().map(o ->
            opening(o,
            f)).toList(), "columns", f.columns().stream().map(this::column).toList(), "grids", f.grid().stream().map(this::grid).toList(),
            "rooms", IntStream.range(0, f.rooms().size()).mapToObj(i -> room(f.rooms().get(i), f.grounds().get(i))).toList(), "leftovers",
            f.left().stream().map(this::left).toList());
    }

    private List<Double> xy(Point p) {
        Point q = map.apply(p);
        return List.of(rounded(q.x()), rounded(q.y()));
    }

    private static double rounded(double v) {
        return Math.rint(v * 1e5) / 1e5 + 0.0;
    }

    private Map<String, Object> wall(Wall w) {
        return Inspection.ordered("a", xy(w.reference().a()), "b", xy(w.reference().b()), "thickness",
            rounded(w.thickness().value() * factor),
            "bulge", w.reference().bulge(), "confidence", Recognised.confidence(w));
    }

    private Map<String, Object> opening(Opening o, Recognised f) {
        Wall w = f.walls().stream().filter(x -> x.id().equals(o.wall())).findFirst().orElseThrow();
        String kind = switch (o.filling()) {
            case Opening.Filling.Door _ -> "door";
            case Opening.Filling.Window _, Opening.Filling.Glazed _ -> "window";
            case Opening.Filling.Empty _ -> "opening";
        };
        return Inspection.ordered("kind", kind, "centre", xy(w.middle(o.along())), "width", rounded(o.width().value() * factor), "sill",
            rounded(o.sill().value()), "head", rounded(o.head().value()), "fire", o.fire(), "confidence", Recognised.confidence(o));
    }

    private Map<String, Object> column(Column c) {
        Box b = c.section().outline().box();
        return Inspection.ordered("centre", xy(c.at()), "size", List.of(rounded(b.width() * factor), rounded(b.height() * factor)),
            "rotation",
            rounded(Math.toDegrees(c.turn())), "round", c.section() instanceof Section.Round, "confidence", Recognised.confidence(c));
    }

    private Map<String, Object> grid(GridLine g) {
        return Inspection.ordered("label", g.label(), "a", xy(g.line().a()), "b", xy(g.line().b()), "confidence",
            Recognised.confidence(g));
    }

    private Map<String, Object> left(Leftover l) {
        return Inspection.ordered("reason", l.reason().name().toLowerCase(Locale.ROOT).replace('_', '-'), "at", xy(l.at()), "length",
            rounded(l.length() * factor), "stroke", l.stroke());
    }

    private Map<String, Object> room(Room r, Enclosure e) {
        List<List<Double>> ring = new ArrayList<>();
        for (Point p : e.outline().chords(CHORD)) ring.add(xy(p));
        return Inspection.ordered("number", r.number(), "name", r.name(), "polygon", ring, "confidence", Recognised.confidence(r));
    }
}
