package brightlintel.repair;

import brightlintel.building.Repair;
import brightlintel.building.Scale;
import brightlintel.building.Underlay;
import brightlintel.drawing.Progress;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.find.Finder;
import brightlintel.geom.Affine;
import brightlintel.geom.Curve;
import brightlintel.geom.Unstretched;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A drawing as it was received, and as it is after the repairs that somebody took: each is worked out once. Safe from several threads. */
public final class Mender {
    /** The last few: undo and redo go from one to the other. */
    private static final int MOST = 3;
    /** Points: pages alone are stretched, and round their figures. */
    private static final double ROUNDED = 0.03;
    private final String sha256;
    private final SpaceKey space;
    private final Worked received;
    private final Map<Key, Worked> done = new LinkedHashMap<>();

    private record Key(Repair.Mended recipe, Scale scale) { }

    /** Strokes, their finder, and which of them are part of others now. */
    public record Worked(Strokes strokes, Finder finder, Optional<Repaired> repaired) {
        public boolean isGone(int stroke) {
            return repaired.isPresent() && repaired.get().isGone(stroke);
        }
    }

    public Mender(String sha256, SpaceKey space, Strokes strokes, Finder finder) {
        this.sha256 = sha256;
        this.space = space;
        received = new Worked(strokes, finder, Optional.empty());
    }

    public Worked received() {
        return received;
    }

    private static Optional<Key> key(Underlay u) {
        return u.clearing().mended().map(m -> new Key(m, u.placement().scale().value()));
    }

    /** As it is with the repairs of an underlay; worked out now if it was not before. */
    public Worked of(Underlay u) {
        return key(u).map(k -> worked(k, Progress.NONE)).orElse(received);
    }

    /** The same for repairs that nobody took yet. */
    public Worked with(Repair.Mended recipe, Scale scale, Progress progress) {
        return worked(new Key(recipe, scale), progress);
    }

    /** Whether what an underlay asks for is worked out. */
    public synchronized boolean isReady(Underlay u) {
        return key(u).map(done::containsKey).orElse(true);
    }

    private Worked worked(Key k, Progress progress) {
        synchronized (this) {
            Worked there = done.get(k);
            if (there != null) return there;
        }
        Repaired r = k.scale.isEven() ? Mending.of(received.strokes, k.recipe, k.scale.mean(), progress) : stretched(k, progress);
        Worked w = new Worked(r.strokes(), r.strokes() == received.strokes ? received.finder : new Finder(sha256, space, r.strokes()),
            Optional.of(r));
        synchronized (this) {
            done.putIfAbsent(k, w);
            while (done.size() > MOST) done.remove(done.keySet().iterator().next());
            return done.getOrDefault(k, w);
        }
    }

    /** Of a sheet that was stretched: what makes an arc does so once it is as long both ways; what was mended is stretched again. */
    private Repaired stretched(Key k, Progress progress) {
        double mean = k.scale.mean();
        Affine even = Affine.scale(k.scale.metresPerUnitX() / mean, k.scale.metresPerUnitY() / mean), back = even.inverse();
        Strokes there = received.strokes.mapped(even, Unstretched::of);
        Repaired r = Mending.of(there, k.recipe, mean, ROUNDED * mean, progress);
        List<Integer> which = new ArrayList<>();
        List<Curve> now = new ArrayList<>();
        for (int i = 0; i < there.size(); i++) if (!r.strokes().curveOf(i).equals(there.curveOf(i))) {
            which.add(i);
            now.add(r.strokes().curveOf(i).mapped(back));
        }
        return new Repaired(received.strokes.reshaped(which, now), r.into(), r.counts(),
            r.bits().stream().map(b -> new Repaired.Bit(b.kind(),
            b.curve().mapped(back), b.added())).toList());
    }
}
