package brightlintel.receive;

import brightlintel.correct.SheetNotes;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import java.util.ArrayList;
import java.util.List;

/**
 * What is to be known of a page before it is taken.
 *
 * @param widthMm  of the paper, 0 where the file does not say; heightMm too
 * @param small    a little picture of it
 */
public record PageGlance(int number, double widthMm, double heightMm, int strokes, int areas, int texts, int pictures, List<OfLayer> layers,
    SheetNotes notes, Report report, Pixels small) {
    private static final double MM = 1000;

    /** @param sample how it looks: its colour, 0xRRGGBB; shown: at first */
    public record OfLayer(String name, int sample, boolean area, boolean shown, int count) { }

    public PageGlance {
        layers = List.copyOf(layers);
    }

    /** Nothing to snap to. */
    public boolean isScan() {
        return strokes == 0 && pictures > 0;
    }

    public boolean isEmpty() {
        return strokes == 0 && pictures == 0 && texts == 0;
    }

    /** @param side of the picture, pixels, the longer one */
    public static PageGlance of(RawDrawing d, int side, Progress progress) {
        Space page = d.spaces().getFirst();
        Strokes s = Flattening.of(d, page.key(), ReadLimits.DEFAULT, progress);
        int[] counts = s.countByLayer();
        boolean[] area = new boolean[counts.length];
        int areas = 0, texts = 0;
        for (int i = 0; i < s.marks(); i++) counts[s.mark(i).layer()]++;
        for (Strokes.Mark m : s.fills()) area[m.layer()] = true;
        for (Entity e : page.entities()) {
            if (e instanceof Entity.Hatch) areas++;
            if (e instanceof Entity.Text) texts++;
        }
        List<OfLayer> layers = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            Layer l = s.layers().get(i);
            if (counts[i] > 0) layers.add(new OfLayer(l.name(), l.colour().toRgb(), area[i], !l.startsHidden(), counts[i]));
        }
        int drawn = 0;
        for (int i = 0; i < s.size(); i++) if (!(s.entityOf(i) instanceof Entity.Hatch)) drawn++;
        double w = page.paper().map(p -> p.width() * MM).orElse(0.0), h = page.paper().map(p -> p.height() * MM).orElse(0.0);
        return new PageGlance(page.key() instanceof SpaceKey.Page p ? p.number() : 1, w, h, drawn, areas, texts, s.pictures().size(),
            layers,
            SheetNotes.of(d, page.key()), d.report().and(s.report()), SmallPicture.of(d, page, s, side));
    }
}
