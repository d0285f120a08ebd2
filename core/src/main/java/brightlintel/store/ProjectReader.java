package brightlintel.store;

import brightlintel.building.GridLine;
import brightlintel.building.Ids;
import brightlintel.building.Level;
import brightlintel.building.OpeningKind;
import brightlintel.building.Site;
import brightlintel.building.Source;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.Units;
import brightlintel.building.Verdict;
import brightlintel.building.WallKind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.DeserializationProblemHandler;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Binds the parts of a project one by one: one that cannot be is left out and told, the others stand. */
final class ProjectReader {
    private static final int MOST_REMARKS = 200;
    private final List<Remark> remarks;
    private final JsonMapper mapper;

    ProjectReader(List<Remark> remarks) {
        this.remarks = remarks;
        this.mapper = ProjectJson.MAPPER.rebuild().addHandler(new Unknown()).build();
    }

    private final class Unknown extends DeserializationProblemHandler {
        @Override public boolean handleUnknownProperty(DeserializationContext c, JsonParser in, ValueDeserializer<?> d, Object bean,
                                                       String name) {
            say(Remark.Kind.UNKNOWN_NAME, name, in.streamReadContext().pathAsPointer().toString());
            in.skipChildren();
            return true;
        }
    }

    private void say(Remark.Kind kind, Object... values) {
        if (remarks.size() < MOST_REMARKS) remarks.add(Remark.of(kind, values));
    }

    Draft read(ObjectNode p) {
        Map<StoreyId, List<StoreyElement>> contents = new LinkedHashMap<>();
        if (p.get("contents") instanceof ObjectNode all)
            all.properties().forEach(e -> contents.put(new StoreyId(e.getKey()), list(e.getValue(), "elements", StoreyElement.class)));
        for (String name : p.propertyNames()) if (!ProjectJson.NAMES.contains(name)) say(Remark.Kind.UNKNOWN_NAME, name, "/project");
        return new Draft(p.path("id").asString(Ids.fresh()), p.path("name").asString(""), one(p, "units", Units.class, Units.METRIC),
            one(p, "site", Site.class, Site.UNKNOWN), list(p, "sources", Source.class), list(p, "underlays", Underlay.class),
            list(p, "storeys", Storey.class), list(p, "levels", Level.class), list(p, "grid", GridLine.class), contents,
            list(p, "verdicts", Verdict.class), list(p, "wallKinds", WallKind.class),
            list(p, "openingKinds", OpeningKind.class));
    }

    private <T> T one(JsonNode in, String name, Class<T> type, T usual) {
        JsonNode n = in.get(name);
        if (n == null) return usual;
        try {
            T t = mapper.treeToValue(n, type);
            return t == null ? usual : t;
        } catch (JacksonException | IllegalArgumentException | NullPointerException bad) {
            say(Remark.Kind.LEFT_OUT, name, reason(bad));
            return usual;
        }
    }

    private <T> List<T> list(JsonNode in, String name, Class<T> type) {
        List<T> out = new ArrayList<>();
        for (JsonNode n : in.path(name)) {
            try {
                T t = mapper.treeToValue(n, type);
                if (t != null) out.add(t);
            } catch (JacksonException | IllegalArgumentException | NullPointerException bad) {
                say(Remark.Kind.LEFT_OUT, type.getSimpleName() + " " + n.path("id").asString(n.path("name").asString("")), reason(bad));
            }
        }
        return out;
    }

    /** Of the innermost cause, the first line: the records name field and value. */
    private static String reason(Throwable t) {
        Throwable inner = t;
        while (inner.getCause() != null && inner.getCause() != inner) inner = inner.getCause();
        return String.valueOf(inner.getMessage()).lines().findFirst().orElse("");
    }
}
