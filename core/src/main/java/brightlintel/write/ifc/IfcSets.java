package brightlintel.write.ifc;

import static brightlintel.write.ifc.StepText.NONE;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import brightlintel.building.Ids;
import brightlintel.write.ifc.StepText.Ref;

/** Quantities and properties of elements, by the standard's names, and the ids that follow from the project's. */
final class IfcSets {
    private final StepText s;
    private final String project;

    IfcSets(StepText s, String project) {
        this.s = s;
        this.project = project;
    }

    /** For what has no id of its own in the project. */
    String id(String role) {
        return GlobalId.of(Ids.derived(project, role));
    }

    /** Of an element. */
    static String of(String id) {
        return GlobalId.of(Ids.uuid(id));
    }

    Ref length(String name, double v) {
        return s.add("IFCQUANTITYLENGTH", name, NONE, NONE, v, NONE);
    }

    Ref area(String name, double v) {
        return s.add("IFCQUANTITYAREA", name, NONE, NONE, v, NONE);
    }

    Ref volume(String name, double v) {
        return s.add("IFCQUANTITYVOLUME", name, NONE, NONE, v, NONE);
    }

    void quantities(String set, String of, Ref element, Ref... q) {
        Ref e = s.add("IFCELEMENTQUANTITY", id("quantities/" + of), NONE, set, NONE, NONE, List.of(q));
        s.add("IFCRELDEFINESBYPROPERTIES", id("has-quantities/" + of), NONE, NONE, NONE, List.of(element), e);
    }

    /** @param type of the value, like IFCBOOLEAN */
    Ref property(String name, String type, Object value) {
        return s.add("IFCPROPERTYSINGLEVALUE", name, NONE, StepText.typed(type, value), NONE);
    }

    Ref set(String key, String name, Ref... properties) {
        return s.add("IFCPROPERTYSET", id(key), NONE, name, NONE, List.of(properties));
    }

    void properties(String name, String of, Ref element, Ref... properties) {
        s.add("IFCRELDEFINESBYPROPERTIES", id("has-" + name + "/" + of), NONE, NONE, NONE, List.of(element), set(name + "/" + of, name,
            properties));
    }

    /**
     * What the standard's common set of a kind of element says, as far as it is known.
     *
     * @param reference what elements of this sort are called here
     * @param external  nothing where nobody said
     */
    void common(String name, String of, Ref element, String reference, Optional<Boolean> external, Ref... more) {
        List<Ref> all = new ArrayList<>();
        if (!reference.isEmpty()) all.add(property("Reference", "IFCIDENTIFIER", reference));
        external.ifPresent(x -> all.add(property("IsExternal", "IFCBOOLEAN", x)));
        all.addAll(List.of(more));
        if (!all.isEmpty()) properties(name, of, element, all.toArray(Ref[]::new));
    }

    void aggregate(String role, Ref whole, List<Ref> parts) {
        s.add("IFCRELAGGREGATES", id("aggregate/" + role), NONE, NONE, NONE, whole, parts);
    }
}
