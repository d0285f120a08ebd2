package brightlintel.paint;

import brightlintel.geom.Point;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.GlyphData;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** Outlines of our own font, read once; glyphs are kept as polygons of height 1. */
public final class Fonts {
    public enum Weight { REGULAR, MEDIUM, SEMIBOLD }

    /** Figures that stand under each other need one width: the widest of 0..9. */
    private static final String FIGURES = "0123456789";
    private static final int CURVE_STEPS = 5;
    private static final Map<Weight, Face> FACES = new EnumMap<>(Weight.class);

    private Fonts() { }

    /** The font file, for whoever sets text by other means. */
    public static InputStream open(String file) {
        InputStream in = Fonts.class.getResourceAsStream(file);
        if (in == null) throw new IllegalStateException("font " + file + " is not in the application");
        return in;
    }

    public static String file(Weight w) {
        return switch (w) {
            case REGULAR -> "SourceSans3-Regular.ttf";
            case MEDIUM -> "SourceSans3-Medium.ttf";
            case SEMIBOLD -> "SourceSans3-Semibold.ttf";
        };
    }

    static synchronized Face face(Weight w) {
        return FACES.computeIfAbsent(w, Fonts::load);
    }

    private static Face load(Weight w) {
        try (InputStream in = open(file(w))) {
            return new Face(new TTFParser().parse(new RandomAccessReadBuffer(plain(in.readAllBytes()))));
        } catch (IOException e) {
            throw new IllegalStateException("font " + file(w) + " cannot be read", e);
        }
    }

    /**
     * The parser works out every table that it knows at once; those that put glyphs in place of others are never asked for here, and are
     * the longest.
     */
    private static byte[] plain(byte[] font) {
        int tables = (font[4] & 255) << 8 | font[5] & 255;
        for (int at = 12; at < 12 + 16 * tables; at += 16)
            if (font[at] == 'G' && font[at + 1] == 'S' && font[at + 2] == 'U' && font[at + 3] == 'B') font[at] = 'x';
        return font;
    }

    record Glyph(List<List<Point>> rings, double advance) { }

    static final class Face {
        private final TrueTypeFont font;
        private final CmapLookup cmap;
        private final double em;
        private final Map<Integer, Glyph> glyphs = new HashMap<>();

        Face(TrueTypeFont font) throws IOException {
            this.font = font;
            this.cmap = font.getUnicodeCmapLookup();
            this.em = font.getUnitsPerEm();
        }

        synchronized Glyph glyph(int codePoint) {
            return glyphs.computeIfAbsent(codePoint, this::make);
        }

        private Glyph make(int codePoint) {
            try {
                int id = cmap.getGlyphId(codePoint);
                if (id == 0 && codePoint == 0x202f) id = cmap.getGlyphId(0xa0);
                double advance = font.getAdvanceWidth(id) / em * (codePoint == 0x202f ? 0.6 : 1);
                GlyphData data = font.getGlyph().getGlyph(id);
                return new Glyph(data == null ? List.of() : rings(data.getPath().getPathIterator(null)), advance);
            } catch (IOException e) {
                return new Glyph(List.of(), 0.5);
            }
        }

        private List<List<Point>> rings(PathIterator it) {
            List<List<Point>> out = new ArrayList<>();
            List<Point> ring = new ArrayList<>();
            double[] c = new double[6];
            Point last = Point.ORIGIN;
            for (; !it.isDone(); it.next()) {
                int kind = it.currentSegment(c);
                switch (kind) {
                    case PathIterator.SEG_MOVETO -> {
                        if (ring.size() > 2) out.add(ring);
                        ring = new ArrayList<>();
                        ring.add(last = new Point(c[0], c[1]));
                    }
                    case PathIterator.SEG_LINETO -> ring.add(last = new Point(c[0], c[1]));
                    case PathIterator.SEG_QUADTO -> {
                        Point m = new Point(c[0], c[1]), e = new Point(c[2], c[3]);
                        for (int i = 1; i <= CURVE_STEPS; i++) {
                            double t = i / (double) CURVE_STEPS;
                            ring.add(last.towards(m, t).towards(m.towards(e, t), t));
                        }
                        last = e;
                    }
                    default -> { }
                }
            }
            if (ring.size() > 2) out.add(ring);
            return out.stream().map(r -> r.stream().map(p -> p.times(1 / em)).toList()).toList();
        }

        double figureWidth() {
            double w = 0;
            for (char c : FIGURES.toCharArray()) w = Math.max(w, glyph(c).advance());
            return w;
        }
    }
}
