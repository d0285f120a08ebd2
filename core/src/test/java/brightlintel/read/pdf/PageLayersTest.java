package brightlintel.read.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Layer;
import brightlintel.drawing.RawDrawing;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class PageLayersTest {
    private static String layerOf(RawDrawing d, int entity) {
        return d.spaces().getFirst().entities().get(entity).style().layer();
    }

    private static Map<String, Boolean> shown(RawDrawing d) {
        Map<String, Boolean> out = new TreeMap<>();
        for (Layer l : d.layers()) out.put(l.name(), !l.startsHidden());
        return out;
    }

    /** Objects 5, 6, 7 are the groups Walls, Doors, Old. */
    private static PageFile groups(String usual, String content) {
        PageFile f = new PageFile();
        for (String n : List.of("Walls", "Doors", "Old")) f.object("<< /Type /OCG /Name (" + n + ") >>");
        return f.catalog("/OCProperties << /OCGs [5 0 R 6 0 R 7 0 R] /D << " + usual + " >> >>")
            .resources("/Properties << /W 5 0 R /D 6 0 R /O 7 0 R >>").content(content);
    }

    @Test void groupsOfTheFileAreLayersAsItShowsThem() {
        RawDrawing d = groups("/OFF [7 0 R]", "/OC /W BDC 0 0 m 10 0 l S EMC /OC /O BDC 0 5 m 10 5 l S EMC 0 9 m 10 9 l S").drawing();
        assertThat(shown(d)).containsEntry("Walls", true).containsEntry("Doors", true).containsEntry("Old", false);
        assertThat(layerOf(d, 0)).isEqualTo("Walls");
        assertThat(layerOf(d, 1)).isEqualTo("Old");
        // what is in no group goes by its pen
        assertThat(layerOf(d, 2)).isEqualTo("0.35 mm black");
    }

    @Test void allAreOffWhereTheFileSaysSoAndOneIsOn() {
        assertThat(shown(groups("/BaseState /OFF /ON [6 0 R]", "0 0 m 1 1 l S").drawing())).containsEntry("Walls", false)
            .containsEntry("Doors", true);
    }

    @Test void ofRadioGroupsOneIsOn() {
        assertThat(shown(groups("/RBGroups [[5 0 R 6 0 R]]", "0 0 m 1 1 l S").drawing())).containsEntry("Walls", true)
            .containsEntry("Doors", false)
            .containsEntry("Old", true);
    }

    @Test void nestedMarksGoByTheInnermostUnlessAnOuterIsOff() {
        RawDrawing d = groups("/OFF [7 0 R]", "/OC /W BDC /OC /D BDC 0 0 m 10 0 l S EMC EMC /OC /O BDC /OC /D BDC 0 5 m 10 5 l S EMC EMC "
            + "/OC /W BDC /Span << /Lang (en) >> BDC 0 7 m 10 7 l S EMC EMC").drawing();
        assertThat(layerOf(d, 0)).isEqualTo("Doors");
        assertThat(layerOf(d, 1)).isEqualTo("Old");
        assertThat(layerOf(d, 2)).isEqualTo("Walls");
    }

    private static RawDrawing member(String dictionary) {
        PageFile f = groups("/OFF [7 0 R]", "/OC /M BDC 0 0 m 10 0 l S EMC");
        int m = f.object("<< /Type /OCMD " + dictionary + " >>");
        return f.resources("/Properties << /M " + m + " 0 R >>").drawing();
    }

    private static boolean isShown(RawDrawing d) {
        return !d.layer(layerOf(d, 0)).orElseThrow().startsHidden();
    }

    @Test void membershipIsByPolicy() {
        assertThat(isShown(member("/OCGs [5 0 R 7 0 R]"))).isTrue();
        assertThat(isShown(member("/OCGs [5 0 R 7 0 R] /P /AllOn"))).isFalse();
        assertThat(isShown(member("/OCGs [5 0 R 7 0 R] /P /AnyOff"))).isTrue();
        assertThat(isShown(member("/OCGs [5 0 R 6 0 R] /P /AllOff"))).isFalse();
        assertThat(layerOf(member("/OCGs [5 0 R 7 0 R]"), 0)).isEqualTo("Walls + Old");
        assertThat(layerOf(member("/OCGs 5 0 R"), 0)).isEqualTo("Walls");
        assertThat(layerOf(member("/OCGs 7 0 R /P /AllOff"), 0)).isEqualTo("not Old");
    }

    @Test void membershipByExpressionIsWorkedOut() {
        assertThat(isShown(member("/VE [/And 5 0 R [/Not 7 0 R]]"))).isTrue();
        assertThat(isShown(member("/VE [/And 5 0 R 7 0 R]"))).isFalse();
        assertThat(isShown(member("/VE [/Or 7 0 R [/And 5 0 R 6 0 R]]"))).isTrue();
    }

    @Test void groupsOfOneNameAreToldApart() {
        PageFile f = new PageFile();
        for (int i = 0; i < 2; i++) f.object("<< /Type /OCG /Name (Walls) >>");
        f.object("<< /Type /OCG /Name (Ground) >>");
        f.object("<< /Type /OCG /Name (Upper) >>");
        f.catalog("/OCProperties << /OCGs [5 0 R 6 0 R 7 0 R 8 0 R] /D << /Order [7 0 R [5 0 R] 8 0 R [6 0 R]] >> >>")
            .content("0 0 m 1 1 l S");
        assertThat(shown(f.drawing())).containsKeys("Ground / Walls", "Upper / Walls", "Ground", "Upper");
    }

    @Test void formsAndPicturesCarryTheirGroup() {
        PageFile f = groups("/OFF [7 0 R]", "/F Do 0 9 m 10 9 l S");
        int form = f.object("0 0 m 10 0 l S".getBytes(), "/Type /XObject /Subtype /Form /BBox [0 -5 100 50] /OC 7 0 R");
        RawDrawing d = f.resources("/XObject << /F " + form + " 0 R >>").drawing();
        assertThat(layerOf(d, 0)).isEqualTo("Old");
        assertThat(layerOf(d, 1)).isEqualTo("0.35 mm black");
    }

    @Test void pensAreLayersWithTellingNames() {
        RawDrawing d = PageFile.drawing(
            "1.417 w 0 0 m 10 0 l S 0.369 w 1 0 0 RG [12 3 1 3] 0 d 0 5 m 90 5 l S 0.6 g 10 10 30 20 re f [] 0 d 0.255 w 0.5 G "
            + "0 8 m 9 8 l S").drawing();
        assertThat(d.spaces().getFirst().entities()).extracting(e -> e.style().layer())
            .containsExactly("0.50 mm black", "0.13 mm red, dash-dot",
            "solid grey", "0.09 mm grey");
    }

    @Test void coloursOfOneNameStayTwoLayers() {
        RawDrawing d = PageFile.drawing("1 0 0 RG 0 0 m 10 0 l S 0.95 0.02 0 RG 0 5 m 10 5 l S").drawing();
        assertThat(d.layers()).extracting(Layer::name).containsExactly("0.35 mm red", "0.35 mm red #f20500");
    }

    @Test void aPageOfGradientsHasNoLayerForEachOfItsStrips() {
        StringBuilder s = new StringBuilder();
        for (int i = 0; i < 3000; i++)
            s.append(i % 251 / 250.0).append(' ').append(i % 241 / 240.0).append(" 0.3 rg ").append(i % 180).append(" 10 3 9 re f\n");
        RawDrawing d = PageFile.drawing(s.toString()).drawing();
        assertThat(d.layers().size()).isLessThan(300);
        assertThat(d.spaces().getFirst().entities().stream().filter(e -> e instanceof Entity.Hatch).count()).isGreaterThan(1500);
    }
}
