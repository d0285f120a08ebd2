package brightlintel.store;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.FileId;
import brightlintel.building.GridLine;
import brightlintel.building.Kind;
import brightlintel.building.KindId;
import brightlintel.building.Level;
import brightlintel.building.LevelId;
import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import brightlintel.building.Project;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Source;
import brightlintel.building.Stair;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Top;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.building.Zone;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Sets right what a project file says that cannot hold together, and tells of each. Nothing is thrown. */
final class Mending {
    private final List<Remark> remarks;
    private final Set<ElementId> elements = new HashSet<>();

    Mending(List<Remark> remarks) {
        this.remarks = remarks;
    }

    /** @param ground name of a storey to be added where there is none */
    Project mend(Draft d, String ground) {
        List<Storey> storeys = once(d.storeys(), s -> s.id().value());
        if (storeys.isEmpty()) {
            remarks.add(Remark.of(Remark.Kind.NO_STOREY));
            storeys = List.of(Storey.ground(ground));
        }
        List<Source> sources = once(d.sources(), s -> s.id().value());
        Set<FileId> files = sources.stream().map(Source::id).collect(Collectors.toSet());
        List<Underlay> underlays = new ArrayList<>();
        for (Underlay u : once(d.underlays(), x -> x.id().value()))
            if (files.contains(u.file()) || lost("underlay", u.id().value(), "file", u.file().value())) underlays.add(u);
        Set<UnderlayId> laid = underlays.stream().map(Underlay::id).collect(Collectors.toSet());
        List<Level> levels = once(d.levels(), l -> l.id().value());
        List<Storey> floors = storeys.stream().map(s -> s.withUnderlays(s.underlays().stream()
            .filter(u -> laid.contains(u) || lost("storey", s.name(), "underlay", u.value())).distinct().toList())).toList();
        List<Storey> there = floors.stream().map(s -> same(s, floors)).toList();
        Set<StoreyId> floorIds = floors.stream().map(Storey::id).collect(Collectors.toSet());
        List<GridLine> grid = new ArrayList<>();
        for (GridLine g : d.grid()) grid.add(fresh(only(g, floorIds)));
        List<WallKind> kinds = once(d.wallKinds(), k -> k.id().value());
        List<OpeningKind> openingKinds = once(d.openingKinds(), k -> k.id().value());
        Set<KindId> kindIds = Stream.concat(kinds.stream().map(Kind.class::cast), openingKinds.stream()).map(Kind::id)
            .collect(Collectors.toSet());
        Map<StoreyId, Contents> contents = new LinkedHashMap<>();
        Set<LevelId> levelIds = levels.stream().map(Level::id).collect(Collectors.toSet());
        d.contents().forEach((id, list) -> {
            if (floorIds.contains(id)) contents.put(id, contents(list.stream().map(e -> ofKind(e, kindIds)).toList(), levelIds, floorIds));
            else lost("contents", Integer.toString(list.size()), "storey", id.value());
        });
        contents.values().removeIf(Contents::isEmpty);
        return new Project(d.id(), d.name(), d.units(), d.site(), sources, underlays, there, levels, grid, contents, d.verdicts(), kinds,
            openingKinds);
    }

    /** Of its own where the one that it repeats is not there, or is itself or a repeated one. */
    private Storey same(Storey s, List<Storey> all) {
        if (s.sameAs().isEmpty()) return s;
        boolean good = all.stream().anyMatch(o -> o.id().equals(s.sameAs().get()) && o != s && o.sameAs().isEmpty());
        return good || lost("storey", s.name(), "storey", s.sameAs().get().value()) ? s : s.withSameAs(Optional.empty());
    }

    /** The second with an id of the first is left out: what refers to it could mean either. */
    private <T> List<T> once(List<T> list, Function<T, String> id) {
        Set<String> seen = new HashSet<>();
        List<T> out = new ArrayList<>();
        for (T t : list)
            if (seen.add(id.apply(t))) out.add(t);
            else remarks.add(Remark.of(Remark.Kind.DOUBLED_ID, t.getClass().getSimpleName(), id.apply(t)));
        return out;
    }

    /** @return false */
    private boolean lost(String what, String which, String referred, String id) {
        remarks.add(Remark.of(Remark.Kind.REFERS_TO_NOTHING, what, which, referred, id));
        return false;
    }

    private GridLine fresh(GridLine g) {
        if (elements.add(g.id())) return g;
        remarks.add(Remark.of(Remark.Kind.DOUBLED_ID, "GridLine", g.id().value()));
        return g.withId(ElementId.fresh());
    }

    private GridLine only(GridLine g, Set<StoreyId> storeys) {
        if (g.only().isEmpty() || storeys.containsAll(g.only().get())) return g;
        lost("grid line", g.label(), "storey", g.only().get().toString());
        Set<StoreyId> left = g.only().get().stream().filter(storeys::contains).collect(Collectors.toSet());
        return g.onlyOn(left.isEmpty() ? Optional.empty() : Optional.of(left));
    }

    /** What was renamed because another storey has its id keeps what refers to it here; of two in one storey the first keeps it. */
    private Contents contents(List<StoreyElement> list, Set<LevelId> levels, Set<StoreyId> storeys) {
        List<StoreyElement> own = new ArrayList<>();
        Map<ElementId, ElementId> walls = new HashMap<>();
        for (StoreyElement e : list) {
            StoreyElement x = elements.add(e.id()) ? e : renamed(e);
            own.add(x);
            if (x instanceof Wall) walls.putIfAbsent(e.id(), x.id());
        }
        List<StoreyElement> out = new ArrayList<>();
        for (StoreyElement e : own) {
            switch (e) {
                case Wall w -> out.add(based(topped(w, levels, storeys), levels));
                case Opening o -> {
                    boolean hosted = walls.containsKey(o.wall()) || lost("opening", o.id().value(), "wall", o.wall().value());
                    if (hosted) out.add(o.withWall(walls.get(o.wall())));
                }
                case Slab s -> out.add(slab(s, walls, levels));
                case Column c -> out.add(column(c, levels, storeys));
                case Stair s -> out.add(stair(s, levels, storeys));
                case Roof r -> out.add(stands(r.eaves(), levels, "roof", r.id()) ? r : r.withEaves(new Stand.OnFloor(r.eaves().offset())));
                case BuildingOutline b -> out.add(b.following(followed(b.follows(), walls, "outline", b.id())));
                case Room _, Separation _, Zone _ -> out.add(e);
            }
        }
        return new Contents(out);
    }

    private StoreyElement renamed(StoreyElement e) {
        remarks.add(Remark.of(Remark.Kind.DOUBLED_ID, e.getClass().getSimpleName(), e.id().value()));
        ElementId id = ElementId.fresh();
        elements.add(id);
        return e.withId(id, e.from());
    }

    private StoreyElement ofKind(StoreyElement e, Set<KindId> kinds) {
        return switch (e) {
            case Wall w when isLost(w.kind(), kinds, "wall", w.id()) -> w.withoutKind();
            case Opening o when isLost(o.kind(), kinds, "opening", o.id()) -> o.withoutKind();
            default -> e;
        };
    }

    private boolean isLost(Optional<KindId> kind, Set<KindId> kinds, String what, ElementId of) {
        return kind.isPresent() && !kinds.contains(kind.get()) && !lost(what, of.value(), "kind", kind.get().value());
    }

    private Wall topped(Wall w, Set<LevelId> levels, Set<StoreyId> storeys) {
        return ends(w.top(), levels, storeys, "wall", w.id()) ? w : w.withTop(Top.NEXT);
    }

    private Column column(Column c, Set<LevelId> levels, Set<StoreyId> storeys) {
        Column out = ends(c.top(), levels, storeys, "column", c.id()) ? c : c.withTop(Top.NEXT);
        return stands(c.base(), levels, "column", c.id()) ? out : out.withBase(new Stand.OnFloor(c.base().offset()));
    }

    private boolean ends(Top top, Set<LevelId> levels, Set<StoreyId> storeys, String what, ElementId id) {
        boolean there = switch (top) {
            case Top.ToLevel(LevelId l, double _) -> levels.contains(l);
            case Top.ToFloor(StoreyId s, double _) -> storeys.contains(s);
            case Top.NextStorey _, Top.UnderRoof _, Top.Height _, Top.Sloped _ -> true;
        };
        return there || lost(what, id.value(), "level", top.toString());
    }

    private Wall based(Wall w, Set<LevelId> levels) {
        return stands(w.base(), levels, "wall", w.id()) ? w : w.withBase(new Stand.OnFloor(w.base().offset()));
    }

    private Slab slab(Slab s, Map<ElementId, ElementId> walls, Set<LevelId> levels) {
        Slab out = stands(s.top(), levels, "slab", s.id()) ? s : s.withTop(new Stand.OnFloor(s.top().offset()));
        return out.following(followed(s.follows(), walls, "slab", s.id()));
    }

    private Optional<Set<ElementId>> followed(Optional<Set<ElementId>> follows, Map<ElementId, ElementId> walls, String what,
                                              ElementId id) {
        if (follows.isEmpty()) return follows;
        Set<ElementId> f = follows.get();
        if (walls.keySet().containsAll(f)) return Optional.of(f.stream().map(walls::get).collect(Collectors.toSet()));
        lost(what, id.value(), "wall", f.stream().filter(x -> !walls.containsKey(x)).map(ElementId::value).sorted().findFirst().orElse(""));
        return Optional.empty();
    }

    private Stair stair(Stair s, Set<LevelId> levels, Set<StoreyId> storeys) {
        Stair out = ends(s.top(), levels, storeys, "stair", s.id()) ? s : s.withTop(Top.NEXT);
        return stands(s.base(), levels, "stair", s.id()) ? out : out.withBase(new Stand.OnFloor(s.base().offset()));
    }

    private boolean stands(Stand s, Set<LevelId> levels, String what, ElementId id) {
        return !(s instanceof Stand.OnLevel(LevelId l, double _)) || levels.contains(l)
            || lost(what, id.value(), "level", ((Stand.OnLevel) s).level().value());
    }
}
