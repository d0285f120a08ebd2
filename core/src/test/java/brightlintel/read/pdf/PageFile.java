package brightlintel.read.pdf;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Point;
import brightlintel.read.DrawingReader;
import brightlintel.read.Wanted;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A file of one page, written object by object, so that the test shows what stands in it. */
final class PageFile {
    private final List<byte[]> objects = new ArrayList<>();
    private String page = "/MediaBox [0 0 200 100]", resources = "", catalog = "";

    PageFile() {
        // 1 catalog, 2 pages, 3 page, 4 content
        for (int i = 0; i < 4; i++) objects.add(new byte[0]);
    }

    static PageFile drawing(String content) {
        return new PageFile().content(content);
    }

    /** What a page of 200 by 100 points paints. */
    static String read(String content) {
        return drawing(content).strokes();
    }

    PageFile content(String text) {
        return content(text.getBytes(StandardCharsets.ISO_8859_1), "");
    }

    PageFile content(byte[] bytes, String dictionary) {
        objects.set(3, stream(bytes, dictionary));
        return this;
    }

    PageFile page(String entries) {
        page = entries;
        return this;
    }

    PageFile resources(String entries) {
        resources = entries;
        return this;
    }

    PageFile catalog(String entries) {
        catalog = entries;
        return this;
    }

    /** @return its number */
    int object(String text) {
        objects.add(text.getBytes(StandardCharsets.ISO_8859_1));
        return objects.size();
    }

    int object(byte[] bytes, String dictionary) {
        objects.add(stream(bytes, dictionary));
        return objects.size();
    }

    static byte[] stream(byte[] bytes, String dictionary) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(("<< /Length " + bytes.length + " " + dictionary + " >>\nstream\n").getBytes(StandardCharsets.ISO_8859_1));
        out.writeBytes(bytes);
        out.writeBytes("\nendstream".getBytes(StandardCharsets.ISO_8859_1));
        return out.toByteArray();
    }

    byte[] bytes() {
        objects.set(0, ("<< /Type /Catalog /Pages 2 0 R " + catalog + " >>").getBytes(StandardCharsets.ISO_8859_1));
        objects.set(1, "<< /Type /Pages /Kids [3 0 R] /Count 1 >>".getBytes(StandardCharsets.ISO_8859_1));
        objects.set(2, ("<< /Type /Page /Parent 2 0 R /Contents 4 0 R /Resources << " + resources + " >> " + page + " >>")
            .getBytes(StandardCharsets.ISO_8859_1));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes("%PDF-1.7\n".getBytes(StandardCharsets.ISO_8859_1));
        StringBuilder table = new StringBuilder("xref\n0 " + (objects.size() + 1) + "\n0000000000 65535 f \n");
        for (int i = 0; i < objects.size(); i++) {
            table.append(String.format("%010d 00000 n \n", out.size()));
            out.writeBytes(((i + 1) + " 0 obj\n").getBytes(StandardCharsets.ISO_8859_1));
            out.writeBytes(objects.get(i));
            out.writeBytes("\nendobj\n".getBytes(StandardCharsets.ISO_8859_1));
        }
        int at = out.size();
        out.writeBytes((table + "trailer\n<< /Size " + (objects.size() + 1) + " /Root 1 0 R >>\nstartxref\n" + at + "\n%%EOF\n")
            .getBytes(StandardCharsets.ISO_8859_1));
        return out.toByteArray();
    }

    RawDrawing drawing() {
        return drawing(ReadLimits.DEFAULT);
    }

    RawDrawing drawing(ReadLimits limits) {
        return drawing(bytes(), limits);
    }

    static RawDrawing drawing(byte[] bytes, ReadLimits limits) {
        try {
            Path f = Files.createTempFile("page", ".pdf");
            try {
                Files.write(f, bytes);
                return DrawingReader.look(f, Wanted.FIRST, limits, Progress.NONE);
            } finally {
                Files.delete(f);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    String strokes() {
        return text(drawing());
    }

    static Strokes flat(RawDrawing d) {
        return Flattening.of(d, d.spaces().getFirst().key(), ReadLimits.DEFAULT, Progress.NONE);
    }

    /** Shapes in the order of painting, lengths to a hundredth of a point. */
    static String text(RawDrawing d) {
        return d.space(new SpaceKey.Page(1)).orElseThrow().entities().stream().map(PageFile::text).collect(Collectors.joining("\n"));
    }

    private static String text(Entity e) {
        String dashed = e.style().lineType().isEmpty() ? "" : " [" + e.style().lineType() + "]";
        return switch (e) {
            case Entity.Line l -> "line " + at(l.a().flat()) + " " + at(l.b().flat()) + dashed;
            case Entity.Circle c -> "circle " + at(c.centre().flat()) + " r " + n(c.radius()) + dashed;
            case Entity.Arc a -> "arc " + at(a.centre().flat()) + " r " + n(a.radius()) + " " + n(Math.toDegrees(a.start())) + ".."
                + n(Math.toDegrees(a.end())) + dashed;
            case Entity.Polyline p -> {
                StringBuilder b = new StringBuilder(p.closed() ? "ring" : "chain");
                for (int i = 0; i < p.size(); i++) {
                    b.append(' ').append(at(new Point(p.points().get(4 * i), p.points().get(4 * i + 1))));
                    if (p.points().get(4 * i + 3) != 0) b.append('~').append(n(p.points().get(4 * i + 3)));
                }
                yield b + dashed;
            }
            case Entity.Spline s -> "spline of " + s.controls().size() / 3;
            case Entity.Hatch h -> (h.solid() ? "area" : "hatch") + (h.edged() ? " edged" : "") + h.loops().stream().map(PageFile::text)
                .collect(Collectors.joining());
            case Entity.Text t -> "text \"" + t.raw() + "\" " + at(t.at().flat()) + " to " + at(t.anchor().flat()) + " high "
                + n(t.height());
            case Entity.Picture p -> "picture " + at(p.at().flat()) + " " + n(p.width()) + "x" + n(p.height());
            default -> e.kind();
        };
    }

    private static String text(Entity.Loop l) {
        StringBuilder b = new StringBuilder(" (");
        for (int i = 0; i < l.polyline().size(); i += 3)
            b.append(i == 0 ? "" : " ").append(at(new Point(l.polyline().get(i), l.polyline().get(i + 1))));
        return b.append(l.edges().isEmpty() ? "" : l.edges().size() + " edges").append(')').toString();
    }

    static String at(Point p) {
        return n(p.x()) + "," + n(p.y());
    }

    static String n(double v) {
        String s = String.format(Locale.ROOT, "%.2f", v).replaceFirst("\\.?0+$", "");
        return s.equals("-0") ? "0" : s;
    }
}
