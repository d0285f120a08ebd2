package brightlintel.edit;

import brightlintel.building.Cast;
import brightlintel.building.Given;
import brightlintel.building.Role;
import java.util.EnumSet;
import brightlintel.building.Clearing;
import brightlintel.building.DrawnRef;
import brightlintel.building.Edit;
import brightlintel.building.Project;
import brightlintel.building.Region;
import brightlintel.building.Repair;
import brightlintel.building.Single;
import brightlintel.building.UnderlayId;
import brightlintel.drawing.Names;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

/** What is set aside of a drawing and brought back: layers, kinds, blocks, regions, single things. */
public final class Clearings {
    private Clearings() { }

    private static Edit change(String name, String subject, UnderlayId u, UnaryOperator<Clearing> f) {
        return Edit.of(name, subject, p -> p.withUnderlay(u, x -> x.with(f.apply(x.clearing()))));
    }

    private static Edit layers(String name, String subject, UnderlayId u, UnaryOperator<Set<String>> f) {
        return change(name, subject, u, c -> c.withLayersOff(f.apply(new TreeSet<>(c.layersOff()))));
    }

    public static Edit hide(UnderlayId u, String layer) {
        return layers("edit.layer-off", layer, u, off -> with(off, Names.key(layer)));
    }

    public static Edit show(UnderlayId u, String layer) {
        return layers("edit.layer-on", layer, u, off -> without(off, Names.key(layer)));
    }

    public static Edit alone(UnderlayId u, String layer, Collection<String> all) {
        return layers("edit.layer-alone", layer, u, _ -> without(keys(all), Names.key(layer)));
    }

    /** These and no others. @param off names of layers */
    public static Edit layersOff(UnderlayId u, Collection<String> off) {
        return layers("edit.layers-off", "", u, _ -> keys(off));
    }

    public static Edit invert(UnderlayId u, Collection<String> all) {
        return layers("edit.layers-invert", "", u, off -> {
            Set<String> out = keys(all);
            out.removeAll(off);
            return out;
        });
    }

    /** Everything of these drawings that was set aside, in one step; what was said of roles stays said. */
    public static Edit allBack(Collection<UnderlayId> which) {
        return Edit.of("edit.layers-back", p -> {
            Project out = p;
            for (UnderlayId u : which) out = out.withUnderlay(u, x -> x.with(x.clearing().allBack()));
            return out;
        });
    }

    /** Keeps only building and what traces it. @param casts what everything stands for */
    public static Edit strip(UnderlayId u, List<Cast> casts) {
        Set<Role> off = EnumSet.noneOf(Role.class);
        for (Role r : Role.values()) if (!r.isBuilding()) off.add(r);
        return change("edit.strip", "", u, c -> c.withRoles(casts, off));
    }

    /** Sets aside all that stands for something, or brings it back. */
    public static Edit role(UnderlayId u, List<Cast> casts, Role r, boolean shown, String name) {
        return change(shown ? "edit.role-on" : "edit.role-off", name, u, c -> {
            Set<Role> off = EnumSet.noneOf(Role.class);
            off.addAll(c.rolesOff());
            if (shown) off.remove(r);
            else off.add(r);
            return c.withRoles(casts, off);
        });
    }

    /** Somebody says what a part stands for. @param casts all of them, without that word */
    public static Edit cast(UnderlayId u, List<Cast> casts, Cast.Part part, Role r, String name) {
        List<Cast> all = new ArrayList<>(casts.stream().filter(c -> !c.part().equals(part)).toList());
        all.add(new Cast(part, Given.stated(r)));
        return change("edit.cast", name, u, c -> c.withRoles(all, c.rolesOff()));
    }

    /** Somebody says what several parts stand for, in one step. @param said of them; casts: all, without that word */
    public static Edit casts(UnderlayId u, List<Cast> casts, List<Cast> said) {
        List<Cast> all = new ArrayList<>();
        for (Cast c : casts) if (said.stream().noneMatch(x -> x.part().equals(c.part()))) all.add(c);
        for (Cast c : said) all.add(new Cast(c.part(), Given.stated(c.role().value())));
        return change("edit.casts", "", u, c -> c.withRoles(all, c.rolesOff()));
    }

    /** @param kind the format's word, like HATCH */
    public static Edit kind(UnderlayId u, String kind, boolean shown) {
        return change(shown ? "edit.kind-on" : "edit.kind-off", kind, u, c -> c.withKindsOff(switched(c.kindsOff(), kind, shown)));
    }

    public static Edit block(UnderlayId u, String block, boolean shown) {
        return change(shown ? "edit.block-on" : "edit.block-off", block, u,
            c -> c.withBlocksOff(switched(c.blocksOff(), Names.key(block), shown)));
    }

    /** @param rgb as drawn; word: how it is called */
    public static Edit colour(UnderlayId u, int rgb, boolean shown, String word) {
        return change(shown ? "edit.colour-on" : "edit.colour-off", word, u, c -> {
            Set<Integer> off = new TreeSet<>(c.coloursOff());
            if (shown) off.remove(rgb);
            else off.add(rgb);
            return c.withColoursOff(off);
        });
    }

    public static Edit region(UnderlayId u, Region r) {
        return change(r.keeps() ? "edit.region-keep" : "edit.region-hide", "", u, c -> {
            List<Region> out = new ArrayList<>(c.regions());
            out.add(r);
            return c.withRegions(out);
        });
    }

    /** Single things are no longer set aside for themselves. */
    public static Edit noSingles(UnderlayId u) {
        return change("edit.singles-back", "", u, c -> c.withSingles(c.singles().stream().filter(Single::shown).toList()));
    }

    /** An outline keeps or hides nothing any more. */
    public static Edit noRegion(UnderlayId u, Region r) {
        return change("edit.region-back", "", u, c -> c.withRegions(c.regions().stream().filter(x -> !x.equals(r)).toList()));
    }

    /** Mended by a recipe all over, or as it was received again. */
    public static Edit mend(UnderlayId u, Optional<Repair.Mended> recipe) {
        return change(recipe.isPresent() ? "edit.mend" : "edit.unmend", "", u, c -> c.withMended(recipe));
    }

    /** What was said of the same thing before gives way. */
    public static Edit single(UnderlayId u, Single s) {
        return singles(s.shown() ? "edit.single-on" : "edit.single-off", u, List.of(s));
    }

    /** Any number in one step. */
    public static Edit singles(UnderlayId u, List<Single> some) {
        return singles("edit.singles-off", u, some);
    }

    private static Edit singles(String name, UnderlayId u, List<Single> some) {
        return change(name, "", u, c -> {
            Set<DrawnRef> again = new HashSet<>();
            some.forEach(s -> again.add(s.drawn()));
            List<Single> out = new ArrayList<>(c.singles());
            out.removeIf(x -> again.contains(x.drawn()));
            out.addAll(some);
            return c.withSingles(out);
        });
    }

    private static Set<String> keys(Collection<String> names) {
        Set<String> out = new TreeSet<>();
        names.forEach(n -> out.add(Names.key(n)));
        return out;
    }

    private static Set<String> switched(Set<String> off, String name, boolean shown) {
        return shown ? without(off, name) : with(off, name);
    }

    private static Set<String> with(Set<String> off, String name) {
        Set<String> out = new TreeSet<>(off);
        out.add(name);
        return out;
    }

    private static Set<String> without(Set<String> off, String name) {
        Set<String> out = new TreeSet<>(off);
        out.remove(name);
        return out;
    }
}
