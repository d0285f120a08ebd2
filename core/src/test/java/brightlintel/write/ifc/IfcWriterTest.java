package brightlintel.write.ifc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.demo.HeronQuayProject;
import brightlintel.geom.Tolerances;
import brightlintel.notation.Walls;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class IfcWriterTest {
    @TempDir Path folder;

    private static String written(Project p, List<IfcWriter.Note> notes) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        notes.addAll(IfcWriter.write(p, Tolerances.BUILDING, "model.ifc", Instant.EPOCH, out));
        return out.toString(StandardCharsets.US_ASCII);
    }

    private Project demo() throws IOException {
        return HeronQuayProject.build(new DrawingShelf(Originals.temporary()), Files.createDirectories(folder.resolve("in")));
    }

    private static Project with(String walls, Opening... openings) {
        Project p = Project.empty("Hut", "Ground");
        return p.withContents(p.storeys().getFirst().id(), _ -> new Contents(Walls.read(walls)).plus(List.of(openings)));
    }

    private static Opening door(String wall, double along) {
        return new Opening(ElementId.fresh(), new ElementId(wall), along, Given.stated(0.9), Given.stated(0.0), Given.stated(2.1),
            new Opening.Filling.Door(false, true), Provenance.BY_HAND);
    }

    private static final String A = "11111111-1111-4111-8111-111111111111", B = "22222222-2222-4222-8222-222222222222";

    /** Law: whatever is referred to is there, every id is its own, and all that stands in the project has its entity. */
    @Test void theDemoIsWholeInItself() throws IOException {
        Project p = demo();
        StepFile f = new StepFile(written(p, new ArrayList<>()));
        Set<String> ids = new HashSet<>();
        for (StepFile.Entity e : f.entities().values()) {
            for (StepFile.Ref r : StepFile.refs(e.values()))
                assertThat(f.entities()).as("#%d of %s", r.number(), e).containsKey(r.number());
            boolean root = e.values().size() > 3 && e.values().getFirst() instanceof String s && s.length() == 22
                && e.type().startsWith("IFC") && "$".equals(e.values().get(1));
            if (root) assertThat(ids.add((String) e.values().getFirst())).as(e.toString()).isTrue();
        }
        long walls = p.storeys().stream().mapToLong(s -> p.on(s.id()).walls().size()).sum(), openings = p.storeys().stream()
            .mapToLong(s -> p.on(s.id()).openings().size()).sum();
        assertThat(f.entities().values().stream().filter(e -> e.type().startsWith("IFCWALL")).count()).isEqualTo(walls);
        assertThat(f.all("IFCOPENINGELEMENT")).hasSize((int) openings);
        assertThat(f.all("IFCRELVOIDSELEMENT")).hasSize((int) openings);
        assertThat(f.all("IFCSLAB")).hasSize((int) p.storeys().stream().mapToLong(s -> p.on(s.id()).slabs().size()).sum());
        assertThat(f.all("IFCBUILDINGSTOREY")).extracting(e -> e.values().get(9))
            .isEqualTo(p.storeys().stream().map(s -> s.level().value()).toList());
        assertThat(f.all("IFCGRIDAXIS")).hasSize(p.grid().size());
        assertThat(ids.size()).isGreaterThan((int) (walls + openings));
    }

    /** Law: nothing but the time differs between two hand-overs. */
    @Test void twoHandOversAreTheSameFile() throws IOException {
        Project p = demo();
        assertThat(written(p, new ArrayList<>())).isEqualTo(written(p, new ArrayList<>()));
    }

    @Test void everyElementStandsOnItsStorey() throws IOException {
        StepFile f = new StepFile(written(with(A + " 0 0 -> 5 0 thick 0.2\n" + B + " 5 0 -> 5 4 thick 0.2\n", door(A, 2)),
            new ArrayList<>()));
        Set<Integer> contained = new HashSet<>();
        for (StepFile.Entity e : f.all("IFCRELCONTAINEDINSPATIALSTRUCTURE")) {
            assertThat(f.get(e.values().get(5)).type()).isEqualTo("IFCBUILDINGSTOREY");
            StepFile.refs(e.values().get(4)).forEach(r -> contained.add(r.number()));
        }
        for (StepFile.Entity e : f.entities().values())
            if (e.type().startsWith("IFCWALL") || e.type().equals("IFCDOOR")) assertThat(contained).contains(e.number());
    }

    /** The hole goes through the whole wall and a little beyond, so that no skin is left. */
    @Test void aDoorVoidsItsWallAndFillsItsHole() throws IOException {
        StepFile f = new StepFile(written(with(A + " 0 0 -> 5 0 thick 0.3\n", door(A, 2)), new ArrayList<>()));
        StepFile.Entity voids = f.all("IFCRELVOIDSELEMENT").getFirst(), fills = f.all("IFCRELFILLSELEMENT").getFirst();
        assertThat(f.get(voids.values().get(4)).type()).startsWith("IFCWALL");
        assertThat(f.get(voids.values().get(5))).isEqualTo(f.get(fills.values().get(4)));
        StepFile.Entity door = f.get(fills.values().get(5));
        assertThat(door.type()).isEqualTo("IFCDOOR");
        assertThat((double) door.values().get(8)).isCloseTo(2.1, within(1e-9));
        assertThat((double) door.values().get(9)).isCloseTo(0.9, within(1e-9));
    }

    @Test void anOpeningWithoutItsWallIsLeftOutAndSaid() throws IOException {
        List<IfcWriter.Note> notes = new ArrayList<>();
        StepFile f = new StepFile(written(with(A + " 0 0 -> 5 0 thick 0.2\n", door(B, 2)), notes));
        assertThat(notes).contains(IfcWriter.Note.OPENING_WITHOUT_WALL);
        assertThat(f.all("IFCOPENINGELEMENT")).isEmpty();
    }

    /** Law: any text comes back from the file as it was, and the file stays plain ASCII. */
    @Test void textsComeBackAsTheyWere() {
        Random r = new Random(71);
        for (int i = 0; i < 500; i++) {
            StringBuilder b = new StringBuilder();
            for (int k = r.nextInt(12); k > 0; k--) b.appendCodePoint(switch (r.nextInt(5)) {
                case 0 -> "'\\X2 ab".charAt(r.nextInt(7));
                case 1 -> 0xE0 + r.nextInt(30);
                case 2 -> 0x1F3E0 + r.nextInt(40);
                case 3 -> 1 + r.nextInt(30);
                default -> 32 + r.nextInt(95);
            });
            String spelt = StepText.text(b.toString());
            assertThat(spelt).matches("[ -~]*");
            StepFile f = new StepFile("DATA;#1=A(" + spelt + ");ENDSEC;");
            assertThat(f.entities().get(1).values()).containsExactly(b.toString());
        }
    }

    @Test void figuresAreNeverMinusNoughtAndAlwaysHaveAPoint() {
        assertThat(StepText.real(-1e-12)).isEqualTo("0.");
        assertThat(StepText.real(3)).isEqualTo("3.");
        assertThat(StepText.real(-0.125)).isEqualTo("-0.125");
        assertThat(StepText.real(123456789.5)).isEqualTo("123456789.5");
        for (double d : new double[] {Double.NaN, Double.POSITIVE_INFINITY})
            assertThatThrownBy(() -> StepText.real(d)).isInstanceOf(IllegalArgumentException.class);
    }

    /** The standard's own characters, the highest bits first: the first of them carries two bits only. */
    @Test void globalIdsHave22Characters() {
        assertThat(GlobalId.of(new UUID(0, 0))).isEqualTo("0".repeat(22));
        assertThat(GlobalId.of(new UUID(-1, -1))).isEqualTo("3" + "$".repeat(21));
        assertThat(GlobalId.of(new UUID(0, 1))).isEqualTo("0".repeat(21) + "1");
    }
}
