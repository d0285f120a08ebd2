package brightlintel.receive;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.FileId;
import brightlintel.building.Placement;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Pixels;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Space;
import brightlintel.drawing.Strokes;
import brightlintel.find.Finder;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.paint.StrokePainter;
import brightlintel.place.PlacedDrawing;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** The whole sheet, small, on white paper. */
final class SmallPicture {
    private SmallPicture() { }

    /** @param main where what matters lies, file units */
    record Seen(Pixels picture, Box main) { }

    /** As it comes: without layers that are hidden in the file, unless nothing would be left. */
    static Seen of(RawDrawing d, Space page, Strokes s, int side) {
        Set<String> off = new TreeSet<>();
        for (Layer l : s.layers()) if (l.startsHidden()) off.add(l.name());
        if (off.size() == s.layers().size()) off.clear();
        return of(d, page, s, off, side);
    }

    /** @param off names of layers */
    static Seen of(RawDrawing d, Space page, Strokes s, Set<String> off, int side) {
        Underlay u = new Underlay(UnderlayId.fresh(), FileId.fresh(), d.sha256(), page.key(), Optional.empty(),
            Placement.assumed(1, Point.ORIGIN),
            Clearing.ofLayers(off), Appearance.faded(0), true);
        PlacedDrawing placed = new PlacedDrawing(u, s, new Finder(d.sha256(), page.key(), s));
        Box main = s.size() == 0 ? bounds(s) : placed.extent().main();
        Box sheet = page.paper().map(p -> new Box(0, 0, p.width() / p.metresPerUnit(), p.height() / p.metresPerUnit()))
            .orElse(main.grown(0.02 * main.diagonal()));
        if (sheet.isEmpty() || !(sheet.diagonal() > 0)) sheet = new Box(0, 0, 1, 1);
        double perUnit = side / Math.max(sheet.width(), sheet.height());
        int w = Math.max(8, (int) Math.round(sheet.width() * perUnit)), h = Math.max(8, (int) Math.round(sheet.height() * perUnit));
        Raster r = new Raster(w, h);
        r.clear(Palette.LIGHT.sheet());
        StrokePainter.paint(placed, new PlanView(sheet.centre(), perUnit, w, h),
            new StrokePainter.Look(Palette.LIGHT, true, 0), r, () -> false);
        return new Seen(new Pixels(w, h, Arrays.copyOf(r.pixels, w * h)), main);
    }

    private static Box bounds(Strokes s) {
        Box b = Box.EMPTY;
        for (int i = 0; i < s.marks(); i++) b = b.with(s.mark(i).box());
        return b.isEmpty() ? b : new Box(b.minX() + s.origin().x(), b.minY() + s.origin().y(), b.maxX() + s.origin().x(),
            b.maxY() + s.origin().y());
    }
}
