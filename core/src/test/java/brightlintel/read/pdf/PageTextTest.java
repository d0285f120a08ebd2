package brightlintel.read.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.drawing.Code;
import brightlintel.drawing.Entity;
import brightlintel.drawing.RawDrawing;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

class PageTextTest {
    private static PageFile page(String content) {
        PageFile f = new PageFile();
        int font = f.object("<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica /Encoding /WinAnsiEncoding >>");
        return f.resources("/Font << /H " + font + " 0 R >>").content(content);
    }

    private static List<String> words(RawDrawing d) {
        return d.spaces().getFirst().entities().stream().filter(e -> e instanceof Entity.Text).map(e -> ((Entity.Text) e).raw()).toList();
    }

    private static List<String> labels(String content) {
        return words(page(content).drawing());
    }

    @Test void aLabelStandsWhereItIsDrawn() {
        assertThat(page("BT /H 10 Tf 20 30 Td (Boat bay 1) Tj ET").strokes()).startsWith("text \"Boat bay 1\" 20,30 to 67.81,30")
            .endsWith("high 7.18");
        Entity.Text t = (Entity.Text) page("BT /H 10 Tf 0 1 -1 0 50 10 Tm (Store) Tj ET").drawing().spaces().getFirst().entities()
            .getFirst();
        assertThat(Math.toDegrees(t.rotation())).isEqualTo(90, Assertions.within(1e-6));
    }

    @Test void charactersPlacedOneByOneAreOneLabel() {
        // each at its own place, in any order, kerned, and with a space that is only a gap
        assertThat(labels("BT /H 10 Tf 1 0 0 1 20 30 Tm (H) Tj 1 0 0 1 27.2 30 Tm (a) Tj 1 0 0 1 32.8 30 Tm (l) Tj 1 0 0 1 35 30 Tm (l) Tj ET"))
            .containsExactly("Hall");
        assertThat(labels("BT /H 10 Tf 1 0 0 1 35 30 Tm (l) Tj 1 0 0 1 20 30 Tm (H) Tj 1 0 0 1 32.8 30 Tm (l) Tj 1 0 0 1 27.2 30 Tm (a) Tj ET"))
            .containsExactly("Hall");
        assertThat(labels("BT /H 10 Tf 20 30 Td [(B) 20 (oat) -300 (b) -10 (ay)] TJ ET")).containsExactly("Boat bay");
    }

    @Test void aWordThatIsSetWideIsOneWord() {
        assertThat(labels("BT /H 10 Tf 3 Tc 20 30 Td (KELLER) Tj ET")).containsExactly("KELLER");
        assertThat(labels("BT /H 10 Tf 3 Tc 20 30 Td (BOAT BAY) Tj ET")).containsExactly("BOAT BAY");
    }

    @Test void labelsFarApartOnOneLineAreTwo() {
        assertThat(labels("BT /H 10 Tf 20 30 Td (Hall) Tj 60 0 Td (Store) Tj ET")).containsExactly("Hall", "Store");
        assertThat(labels("BT /H 10 Tf 20 30 Td (Hall) Tj 0 -12 Td (12.5 m) Tj ET")).containsExactly("Hall", "12.5 m");
    }

    /** Names of two rooms, one after the other, nearly of one size: no writer changes the size within a label by a hundredth. */
    @Test void labelsOfTwoSizesOnOneLineAreTwo() {
        assertThat(labels("BT /H 10 Tf 20 30 Td (Lobby) Tj 10.1 0 0 10.1 55 30 Tm /H 1 Tf (Lobby) Tj ET")).containsExactly("Lobby", "Lobby");
        assertThat(labels("BT /H 10 Tf 20 30 Td (Lobby) Tj 1 0 0 1 52 30 Tm (WC) Tj ET")).containsExactly("Lobby WC");
    }

    @Test void paintedTwiceForBoldnessItIsOne() {
        assertThat(labels("BT /H 10 Tf 1 0 0 1 20 30 Tm (W) Tj 1 0 0 1 20.3 30 Tm (W) Tj 1 0 0 1 29.44 30 Tm (C) Tj 1 0 0 1 29.7 30 Tm (C) Tj ET"))
            .containsExactly("WC");
    }

    @Test void signsOfTheStandardEncodingsAreThere() {
        assertThat(labels("BT /H 10 Tf 20 30 Td (\\344 \\337 \\262 \\260 12'-6\") Tj ET")).containsExactly("ä ß ² ° 12'-6\"");
    }

    @Test void whatIsNotPaintedIsOffAndStillThere() {
        RawDrawing d = page("BT /H 10 Tf 3 Tr 20 30 Td (searchable) Tj ET").drawing();
        assertThat(words(d)).containsExactly("searchable");
        assertThat(d.layer("text not painted").orElseThrow().off()).isTrue();
    }

    @Test void aFontThatTellsItsCharactersIsBelieved() {
        PageFile f = new PageFile();
        int map = f.object("""
            /CIDInit /ProcSet findresource begin begincmap 1 begincodespacerange <00> <ff> endcodespacerange
            2 beginbfchar <01> <00D6> <02> <FB01> endbfchar endcmap end""".getBytes(), "");
        int none = f.object("/X 0 0 1 setcachedevice 0 0 1 1 re f".getBytes(), "");
        int font = f.object("<< /Type /Font /Subtype /Type3 /FontBBox [0 0 1 1] /FontMatrix [1 0 0 1 0 0] /FirstChar 1 /LastChar 3 /Widths [0.6 0.6 0.6] "
            + "/Encoding << /Type /Encoding /Differences [1 /g1 /g2 /g3] >> /CharProcs << /g1 " + none + " 0 R /g2 " + none + " 0 R /g3 "
            + none
            + " 0 R >> /ToUnicode " + map + " 0 R >>");
        RawDrawing d = f.resources("/Font << /T " + font + " 0 R >>").content("BT /T 10 Tf 20 30 Td (\\001\\002\\003) Tj ET").drawing();
        // the joined letter is two, and the sign that nothing tells of is counted
        assertThat(words(d)).containsExactly("Öfi");
        assertThat(d.report().count(Code.TEXT_NOT_DECODED)).isEqualTo(1);
        // its little drawings are text, and no areas of the plan
        assertThat(d.spaces().getFirst().entities()).hasSize(1);
    }

    @Test void lettersPaintedAsOutlinesAreToldAndAreNoEdges() {
        StringBuilder s = new StringBuilder();
        for (int i = 0; i < 6; i++) {
            double x = 20 + 6 * i;
            s.append(x).append(" 30 m ").append(x + 1).append(" 30 l ").append(x + 2).append(" 33 l ").append(x + 3).append(" 33 l ")
                .append(x + 4)
                .append(" 30 l ").append(x + 5).append(" 30 l ").append(x + 3).append(" 37 l ").append(x + 2).append(" 37 l h f\n");
        }
        RawDrawing d = PageFile.drawing(s + "10 60 80 8 re f 10 60 8 30 re f").drawing();
        assertThat(d.report().count(Code.TEXT_AS_OUTLINES)).isEqualTo(1);
        assertThat(d.spaces().getFirst().entities()).extracting(e -> e.style().layer())
            .containsExactly("text as outlines", "text as outlines",
            "text as outlines", "text as outlines", "text as outlines", "text as outlines", "solid black", "solid black");
        assertThat(PageFile.flat(d).size()).isEqualTo(8);
    }

    @Test void columnsInARowAreNoLetters() {
        StringBuilder s = new StringBuilder();
        for (int i = 0; i < 6; i++) s.append(20 + 28 * i).append(" 30 10 10 re f\n");
        RawDrawing d = PageFile.drawing(s.toString()).drawing();
        assertThat(d.report().count(Code.TEXT_AS_OUTLINES)).isZero();
    }
}
