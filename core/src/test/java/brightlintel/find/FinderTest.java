package brightlintel.find;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.DrawnRef;
import brightlintel.building.MarkRef;
import brightlintel.building.StrokeRef;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.RandomDrawing;
import brightlintel.notation.Seeds;
import brightlintel.read.DrawingReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was drawn is found again: in the same file, in a new revision of it, and in one whose keys are other ones. */
class FinderTest {
    private static final SpaceKey MODEL = new SpaceKey.Model();
    @TempDir Path folder;

    private record Drawn(Strokes strokes, Finder finder) { }

    private static Drawn of(String sha256, RawDrawing d) {
        Strokes s = Drawings.strokes(d);
        return new Drawn(s, new Finder(sha256, MODEL, s));
    }

    /** Lines of layer, handle and two points; a handle of - for none. */
    private Drawn drawn(String sha256, String text) throws IOException {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        for (String line : text.strip().split("\n")) {
            String[] w = line.strip().split("\\s+");
            boolean circle = w[0].equals("circle");
            b.append("0\n").append(circle ? "CIRCLE" : "LINE").append('\n');
            if (!w[1].equals("-")) b.append("5\n").append(w[1]).append('\n');
            b.append("8\n0\n10\n").append(w[2]).append("\n20\n").append(w[3]).append('\n');
            if (circle) b.append("40\n").append(w[4]).append('\n');
            else b.append("11\n").append(w[4]).append("\n21\n").append(w[5]).append('\n');
        }
        Path f = Files.createTempFile(folder, "d", ".dxf");
        return of(sha256, DrawingReader.read(Files.writeString(f, b + "0\nENDSEC\n0\nEOF\n"), ReadLimits.DEFAULT, Progress.NONE));
    }

    private static final String BEFORE = "line A 0 0 10 0\nline B 0 5 10 5\ncircle C 20 20 3\nline D 0 9 4 9";

    private Found again(Drawn before, int stroke, Drawn after) {
        return after.finder.find(before.finder.ref(stroke, 0, 1)).orElse(null);
    }

    /** Law: in its own drawing each stroke and mark is found by its name, however deep in blocks, and no two share a name. */
    @Test void everyNameLeadsBack() {
        Seeds.each(4, seed -> {
            Drawn d = of("a", RandomDrawing.of(seed, 120));
            TreeSet<String> names = new TreeSet<>();
            for (int i = 0; i < d.strokes.size(); i++) {
                StrokeRef ref = d.finder.ref(i, 0, 1);
                assertThat(d.finder.find(ref)).contains(new Found(i, Found.By.KEY));
                names.add(ref.blockPath() + " " + ref.entity() + " " + ref.piece());
            }
            assertThat(names).hasSize(d.strokes.size());
            for (int i = 0; i < d.strokes.marks(); i++) assertThat(d.finder.markOf(d.finder.markRef(i))).hasValue(i);
        });
    }

    @Test void inANewRevisionTheHandleLeadsToWhatDidNotMove() throws IOException {
        Drawn a = drawn("a", BEFORE), b = drawn("b", "line N 50 50 60 60\n" + BEFORE);
        for (int i = 0; i < 4; i++) assertThat(again(a, i, b)).isEqualTo(new Found(i + 1, Found.By.HANDLE));
    }

    @Test void aStrokeThatMovedIsFoundByItsHandle() throws IOException {
        Drawn a = drawn("a", BEFORE), b = drawn("b", BEFORE.replace("line B 0 5 10 5", "line B 0 6 10 6"));
        assertThat(again(a, 1, b)).isEqualTo(new Found(1, Found.By.HANDLE));
    }

    /**
     * Written anew by another program: the handles are other ones, or worse, are those of other shapes. Circles have no ends and are found
     * all the same.
     */
    @Test void whereHandlesLieThePlaceDecides() throws IOException {
        Drawn a = drawn("a", BEFORE), shuffled = drawn("b", "line C 0 0 10 0\ncircle A 20 20 3\nline D 10 5 0 5\nline B 0 9 4 9");
        assertThat(again(a, 0, shuffled)).isEqualTo(new Found(0, Found.By.PLACE));
        assertThat(again(a, 1, shuffled)).as("drawn the other way round").isEqualTo(new Found(2, Found.By.PLACE));
        assertThat(again(a, 2, shuffled)).isEqualTo(new Found(1, Found.By.PLACE));
        assertThat(again(a, 3, shuffled)).isEqualTo(new Found(3, Found.By.PLACE));
    }

    @Test void whatIsGoneIsNotFoundInSomethingElse() throws IOException {
        Drawn a = drawn("a", BEFORE), gone = drawn("b", "line A 0 0 10 0\nline C 100 100 103 100");
        assertThat(again(a, 1, gone)).isNull();
        assertThat(again(a, 2, gone)).as("the handle is a line's now").isNull();
        assertThat(again(a, 3, gone)).isNull();
    }

    @Test void withoutHandlesTheNumberCountsWhereTheShapeIsKept() throws IOException {
        String plain = BEFORE.replaceAll("(?m)^(\\w+) \\w", "$1 -");
        Drawn a = drawn("a", plain), moved = drawn("b", plain.replace("0 5 10 5", "0 7 10 7")),
            other = drawn("c", plain.replace("0 5 10 5", "0 7 90 7"));
        assertThat(again(a, 1, moved)).isEqualTo(new Found(1, Found.By.ORDINAL));
        assertThat(again(a, 1, other)).isNull();
        assertThat(again(a, 3, drawn("d", plain.replaceFirst("line.*\n", "")))).isEqualTo(new Found(2, Found.By.PLACE));
    }

    /** Far from the origin digits are lost; the place is still the same place. */
    @Test void placesAreComparedInTheFilesOwnUnits() throws IOException {
        Drawn a = drawn("a", "line A 182430000.123 108220000.5 182434000.123 108220000.5\nline B 182430000 108230000 182430001 108230001");
        Drawn b = drawn("b", "line X 5 5 6 6\nline Y 182430000.123 108220000.5 182434000.123 108220000.5");
        assertThat(again(a, 0, b)).isEqualTo(new Found(1, Found.By.PLACE));
    }

    @Test void textsAndFillsAreFoundByHandleAndByPlace() throws IOException {
        String text = "0\nTEXT\n5\n%s\n8\nT\n10\n%d\n20\n3\n40\n1\n1\n%s\n",
            solid = "0\nSOLID\n5\n%s\n8\nF\n10\n0\n20\n0\n11\n%d\n21\n0\n12\n0\n22\n4\n13\n4\n23\n4\n";
        Drawn a = of("a", read(text.formatted("A1", 2, "101") + solid.formatted("A2", 4)));
        Drawn same = of("b", read(text.formatted("B7", 40, "Bay") + text.formatted("A1", 3, "101") + solid.formatted("A2", 4)));
        MarkRef room = a.finder.markRef(0), fill = a.finder.markRef(1);
        assertThat(room.sort()).isEqualTo(MarkRef.Sort.TEXT);
        assertThat(fill.sort()).isEqualTo(MarkRef.Sort.FILL);
        assertThat(same.finder.markOf(room)).hasValue(1);
        assertThat(same.finder.markOf(fill)).hasValue(2);
        Drawn renamed = of("c", read(text.formatted("Z1", 2, "101") + solid.formatted("Z2", 4)));
        assertThat(renamed.finder.markOf(room)).as("by place").hasValue(0);
        assertThat(renamed.finder.markOf(fill)).hasValue(1);
        assertThat(of("d", read(text.formatted("Z1", 90, "101"))).finder.markOf(room)).isEmpty();
    }

    private RawDrawing read(String entities) throws IOException {
        Path f = Files.createTempFile(folder, "m", ".dxf");
        return DrawingReader.read(Files.writeString(f, "0\nSECTION\n2\nENTITIES\n" + entities + "0\nENDSEC\n0\nEOF\n"), ReadLimits.DEFAULT,
            Progress.NONE);
    }

    @Test void aMarkInABlockNamesTheWayToIt() throws IOException {
        String block = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nCOLUMN\n10\n0\n20\n0\n0\nSOLID\n5\nE1\n8\n0\n10\n0\n20\n0\n11\n1\n21\n0\n12\n0\n22\n1\n13\n1\n23\n1\n0\nENDBLK\n0\nENDSEC\n";
        Path f = Files.createTempFile(folder, "b", ".dxf");
        Files.writeString(f, block + "0\nSECTION\n2\nENTITIES\n0\nINSERT\n5\nA\n8\nS\n2\nCOLUMN\n10\n5\n20\n5\n70\n3\n44\n4\n0\nINSERT\n5\nB\n8\nS\n2\nCOLUMN\n10\n50\n20\n5\n0\nENDSEC\n0\nEOF\n");
        Drawn d = of("a", DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE));
        assertThat(d.strokes.fills()).hasSize(4);
        List<String> ways = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            DrawnRef.Step step = d.finder.markRef(i).blockPath().getFirst();
            ways.add(step.insert().handle() + step.column());
        }
        assertThat(ways).containsExactly("A0", "A1", "A2", "B0");
        for (int i = 0; i < 4; i++) assertThat(d.finder.markOf(d.finder.markRef(i))).hasValue(i);
    }

    /** Law: what is found in a box is what a look at each finds. */
    @Test void thePlacesOfMarksAndArcsAreThoseOfALookAtEach() {
        Seeds.each(5, seed -> {
            Random r = new Random(seed);
            Drawn d = of("a", RandomDrawing.of(seed, 200));
            for (int q = 0; q < 40; q++) {
                Box box = Box.around(new Point(r.nextGaussian() * 1e4, r.nextGaussian() * 1e4), Math.pow(10, r.nextInt(7)));
                List<Integer> marks = new ArrayList<>(), slow = new ArrayList<>();
                d.finder.marksIn(box, marks::add);
                for (int i = 0; i < d.strokes.marks(); i++) if (d.strokes.mark(i).box().meets(box)) slow.add(i);
                assertThat(marks).isEqualTo(slow);
            }
        });
    }

    @Test void indexesAreBuiltOnceForMany() {
        Strokes s = Flattening.of(RandomDrawing.of(3, 300), MODEL, ReadLimits.DEFAULT, Progress.NONE);
        Finder f = new Finder("a", MODEL, s);
        List<Found> found = IntStream.range(0, s.size()).parallel().mapToObj(i -> f.find(f.ref(i, 0, 1)).orElseThrow()).toList();
        for (int i = 0; i < s.size(); i++) assertThat(found.get(i).index()).isEqualTo(i);
    }
}
