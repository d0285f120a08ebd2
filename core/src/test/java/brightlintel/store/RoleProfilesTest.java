package brightlintel.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.building.Cast;
import brightlintel.building.Given;
import brightlintel.building.Role;
import brightlintel.building.Why;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.notation.Sketch;
import brightlintel.role.RoleProfile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Roles that were given once are proposed for the next drawing of an office, and kept as a file. */
class RoleProfilesTest {
    @TempDir Path folder;

    private static Strokes drawing(String... layers) {
        Sketch s = new Sketch();
        for (String l : layers) s.on(l).line(0, 0, 1, 1);
        return Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE);
    }

    private static RoleProfile office() {
        return RoleProfile.of(List.of(new Cast(new Cast.Part.Layer("Boats"), Given.stated(Role.FURNITURE)),
            new Cast(new Cast.Part.Layer("4711_WALL_EG"), Given.stated(Role.WALL)),
            new Cast(new Cast.Part.Layer("found"), new Given<>(Role.GRID, new Why.Read(0.7, List.of()))),
            new Cast(new Cast.Part.Block("RACK"), Given.stated(Role.FURNITURE)),
            new Cast(new Cast.Part.LayerKind("0", "ARC"), Given.stated(Role.DOOR))), true);
    }

    @Test void itIsAsItWasAfterItWasWrittenAndRead() throws IOException {
        Path f = folder.resolve("office.roles");
        RoleProfiles.write(f, office());
        assertThat(RoleProfiles.read(f)).isEqualTo(office());
        assertThat(Files.readString(f)).contains("\"boats\" : \"FURNITURE\"");
    }

    @Test void whatWasSaidIsProposedByNameAndByPattern() {
        assertThat(office().layers()).as("what was only found is no word of the office").doesNotContainKey("found");
        List<Cast> in = office().in(drawing("BOATS", "0815_Wall_EG", "WALL", "12"));
        assertThat(in).extracting(c -> c.part() + " " + c.role().value()).containsExactlyInAnyOrder("Layer[name=boats] FURNITURE",
            "Layer[name=0815_wall_eg] WALL");
        assertThat(in).allSatisfy(c -> assertThat(c.role().why()).isInstanceOf(Why.Read.class));
        assertThat(RoleProfile.NONE.in(drawing("BOATS"))).isEmpty();
    }

    @Test void namesOfOnePatternHaveToAgree() {
        RoleProfile p = new RoleProfile(Map.of("layer-1", Role.WALL, "layer-2", Role.DOOR, "part-1", Role.STAIR), Map.of());
        assertThat(p.in(drawing("LAYER-3"))).isEmpty();
        assertThat(p.in(drawing("LAYER-2", "Part-7"))).extracting(c -> c.role().value()).containsExactly(Role.DOOR, Role.STAIR);
    }

    @Test void ofTwoTheFirstStands() {
        RoleProfile a = new RoleProfile(Map.of("x", Role.WALL), Map.of()), b = new RoleProfile(Map.of("x", Role.GRID, "y", Role.TEXT), Map.of());
        assertThat(a.with(b).layers()).isEqualTo(Map.of("x", Role.WALL, "y", Role.TEXT));
    }

    @ParameterizedTest @ValueSource(strings = {"", "{", "[]", "{\"layers\":{}}", "{\"format\":1}", "{\"format\":99,\"layers\":{}}", "\0\1\2"})
    void whatIsNoProfileIsRefusedByName(String text) throws IOException {
        Path f = Files.writeString(folder.resolve("bad.roles"), text);
        assertThatThrownBy(() -> RoleProfiles.read(f)).isInstanceOf(IOException.class).hasMessageContaining("bad.roles");
    }

    @Test void rolesOfALaterTimeArePassedOver() throws IOException {
        Path f = Files.writeString(folder.resolve("new.roles"), "{\"format\":1,\"layers\":{\"a\":\"WALL\",\"b\":\"ELEVATOR\",\"c\":7}}");
        assertThat(RoleProfiles.read(f)).isEqualTo(new RoleProfile(Map.of("a", Role.WALL), Map.of()));
    }
}
