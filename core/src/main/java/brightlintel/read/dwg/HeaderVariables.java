package brightlintel.read.dwg;

import brightlintel.geom.Vec3;
import java.nio.charset.Charset;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The drawing's settings: one long row of values without names, of which those are kept that speak of size. Since 2007 texts and references
 * stand apart and take no room in the row.
 */
final class HeaderVariables {
    private final Version version;
    private final boolean longSize;
    private final Map<String, String> words = new LinkedHashMap<>();
    private final Strings texts;
    private Bits in;

    private HeaderVariables(Version version, Charset charset, boolean longSize) {
        this.version = version;
        this.longSize = longSize;
        texts = new Strings(version, charset);
    }

    /**
     * @param maintenance release within the version, which changes how long the size is
     * @return what was read up to where the row made no sense, by the names of the text form
     */
    static Map<String, String> read(Container c, int maintenance) {
        HeaderVariables h = new HeaderVariables(c.version(), c.charset(), c.version().longSizes(maintenance));
        try {
            h.in = new Bits(c.header(), 8L * Marks.HEADER.length, 8L * (c.header().length - Bits.ROOM));
            h.texts.over(h.in, null);
            h.all();
        } catch (Damaged e) {
            // what came before stands
        }
        if (c.metric() >= 0) h.words.put("$MEASUREMENT", Integer.toString(c.metric() != 0 ? 1 : 0));
        return h.words;
    }

    private boolean apart() {
        return version.from(Version.R2007);
    }

    private void texts(int n) {
        if (!apart()) for (int i = 0; i < n; i++) texts.text();
    }

    private void references(int n) {
        if (!apart()) for (int i = 0; i < n; i++) in.handle(0);
    }

    private void doubles(int n) {
        for (int i = 0; i < n; i++) in.bitDouble();
    }

    private void shorts(int n) {
        for (int i = 0; i < n; i++) in.bitShort();
    }

    private void longs(int n) {
        for (int i = 0; i < n; i++) in.bitLong();
    }

    private void points(int n) {
        doubles(3 * n);
    }

    private void bits(int n) {
        in.skip(n);
    }

    private void colours(int n) {
        for (int i = 0; i < n; i++) Colours.read(in, version, texts);
    }

    private void word(String name, double v) {
        if (Double.isFinite(v)) words.put(name, Double.toString(v));
    }

    private void point(String name, Vec3 p) {
        if (p.isFinite()) words.put(name, p.x() + " " + p.y() + " " + p.z());
    }

    private void all() {
        in.rawLong();
        if (longSize) in.rawLong();
        if (apart()) in.rawLong();
        if (version.from(Version.R2013)) in.bitLongLong();
        doubles(4);
        texts(4);
        longs(2);
        if (!version.from(Version.R2004)) references(1);
        bits(9);
        if (version.from(Version.R2004)) bits(1);
        bits(4 + 2 + 3 + 2);
        shorts(2);
        words.put("$LUNITS", Integer.toString(in.bitShort()));
        shorts(5);
        if (version.from(Version.R2004)) longs(3);
        shorts(5 + 15 - 1);
        word("$LTSCALE", in.bitDouble());
        doubles(4 + 4 + 5 + 4 + 3);
        if (!apart()) texts(1);
        longs(4);
        if (version.from(Version.R2004)) longs(3);
        longs(4);
        colours(1);
        // the next free handle stands in the row whatever the version
        in.handle(0);
        references(5);
        spaces();
        dimensions();
        units();
    }

    /** The sheet's, then the model's: base point, extents, limits and coordinate systems. */
    private void spaces() {
        in.bitDouble();
        for (String p : new String[] {"$P", "$"}) {
            point(p + "INSBASE", in.bitPoint());
            point(p + "EXTMIN", in.bitPoint());
            point(p + "EXTMAX", in.bitPoint());
            point(p + "LIMMIN", in.rawPoint(0));
            point(p + "LIMMAX", in.rawPoint(0));
            in.bitDouble();
            points(3);
            references(2);
            shorts(1);
            references(1);
            points(6);
        }
    }

    private void dimensions() {
        texts(2);
        word("$DIMSCALE", in.bitDouble());
        doubles(8);
        if (apart()) {
            doubles(2);
            shorts(1);
            colours(1);
        }
        bits(6);
        shorts(3);
        if (apart()) shorts(1);
        word("$DIMTXT", in.bitDouble());
        doubles(3);
        word("$DIMLFAC", in.bitDouble());
        doubles(3 + 1);
        bits(1);
        shorts(1);
        bits(4);
        colours(3);
        shorts(11);
        bits(2);
        shorts(4);
        bits(1);
        shorts(1);
        if (apart()) bits(1);
        if (version.from(Version.R2010)) {
            bits(1);
            doubles(2);
        }
        references(5);
        shorts(2);
    }

    private void units() {
        references(9);
        if (!version.from(Version.R2004)) references(1);
        references(3);
        shorts(2);
        texts(2);
        references(3);
        if (version.from(Version.R2004)) references(2);
        in.bitLong();
        words.put("$INSUNITS", Integer.toString(in.bitShort()));
    }
}
