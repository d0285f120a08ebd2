package brightlintel.bench;

import java.io.ByteArrayOutputStream;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.building.Room;
import brightlintel.building.Side;
import brightlintel.building.Stand;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosures;
import brightlintel.paint.PlanShapes;
import brightlintel.solid.Solids;
import brightlintel.write.ifc.IfcWriter;

/** A storey of 160 rooms: joints, rooms, plan, bodies, IFC; and roofs of many sides. */
final class ModelBench {
    private static final int ACROSS = 20, UP = 8, ROUNDS = 7;
    private static final double WIDE = 4, DEEP = 5;

    private ModelBench() { }

    static void run() throws Exception {
        Project p = storey();
        StoreyId on = p.storeys().getFirst().id();
        String what = p.on(on).walls().size() + " walls, " + p.on(on).rooms().size() + " rooms, " + p.on(on).openings().size() + " doors";
        row("rooms", what, () -> Enclosures.of(p.on(on), Tolerances.BUILDING).all().size());
        row("plan", what, () -> PlanShapes.of(p, on).shapes().size());
        row("bodies", what, () -> Solids.of(p, on, Tolerances.BUILDING).size());
        row("IFC4 with rooms and what bounds them", what, () -> {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            IfcWriter.write(p, Tolerances.BUILDING, "storey.ifc", Instant.EPOCH, out);
            return out.size();
        });
        for (int n : new int[] {12, 48, 120}) {
            Roof r = comb(n);
            row("roof", r.outline().size() + " sides", () -> RoofForm.of(r).map(f -> f.faces().size()).orElse(-1));
        }
    }

    private static void row(String name, String what, Callable<Object> c) throws Exception {
        long first = System.nanoTime();
        Object out = c.call();
        double once = (System.nanoTime() - first) / 1e6;
        double[] ms = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long t = System.nanoTime();
            Bench.sink = c.call();
            ms[i] = (System.nanoTime() - t) / 1e6;
        }
        Arrays.sort(ms);
        System.out.printf("| %s, %s | %.1f ms | %.1f ms | the first time %.0f ms; %s |%n", name, what, ms[ROUNDS / 2], ms[0], once, out);
    }

    private static Project storey() {
        List<StoreyElement> out = new ArrayList<>();
        for (int y = 0; y <= UP; y++) for (int x = 0; x < ACROSS; x++) out.add(wall(x * WIDE, y * DEEP, (x + 1) * WIDE, y * DEEP, y == 0
            || y
            == UP));
        for (int x = 0; x <= ACROSS; x++) for (int y = 0; y < UP; y++) out.add(wall(x * WIDE, y * DEEP, x * WIDE, (y + 1) * DEEP, x == 0
            || x
            == ACROSS));
        for (StoreyElement e : List.copyOf(out)) out.add(new Opening(ElementId.fresh(), e.id(), 2, Given.stated(0.9), Given.stated(0.0),
            Given.stated(2.1), new Opening.Filling.Door(false, true), Provenance.BY_HAND));
        for (int y = 0; y < UP; y++) for (int x = 0; x < ACROSS; x++) out.add(new Room(ElementId.fresh(), (y + 1) + "." + (x + 1), "Office",
            new Room.Bound.Within(new Point((x + 0.5) * WIDE, (y + 0.5) * DEEP)), Optional.empty(), Optional.empty(), "Zone " + y,
            Provenance.BY_HAND));
        Project p = Project.empty("Bench", "Ground");
        return p.withContents(p.storeys().getFirst().id(), c -> c.plus(out));
    }

    private static Wall wall(double x0, double y0, double x1, double y1, boolean outer) {
        return new Wall(ElementId.fresh(), Piece.straight(new Point(x0, y0), new Point(x1, y1)), Side.CENTRE, Given.stated(outer ? 0.36
            : 0.14),
            Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
    }

    /** Wings side by side on a long house. */
    private static Roof comb(int sides) {
        List<Point> c = new ArrayList<>(List.of(Point.ORIGIN));
        int wings = (sides - 4) / 4;
        double x = wings * 12 + 6;
        c.add(new Point(x, 0));
        c.add(new Point(x, 10));
        for (int i = wings - 1; i >= 0; i--) {
            double left = i * 12 + 6, right = left + 5 + i % 3;
            c.addAll(List.of(new Point(right, 10), new Point(right, 16 + i % 4), new Point(left, 16 + i % 4), new Point(left, 10)));
        }
        c.add(new Point(0, 10));
        Ring ring = new Ring(c);
        return new Roof(ElementId.fresh(), ring, new Roof.Cover.Pitched(Collections.nCopies(ring.size(), new Roof.Edge.Slope(0.6))),
            Given.stated(0.5), Given.stated(0.3), Stand.FLOOR, Provenance.BY_HAND);
    }
}
