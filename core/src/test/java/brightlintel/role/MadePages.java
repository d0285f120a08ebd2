package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.read.DrawingReader;
import brightlintel.write.plot.PdfPlot;
import brightlintel.write.plot.Plot;
import brightlintel.write.plot.Sheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Made plans as pages at 1:100: each kind of thing in a layer of its own, or, without layers, painted with a pen of its own. */
final class MadePages {
    private static final double MM = 10;
    /** Millimetres of sides of what some writers take to pieces. */
    private static final double SMALL = 13;

    private MadePages() { }

    /** What was read of a page, and what each colour on it stands for. */
    record Page(Strokes strokes, RoleFinding found, Map<Integer, Role> truth) {
        /** By the colour of what is on it; null where nobody knows. */
        Role truth(RoleFinding.OfPart p) {
            for (int i = 0; i < strokes.size(); i++) if (name(strokes.layerOf(i)).equals(p.name())) return truth.get(strokes.colourOf(i));
            for (int i = 0; i < strokes.marks(); i++)
                if (name(strokes.mark(i).layer()).equals(p.name())) return truth.get(strokes.mark(i).colour());
            return null;
        }

        private String name(int layer) {
            return strokes.layers().get(layer).name();
        }
    }

    /** @param inPieces small closed lines are painted side by side */
    static Page of(MadeLayers m, boolean layers, boolean inPieces, Path folder) throws IOException {
        Strokes s = Flattening.of(m.sketch.drawing(), m.sketch.space(), ReadLimits.DEFAULT, Progress.NONE);
        Map<Integer, Role> truth = new HashMap<>();
        Map<Role, Integer> inks = new HashMap<>();
        for (Role r : Role.values()) {
            int ink = 0x102030 + 0x0b0a07 * r.ordinal();
            inks.put(r, ink);
            truth.put(ink, r);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfPlot.write(plot(m, s, inks, inPieces), out);
        byte[] bytes = layers ? out.toByteArray() : withoutLayers(out.toByteArray());
        Path file = folder.resolve("page.pdf");
        Files.write(file, bytes);
        RawDrawing d = DrawingReader.read(file, ReadLimits.DEFAULT, Progress.NONE);
        SpaceKey page = new SpaceKey.Page(1);
        Strokes read = Flattening.of(d, page, ReadLimits.DEFAULT, Progress.NONE);
        return new Page(read, RoleFinding.of(Reckoning.of(Drawn.asReceived(d, page, read))), truth);
    }

    private static Plot plot(MadeLayers m, Strokes s, Map<Role, Integer> inks, boolean inPieces) {
        Box b = Box.of(IntStream.range(0, s.size()).boxed().flatMap(i -> Stream.of(s.curveOf(i).first(),
            s.curveOf(i).last())).toList());
        Affine map = Affine.move(b.centre().times(-1)).then(Affine.scale(MM / m.unitsPerMetre(), MM / m.unitsPerMetre()))
            .then(Affine.move(new Point(594, 420)));
        List<Plot.Item> items = new ArrayList<>();
        for (int i = 0; i < s.size();) {
            int to = i + 1;
            while (to < s.size() && s.entityOf(to) == s.entityOf(i)) to++;
            List<Curve> chain = IntStream.range(i, to).mapToObj(k -> s.curveOf(k).mapped(map)).toList();
            String layer = s.layers().get(s.layerOf(i)).name();
            Plot.Pen pen = new Plot.Pen(0.18, inks.get(m.truth.get(layer)), List.of());
            boolean small = chain.stream().mapToDouble(Curve::length).max().orElse(0) < SMALL;
            if (inPieces && small) for (Curve c : chain) items.add(new Plot.Stroke(layer, List.of(c), false, pen));
            else items.add(new Plot.Stroke(layer, chain, false, pen));
            i = to;
        }
        for (Strokes.TextMark t : s.texts()) {
            String layer = s.layers().get(t.layer()).name();
            Point up = map.applyVector(t.map().applyVector(new Point(0, 1)));
            items.add(new Plot.Label(layer, t.plain(), map.apply(t.box().centre()), up.length(), 0, up.angle() - Math.PI / 2, Plot.Align.CENTRE,
                inks.get(m.truth.get(layer))));
        }
        return new Plot(new Sheet(Sheet.Size.A0, true, 100), "made", List.copyOf(m.truth.keySet()), items);
    }

    private static byte[] withoutLayers(byte[] pdf) throws IOException {
        try (PDDocument d = Loader.loadPDF(pdf)) {
            d.getDocumentCatalog().getCOSObject().removeItem(COSName.OCPROPERTIES);
            d.getPage(0).getResources().getCOSObject().removeItem(COSName.PROPERTIES);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            d.save(out);
            return out.toByteArray();
        }
    }
}
