package brightlintel.write;

import brightlintel.drawing.Format;
import brightlintel.drawing.Header;
import brightlintel.drawing.Paper;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Space;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A page as a drawing of the exchange formats, which keep what is drawn in their model. */
public final class OnPaper {
    private OnPaper() { }

    /** Coordinates stay as they are: points of the page. Other drawings are left alone. */
    public static RawDrawing inModel(RawDrawing d) {
        if (!d.format().isPaged()) return d;
        Map<String, String> words = new LinkedHashMap<>();
        boolean points = d.format() == Format.PDF && d.spaces().getFirst().paper().map(Paper::metresPerUnit).isPresent();
        // points are in no unit of the format; what the sheet is in is said where it can be
        words.put("$INSUNITS", "0");
        words.put("$MEASUREMENT", points ? "1" : "0");
        return new RawDrawing(d.sha256(), d.format(), d.version(), new Header(words), d.layers(), d.tables(),
            List.of(Space.model(d.spaces().getFirst().entities())), d.blocks(), d.companions(), d.report());
    }
}
