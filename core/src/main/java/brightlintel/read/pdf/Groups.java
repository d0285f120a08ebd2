package brightlintel.read.pdf;

import brightlintel.drawing.Colour;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Style;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSString;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * Optional content: what the file has of layers itself, as its default configuration shows them. Membership dictionaries stand for several
 * groups at once and are shown by their policy or expression; of radio groups at most the first that is on stays on.
 */
final class Groups {
    private static final int DEEPEST = 32;
    private final Map<COSDictionary, String> names = new IdentityHashMap<>();
    private final Map<COSDictionary, Boolean> on = new IdentityHashMap<>();
    private final Map<COSDictionary, Layer> members = new IdentityHashMap<>();
    private final Map<COSDictionary, String> parents = new IdentityHashMap<>();

    static Groups of(PDDocument d) {
        Groups g = new Groups();
        COSDictionary properties = d.getDocumentCatalog().getCOSObject().getCOSDictionary(COSName.OCPROPERTIES);
        if (properties != null) g.read(properties);
        return g;
    }

    private void read(COSDictionary properties) {
        COSDictionary d = properties.getCOSDictionary(COSName.D);
        COSDictionary usual = d == null ? new COSDictionary() : d;
        List<COSDictionary> all = dictionaries(properties.getCOSArray(COSName.OCGS));
        boolean base = !"OFF".equals(usual.getNameAsString(COSName.BASE_STATE));
        for (COSDictionary g : all) on.put(g, base);
        for (COSDictionary g : dictionaries(usual.getCOSArray(COSName.ON))) on.put(g, true);
        for (COSDictionary g : dictionaries(usual.getCOSArray(COSName.OFF))) on.put(g, false);
        COSArray radio = usual.getCOSArray(COSName.getPDFName("RBGroups"));
        if (radio != null) for (COSBase r : radio) if (plain(r) instanceof COSArray one) {
            boolean taken = false;
            for (COSDictionary g : dictionaries(one)) {
                if (taken) on.put(g, false);
                taken |= on.getOrDefault(g, false);
            }
        }
        COSArray order = usual.getCOSArray(COSName.ORDER);
        if (order != null) parents(order, "", 0, Collections.newSetFromMap(new IdentityHashMap<>()));
        name(all);
    }

    /** Two groups of one name are told apart by what they stand under, else by a number. */
    private void name(List<COSDictionary> all) {
        Map<String, Integer> count = new HashMap<>();
        for (COSDictionary g : all) count.merge(said(g), 1, Integer::sum);
        Set<String> taken = new LinkedHashSet<>();
        for (COSDictionary g : all) {
            if (names.containsKey(g)) continue;
            String parent = parents.getOrDefault(g, ""), name = said(g);
            if (count.get(name) > 1 && !parent.isEmpty()) name = parent + " / " + name;
            String free = name;
            for (int n = 2; !taken.add(free); n++) free = name + " (" + n + ")";
            names.put(g, free);
        }
    }

    private static String said(COSDictionary g) {
        String s = g.getString(COSName.NAME);
        return s == null || s.isBlank() ? "unnamed group" : s;
    }

    private void parents(COSArray order, String under, int depth, Set<COSArray> seen) {
        if (depth > DEEPEST || !seen.add(order)) return;
        String last = under;
        for (COSBase b : order) switch (plain(b)) {
            case COSString s -> last = s.getString();
            case COSDictionary g -> {
                parents.putIfAbsent(g, under);
                last = said(g);
            }
            case COSArray a -> parents(a, last, depth + 1, seen);
            case null, default -> { }
        }
    }

    private static COSBase plain(COSBase b) {
        return b instanceof COSObject o ? o.getObject() : b;
    }

    private static List<COSDictionary> dictionaries(COSArray a) {
        List<COSDictionary> out = new ArrayList<>();
        if (a != null) for (COSBase b : a) if (plain(b) instanceof COSDictionary d) out.add(d);
        return out;
    }

    List<Layer> layers() {
        Map<String, Layer> out = new LinkedHashMap<>();
        names.entrySet().stream().sorted(Map.Entry.comparingByValue())
            .forEach(e -> out.put(e.getValue(), layer(e.getValue(), on.get(e.getKey()))));
        return List.copyOf(out.values());
    }

    private static Layer layer(String name, boolean shown) {
        return new Layer(name, Colour.PLAIN, !shown, false, false, "", Style.WEIGHT_DEFAULT, true, true);
    }

    /** The layer of a group or membership dictionary; null where it is neither. */
    Layer of(COSDictionary d) {
        String name = names.get(d);
        if (name != null) return layer(name, on.get(d));
        return members.computeIfAbsent(d, this::member);
    }

    private Layer member(COSDictionary d) {
        String type = d.getNameAsString(COSName.TYPE);
        if (!"OCMD".equals(type) && !d.containsKey(COSName.OCGS)) return "OCG".equals(type) ? layer(said(d), true) : null;
        COSBase g = d.getDictionaryObject(COSName.OCGS);
        List<COSDictionary> all = g instanceof COSArray a ? dictionaries(a) : g instanceof COSDictionary one ? List.of(one) : List.of();
        COSArray expression = d.getCOSArray(COSName.getPDFName("VE"));
        if (all.isEmpty() && expression != null) all = mentioned(expression, 0, new ArrayList<>());
        String name = String.join(" + ", all.stream().map(x -> names.getOrDefault(x, said(x))).distinct().toList());
        boolean shown = expression != null ? holds(expression, 0) : byPolicy(all, d.getNameAsString(COSName.P, "AnyOn"));
        if (name.isEmpty()) return null;
        // shown otherwise than the one group it speaks of, it is another layer
        boolean same = all.size() == 1 && on.getOrDefault(all.getFirst(), true) == shown;
        return layer(same || all.size() > 1 ? name : "not " + name, shown);
    }

    private boolean byPolicy(List<COSDictionary> all, String policy) {
        if (all.isEmpty()) return true;
        return switch (policy) {
            case "AllOn" -> all.stream().allMatch(x -> on.getOrDefault(x, true));
            case "AnyOff" -> all.stream().anyMatch(x -> !on.getOrDefault(x, true));
            case "AllOff" -> all.stream().noneMatch(x -> on.getOrDefault(x, true));
            default -> all.stream().anyMatch(x -> on.getOrDefault(x, true));
        };
    }

    private boolean holds(COSArray e, int depth) {
        if (depth > DEEPEST || e.size() < 2) return true;
        List<Boolean> parts = new ArrayList<>();
        for (int i = 1; i < e.size(); i++) switch (plain(e.get(i))) {
            case COSArray a -> parts.add(holds(a, depth + 1));
            case COSDictionary g -> parts.add(on.getOrDefault(g, true));
            case null, default -> { }
        }
        return switch (e.getName(0, "And")) {
            case "Or" -> parts.contains(true);
            case "Not" -> !parts.contains(true);
            default -> !parts.contains(false);
        };
    }

    private List<COSDictionary> mentioned(COSArray e, int depth, List<COSDictionary> out) {
        if (depth < DEEPEST) for (COSBase b : e) {
            if (plain(b) instanceof COSArray a) mentioned(a, depth + 1, out);
            else if (plain(b) instanceof COSDictionary g && !out.contains(g)) out.add(g);
        }
        return out;
    }
}
