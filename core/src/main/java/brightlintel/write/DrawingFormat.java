package brightlintel.write;

import brightlintel.drawing.RawDrawing;
import brightlintel.write.dwg.DwgWriter;
import brightlintel.write.dxf.DxfWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Formats in which a drawing can be written. */
public enum DrawingFormat {
    DXF, DWG;

    public String ending() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<DrawingFormat> of(String ending) {
        return Arrays.stream(values()).filter(f -> f.ending().equals(ending)).findFirst();
    }

    /** @return kinds that were left out, with their numbers */
    public Map<String, Integer> write(RawDrawing d, OutputStream to) throws IOException {
        return switch (this) {
            case DXF -> DxfWriter.write(d, to);
            case DWG -> DwgWriter.write(d, to);
        };
    }
}
