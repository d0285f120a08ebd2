package brightlintel.write.ifc;

import static brightlintel.write.ifc.StepText.NONE;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import brightlintel.building.Project;
import brightlintel.write.ifc.StepText.Ref;

/**
 * Types of doors and windows: one for each kind, or for each size where they are of none; of doors one for each way to open, since the
 * standard keeps it with the type.
 */
final class IfcOpeningTypes {
    /** @param key that its id follows from */
    private record Type(String key, String name, boolean window, String operation) { }

    private final StepText s;
    private final IfcSets sets;
    private final Project project;
    private final Map<Type, List<Ref>> all = new LinkedHashMap<>();

    IfcOpeningTypes(StepText s, IfcSets sets, Project project) {
        this.s = s;
        this.sets = sets;
        this.project = project;
    }

    /** @param operation by the standard's word */
    void of(Opening o, String operation, Ref product) {
        boolean window = o.filling() instanceof Opening.Filling.Window;
        String size = mm(o.width().value()) + " x " + mm(o.head().value() - o.sill().value());
        String made = o.filling() instanceof Opening.Filling.Window(Opening.Filling.Sash sash) ? sash.name() : operation;
        String kind = o.kind().flatMap(project::openingKind).map(OpeningKind::name).orElse((window ? "Window " : "Door ") + size);
        all.computeIfAbsent(new Type(kind + "/" + size + "/" + made, kind, window, operation), _ -> new ArrayList<>()).add(product);
    }

    private static long mm(double metres) {
        return Math.round(1000 * metres);
    }

    void write() {
        all.forEach((t, products) -> {
            String key = "opening-type/" + t.key;
            Ref type = t.window
                ? s.add("IFCWINDOWTYPE", sets.id(key), NONE, t.name, NONE, NONE, NONE, NONE, NONE, NONE, StepText.of("WINDOW"),
                    StepText.of("NOTDEFINED"), NONE, NONE)
                : s.add("IFCDOORTYPE", sets.id(key), NONE, t.name, NONE, NONE, NONE, NONE, NONE, NONE, StepText.of("DOOR"),
                    StepText.of(t.operation), NONE, NONE);
            s.add("IFCRELDEFINESBYTYPE", sets.id(key + "/occurrences"), NONE, NONE, NONE, products, type);
        });
    }
}
