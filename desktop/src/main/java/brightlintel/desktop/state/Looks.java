package brightlintel.desktop.state;

import brightlintel.paint.Palette;

/**
 * How the window looks; never part of a project.
 *
 * @param muted      one quiet ink for drawings that say nothing else
 * @param weights    lines are as broad as the file says
 * @param modelAlone no drawing is seen or snapped to
 * @param lit        a layer to light up, "" for none
 */
public record Looks(boolean dark, boolean muted, boolean weights, boolean modelAlone, Echo echo, String lit, ViewMode mode,
    boolean boardAlone, boolean witnesses) {
    public static final Looks USUAL = new Looks(false, true, false, false, Echo.OFF, "", ViewMode.PLAN, false, true);

    public Looks withDark(boolean d) {
        return new Looks(d, muted, weights, modelAlone, echo, lit, mode, boardAlone, witnesses);
    }

    public Looks withMuted(boolean m) {
        return new Looks(dark, m, weights, modelAlone, echo, lit, mode, boardAlone, witnesses);
    }

    public Looks withWeights(boolean on) {
        return new Looks(dark, muted, on, modelAlone, echo, lit, mode, boardAlone, witnesses);
    }

    public Looks withModelAlone(boolean a) {
        return new Looks(dark, muted, weights, a, echo, lit, mode, boardAlone, witnesses);
    }

    public Looks with(Echo e) {
        return new Looks(dark, muted, weights, modelAlone, e, lit, mode, boardAlone, witnesses);
    }

    public Looks withLit(String l) {
        return new Looks(dark, muted, weights, modelAlone, echo, l, mode, boardAlone, witnesses);
    }

    public Looks withMode(ViewMode m) {
        return new Looks(dark, muted, weights, modelAlone, echo, lit, m, boardAlone, witnesses);
    }

    public Looks withBoardAlone(boolean b) {
        return new Looks(dark, muted, weights, modelAlone, echo, lit, mode, b, witnesses);
    }

    public Looks withWitnesses(boolean w) {
        return new Looks(dark, muted, weights, modelAlone, echo, lit, mode, boardAlone, w);
    }

    public Palette palette() {
        return dark ? Palette.DARK : Palette.LIGHT;
    }
}
