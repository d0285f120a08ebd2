package brightlintel.desktop.state;

import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.drawing.Names;
import brightlintel.receive.LayOn;
import brightlintel.receive.PageGlance;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * A file of several pages, or a drawing with sheets or many layers, that is being looked through before anything of it is taken. It is no
 * part of the project.
 *
 * @param name    as it was received
 * @param sha256  of a drawing, which is read already; pages are read one by one
 * @param count   of its pages; those seen so far may be fewer
 * @param choices by number of the page
 * @param at      the page that is looked at
 */
public record PagesInHand(Path file, String name, String password, Optional<String> sha256, int count, List<PageGlance> seen,
    Map<Integer, Choice> choices, int at) {
    /**
     * What is to become of one page. Where nothing is chosen, it is as for a drawing that is taken unseen.
     *
     * @param scale metres of one unit, of a sheet of paper the denominator of its scale
     */
    public record Choice(boolean ticked, Optional<LayOn> on, Optional<Set<String>> layersOff, Optional<Double> scale) {
        static final Choice NONE = new Choice(false, Optional.empty(), Optional.empty(), Optional.empty());

        public Choice {
            layersOff = layersOff.map(Set::copyOf);
        }

        Choice withTicked(boolean t) {
            return new Choice(t, on, layersOff, scale);
        }

        Choice withOn(LayOn l) {
            return new Choice(ticked, Optional.of(l), layersOff, scale);
        }

        Choice withLayersOff(Set<String> off) {
            return new Choice(ticked, on, Optional.of(off), scale);
        }

        Choice withScale(double s) {
            return new Choice(ticked, on, layersOff, Optional.of(s));
        }
    }

    public PagesInHand {
        seen = List.copyOf(seen);
        choices = Map.copyOf(choices);
    }

    public static PagesInHand of(Path file, String name, String password, int count) {
        return new PagesInHand(file, name, password, Optional.empty(), count, List.of(), Map.of(), 1);
    }

    /** Of a drawing that is read. */
    public static PagesInHand ofDrawing(Path file, String sha256, String password, int count) {
        return new PagesInHand(file, file.getFileName().toString(), password, Optional.of(sha256), count, List.of(), Map.of(), 1);
    }

    /** A rough picture of a drawing that is being read: nothing can be taken of it yet. */
    public static PagesInHand firstSight(Path file, PageGlance rough) {
        return new PagesInHand(file, file.getFileName().toString(), "", Optional.of(""), 1, List.of(rough), Map.of(), 1);
    }

    /** Whether it is still being read. */
    public boolean isFirstSight() {
        return sha256.filter(String::isEmpty).isPresent();
    }

    /** Its model and sheets, and not pages. */
    public boolean isDrawing() {
        return sha256.isPresent();
    }

    /** The same page with another picture. */
    public PagesInHand seenAnew(PageGlance g) {
        return new PagesInHand(file, name, password, sha256, count, seen.stream().map(x -> x.number() == g.number() ? g : x).toList(),
            choices, at);
    }

    public Optional<PageGlance> page(int number) {
        return seen.stream().filter(g -> g.number() == number).findFirst();
    }

    public Choice choice(int number) {
        return choices.getOrDefault(number, Choice.NONE);
    }

    private PagesInHand with(List<PageGlance> pages, int number, UnaryOperator<Choice> f, int looked) {
        Map<Integer, Choice> all = new HashMap<>(choices);
        all.put(number, f.apply(choice(number)));
        return new PagesInHand(file, name, password, sha256, count, pages, all, Math.clamp(looked, 1, count));
    }

    /**
     * One more was looked at. A page whose title names a storey is ticked at once; the first of a file without titles, too. Of a drawing
     * it is
     * the model.
     */
    public PagesInHand with(PageGlance g, Project p) {
        List<PageGlance> all = new ArrayList<>(seen);
        all.add(g);
        Optional<LayOn> where = isDrawing() ? Optional.empty() : LayOn.byTitle(p, g.notes().title()).filter(_ -> !g.isEmpty());
        PagesInHand out = with(all, g.number(), c -> where.map(l -> c.withOn(l).withTicked(true)).orElse(c), at);
        boolean last = all.size() == count || isDrawing();
        if (!last || !out.ticked().isEmpty()) return out;
        int first = all.stream().filter(x -> !x.isEmpty()).findFirst().orElse(all.getFirst()).number();
        return out.with(all, first, c -> c.withTicked(true), at);
    }

    public Set<Integer> ticked() {
        return choices.entrySet().stream().filter(e -> e.getValue().ticked).map(Map.Entry::getKey)
            .collect(Collectors.toCollection(TreeSet::new));
    }

    public PagesInHand tick(int page, boolean yes) {
        return with(seen, page, c -> c.withTicked(yes), page);
    }

    public PagesInHand lookAt(int page) {
        return with(seen, page, c -> c, page);
    }

    public PagesInHand lay(int page, LayOn where) {
        return with(seen, page, c -> c.withOn(where), page);
    }

    public PagesInHand scaled(int page, double scale) {
        return with(seen, page, c -> c.withScale(scale), page);
    }

    // ---- layers

    /** Names, in lower case, of layers that a page would be taken without. */
    public Set<String> layersOff(PageGlance g) {
        return choice(g.number()).layersOff.orElseGet(() -> g.layers().stream().filter(l -> !l.shown()).map(l -> Names.key(l.name()))
            .collect(Collectors.toSet()));
    }

    public PagesInHand layersOff(PageGlance g, Set<String> off) {
        return with(seen, g.number(), c -> c.withLayersOff(off), g.number());
    }

    public PagesInHand layer(PageGlance g, String name, boolean shown) {
        Set<String> off = new TreeSet<>(layersOff(g));
        if (shown) off.remove(Names.key(name));
        else off.add(Names.key(name));
        return layersOff(g, off);
    }

    public PagesInHand layersInverted(PageGlance g) {
        Set<String> off = layersOff(g);
        return layersOff(g, g.layers().stream().map(l -> Names.key(l.name())).filter(n -> !off.contains(n)).collect(Collectors.toSet()));
    }

    public LayOn on(int page, StoreyId inHand) {
        return choice(page).on.orElse(new LayOn.There(inHand));
    }
}
