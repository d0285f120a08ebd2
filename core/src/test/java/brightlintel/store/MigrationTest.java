package brightlintel.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.Contents;
import brightlintel.building.Evidence;
import brightlintel.building.GridLine;
import brightlintel.building.Heights;
import brightlintel.building.Mend;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Repair;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.StrokeRef;
import brightlintel.building.Support;
import brightlintel.building.Top;
import brightlintel.building.Underlay;
import brightlintel.building.Wall;
import brightlintel.building.Why;
import brightlintel.demo.HeronQuayProject;
import brightlintel.drawing.Progress;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Projects that people have opened in the versions before this one. */
class MigrationTest {
    private static final Path FILES = Path.of("src/test/resources/projects");
    private static final int UPPER = 1;
    @TempDir Path folder;

    private Opened open(String name, Originals into) throws IOException {
        return ProjectFile.open(FILES.resolve(name), into, "Ground");
    }

    private static String json(Path f) throws IOException {
        try (ZipFile z = new ZipFile(f.toFile())) {
            return new String(z.getInputStream(z.getEntry("project.json")).readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** Underlays of today's demo over the upper storey's drawing of that time: it has got gaps since. */
    private static List<Underlay> then(Project is, Project was) {
        List<Underlay> out = new ArrayList<>(is.underlays());
        out.set(UPPER, out.get(UPPER).of(was.underlays().get(UPPER).sha256()));
        return out;
    }

    /** The demo as version 1 saved it is the demo as it is made today, but for what version 1 did not write down. */
    @Test void theDemoOfVersionOneIsTheDemo() throws IOException {
        Originals originals = new Originals(folder.resolve("a"));
        Opened o = open("two-storeys-of-version-1.lintel", originals);
        assertThat(o.version()).isEqualTo(1);
        assertThat(o.remarks()).isEmpty();
        Project was = o.project(), is = HeronQuayProject.build(new DrawingShelf(new Originals(folder.resolve("b"))),
            Files.createDirectories(folder.resolve("in")));
        assertThat(was.name()).isEqualTo(is.name());
        assertThat(was.sources().getFirst()).isEqualTo(is.sources().getFirst());
        assertThat(was.sources().get(UPPER).id()).isEqualTo(is.sources().get(UPPER).id());
        assertThat(was.grid()).isEqualTo(is.grid());
        assertThat(was.underlays()).isEqualTo(then(is, was).subList(0, 2));
        assertThat(was.storeys()).extracting(Storey::name).containsExactly("Ground", "Upper");
        for (Storey s : was.storeys()) {
            assertThat(was.on(s.id()).openings()).isEqualTo(is.on(s.id()).openings());
            assertThat(was.on(s.id()).walls())
                .usingElementComparator((a, b) -> a.with(Provenance.BY_HAND).equals(b.with(Provenance.BY_HAND)) ? 0 : 1)
                .isEqualTo(is.on(s.id()).walls());
        }
    }

    /** Version 3 only has more. */
    @Test void aProjectOfVersionTwoIsWhatItWas() throws IOException {
        Opened o = open("two-storeys-of-version-2.lintel", new Originals(folder.resolve("a")));
        assertThat(o.version()).isEqualTo(2);
        assertThat(o.remarks()).isEmpty();
        Project is = HeronQuayProject.build(new DrawingShelf(new Originals(folder.resolve("b"))),
            Files.createDirectories(folder.resolve("in")));
        assertThat(o.project().underlays()).isEqualTo(then(is, o.project()).subList(0, 2));
        assertThat(o.project().on(is.storeys().getFirst().id())).isEqualTo(is.on(is.storeys().getFirst().id()));
    }

    @Test void aProjectOfVersionThreeIsWhatItWas() throws IOException {
        Opened o = open("two-storeys-of-version-3.lintel", new Originals(folder.resolve("a")));
        assertThat(o.version()).isEqualTo(3);
        assertThat(o.remarks()).isEmpty();
        Project is = HeronQuayProject.build(new DrawingShelf(new Originals(folder.resolve("b"))),
            Files.createDirectories(folder.resolve("in")));
        assertThat(o.project().underlays()).isEqualTo(then(is, o.project()));
        assertThat(o.project().underlays()).allMatch(u -> u.appearance().equals(Appearance.faded(0.3)) && !u.locked());
        assertThat(o.project().on(is.storeys().getFirst().id())).isEqualTo(is.on(is.storeys().getFirst().id()));
    }

    @Test void aProjectOfVersionFourIsWhatItWas() throws IOException {
        Opened o = open("two-storeys-of-version-4.lintel", new Originals(folder.resolve("a")));
        assertThat(o.version()).isEqualTo(4);
        assertThat(o.remarks()).isEmpty();
        Clearing c = o.project().underlays().get(UPPER).clearing();
        assertThat(c.mended().orElseThrow()).isEqualTo(new Repair.Mended(EnumSet.allOf(Mend.class), 0.005, Set.of("0")));
        assertThat(c.regions()).hasSize(1);
        assertThat(c.kindsOff()).containsExactly("HATCH");
        assertThat(c.coloursOff()).isEmpty();
        Project is = HeronQuayProject.build(new DrawingShelf(new Originals(folder.resolve("b"))),
            Files.createDirectories(folder.resolve("in")));
        assertThat(o.project().contents()).isEqualTo(is.contents());
    }

    /** Version 6 only has more. */
    @Test void aProjectOfVersionFiveIsWhatItWas() throws IOException {
        Opened o = open("two-storeys-of-version-5.lintel", new Originals(folder.resolve("a")));
        assertThat(o.version()).isEqualTo(5);
        assertThat(o.remarks()).isEmpty();
        Storey ground = o.project().storeys().getFirst();
        assertThat(o.project().on(ground.id()).walls()).hasSize(8);
        assertThat(o.project().on(ground.id()).openings()).isNotEmpty();
        assertThat(o.project().on(ground.id()).slabs()).hasSize(1);
    }

    /** Version 7 only has more. */
    @Test void aProjectOfVersionSixIsWhatItWas() throws IOException {
        Opened o = open("two-storeys-of-version-6.lintel", new Originals(folder.resolve("a")));
        assertThat(o.version()).isEqualTo(6);
        assertThat(o.remarks()).isEmpty();
        Contents c = o.project().on(o.project().storeys().getFirst().id());
        assertThat(c.stairs()).hasSize(1);
        assertThat(c.roofs()).singleElement().satisfies(r -> assertThat(r.edges()).hasSize(4));
        assertThat(c.walls().getFirst().kind()).contains(o.project().wallKinds().getFirst().id());
        assertThat(c.openings()).isNotEmpty().allMatch(x -> x.kind().isEmpty());
        assertThat(o.project().parts()).containsExactly("");
        assertThat(o.project().openingKinds()).isEmpty();
    }

    /** Saved again it is of this version, and opens as the same project. */
    @Test void aProjectOfVersionOneIsSavedAsThisVersion() throws IOException {
        Originals originals = new Originals(folder.resolve("a"));
        Project p = open("two-storeys-of-version-1.lintel", originals).project();
        Path saved = folder.resolve("again.lintel");
        ProjectFile.save(p, originals, saved);
        assertThat(json(saved)).contains("\"version\" : 7");
        Opened again = ProjectFile.open(saved, new Originals(folder.resolve("c")), "Ground");
        assertThat(again.project()).isEqualTo(p);
        assertThat(again.version()).isEqualTo(7);
        assertThat(again.remarks()).isEmpty();
    }

    /** Of its curves version 1 kept the ends alone; its keys still lead to the strokes. */
    @Test void theStrokesOfVersionOneAreFoundAgain() throws IOException {
        DrawingShelf shelf = new DrawingShelf(new Originals(folder.resolve("a")));
        Project p = open("two-storeys-of-version-1.lintel", shelf.originals()).project();
        PlacedDrawing d = shelf.placed(p.underlays().getFirst(), Progress.NONE);
        List<Support> on = p.on(p.storeys().getFirst().id()).walls().stream().flatMap(w -> w.from().on().stream()).toList();
        assertThat(on).hasSizeGreaterThan(8);
        for (Support s : on) {
            StrokeRef ref = (StrokeRef) s.drawn();
            assertThat(d.find(s)).as(s.toString()).isPresent();
            Curve.Straight ends = (Curve.Straight) ref.curve();
            Curve now = d.strokes().curveOf(d.find(s).orElseThrow().index());
            assertThat(now.first().plus(d.strokes().origin()).distance(ends.a())).isLessThan(1e-3);
        }
    }

    /** All that version 1 could write, by hand: each word of each kind. */
    @Test void everyWordOfVersionOneIsUnderstood() throws IOException {
        Opened o = ProjectFile.decisions(Files.readAllBytes(FILES.resolve("every-word-of-version-1.json")), "Ground");
        assertThat(o.remarks()).isEmpty();
        Project p = o.project();
        Storey ground = p.storeys().getFirst();
        List<Wall> walls = p.on(ground.id()).walls();
        assertThat(walls).extracting(w -> w.top().getClass().getSimpleName()).containsExactly("NextStorey", "ToFloor", "Height");
        assertThat(((Top.ToFloor) walls.get(1).top()).storey()).isEqualTo(p.storeys().get(1).id());
        assertThat(walls.get(1).base()).isEqualTo(new Stand.OnFloor(-0.25));
        assertThat(Heights.of(p, ground.id()).top(walls.get(1)).most()).isCloseTo(3.2 + 0.1 + 0.25, within(1e-9));
        assertThat(walls.get(2).reference().bulge()).isEqualTo(0.5);
        assertThat(p.on(ground.id()).openings()).extracting(x -> x.filling().getClass().getSimpleName())
            .containsExactly("Door", "Window", "Empty");
        assertThat(((Opening.Filling.Door) p.on(ground.id()).openings().getFirst().filling()).hingeFar()).isTrue();
        Slab s = p.on(ground.id()).slabs().getFirst();
        assertThat(s.top()).isEqualTo(new Stand.OnFloor(0.05));
        assertThat(s.holes()).singleElement().satisfies(h -> assertThat(h.area()).isEqualTo(1));
        assertThat(s.follows().orElseThrow()).extracting(x -> x.value()).containsExactly("w1");
        assertThat(SlabOutline.of(s, p.on(ground.id()), Tolerances.BUILDING).area()).isEqualTo(24);
        GridLine g = p.grid().getFirst();
        assertThat(g.only().orElseThrow()).containsExactly(ground.id());
        assertThat(p.underlays()).extracting(u -> u.space()).containsExactly(new SpaceKey.Layout("Sheet 1"), new SpaceKey.Page(3));
        assertThat(p.underlays().getFirst().cutOut().orElseThrow().area()).isEqualTo(100);
        assertThat(p.site().survey().value()).isEqualTo(new Point(4000, 5000));
        assertThat(walls.getFirst().from().way()).isEqualTo(new Provenance.Way.Proposed(0.8));
    }

    @Test void sentencesOfVersionOneBecomeEvidence() throws IOException {
        Project p = ProjectFile.decisions(Files.readAllBytes(FILES.resolve("every-word-of-version-1.json")), "Ground").project();
        assertThat(evidence(p.underlays().get(0).placement().scale().why())).containsExactly(new Evidence.HeaderUnit(0.001));
        assertThat(evidence(p.underlays().get(1).placement().scale().why()))
            .containsExactly(new Evidence.KnownLength(7.5, 8), new Evidence.Note("told by telephone"));
        assertThat(evidence(p.on(p.storeys().getFirst().id()).walls().getFirst().thickness().why()))
            .containsExactly(new Evidence.ReadAcross(0.36));
    }

    private static List<Evidence> evidence(Why why) {
        return ((Why.Read) why).evidence();
    }

    @Test void aVersionThatIsNotKnownIsRefused() {
        byte[] newer = "{\"format\":\"bright-lintel-project\",\"version\":8,\"writtenBy\":\"Bright Lintel 9\",\"project\":{}}".getBytes(
            StandardCharsets.UTF_8);
        try {
            ProjectFile.decisions(newer, "Ground");
            throw new AssertionError("opened");
        } catch (IOException e) {
            assertThat(((NotOpened) e).why()).isEqualTo(NotOpened.Why.NEWER);
        }
    }
}
