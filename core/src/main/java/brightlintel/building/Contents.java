package brightlintel.building;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** What stands on one storey, in the order in which it was drawn, with a view of each kind. Never changed. */
public final class Contents {
    public static final Contents NONE = new Contents(List.of());
    private final List<StoreyElement> elements;
    private final Map<ElementId, StoreyElement> byId = new LinkedHashMap<>();
    private final List<Wall> walls;
    private final List<Opening> openings;
    private final List<Slab> slabs;
    private final List<Column> columns;
    private final List<Room> rooms;
    private final List<Separation> separations;
    private final List<Stair> stairs;
    private final List<Roof> roofs;
    private final List<Zone> zones;
    private final List<BuildingOutline> outlines;
    /** Solved when first asked for. */
    private final Map<ElementId, Optional<RoofForm>> forms = new ConcurrentHashMap<>();
    private final Map<ElementId, List<Opening>> openingsIn = new LinkedHashMap<>();

    /** @throws IllegalArgumentException where two elements bear one id */
    public Contents(List<? extends StoreyElement> elements) {
        List<Wall> w = new ArrayList<>();
        List<Opening> o = new ArrayList<>();
        List<Slab> s = new ArrayList<>();
        List<Column> col = new ArrayList<>();
        List<Room> r = new ArrayList<>();
        List<Separation> sep = new ArrayList<>();
        List<Stair> st = new ArrayList<>();
        List<Roof> roof = new ArrayList<>();
        List<Zone> z = new ArrayList<>();
        List<BuildingOutline> out = new ArrayList<>();
        for (StoreyElement e : elements) {
            if (byId.put(e.id(), e) != null) throw new IllegalArgumentException("two elements with the id " + e.id().value());
            switch (e) {
                case Wall x -> w.add(x);
                case Opening x -> o.add(x);
                case Slab x -> s.add(x);
                case Column x -> col.add(x);
                case Room x -> r.add(x);
                case Separation x -> sep.add(x);
                case Stair x -> st.add(x);
                case Roof x -> roof.add(x);
                case Zone x -> z.add(x);
                case BuildingOutline x -> out.add(x);
            }
        }
        for (Opening x : o) openingsIn.computeIfAbsent(x.wall(), _ -> new ArrayList<>()).add(x);
        this.elements = List.copyOf(elements);
        walls = List.copyOf(w);
        openings = List.copyOf(o);
        slabs = List.copyOf(s);
        columns = List.copyOf(col);
        rooms = List.copyOf(r);
        separations = List.copyOf(sep);
        stairs = List.copyOf(st);
        roofs = List.copyOf(roof);
        zones = List.copyOf(z);
        outlines = List.copyOf(out);
    }

    public List<StoreyElement> elements() {
        return elements;
    }

    public List<Wall> walls() {
        return walls;
    }

    public List<Opening> openings() {
        return openings;
    }

    public List<Slab> slabs() {
        return slabs;
    }

    public List<Column> columns() {
        return columns;
    }

    public List<Room> rooms() {
        return rooms;
    }

    public List<Separation> separations() {
        return separations;
    }

    public List<Stair> stairs() {
        return stairs;
    }

    public List<Roof> roofs() {
        return roofs;
    }

    public List<Zone> zones() {
        return zones;
    }

    public List<BuildingOutline> outlines() {
        return outlines;
    }

    /** Nothing where its slopes never meet. @param r one of these */
    public Optional<RoofForm> form(Roof r) {
        return forms.computeIfAbsent(r.id(), _ -> RoofForm.of(r));
    }

    public Optional<StoreyElement> element(ElementId id) {
        return Optional.ofNullable(byId.get(id));
    }

    public Optional<Wall> wall(ElementId id) {
        return byId.get(id) instanceof Wall w ? Optional.of(w) : Optional.empty();
    }

    public List<Opening> openingsIn(ElementId wall) {
        return List.copyOf(openingsIn.getOrDefault(wall, List.of()));
    }

    /** Whether no opening of a wall reaches into a stretch along it, a centimetre allowed. */
    public boolean isFree(ElementId wall, double from, double to) {
        return openingsIn(wall).stream().noneMatch(o -> o.start() < to - 0.01 && from < o.end() - 0.01);
    }

    public boolean isEmpty() {
        return elements.isEmpty();
    }

    public Contents plus(Collection<? extends StoreyElement> more) {
        if (more.isEmpty()) return this;
        List<StoreyElement> out = new ArrayList<>(elements);
        out.addAll(more);
        return new Contents(out);
    }

    public Contents without(Predicate<StoreyElement> which) {
        return elements.stream().anyMatch(which) ? new Contents(elements.stream().filter(which.negate()).toList()) : this;
    }

    /** Each element changed in its place. */
    public Contents map(UnaryOperator<StoreyElement> f) {
        List<StoreyElement> out = new ArrayList<>(elements.size());
        boolean changed = false;
        for (StoreyElement e : elements) {
            StoreyElement next = f.apply(e);
            changed |= next != e;
            out.add(next);
        }
        return changed ? new Contents(out) : this;
    }

    /** One element in the place of which several come. */
    public Contents replaced(ElementId id, List<? extends StoreyElement> by) {
        List<StoreyElement> out = new ArrayList<>();
        for (StoreyElement e : elements) {
            if (e.id().equals(id)) out.addAll(by);
            else out.add(e);
        }
        return new Contents(out);
    }

    @Override public boolean equals(Object o) {
        return o instanceof Contents c && (c == this || elements.equals(c.elements));
    }

    @Override public int hashCode() {
        return elements.hashCode();
    }

    @Override public String toString() {
        return "Contents" + elements;
    }
}
