package brightlintel.role;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Cast;
import brightlintel.building.Given;
import brightlintel.building.Role;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.notation.Sketch;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Layers are told by what is on them, whatever they are called. */
class RoleFindingTest {
    private static final int PLANS = 40;

    private record Read(Strokes strokes, RoleFinding found) { }

    private static Read read(Sketch s) {
        Strokes all = Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE);
        return new Read(all, RoleFinding.of(Reckoning.of(Drawn.asReceived(s.drawing(), s.space(), all))));
    }

    private static Role family(Role r) {
        return r == Role.TEXT ? Role.ROOM_LABEL : r == Role.SANITARY ? Role.FURNITURE : r;
    }

    /** Law: by units, at least 95 in a hundred lie on a layer whose role is found. */
    @ParameterizedTest @EnumSource(MadeLayers.Naming.class)
    void layersAreToldByWhatIsOnThem(MadeLayers.Naming naming) {
        double good = 0, all = 0;
        List<String> wrong = new ArrayList<>();
        for (int seed = 0; seed < PLANS; seed++) {
            MadeLayers m = new MadeLayers(seed, naming);
            for (RoleFinding.OfPart p : read(m.sketch).found.layers()) {
                Role is = m.truth.get(p.name());
                if (is == null) continue;
                all += p.units();
                if (!p.isMixed() && family(p.role()) == family(is)) good += p.units();
                else wrong.add("seed " + seed + ": " + p.name() + " is " + is + ", said " + p.role() + " of " + p.roles());
            }
        }
        assertThat(good / all).as("%s", String.join("\n", wrong)).isGreaterThan(0.95);
    }

    @Test void aLayerThatHoldsEverythingIsMixedAndPartedByKind() {
        Sketch s = new Sketch().on("ALL");
        for (int i = 0; i < 4; i++) s.wall(0, 12_000, 3100 * i, 240).door(1000, 3100 * i + 240, 885);
        for (int i = 0; i < 12; i++) s.text("Room " + i, 900 + 800 * i, 1500, 200, 0).dimension(0, 2000 + i, -2000 - 300 * i, "");
        Read r = read(s);
        assertThat(r.found.layers()).singleElement().satisfies(p -> assertThat(p.isMixed()).as("%s", p).isTrue());
        List<Cast> casts = Casting.proposed(r.found, r.strokes);
        assertThat(casts).extracting(Cast::part).doesNotContain(new Cast.Part.Layer("ALL")).contains(new Cast.Part.LayerKind("ALL", "ARC"),
            new Cast.Part.LayerKind("ALL", "LINE"));
        assertThat(casts).filteredOn(c -> c.part().equals(new Cast.Part.LayerKind("ALL", "ARC"))).singleElement()
            .satisfies(c -> assertThat(c.role().value()).isEqualTo(Role.DOOR));
    }

    @Test void whatSomebodySaidStandsBeforeWhatIsFound() {
        MadeLayers m = new MadeLayers(3, MadeLayers.Naming.NUMBERED);
        Read r = read(m.sketch);
        List<Cast> found = Casting.proposed(r.found, r.strokes);
        Cast.Part furniture = new Cast.Part.Layer("L150");
        List<Cast> all = Casting.with(found, List.of(new Cast(furniture, Given.stated(Role.STAIR))));
        assertThat(all).hasSameSizeAs(found);
        assertThat(all).filteredOn(c -> c.part().equals(furniture)).singleElement().satisfies(c ->
            assertThat(c.role().value()).isEqualTo(Role.STAIR));
        Map<Role, Integer> counts = Casting.counts(r.strokes, all);
        assertThat(counts).containsKey(Role.STAIR).doesNotContainKey(Role.FURNITURE);
    }

    @Test void anEmptyDrawingHasNoRoles() {
        RoleFinding f = read(new Sketch()).found;
        assertThat(f.layers()).isEmpty();
        assertThat(f.blocks()).isEmpty();
    }
}
