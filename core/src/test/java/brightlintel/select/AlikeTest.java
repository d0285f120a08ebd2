package brightlintel.select;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Clearing;
import brightlintel.building.Placement;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.place.PlacedDrawing;
import java.io.IOException;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Everything like a stroke, and everything that is called so. */
class AlikeTest {
    /** Two chairs, each a block of two lines and a text, one inside another block; lines and circles beside them. */
    private static PlacedDrawing drawing(Clearing c) throws IOException {
        String dxf = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nCHAIR\n10\n0\n20\n0\n" + line("0", 0, 0, 1, 0) + line("0", 0, 0, 0, 1)
            + "0\nTEXT\n8\n0\n10\n0\n20\n0\n40\n0.2\n1\nseat\n0\nENDBLK\n0\nBLOCK\n2\nROW\n10\n0\n20\n0\n" + insert("CHAIR", 3, 0)
            + line("0", 5, 0, 6, 0) + "0\nENDBLK\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n" + insert("CHAIR", 0, 0) + insert("CHAIR", 9, 9)
            + insert("ROW", 0, 20) + line("A", 0, 0, 50, 0) + line("A", 0, 5, 50, 5) + line("B", 0, 7, 50, 7) + line("A", 0, 9, 50, 9)
            .replace("8\nA\n", "8\nA\n62\n1\n") + "0\nCIRCLE\n8\nA\n10\n30\n20\n30\n40\n2\n"
            + "0\nTEXT\n8\nA\n10\n40\n20\n40\n40\n0.2\n1\nSeating plan\n0\nENDSEC\n0\nEOF\n";
        return Drawings.placed(Drawings.dxf(dxf), Placement.assumed(1, Point.ORIGIN), c);
    }

    private static String line(String layer, int x0, int y0, int x1, int y1) {
        return "0\nLINE\n8\n" + layer + "\n10\n" + x0 + "\n20\n" + y0 + "\n11\n" + x1 + "\n21\n" + y1 + "\n";
    }

    private static String insert(String block, int x, int y) {
        return "0\nINSERT\n8\n0\n2\n" + block + "\n10\n" + x + "\n20\n" + y + "\n";
    }

    private static int stroke(PlacedDrawing d, String layer, String kind) {
        Strokes s = d.strokes();
        for (int i = 0; i < s.size(); i++)
            if (s.layers().get(s.layerOf(i)).name().equals(layer) && s.entityOf(i).kind().equals(kind) && s.pathOf(i) == null) return i;
        throw new AssertionError(layer + " " + kind);
    }

    @Test void ofABlockAllThatCameInThroughIt() throws IOException {
        PlacedDrawing d = drawing(Clearing.NONE);
        Picked chairs = Alike.to(d, 0);
        assertThat(chairs.strokeCount()).as("two chairs; the third belongs to its row").isEqualTo(4);
        assertThat(chairs.marks().count()).isEqualTo(2);
    }

    @Test void ofALineAllOfItsLayerKindAndColour() throws IOException {
        PlacedDrawing d = drawing(Clearing.NONE);
        assertThat(Alike.to(d, stroke(d, "A", "LINE")).count()).as("not that of layer B, the red one, the circle").isEqualTo(2);
        assertThat(Alike.to(d, stroke(d, "B", "LINE")).count()).isEqualTo(1);
        int red = stroke(d, "A", "LINE") + 3;
        assertThat(Alike.of(d, i -> d.strokes().colourOf(i) == d.strokes().colourOf(red), _ -> false).count()).isEqualTo(1);
    }

    @Test void whatIsCalledSoByTextAndByBlock() throws IOException {
        PlacedDrawing d = drawing(Clearing.NONE);
        Alike.Named seats = Alike.named(d, "SEAT");
        assertThat(seats.texts()).as("three chairs say so, and a title").isEqualTo(4);
        assertThat(seats.blocks()).isEmpty();
        Alike.Named chairs = Alike.named(d, " chair");
        assertThat(chairs.blocks()).containsExactly("CHAIR");
        assertThat(chairs.picked().strokeCount()).as("in the row too").isEqualTo(6);
        assertThat(Alike.named(d, "row").picked().strokeCount()).as("with what lies in it").isEqualTo(3);
        assertThat(Alike.named(d, "  ").picked().isEmpty()).isTrue();
    }

    @Test void whatIsSetAsideIsNotAmongThem() throws IOException {
        PlacedDrawing d = drawing(Clearing.NONE.withBlocksOff(Set.of("chair")));
        assertThat(Alike.named(d, "chair").picked().isEmpty()).isTrue();
        assertThat(Alike.named(d, "seat").texts()).isEqualTo(1);
    }
}
