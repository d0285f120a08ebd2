package brightlintel.recognise;

import brightlintel.building.ElementId;
import brightlintel.building.Role;
import brightlintel.building.Wall;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import brightlintel.place.PlacedDrawing;
import brightlintel.recognise.Faces.Stretch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;

/**
 * Layers of walls by the lines between their faces: one that runs along for the most part of where the faces are drawn parts two layers.
 * What is drawn in openings only does not.
 */
final class BuildUps {
    /** Metres: nearer to a face is on it; off a line that is one; the thinnest wall that has any. Of the faces: what a line runs along. */
    private static final double ON = 0.008, SAME = 0.004, THINNEST = 0.12, MOSTLY = 0.6;
    private static final double ALONG = Math.toRadians(0.5);
    private static final int MOST = 5;
    private static final Set<Role> NONE_OF = EnumSet.of(Role.GRID, Role.DIMENSION, Role.TEXT, Role.ROOM_LABEL, Role.SHEET, Role.WINDOW,
        Role.DOOR);
    private final PlacedDrawing d;
    private final IntFunction<Role> role;

    private record Run(double off, Stretch along) { }

    BuildUps(PlacedDrawing d, IntFunction<Role> role) {
        this.d = d;
        this.role = role;
    }

    /** Thicknesses from the left face to the right, of those of several layers. */
    Map<ElementId, List<Double>> of(List<Wall> walls) {
        Map<ElementId, List<Double>> out = new HashMap<>();
        for (Wall w : walls) {
            List<Double> layers = layers(w);
            if (layers.size() > 1) out.put(w.id(), layers);
        }
        return out;
    }

    /** Outer walls of several layers as they would be drawn with the outside to their left: layers of a kind are told from there. */
    List<Wall> outsideLeft(List<Wall> walls) {
        Map<ElementId, List<Double>> layers = of(walls);
        if (layers.isEmpty()) return walls;
        Optional<Ring> edge = SlabOutline.around(walls, Tolerances.BUILDING);
        return walls.stream().map(w -> layers.containsKey(w.id()) && edge.filter(e -> isInsideLeft(w, e)).isPresent()
            ? w.with(w.reference().reversed()) : w).toList();
    }

    private static boolean isInsideLeft(Wall w, Ring edge) {
        double far = w.thickness().value() / 2 + Tolerances.BUILDING.joinGap();
        return edge.holds(w.reference().at(w.length() / 2, far)) && !edge.holds(w.reference().at(w.length() / 2, -far));
    }

    private List<Double> layers(Wall w) {
        double t = w.thickness().value();
        if (t < THINNEST || !w.reference().isStraight()) return List.of();
        List<Run> runs = runs(w);
        double faces = length(runs.stream().filter(r -> Math.abs(r.off) > t / 2 - ON).toList());
        List<Run> inner = new ArrayList<>(runs.stream().filter(r -> Math.abs(r.off) <= t / 2 - ON).toList());
        inner.sort(Comparator.comparingDouble(Run::off));
        List<Double> out = new ArrayList<>();
        double last = t / 2;
        for (int to = inner.size(); to > 0;) {
            int from = to - 1;
            while (from > 0 && inner.get(to - 1).off - inner.get(from - 1).off < SAME) from--;
            List<Run> line = inner.subList(from, to);
            double off = line.stream().mapToDouble(Run::off).average().orElseThrow();
            if (length(line) > MOSTLY * faces && last - off > ON) {
                out.add(last - off);
                last = off;
            }
            to = from;
        }
        out.add(last + t / 2);
        return out.size() > MOST ? List.of() : out;
    }

    private static double length(List<Run> some) {
        return Faces.joined(some.stream().map(Run::along).toList()).stream().mapToDouble(Stretch::length).sum();
    }

    /** What runs along in its ground. */
    private List<Run> runs(Wall w) {
        Set<Integer> near = new LinkedHashSet<>();
        double half = w.thickness().value() / 2;
        for (double x = half; x < w.length(); x += Math.max(0.2, half)) near.addAll(d.strokesNear(w.middle(x), half + ON));
        List<Run> out = new ArrayList<>();
        for (int i : near) {
            if (NONE_OF.contains(role.apply(i)) || !d.cleared().strokeShown(i) || !(d.curve(i) instanceof Curve.Straight s)
                || Angles.betweenLines(s.b().minus(s.a()).angle(), w.reference().direction(0).angle()) > ALONG) continue;
            Point a = w.reference().unroll(s.a()), b = w.reference().unroll(s.b());
            double off = (a.y() + b.y()) / 2 - (w.left() - w.right()) / 2, from = Math.max(0, Math.min(a.x(), b.x())),
                to = Math.min(w.length(), Math.max(a.x(), b.x()));
            if (to > from && Math.abs(off) < half + ON) out.add(new Run(off, new Stretch(from, to, List.of(i))));
        }
        return out;
    }
}
