package brightlintel.write.ifc;

import static brightlintel.write.ifc.StepText.NONE;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import brightlintel.building.GridLine;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.write.ifc.StepText.Ref;

/** A grid needs lines of two families: two directions, three, or rays and the arcs that cross them. */
final class IfcGrids {
    private static final double ALIKE = Math.toRadians(3);
    private final StepText s;
    private final IfcShapes shapes;

    IfcGrids(StepText s, IfcShapes shapes) {
        this.s = s;
        this.shapes = shapes;
    }

    /** The grid, or nothing where its lines are all of one family. */
    Optional<Ref> write(List<GridLine> grid, String id, Ref at) {
        List<List<GridLine>> families = families(grid);
        if (families.size() < 2) return Optional.empty();
        List<Ref> curves = new ArrayList<>();
        List<List<Ref>> axes = new ArrayList<>();
        for (List<GridLine> f : families) {
            List<Ref> some = new ArrayList<>();
            for (GridLine g : f) {
                Ref curve = shapes.curve(g.line());
                curves.add(curve);
                some.add(s.add("IFCGRIDAXIS", g.label(), curve, true));
            }
            axes.add(some);
        }
        boolean round = grid.stream().anyMatch(g -> !g.line().isStraight());
        String type = round ? "RADIAL" : families.size() == 3 ? "TRIANGULAR" : isSquare(families) ? "RECTANGULAR" : "IRREGULAR";
        return Optional.of(s.add("IFCGRID", id, NONE, "Grid", NONE, NONE, at, shapes.shape(shapes.curves(curves)), axes.get(0), axes.get(1),
            axes.size() > 2 ? axes.get(2) : NONE, StepText.of(type)));
    }

    /** Arcs are one; straight lines by their direction, all of them beside arcs; what is left over is of the third. */
    private static List<List<GridLine>> families(List<GridLine> grid) {
        List<GridLine> arcs = grid.stream().filter(g -> !g.line().isStraight()).toList(), straight = grid.stream().filter(g ->
            g.line().isStraight()).toList();
        List<List<GridLine>> out = new ArrayList<>();
        if (!arcs.isEmpty()) {
            out.add(arcs);
            if (!straight.isEmpty()) out.add(straight);
            return out;
        }
        for (GridLine g : straight) {
            Optional<List<GridLine>> own = out.stream().filter(f -> between(f.getFirst(), g) < ALIKE).findFirst();
            if (own.isPresent()) own.get().add(g);
            else out.add(new ArrayList<>(List.of(g)));
        }
        out.sort((a, b) -> b.size() - a.size());
        while (out.size() > 3) out.get(2).addAll(out.removeLast());
        return out;
    }

    private static double between(GridLine a, GridLine b) {
        Point p = a.line().direction(0), q = b.line().direction(0);
        return Math.abs(Angles.signed(Math.atan2(p.cross(q), Math.abs(p.dot(q)))));
    }

    private static boolean isSquare(List<List<GridLine>> f) {
        return f.size() == 2 && Math.abs(between(f.get(0).getFirst(), f.get(1).getFirst()) - Math.PI / 2) < ALIKE;
    }
}
