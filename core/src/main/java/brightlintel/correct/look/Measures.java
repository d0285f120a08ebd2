package brightlintel.correct.look;

import brightlintel.drawing.DimensionStyle;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Figures against drawn lengths: measures that the file knows as such, and numbers at lines with marks or other lines at their ends. */
final class Measures {
    private static final int TURNED = 0, ALIGNED = 1, MOST_LOOSE = 20_000;
    private final Drawn drawn;
    private final List<Measure> out = new ArrayList<>();
    private int group;

    private Measures(Drawn drawn) {
        this.drawn = drawn;
    }

    /** @param frames in which loose numbers are read, one for each main direction */
    static List<Measure> of(Drawn d, List<Frame> frames) {
        Measures m = new Measures(d);
        Set<EntityKey> keys = d.measureKeys();
        m.written(keys);
        m.loose(keys, frames);
        return m.out;
    }

    // ---- those that the file knows

    private void written(Set<EntityKey> keys) {
        Map<EntityKey, String> texts = new HashMap<>();
        for (Strokes.TextMark t : drawn.strokes().texts())
            if (t.path() != null && keys.contains(t.path().insert())) texts.merge(t.path().insert(), t.plain(), (a, b) -> a + " " + b);
        for (Strokes.DimensionMark d : drawn.strokes().dimensions()) {
            Entity.Dimension e = d.entity();
            if (e.sort() != TURNED && e.sort() != ALIGNED || !drawn.shows(d)) continue;
            Optional<Point> along = along(d);
            if (along.isEmpty()) continue;
            String over = e.override().replace("<>", "").strip();
            String text = over.isEmpty() ? texts.getOrDefault(e.key(), "") : plain(e.override(), texts.getOrDefault(e.key(), ""));
            Optional<Figure> f = Figure.read(text);
            if (f.isEmpty() && over.isEmpty()) f = stored(e);
            Point from = d.map().apply(e.first().flat()), to = d.map().apply(e.second().flat());
            int g = group++;
            f.ifPresent(x -> out.add(new Measure(text, x, along.get(), d.map().apply(e.textAt().flat()), from, to, g, true,
                !over.isEmpty())));
        }
    }

    /** What was typed, unless it can be read better where it is shown. */
    private static String plain(String override, String shown) {
        return Figure.read(shown).isPresent() ? shown : override.strip();
    }

    private Optional<Figure> stored(Entity.Dimension e) {
        double factor = drawn.file().tables().dimensionStyle(e.dimensionStyle()).map(DimensionStyle::factor).orElse(1.0);
        double n = e.measured() * (factor > 0 ? factor : 1);
        return n > 0 && n < 1e9 ? Optional.of(new Figure(n, Double.NaN, 0, 0)) : Optional.empty();
    }

    private static Optional<Point> along(Strokes.DimensionMark d) {
        Entity.Dimension e = d.entity();
        Affine map = d.map();
        Point whole = e.second().minus(e.first()).flat();
        if (e.sort() == TURNED) {
            Point u = new Point(Math.cos(e.rotation()), Math.sin(e.rotation()));
            whole = u.times(whole.dot(u));
        }
        Point v = map.applyVector(whole);
        return v.isFinite() && v.length() > 0 ? Optional.of(v) : Optional.empty();
    }

    // ---- numbers at lines

    private void loose(Set<EntityKey> keys, List<Frame> frames) {
        List<Strokes.TextMark> texts = drawn.strokes().texts();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < texts.size() && out.size() < MOST_LOOSE; i++) {
            Strokes.TextMark t = texts.get(i);
            if (!drawn.markShown().test(i) || t.path() != null && keys.contains(t.path().insert())) continue;
            Optional<Figure> f = Figure.read(t.plain());
            if (f.isEmpty() || !seen.add(t.plain() + t.map())) continue;
            for (Frame frame : frames) {
                List<Spans.Span> spans = new Spans(frame, t).all();
                if (spans.isEmpty()) continue;
                int g = group++;
                for (Spans.Span s : spans)
                    out.add(new Measure(t.plain(), f.get(), s.to().minus(s.from()), s.at(), s.from(), s.to(), g, false, false));
                break;
            }
        }
    }
}
