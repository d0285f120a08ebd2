package brightlintel.demo;

import brightlintel.geom.Affine;
import brightlintel.geom.Angles;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** Writes a drawing exchange file shape by shape: as much of the format as the demo needs. Every shape goes through one map first. */
public final class DxfSketch {
    private final Map<String, String> header = new TreeMap<>();
    private final Map<String, int[]> layers = new LinkedHashMap<>();
    private final Map<String, double[]> lineTypes = new LinkedHashMap<>();
    private final Map<String, String> lineTypeOf = new LinkedHashMap<>();
    private final Map<String, StringBuilder> blocks = new LinkedHashMap<>();
    private StringBuilder body = new StringBuilder();
    private final StringBuilder model = body;
    private Affine map = Affine.IDENTITY;
    private int handle = 0x100;
    private boolean unbroken;
    private int dimensions;

    /** @param map from the sketch's coordinates (metres) to the file's; blocks are written as they are */
    public DxfSketch map(Affine m) {
        map = m;
        return this;
    }

    public DxfSketch header(String name, String groups) {
        header.put(name, groups);
        return this;
    }

    /** @param flags 1 frozen, 4 locked; a negative colour is off */
    public DxfSketch layer(String name, int colour, int flags) {
        layers.put(name, new int[] {colour, flags});
        return this;
    }

    /** Dashes positive, gaps negative, file units. */
    public DxfSketch lineType(String name, String layer, double... dashes) {
        lineTypes.put(name, dashes);
        lineTypeOf.put(layer, name);
        return this;
    }

    private void lineTypes(StringBuilder out) {
        out.append("0\nTABLE\n2\nLTYPE\n70\n").append(lineTypes.size()).append('\n');
        lineTypes.forEach((name, dashes) -> {
            out.append("0\nLTYPE\n100\nAcDbSymbolTableRecord\n100\nAcDbLinetypeTableRecord\n2\n").append(name)
                .append("\n70\n0\n3\n\n72\n65\n73\n").append(dashes.length)
                .append("\n40\n").append(Arrays.stream(dashes).map(Math::abs).sum()).append('\n');
            for (double d : dashes) out.append("49\n").append(d).append("\n74\n0\n");
        });
        out.append("0\nENDTAB\n");
    }

    private StringBuilder g(int code, Object value) {
        return body.append(code).append('\n').append(value instanceof Double d
            ? String.format(Locale.ROOT, "%.9f", d).replaceFirst("(\\.\\d*?[0-9])0+$", "$1") : value).append('\n');
    }

    private void begin(String kind, String layer, String marker) {
        g(0, kind);
        g(5, Integer.toHexString(handle++).toUpperCase(Locale.ROOT));
        g(100, "AcDbEntity");
        g(8, layer);
        if (unbroken) g(6, "Continuous");
        g(100, marker);
    }

    /** What is drawn meanwhile is not broken, whatever its layer's line type. */
    public void unbroken(Runnable drawing) {
        unbroken = true;
        drawing.run();
        unbroken = false;
    }

    private void at(int code, Point p) {
        g(code, p.x());
        g(code + 10, p.y());
        g(code + 20, 0.0);
    }

    private Affine m() {
        return body == model ? map : Affine.IDENTITY;
    }

    public void line(String layer, Point a, Point b) {
        begin("LINE", layer, "AcDbLine");
        at(10, m().apply(a));
        at(11, m().apply(b));
    }

    public void circle(String layer, Point c, double radius) {
        begin("CIRCLE", layer, "AcDbCircle");
        at(10, m().apply(c));
        g(40, radius * m().meanScale());
    }

    /** Counter-clockwise from one angle to another, radians. */
    public void arc(String layer, Point c, double radius, double from, double to) {
        begin("ARC", layer, "AcDbCircle");
        double turn = Math.atan2(m().b(), m().a());
        at(10, m().apply(c));
        g(40, radius * m().meanScale());
        g(100, "AcDbArc");
        g(50, Math.toDegrees(Angles.positive(from + turn)));
        g(51, Math.toDegrees(Angles.positive(to + turn)));
    }

    public void piece(String layer, Piece p) {
        if (p.isStraight()) {
            line(layer, p.a(), p.b());
            return;
        }
        double a = p.a().minus(p.centre()).angle(), b = p.b().minus(p.centre()).angle();
        arc(layer, p.centre(), p.radius(), p.bulge() > 0 ? a : b, p.bulge() > 0 ? b : a);
    }

    /** @param bulges one a point, or none */
    public void polyline(String layer, boolean closed, List<Point> points, double... bulges) {
        begin("LWPOLYLINE", layer, "AcDbPolyline");
        g(90, points.size());
        g(70, closed ? 1 : 0);
        for (int i = 0; i < points.size(); i++) {
            Point p = m().apply(points.get(i));
            g(10, p.x());
            g(20, p.y());
            if (i < bulges.length && bulges[i] != 0) g(42, bulges[i]);
        }
    }

    public void spline(String layer, List<Point> controls) {
        begin("SPLINE", layer, "AcDbSpline");
        int n = controls.size();
        g(70, 8);
        g(71, 3);
        g(72, n + 4);
        g(73, n);
        g(74, 0);
        for (int i = 0; i < n + 4; i++) g(40, (double) Math.clamp(i - 3, 0, n - 3));
        for (Point p : controls) at(10, m().apply(p));
    }

    public void text(String layer, Point p, double height, double angle, String text, boolean centred) {
        begin("TEXT", layer, "AcDbText");
        double turn = Math.toDegrees(angle + Math.atan2(m().b(), m().a()));
        at(10, m().apply(p));
        g(40, height * m().meanScale());
        g(1, text);
        g(50, turn);
        if (centred) {
            g(72, 1);
            at(11, m().apply(p));
        }
        g(100, "AcDbText");
        if (centred) g(73, 2);
    }

    public void mtext(String layer, Point p, double height, String text) {
        begin("MTEXT", layer, "AcDbMText");
        at(10, m().apply(p));
        g(40, height * m().meanScale());
        g(71, 5);
        g(1, text);
        g(50, Math.toDegrees(Math.atan2(m().b(), m().a())));
    }

    /** @param sx, sy may be negative: mirrored */
    public void insert(String layer, String block, Point p, double sx, double sy, double angle) {
        begin("INSERT", layer, "AcDbBlockReference");
        g(2, block);
        at(10, m().apply(p));
        double k = m().meanScale();
        g(41, sx * k);
        g(42, sy * k);
        g(43, k);
        g(50, Math.toDegrees(angle + Math.atan2(m().b(), m().a())));
    }

    public void hatch(String layer, List<Point> outline, String pattern) {
        begin("HATCH", layer, "AcDbHatch");
        at(10, Point.ORIGIN);
        g(210, 0.0);
        g(220, 0.0);
        g(230, 1.0);
        g(2, pattern);
        g(70, pattern.equals("SOLID") ? 1 : 0);
        g(71, 0);
        g(91, 1);
        g(92, 2);
        g(72, 0);
        g(73, 1);
        g(93, outline.size());
        for (Point p : outline) {
            Point q = m().apply(p);
            g(10, q.x());
            g(20, q.y());
        }
        g(97, 0);
        g(75, 0);
        g(76, 1);
        if (!pattern.equals("SOLID")) {
            g(52, 0.0);
            g(41, 1.0);
            g(77, 0);
            g(78, 1);
            g(53, 45.0);
            g(43, 0.0);
            g(44, 0.0);
            g(45, -0.2 * m().meanScale());
            g(46, 0.2 * m().meanScale());
            g(79, 0);
        }
        g(98, 0);
    }

    /** An aligned dimension with the block that draws it. */
    public void dimension(String layer, Point a, Point b, double off, String text) {
        String block = "*D" + ++dimensions;
        Point d = b.minus(a).unit(), n = d.left(), pa = a.plus(n.times(off)), pb = b.plus(n.times(off));
        StringBuilder keep = body;
        body = blocks.computeIfAbsent(block, _ -> new StringBuilder());
        double k = map.meanScale();
        Point qa = map.apply(pa), qb = map.apply(pb), dd = qb.minus(qa).unit(), nn = dd.left();
        line("0", qa, qb);
        for (Point q : List.of(qa, qb)) {
            line("0", q.minus(nn.times(0.25 * k)), q.plus(nn.times(0.25 * k)));
            line("0", q.minus(dd.plus(nn).times(0.15 * k)), q.plus(dd.plus(nn).times(0.15 * k)));
        }
        text("0", qa.towards(qb, 0.5).plus(nn.times(0.3 * k)), 0.25 * k, dd.angle(), text, true);
        body = keep;
        begin("DIMENSION", layer, "AcDbDimension");
        g(2, block);
        at(10, map.apply(pb));
        at(11, map.apply(pa.towards(pb, 0.5).plus(n.times(0.3))));
        g(70, 33);
        g(42, a.distance(b) * k);
        g(100, "AcDbAlignedDimension");
        at(13, map.apply(a));
        at(14, map.apply(b));
    }

    /** What is drawn until {@link #endBlock()} goes into a block. */
    public void beginBlock(String name) {
        body = blocks.computeIfAbsent(name, _ -> new StringBuilder());
    }

    public void endBlock() {
        body = model;
    }

    @Override public String toString() {
        StringBuilder out = new StringBuilder("0\nSECTION\n2\nHEADER\n9\n$ACADVER\n1\nAC1015\n9\n$HANDSEED\n5\nFFFFF\n");
        header.forEach((n, v) -> out.append("9\n").append(n).append('\n').append(v).append('\n'));
        out.append("0\nENDSEC\n0\nSECTION\n2\nTABLES\n");
        lineTypes(out);
        out.append("0\nTABLE\n2\nLAYER\n5\n2\n100\nAcDbSymbolTable\n70\n").append(layers.size()).append('\n');
        int h = 0x10;
        for (Map.Entry<String, int[]> l : layers.entrySet())
            out.append("0\nLAYER\n5\n").append(Integer.toHexString(h++).toUpperCase(Locale.ROOT))
                .append("\n100\nAcDbSymbolTableRecord\n100\nAcDbLayerTableRecord\n2\n").append(l.getKey())
                .append("\n70\n").append(l.getValue()[1]).append("\n62\n").append(l.getValue()[0]).append("\n6\n")
                .append(lineTypeOf.getOrDefault(l.getKey(), "CONTINUOUS")).append('\n');
        out.append("0\nENDTAB\n0\nENDSEC\n0\nSECTION\n2\nBLOCKS\n");
        int bh = 0x50000;
        for (Map.Entry<String, StringBuilder> b : blocks.entrySet()) {
            out.append("0\nBLOCK\n5\n").append(Integer.toHexString(bh++).toUpperCase(Locale.ROOT))
                .append("\n100\nAcDbEntity\n8\n0\n100\nAcDbBlockBegin\n2\n").append(b.getKey())
                .append("\n70\n").append(b.getKey().startsWith("*") ? 1 : 0).append("\n10\n0.0\n20\n0.0\n30\n0.0\n3\n").append(b.getKey())
                .append('\n').append(b.getValue());
            out.append("0\nENDBLK\n5\n").append(Integer.toHexString(bh++).toUpperCase(Locale.ROOT))
                .append("\n100\nAcDbEntity\n8\n0\n100\nAcDbBlockEnd\n");
        }
        return out.append("0\nENDSEC\n0\nSECTION\n2\nENTITIES\n").append(model).append("0\nENDSEC\n0\nEOF\n").toString();
    }
}
