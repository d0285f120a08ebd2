package brightlintel.notation;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.FileId;
import brightlintel.building.Placement;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.find.Finder;
import brightlintel.flatten.Flattening;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.DrawingReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;

/** A drawing as text, a stroke a line: {@code LAYER x0 y0 x1 y1} or {@code LAYER circle x y radius}, in file units. */
public final class Drawings {
    private Drawings() { }

    public static RawDrawing read(String text) throws IOException {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        for (String line : text.strip().split("\n")) {
            String[] w = line.strip().split("\\s+");
            if (w[1].equals("circle"))
                b.append("0\nCIRCLE\n8\n").append(w[0]).append("\n10\n").append(w[2]).append("\n20\n").append(w[3]).append("\n40\n")
                    .append(w[4]).append('\n');
            else b.append("0\nLINE\n8\n").append(w[0]).append("\n10\n").append(w[1]).append("\n20\n").append(w[2]).append("\n11\n")
                .append(w[3]).append("\n21\n").append(w[4]).append('\n');
        }
        return dxf(b + "0\nENDSEC\n0\nEOF\n");
    }

    /** The text of a whole DXF. */
    public static RawDrawing dxf(String text) throws IOException {
        Path f = Files.createTempFile("drawing", ".dxf");
        try {
            Files.writeString(f, text);
            return DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
        } finally {
            Files.deleteIfExists(f);
        }
    }

    /** Its model under the building. @param off layers set aside, in lower case */
    public static PlacedDrawing placed(RawDrawing d, Placement p, Set<String> off) {
        return placed(d, p, Clearing.ofLayers(off));
    }

    public static PlacedDrawing placed(RawDrawing d, Placement p, Clearing c) {
        return placed(d.sha256(), strokes(d), p, c);
    }

    public static PlacedDrawing placed(String sha256, Strokes s, Placement p, Clearing c) {
        Underlay u = new Underlay(UnderlayId.fresh(), FileId.fresh(), sha256, new SpaceKey.Model(), Optional.empty(), p, c, Appearance.faded(0), false);
        return new PlacedDrawing(u, s, new Finder(sha256, new SpaceKey.Model(), s));
    }

    /** Its model, flattened. */
    public static Strokes strokes(RawDrawing d) {
        return Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
    }
}
