package brightlintel.building;

import brightlintel.drawing.Names;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * What of an underlay is set aside. A recipe, not strokes: the original stays as it is, and {@code clear.Cleared} answers what is shown.
 * Something goes if its layer, kind, block, colour, role or region says so, or a repair; single things set aside or brought back count
 * more than
 * all of these.
 *
 * @param layersOff names in lower case
 * @param kindsOff  the format's words, like HATCH
 * @param blocksOff names in lower case
 * @param coloursOff 0xRRGGBB, as drawn
 */
public record Clearing(Set<String> layersOff, Set<String> kindsOff, Set<String> blocksOff, Set<Integer> coloursOff, List<Region> regions,
                       List<Single> singles, List<Cast> roles, Set<Role> rolesOff, List<Repair> repairs) {
    public static final Clearing NONE = ofLayers(Set.of());

    public Clearing {
        layersOff = keys(layersOff);
        kindsOff = Collections.unmodifiableSortedSet(new TreeSet<>(kindsOff));
        blocksOff = keys(blocksOff);
        coloursOff = Collections.unmodifiableSortedSet(new TreeSet<>(coloursOff));
        regions = List.copyOf(regions);
        singles = List.copyOf(singles);
        roles = List.copyOf(roles);
        rolesOff = Collections.unmodifiableSortedSet(new TreeSet<>(rolesOff));
        repairs = List.copyOf(repairs);
    }

    /** Nothing but layers. */
    public static Clearing ofLayers(Set<String> off) {
        return new Clearing(off, Set.of(), Set.of(), Set.of(), List.of(), List.of(), List.of(), Set.of(), List.of());
    }

    private static SortedSet<String> keys(Collection<String> names) {
        SortedSet<String> out = new TreeSet<>();
        names.forEach(n -> out.add(Names.key(n)));
        return Collections.unmodifiableSortedSet(out);
    }

    public boolean hidesLayer(String layer) {
        return layersOff.contains(Names.key(layer));
    }

    public Clearing withLayersOff(Collection<String> off) {
        return new Clearing(keys(off), kindsOff, blocksOff, coloursOff, regions, singles, roles, rolesOff, repairs);
    }

    public Clearing withKindsOff(Set<String> off) {
        return new Clearing(layersOff, off, blocksOff, coloursOff, regions, singles, roles, rolesOff, repairs);
    }

    public Clearing withBlocksOff(Set<String> off) {
        return new Clearing(layersOff, kindsOff, off, coloursOff, regions, singles, roles, rolesOff, repairs);
    }

    public Clearing withColoursOff(Set<Integer> off) {
        return new Clearing(layersOff, kindsOff, blocksOff, off, regions, singles, roles, rolesOff, repairs);
    }

    public Clearing withRegions(List<Region> r) {
        return new Clearing(layersOff, kindsOff, blocksOff, coloursOff, r, singles, roles, rolesOff, repairs);
    }

    public Clearing withSingles(List<Single> s) {
        return new Clearing(layersOff, kindsOff, blocksOff, coloursOff, regions, s, roles, rolesOff, repairs);
    }

    public Clearing withRoles(List<Cast> r, Set<Role> off) {
        return new Clearing(layersOff, kindsOff, blocksOff, coloursOff, regions, singles, r, off, repairs);
    }

    public Clearing withRepairs(List<Repair> r) {
        return new Clearing(layersOff, kindsOff, blocksOff, coloursOff, regions, singles, roles, rolesOff, r);
    }

    /** What is mended all over the drawing. */
    public Optional<Repair.Mended> mended() {
        for (Repair r : repairs) if (r instanceof Repair.Mended m && !m.kinds().isEmpty()) return Optional.of(m);
        return Optional.empty();
    }

    /** Mended otherwise, or not at all. */
    public Clearing withMended(Optional<Repair.Mended> m) {
        List<Repair> out = new ArrayList<>(repairs.stream().filter(r -> !(r instanceof Repair.Mended)).toList());
        m.ifPresent(out::add);
        return withRepairs(out);
    }

    /** Nothing set aside; what was said of roles stays said, and what was mended stays mended. */
    public Clearing allBack() {
        return NONE.withRoles(roles, Set.of()).withMended(mended());
    }
}
