package brightlintel.desktop.state;

import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.receive.LayOn;
import brightlintel.receive.PageGlance;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * A file of several pages that is being looked through before anything of it is taken. It is no part of the project.
 *
 * @param name   as it was received
 * @param count  of its pages; those seen so far may be fewer
 * @param ticked pages to be taken
 * @param on     where they go; a page that is not in it goes on the storey in hand
 * @param at     the page that is looked at
 */
public record PagesInHand(Path file, String name, String password, int count, List<PageGlance> seen, Set<Integer> ticked,
    Map<Integer, LayOn> on,
    int at) {
    public PagesInHand {
        seen = List.copyOf(seen);
        ticked = Set.copyOf(ticked);
        on = Map.copyOf(on);
    }

    public static PagesInHand of(Path file, String name, String password, int count) {
        return new PagesInHand(file, name, password, count, List.of(), Set.of(), Map.of(), 1);
    }

    public Optional<PageGlance> page(int number) {
        return seen.stream().filter(g -> g.number() == number).findFirst();
    }

    /** One more was looked at. A page whose title names a storey is ticked at once; the first of a file without titles, too. */
    public PagesInHand with(PageGlance g, Project p) {
        List<PageGlance> all = new ArrayList<>(seen);
        all.add(g);
        Map<Integer, LayOn> where = new LinkedHashMap<>(on);
        Set<Integer> ticks = new TreeSet<>(ticked);
        LayOn.byTitle(p, g.notes().title()).filter(l -> !g.isEmpty()).ifPresent(l -> {
            where.put(g.number(), l);
            ticks.add(g.number());
        });
        if (all.size() == count && ticks.isEmpty())
            ticks.add(all.stream().filter(x -> !x.isEmpty()).findFirst().orElse(all.getFirst()).number());
        return new PagesInHand(file, name, password, count, all, ticks, where, at);
    }

    public PagesInHand tick(int page, boolean yes) {
        Set<Integer> ticks = new TreeSet<>(ticked);
        if (yes) ticks.add(page);
        else ticks.remove(page);
        return new PagesInHand(file, name, password, count, seen, ticks, on, page);
    }

    public PagesInHand lookAt(int page) {
        return new PagesInHand(file, name, password, count, seen, ticked, on, Math.clamp(page, 1, count));
    }

    public PagesInHand lay(int page, LayOn where) {
        Map<Integer, LayOn> all = new LinkedHashMap<>(on);
        all.put(page, where);
        return new PagesInHand(file, name, password, count, seen, ticked, all, page);
    }

    public LayOn on(int page, StoreyId inHand) {
        return on.getOrDefault(page, new LayOn.There(inHand));
    }
}
