package brightlintel.edit;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Edit;
import brightlintel.building.Given;
import brightlintel.building.Heights;
import brightlintel.building.Level;
import brightlintel.building.LevelId;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import java.util.ArrayList;
import java.util.List;

/** Levels beside the storeys' floors. What stands on a level or ends at it goes along when it moves. */
public final class Levels {
    private Levels() { }

    public static Edit add(LevelId id, String name, double metres) {
        return Edit.of("edit.level-add", name, p -> {
            List<Level> out = new ArrayList<>(p.levels());
            out.add(new Level(id, name, Given.stated(metres)));
            return p.withLevels(out);
        });
    }

    /** Several, one above the other, above a height; their names run on. */
    public static Edit run(String name, double from, List<Double> spacings) {
        return Edit.of("edit.levels-add", p -> {
            List<Level> out = new ArrayList<>(p.levels());
            double at = from;
            for (double by : spacings) {
                at += by;
                out.add(new Level(LevelId.fresh(), free(name, out), Given.stated(at)));
            }
            return p.withLevels(out);
        });
    }

    /** A name with the first number that nobody has. */
    public static String free(String name, List<Level> taken) {
        for (int n = 1; ; n++) {
            String next = name + " " + n;
            if (taken.stream().noneMatch(l -> l.name().equals(next))) return next;
        }
    }

    public static Edit rename(LevelId id, String name) {
        return Edit.of("edit.level-name", name,
            p -> name.isBlank() ? p : p.withLevels(p.levels().stream().map(l -> l.id().equals(id) ? l.withName(name.strip()) : l)
            .toList()));
    }

    public static Edit move(LevelId id, double metres) {
        return Edit.of("edit.level-move",
            p -> p.withLevels(p.levels().stream().map(l -> l.id().equals(id) ? l.withHeight(Given.stated(metres)) : l).toList()));
    }

    /** What stood on it or ended at it stays where it is, with heights of its own. */
    public static Edit remove(LevelId id) {
        return Edit.of("edit.level-remove", p -> {
            if (p.level(id).isEmpty()) return p;
            Project out = p;
            for (Storey s : p.storeys()) {
                Heights h = new Heights(p, s);
                out = out.withContents(s.id(), c -> c.map(e -> switch (e) {
                    case Wall w -> freed(w, id, h);
                    case Slab x -> x.top() instanceof Stand.OnLevel(LevelId l, double _) && l.equals(id)
                        ? x.withTop(new Stand.OnFloor(h.aboveFloor(x.top()))) : x;
                    case Column x -> freed(x, id, h);
                    case Stair x -> freed(x, id, h);
                    case Roof x -> isOn(x.eaves(), id) ? x.withEaves(new Stand.OnFloor(h.aboveFloor(x.eaves()))) : x;
                    case Opening _, Room _, Separation _, Zone _, BuildingOutline _ -> e;
                }));
            }
            return out.withLevels(p.levels().stream().filter(l -> !l.id().equals(id)).toList());
        });
    }

    private static boolean isOn(Stand s, LevelId id) {
        return s instanceof Stand.OnLevel(LevelId l, double _) && l.equals(id);
    }

    private static Stair freed(Stair s, LevelId id, Heights h) {
        Stair out = s;
        if (s.top() instanceof Top.ToLevel(LevelId l, double _) && l.equals(id))
            out = out.withTop(new Top.Height(Given.stated(h.height(s))));
        return isOn(s.base(), id) ? out.withBase(new Stand.OnFloor(h.aboveFloor(s.base()))) : out;
    }

    private static Column freed(Column c, LevelId id, Heights h) {
        Column out = c;
        if (c.top() instanceof Top.ToLevel(LevelId l, double _) && l.equals(id))
            out = out.withTop(new Top.Height(Given.stated(h.height(c))));
        if (c.base() instanceof Stand.OnLevel(LevelId l, double _) && l.equals(id))
            out = out.withBase(new Stand.OnFloor(h.aboveFloor(c.base())));
        return out;
    }

    private static Wall freed(Wall w, LevelId id, Heights h) {
        Wall out = w;
        if (w.top() instanceof Top.ToLevel(LevelId l, double _) && l.equals(id))
            out = out.withTop(new Top.Height(Given.stated(h.top(w).most())));
        if (w.base() instanceof Stand.OnLevel(LevelId l, double _) && l.equals(id))
            out = out.withBase(new Stand.OnFloor(h.aboveFloor(w.base())));
        return out;
    }
}
