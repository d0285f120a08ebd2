package brightlintel.store;

import brightlintel.lengths.LengthReader;
import brightlintel.lengths.LengthUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes a document of an earlier version to the present one, a version at a time, as a tree: what the values were called and how they lay
 * together then is written here and nowhere else. A step asks nothing of what it does not change, so that a damaged place stays where the
 * next stage finds it.
 */
final class Migrations {
    /**
     * From version n + 1 to n + 2. Versions 3, 5, 6 and 7 only have more: a placement that straightens, evidence of sheets; colours set
     * aside,
     * columns and rooms; stairs, roofs, zones; kinds of openings, parts of a building.
     */
    private static final List<Consumer<ObjectNode>> STEPS = List.of(Migrations::toVersion2, _ -> { }, Migrations::toVersion4,
        _ -> { }, _ -> { }, _ -> { });

    private Migrations() { }

    static final int PRESENT = STEPS.size() + 1;

    /** @param project changed in place */
    static void bring(ObjectNode project, int from) {
        for (int v = Math.max(1, from); v < PRESENT; v++) STEPS.get(v - 1).accept(project);
    }

    /**
     * Elements of a storey in one list; what walls and slabs stand on and end at said by levels; outlines by corners and bulges; evidence
     * as values; the whole curve of a stroke that something stands on.
     */
    private static void toVersion2(ObjectNode p) {
        everywhere(p, Migrations::evidence);
        for (JsonNode u : p.path("underlays")) rename(u, "cutOut", Migrations::ring);
        if (p.get("contents") instanceof ObjectNode all)
            for (String storey : List.copyOf(all.propertyNames()))
                if (all.get(storey) instanceof ObjectNode c) all.set(storey, elements(c));
        for (JsonNode g : p.path("grid")) supports(g);
        for (String list : List.of("levels", "verdicts")) if (!p.has(list)) p.putArray(list);
    }

    /** What had a fade has an appearance. Locked said nothing until then, and stood on all; now it holds what it stands on. */
    private static void toVersion4(ObjectNode p) {
        for (JsonNode u : p.path("underlays")) {
            if (!(u instanceof ObjectNode o) || !o.has("fade")) continue;
            ObjectNode a = o.putObject("appearance").put("shown", true);
            a.putObject("ink").put("is", "usual");
            a.put("width", 1.0).set("fade", o.get("fade"));
            o.remove("fade");
            o.put("locked", false);
        }
    }

    private static ObjectNode elements(ObjectNode c) {
        ObjectNode out = c.objectNode();
        ArrayNode list = out.putArray("elements");
        for (JsonNode w : c.path("walls")) list.add(wall(w));
        for (JsonNode o : c.path("openings")) list.add(is(o, "opening"));
        for (JsonNode s : c.path("slabs")) list.add(slab(s));
        for (JsonNode e : list) supports(e);
        return out;
    }

    private static JsonNode wall(JsonNode w) {
        if (!(w instanceof ObjectNode o)) return w;
        o.set("base", onFloor(o.path("base")));
        if (o.get("top") instanceof ObjectNode top && top.path("is").asString("").equals("level")) top.put("is", "floor");
        return is(o, "wall");
    }

    private static JsonNode slab(JsonNode s) {
        if (!(s instanceof ObjectNode o)) return s;
        o.set("top", onFloor(o.path("topOffset")));
        o.remove("topOffset");
        rename(o, "outline", Migrations::ring);
        for (JsonNode h : o.path("holes")) if (h instanceof ObjectNode hole) ring(hole);
        return is(o, "slab");
    }

    private static ObjectNode onFloor(JsonNode offset) {
        ObjectNode out = JsonNodeFactory.instance.objectNode().put("is", "floor");
        out.set("offset", offset.isMissingNode() ? out.numberNode(0.0) : offset);
        return out;
    }

    private static JsonNode is(JsonNode n, String kind) {
        if (!(n instanceof ObjectNode o)) return n;
        ObjectNode out = o.objectNode().put("is", kind);
        o.properties().forEach(e -> out.set(e.getKey(), e.getValue()));
        return out;
    }

    private static void rename(JsonNode in, String name, Consumer<ObjectNode> change) {
        if (in.get(name) instanceof ObjectNode o) change.accept(o);
    }

    private static void ring(ObjectNode r) {
        if (r.has("points")) {
            r.set("corners", r.get("points"));
            r.remove("points");
        }
    }

    /** What was called stroke may be a mark as well now; of its curve only the ends were kept, beside it. */
    private static void supports(JsonNode element) {
        for (JsonNode s : element.path("from").path("on")) {
            if (!(s instanceof ObjectNode o) || !(o.get("stroke") instanceof ObjectNode stroke)) continue;
            ObjectNode drawn = (ObjectNode) is(stroke, "stroke"), curve = o.objectNode().put("is", "straight");
            curve.set("a", o.path("asTraced").path(0));
            curve.set("b", o.path("asTraced").path(1));
            drawn.set("curve", curve);
            o.set("drawn", drawn);
            o.remove("stroke");
            o.remove("asTraced");
        }
    }

    /** Evidence was a sentence for the screen; what it said is read out of it where that can be done. */
    private static void evidence(ObjectNode n) {
        if (!n.path("is").asString("").equals("read") || !(n.get("evidence") instanceof ArrayNode list)) return;
        ArrayNode out = n.arrayNode();
        for (JsonNode e : list) out.add(e.isString() ? evidence(n, e.asString()) : e);
        n.set("evidence", out);
    }

    private static ObjectNode evidence(ObjectNode n, String sentence) {
        String[] sides = sentence.split(" = ");
        Optional<Double> drawn = LengthReader.read(sides[0], LengthUnit.METRE);
        Optional<Double> truth = sides.length == 2 ? LengthReader.read(sides[1], LengthUnit.METRE) : Optional.empty();
        if (drawn.isPresent() && truth.isPresent())
            return n.objectNode().put("is", "known-length").put("drawn", drawn.get()).put("truth", truth.get());
        return n.objectNode().put("is", "note").put("text", sentence);
    }

    private static void everywhere(JsonNode n, Consumer<ObjectNode> f) {
        for (JsonNode child : n) everywhere(child, f);
        if (n instanceof ObjectNode o) {
            f.accept(o);
            // a value that was read in from the file's header or across a wall stood beside what it spoke of
            if (o.get("why") instanceof ObjectNode why) spoken(o, why);
        }
    }

    private static void spoken(ObjectNode given, ObjectNode why) {
        List<JsonNode> all = new ArrayList<>();
        for (JsonNode e : why.path("evidence")) all.add(e);
        if (all.isEmpty()) return;
        ArrayNode out = why.arrayNode();
        for (JsonNode e : all) {
            String text = e.path("text").asString("");
            if (text.equals("header"))
                out.addObject().put("is", "header-unit").set("metresPerUnit", given.path("value").path("metresPerUnitX"));
            else if (text.equals("across")) out.addObject().put("is", "read-across").set("thickness", given.path("value"));
            else out.add(e);
        }
        why.set("evidence", out);
    }
}
