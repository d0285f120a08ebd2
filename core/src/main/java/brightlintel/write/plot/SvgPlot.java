package brightlintel.write.plot;

import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** SVG 1.1 in millimetres: a group for each layer, text as text. */
public final class SvgPlot {
    /** Height of capitals over the size of the font. */
    private static final double CAPITALS = 0.66;
    private final StringBuilder out = new StringBuilder();
    private final double height;

    private SvgPlot(double height) {
        this.height = height;
    }

    public static void write(Plot p, OutputStream to) throws IOException {
        SvgPlot s = new SvgPlot(p.sheet().height());
        s.all(p);
        to.write(s.out.toString().getBytes(StandardCharsets.UTF_8));
    }

    private void all(Plot p) {
        String w = number(p.sheet().width()), h = number(p.sheet().height());
        out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"")
            .append(w)
            .append("mm\" height=\"").append(h).append("mm\" viewBox=\"0 0 ").append(w).append(' ').append(h).append("\">\n<title>")
            .append(escaped(p.title())).append("</title>\n");
        String open = null;
        for (Plot.Item i : p.items()) {
            if (!i.layer().equals(open)) {
                if (open != null) out.append("</g>\n");
                out.append("<g data-layer=\"").append(escaped(i.layer())).append("\">\n");
                open = i.layer();
            }
            item(i);
        }
        if (open != null) out.append("</g>\n");
        out.append("</svg>\n");
    }

    private void item(Plot.Item i) {
        switch (i) {
            case Plot.Stroke s -> {
                out.append("<path fill=\"none\" stroke=\"").append(colour(s.pen().rgb())).append("\" stroke-width=\"")
                    .append(number(s.pen().width()));
                if (!s.pen().dashes().isEmpty())
                    out.append("\" stroke-dasharray=\"")
                        .append(s.pen().dashes().stream().map(SvgPlot::number).collect(Collectors.joining(" ")));
                out.append("\" d=\"");
                path(s.chain(), s.closed());
                out.append("\"/>\n");
            }
            case Plot.Fill f -> {
                out.append("<path fill=\"").append(colour(f.rgb())).append("\" fill-rule=\"evenodd\" d=\"");
                for (List<Curve> r : f.rings()) path(r, true);
                out.append("\"/>\n");
            }
            case Plot.Label l -> label(l);
        }
    }

    private void path(List<Curve> chain, boolean closed) {
        if (chain.isEmpty()) return;
        out.append('M').append(at(chain.getFirst().first()));
        for (Curve c : chain)
            for (Point[] p : Cubics.of(c)) {
                out.append(p.length == 1 ? 'L' : 'C').append(at(p[0]));
                for (int k = 1; k < p.length; k++) out.append(' ').append(at(p[k]));
            }
        if (closed) out.append('Z');
    }

    private String at(Point p) {
        return number(p.x()) + " " + number(height - p.y());
    }

    private void label(Plot.Label l) {
        String anchor = switch (l.align()) {
            case LEFT -> "start";
            case CENTRE -> "middle";
            case RIGHT -> "end";
        };
        out.append("<text font-family=\"'Source Sans 3', sans-serif\" font-size=\"").append(number(l.height() / CAPITALS))
            .append("\" fill=\"")
            .append(colour(l.rgb())).append("\" text-anchor=\"").append(anchor);
        if (l.width() > 0) out.append("\" lengthAdjust=\"spacingAndGlyphs\" textLength=\"").append(number(l.width()));
        out.append("\" transform=\"translate(").append(at(l.at())).append(')');
        if (Math.abs(l.turn()) > 1e-9) out.append(" rotate(").append(number(-Math.toDegrees(l.turn()))).append(')');
        out.append("\">").append(escaped(l.text())).append("</text>\n");
    }

    private static String colour(int rgb) {
        return String.format("#%06x", rgb);
    }

    private static String number(double v) {
        String s = String.format(Locale.ROOT, "%.4f", v).replaceFirst("\\.?0+$", "");
        return s.equals("-0") ? "0" : s;
    }

    /** Characters that XML cannot hold are left out. */
    private static String escaped(String s) {
        StringBuilder b = new StringBuilder(s.length());
        s.codePoints().filter(c -> c >= 0x20 && c != 0xFFFE && c != 0xFFFF || c == '\t').forEach(c -> {
            switch (c) {
                case '<' -> b.append("&lt;");
                case '>' -> b.append("&gt;");
                case '&' -> b.append("&amp;");
                case '"' -> b.append("&quot;");
                default -> b.appendCodePoint(c);
            }
        });
        return b.toString();
    }
}
