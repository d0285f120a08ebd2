package brightlintel.cli;

import brightlintel.building.Role;
import brightlintel.correct.Reckoning;
import brightlintel.geom.Box;
import brightlintel.inspect.Inspection;
import brightlintel.role.RoleFinding;
import brightlintel.sheet.SheetParts;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.apache.commons.cli.Options;

/** What of a drawing is building, as JSON. */
final class ClearCommand implements Command {
    @Override public String name() {
        return "clear";
    }

    @Override public String purpose() {
        return "Tells what each layer and block of a drawing stands for, and what of it is building, as JSON.";
    }

    @Override public String takes() {
        return "FILE";
    }

    @Override public Options options() {
        return new Options()
            .addOption(Pages.OPTION)
            .addOption(InspectCommand.PASSWORD);
    }

    @Override public int run(Call call) throws Exception {
        if (call.rest().size() != 1) throw new WrongCall(call.rest().isEmpty() ? "missing: " + takes() : "one file at a time");
        Path file = Path.of(call.rest().getFirst());
        Reckoning r = TrueCommand.reckoned(file, call);
        call.out().writeBytes(JsonText.of(answer(call.rest().getFirst(), RoleFinding.of(r), SheetParts.of(r))));
        call.out().println();
        return Main.DONE;
    }

    private static Map<String, Object> answer(String file, RoleFinding f, SheetParts p) {
        return Inspection.ordered("file", file, "layers", parts(f.layers()), "blocks", parts(f.blocks()), "regions", regions(p), "kept",
            counts(f, true), "setAside", counts(f, false));
    }

    private static List<Map<String, Object>> regions(SheetParts p) {
        List<Map<String, Object>> out = new ArrayList<>();
        for (SheetParts.Part x : p.all()) {
            Box b = x.outline().box();
            out.add(Inspection.ordered("kind", word(x.kind()), "title", x.title(), "storey",
                x.storey().isPresent() ? x.storey().getAsInt() : null, "confidence", x.confidence(), "box",
                List.of(b.minX(), b.minY(), b.maxX(), b.maxY()), "outline",
                x.outline().corners().stream().map(c -> List.of(c.x(), c.y())).toList(), "sameAs",
                x.sameAs().isPresent() ? x.sameAs().getAsInt() : null));
        }
        return out;
    }

    private static String word(SheetParts.Kind k) {
        return k == SheetParts.Kind.KEY_PLAN ? "keyplan" : k.name().toLowerCase(Locale.ROOT);
    }

    private static List<Map<String, Object>> parts(List<RoleFinding.OfPart> parts) {
        List<Map<String, Object>> out = new ArrayList<>();
        for (RoleFinding.OfPart p : parts) {
            Map<String, Integer> roles = new TreeMap<>();
            p.roles().forEach((r, n) -> roles.put(word(r), n));
            out.add(Inspection.ordered("name", p.name(), "role", p.isMixed() ? "mixed" : word(p.role()), "confidence",
                Math.round(p.confidence() * 100) / 100.0, "strokes", p.units(), "roles", roles));
        }
        return out;
    }

    /** Strokes and marks by what they are. */
    private static Map<String, Integer> counts(RoleFinding f, boolean kept) {
        Map<String, Integer> out = new LinkedHashMap<>();
        for (List<Role> all : List.of(f.of(), f.ofMarks()))
            for (Role r : all) if (r.isBuilding() == kept) out.merge(word(r), 1, Integer::sum);
        return out;
    }

    private static String word(Role r) {
        return switch (r) {
            case SLAB_EDGE -> "slabEdge";
            case ROOM_OUTLINE -> "roomOutline";
            case ROOM_LABEL -> "roomLabel";
            case SHEET -> "frame";
            default -> r.name().toLowerCase(Locale.ROOT);
        };
    }
}
