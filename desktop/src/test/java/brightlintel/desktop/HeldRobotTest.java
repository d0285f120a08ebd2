package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Verdict;
import brightlintel.building.Wall;
import brightlintel.demo.DemoDrawings;
import brightlintel.desktop.state.Proposals;
import brightlintel.edit.Tracing;
import brightlintel.edit.Verdicts;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A storey of 27 rooms from another office, from its file to IFC; and a storey that is there, held against its drawing. */
class HeldRobotTest extends TracingRobot {
    /** As drawn in the file: each line a word and its figures. */
    private record Truth(List<String[]> lines) {
        static Truth read(String text) {
            return new Truth(text.lines().filter(l -> !l.startsWith("#")).map(l -> l.split(" ", 2)).toList());
        }

        List<String[]> of(String word) {
            return lines.stream().filter(l -> l[0].equals(word)).map(l -> l[1].split("[ |]", word.equals("room") ? 2 : 0)).toList();
        }

        private static double n(String s) {
            return Double.parseDouble(s);
        }

        Affine toFile() {
            String[] f = of("file").getFirst();
            return Affine.scale(n(f[3]), n(f[3])).then(Affine.turn(Math.toRadians(n(f[2])))).then(Affine.move(new Point(n(f[0]), n(f[1]))));
        }
    }

    private static byte[] sample(String name) throws Exception {
        try (InputStream in = HeldRobotTest.class.getResourceAsStream(name)) {
            return in.readAllBytes();
        }
    }

    @Test void aStoreyOf27RoomsIsTracedAndHandedOverInTwentyActions() throws Exception {
        trueInTrace(Files.write(folder.resolve("storey.dxf"), sample("storey-of-27-rooms.dxf")), false);
        if (!w.foundGrid().fresh().isEmpty()) key(KeyCode.T);
        key(KeyCode.SHIFT, KeyCode.T);
        takeUnsure();
        key(KeyCode.SHIFT, KeyCode.T);
        takeUnsure();
        while (w.proposals().sureKind().isPresent()) key(KeyCode.SHIFT, KeyCode.T);
        rest();
        TrueRobotTest.shot("unseen-done");
        Path ifc = folder.resolve("storey.ifc");
        toSave.add(ifc);
        key(KeyCode.CONTROL, KeyCode.E);
        until("it is handed over", () -> Files.exists(ifc) && w.busy().isEmpty());
        System.out.println(done.size() + " actions: " + String.join("; ", done));
        assertThat(done).hasSizeLessThanOrEqualTo(MOST);
        against(Truth.read(new String(sample("storey-of-27-rooms.txt"), StandardCharsets.UTF_8)));
        assertThat(Files.readString(ifc)).contains("IFCWALL(", "IFCSPACE(", "IFCDOOR(", "IFCWINDOW(", "IFCCOLUMN(", "IFCSLAB(");
    }

    private void against(Truth t) {
        Affine to = t.toFile();
        double right = 0, whole = 0;
        for (String[] x : t.of("wall")) {
            Point a = there(to, x[0], x[1]), b = there(to, x[2], x[3]);
            for (double s = 0.05; s < a.distance(b); s += 0.1) {
                Point p = a.towards(b, s / a.distance(b));
                whole++;
                if (walls().stream().anyMatch(y -> lies(p, y) && Math.abs(y.thickness().value() - Truth.n(x[4])) < 0.0101)) right++;
            }
        }
        assertThat(right / whole).as("of the walls").isGreaterThan(0.95);
        double made = walls().stream().mapToDouble(Wall::length).sum();
        assertThat(made).as("and little more").isLessThan(1.05 * whole / 10);
        long found = t.of("opening").stream().filter(x -> w.contents().openings().stream().anyMatch(o -> at(o).distance(there(to, x[0], x[1])) < 0.1
            && Math.abs(o.width().value() - Truth.n(x[2])) < 0.051)).count();
        assertThat(found / (double) t.of("opening").size()).as("of the openings").isGreaterThanOrEqualTo(0.95);
        List<String> names = w.contents().rooms().stream().map(r -> r.number() + "|" + r.name()).toList();
        System.out.println(right / whole + " of the walls, " + found + " of " + t.of("opening").size() + " openings, " + names.size() + " of "
            + t.of("room").size() + " rooms");
        assertThat(names).hasSizeGreaterThanOrEqualTo(24);
        assertThat(t.of("room").stream().map(r -> String.join("|", r)).toList()).containsAll(names.stream().filter(n -> n.length() > 1).toList());
    }

    private Point at(Opening o) {
        return w.contents().wall(o.wall()).orElseThrow().middle(o.along());
    }

    private Point there(Affine toFile, String x, String y) {
        return w.underlay().orElseThrow().placement().apply(toFile.apply(new Point(Truth.n(x), Truth.n(y))));
    }

    @Test void aStoreyIsHeldAgainstItsDrawing() throws Exception {
        trueInTrace(Files.write(folder.resolve("ground.dwg"), DemoDrawings.bytes(DemoDrawings.GROUND)), true);
        while (w.proposals().sureKind().isPresent() || !w.foundGrid().fresh().isEmpty() && project().grid().isEmpty())
            if (project().grid().isEmpty()) keys(KeyCode.T);
            else keys(KeyCode.SHIFT, KeyCode.T);
        takeUnsure();
        Wall moved = walls().stream().filter(x -> x.reference().isStraight() && x.length() > 3).findFirst().orElseThrow();
        Point n = moved.reference().direction(0).left().times(0.12);
        Wall extra = moved.withId(new ElementId("extra"), Provenance.BY_HAND).with(Piece.straight(new Point(3, 3), new Point(6, 3.7)));
        // as a storey that was repeated from the one below: one wall stands otherwise, one is not there
        robotApply(Tracing.changeWalls("edit.move", Set.of(moved.id()), x -> x.with(x.reference().mapped(Affine.move(n)))));
        robotApply(Tracing.add("edit.wall", w.storeyId(), List.of(extra)));
        command("Hold against its drawing");
        assertThat(w.proposals().of(Proposals.Kind.GONE)).extracting(e -> e.id().value()).containsExactly("extra");
        assertThat(w.proposals().of(Proposals.Kind.CHANGED)).extracting(e -> e.id()).contains(moved.id());
        rest();
        TrueRobotTest.shot("held");
        int all = walls().size();
        keys(KeyCode.SHIFT, KeyCode.T);
        assertThat(walls()).as("nothing that is there goes unasked").hasSize(all);
        keys(KeyCode.E);
        rest();
        TrueRobotTest.shot("held-gone");
        assertThat(say()).contains("not shown");
        keys(KeyCode.T);
        assertThat(walls()).hasSize(all - 1).noneMatch(x -> x.id().value().equals("extra"));
        while (w.proposals().kind().filter(Proposals.Kind.CHANGED::equals).isPresent())
            if (w.proposals().inHand().isEmpty()) keys(KeyCode.E);
            else keys(KeyCode.T);
        Wall now = w.contents().wall(moved.id()).orElseThrow();
        assertThat(moved.reference().unroll(now.middle(now.length() / 2)).y()).isCloseTo((moved.left() - moved.right()) / 2, within(1e-6));
        assertThat(now.from().way()).isInstanceOf(Provenance.Way.Proposed.class);
        rest();
        TrueRobotTest.shot("held-agrees");
        // undone, it differs again; kept, it does not
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.proposals().kind()).contains(Proposals.Kind.CHANGED);
        while (w.proposals().kind().filter(Proposals.Kind.CHANGED::equals).isPresent())
            if (w.proposals().inHand().isEmpty()) keys(KeyCode.E);
            else keys(KeyCode.R);
        assertThat(w.proposals().held()).isPresent();
        command("Hold against its drawing");
        assertThat(w.proposals().held()).isEmpty();
        command("Hold against its drawing");
        assertThat(w.proposals().of(Proposals.Kind.CHANGED)).as("what is kept is kept with the project").isEmpty();
        assertThat(project().verdicts()).extracting(Verdict::kind).contains(Verdicts.HELD);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.proposals().of(Proposals.Kind.CHANGED)).as("undone, it is asked again").isNotEmpty();
    }

    private void robotApply(Edit e) {
        interact(() -> w.apply(e));
    }
}
