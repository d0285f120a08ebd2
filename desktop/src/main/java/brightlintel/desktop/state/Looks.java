package brightlintel.desktop.state;

import brightlintel.paint.Palette;

/** How the window looks; never part of a project. lit: a layer to light up, "" for none. */
public record Looks(boolean dark, boolean muted, String lit, ViewMode mode, boolean boardAlone, boolean witnesses) {
    public static final Looks USUAL = new Looks(false, true, "", ViewMode.PLAN, false, true);

    public Looks withDark(boolean d) {
        return new Looks(d, muted, lit, mode, boardAlone, witnesses);
    }

    public Looks withMuted(boolean m) {
        return new Looks(dark, m, lit, mode, boardAlone, witnesses);
    }

    public Looks withLit(String l) {
        return new Looks(dark, muted, l, mode, boardAlone, witnesses);
    }

    public Looks withMode(ViewMode m) {
        return new Looks(dark, muted, lit, m, boardAlone, witnesses);
    }

    public Looks withBoardAlone(boolean b) {
        return new Looks(dark, muted, lit, mode, b, witnesses);
    }

    public Looks withWitnesses(boolean w) {
        return new Looks(dark, muted, lit, mode, boardAlone, w);
    }

    public Palette palette() {
        return dark ? Palette.DARK : Palette.LIGHT;
    }
}
