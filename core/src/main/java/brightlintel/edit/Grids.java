package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.GridHub;
import brightlintel.building.GridLabels;
import brightlintel.building.GridLine;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.StoreyId;
import brightlintel.geom.Affine;
import brightlintel.geom.Angles;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The grid as a whole: by spacings, spacings changed, bays divided and joined, runs renamed. */
public final class Grids {
    private static final double PARALLEL = Math.toRadians(0.2), LEAST = 0.01, SAME = 1e-9;

    private Grids() { }

    /** Lines beside each other, from the left or from below. */
    public record Family(List<GridLine> lines) {
        public Family {
            lines = List.copyOf(lines);
        }

        /** The same lines as they are in a project by now; those that are gone are left out. */
        Family in(Project p) {
            return new Family(lines.stream().flatMap(g -> p.grid().stream().filter(x -> x.id().equals(g.id()))).toList());
        }

        /** From the first line to each, square to it. */
        public double from(int i) {
            Point u = lines.getFirst().line().direction(0);
            return Math.abs(u.cross(lines.get(i).line().a().minus(lines.getFirst().line().a())));
        }

        /** From the line before. */
        public double spacing(int i) {
            return from(i) - from(i - 1);
        }
    }

    /** Rays about the place at which they meet, arcs from the inside out; each family in its order. */
    public static List<List<GridLine>> radial(Project p, StoreyId on) {
        List<GridLine> all = p.grid().stream().filter(g -> g.isOn(on)).toList();
        List<List<GridLine>> out = new ArrayList<>();
        hub(all).ifPresent(h -> out.add(all.stream().filter(g -> GridHub.meets(g.line(), h)).sorted(Comparator.comparing(GridLine::label,
            GridLabels::compare)).toList()));
        List<GridLine> arcs = all.stream().filter(g -> !g.line().isStraight()).sorted(Comparator.comparingDouble(g -> g.line().radius()))
            .toList();
        if (!arcs.isEmpty()) out.add(arcs);
        return out;
    }

    private static Optional<Point> hub(List<GridLine> some) {
        return GridHub.of(some.stream().map(GridLine::line).toList());
    }

    /** Straight lines that run alike, of one storey; those that stand alone are families of one. Rays are none. */
    public static List<Family> families(Project p, StoreyId on) {
        List<List<GridLine>> all = new ArrayList<>();
        Optional<Point> hub = hub(p.grid().stream().filter(g -> g.isOn(on)).toList());
        for (GridLine g : p.grid()) {
            if (!g.isOn(on) || !g.line().isStraight() || hub.filter(h -> GridHub.meets(g.line(), h)).isPresent()) continue;
            Optional<List<GridLine>> own = all.stream().filter(f -> Angles.betweenLines(f.getFirst().line().direction(0).angle(),
                g.line().direction(0).angle()) < PARALLEL).findFirst();
            own.ifPresentOrElse(f -> f.add(g), () -> all.add(new ArrayList<>(List.of(g))));
        }
        List<Family> out = new ArrayList<>();
        for (List<GridLine> f : all) {
            boolean letters = GridLabels.family(f.getFirst().line()).equals("letters");
            f.sort(Comparator.comparingDouble(g -> across(g, f.getFirst(), letters)));
            out.add(new Family(f));
        }
        out.sort(Comparator.comparing(f -> GridLabels.family(f.lines.getFirst().line()).equals("letters") ? 0 : 1));
        return out;
    }

    /** To the right of a line that runs up, upwards of one that runs across. */
    private static double across(GridLine g, GridLine first, boolean letters) {
        Point u = first.line().direction(0), square = letters == u.y() > 0 ? u.left().times(-1) : u.left();
        Point ahead = letters ? (square.x() >= 0 ? square : square.times(-1)) : square.y() >= 0 ? square : square.times(-1);
        return ahead.dot(g.line().a().minus(first.line().a()));
    }

    /** Of an own grid: letters stand so far apart from the left, figures from below; each reaches over the outermost by an overhang. */
    public static Edit make(List<Double> letters, List<Double> figures, Point at, double turn, double overhang) {
        return Edit.of("edit.grid-made", p -> {
            List<GridLine> out = new ArrayList<>(p.grid());
            Affine place = Affine.turn(turn).then(Affine.move(at));
            double wide = letters.stream().mapToDouble(x -> x).sum(), high = figures.stream().mapToDouble(x -> x).sum();
            String a = GridLabels.next(Piece.straight(Point.ORIGIN, new Point(0, 1)), p.grid()),
                one = GridLabels.next(Piece.straight(Point.ORIGIN, new Point(1, 0)), p.grid());
            double x = 0, y = 0;
            List<String> names = GridLabels.run(a, letters.size() + 1), numbers = GridLabels.run(one, figures.size() + 1);
            for (int i = 0; i <= letters.size(); i++) {
                out.add(line(names.get(i), Piece.straight(new Point(x, high + overhang), new Point(x, -overhang)).mapped(place),
                    "letters"));
                x += i < letters.size() ? letters.get(i) : 0;
            }
            for (int i = 0; i <= figures.size(); i++) {
                out.add(line(numbers.get(i), Piece.straight(new Point(-overhang, y), new Point(wide + overhang, y)).mapped(place),
                    "figures"));
                y += i < figures.size() ? figures.get(i) : 0;
            }
            return p.withGrid(out);
        });
    }

    /**
     * Of rays and arcs about a place: rays so far apart from a direction on, arcs so far from the place and from each other.
     *
     * @param rays radians between them; arcs metres
     * @param from the direction of the first ray, radians
     */
    public static Edit radial(List<Double> rays, List<Double> arcs, Point at, double from, double overhang) {
        return Edit.of("edit.grid-made", p -> {
            List<GridLine> out = new ArrayList<>(p.grid());
            double sweep = rays.stream().mapToDouble(x -> x).sum(), reach = arcs.stream().mapToDouble(x -> x).sum() + overhang;
            String a = GridLabels.next(Piece.straight(Point.ORIGIN, new Point(0, 1)), p.grid()),
                one = GridLabels.next(Piece.straight(Point.ORIGIN, new Point(1, 0)), p.grid());
            List<String> names = GridLabels.run(a, arcs.size()), numbers = GridLabels.run(one, rays.size() + 1);
            double inner = Math.max(0, arcs.getFirst() - overhang), turn = from;
            for (int i = 0; i <= rays.size(); i++) {
                Point d = Point.polar(turn, 1);
                out.add(line(numbers.get(i), Piece.straight(at.plus(d.times(reach)), at.plus(d.times(inner))), "figures"));
                turn += i < rays.size() ? rays.get(i) : 0;
            }
            double r = 0;
            for (int i = 0; i < arcs.size(); i++) {
                r += arcs.get(i);
                double beyond = Math.min(overhang / r, (Math.PI * 2 - 0.01 - sweep) / 2), whole = sweep + 2 * Math.max(0, beyond);
                out.add(line(names.get(i), new Piece(at.plus(Point.polar(from - beyond, r)), at.plus(Point.polar(from - beyond + whole, r)),
                    Math.tan(whole / 4)), "letters"));
            }
            return p.withGrid(out);
        });
    }

    private static GridLine line(String label, Piece p, String family) {
        return new GridLine(ElementId.fresh(), label, Optional.of(family), p, Optional.empty(), Provenance.BY_HAND);
    }

    /** Any number that were found or made, those whose labels are taken left out. */
    public static Edit add(List<GridLine> some) {
        return Edit.of("edit.grid-lines", p -> {
            List<GridLine> out = new ArrayList<>(p.grid());
            for (GridLine g : some) if (!Tracing.isTaken(p, g.label(), g.id())) out.add(g);
            return p.withGrid(out);
        });
    }

    /**
     * Another spacing before a line of a family: those behind it move along, or it alone where the total is kept.
     *
     * @param metres at least a centimetre; nothing where the next line would be passed
     */
    public static Edit spacing(Family f, int i, double metres, boolean keepTotal) {
        return Edit.of("edit.grid-spacing", p -> {
            Family now = f.in(p);
            return now.lines.size() == f.lines.size() ? spaced(p, now, i, metres, keepTotal) : p;
        });
    }

    private static Project spaced(Project p, Family f, int i, double metres, boolean keepTotal) {
        double by = metres - f.spacing(i);
        boolean passes = keepTotal && i + 1 < f.lines.size() && f.spacing(i + 1) - by < LEAST;
        if (metres < LEAST || passes || Math.abs(by) < SAME) return p;
        Point ahead = ahead(f, i);
        Set<ElementId> moved = new HashSet<>();
        for (GridLine g : keepTotal ? f.lines.subList(i, i + 1) : f.lines.subList(i, f.lines.size())) moved.add(g.id());
        return moved(p, moved, ahead.times(by));
    }

    private static Point ahead(Family f, int i) {
        Point u = f.lines.getFirst().line().direction(0), d = f.lines.get(i).line().a().minus(f.lines.get(i - 1).line().a());
        return u.left().times(Math.signum(u.cross(d)));
    }

    private static Project moved(Project p, Set<ElementId> which, Point by) {
        Affine m = Affine.move(by);
        return p.withGrid(p.grid().stream().map(g -> which.contains(g.id()) ? g.with(g.line().mapped(m)) : g).toList());
    }

    /** The bay before a line in so many equal parts; the new lines get labels beside the one before. */
    public static Edit divide(Family f, int i, int parts) {
        return Edit.of("edit.grid-divide", p -> {
            if (parts < 2 || parts > 50) return p;
            List<GridLine> out = new ArrayList<>(p.grid());
            Set<String> taken = new HashSet<>();
            p.grid().forEach(g -> taken.add(g.label()));
            GridLine before = f.lines.get(i - 1);
            boolean letters = GridLabels.family(before.line()).equals("letters");
            Point step = ahead(f, i).times(f.spacing(i) / parts);
            for (int k = 1; k < parts; k++) {
                String label = GridLabels.between(before.label(), f.lines.get(i).label(), letters, taken);
                taken.add(label);
                out.add(new GridLine(ElementId.fresh(), label, before.family(), before.line().mapped(Affine.move(step.times(k))),
                    before.only(),
                    Provenance.BY_HAND));
            }
            return p.withGrid(out);
        });
    }

    /** Labels of a family from one on; nothing where a line of another family bears one of them. */
    public static Edit rename(Family f, String first) {
        return labels(f, GridLabels.run(first, f.lines.size()));
    }

    /** The same labels the other way round. */
    public static Edit turnRound(Family f) {
        return labels(f, f.lines.stream().map(GridLine::label).toList().reversed());
    }

    private static Edit labels(Family f, List<String> labels) {
        return Edit.of("edit.grid-run", p -> {
            Map<ElementId, String> now = new HashMap<>();
            for (int i = 0; i < f.lines.size(); i++) now.put(f.lines.get(i).id(), labels.get(i));
            boolean taken = p.grid().stream().anyMatch(g -> !now.containsKey(g.id()) && labels.stream().anyMatch(l ->
                l.equalsIgnoreCase(g.label())));
            return taken ? p : p.withGrid(p.grid().stream().map(g -> now.containsKey(g.id()) ? g.withLabel(now.get(g.id())) : g).toList());
        });
    }

    /** Of all storeys, or of some. */
    public static Edit only(Set<ElementId> which, Optional<Set<StoreyId>> storeys) {
        return Tracing.changeGrid("edit.grid-storeys", which, g -> g.onlyOn(storeys));
    }
}
