package brightlintel.demo;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/**
 * The drawings of the demo as they ship, made by {@link HeronQuayDrawings}, {@link AnnexeSheets} and {@link OldSurvey}. Run this class with
 * the resource folder to make them anew; a test tells when that is needed.
 */
public final class DemoDrawings {
    public static final String GROUND = "ground.dwg", UPPER = "upper.dxf", ANNEXE = "annexe.pdf", OLD_SURVEY = "old-survey.pdf";
    /** All of them. */
    public static final List<String> ALL = List.of(GROUND, UPPER, ANNEXE, OLD_SURVEY);

    private DemoDrawings() { }

    public static byte[] bytes(String name) throws IOException {
        try (InputStream in = DemoDrawings.class.getResourceAsStream(name)) {
            if (in == null) throw new IOException(name + " is missing in the program");
            return in.readAllBytes();
        }
    }

    public static void main(String[] args) throws IOException {
        Path folder = Files.createDirectories(Path.of(args[0]));
        Files.write(folder.resolve(GROUND), HeronQuayDrawings.groundDwg());
        Files.write(folder.resolve(UPPER), HeronQuayDrawings.upper().getBytes(StandardCharsets.UTF_8));
        Files.write(folder.resolve(ANNEXE), AnnexeSheets.bytes());
        Files.write(folder.resolve(OLD_SURVEY), OldSurvey.bytes());
    }
}
