package brightlintel.notation;

import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.read.DrawingReader;
import brightlintel.read.ReadLimits;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A drawing as text, a stroke a line: {@code LAYER x0 y0 x1 y1} or {@code LAYER circle x y radius}, in file units. */
public final class Drawings {
    private Drawings() { }

    public static RawDrawing read(String text) throws IOException {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        for (String line : text.strip().split("\n")) {
            String[] w = line.strip().split("\\s+");
            if (w[1].equals("circle")) b.append("0\nCIRCLE\n8\n").append(w[0]).append("\n10\n").append(w[2]).append("\n20\n").append(w[3]).append("\n40\n").append(w[4]).append('\n');
            else b.append("0\nLINE\n8\n").append(w[0]).append("\n10\n").append(w[1]).append("\n20\n").append(w[2]).append("\n11\n").append(w[3]).append("\n21\n").append(w[4]).append('\n');
        }
        Path f = Files.createTempFile("drawing", ".dxf");
        try {
            Files.writeString(f, b + "0\nENDSEC\n0\nEOF\n");
            return DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
        } finally {
            Files.deleteIfExists(f);
        }
    }
}
