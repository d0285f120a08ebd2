package brightlintel.desktop.state;

import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Scale;
import brightlintel.building.Underlay;
import brightlintel.building.Units;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.lengths.LengthFormat;
import brightlintel.paint.Palette;
import brightlintel.paint.Raster;
import brightlintel.paint.SizedPicture;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import java.util.Optional;

/** The drawing in hand as it lies, and as it would lie with what was surely found and is not taken yet. Painted behind the window. */
public final class Compared {
    public static final int WIDE = 212, HIGH = 158;
    /** A change of size or turn by less is none to the eye: shares, radians. */
    private static final double SEEN = 1e-3;
    private final Workspace w;
    /** Read from behind the window too: whoever paints for another one gives up. */
    private volatile Key key;
    private Two two;
    private boolean wanted = true;

    /** @param sizeBefore in words */
    public record Two(Raster before, Raster after, String sizeBefore, String sizeAfter) { }

    private record Key(PlacedDrawing drawing, Placement after, Palette palette, Units units) { }

    Compared(Workspace w) {
        this.w = w;
    }

    void forget() {
        key = null;
        two = null;
        wanted = true;
    }

    /** Whether it is to be seen. */
    public boolean isWanted() {
        return wanted;
    }

    public void want(boolean on) {
        wanted = on;
        w.tell(Change.EVIDENCE);
    }

    /** Nothing where nothing is proposed that would change how large the drawing is or how it is turned, or while it is being painted. */
    public Optional<Two> now() {
        Optional<PlacedDrawing> d = w.drawing();
        if (!wanted || w.stage() != Stage.TRUE || d.isEmpty() || w.reckonings().showsMeasures()) return Optional.empty();
        List<Proposed> open = Proposed.of(w).stream().filter(p -> p.sure() && !p.taken()
            && p.decision() != Proposed.Decision.IN_LINE).toList();
        Optional<Underlay> after = after(d.get().underlay(), open);
        if (after.isEmpty()) return Optional.empty();
        Key k = new Key(d.get(), after.get().placement(), w.looks().palette(), w.project().units());
        if (!k.equals(key)) paint(k, after.get());
        return Optional.ofNullable(two);
    }

    private Optional<Underlay> after(Underlay u, List<Proposed> open) {
        Project p = w.project();
        for (Proposed x : open) p = x.edit().apply(p);
        Placement a = u.placement();
        return p.underlay(u.id()).filter(n -> isSeen(a, n.placement()));
    }

    private static boolean isSeen(Placement a, Placement b) {
        Scale s = a.scale().value(), t = b.scale().value();
        return Math.abs(s.metresPerUnitX() / t.metresPerUnitX() - 1) > SEEN || Math.abs(s.metresPerUnitY() / t.metresPerUnitY() - 1) > SEEN
            || Math.abs(Angles.signed(a.turn().value() - b.turn().value())) > SEEN;
    }

    private void paint(Key k, Underlay after) {
        key = k;
        two = null;
        boolean metric = k.units == Units.METRIC;
        double unit = metric ? 1 : 0.3048;
        String sign = metric ? " m" : " ft";
        Raster[] done = new Raster[2];
        String[] size = new String[2];
        LengthFormat lengths = w.lengths();
        w.onBoard().behind(() -> {
            PlacedDrawing[] both = {k.drawing, k.drawing.with(after)};
            for (int i = 0; i < 2; i++) {
                done[i] = SizedPicture.of(both[i], k.palette, WIDE, HIGH, unit, sign, () -> k != key);
                Box b = both[i].extent().main();
                size[i] = lengths.size(b.width(), b.height());
            }
        }, () -> {
            if (k != key || done[1] == null) return;
            two = new Two(done[0], done[1], size[0], size[1]);
            w.tell(Change.EVIDENCE);
        });
    }
}
