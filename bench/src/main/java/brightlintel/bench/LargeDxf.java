package brightlintel.bench;

import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Random;

/** Writes large drawings of made-up plans. The same bytes for the same numbers. */
public final class LargeDxf {
    private static final int LAYERS = 150;
    private final Random r;
    private final BufferedWriter out;
    private final double x0, y0;
    private String format = "%.6f";

    private LargeDxf(BufferedWriter out, long seed, double x0, double y0) {
        this.out = out;
        this.r = new Random(seed);
        this.x0 = x0;
        this.y0 = y0;
    }

    /** Lines, polylines, arcs, circles, splines, texts and nested, mirrored blocks on 150 layers, 10 km away; millimetres. */
    public static void mixed(Path file, int entities) throws IOException {
        try (BufferedWriter out = Files.newBufferedWriter(file)) {
            LargeDxf d = new LargeDxf(out, 1, 10_000_000, 4_000_000);
            d.head();
            d.blocks();
            d.p(0, "SECTION").p(2, "ENTITIES");
            for (int i = 0; i < entities; i++) d.one(i);
            d.p(0, "ENDSEC").p(0, "EOF");
        }
    }

    /** Lines, six-vertex polylines and arcs in equal parts, all digits that a double has: the plainest heavy plan. */
    public static void plain(Path file, int entities) throws IOException {
        try (BufferedWriter out = Files.newBufferedWriter(file)) {
            LargeDxf d = new LargeDxf(out, 2, 5000, 3000);
            d.format = "%.12f";
            d.head();
            d.p(0, "SECTION").p(2, "ENTITIES");
            for (int i = 0; i < entities; i++)
                switch (i % 3) {
                    case 0 -> d.line(d.layer());
                    case 1 -> d.polyline(d.layer(), 6);
                    default -> d.arc(d.layer());
                }
            d.p(0, "ENDSEC").p(0, "EOF");
        }
    }

    private LargeDxf p(int code, String value) throws IOException {
        out.write(Integer.toString(code));
        out.write('\n');
        out.write(value);
        out.write('\n');
        return this;
    }

    private LargeDxf p(int code, double v) throws IOException {
        return p(code, String.format(Locale.ROOT, format, v));
    }

    private void head() throws IOException {
        p(0, "SECTION").p(2, "HEADER").p(9, "$ACADVER").p(1, "AC1015").p(9, "$INSUNITS").p(70, "4").p(0, "ENDSEC").p(0, "SECTION")
            .p(2, "TABLES").p(0, "TABLE").p(2, "LAYER");
        for (int i = 0; i < LAYERS; i++) p(0, "LAYER").p(2, "L-" + i).p(70, i % 40 == 7 ? "1" : "0").p(62, Integer.toString(i % 250 + 1));
        p(0, "ENDTAB").p(0, "ENDSEC");
    }

    private void blocks() throws IOException {
        p(0, "SECTION").p(2, "BLOCKS");
        for (int b = 0; b < 20; b++) {
            p(0, "BLOCK").p(2, "B" + b).p(10, 0.0).p(20, 0.0);
            for (int i = 0; i < 6; i++)
                p(0, "LINE").p(8, "0").p(10, r.nextDouble() * 900).p(20, r.nextDouble() * 900).p(11, r.nextDouble() * 900)
                    .p(21, r.nextDouble() * 900);
            if (b > 0)
                p(0, "INSERT").p(8, "0").p(2, "B" + (b - 1) / 2).p(10, 200.0).p(20, 100.0).p(41, b % 2 == 0 ? "-0.5" : "0.5").p(42, "0.5")
                    .p(50, 30.0);
            p(0, "ENDBLK");
        }
        p(0, "ENDSEC");
    }

    private String layer() {
        return "L-" + r.nextInt(LAYERS);
    }

    private void one(int i) throws IOException {
        switch (i % 20) {
            case 0, 1, 2, 3, 4, 5, 6, 7, 8 -> line(layer());
            case 9, 10, 11, 12 -> polyline(layer(), 4 + r.nextInt(4));
            case 13, 14 -> arc(layer());
            case 15 -> p(0, "CIRCLE").p(8, layer()).p(10, x()).p(20, y()).p(40, 50 + r.nextDouble() * 500);
            case 16 -> spline();
            case 17 -> p(0, "TEXT").p(8, layer()).p(10, x()).p(20, y()).p(40, 200.0).p(1, "Room " + i).p(50, r.nextInt(4) * 90.0);
            default -> p(0, "INSERT").p(8, layer()).p(2, "B" + r.nextInt(20)).p(10, x()).p(20, y()).p(41, r.nextBoolean() ? "1" : "-1")
                .p(42, "1").p(50, r.nextInt(8) * 45.0);
        }
    }

    private double x() {
        return x0 + r.nextDouble() * 120_000;
    }

    private double y() {
        return y0 + r.nextDouble() * 80_000;
    }

    private void line(String layer) throws IOException {
        double x = x(), y = y();
        boolean along = r.nextBoolean();
        double l = 300 + r.nextDouble() * 4000;
        p(0, "LINE").p(8, layer).p(10, x).p(20, y).p(11, along ? x + l : x).p(21, along ? y : y + l);
    }

    private void polyline(String layer, int n) throws IOException {
        double x = x(), y = y();
        p(0, "LWPOLYLINE").p(8, layer).p(90, Integer.toString(n)).p(70, "1");
        for (int i = 0; i < n; i++) p(10, x + 800 * Math.cos(i * 6.28 / n)).p(20, y + 500 * Math.sin(i * 6.28 / n));
    }

    private void arc(String layer) throws IOException {
        p(0, "ARC").p(8, layer).p(10, x()).p(20, y()).p(40, 100 + r.nextDouble() * 900).p(50, r.nextInt(360)).p(51, r.nextInt(360));
    }

    private void spline() throws IOException {
        p(0, "SPLINE").p(8, layer()).p(70, "8").p(71, "3");
        for (int k : new int[] {0, 0, 0, 0, 1, 2, 3, 3, 3, 3}) p(40, k);
        double x = x(), y = y();
        for (int i = 0; i < 6; i++) p(10, x + i * 300).p(20, y + r.nextDouble() * 600);
    }
}
