package brightlintel.desktop.view3d;

import brightlintel.building.Ink;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Box;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.paint.StrokePainter;
import brightlintel.place.PlacedDrawing;
import brightlintel.view3d.Sheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Executor;

/** The drawings of each storey as sheets in space. Painted once behind the window; until then the sheet before stands in, or none. */
final class SpaceSheets {
    /** Pixels along the longer side; fewer where there are many storeys, so that all of them are held. */
    private static final int LONG = 2048, LONG_OF_MANY = 1024, FEW = 8;
    private static final double STRENGTH = 0.85;
    private final Workspace w;
    private final Executor behind, window;
    private final Runnable again;
    private final Map<StoreyId, Made> made = new HashMap<>();
    private final Set<Key> underWay = new HashSet<>();

    private record Key(StoreyId storey, List<PlacedDrawing> drawings, Palette palette) { }

    /** @param sheet null where there is nothing to be seen */
    private record Made(Key of, Sheet sheet) { }

    /** @param again is run on the window's thread whenever there is more to show */
    SpaceSheets(Workspace w, Executor behind, Executor window, Runnable again) {
        this.w = w;
        this.behind = behind;
        this.window = window;
        this.again = again;
    }

    void forget() {
        made.clear();
    }

    /** What is there by now, of all storeys whose drawings are seen. */
    List<Sheet> sheets() {
        List<Sheet> out = new ArrayList<>();
        for (Storey s : w.project().storeys()) {
            if (!w.space().showsSheets(s.id()) || w.space().hidden().contains(s.id())) continue;
            List<PlacedDrawing> drawings = w.onBoard().of(s.id());
            if (drawings.isEmpty()) continue;
            Key key = new Key(s.id(), drawings, w.looks().palette());
            Made there = made.get(s.id());
            if (there == null || !there.of.equals(key)) make(key);
            if (there != null && there.sheet != null && there.of.palette.equals(key.palette))
                out.add(there.sheet.at(s.level().value(), STRENGTH));
        }
        return out;
    }

    boolean isAtRest() {
        return underWay.isEmpty();
    }

    private void make(Key k) {
        if (!underWay.add(k)) return;
        boolean many = w.project().storeys().size() > FEW;
        behind.execute(() -> {
            Sheet s = paint(k, many ? LONG_OF_MANY : LONG);
            window.execute(() -> {
                underWay.remove(k);
                made.keySet().retainAll(w.project().storeys().stream().map(Storey::id).toList());
                made.put(k.storey, new Made(k, s));
                again.run();
            });
        });
    }

    private static Sheet paint(Key k, int longer) {
        Box all = Box.EMPTY;
        for (PlacedDrawing d : k.drawings) all = all.with(d.extent().main());
        if (all.isEmpty() || !(all.width() + all.height() > 0)) return null;
        double px = longer / Math.max(all.width(), all.height());
        int wide = Math.max(8, (int) Math.ceil(all.width() * px)), high = Math.max(8, (int) Math.ceil(all.height() * px));
        PlanView view = new PlanView(all.centre(), px, wide, high);
        Raster r = new Raster(wide, high);
        r.clear(k.palette.paper());
        for (PlacedDrawing d : k.drawings)
            StrokePainter.paint(d, view, StrokePainter.Look.of(d.underlay().appearance().with(Ink.QUIET), k.palette, true), r, () -> false);
        return Sheet.of(r, k.palette.paper(), k.palette.ink2(), view.toPx(), 0, STRENGTH);
    }
}
