package brightlintel.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.demo.DemoDrawings;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.read.DrawingReader;
import brightlintel.read.Wanted;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SheetNotesTest {
    @TempDir Path folder;

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`',
        value = {"1:100|100", "Scale 1 : 50|50", "M 1/20|20", "Maßstab 1:1 000|1000", "M.1:200 (A3)|200", "échelle 1/75|75",
        "1/4\" = 1'-0\"|48", "1/8 in = 1 ft|96", "3/32\" = 1'-0\"|128", "1 1/2\" = 1'-0\"|8", "1\" = 20'|240", "SCALE: 3/16″ = 1′-0″|64"})
    void scalesAreReadAsTheyAreWritten(String text, double n) {
        assertThat(ScaleWords.in(text)).containsExactly(n);
    }

    @ParameterizedTest
    @ValueSource(strings = {"ramp 1:12", "12:100", "mortar 1:3", "11:100", "2.1:100", "1:100:3", "room 1/20", "1:0", "03/11/2026",
        "2100 x 900", "1:100 000 000"})
    void otherRatiosAreNoScales(String text) {
        assertThat(ScaleWords.in(text)).isEmpty();
    }

    @Test void severalOnOneSheetAreAllKept() {
        assertThat(ScaleWords.in("plans 1:100, details 1:20")).containsExactly(100.0, 20.0);
    }

    @ParameterizedTest
    @CsvSource({"Ground floor,0", "EG,0", "Grundriss Erdgeschoss,0", "1. OG,1", "2.OG,2", "Upper floor plan,1", "Planta Baja,0",
        "planta primera,1", "1er étage,1",
        "Rez-de-chaussée,0", "Basement,-1", "2. UG,-2", "Level 03,3", "Piano terra,0", "2nd floor plan,2", "Kellergeschoß,-1"})
    void storeysAreReadFromTitles(String title, int level) {
        assertThat(StoreyWords.level(title)).hasValue(level);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Elevations", "Room 101", "Ground beam", "Section A-A", "Storage", "Kg/m2 load", "Flooring: oak", "12.5 m"})
    void whatIsNoStoreyIsNone(String title) {
        assertThat(StoreyWords.level(title).isPresent()).isEqualTo(title.startsWith("Ground") || title.startsWith("Kg"));
    }

    private RawDrawing annexe(int page) throws IOException {
        Path f = Files.write(folder.resolve("annexe.pdf"), DemoDrawings.bytes(DemoDrawings.ANNEXE));
        return DrawingReader.look(f, Wanted.page(page), ReadLimits.DEFAULT, Progress.NONE);
    }

    @Test void aShrunkSheetTellsItsTitleItsScaleAndHowMuchItWasShrunk() throws IOException {
        SheetNotes n = SheetNotes.of(annexe(1), new SpaceKey.Page(1));
        assertThat(n.title()).contains("Annexe, ground floor");
        assertThat(n.scale().orElseThrow().denominator()).isEqualTo(100);
        assertThat(n.frame().orElseThrow().share()).isCloseTo(0.94, within(1e-4));
        assertThat(n.frame().orElseThrow().sheet()).isEqualTo("A3");
        assertThat(SheetNotes.of(annexe(2), new SpaceKey.Page(2)).title()).contains("Annexe, elevations");
    }
}
