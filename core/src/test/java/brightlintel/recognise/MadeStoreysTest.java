package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.drawing.Progress;
import brightlintel.edit.Taking;
import brightlintel.geom.Point;
import brightlintel.joint.Enclosure;
import brightlintel.read.Wanted;
import brightlintel.receive.Cleaned;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import brightlintel.write.dxf.BasePlan;
import brightlintel.write.dxf.DxfWriter;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Storeys of which all is known, drawn in many manners, from a file on: how much of walls, openings and rooms comes back, and what is sure. */
class MadeStoreysTest {
    private static final int EACH = 5;
    @TempDir Path folder;

    private static final class Score {
        double whole, right, made, sure, sureRight;
        int openings, found, proposed, rooms, roomsFound, columns, columnsFound, lines, linesFound;

        double walls() {
            return 2 * right / (whole + made);
        }

        double openings() {
            return 2.0 * found / (openings + proposed);
        }
    }

    /**
     * Law: of walls and openings, taken together as precision and recall are, 97 in a hundred, and of rooms 98; of what is sure 98 of a
     * hundred are right in every manner.
     */
    @ParameterizedTest @EnumSource(MadeStorey.Manner.class)
    void whatIsDrawnComesBack(MadeStorey.Manner m) throws Exception {
        Score s = new Score();
        for (int seed = 0; seed < EACH; seed++) score(m, new MadeStorey(m, 100 * m.ordinal() + seed), seed, s);
        System.out.printf(Locale.ROOT, "%s walls %.3f openings %.3f rooms %d of %d, columns %d of %d, grid %d of %d, sure walls right %.3f%n", m,
            s.walls(), s.openings(), s.roomsFound, s.rooms, s.columnsFound, s.columns, s.linesFound, s.lines, s.sureRight / Math.max(1e-9, s.sure));
        assertThat(s.walls()).as("walls, " + m).isGreaterThan(0.97);
        assertThat(s.openings()).as("openings, " + m).isGreaterThan(0.97);
        assertThat(s.roomsFound).as("rooms, " + m).isGreaterThanOrEqualTo((int) (0.98 * s.rooms));
        assertThat(s.columnsFound).as("columns, " + m).isGreaterThanOrEqualTo((int) Math.ceil(0.97 * s.columns));
        assertThat(s.linesFound).as("grid, " + m).isGreaterThanOrEqualTo((int) Math.ceil(0.98 * s.lines));
        assertThat(s.sureRight).as("of sure walls, " + m).isGreaterThanOrEqualTo(0.98 * s.sure);
    }

    /** Plaster of two centimetres outside, and nine of insulation within. */
    @ParameterizedTest @EnumSource(value = MadeStorey.Manner.class, names = {"LAYERED", "LAYERED_ONE", "LAYERS_APART", "MERGED", "FACES_THROUGH"})
    void layersOfWallsAreToldFromTheOutside(MadeStorey.Manner m) throws Exception {
        Recognised found = found(new MadeStorey(m, 100 * m.ordinal() + 1), 1).found;
        boolean layered = m.name().startsWith("LAYER");
        assertThat(found.built()).hasSize(layered ? 4 : 0);
        for (List<Double> layers : found.built().values()) {
            assertThat(layers).hasSize(3);
            for (int i = 0; i < 3; i++) assertThat(layers.get(i)).isCloseTo(new double[] {0.02, 0.19, 0.09}[i], within(0.002));
        }
        Project p = Project.empty("p", "");
        StoreyId on = p.storeys().getFirst().id();
        p = Taking.walls(on, found.walls(), w -> w.thickness().value() > 0.2, found.built(), new Taking.Names((_, t) -> "w" + t, "core", "layer")).apply(p);
        WallKind outer = p.wallKinds().stream().filter(WallKind::outer).findFirst().orElseThrow();
        assertThat(outer.layers()).extracting(WallKind.Layer::material).isEqualTo(layered ? List.of("layer", "core", "layer") : List.of());
        assertThat(p.wallKinds()).filteredOn(k -> !k.outer()).allSatisfy(k -> assertThat(k.layers()).isEmpty());
    }

    /** The building alone, mended, on layers by what lies on them: what is recognised in it is as much. */
    @ParameterizedTest @EnumSource(value = MadeStorey.Manner.class, names = {"SOLIDS", "FILLED", "PEN", "LINES_BESIDE", "MERGED"})
    void aBasePlanHoldsAllThatWasRecognised(MadeStorey.Manner m) throws Exception {
        Path file = folder.resolve("made.dxf");
        try (OutputStream out = Files.newOutputStream(file)) {
            DxfWriter.write(new MadeStorey(m, 100 * m.ordinal() + 2).drawn().drawing(), out);
        }
        DrawingShelf shelf = new DrawingShelf(new Originals(folder.resolve("o")));
        DrawingShelf.Shelved d = shelf.take(file, new Wanted(1, ""), Progress.NONE);
        Recognised before = recognised(shelf, Cleaned.whole("made", d));
        Cleaned c = Cleaned.of("made", d);
        StoreyId on = c.project().storeys().getFirst().id();
        Path base = folder.resolve("base.dxf");
        try (OutputStream out = Files.newOutputStream(base)) {
            DxfWriter.write(BasePlan.of(c.project(), on, shelf.placed(c.project(), on, Progress.NONE), BasePlan.Unit.MILLIMETRE, true), out);
        }
        Recognised again = recognised(shelf, Cleaned.whole("base", shelf.take(base, new Wanted(1, ""), Progress.NONE)));
        assertThat(before.walls()).hasSizeGreaterThan(7);
        assertThat(again.walls()).hasSameSizeAs(before.walls());
        assertThat(again.openings()).hasSameSizeAs(before.openings());
        assertThat(again.rooms()).hasSameSizeAs(before.rooms());
    }

    private static Recognised recognised(DrawingShelf shelf, Cleaned c) throws Exception {
        return Recognised.of(shelf.placed(c.project().underlay(c.underlay()).orElseThrow(), Progress.NONE), c.reckoning(), c.roles());
    }

    private record Found(Recognised found, Placement place) { }

    private Found found(MadeStorey made, int seed) throws Exception {
        Path file = folder.resolve("made-" + seed + ".dxf");
        try (OutputStream out = Files.newOutputStream(file)) {
            DxfWriter.write(made.drawn().drawing(), out);
        }
        DrawingShelf shelf = new DrawingShelf(new Originals(folder.resolve("o")));
        Cleaned c = Cleaned.whole("made", shelf.take(file, new Wanted(1, ""), Progress.NONE));
        return new Found(recognised(shelf, c), c.project().underlay(c.underlay()).orElseThrow().placement());
    }

    private void score(MadeStorey.Manner m, MadeStorey made, int seed, Score s) throws Exception {
        Found f0 = found(made, seed);
        Recognised found = f0.found;
        Placement place = f0.place;
        for (Wall w : made.plan.walls) for (double x = 0.1; x < w.length() - 0.1; x += 0.2) {
            Point p = place.apply(w.middle(x).turn(made.turn).times(1000));
            s.whole += 0.2;
            if (found.walls().stream().anyMatch(f -> lies(p, f, w.thickness().value()))) s.right += 0.2;
        }
        for (Wall f : found.walls()) {
            s.made += f.length();
            boolean isTrue = isTrue(f, made, place);
            if (Recognised.isSure(f)) s.sure += f.length();
            if (Recognised.isSure(f) && isTrue) s.sureRight += f.length();
        }
        for (MadePlan.Hole h : made.plan.holes) {
            Point at = place.apply(h.at().turn(made.turn).times(1000));
            s.openings++;
            if (found.openings().stream().anyMatch(o -> at(o, found).distance(at) < 0.1 && Math.abs(o.width().value() - h.width()) < 0.05
                && made.isAs(o, h))) s.found++;
        }
        s.proposed += found.openings().size();
        for (Enclosure e : made.plan.rooms()) {
            Point at = place.apply(e.middle().turn(made.turn).times(1000));
            s.rooms++;
            // a column within takes of its ground
            if (found.grounds().stream().anyMatch(g -> g.outline().holds(at) && Math.abs(g.area() / e.area() - 1) < 0.05)) s.roomsFound++;
        }
        axes(made, found, place, s);
    }

    private static void axes(MadeStorey made, Recognised found, Placement place, Score s) {
        if (made.hasColumns()) for (Point p : made.plan.columns) {
            Point at = place.apply(p.turn(made.turn).times(1000));
            s.columns++;
            if (found.columns().stream().anyMatch(c -> c.at().distance(at) < 0.03)) s.columnsFound++;
        }
        if (made.hasAxes()) for (MadePlan.Axis x : made.plan.axes) {
            Point a = place.apply(x.a().turn(made.turn).times(1000)), b = place.apply(x.b().turn(made.turn).times(1000));
            s.lines++;
            if (found.grid().stream().anyMatch(g -> g.line().distance(a) < 0.01 && g.line().distance(b) < 0.01)) s.linesFound++;
        }
    }

    private static Point at(Opening o, Recognised found) {
        return found.walls().stream().filter(w -> w.id().equals(o.wall())).findFirst().orElseThrow().middle(o.along());
    }

    private static boolean lies(Point p, Wall x, double thickness) {
        Point u = x.reference().unroll(p);
        return u.x() > -0.05 && u.x() < x.length() + 0.05 && Math.abs(u.y()) < 0.02 && Math.abs(x.thickness().value() - thickness) < 0.0101;
    }

    private static boolean isTrue(Wall f, MadeStorey made, Placement place) {
        int right = 0, n = 10;
        for (int i = 0; i < n; i++) {
            Point p = f.middle(f.length() * (i + 0.5) / n);
            if (made.plan.walls.stream().anyMatch(w -> {
                Point a = place.apply(w.middle(0).turn(made.turn).times(1000)), b = place.apply(w.middle(w.length()).turn(made.turn).times(1000));
                double l = a.distance(b), x = b.minus(a).unit().dot(p.minus(a)), y = b.minus(a).unit().cross(p.minus(a));
                return x > -0.05 && x < l + 0.05 && Math.abs(y) < 0.02 && Math.abs(w.thickness().value() - f.thickness().value()) < 0.0101;
            })) right++;
        }
        return right >= 7;
    }
}
