package brightlintel.read.dxf;

import brightlintel.drawing.Paper;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Of the objects that draw nothing: the names of layouts and the files of pictures. */
final class ObjectReader {
    private final Map<String, Sheet> layoutOfRecord = new HashMap<>();
    private final Map<String, String> pictureFiles = new HashMap<>();

    /** A layout's name and, where it says so, its paper. */
    record Sheet(String name, Optional<Paper> paper) { }

    void object(String kind, Groups g) {
        if (kind.equals("LAYOUT")) layout(g);
        else if (kind.equals("IMAGEDEF")) pictureFiles.put(g.text(5, "").toUpperCase(Locale.ROOT), g.text(1, ""));
    }

    /** The same codes serve the page set-up before and the layout after the second marker. */
    private void layout(Groups g) {
        String name = "", record = "";
        double width = 0, height = 0;
        int unit = -1;
        boolean own = false;
        for (int i = 0; i < g.size(); i++) {
            if (g.code(i) == 100) own = "AcDbLayout".equals(g.text(i));
            else if (own && g.code(i) == 1) name = g.text(i);
            else if (own && g.code(i) == 330) record = g.text(i);
            else if (!own && g.code(i) == 44) width = g.number(i);
            else if (!own && g.code(i) == 45) height = g.number(i);
            else if (!own && g.code(i) == 72) unit = (int) g.number(i);
        }
        if (!name.isEmpty()) layoutOfRecord.put(record.toUpperCase(Locale.ROOT), new Sheet(name, Paper.ofLayout(width, height, unit)));
    }

    /** By the handle of the block record that holds the layout. */
    Map<String, Sheet> layouts() {
        return layoutOfRecord;
    }

    /** By the handle of the picture's definition. */
    Map<String, String> pictureFiles() {
        return pictureFiles;
    }
}
