package brightlintel.edit;

import brightlintel.building.Clearing;
import brightlintel.building.Edit;
import brightlintel.building.UnderlayId;
import brightlintel.drawing.Names;
import java.util.Collection;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

/** Layers on and off. */
public final class Clearings {
    private Clearings() { }

    private static Edit layers(String name, String subject, UnderlayId u, UnaryOperator<Set<String>> f) {
        return Edit.of(name, subject, p -> p.withUnderlay(u, x -> x.with(new Clearing(f.apply(x.clearing().layersOff())))));
    }

    public static Edit hide(UnderlayId u, String layer) {
        return layers("edit.layer-off", layer, u, off -> with(off, layer));
    }

    public static Edit show(UnderlayId u, String layer) {
        return layers("edit.layer-on", layer, u, off -> without(off, layer));
    }

    public static Edit alone(UnderlayId u, String layer, Collection<String> all) {
        return layers("edit.layer-alone", layer, u, _ -> without(keys(all), layer));
    }

    public static Edit invert(UnderlayId u, Collection<String> all) {
        return layers("edit.layers-invert", "", u, off -> {
            Set<String> out = keys(all);
            out.removeAll(off);
            return out;
        });
    }

    public static Edit allBack(UnderlayId u) {
        return layers("edit.layers-back", "", u, _ -> Set.of());
    }

    private static Set<String> keys(Collection<String> names) {
        Set<String> out = new TreeSet<>();
        names.forEach(n -> out.add(Names.key(n)));
        return out;
    }

    private static Set<String> with(Set<String> off, String layer) {
        Set<String> out = new TreeSet<>(off);
        out.add(Names.key(layer));
        return out;
    }

    private static Set<String> without(Set<String> off, String layer) {
        Set<String> out = new TreeSet<>(off);
        out.remove(Names.key(layer));
        return out;
    }
}
