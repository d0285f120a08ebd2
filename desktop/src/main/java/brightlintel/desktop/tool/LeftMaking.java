package brightlintel.desktop.tool;

import brightlintel.building.Edit;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.desktop.state.LeftWalk;
import brightlintel.desktop.state.Workspace;
import brightlintel.edit.Grids;
import brightlintel.edit.Tracing;
import brightlintel.recognise.Remedies.Remedy;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What one key makes of the stroke that is looked at because it became nothing; the next one is looked at then. */
public final class LeftMaking {
    private LeftMaking() { }

    public static Optional<Runnable> of(Workspace w) {
        LeftWalk left = w.proposals().leftovers();
        return left.remedy().map(r -> () -> {
            make(w, r);
            // the one that was made is none of them any more
            left.step(0);
        });
    }

    /** By its key in the bundle. */
    public static String word(Remedy r) {
        return switch (r) {
            case Remedy.Walls x -> x.between() ? "left.wall-between" : "left.wall-along";
            case Remedy.InWall x -> x.isNew() ? "left.opening-and-wall" : "left.opening-in-wall";
            case Remedy.OfColumn _ -> "left.column";
            case Remedy.OfGrid _ -> "left.grid-line";
        };
    }

    private static void make(Workspace w, Remedy r) {
        StoreyId on = w.storeyId();
        switch (r) {
            // with one face known it is as the next wall is set to be
            case Remedy.Walls x -> WallMaking.add(w, x.between() ? x.walls() : x.walls().stream().map(y -> WallMaking.plain(w,
                y.reference())).toList());
            case Remedy.InWall x -> w.apply(opening(on, x));
            case Remedy.OfColumn x -> w.apply(Tracing.add("edit.columns", on, List.of(x.column())));
            case Remedy.OfGrid x -> w.apply(Grids.add(List.of(x.line())));
        }
    }

    private static Edit opening(StoreyId on, Remedy.InWall x) {
        Wall wall = x.wall();
        Edit host = x.isNew() ? Tracing.addWalls(on, List.of(wall)) : Tracing.changeWalls("edit.left-opening", Set.of(wall.id()),
            _ -> wall),
            hole = Tracing.addOpening(on, x.opening());
        return Edit.of("edit.left-opening", p -> hole.apply(host.apply(p)));
    }
}
