package brightlintel.paint;

import brightlintel.building.Appearance;
import brightlintel.building.Cast;
import brightlintel.building.Ink;
import brightlintel.building.Role;
import brightlintel.clear.Cleared;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Chunks;
import brightlintel.place.LaidPicture;
import brightlintel.place.PlacedDrawing;
import brightlintel.repair.Repaired;
import brightlintel.role.Casting;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * Paints a drawing in one look, by the million strokes. What a picture costs is what lies in it: strokes, texts and fills are found by
 * place. The same place painted in two pictures that differ by whole pixels has the same pixels, so that pictures can be put together of
 * squares, each painted by any thread. Pure: gives up early when told.
 */
public final class StrokePainter {
    /** Of a square whose pixels stay in a core's cache. */
    private static final int SQUARE = 256;
    /** Pixels round a picture from which hairlines may still reach into it. */
    private static final double REACH = 3, ECHO = 0.62;
    /** Lines of this weight are one pixel wide, hundredths of a millimetre; how much finer and broader others get. */
    private static final double USUAL_WEIGHT = 25, FINEST = 0.5, BROADEST = 4;
    private final PlacedDrawing d;
    private final Look look;
    private final int[] ink;
    /** Of each stroke, pixels; null where all have the same. */
    private final float[] widths;
    private final MarksPainter marks;

    /**
     * @param muted   one quiet ink for all, or the drawing's colours
     * @param fade    0 full, 1 gone
     * @param colour  the one ink where it is not the usual one, else -1
     * @param width   of lines, pixels
     * @param weights whether lines differ by the weights of the file
     * @param roles   what parts stand for, where each has the ink and the width of its role; else none
     */
    public record Look(Palette palette, boolean muted, double fade, int colour, double width, boolean weights, List<Cast> roles) {
        public Look(Palette palette, boolean muted, double fade) {
            this(palette, muted, fade, -1, 1, false, List.of());
        }

        /** As an underlay's appearance says. @param quiet what the board is set to, where it says nothing */
        public static Look of(Appearance a, Palette palette, boolean quiet) {
            boolean muted = a.ink() instanceof Ink.Quiet || quiet && a.ink() instanceof Ink.Usual;
            int one = a.ink() instanceof Ink.One(int rgb) ? readable(rgb, palette) : -1;
            return new Look(palette, muted || a.ink() instanceof Ink.ByRole, a.fade(), one, a.width(), false, List.of());
        }

        /** Of a storey that another is held against: fainter than it is itself, and in an ink that neither drawing has. */
        public static Look echo(Appearance a, Palette palette) {
            return new Look(palette, true, Math.max(ECHO, a.fade()), palette.plum(), 1, false, List.of());
        }

        public Look withWeights(boolean on) {
            return new Look(palette, muted, fade, colour, width, on, roles);
        }

        /** Each in the ink of its role. */
        public Look withRoles(List<Cast> casts) {
            return new Look(palette, muted, fade, colour, width, weights, List.copyOf(casts));
        }

        /** For what has a colour of its own in the file. */
        int ink(int own) {
            if (colour >= 0) return Palette.mix(colour, palette.paper(), fade);
            if (muted) return Palette.mix(palette.ink2(), palette.paper(), fade);
            return Palette.mix(readable(own, palette), palette.paper(), fade * 0.5);
        }

        boolean isOneInk() {
            return colour >= 0 || muted;
        }
    }

    public StrokePainter(PlacedDrawing d, Look look) {
        this.d = d;
        this.look = look;
        Role[] roles = roles(d.strokes(), look);
        this.ink = inks(d, look, roles);
        this.widths = look.weights || roles != null ? widths(d.strokes(), look, roles) : null;
        this.marks = new MarksPainter(d, look);
    }

    /** A whole picture, on all cores. @return false where it gave up */
    public static boolean paint(PlacedDrawing d, PlanView view, Look look, Raster r, BooleanSupplier stop) {
        StrokePainter p = new StrokePainter(d, look);
        int across = (r.width + SQUARE - 1) / SQUARE, down = (r.height + SQUARE - 1) / SQUARE;
        AtomicBoolean done = new AtomicBoolean(true);
        IntStream.range(0, across * down).parallel().forEach(i -> {
            if (!p.square(view, i % across * SQUARE, i / across * SQUARE, r, stop)) done.set(false);
        });
        return done.get();
    }

    private boolean square(PlanView view, int x, int y, Raster r, BooleanSupplier stop) {
        int w = Math.min(SQUARE, r.width - x), h = Math.min(SQUARE, r.height - y);
        Raster part = new Raster(w, h);
        for (int row = 0; row < h; row++) System.arraycopy(r.pixels, (y + row) * r.width + x, part.pixels, row * w, w);
        boolean done = paint(view.part(x, y, w, h), part, stop);
        for (int row = 0; row < h; row++) System.arraycopy(part.pixels, row * w, r.pixels, (y + row) * r.width + x, w);
        return done;
    }

    /** Over what the picture holds, by the caller's thread. @return false where it gave up */
    public boolean paint(PlanView view, Raster r, BooleanSupplier stop) {
        Affine toPx = d.toBuilding().then(view.toPx());
        Box seen = seen(view, widths == null ? look.width : look.width * BROADEST);
        Underlaid.Look scan = new Underlaid.Look(look.fade,
            look.colour >= 0 ? look.colour : look.muted || look.palette.isDark() ? look.palette.ink2() : -1);
        if (!d.pictures().isEmpty()) pictures(view, r, scan, stop);
        MarksPainter.Seen there = marks.in(seen);
        marks.fills(there, toPx, r);
        if (stop.getAsBoolean()) return false;
        ChordPainter chords = new ChordPainter(d, toPx, r);
        float even = (float) look.width;
        d.chordsIn(seen, c -> {
            int s = d.strokes().strokeOf(c), colour = ink[s];
            if (colour >= 0) chords.paint(c, colour, widths == null ? even : widths[s]);
        });
        if (stop.getAsBoolean()) return false;
        marks.texts(there, toPx, r);
        for (BrokenLines.Word w : chords.words()) marks.word(w, ink[w.stroke()], r);
        return !stop.getAsBoolean();
    }

    /** What outlines leave of them. */
    private void pictures(PlanView view, Raster r, Underlaid.Look scan, BooleanSupplier stop) {
        int[] before = d.cleared().isCropped() ? r.pixels.clone() : null;
        for (LaidPicture p : d.pictures()) Underlaid.paint(r, p.pixels(), p.toBuilding().then(view.toPx()), scan, stop);
        if (before == null) return;
        for (int i = 0; i < r.width * r.height; i++)
            if (r.pixels[i] != before[i] && !d.showsAt(view.toMetres(i % r.width + 0.5, i / r.width + 0.5))) r.pixels[i] = before[i];
    }

    /** Some of what is shown, in one ink. @param marks texts and fills by {@link Strokes#mark(int)} */
    public static void paintSome(PlacedDrawing d, IntPredicate strokes, IntPredicate marks, int colour, double width, PlanView view,
        Raster r) {
        Affine toPx = d.toBuilding().then(view.toPx());
        Box seen = seen(view, width);
        MarksPainter painter = new MarksPainter(d, new Look(Palette.LIGHT, true, 0, colour, 1, false, List.of()));
        MarksPainter.Seen some = painter.in(seen).only(marks, d.strokes().texts().size());
        painter.fills(some, toPx, r);
        ChordPainter chords = new ChordPainter(d, toPx, r);
        d.chordsIn(seen, c -> {
            int s = d.strokes().strokeOf(c);
            if (strokes.test(s) && d.cleared().strokeShown(s)) chords.paint(c, colour, (float) width);
        });
        painter.texts(some, toPx, r);
    }

    /** Strokes that are set aside, in one faint ink, under all that is there; those that are part of others since a repair are not. */
    public static void paintAside(PlacedDrawing d, int colour, int paper, PlanView view, Raster r) {
        int[] before = r.pixels.clone();
        ChordPainter chords = new ChordPainter(d, d.toBuilding().then(view.toPx()), r);
        Optional<Repaired> repaired = d.repaired();
        d.chordsIn(seen(view, 1), c -> {
            int s = d.strokes().strokeOf(c);
            if (!d.cleared().strokeShown(s) && (repaired.isEmpty() || !repaired.get().isGone(s))) chords.paint(c, colour, 1);
        });
        for (int i = 0; i < r.width * r.height; i++) if ((before[i] & 0xffffff) != (paper & 0xffffff)) r.pixels[i] = before[i];
    }

    /** From where ink reaches into a picture. */
    private static Box seen(PlanView view, double width) {
        return view.seen().grown((REACH + width / 2) / view.pxPerMetre());
    }

    /** Whether anything that one shows and the other does not reaches into a box: drawings of the same strokes in the same place. */
    public static boolean differ(PlacedDrawing a, PlacedDrawing b, PlanView view) {
        if (a == b) return false;
        double widest = a.underlay().appearance().width() * BROADEST;
        Box seen = seen(view, widest);
        boolean[] differ = {false};
        Cleared was = a.cleared(), is = b.cleared();
        a.chordsIn(seen, c -> {
            int s = a.strokes().strokeOf(c);
            differ[0] |= was.strokeShown(s) != is.strokeShown(s) || was.strokeCut(s) || is.strokeCut(s);
        });
        // a picture that is cropped otherwise is still shown
        differ[0] |= (was.isCropped() || is.isCropped()) && !a.strokes().pictures().isEmpty();
        if (!differ[0]) a.marksIn(seen, m -> differ[0] |= was.markShown(m) != is.markShown(m));
        return differ[0];
    }

    /** Ink of each stroke, -1 for those not shown. */
    private static int[] inks(PlacedDrawing d, Look look, Role[] roles) {
        Strokes s = d.strokes();
        Cleared shown = d.cleared();
        int[] out = new int[s.size()];
        int one = look.ink(0);
        Chunks.of(out.length, (from, to) -> {
            Map<Integer, Integer> known = new HashMap<>();
            for (int i = from; i < to; i++) {
                if (!shown.strokeShown(i)) out[i] = -1;
                else if (roles != null) out[i] = Palette.mix(RoleInks.of(roles[i], look.palette), look.palette.paper(), look.fade);
                else out[i] = look.isOneInk() ? one : known.computeIfAbsent(s.colourOf(i), look::ink);
            }
        });
        return out;
    }

    /** null where they make no difference. */
    private static Role[] roles(Strokes s, Look look) {
        if (look.roles.isEmpty()) return null;
        Role[] out = new Role[s.size()];
        Casting.Lookup of = new Casting.Lookup(look.roles);
        for (int i = 0; i < out.length; i++) out[i] = of.of(s, i).orElse(null);
        return out;
    }

    /** Weights are told on paper: so many times the usual one, whatever the zoom. */
    private static float[] widths(Strokes s, Look look, Role[] roles) {
        float[] out = new float[s.size()];
        Chunks.of(out.length, (from, to) -> {
            for (int i = from; i < to; i++) {
                int w = look.weights ? s.weightOf(i) : -1;
                double width = look.width * (roles == null ? 1 : RoleInks.width(roles[i]));
                out[i] = (float) (width * (w < 0 ? 1 : Math.clamp(w / USUAL_WEIGHT, FINEST, BROADEST)));
            }
        });
        return out;
    }

    /** A colour that cannot be told from the paper is brought towards the ink. */
    static int readable(int colour, Palette p) {
        if (colour == 0) return p.ink();
        double gap = Math.abs(luminance(colour) - luminance(p.paper()));
        return gap > 0.35 ? colour : Palette.mix(colour, p.ink(), 0.55);
    }

    private static double luminance(int c) {
        return (0.2126 * (c >> 16 & 255) + 0.7152 * (c >> 8 & 255) + 0.0722 * (c & 255)) / 255;
    }

    @Override public String toString() {
        return "StrokePainter[" + d.underlay().id() + ", " + look + ", " + Arrays.stream(ink).filter(i -> i >= 0).count() + " shown]";
    }
}
