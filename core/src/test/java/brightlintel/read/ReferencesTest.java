package brightlintel.read;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Project;
import brightlintel.building.Underlay;
import brightlintel.drawing.Code;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.edit.Receiving;
import brightlintel.flatten.Flattening;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Drawings and pictures that a drawing refers to. */
class ReferencesTest {
    @TempDir Path home;
    private Path folder;

    @BeforeEach void folder() throws IOException {
        folder = Files.createDirectories(home.resolve("drawings"));
    }

    private static String drawing(String blocks, String entities) {
        return "0\nSECTION\n2\nBLOCKS\n" + blocks + "0\nENDSEC\n0\nSECTION\n2\nENTITIES\n" + entities
            + "0\nENDSEC\n0\nSECTION\n2\nOBJECTS\n0\nIMAGEDEF\n5\nAB\n1\nscan.png\n0\nENDSEC\n0\nEOF\n";
    }

    private static String line(String layer, double x) {
        return "0\nLINE\n8\n" + layer + "\n10\n" + x + "\n20\n0\n11\n" + x + "\n21\n100\n";
    }

    private static String reference(String name, String path) {
        return "0\nBLOCK\n2\n" + name + "\n70\n4\n10\n0\n20\n0\n1\n" + path + "\n0\nENDBLK\n";
    }

    private static String insert(String name, double x) {
        return "0\nINSERT\n8\n0\n2\n" + name + "\n10\n" + x + "\n20\n0\n";
    }

    private Path write(String name, String text) throws IOException {
        Path f = folder.resolve(name);
        Files.createDirectories(f.getParent());
        return Files.writeString(f, text);
    }

    private static RawDrawing read(Path f) throws IOException {
        return DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
    }

    private static Strokes strokes(RawDrawing d) {
        return Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
    }

    private Path host(String path) throws IOException {
        return write("host.dxf", drawing(reference("GRID", path), line("OWN", 0) + insert("GRID", 1000)));
    }

    @Test void aDrawingBesideIsReadAtItsPlaceOnLayersOfItsName() throws IOException {
        write("axes/grid.dxf", drawing("", line("S-GRID", 5) + line("0", 7)));
        RawDrawing d = read(host("axes\\grid.dxf"));
        Strokes s = strokes(d);
        assertThat(s.size()).isEqualTo(3);
        assertThat(s.curveOf(1).at(0).plus(s.origin()).x()).isEqualTo(1005);
        assertThat(s.layers().get(s.layerOf(1)).name()).isEqualTo("GRID|S-GRID");
        assertThat(s.layers().get(s.layerOf(2)).name()).as("layer 0 takes the reference's").isEqualTo("0");
        assertThat(d.report().count(Code.EXTERNAL_READ)).isEqualTo(1);
        assertThat(d.companions().files()).singleElement().satisfies(e -> assertThat(e.path()).isEqualTo("axes\\grid.dxf"));
    }

    @Test void aPathOfAnotherMachineIsTriedByItsBareName() throws IOException {
        write("grid.dxf", drawing("", line("S-GRID", 5)));
        assertThat(strokes(read(host("Q:\\jobs\\quay\\grid.dxf"))).size()).isEqualTo(2);
    }

    @Test void whatIsNotThereIsNamed() throws IOException {
        RawDrawing d = read(host("gone.dwg"));
        assertThat(strokes(d).size()).isEqualTo(1);
        assertThat(d.report().entries()).anySatisfy(e -> {
            assertThat(e.code()).isEqualTo(Code.EXTERNAL_NOT_READ);
            assertThat(e.first().getFirst().values()).containsExactly("gone.dwg");
        });
    }

    @Test void nothingOutsideTheFolderIsTouched() throws IOException {
        Files.writeString(home.resolve("secret.dxf"), drawing("", line("S", 5)));
        for (String path : new String[] {"../secret.dxf", "sub/../../secret.dxf", home.resolve("secret.dxf").toString()}) {
            RawDrawing d = read(host(path));
            assertThat(strokes(d).size()).as(path).isEqualTo(1);
            assertThat(d.report().count(Code.EXTERNAL_OUTSIDE) + d.report().count(Code.EXTERNAL_NOT_READ)).isEqualTo(1);
        }
        Files.createSymbolicLink(folder.resolve("link.dxf"), home.resolve("secret.dxf"));
        RawDrawing d = read(host("link.dxf"));
        assertThat(d.report().count(Code.EXTERNAL_OUTSIDE)).isEqualTo(1);
        assertThat(strokes(d).size()).isEqualTo(1);
    }

    @Test void aCircleOfReferencesEnds() throws IOException {
        write("grid.dxf", drawing(reference("BACK", "host.dxf"), line("S-GRID", 5) + insert("BACK", 0)));
        assertThat(strokes(read(host("grid.dxf"))).size()).isEqualTo(2);
        write("host.dxf", drawing(reference("ME", "host.dxf"), line("OWN", 0) + insert("ME", 9)));
        RawDrawing d = read(folder.resolve("host.dxf"));
        assertThat(d.report().count(Code.EXTERNAL_IN_CIRCLE)).isEqualTo(1);
        assertThat(strokes(d).size()).isEqualTo(1);
    }

    @Test void aPictureBesideIsShownInItsFrameAndADamagedOneIsNamed() throws IOException {
        String image = "0\nIMAGE\n8\nSCAN\n10\n100\n20\n50\n11\n2\n21\n0\n12\n0\n22\n2\n13\n30\n23\n20\n340\nAB\n";
        Path host = write("host.dxf", drawing("", line("OWN", 0) + image));
        assertThat(read(host).report().count(Code.EXTERNAL_NOT_READ)).isEqualTo(1);
        BufferedImage b = new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB);
        b.setRGB(0, 19, 0xff0000);
        ImageIO.write(b, "png", folder.resolve("scan.png").toFile());
        Strokes s = strokes(read(host));
        assertThat(s.size()).as("a line and four edges of the frame").isEqualTo(5);
        assertThat(s.pictures()).singleElement().satisfies(p -> {
            assertThat(p.pixels().at(0, 19)).isEqualTo(0xffff0000);
            assertThat(p.map().apply(0, 0).plus(s.origin()).x()).isEqualTo(100);
            assertThat(p.map().apply(30, 20).plus(s.origin()).y()).isEqualTo(90);
        });
        Files.write(folder.resolve("scan.png"), new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10, 0, 0});
        assertThat(read(host).report().count(Code.EXTERNAL_NOT_READ)).isEqualTo(1);
    }

    @Test void aProjectKeepsWhatWasReadAlong() throws IOException {
        write("grid.dxf", drawing(reference("IN", "inner.dxf"), line("S-GRID", 5) + insert("IN", 40)));
        write("inner.dxf", drawing("", line("X", 1)));
        Path host = host("grid.dxf"), saved = home.resolve("p.lintel");
        DrawingShelf shelf = new DrawingShelf(new Originals(home.resolve("a")));
        DrawingShelf.Shelved got = shelf.take(host, Progress.NONE);
        assertThat(got.strokes().size()).isEqualTo(3);
        Project empty = Project.empty("P", "Ground");
        Project p = Receiving.receive(new Receiving.Arrived("host.dxf", 1, ""), got.arrival(), empty.storeys().getFirst().id())
            .apply(empty);
        ProjectFile.save(p, shelf.originals(), saved);
        for (String f : new String[] {"host.dxf", "grid.dxf", "inner.dxf"}) Files.delete(folder.resolve(f));
        DrawingShelf fresh = new DrawingShelf(new Originals(home.resolve("b")));
        Underlay u = ProjectFile.open(saved, fresh.originals(), "Ground").project().underlays().getFirst();
        assertThat(fresh.of(u, Progress.NONE).strokes().size()).isEqualTo(3);
    }
}
