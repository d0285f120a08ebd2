package brightlintel.role;

import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Block;
import brightlintel.drawing.Carriers;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Names;
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

    /** Where an entity's own name is known: keys are told apart by what carries them. @param carrier null at the top */
    private record Key(Strokes.Path carrier, EntityKey key) { }

    /** Those of which something is shown, in the order of the drawing. */
    static List<Unit> of(Drawn d) {
        return new Making(d).all();
    }

    private static final class Making {
        private final Drawn d;
        private final Carriers carriers;
        private final Map<String, Integer> layers = new HashMap<>();
        /** Of the space, "", and of the blocks that carry a plan. */
        private final Map<String, Map<EntityKey, Entity>> tops = new HashMap<>();
        private final Map<Key, Unit> out = new LinkedHashMap<>();

        Making(Drawn d) {
            this.d = d;
            carriers = Carriers.of(d.strokes());
            for (int i = 0; i < d.strokes().layers().size(); i++)
                layers.put(d.strokes().layers().get(i).name().toLowerCase(Locale.ROOT), i);
            d.file().space(d.space()).ifPresent(x -> tops.put("", tops(x.entities())));
            for (String b : carriers.blocks()) if (d.file().blocks().get(Names.key(b)) instanceof Block x) tops.put(b, tops(x.entities()));
        }

        private static Map<EntityKey, Entity> tops(List<Entity> some) {
            Map<EntityKey, Entity> out = new HashMap<>();
            for (Entity e : some) {
                out.put(e.key(), e);
                // what is written into a block belongs to it
                if (e instanceof Entity.Insert i) for (Entity.Text t : i.attributes()) out.put(t.key(), i);
            }
            return out;
        }

        List<Unit> all() {
            Strokes s = d.strokes();
            for (int i = 0; i < s.size(); i++)
                if (d.strokeShown().test(i)) unit(s.layerOf(i), s.entityOf(i), s.pathOf(i)).strokes.add(i);
            for (int i = 0; i < s.marks(); i++)
                if (d.markShown().test(i)) unit(s.mark(i).layer(), s.mark(i).entity(), s.mark(i).path()).marks.add(i);
            return List.copyOf(out.values());
        }

        private Unit unit(int layer, Entity e, Strokes.Path path) {
            Strokes.Path top = carriers.thing(path), carrier = carriers.carrying(path);
            Map<EntityKey, Entity> named = tops.getOrDefault(carrier == null ? "" : carrier.block(), Map.of());
            boolean written = top == null && e instanceof Entity.Text && named.get(e.key()) instanceof Entity.Insert;
            EntityKey key = top != null ? top.insert() : written ? named.get(e.key()).key() : e.key();
            Unit there = out.get(new Key(carrier, key));
            if (there != null) return there;
            Entity own = top == null && !written ? e : named.get(key);
            int on = own == null || top == null && !written ? layer : layers.getOrDefault(own.style().layer().toLowerCase(Locale.ROOT),
                layer);
            boolean block = own instanceof Entity.Insert || own == null;
            String name = own instanceof Entity.Insert i ? i.block() : top != null && block ? top.block() : "";
            Unit made = new Unit(on, name, own == null ? e.kind() : own.kind(), new ArrayList<>(), new ArrayList<>());
            out.put(new Key(carrier, key), made);
            return made;
        }
    }
}
