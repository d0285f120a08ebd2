package brightlintel.building;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Decisions only: so equals means something, undo is cheap and a saved file is small. Storeys from the lowest up. */
public record Project(String id, String name, Units units, Site site, List<Source> sources, List<Underlay> underlays, List<Storey> storeys,
                      List<GridLine> grid, Map<StoreyId, Contents> contents) {
    public Project {
        sources = List.copyOf(sources);
        underlays = List.copyOf(underlays);
        storeys = List.copyOf(storeys);
        grid = List.copyOf(grid);
        contents = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(contents));
    }

    /** One storey at ±0.00, 3 m high: both assumed. */
    public static Project empty(String name, String groundName) {
        Storey ground = new Storey(StoreyId.fresh(), groundName, Given.assumed(0.0), Given.assumed(3.0), List.of());
        return new Project(Ids.fresh(), name, Units.METRIC, Site.UNKNOWN, List.of(), List.of(), List.of(ground), List.of(), Map.of());
    }

    public Contents on(StoreyId storey) {
        return contents.getOrDefault(storey, Contents.NONE);
    }

    public Optional<Storey> storey(StoreyId id) {
        return storeys.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    public Optional<Storey> below(StoreyId id) {
        for (int i = 1; i < storeys.size(); i++) if (storeys.get(i).id().equals(id)) return Optional.of(storeys.get(i - 1));
        return Optional.empty();
    }

    public Optional<Storey> above(StoreyId id) {
        for (int i = 0; i + 1 < storeys.size(); i++) if (storeys.get(i).id().equals(id)) return Optional.of(storeys.get(i + 1));
        return Optional.empty();
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

    public Stream<Element> elementsOn(StoreyId storey) {
        Contents c = on(storey);
        return Stream.of(c.walls(), c.openings(), c.slabs()).flatMap(List::stream).map(e -> (Element) e);
    }

    public Stream<Element> elements() {
        return Stream.concat(grid.stream(), storeys.stream().flatMap(s -> elementsOn(s.id())));
    }

    public Optional<Element> element(ElementId id) {
        return elements().filter(e -> e.id().equals(id)).findFirst();
    }

    /** Level of a wall's top above the project's ±0.00. */
    public double topLevel(StoreyId on, Wall w) {
        Storey s = storey(on).orElseThrow();
        return switch (w.top()) {
            case Top.NextStorey(double offset) -> s.top() + offset;
            case Top.ToLevel(StoreyId to, double offset) -> storey(to).map(t -> t.level().value()).orElse(s.top()) + offset;
            case Top.Height(Given<Double> h) -> s.level().value() + w.base() + h.value();
        };
    }

    /** Height of the wall's body; at least a millimetre, so that a wall squeezed by levels stays a body and can be found. */
    public double heightOf(StoreyId on, Wall w) {
        Storey s = storey(on).orElseThrow();
        return Math.max(0.001, topLevel(on, w) - s.level().value() - w.base());
    }

    public Project withName(String n) {
        return new Project(id, n, units, site, sources, underlays, storeys, grid, contents);
    }

    public Project withUnits(Units u) {
        return new Project(id, name, u, site, sources, underlays, storeys, grid, contents);
    }

    public Project withSite(Site s) {
        return new Project(id, name, units, s, sources, underlays, storeys, grid, contents);
    }

    public Project withSources(List<Source> s) {
        return new Project(id, name, units, site, s, underlays, storeys, grid, contents);
    }

    public Project withUnderlays(List<Underlay> u) {
        return new Project(id, name, units, site, sources, u, storeys, grid, contents);
    }

    public Project withStoreys(List<Storey> s) {
        return new Project(id, name, units, site, sources, underlays, s, grid, contents);
    }

    public Project withGrid(List<GridLine> g) {
        return new Project(id, name, units, site, sources, underlays, storeys, g, contents);
    }

    /** An unknown storey changes nothing. */
    public Project withContents(StoreyId storey, UnaryOperator<Contents> f) {
        if (storey(storey).isEmpty()) return this;
        Map<StoreyId, Contents> m = new LinkedHashMap<>(contents);
        Contents next = f.apply(on(storey));
        if (next.isEmpty()) m.remove(storey);
        else m.put(storey, next);
        return new Project(id, name, units, site, sources, underlays, storeys, grid, m);
    }

    public Project withUnderlay(UnderlayId u, UnaryOperator<Underlay> f) {
        return withUnderlays(replaced(underlays, x -> x.id().equals(u), f));
    }

    public Project withStorey(StoreyId s, UnaryOperator<Storey> f) {
        return withStoreys(replaced(storeys, x -> x.id().equals(s), f));
    }

    static <T> List<T> replaced(List<T> list, java.util.function.Predicate<T> which, UnaryOperator<T> f) {
        List<T> out = new ArrayList<>(list);
        out.replaceAll(x -> which.test(x) ? f.apply(x) : x);
        return out;
    }
}
