package brightlintel.select;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.building.Clearing;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Region;
import brightlintel.geom.Box;
import brightlintel.geom.Orientation;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.notation.Drawings;
import brightlintel.notation.Seeds;
import brightlintel.place.PlacedDrawing;
import java.io.IOException;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SelectingTest {
    private static PlacedDrawing drawing(String text, Clearing c, double turn) {
        try {
            return Drawings.placed(Drawings.read(text), Placement.assumed(1, Point.ORIGIN).withTurn(Given.stated(turn)), c);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private static Picked in(PlacedDrawing d, Box b, boolean inside) {
        return Selecting.in(d, Outline.of(b), inside);
    }

    private static List<Integer> strokes(Picked p) {
        return p.strokes().boxed().toList();
    }

    @Test void aBoxTakesWhatItTouchesOrOnlyWhatIsWhollyInIt() {
        PlacedDrawing d = drawing("A 0 0 4 0\nA 2 -5 2 5\nA 9 9 10 10\nA circle 2 0 1", Clearing.NONE, 0);
        assertThat(strokes(in(d, new Box(-1, -1, 5, 1.5), false))).containsExactly(0, 1, 3);
        assertThat(strokes(in(d, new Box(-1, -1.1, 5, 1.5), true))).containsExactly(0, 3);
        // a box within the circle touches nothing of it, but the line through it
        assertThat(strokes(in(d, new Box(1.9, -0.2, 2.1, -0.1), false))).containsExactly(1);
        assertThat(in(d, new Box(50, 50, 60, 60), false).isEmpty()).isTrue();
    }

    @Test void onlyWhatIsShownIsTaken() {
        Clearing off = Clearing.ofLayers(Set.of("B"));
        PlacedDrawing d = drawing("A 0 0 4 0\nB 0 1 4 1", off, 0);
        assertThat(strokes(in(d, new Box(-1, -1, 9, 9), false))).containsExactly(0);
        Ring right = new Ring(List.of(new Point(2, -5), new Point(9, -5), new Point(9, 5), new Point(2, 5)));
        PlacedDrawing cut = drawing("A 0 0 4 0", Clearing.NONE.withRegions(List.of(new Region(right, true))), 0);
        assertThat(in(cut, new Box(-1, -1, 1, 1), false).isEmpty()).as("the part set aside").isTrue();
        assertThat(strokes(in(cut, new Box(1.5, -1, 5, 1), true))).as("all that is shown of it lies inside").containsExactly(0);
    }

    @Test void likeMeansLayerKindAndColour() {
        PlacedDrawing d = drawing("A 0 0 4 0\nA circle 0 0 3\nA 7 7 8 8\nB 1 1 2 2", Clearing.NONE, 0);
        assertThat(strokes(Selecting.like(d, 0))).containsExactly(0, 2);
        assertThat(strokes(Selecting.like(d, 1))).containsExactly(1);
    }

    @Test void pickedIsNeverChanged() {
        Picked one = Picked.stroke(3), two = one.with(Picked.stroke(5));
        assertThat(strokes(one)).containsExactly(3);
        assertThat(strokes(two)).containsExactly(3, 5);
        assertThat(two.toggled(Picked.stroke(3))).isEqualTo(Picked.stroke(5));
        assertThat(two.count()).isEqualTo(2);
        assertThat(two.hasStroke(5) && !two.hasStroke(4)).isTrue();
        assertThatThrownBy(() -> Outline.of(List.of(Point.ORIGIN, new Point(1, 1)))).hasMessageContaining("corners 2");
    }

    private static PlacedDrawing random(Random r) {
        StringBuilder b = new StringBuilder();
        for (int i = 0; i < 300; i++) {
            int x = r.nextInt(1000), y = r.nextInt(1000);
            if (r.nextInt(5) == 0) b.append("A circle %d %d %d%n".formatted(x, y, 5 + r.nextInt(90)));
            else b.append("%s %d %d %d %d%n".formatted(r.nextBoolean() ? "A" : "B", x, y, x + r.nextInt(201) - 100, y + r.nextInt(201) - 99));
        }
        return drawing(b.toString(), r.nextInt(3) == 0 ? Clearing.ofLayers(Set.of("b")) : Clearing.NONE, r.nextDouble() * 6);
    }

    /** Corners in turn round a middle: any outline, as one draws it. */
    private static List<Point> outline(PlacedDrawing d, Random r) {
        Point mid = d.chordStart(r.nextInt(d.strokes().chords()));
        int n = 3 + r.nextInt(9);
        List<Point> out = new ArrayList<>();
        for (int i = 0; i < n; i++) out.add(mid.plus(Point.polar(2 * Math.PI * (i + 0.8 * r.nextDouble()) / n, 20 + r.nextInt(400))));
        return out;
    }

    private static boolean cross(Point a, Point b, Point c, Point d) {
        return Orientation.side(a, b, c) * Orientation.side(a, b, d) <= 0 && Orientation.side(c, d, a) * Orientation.side(c, d, b) <= 0;
    }

    private static BitSet slow(PlacedDrawing d, List<Point> outline, boolean inside) {
        Ring ring = new Ring(outline);
        BitSet out = new BitSet();
        for (int s = 0; s < d.strokes().size(); s++) {
            if (!d.cleared().strokeShown(s)) continue;
            boolean any = false, all = true;
            for (int c = d.strokes().firstChord(s); c < d.strokes().firstChord(s + 1); c++) {
                Point a = d.chordStart(c), b = d.chordEnd(c);
                boolean crosses = false;
                for (int i = 0; i < outline.size(); i++) crosses |= cross(a, b, outline.get(i), outline.get((i + 1) % outline.size()));
                any |= crosses || ring.holds(a) || ring.holds(b);
                all &= !crosses && ring.holds(a) && ring.holds(b);
            }
            if (inside ? all : any) out.set(s);
        }
        return out;
    }

    /** Law: by the index and flat arrays, the same strokes are taken as by looking at each of them exactly. */
    @Test void theFastWayTakesWhatTheSlowWayTakes() {
        Seeds.each(12, seed -> {
            Random r = new Random(seed);
            PlacedDrawing d = random(r);
            for (int i = 0; i < 20; i++) {
                List<Point> o = outline(d, r);
                boolean inside = r.nextBoolean();
                assertThat(Selecting.in(d, Outline.of(o), inside).strokes().toArray()).as("outline %s, inside %s", o, inside)
                    .isEqualTo(slow(d, o, inside).stream().toArray());
                Box b = Box.of(o);
                List<Point> corners = List.of(new Point(b.minX(), b.minY()), new Point(b.maxX(), b.minY()), new Point(b.maxX(), b.maxY()),
                    new Point(b.minX(), b.maxY()));
                assertThat(in(d, b, inside).strokes().toArray()).isEqualTo(slow(d, corners, inside).stream().toArray());
            }
        });
    }
}
