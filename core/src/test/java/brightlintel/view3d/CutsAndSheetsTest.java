package brightlintel.view3d;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.building.Contents;
import brightlintel.building.Project;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.geom.Vec3;
import brightlintel.notation.Seeds;
import brightlintel.notation.Walls;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.solid.Body;
import brightlintel.solid.Solids;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CutsAndSheetsTest {
    private static final Palette P = Palette.LIGHT;
    private static final int W = 200, H = 160;

    private static List<Body> bodies(String walls) {
        Project p = Project.empty("Hut", "Ground");
        p = p.withContents(p.storeys().getFirst().id(), _ -> new Contents(Walls.read(walls)));
        return Solids.of(p, p.storeys().getFirst().id(), Tolerances.BUILDING);
    }

    private static Raster painted(Painter3d painter, List<Body> bodies, Camera c, List<Cut> cuts, List<Sheet> sheets) {
        Raster r = new Raster(W, H);
        painter.paint(bodies, c, new Painter3d.Look(P, Set.of(), cuts, sheets, false), r);
        return r;
    }

    private static Vec3 ray(Camera c, double x, double y, double z) {
        return c.target().plus(c.right().times((x - W / 2.0) / c.pxPerMetre())).plus(c.up().times((H / 2.0 - y) / c.pxPerMetre()))
            .plus(c.forward().times(z));
    }

    /** The body that a line of sight meets first of what the cuts leave; null for none. */
    private static Body slow(List<Body> bodies, Camera c, List<Cut> cuts, double x, double y) {
        Vec3 o = ray(c, x, y, 0), f = c.forward();
        Body best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Body b : bodies)
            for (int i = 0; i < b.triangles().length; i += 9) {
                float[] t = b.triangles();
                Vec3 p = new Vec3(t[i], t[i + 1], t[i + 2]), u = new Vec3(t[i + 3], t[i + 4], t[i + 5]).minus(p),
                    v = new Vec3(t[i + 6], t[i + 7], t[i + 8]).minus(p), h = f.cross(v);
                double det = u.dot(h);
                if (Math.abs(det) < 1e-9) continue;
                Vec3 s = o.minus(p), q = s.cross(u);
                double a = s.dot(h) / det, d = f.dot(q) / det, z = v.dot(q) / det;
                // where two bodies touch, the inside of the one counts before the face of the other
                double counts = det < 0 ? z - 0.002 : z;
                if (a < 0 || d < 0 || a + d > 1 || counts >= least) continue;
                Vec3 at = o.plus(f.times(z));
                if (cuts.stream().allMatch(k -> k.keeps(at))) {
                    least = counts;
                    best = b;
                }
            }
        return best;
    }

    /** Law: what is seen of a building that is cut is what a line of sight meets first. Pixels at an edge are left out. */
    @Test void aCutShowsWhatALineOfSightMeets() {
        List<Body> bodies = bodies("""
            south 0 0 -> 8 0 thick 0.3
            east 8 0 -> 8 5 thick 0.3
            north 8 5 -> 0 5 thick 0.3
            west 0 5 -> 0 0 thick 0.3
            mid 4 0 -> 4 5 thick 0.15
            """);
        Seeds.each(8, seed -> {
            Random r = new Random(seed);
            Camera c = Camera.fit(new Camera(Vec3.ZERO, r.nextDouble() * 6, 0.1 + r.nextDouble(), 10), Painter3d.corners(bodies), W, H);
            List<Cut> cuts = new ArrayList<>(List.of(Cut.above(0.4 + r.nextDouble() * 2.4)));
            if (r.nextBoolean()) cuts.add(Cut.across(new Point(1 + r.nextDouble() * 6, 1 + r.nextDouble() * 3), r.nextDouble() * 6));
            Painter3d painter = new Painter3d();
            painted(painter, bodies, c, cuts, List.of());
            int looked = 0, met = 0;
            for (int i = 0; i < 1500; i++) {
                int x = 1 + r.nextInt(W - 2), y = 1 + r.nextInt(H - 2);
                Body want = slow(bodies, c, cuts, x + 0.5, y + 0.5);
                boolean edge = false;
                for (double[] by : new double[][] {{-1.2, 0}, {1.2, 0}, {0, -1.2}, {0, 1.2}})
                    edge |= slow(bodies, c, cuts, x + 0.5 + by[0], y + 0.5 + by[1]) != want;
                if (edge) continue;
                looked++;
                if (want != null) met++;
                assertThat(painter.at(x, y)).as("%d, %d", x, y).isSameAs(want);
            }
            assertThat(looked).isGreaterThan(500);
            assertThat(met).isGreaterThan(30);
        });
    }

    @Test void whereAWallIsCutItsInsideIsSolidInk() {
        List<Body> wall = bodies("a 0 0 -> 4 0 thick 1\n");
        Camera down = new Camera(new Vec3(2, 0, 1), 0, Math.PI / 2, 20);
        assertThat(painted(new Painter3d(), wall, down, List.of(), List.of()).at(W / 2, H / 2)).isNotEqualTo(P.ink());
        assertThat(painted(new Painter3d(), wall, down, List.of(Cut.above(1.2)), List.of()).at(W / 2, H / 2)).isEqualTo(P.ink());
        Painter3d gone = new Painter3d();
        painted(gone, wall, down, List.of(Cut.above(-1)), List.of());
        assertThat(gone.at(W / 2, H / 2)).isNull();
        assertThatThrownBy(() -> new Cut(new Vec3(1, 1, 0), 0)).hasMessageContaining("length one");
    }

    /** A sheet with a square of ink from 3,3 to 5,5 in a plan of 10 by 8. */
    private static Sheet square(double level, double strength) {
        PlanView v = new PlanView(new Point(5, 4), 40, 400, 320);
        Raster r = new Raster(400, 320);
        r.clear(P.paper());
        for (int y = 0; y < 320; y++)
            for (int x = 0; x < 400; x++) {
                Point p = v.toMetres(x + 0.5, y + 0.5);
                if (p.x() > 3 && p.x() < 5 && p.y() > 3 && p.y() < 5) r.pixels[y * 400 + x] = 0xff000000 | P.ink2();
            }
        Affine toPx = v.toPx();
        return Sheet.of(r, P.paper(), P.ink2(), toPx, level, strength);
    }

    /** Law: a place of the sheet is seen where that place is in space, from every side and at every zoom. */
    @Test void aSheetLiesWhereItsPlanIs() {
        Seeds.each(20, seed -> {
            Random r = new Random(seed);
            double level = r.nextInt(7) - 3;
            Camera c = new Camera(new Vec3(4, 4, level + r.nextGaussian()), r.nextDouble() * 6, 0.3 + r.nextDouble(), 8 + r.nextInt(40));
            Raster p = painted(new Painter3d(), List.of(), c, List.of(), List.of(square(level, 1)));
            for (int i = 0; i < 300; i++) {
                Vec3 at = new Vec3(1 + r.nextDouble() * 7, 1 + r.nextDouble() * 6, level), d = at.minus(c.target());
                double in = Math.max(Math.abs(at.x() - 4), Math.abs(at.y() - 4));
                if (Math.abs(in - 1) < 3 / c.pxPerMetre() + 0.1) continue;
                int x = (int) Math.floor(W / 2.0 + d.dot(c.right()) * c.pxPerMetre()), y = (int) Math.floor(H / 2.0 - d.dot(c.up()) * c.pxPerMetre());
                if (x < 0 || y < 0 || x >= W || y >= H) continue;
                assertThat(p.at(x, y) == P.paper()).as("%s, %s of the square's half", at, in).isEqualTo(in > 1);
            }
        });
    }

    @Test void aSheetIsHiddenByWhatStandsBeforeItAndCutWithTheRest() {
        Camera south = new Camera(new Vec3(4, 4, 0.5), 0, 0.35, 30);
        List<Body> wall = bodies("a 0 2 -> 8 2 thick 0.3\n");
        Raster open = painted(new Painter3d(), List.of(), south, List.of(), List.of(square(0, 1)));
        Raster behind = painted(new Painter3d(), wall, south, List.of(), List.of(square(0, 1)));
        Raster laidOpen = painted(new Painter3d(), wall, south, List.of(Cut.above(0.05)), List.of(square(0, 1)));
        int free = count(open), hidden = count(behind), seen = count(laidOpen);
        assertThat(free).isPositive();
        assertThat(hidden).isLessThan(free / 2);
        assertThat(seen).isGreaterThan(free * 9 / 10);
        assertThat(count(painted(new Painter3d(), List.of(), south, List.of(Cut.above(-0.1)), List.of(square(0, 1))))).isZero();
        // through a faint sheet the paper is seen
        Raster faint = painted(new Painter3d(), List.of(), south, List.of(), List.of(square(0, 0.4)));
        assertThat(count(faint)).isZero();
        assertThat(faint.at(W / 2, H / 2 + 5)).isNotEqualTo(P.paper());
    }

    private static int count(Raster r) {
        int n = 0;
        for (int y = 0; y < H; y++) for (int x = 0; x < W; x++) if (r.at(x, y) == P.ink2()) n++;
        return n;
    }
}
