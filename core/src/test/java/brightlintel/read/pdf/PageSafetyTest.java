package brightlintel.read.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.demo.DemoDrawings;
import brightlintel.demo.Spoil;
import brightlintel.drawing.Code;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.notation.Seeds;
import brightlintel.read.DrawingReader;
import brightlintel.read.Paged;
import brightlintel.read.Refused;
import brightlintel.read.Wanted;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.zip.DeflaterOutputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files that were made to break readers, and locked ones. */
class PageSafetyTest {
    /** Megabytes: above the share of the memory that tests have. */
    private static final int MORE_THAN_THERE_IS = 300;
    @TempDir Path folder;

    private Path file(byte[] bytes) throws IOException {
        return Files.write(folder.resolve("made-up.pdf"), bytes);
    }

    private static RawDrawing look(Path f, Wanted w) throws IOException {
        return DrawingReader.look(f, w, ReadLimits.DEFAULT, Progress.NONE);
    }

    private Refused.Why why(byte[] bytes, String password) throws IOException {
        try {
            look(file(bytes), Wanted.FIRST.with(password));
        } catch (Refused r) {
            return r.why();
        }
        throw new AssertionError("was read");
    }

    @Test void bracketsWithoutEndEndTheFileAndNotTheProgram() throws IOException {
        String deep = "%PDF-1.7\n1 0 obj\n" + "[".repeat(200_000) + "\nendobj\ntrailer << /Root 1 0 R >>\n%%EOF";
        assertThat(why(deep.getBytes(StandardCharsets.ISO_8859_1), "")).isEqualTo(Refused.Why.LOST);
    }

    @Test void bracketsInThePageKeepWhatCameBefore() {
        assertThat(PageFile.read("10 10 m 50 10 l S " + "[".repeat(200_000))).isEqualTo("line 10,10 50,10");
        assertThat(PageFile.read("10 10 m 50 10 l S " + "<< /A ".repeat(200_000))).isEqualTo("line 10,10 50,10");
    }

    @Test void aFormInItselfEnds() {
        PageFile f = new PageFile();
        int form = f.object("0 0 m 10 0 l S /F Do /F Do".getBytes(),
            "/Type /XObject /Subtype /Form /BBox [0 -5 100 50] /Resources << /XObject << /F 5 0 R >> >>");
        assertThat(form).isEqualTo(5);
        RawDrawing d = f.resources("/XObject << /F 5 0 R >>").content("/F Do")
            .drawing(new ReadLimits(1 << 30, 2000, 1_000_000, 1L << 30, 48, 1000));
        assertThat(d.report().count(Code.TOO_MANY_ENTITIES)).isEqualTo(1);
        assertThat(d.spaces().getFirst().entities()).hasSize(2000);
    }

    @Test void pagesInACircleAreRefused() throws IOException {
        String s = "%PDF-1.4\n1 0 obj\n<< /Type /Catalog /Pages 2 0 R >>\nendobj\n2 0 obj\n<< /Type /Pages /Kids [2 0 R] /Count 1 >>\nendobj\n"
            + "trailer << /Root 1 0 R >>\n%%EOF";
        assertThat(why(s.getBytes(StandardCharsets.ISO_8859_1), "")).isEqualTo(Refused.Why.LOST);
    }

    private static byte[] packed(int megabytes, byte[] first) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (DeflaterOutputStream z = new DeflaterOutputStream(out)) {
            z.write(first);
            byte[] blanks = new byte[1 << 20];
            Arrays.fill(blanks, (byte) ' ');
            for (int i = 0; i < megabytes; i++) z.write(blanks);
        }
        return out.toByteArray();
    }

    @Test void aPageThatUnpacksWithoutEndIsNotUnpacked() throws IOException {
        PageFile f = new PageFile();
        int bomb = f.object(packed(MORE_THAN_THERE_IS, "0 0 m 10 0 l S".getBytes()),
            "/Type /XObject /Subtype /Form /BBox [0 -5 100 50] /Filter /FlateDecode");
        RawDrawing d = f.resources("/XObject << /B " + bomb + " 0 R >>").content("10 10 m 50 10 l S /B Do").drawing();
        assertThat(PageFile.text(d)).isEqualTo("line 10,10 50,10");
        assertThat(d.report().count(Code.UNPACKS_TOO_FAR)).isEqualTo(1);
    }

    @Test void packedTwiceItIsNotUnpackedEither() throws IOException {
        ByteArrayOutputStream twice = new ByteArrayOutputStream();
        try (DeflaterOutputStream z = new DeflaterOutputStream(twice)) {
            z.write(packed(MORE_THAN_THERE_IS, new byte[0]));
        }
        RawDrawing d = new PageFile().content(twice.toByteArray(), "/Filter [/FlateDecode /FlateDecode]").drawing();
        assertThat(d.report().count(Code.UNPACKS_TOO_FAR)).isEqualTo(1);
    }

    @Test void objectsPackedWithoutEndAreRefused() throws IOException {
        PageFile f = PageFile.drawing("0 0 m 1 1 l S");
        f.object(packed(MORE_THAN_THERE_IS, new byte[0]), "/Type /ObjStm /N 1 /First 4 /Filter /FlateDecode");
        assertThat(why(f.bytes(), "")).isEqualTo(Refused.Why.LOST);
    }

    @Test void widthsOfTwoThousandMillionCharactersAreLeftOut() {
        PageFile f = new PageFile();
        int below = f.object("<< /Type /Font /Subtype /CIDFontType2 /BaseFont /X /CIDSystemInfo << /Registry (Adobe) /Ordering (Identity) /Supplement 0 >> "
            + "/W [3 2000000000 500] >>");
        int font = f.object("<< /Type /Font /Subtype /Type0 /BaseFont /X /Encoding /Identity-H /DescendantFonts [" + below + " 0 R] >>");
        RawDrawing d = f.resources("/Font << /F " + font + " 0 R >>").content("BT /F 10 Tf 10 10 Td <0003> Tj ET 10 10 m 50 10 l S")
            .drawing();
        assertThat(PageFile.text(d)).isEqualTo("line 10,10 50,10");
        assertThat(d.report().count(Code.UNPACKS_TOO_FAR)).isZero();
    }

    @Test void morePathsThanMayBeStopThere() {
        StringBuilder s = new StringBuilder();
        for (int i = 0; i < 5000; i++) s.append(i % 190).append(" 10 5 5 re S\n");
        RawDrawing d = PageFile.drawing(s.toString()).drawing(new ReadLimits(1 << 30, 1000, 1_000_000, 1L << 30, 48, 1000));
        assertThat(d.spaces().getFirst().entities().size()).isEqualTo(1000);
        assertThat(d.report().count(Code.TOO_MANY_ENTITIES)).isEqualTo(1);
    }

    @Test void readingIsStoppedWhereTheUserSaysStop() throws IOException {
        StringBuilder s = new StringBuilder();
        for (int i = 0; i < 20_000; i++) s.append("1 1 m 9 9 l S\n");
        Path f = file(PageFile.drawing(s.toString()).bytes());
        assertThatThrownBy(() -> DrawingReader.look(f, ReadLimits.DEFAULT, (_, done, _) -> {
            if (done > 10_000) throw new CancellationException();
        })).isInstanceOf(CancellationException.class);
    }

    private static byte[] locked(boolean mayCopy) throws IOException {
        try (PDDocument d = Loader.loadPDF(PageFile.drawing("10 10 m 50 10 l S").bytes())) {
            AccessPermission may = new AccessPermission();
            may.setCanExtractContent(mayCopy);
            StandardProtectionPolicy p = new StandardProtectionPolicy("owner", "user", may);
            p.setEncryptionKeyLength(128);
            d.protect(p);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            d.save(out);
            return out.toByteArray();
        }
    }

    @Test void aLockedFileAsksForItsPassword() throws IOException {
        assertThat(why(locked(true), "")).isEqualTo(Refused.Why.PASSWORD);
        assertThat(why(locked(true), "guess")).isEqualTo(Refused.Why.PASSWORD);
        assertThat(PageFile.text(look(file(locked(true)), Wanted.FIRST.with("user")))).isEqualTo("line 10,10 50,10");
        assertThat(Paged.count(file(locked(true)), "user")).isEqualTo(1);
    }

    @Test void withoutTheRightToCopyItIsNotReadButForItsOwner() throws IOException {
        assertThat(why(locked(false), "user")).isEqualTo(Refused.Why.NO_RIGHT);
        assertThat(PageFile.text(look(file(locked(false)), Wanted.FIRST.with("owner")))).isEqualTo("line 10,10 50,10");
    }

    @Test void aPageThatIsNotThereIsRefused() throws IOException {
        Path f = file(PageFile.drawing("").bytes());
        assertThatThrownBy(() -> look(f, Wanted.page(2))).isInstanceOf(Refused.class).hasMessageContaining("NO_SUCH_SPACE");
    }

    /** The demo's pages, spoiled: each ends in a drawing or in a refusal. */
    @Test void spoiledFilesEndInADrawingOrARefusal() throws IOException {
        byte[][] samples = {DemoDrawings.bytes(DemoDrawings.ANNEXE), DemoDrawings.bytes(DemoDrawings.OLD_SURVEY)};
        Seeds.each(120, seed -> {
            try {
                look(file(Spoil.of(samples[(int) (seed % samples.length)], new Random(seed))), Wanted.FIRST);
            } catch (Refused e) {
                assertThat(e.why()).isNotNull();
            } catch (IOException e) {
                throw new AssertionError("no reason in plain words", e);
            }
        });
    }
}
