package brightlintel.role;

import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Strokes;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What was drawn as one thing: an entity of the space, or a block that was put there as a whole with all that came in through it.
 *
 * @param layer  by number; of a block that of its reference
 * @param block  its name; "" for an entity
 * @param kind   the format's word
 * @param marks  texts, fills and pictures, by {@link Strokes#mark(int)}
 */
record Unit(int layer, String block, String kind, List<Integer> strokes, List<Integer> marks) {
    boolean isBlock() {
        return !block.isEmpty();
    }

    /** Those of which something is shown, in the order of the drawing. */
    static List<Unit> of(Drawn d) {
        Strokes s = d.strokes();
        Map<String, Integer> layers = new HashMap<>();
        for (int i = 0; i < s.layers().size(); i++) layers.put(s.layers().get(i).name().toLowerCase(Locale.ROOT), i);
        Map<EntityKey, Entity> tops = new HashMap<>();
        d.file().space(d.space()).ifPresent(x -> x.entities().forEach(e -> {
            tops.put(e.key(), e);
            // what is written into a block belongs to it
            if (e instanceof Entity.Insert i) for (Entity.Text t : i.attributes()) tops.put(t.key(), i);
        }));
        Map<EntityKey, Unit> out = new LinkedHashMap<>();
        for (int i = 0; i < s.size(); i++)
            if (d.strokeShown().test(i)) unit(out, tops, layers, s.layerOf(i), s.entityOf(i), s.pathOf(i)).strokes.add(i);
        for (int i = 0; i < s.marks(); i++)
            if (d.markShown().test(i)) unit(out, tops, layers, s.mark(i).layer(), s.mark(i).entity(), s.mark(i).path()).marks.add(i);
        return List.copyOf(out.values());
    }

    private static Unit unit(Map<EntityKey, Unit> all, Map<EntityKey, Entity> tops, Map<String, Integer> layers, int layer, Entity e,
        Strokes.Path path) {
        Strokes.Path top = path;
        while (top != null && top.outer() != null) top = top.outer();
        boolean written = top == null && e instanceof Entity.Text && tops.get(e.key()) instanceof Entity.Insert;
        EntityKey key = top != null ? top.insert() : written ? tops.get(e.key()).key() : e.key();
        Unit there = all.get(key);
        if (there != null) return there;
        Entity own = top == null && !written ? e : tops.get(key);
        int on = own == null || top == null && !written ? layer : layers.getOrDefault(own.style().layer().toLowerCase(Locale.ROOT), layer);
        boolean block = own instanceof Entity.Insert || own == null;
        String name = own instanceof Entity.Insert i ? i.block() : top != null && block ? top.block() : "";
        Unit made = new Unit(on, name, own == null ? e.kind() : own.kind(), new ArrayList<>(), new ArrayList<>());
        all.put(key, made);
        return made;
    }
}
