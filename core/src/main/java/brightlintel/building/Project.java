package brightlintel.building;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Decisions only: so equals means something, undo is cheap and a saved file is small. Storeys from the lowest up within each part of
 * the building, at least one; levels as they were made.
 */
public record Project(String id, String name, Units units, Site site, List<Source> sources, List<Underlay> underlays, List<Storey> storeys,
                      List<Level> levels, List<GridLine> grid, Map<StoreyId, Contents> contents, List<Verdict> verdicts,
                      List<WallKind> wallKinds, List<OpeningKind> openingKinds) {
    public Project {
        sources = List.copyOf(sources);
        underlays = List.copyOf(underlays);
        storeys = List.copyOf(storeys);
        levels = List.copyOf(levels);
        grid = List.copyOf(grid);
        contents = Collections.unmodifiableMap(new LinkedHashMap<>(contents));
        verdicts = List.copyOf(verdicts);
        wallKinds = List.copyOf(wallKinds);
        openingKinds = List.copyOf(openingKinds);
        if (storeys.isEmpty()) throw new IllegalArgumentException("a project without a storey");
    }

    /** Nothing drawn or received yet. */
    public static Project of(String id, String name, List<Storey> storeys) {
        return new Project(id, name, Units.METRIC, Site.UNKNOWN, List.of(), List.of(), storeys, List.of(), List.of(), Map.of(), List.of(),
            List.of(), List.of());
    }

    /** One storey at ±0.00, 3 m high: both assumed. */
    public static Project empty(String name, String groundName) {
        return of(Ids.fresh(), name, List.of(Storey.ground(groundName)));
    }

    public Contents on(StoreyId storey) {
        return contents.getOrDefault(storey, Contents.NONE);
    }

    public Optional<Storey> storey(StoreyId id) {
        return storeys.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    public Optional<Level> level(LevelId id) {
        return levels.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    /** The next one down of its part of the building. */
    public Optional<Storey> below(StoreyId id) {
        return next(id, -1);
    }

    /** The next one up of its part of the building. */
    public Optional<Storey> above(StoreyId id) {
        return next(id, 1);
    }

    private Optional<Storey> next(StoreyId id, int by) {
        return storey(id).flatMap(s -> {
            List<Storey> stack = stack(s.part());
            int at = stack.indexOf(s) + by;
            return at >= 0 && at < stack.size() ? Optional.of(stack.get(at)) : Optional.empty();
        });
    }

    /** The storeys of one part of the building, from the lowest up. */
    public List<Storey> stack(String part) {
        return storeys.stream().filter(s -> s.part().equals(part)).toList();
    }

    /** The parts of the building that stand side by side, as they were made; one without a name where nobody parted it. */
    public List<String> parts() {
        return storeys.stream().map(Storey::part).distinct().toList();
    }

    public Optional<Underlay> underlay(UnderlayId id) {
        return underlays.stream().filter(u -> u.id().equals(id)).findFirst();
    }

    public List<Underlay> underlaysOf(StoreyId id) {
        return storey(id).stream().flatMap(s -> s.underlays().stream()).flatMap(u -> underlay(u).stream()).toList();
    }

    public Optional<Source> source(FileId id) {
        return sources.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** All that is traced: the grid, then storey by storey. */
    public Stream<Element> elements() {
        return Stream.concat(grid.stream(), storeys.stream().flatMap(s -> on(s.id()).elements().stream()));
    }

    public Optional<Element> element(ElementId id) {
        for (Contents c : contents.values()) {
            Optional<StoreyElement> e = c.element(id);
            if (e.isPresent()) return e.map(x -> x);
        }
        return grid.stream().filter(g -> g.id().equals(id)).findFirst().map(g -> g);
    }

    /** Height of a wall's body, where it is highest. */
    public double heightOf(StoreyId on, Wall w) {
        return Heights.of(this, on).top(w).most();
    }

    public Project withName(String n) {
        return new Project(id, n, units, site, sources, underlays, storeys, levels, grid, contents, verdicts, wallKinds, openingKinds);
    }

    public Project withUnits(Units u) {
        return new Project(id, name, u, site, sources, underlays, storeys, levels, grid, contents, verdicts, wallKinds, openingKinds);
    }

    public Project withSite(Site s) {
        return new Project(id, name, units, s, sources, underlays, storeys, levels, grid, contents, verdicts, wallKinds, openingKinds);
    }

    public Project withSources(List<Source> s) {
        return new Project(id, name, units, site, s, underlays, storeys, levels, grid, contents, verdicts, wallKinds, openingKinds);
    }

    public Project withUnderlays(List<Underlay> u) {
        return new Project(id, name, units, site, sources, u, storeys, levels, grid, contents, verdicts, wallKinds, openingKinds);
    }

    public Project withStoreys(List<Storey> s) {
        return new Project(id, name, units, site, sources, underlays, s, levels, grid, contents, verdicts, wallKinds, openingKinds);
    }

    public Project withLevels(List<Level> l) {
        return new Project(id, name, units, site, sources, underlays, storeys, l, grid, contents, verdicts, wallKinds, openingKinds);
    }

    public Project withGrid(List<GridLine> g) {
        return new Project(id, name, units, site, sources, underlays, storeys, levels, g, contents, verdicts, wallKinds, openingKinds);
    }

    public Project withVerdicts(List<Verdict> v) {
        return new Project(id, name, units, site, sources, underlays, storeys, levels, grid, contents, v, wallKinds, openingKinds);
    }

    public Project withWallKinds(List<WallKind> k) {
        return new Project(id, name, units, site, sources, underlays, storeys, levels, grid, contents, verdicts, k, openingKinds);
    }

    public Project withOpeningKinds(List<OpeningKind> k) {
        return new Project(id, name, units, site, sources, underlays, storeys, levels, grid, contents, verdicts, wallKinds, k);
    }

    public Optional<OpeningKind> openingKind(KindId id) {
        return openingKinds.stream().filter(k -> k.id().equals(id)).findFirst();
    }

    public Optional<WallKind> wallKind(KindId id) {
        return wallKinds.stream().filter(k -> k.id().equals(id)).findFirst();
    }

    /** An unknown storey changes nothing. */
    public Project withContents(StoreyId storey, UnaryOperator<Contents> f) {
        if (storey(storey).isEmpty()) return this;
        Contents before = on(storey), next = f.apply(before);
        if (next == before) return this;
        Map<StoreyId, Contents> m = new LinkedHashMap<>(contents);
        if (next.isEmpty()) m.remove(storey);
        else m.put(storey, next);
        return new Project(id, name, units, site, sources, underlays, storeys, levels, grid, m, verdicts, wallKinds, openingKinds);
    }

    /** The same on every storey. */
    public Project withAllContents(UnaryOperator<Contents> f) {
        Project out = this;
        for (StoreyId s : contents.keySet()) out = out.withContents(s, f);
        return out;
    }

    public Project withUnderlay(UnderlayId u, UnaryOperator<Underlay> f) {
        return withUnderlays(replaced(underlays, x -> x.id().equals(u), f));
    }

    public Project withStorey(StoreyId s, UnaryOperator<Storey> f) {
        return withStoreys(replaced(storeys, x -> x.id().equals(s), f));
    }

    private static <T> List<T> replaced(List<T> list, Predicate<T> which, UnaryOperator<T> f) {
        List<T> out = new ArrayList<>(list);
        out.replaceAll(x -> which.test(x) ? f.apply(x) : x);
        return out;
    }
}
