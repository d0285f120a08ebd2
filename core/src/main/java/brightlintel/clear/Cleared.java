package brightlintel.clear;

import brightlintel.building.Cast;
import brightlintel.building.Clearing;
import brightlintel.building.DrawnRef;
import brightlintel.building.MarkRef;
import brightlintel.building.Region;
import brightlintel.building.Repair;
import brightlintel.building.Single;
import brightlintel.building.StrokeRef;
import brightlintel.building.Underlay;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Names;
import brightlintel.drawing.Strokes;
import brightlintel.find.Finder;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;

/**
 * A clearing applied to a drawing: what is shown of it. Everything that paints, measures, snaps to, traces or writes a drawing asks here
 * and nowhere else. Cost once about that of looking at each stroke; with layers alone, less.
 */
public final class Cleared {
    private static final byte SHOWN = 0, HIDDEN = 1, PARTLY = 2;
    private final Strokes strokes;
    private final boolean[] layerShown;
    /** null where layers alone decide. */
    private final byte[] strokeState;
    private final boolean[] markHidden;
    private final Regions regions;
    private final Map<Integer, double[]> stretches = new HashMap<>();
    private volatile Boolean showsAnything;

    private Cleared(Strokes strokes, boolean[] layerShown, byte[] strokeState, boolean[] markHidden, Regions regions) {
        this.strokes = strokes;
        this.layerShown = layerShown;
        this.strokeState = strokeState;
        this.markHidden = markHidden;
        this.regions = regions;
    }

    /** @param finder over the same strokes, for what is named one by one */
    public static Cleared of(Underlay u, Strokes strokes, Finder finder) {
        return of(u, strokes, finder, null);
    }

    /** @param gone strokes that are part of others since they were mended; null where nothing was */
    public static Cleared of(Underlay u, Strokes strokes, Finder finder, IntPredicate gone) {
        Clearing c = u.clearing();
        boolean[] layers = new boolean[strokes.layers().size()];
        for (int i = 0; i < layers.length; i++) layers[i] = !c.hidesLayer(strokes.layers().get(i).name());
        boolean[] marks = new boolean[strokes.marks()];
        List<Region> regions = new ArrayList<>(u.cutOut().map(o -> List.of(new Region(o, true))).orElse(List.of()));
        regions.addAll(c.regions());
        boolean plain = c.kindsOff().isEmpty() && c.blocksOff().isEmpty() && c.coloursOff().isEmpty() && c.singles().isEmpty()
            && c.rolesOff().isEmpty()
            && c.repairs().stream().noneMatch(r -> r instanceof Repair.Doubled) && gone == null;
        if (plain && regions.isEmpty()) {
            for (int i = 0; i < marks.length; i++) marks[i] = !layers[strokes.mark(i).layer()];
            return new Cleared(strokes, layers, null, marks, new Regions(List.of(), strokes.origin()));
        }
        Cleared out = new Cleared(strokes, layers, new byte[strokes.size()], marks, new Regions(regions, strokes.origin()));
        out.decide(c, finder);
        if (gone != null) for (int i = 0; i < strokes.size(); i++) if (gone.test(i)) out.strokeState[i] = HIDDEN;
        return out;
    }

    private void decide(Clearing c, Finder finder) {
        Hiding hiding = new Hiding(c);
        for (int i = 0; i < strokes.size(); i++)
            strokeState[i] = hiding.hides(strokes.layerOf(i), strokes.colourOf(i), strokes.entityOf(i), strokes.pathOf(i)) ? HIDDEN
                : region(i);
        for (int i = 0; i < markHidden.length; i++) {
            Strokes.Mark m = strokes.mark(i);
            // a picture that an outline goes through is cropped, not hidden
            boolean whole = !(m instanceof Strokes.PictureMark) || !regions.mayCut(m.box());
            markHidden[i] = hiding.hides(m.layer(), m.colour(), m.entity(), m.path()) || !regions.isEmpty() && whole
                && !regions.shows(m.box().centre());
        }
        for (Repair r : c.repairs()) if (r instanceof Repair.Doubled d) single(d.dropped(), false, finder);
        for (Single s : c.singles()) single(s.drawn(), s.shown(), finder);
    }

    private byte region(int stroke) {
        if (regions.isEmpty()) return SHOWN;
        double[] parts = regions.stretches(strokes, stroke);
        if (parts == null) return SHOWN;
        if (parts.length == 0) return HIDDEN;
        stretches.put(stroke, parts);
        return PARTLY;
    }

    private void single(DrawnRef ref, boolean shown, Finder finder) {
        switch (ref) {
            case StrokeRef s -> finder.find(s).ifPresent(f -> {
                strokeState[f.index()] = shown ? SHOWN : HIDDEN;
                stretches.remove(f.index());
            });
            case MarkRef m -> finder.markOf(m).ifPresent(i -> markHidden[i] = !shown);
        }
    }

    /** Layers, kinds, blocks and roles: all that is told from what something is and not from where it lies. */
    private final class Hiding {
        private final Clearing c;
        private final Set<Cast.Part> rolesHidden = new HashSet<>(), cast = new HashSet<>();
        private final Map<Strokes.Path, Boolean> blocks = new IdentityHashMap<>();

        Hiding(Clearing c) {
            this.c = c;
            for (Cast x : c.roles()) cast.add(x.part());
            for (Cast x : c.roles()) if (c.rolesOff().contains(x.role().value())) rolesHidden.add(x.part());
        }

        boolean hides(int layer, int colour, Entity e, Strokes.Path path) {
            return !layerShown[layer] || c.kindsOff().contains(e.kind()) || c.coloursOff().contains(colour) || !rolesHidden.isEmpty()
                && role(layer, colour, e) || path != null
                && block(path);
        }

        private boolean role(int layer, int colour, Entity e) {
            // what a layer is counts before what a part of it is
            String name = strokes.layers().get(layer).name();
            if (cast.contains(new Cast.Part.Layer(name))) return rolesHidden.contains(new Cast.Part.Layer(name));
            String manner = e.manner();
            if (!manner.isEmpty() && cast.contains(new Cast.Part.Manner(manner))) return rolesHidden.contains(new Cast.Part.Manner(manner));
            return rolesHidden.contains(new Cast.Part.LayerKind(name, e.kind())) || rolesHidden.contains(new Cast.Part.LayerColour(name,
                colour));
        }

        private boolean block(Strokes.Path path) {
            Boolean known = blocks.get(path);
            if (known != null) return known;
            boolean off = c.blocksOff().contains(Names.key(path.block())) || rolesHidden.contains(new Cast.Part.Block(path.block()))
                || path.outer() != null && block(path.outer());
            blocks.put(path, off);
            return off;
        }
    }

    public boolean layerShown(int layer) {
        return layerShown[layer];
    }

    /** Whether any part of it is shown. */
    public boolean strokeShown(int stroke) {
        return strokeState == null ? layerShown[strokes.layerOf(stroke)] : strokeState[stroke] != HIDDEN;
    }

    public boolean strokeCut(int stroke) {
        return strokeState != null && strokeState[stroke] == PARTLY;
    }

    /** Strokes of which a part is shown. */
    public Set<Integer> cutStrokes() {
        return stretches.keySet();
    }

    /** Parameters from and to in turn, of a stroke that is cut. Not to be changed. */
    public double[] stretches(int stroke) {
        return strokeCut(stroke) ? stretches.get(stroke) : new double[] {0, 1};
    }

    /** By {@link Strokes#mark(int)}. */
    public boolean markShown(int mark) {
        return !markHidden[mark];
    }

    public boolean textShown(int text) {
        return markShown(text);
    }

    public boolean fillShown(int fill) {
        return markShown(strokes.texts().size() + fill);
    }

    public boolean pictureShown(int picture) {
        return markShown(strokes.texts().size() + strokes.fills().size() + picture);
    }

    /** Whether outlines keep or hide what lies in them. */
    public boolean isCropped() {
        return !regions.isEmpty();
    }

    /** Whether outlines leave a place, shifted file units. */
    public boolean shows(Point p) {
        return regions.shows(p);
    }

    /** About what outlines leave of a picture, shifted file units. */
    public Box cropped(Box picture) {
        return regions.cropped(picture);
    }

    /** Looked through once. */
    public boolean showsAnything() {
        if (showsAnything == null) showsAnything = lookThrough();
        return showsAnything;
    }

    private boolean lookThrough() {
        for (int i = 0; i < strokes.size(); i++) if (strokeShown(i)) return true;
        for (int i = 0; i < markHidden.length; i++) if (markShown(i)) return true;
        return false;
    }
}
