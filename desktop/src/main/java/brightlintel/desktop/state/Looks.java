package brightlintel.desktop.state;

import brightlintel.geom.Point;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanPainter;
import java.util.EnumMap;
import java.util.Map;

/**
 * How the window looks; never part of a project.
 *
 * @param muted      one quiet ink for drawings that say nothing else
 * @param weights    lines are as broad as the file says
 * @param modelAlone no drawing is seen or snapped to
 * @param lit        a layer to light up, "" for none
 * @param roomsBy    what washes of rooms tell apart
 * @param grid       whether grid lines are seen, and snapped to
 * @param placed     size witnesses that were dragged somewhere, metres; the others stand below the plan
 */
public record Looks(boolean dark, boolean muted, boolean weights, boolean modelAlone, Echo echo, String lit, ViewMode mode,
    boolean boardAlone, boolean witnesses, Map<Witness, Point> placed, boolean grid,
    PlanPainter.RoomsBy roomsBy) {
    public static final Looks USUAL = new Looks(false, true, false, false, Echo.OFF, "", ViewMode.PLAN, false, true,
        Map.of(), true, PlanPainter.RoomsBy.ZONE);

    public Looks withDark(boolean d) {
        return new Looks(d, muted, weights, modelAlone, echo, lit, mode, boardAlone, witnesses, placed, grid, roomsBy);
    }

    public Looks withMuted(boolean m) {
        return new Looks(dark, m, weights, modelAlone, echo, lit, mode, boardAlone, witnesses, placed, grid, roomsBy);
    }

    public Looks withWeights(boolean on) {
        return new Looks(dark, muted, on, modelAlone, echo, lit, mode, boardAlone, witnesses, placed, grid, roomsBy);
    }

    public Looks withModelAlone(boolean a) {
        return new Looks(dark, muted, weights, a, echo, lit, mode, boardAlone, witnesses, placed, grid, roomsBy);
    }

    public Looks with(Echo e) {
        return new Looks(dark, muted, weights, modelAlone, e, lit, mode, boardAlone, witnesses, placed, grid, roomsBy);
    }

    public Looks withLit(String l) {
        return new Looks(dark, muted, weights, modelAlone, echo, l, mode, boardAlone, witnesses, placed, grid, roomsBy);
    }

    public Looks withMode(ViewMode m) {
        return new Looks(dark, muted, weights, modelAlone, echo, lit, m, boardAlone, witnesses, placed, grid, roomsBy);
    }

    public Looks withBoardAlone(boolean b) {
        return new Looks(dark, muted, weights, modelAlone, echo, lit, mode, b, witnesses, placed, grid, roomsBy);
    }

    public Looks withWitnesses(boolean w) {
        return new Looks(dark, muted, weights, modelAlone, echo, lit, mode, boardAlone, w, placed, grid, roomsBy);
    }

    public Looks with(Witness x, Point at) {
        Map<Witness, Point> all = new EnumMap<>(Witness.class);
        all.putAll(placed);
        all.put(x, at);
        return withPlaced(all);
    }

    public Looks withPlaced(Map<Witness, Point> all) {
        return new Looks(dark, muted, weights, modelAlone, echo, lit, mode, boardAlone, witnesses, Map.copyOf(all), grid, roomsBy);
    }

    public Looks withGrid(boolean g) {
        return new Looks(dark, muted, weights, modelAlone, echo, lit, mode, boardAlone, witnesses, placed, g, roomsBy);
    }

    public Looks with(PlanPainter.RoomsBy by) {
        return new Looks(dark, muted, weights, modelAlone, echo, lit, mode, boardAlone, witnesses, placed, grid, by);
    }

    public Palette palette() {
        return dark ? Palette.DARK : Palette.LIGHT;
    }
}
