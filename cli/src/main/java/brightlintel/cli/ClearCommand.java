package brightlintel.cli;

import brightlintel.building.Cast;
import brightlintel.building.Mend;
import brightlintel.building.Role;
import brightlintel.correct.Reckoning;
import brightlintel.drawing.Progress;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.inspect.Inspection;
import brightlintel.receive.Cleaned;
import brightlintel.repair.Mending;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import brightlintel.sheet.SheetParts;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
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
        call.out().writeBytes(JsonText.of(answer(call.rest().getFirst(), r)));
        call.out().println();
        return Main.DONE;
    }

    private static Map<String, Object> answer(String file, Reckoning r) {
        CompletableFuture<SheetParts> sheet = CompletableFuture.supplyAsync(() -> SheetParts.of(r));
        RoleFinding f = RoleFinding.of(r);
        Strokes s = r.look().strokes();
        List<Cast> casts = Casting.proposed(f, s);
        return Inspection.ordered("file", file, "layers", parts(f.layers()), "blocks", parts(f.blocks()), "manners", parts(f.manners()),
            "pens", pens(f), "regions",
            regions(sheet.join()),
            "repairs", repairs(r, casts), "kept", counts(s, casts, true), "setAside", counts(s, casts, false));
    }

    /** What would be mended, as the window proposes it. */
    private static Map<String, Integer> repairs(Reckoning r, List<Cast> casts) {
        Map<String, Integer> out = new LinkedHashMap<>();
        Map<Mend, Integer> counts = Mending.of(r.look().strokes(), Casting.recipe(casts), r.size().metresPerUnit(), Progress.NONE).counts();
        for (Mend k : Mend.values()) if (counts.containsKey(k)) out.put(k.name().toLowerCase(Locale.ROOT), counts.get(k));
        return out;
    }

    /** Colours on a layer that holds nearly everything. */
    private static List<Map<String, Object>> pens(RoleFinding f) {
        List<Map<String, Object>> out = new ArrayList<>();
        for (RoleFinding.OfPen p : f.pens()) {
            Map<String, Object> one = parts(List.of(p.part())).getFirst();
            one.put("colour", String.format(Locale.ROOT, "#%06X", p.colour()));
            out.add(one);
        }
        return out;
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
            p.roles().forEach((r, n) -> roles.put(Casting.word(r), n));
            out.add(Inspection.ordered("name", p.name(), "role", p.isMixed() ? "mixed" : Casting.word(p.role()), "confidence",
                Math.round(p.confidence() * 100) / 100.0, "strokes", p.units(), "roles", roles));
        }
        return out;
    }

    /** Strokes and marks by what they are cast as; what nothing is known of stays. */
    private static Map<String, Integer> counts(Strokes s, List<Cast> casts, boolean kept) {
        Map<String, Integer> out = new LinkedHashMap<>();
        Casting.Lookup of = new Casting.Lookup(casts);
        for (int i = 0; i < s.size(); i++) count(of.of(s, i), kept, out);
        for (int i = 0; i < s.marks(); i++) count(of.of(s, s.mark(i)), kept, out);
        return out;
    }

    private static void count(Optional<Role> r, boolean kept, Map<String, Integer> out) {
        if (r.map(Role::isBuilding).orElse(true) == kept) out.merge(r.map(Casting::word).orElse("unknown"), 1, Integer::sum);
    }
}
