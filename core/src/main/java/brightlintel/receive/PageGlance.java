package brightlintel.receive;

import brightlintel.correct.SheetNotes;
import brightlintel.correct.UnitChoice;
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
import brightlintel.geom.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is to be known of a page, or of the model or a sheet of a drawing, before it is taken.
 *
 * @param number   of the page, or from 1 in the order of the file
 * @param widthMm  of the paper, 0 where the file does not say; heightMm too
 * @param drawn    where its main part is, file units; empty where there is nothing
 * @param assumed  the unit that it would be taken in; nothing on paper
 * @param small    a little picture of it
 */
public record PageGlance(int number, SpaceKey key, double widthMm, double heightMm, int strokes, int areas, int texts, int pictures,
    List<OfLayer> layers, Box drawn, Optional<UnitChoice> assumed, SheetNotes notes, Report report, Pixels small) {
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

    /** Of a page that is not kept. @param side of the picture, pixels, the longer one */
    public static PageGlance of(RawDrawing d, int side, Progress progress) {
        Space page = d.spaces().getFirst();
        Strokes s = Flattening.of(d, page.key(), ReadLimits.DEFAULT, progress);
        return of(d, page, s, page.key() instanceof SpaceKey.Page p ? p.number() : 1, side);
    }

    /** The same, seen without some layers. @param off their names */
    public PageGlance without(DrawingShelf.Shelved s, Set<String> off, int side) {
        Pixels seen = SmallPicture.of(s.drawing(), s.drawing().space(key).orElseThrow(), s.strokes(), off, side).picture();
        return new PageGlance(number, key, widthMm, heightMm, strokes, areas, texts, pictures, layers, drawn, assumed, notes, report, seen);
    }

    /** Of a space that was read. */
    public static PageGlance of(DrawingShelf.Shelved s, int number, int side) {
        return of(s.drawing(), s.drawing().space(s.space()).orElseThrow(), s.strokes(), number, side);
    }

    private static PageGlance of(RawDrawing d, Space page, Strokes s, int number, int side) {
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
        SmallPicture.Seen seen = SmallPicture.of(d, page, s, side);
        Optional<UnitChoice> unit = page.paper().isPresent() ? Optional.empty()
            : Optional.of(UnitChoice.assumed(d.header(), seen.main().diagonal()));
        return new PageGlance(number, page.key(), w, h, drawn, areas, texts, s.pictures().size(), layers, seen.main(), unit,
            SheetNotes.of(d, page.key()), d.report().and(s.report()), seen.picture());
    }
}
