package brightlintel.desktop.docket;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.Evidence;
import brightlintel.building.FileId;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.building.Units;
import brightlintel.correct.UnitChoice;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.find.Finder;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthFormat;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.DrawingReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the dockets of True and Clear show, as values. */
class StatesTest {
    @TempDir Path folder;
    private RawDrawing raw;

    private static String line(String layer, double ax, double ay, double bx, double by) {
        return "0\nLINE\n8\n" + layer + "\n10\n" + ax + "\n20\n" + ay + "\n11\n" + bx + "\n21\n" + by + "\n";
    }

    private PlacedDrawing placed(Placement p, Set<String> off) throws IOException {
        StringBuilder b = new StringBuilder(
            "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n1\n0\nENDSEC\n0\nSECTION\n2\nTABLES\n0\nTABLE\n2\nLAYER\n0\nLAYER\n2\nJUNK\n70\n1\n62\n7\n0\nENDTAB\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n");
        for (int i = 0; i <= 20; i++) b.append(line("WALLS", i * 1.6, 0, i * 1.6, 20));
        for (int i = 0; i < 5; i++) b.append(line("doors", 1, i, 2, i));
        b.append(line("JUNK", 0, 0, 1, 1)).append("0\nTEXT\n8\nnotes\n10\n5\n20\n5\n40\n0.2\n1\nBoat bay\n").append("0\nENDSEC\n0\nEOF\n");
        raw = DrawingReader.read(Files.writeString(folder.resolve("plan.dxf"), b), ReadLimits.DEFAULT, Progress.NONE);
        Strokes s = Flattening.of(raw, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
        Underlay u = new Underlay(UnderlayId.fresh(), FileId.fresh(), raw.sha256(), new SpaceKey.Model(), Optional.empty(), p,
            Clearing.ofLayers(off), Appearance.faded(0), false);
        return new PlacedDrawing(u, s, new Finder(raw.sha256(), new SpaceKey.Model(), s));
    }

    private static Placement metres(double perUnit) {
        return Placement.assumed(perUnit, Point.ORIGIN);
    }

    @Test void layersAreCountedWithTheirTextsAndSearchedInAnySpelling() throws IOException {
        PlacedDrawing d = placed(metres(1), Set.of("junk"));
        LayerListState all = LayerListState.of(d, "", LayerListState.Order.NAME);
        assertThat(all.rows()).extracting(LayerListState.Row::layer).containsSubsequence("doors", "JUNK", "notes", "WALLS");
        assertThat(all.rows()).filteredOn(r -> r.layer().equals("notes")).extracting(LayerListState.Row::strokes).containsExactly(1);
        assertThat(all.strokes()).isEqualTo(28);
        assertThat(all.strokesShown()).isEqualTo(27);
        assertThat(all.shown()).isEqualTo(all.all() - 1);
        LayerListState some = LayerListState.of(d, " DOO ", LayerListState.Order.NAME);
        assertThat(some.rows()).extracting(LayerListState.Row::layer).containsExactly("doors");
        // the sums are of all layers, whatever is searched for
        assertThat(some.strokes()).isEqualTo(28);
        assertThat(LayerListState.of(d, "no such layer", LayerListState.Order.NAME).rows()).isEmpty();
    }

    @Test void layersStandByCountOrHiddenFirst() throws IOException {
        PlacedDrawing d = placed(metres(1), Set.of("junk"));
        assertThat(LayerListState.of(d, "", LayerListState.Order.COUNT).rows().getFirst().layer()).isEqualTo("WALLS");
        LayerListState.Row first = LayerListState.of(d, "", LayerListState.Order.HIDDEN_FIRST).rows().getFirst();
        assertThat(first.layer()).isEqualTo("JUNK");
        assertThat(first.offInFile()).isTrue();
        assertThat(first.shown()).isFalse();
    }

    @Test void everyUnitIsShownWithTheSizeThatItWouldMake() throws IOException {
        PlacedDrawing d = placed(metres(1), Set.of());
        TrueState s = TrueState.of(d, Optional.of(d.extent()), raw.header(), new LengthFormat(Units.METRIC));
        assertThat(s.choices()).hasSize(UnitChoice.values().length);
        assertThat(s.choices()).filteredOn(TrueState.Choice::chosen).extracting(TrueState.Choice::unit).containsExactly(UnitChoice.METRE);
        assertThat(s.choices()).filteredOn(c -> c.unit() == UnitChoice.MILLIMETRE).extracting(TrueState.Choice::plausible)
            .containsExactly(false);
        assertThat(s.choices()).filteredOn(c -> c.unit() == UnitChoice.METRE).extracting(TrueState.Choice::plausible).containsExactly(true);
        assertThat(s.fileSays()).isPresent();
        assertThat(s.fileAgrees()).isFalse();
        assertThat(s.scaleBy()).isEqualTo(TrueState.Who.ASSUMED);
    }

    private TrueState state(Placement p, LengthFormat f) throws IOException {
        PlacedDrawing d = placed(p, Set.of());
        return TrueState.of(d, Optional.of(d.extent()), raw.header(), f);
    }

    /** Sizes of the choices speak of the file: they do not change with the unit that is in force. */
    @Test void theChoicesDoNotDependOnTheUnitInForce() throws IOException {
        LengthFormat f = new LengthFormat(Units.METRIC);
        TrueState metre = state(metres(1), f), inch = state(metres(0.0254), f);
        assertThat(inch.choices()).extracting(TrueState.Choice::size)
            .isEqualTo(metre.choices().stream().map(TrueState.Choice::size).toList());
        assertThat(inch.fileAgrees()).isTrue();
    }

    @Test void aMeasuredScaleIsNoUnit() throws IOException {
        Placement p = metres(1).withScale(Given.stated(Scale.even(0.94)))
            .withTurn(Given.read(Math.toRadians(11.5), 0.98, new Evidence.Note("walls")));
        TrueState s = state(p, new LengthFormat(Units.METRIC));
        assertThat(s.choices()).noneMatch(TrueState.Choice::chosen);
        assertThat(s.scale()).contains("0.94000");
        assertThat(s.scaleBy()).isEqualTo(TrueState.Who.STATED);
        assertThat(s.turnBy()).isEqualTo(TrueState.Who.READ);
        assertThat(s.turn()).startsWith("11.5");
    }
}
