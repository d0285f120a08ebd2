package brightlintel.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import brightlintel.building.KindId;
import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import brightlintel.building.Project;
import brightlintel.building.WallKind;
import brightlintel.edit.OpeningKinds;
import brightlintel.edit.WallKinds;

/** Kinds of walls and openings as a file, for the next project. */
class KindProfilesTest {
    @TempDir Path folder;

    private static final List<WallKind> KINDS = List.of(new WallKind(new KindId("a"), "outer 360", 0.36, true, 0xA23B24, List.of(
        new WallKind.Layer("brick", 0.24), new WallKind.Layer("wool", 0.12))), new WallKind(new KindId("b"), "partition", 0.1, false, -1, List.of()));

    private static final List<OpeningKind> OPENINGS = List.of(new OpeningKind(new KindId("g"), "gate 3000", new Opening.Filling.Door(false, true,
        Opening.Filling.Way.GATE), 3, 0, 3.2));

    @Test void kindsAreReadWithIdsOfTheirOwn() throws IOException {
        Path f = folder.resolve("office.kinds");
        KindProfiles.write(f, new KindProfiles.Profile(KINDS, OPENINGS));
        List<OpeningKind> openings = KindProfiles.read(f).openings();
        assertThat(openings).extracting(OpeningKind::name).containsExactly("gate 3000");
        assertThat(openings.getFirst().filling()).isEqualTo(OPENINGS.getFirst().filling());
        assertThat(openings.getFirst().id()).isNotEqualTo(OPENINGS.getFirst().id());
        List<WallKind> read = KindProfiles.read(f).walls();
        assertThat(read).extracting(WallKind::name).containsExactly("outer 360", "partition");
        assertThat(read.getFirst().layers()).isEqualTo(KINDS.getFirst().layers());
        assertThat(read.getFirst().colour()).isEqualTo(0xA23B24);
        assertThat(read).extracting(WallKind::id).doesNotContain(new KindId("a"), new KindId("b"));
    }

    @Test void thoseWhoseNamesAreTakenStayAway() throws IOException {
        Path f = folder.resolve("office.kinds");
        KindProfiles.write(f, new KindProfiles.Profile(KINDS, OPENINGS));
        Project p = WallKinds.add(new WallKind(new KindId("x"), "Partition", 0.2, false, -1, List.of())).apply(Project.empty("p", "Ground"));
        Project q = OpeningKinds.addAll(KindProfiles.read(f).walls(), KindProfiles.read(f).openings()).apply(p);
        assertThat(q.openingKinds()).hasSize(1);
        assertThat(q.wallKinds()).extracting(WallKind::name).containsExactly("Partition", "outer 360");
        assertThat(q.wallKinds().getFirst().thickness()).isEqualTo(0.2);
    }

    @Test void aKindThatIsBrokenIsPassedOver() throws IOException {
        Path f = Files.writeString(folder.resolve("bad.kinds"), """
            {"format": 1, "wallKinds": [{"id": "a", "name": "thick", "thickness": -2, "outer": true, "colour": -1, "layers": []},
             {"id": "b", "name": "good", "thickness": 0.2, "outer": false, "colour": -1, "layers": []}]}""");
        assertThat(KindProfiles.read(f).walls()).singleElement().satisfies(k -> assertThat(k.name()).isEqualTo("good"));
    }

    @ParameterizedTest @ValueSource(strings = {"", "[]", "{}", "{\"format\": 1}", "{\"format\": 2, \"wallKinds\": []}", "no json", "{\"format\": \"x\", \"wallKinds\": []}"})
    void whatIsNoSuchFileIsSaid(String text) throws IOException {
        Path f = Files.writeString(folder.resolve("other.json"), text);
        assertThatThrownBy(() -> KindProfiles.read(f)).isInstanceOf(IOException.class).hasMessageContaining("other.json");
    }
}
