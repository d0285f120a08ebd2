package brightlintel.read.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.drawing.Code;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.RawDrawing;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.CCITTFactory;
import org.junit.jupiter.api.Test;

class PagePicturesTest {
    private static Pixels pixels(RawDrawing d) {
        Entity.Picture p = (Entity.Picture) d.spaces().getFirst().entities().stream().filter(e -> e instanceof Entity.Picture).findFirst()
            .orElseThrow();
        return d.companions().pictures().get(p.file());
    }

    private static PageFile image(byte[] bytes, String dictionary, String content) {
        PageFile f = new PageFile();
        int i = f.object(bytes, "/Type /XObject /Subtype /Image " + dictionary);
        return f.resources("/XObject << /I " + i + " 0 R >>").content(content);
    }

    private static final String GREY = "/Width 2 /Height 2 /ColorSpace /DeviceGray /BitsPerComponent 8";

    @Test void aPictureLiesWhereItIsPaintedUprightOrTurned() {
        byte[] four = {0, (byte) 255, (byte) 255, (byte) 255};
        RawDrawing d = image(four, GREY, "q 40 0 0 20 10 30 cm /I Do Q").drawing();
        assertThat(PageFile.text(d)).isEqualTo("picture 10,30 2x2");
        // its dark pixel is the upper left one
        assertThat(pixels(d).at(0, 0) & 255).isZero();
        assertThat(pixels(d).at(1, 1) & 255).isEqualTo(255);
        Entity.Picture turned = (Entity.Picture) image(four, GREY, "q 0 40 -20 0 60 30 cm /I Do Q").drawing().spaces().getFirst().entities()
            .getFirst();
        assertThat(turned.u().y()).isEqualTo(20);
        assertThat(turned.v().x()).isEqualTo(-10);
    }

    @Test void aPictureIsCutByAnUprightClip() {
        byte[] nine = {0, 10, 20, 30, 40, 50, 60, 70, 80};
        // 30 by 30 points from 10,10 on, of which the middle column and the lower two rows are let through
        RawDrawing d = image(nine, "/Width 3 /Height 3 /ColorSpace /DeviceGray /BitsPerComponent 8",
            "20 10 10 20 re W n q 30 0 0 30 10 10 cm /I Do Q").drawing();
        Entity.Picture p = (Entity.Picture) d.spaces().getFirst().entities().getFirst();
        assertThat(p.at().x()).isLessThanOrEqualTo(20);
        assertThat(pixels(d).height()).isEqualTo((int) p.height());
        Pixels px = pixels(d);
        double x = (25 - p.at().x()) / p.u().x(), y = (12 - p.at().y()) / p.v().y();
        assertThat(px.at((int) x, px.height() - 1 - (int) y) & 255).isEqualTo(70);
        assertThat(p.height()).isLessThan(4);
        assertThat(d.companions().pictures()).hasSize(1);
        // where a clip takes nothing away the picture is whole, and a slanted one stays whole
        assertThat(pixels(image(nine, "/Width 3 /Height 3 /ColorSpace /DeviceGray /BitsPerComponent 8", "q 30 0 0 30 10 10 cm /I Do Q")
            .drawing()).width()).isEqualTo(3);
        assertThat(pixels(image(nine, "/Width 3 /Height 3 /ColorSpace /DeviceGray /BitsPerComponent 8",
            "20 10 10 20 re W n q 20 20 -20 20 30 10 cm /I Do Q")
            .drawing()).width()).isEqualTo(3);
    }

    @Test void aScanHasNothingToSnapToAndAMixedPageHas() {
        String scan = "q 40 0 0 20 10 30 cm /I Do Q ";
        assertThat(image(new byte[4], GREY, scan).drawing().report().count(Code.NOTHING_TO_SNAP_TO)).isEqualTo(1);
        RawDrawing mixed = image(new byte[4], GREY, scan + "0 0 m 10 10 l S").drawing();
        assertThat(mixed.report().count(Code.NOTHING_TO_SNAP_TO)).isZero();
        assertThat(PageFile.flat(mixed).size()).isEqualTo(1);
        assertThat(PageFile.flat(mixed).pictures()).hasSize(1);
    }

    @Test void onePictureUsedTwiceIsDecodedOnce() {
        RawDrawing d = image(new byte[4], GREY, "q 40 0 0 20 10 30 cm /I Do Q q 40 0 0 20 60 30 cm /I Do Q").drawing();
        assertThat(d.spaces().getFirst().entities()).hasSize(2);
        assertThat(d.companions().pictures()).hasSize(1);
    }

    @Test void whatCannotBeDecodedIsNamed() {
        RawDrawing d = image(new byte[] {1, 2, 3}, "/Width 20 /Height 20 /Filter /JPXDecode", "q 40 0 0 20 10 30 cm /I Do Q").drawing();
        assertThat(d.report().count(Code.PICTURE_NOT_DECODED)).isEqualTo(1);
        assertThat(d.report().entries().stream().filter(e -> e.code() == Code.PICTURE_NOT_DECODED).findFirst().orElseThrow().first()
            .getFirst().values())
            .containsExactly("JPEG 2000");
        // its place is kept
        assertThat(d.spaces().getFirst().entities()).hasSize(1);
    }

    private static BufferedImage blackInTheCorner() {
        BufferedImage b = new BufferedImage(64, 32, BufferedImage.TYPE_BYTE_BINARY);
        for (int y = 0; y < 32; y++) for (int x = 0; x < 64; x++) b.setRGB(x, y, x < 20 && y < 10 ? 0xff000000 : 0xffffffff);
        return b;
    }

    private static byte[] t6() throws IOException {
        try (PDDocument d = new PDDocument()) {
            return CCITTFactory.createFromImage(d, blackInTheCorner()).getCOSObject().createRawInputStream().readAllBytes();
        }
    }

    private static void isBlackInTheCorner(RawDrawing d) {
        assertThat(d.report().count(Code.PICTURE_NOT_DECODED)).isZero();
        assertThat(pixels(d).at(5, 5) & 255).isZero();
        assertThat(pixels(d).at(30, 5) & 255).isEqualTo(255);
        assertThat(pixels(d).at(5, 20) & 255).isEqualTo(255);
    }

    @Test void faxesAreRead() throws IOException {
        isBlackInTheCorner(image(t6(), "/Width 64 /Height 32 /ColorSpace /DeviceGray /BitsPerComponent 1 /Filter /CCITTFaxDecode "
            + "/DecodeParms << /K -1 /Columns 64 /Rows 32 >>", "q 40 0 0 20 10 30 cm /I Do Q").drawing());
    }

    /** A page and one region of it, coded as faxes are: the least that this format can be (ITU-T T.88, 7.2 to 7.4). */
    private static byte[] jbig2() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        byte[] data = t6();
        segment(out, 0, 48, 19);
        out.writeInt(64);
        out.writeInt(32);
        out.writeLong(0);
        out.writeByte(0);
        out.writeShort(0);
        segment(out, 1, 38, 18 + data.length);
        out.writeInt(64);
        out.writeInt(32);
        out.writeLong(0);
        out.writeByte(0);
        out.writeByte(1);
        out.write(data);
        return bytes.toByteArray();
    }

    private static void segment(DataOutputStream out, int number, int kind, int length) throws IOException {
        out.writeInt(number);
        out.writeByte(kind);
        out.writeByte(0);
        out.writeByte(1);
        out.writeInt(length);
    }

    @Test void thePlugInForScannersIsThere() throws IOException {
        isBlackInTheCorner(image(jbig2(), "/Width 64 /Height 32 /ColorSpace /DeviceGray /BitsPerComponent 1 /Filter /JBIG2Decode",
            "q 40 0 0 20 10 30 cm /I Do Q").drawing());
    }

    @Test void aStencilLetsItsColourThrough() {
        RawDrawing d = image(new byte[] {(byte) 0b01000000, (byte) 0b11000000}, "/Width 2 /Height 2 /ImageMask true /BitsPerComponent 1",
            "1 0 0 rg q 40 0 0 20 10 30 cm /I Do Q").drawing();
        assertThat(pixels(d).at(0, 0)).isEqualTo(0xffff0000);
        assertThat(pixels(d).at(1, 1) >>> 24).isZero();
    }

    @Test void thePictureOfALayerThatIsOffIsOff() {
        PageFile f = new PageFile();
        int group = f.object("<< /Type /OCG /Name (Scan) >>");
        int i = f.object(new byte[4], "/Type /XObject /Subtype /Image " + GREY + " /OC " + group + " 0 R");
        RawDrawing d = f.catalog("/OCProperties << /OCGs [5 0 R] /D << /OFF [5 0 R] >> >>").resources("/XObject << /I " + i + " 0 R >>")
            .content("q 40 0 0 20 10 30 cm /I Do Q").drawing();
        assertThat(d.layer(d.spaces().getFirst().entities().getFirst().style().layer()).orElseThrow().off()).isTrue();
    }
}
