package brightlintel.inspect;

import brightlintel.drawing.Diagnostic;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Header;
import brightlintel.drawing.Layer;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;

/** Turns a drawing into maps and lists that print as JSON. */
public final class Inspection {
    private Inspection() { }

    public static Map<String, Object> of(String file, RawDrawing d, boolean digest) {
        Map<String, Object> out = new LinkedHashMap<>();
        out.put("file", file);
        out.put("format", d.format().name().startsWith("DXF") ? "DXF" : d.format().name());
        out.put("version", d.version());
        Header h = d.header();
        out.put("insunits", h.whole("$INSUNITS").orElse(null));
        out.put("measurement", h.whole("$MEASUREMENT").orElse(null));
        out.put("extents", h.point("$EXTMIN").isPresent() && h.point("$EXTMAX").isPresent()
            ? ordered("min", point(h.point("$EXTMIN").get()), "max", point(h.point("$EXTMAX").get())) : null);
        out.put("layers", d.layers().stream().filter(Layer::declared).sorted((a, b) -> a.name().compareTo(b.name())).map(Inspection::layer)
            .toList());
        out.put("blocks", d.blocks().values().stream().sorted((a, b) -> a.name().compareTo(b.name()))
            .map(b -> ordered("name", b.name(), "base", point(b.base()), "entityCounts", counts(b.entities()))).toList());
        List<Entity> paper = d.spaces().stream().filter(s -> !(s.key() instanceof SpaceKey.Model)).flatMap(s -> s.entities().stream())
            .toList();
        List<Entity> inBlocks = d.blocks().values().stream().flatMap(b -> b.entities().stream()).toList();
        out.put("model", space(d.space(new SpaceKey.Model()).map(Space::entities).orElse(List.of()), digest));
        out.put("paper", space(paper, digest));
        out.put("inBlocks", space(inBlocks, digest));
        out.put("diagnostics", d.report().entries().stream().map(Inspection::entry).toList());
        return out;
    }

    /** Names and values in turn, as a map that keeps their order. */
    public static Map<String, Object> ordered(Object... pairs) {
        Map<String, Object> m = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) m.put((String) pairs[i], pairs[i + 1]);
        return m;
    }

    private static List<Double> point(Vec3 v) {
        return List.of(Digest.round(v.x()), Digest.round(v.y()), Digest.round(v.z()));
    }

    static Map<String, Object> layer(Layer l) {
        Map<String, Object> m = ordered("name", l.name(), "colorIndex", l.colour().index(), "frozen", l.frozen(), "off", l.off(), "locked",
            l.locked());
        l.colour().rgb().ifPresent(rgb -> m.put("trueColor", String.format("#%06x", rgb)));
        return m;
    }

    static Map<String, Object> space(List<Entity> entities, boolean digest) {
        Map<String, Integer> counts = counts(entities);
        Map<String, Object> m = ordered("total", counts.values().stream().mapToInt(n -> n).sum(), "counts", counts);
        if (digest) {
            m.put("byLayer", tally(entities, e -> e.style().layer()));
            m.put("byColor", tally(entities, e -> Integer.toString(e.style().colour().index())));
            Map<String, Object> figures = new TreeMap<>();
            Map<String, List<Entity>> byKind = new TreeMap<>();
            Digest.flat(entities).forEach(e -> byKind.computeIfAbsent(e.kind(), _ -> new ArrayList<>()).add(e));
            byKind.forEach((k, list) -> figures.put(k, Digest.of(list)));
            m.put("digest", figures);
        }
        return m;
    }

    private static Map<String, Integer> counts(List<Entity> entities) {
        return tally(entities, Entity::kind);
    }

    /** Attributes are counted beside their insert. */
    private static Map<String, Integer> tally(List<Entity> entities, Function<Entity, String> word) {
        Map<String, int[]> tally = new HashMap<>();
        for (Entity e : entities) {
            count(word.apply(e), tally);
            if (e instanceof Entity.Insert i) for (Entity a : i.attributes()) count(word.apply(a), tally);
        }
        Map<String, Integer> out = new TreeMap<>();
        tally.forEach((key, n) -> out.put(key, n[0]));
        return out;
    }

    private static void count(String word, Map<String, int[]> tally) {
        int[] n = tally.get(word);
        if (n == null) tally.put(word, n = new int[1]);
        n[0]++;
    }

    static Map<String, Object> entry(Report.Entry e) {
        Diagnostic first = e.first().getFirst();
        return ordered("code", e.code().name(), "count", e.count(), "first",
            ordered("at", first.at().plain(), "values", first.values().stream().map(String::valueOf).toList()));
    }
}
