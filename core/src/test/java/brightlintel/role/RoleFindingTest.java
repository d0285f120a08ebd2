package brightlintel.role;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Appearance;
import brightlintel.building.Cast;
import brightlintel.building.Clearing;
import brightlintel.building.FileId;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Role;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.clear.Cleared;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.find.Finder;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Point;
import brightlintel.notation.Sketch;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Layers are told by what is on them, whatever they are called. */
class RoleFindingTest {
    private static final int PLANS = 50;
    @TempDir Path folder;

    private record Read(Strokes strokes, RoleFinding found) { }

    private static Read read(Sketch s) {
        Strokes all = Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE);
        return new Read(all, RoleFinding.of(Reckoning.of(Drawn.asReceived(s.drawing(), s.space(), all))));
    }

    private static Role family(Role r) {
        return r == Role.TEXT ? Role.ROOM_LABEL : r == Role.SANITARY ? Role.FURNITURE : r;
    }

    /** Law: by units, at least 95 in a hundred lie on a layer whose role is found. */
    @ParameterizedTest @EnumSource(value = MadeLayers.Naming.class, mode = EnumSource.Mode.EXCLUDE, names = "COLOURS")
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

    /** Law: of pages, with layers or with pens alone, as of drawings. */
    @ParameterizedTest @ValueSource(booleans = {true, false})
    void layersAndPensOfPagesAreToldByWhatIsOnThem(boolean layers) throws IOException {
        double good = 0, all = 0;
        List<String> wrong = new ArrayList<>();
        for (int seed = 0; seed < PLANS; seed++) {
            MadeLayers.Naming naming = List.of(MadeLayers.Naming.TELLING, MadeLayers.Naming.NUMBERED, MadeLayers.Naming.MISLEADING).get(seed % 3);
            MadePages.Page page = MadePages.of(new MadeLayers(seed, naming), layers, seed % 2 == 1,
                folder);
            assertThat(page.strokes().size()).isGreaterThan(100);
            for (RoleFinding.OfPart p : page.found().layers()) {
                Role is = page.truth(p);
                if (is == null) continue;
                all += p.units();
                if (!p.isMixed() && family(p.role()) == family(is)) good += p.units();
                else wrong.add("seed " + seed + ": " + p.name() + " is " + is + ", said " + p.role() + " of " + p.roles());
            }
        }
        assertThat(all).isGreaterThan(50 * PLANS);
        assertThat(good / all).as("%s", String.join("\n", wrong)).isGreaterThan(0.95);
    }

    /** Law: where all is on one layer and told apart by colour, colours are told as layers are. */
    @Test void coloursOnOneLayerAreToldByWhatHasThem() {
        double good = 0, all = 0;
        List<String> wrong = new ArrayList<>();
        for (int seed = 0; seed < PLANS; seed++) {
            MadeLayers m = new MadeLayers(seed, MadeLayers.Naming.COLOURS);
            Read r = read(m.sketch);
            assertThat(r.found.layers()).as("the layer as a whole").singleElement().satisfies(l -> assertThat(l.isMixed()).isTrue());
            for (RoleFinding.OfPen p : r.found.pens()) {
                Role is = m.truthOfColours.get(p.colour());
                if (is == null) continue;
                all += p.part().units();
                if (!p.part().isMixed() && family(p.part().role()) == family(is)) good += p.part().units();
                else wrong.add("seed " + seed + ": " + is + ", said " + p);
            }
        }
        assertThat(all).isGreaterThan(1000);
        assertThat(good / all).as("%s", String.join("\n", wrong)).isGreaterThan(0.95);
    }

    @Test void whatIsSetAsideByColourIsGone() {
        MadeLayers m = new MadeLayers(4, MadeLayers.Naming.COLOURS);
        Read r = read(m.sketch);
        List<Cast> casts = Casting.proposed(r.found, r.strokes);
        assertThat(casts).extracting(c -> c.part().getClass().getSimpleName()).contains("LayerColour");
        UnderlayId id = UnderlayId.fresh();
        Underlay u = new Underlay(id, FileId.fresh(), "ab", new SpaceKey.Model(), Optional.empty(), Placement.assumed(1, Point.ORIGIN),
            Clearing.NONE.withRoles(casts, Set.of(Role.FURNITURE, Role.DIMENSION)), Appearance.faded(0.3), false);
        Cleared c = Cleared.of(u, r.strokes, new Finder("ab", new SpaceKey.Model(), r.strokes));
        Map<Role, Integer> shown = new EnumMap<>(Role.class);
        for (int i = 0; i < r.strokes.size(); i++) if (c.strokeShown(i)) shown.merge(m.truthOfColours.get(r.strokes.colourOf(i)), 1, Integer::sum);
        assertThat(shown).containsKeys(Role.WALL, Role.DOOR, Role.GRID).doesNotContainKey(Role.FURNITURE);
    }

    /** A detail without walls and doors, whose size nobody knows, is not told with a straight face. */
    @Test void whatIsNoPlanIsUnsure() {
        Sketch s = new Sketch().on("A");
        for (int i = 0; i < 30; i++) s.line(0, 7 * i, 90, 7 * i + 3).circle(40 + i, 300, 2);
        Read r = read(s);
        assertThat(r.found.layers()).singleElement().satisfies(l -> assertThat(l.confidence()).isLessThan(0.5));
        MadeLayers m = new MadeLayers(2, MadeLayers.Naming.NUMBERED);
        assertThat(read(m.sketch).found.layers()).filteredOn(l -> m.truth.get(l.name()) == Role.WALL).singleElement()
            .satisfies(l -> assertThat(l.confidence()).isGreaterThan(0.6));
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

    /** On a layer that holds everything, styles of texts and patterns of hatches tell names of rooms from figures. */
    @Test void textsOnAMixedLayerArePartedByTheirStyles() {
        Sketch s = new Sketch().on("ALL");
        for (int i = 0; i < 8; i++) s.wall(0, 12_000, 3100 * i, 240).door(1000, 3100 * i + 240, 885).text("Office", 5000, 3100 * i + 1500, 200, 0)
            .inStyle("NAMES").text("" + (3000 + i), 800 * i, -1800, 150, 0).inStyle("FIGURES");
        Read r = read(s);
        assertThat(r.found.manners()).extracting(RoleFinding.OfPart::name).containsExactlyInAnyOrder("NAMES", "FIGURES");
        List<Cast> casts = Casting.proposed(r.found, r.strokes);
        assertThat(casts).as("%s", r.found).filteredOn(c -> c.part().equals(new Cast.Part.Manner("names"))).singleElement()
            .satisfies(c -> assertThat(c.role().value()).isEqualTo(Role.ROOM_LABEL));
        assertThat(casts).filteredOn(c -> c.part().equals(new Cast.Part.Manner("figures"))).singleElement()
            .satisfies(c -> assertThat(c.role().value()).isEqualTo(Role.TEXT));
        Casting.Lookup of = new Casting.Lookup(casts);
        Underlay u = new Underlay(new UnderlayId("u"), new FileId("f"), "ab", new SpaceKey.Model(), Optional.empty(), Placement.assumed(1, Point.ORIGIN),
            Clearing.NONE.withRoles(casts, Set.of(Role.TEXT)), Appearance.faded(0.3), false);
        Cleared c = Cleared.of(u, r.strokes, new Finder("ab", new SpaceKey.Model(), r.strokes));
        for (int i = 0; i < r.strokes.texts().size(); i++) {
            boolean name = r.strokes.texts().get(i).plain().equals("Office");
            assertThat(of.of(r.strokes, r.strokes.mark(i))).hasValue(name ? Role.ROOM_LABEL : Role.TEXT);
            assertThat(c.markShown(i)).isEqualTo(name);
        }
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

    /** Lines of a hatch lie at one step from each other; the faces of a wing at an angle do not. */
    @Test void aWingAtAnAngleIsNoHatch() {
        Sketch s = new Sketch();
        for (double y : new double[] {0, 300, 4000, 4200, 8000, 8300}) s.line(0, y, 30000, y);
        int first = 6, faces = 20;
        for (int i = 0; i < faces; i++) slanting(s, 40000, 3000 + 3000 * (i / 2) + 200 * (i % 2), 4000);
        for (int i = 0; i < 40; i++) slanting(s, 60000, 150 * i, 1200);
        List<Role> of = read(s).found.of();
        assertThat(of.subList(first, first + faces)).doesNotContain(Role.HATCH);
        assertThat(of.subList(first + faces, of.size())).containsOnly(Role.HATCH);
    }

    /** A line that crosses a hatch lies nearer to its lines than they to each other. */
    @Test void aLineAcrossAHatchLeavesItAHatch() {
        Sketch s = new Sketch();
        for (double y : new double[] {0, 300, 8000, 8300}) s.line(0, y, 30000, y);
        for (int i = 0; i < 8; i++) for (double x : new double[] {12000, 24000}) slanting(s, x, 500 * i, 1400);
        slanting(s, 12000, 500 * 4 + 90, 1200);
        List<Role> of = read(s).found.of();
        assertThat(of.subList(4, 20)).containsOnly(Role.HATCH);
    }

    /** The face that a measure within a room ends at is a face still: it is of another layer than the measure's lines. */
    @Test void whatIsMeasuredIsNotTheMeasure() {
        Sketch s = new Sketch().on("A").wall(0, 8000, -300, 300).wall(0, 8000, 2400, 300).wall(0, 8000, 7000, 150);
        for (int i = 0; i < 4; i++) s.line(2000 * i, 0, 2000 * i, 2400).line(2000 * i + 100, 0, 2000 * i + 100, 2400);
        s.on("B").line(2000, 1500, 100, 1500).text("1900", 1050, 1600, 200, 0).line(1950, 1450, 2050, 1550).line(50, 1450, 150, 1550);
        s.line(4000, 1500, 2100, 1500).text("1900", 3050, 1600, 200, 0).line(3950, 1450, 4050, 1550).line(2050, 1450, 2150, 1550);
        Read r = read(s);
        for (int i = 0; i < r.strokes.size(); i++) {
            String layer = r.strokes.layers().get(r.strokes.layerOf(i)).name();
            if (layer.equals("A")) assertThat(r.found.of().get(i)).isNotEqualTo(Role.DIMENSION);
        }
    }

    private static void slanting(Sketch s, double x, double off, double length) {
        Point u = Point.polar(Math.toRadians(30), 1), p = new Point(x, 0).plus(u.left().times(off)), q = p.plus(u.times(length));
        s.line(p.x(), p.y(), q.x(), q.y());
    }

    @Test void anEmptyDrawingHasNoRoles() {
        RoleFinding f = read(new Sketch()).found;
        assertThat(f.layers()).isEmpty();
        assertThat(f.blocks()).isEmpty();
    }
}
