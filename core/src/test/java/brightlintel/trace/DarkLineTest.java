package brightlintel.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.drawing.Pixels;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.notation.Seeds;
import brightlintel.place.LaidPicture;
import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Dark lines of scans, picked at a place. */
class DarkLineTest {
    private static final int SIZE = 400;

    /** Paper that is not even, with specks. */
    private static int[] paper(Random r) {
        int[] out = new int[SIZE * SIZE];
        for (int i = 0; i < out.length; i++) {
            int l = 215 + r.nextInt(25) - 30 * (i / SIZE) / SIZE;
            out[i] = grey(r.nextInt(400) == 0 ? 90 : l);
        }
        return out;
    }

    private static int grey(int l) {
        return 0xff000000 | l << 16 | l << 8 | l;
    }

    private static void draw(int[] to, Point a, Point b, double wide, int light) {
        Point u = b.minus(a).unit();
        for (int y = 0; y < SIZE; y++) for (int x = 0; x < SIZE; x++) {
            Point q = new Point(x + 0.5, y + 0.5).minus(a);
            if (u.dot(q) >= 0 && u.dot(q) <= a.distance(b) && Math.abs(u.cross(q)) < wide / 2) to[(SIZE - 1 - y) * SIZE + x] = grey(light);
        }
    }

    /** Law: whatever its direction and width, with another line across it. */
    @Test void aLineIsFoundFromEndToEndOnItsMiddle() {
        Seeds.each(40, seed -> {
            Random r = new Random(seed);
            int[] p = paper(r);
            Point m = new Point(200, 200), u = Point.polar(Math.PI * r.nextDouble(), 1), a = m.minus(u.times(90 + r.nextInt(60))),
                b = m.plus(u.times(80 + r.nextInt(70)));
            double wide = 2 + r.nextInt(5);
            draw(p, a, b, wide, 40 + r.nextInt(50));
            draw(p, m.plus(u.times(30)).minus(u.left().times(120)), m.plus(u.times(30)).plus(u.left().times(120)), 3, 50);
            Point at = m.minus(u.times(20)).plus(u.left().times(wide / 2 + 2));
            Piece l = DarkLine.in(new Pixels(SIZE, SIZE, p), at, 8).orElseThrow();
            boolean same = u.dot(l.b().minus(l.a())) > 0;
            Point from = same ? l.a() : l.b(), to = same ? l.b() : l.a();
            assertThat(Math.abs(u.cross(from.minus(a)))).as("across, at its start").isLessThan(0.8);
            assertThat(Math.abs(u.cross(to.minus(b)))).as("across, at its end").isLessThan(0.8);
            assertThat(u.dot(from.minus(a))).isCloseTo(0, within(3.5));
            assertThat(u.dot(to.minus(b))).isCloseTo(0, within(3.5));
        });
    }

    @Test void barePaperAndSpecksAreNoLine() {
        int[] p = paper(new Random(3));
        assertThat(DarkLine.in(new Pixels(SIZE, SIZE, p), new Point(200, 200), 8)).isEmpty();
        int[] white = new int[SIZE * SIZE];
        Arrays.fill(white, 0xffffffff);
        assertThat(DarkLine.in(new Pixels(SIZE, SIZE, white), new Point(200, 200), 8)).isEmpty();
        assertThat(DarkLine.in(new Pixels(SIZE, SIZE, white), new Point(-900, 5000), 8)).as("beside the picture").isEmpty();
    }

    @Test void aPictureInItsPlaceAnswersInMetres() {
        int[] p = paper(new Random(5));
        draw(p, new Point(100, 150), new Point(300, 150), 4, 50);
        LaidPicture laid = new LaidPicture(new Pixels(SIZE, SIZE, p), Affine.scale(0.02, 0.02).then(Affine.move(new Point(10, 5))));
        Optional<Piece> l = DarkLine.at(laid, new Point(10 + 0.02 * 180, 5 + 0.02 * 152), 0.2);
        assertThat(l.orElseThrow().a().distance(l.get().b())).isCloseTo(4, within(0.1));
        assertThat(l.get().a().y()).isCloseTo(8, within(0.015));
    }
}
