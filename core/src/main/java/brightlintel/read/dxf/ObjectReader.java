package brightlintel.read.dxf;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/** Of the objects that draw nothing: the names of layouts and the files of pictures. */
final class ObjectReader {
    private final Map<String, String> layoutOfRecord = new HashMap<>();
    private final Map<String, String> pictureFiles = new HashMap<>();

    void object(String kind, Groups g) {
        if (kind.equals("LAYOUT")) layout(g);
        else if (kind.equals("IMAGEDEF")) pictureFiles.put(g.text(5, "").toUpperCase(Locale.ROOT), g.text(1, ""));
    }

    /** The same codes serve the page set-up before and the layout after the second marker. */
    private void layout(Groups g) {
        String name = "", record = "";
        boolean own = false;
        for (int i = 0; i < g.size(); i++) {
            if (g.code(i) == 100) own = "AcDbLayout".equals(g.text(i));
            else if (own && g.code(i) == 1) name = g.text(i);
            else if (own && g.code(i) == 330) record = g.text(i);
        }
        if (!name.isEmpty()) layoutOfRecord.put(record.toUpperCase(Locale.ROOT), name);
    }

    /** By the handle of the block record that holds the layout. */
    Map<String, String> layouts() {
        return layoutOfRecord;
    }

    /** By the handle of the picture's definition. */
    Map<String, String> pictureFiles() {
        return pictureFiles;
    }
}
