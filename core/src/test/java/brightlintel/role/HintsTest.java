package brightlintel.role;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Role;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Names in several languages hint at what is on a layer; those that say nothing hint at nothing. */
class HintsTest {
    @ParameterizedTest @CsvSource({"A-WALL-EXTR, WALL", "Außenwand, WALL", "Wände, WALL", "MUROS, WALL", "A-DOOR, DOOR", "Türen, DOOR", "PUERTAS, DOOR",
        "A-GLAZ, WINDOW", "Fenster, WINDOW", "fenêtres, WINDOW", "VENTANAS, WINDOW", "S-GRID, GRID", "Achsen, GRID", "S-GRID-IDEN, GRID", "S-COLS, COLUMN",
        "Stützen, COLUMN", "pilares, COLUMN", "Treppen, STAIR", "A-FLOR-STRS, STAIR", "escaliers, STAIR", "I-FURN, FURNITURE", "Möblierung, FURNITURE",
        "Sanitär, SANITARY", "P-FIXT, SANITARY", "A-WALL-PATT, HATCH", "Schraffur Wand, HATCH", "A-ANNO-DIMS, DIMENSION", "Bemaßung, DIMENSION",
        "cotas, DIMENSION", "Raumstempel, ROOM_LABEL", "A-AREA-IDEN, ROOM_LABEL", "G-ANNO-TTLB, SHEET", "Plankopf, SHEET", "A-ANNO-NOTE, TEXT",
        "Beschriftung, TEXT", "L-PLNT, SITE", "Begrünung, SITE"})
    void aNameHintsAtItsRole(String name, Role role) {
        assertThat(Hints.of(name)).as(name).contains(role);
    }

    @ParameterizedTest @ValueSource(strings = {"0", "100", "Layer1", "xyz", "Ebene 3", "", "$$$"})
    void otherNamesHintAtNothing(String name) {
        assertThat(Hints.of(name)).as(name).isEmpty();
    }
}
