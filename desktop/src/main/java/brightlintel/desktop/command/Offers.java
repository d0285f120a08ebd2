package brightlintel.desktop.command;

import brightlintel.building.GridLine;
import brightlintel.desktop.state.Proposed;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.tool.ColumnTool;
import brightlintel.desktop.tool.LeftMaking;
import brightlintel.desktop.tool.OpeningTool;
import brightlintel.desktop.tool.RoomTool;
import brightlintel.desktop.tool.SelectTool;

import brightlintel.edit.Grids;
import java.util.List;
import java.util.Optional;

/** What is offered now, and one key takes. */
final class Offers {
    private Offers() { }

    /** All lines of the drawing's grid that are not there yet, onto all storeys. */
    static void takeGrid(Workspace w) {
        List<GridLine> some = w.foundGrid().fresh();
        if (!some.isEmpty()) w.apply(Grids.add(some));
    }

    /** Nothing else has the keys of proposals. */
    static boolean isTracing(Workspace w) {
        return w.stage() == Stage.TRACE && w.tool() instanceof SelectTool;
    }

    /** All that are sure: of the stage True, or of the kind of elements that is decided now. */
    static Optional<Runnable> sure(Workspace w) {
        if (w.stage() == Stage.TRUE && Proposed.of(w).stream().anyMatch(p -> p.sure() && !p.taken()))
            return Optional.of(() -> Proposed.takeAll(w));
        return isTracing(w) && w.proposals().sureKind().isPresent() ? Optional.of(w.proposals()::takeSure) : Optional.empty();
    }

    static Optional<Runnable> of(Workspace w) {
        if (w.tool() instanceof ColumnTool t && t.offers()) return Optional.of(t::takeOffered);
        if (w.tool() instanceof OpeningTool t && t.offers()) return Optional.of(t::takeOffered);
        if (w.tool() instanceof RoomTool t && t.leaks()) return Optional.of(t::close);
        if (w.stage() == Stage.TRACE && w.tool() instanceof SelectTool && w.selection().isEmpty() && !w.foundGrid().fresh().isEmpty())
            return Optional.of(() -> takeGrid(w));
        if (isTracing(w) && w.proposals().inHand().isPresent()) return Optional.of(w.proposals()::take);
        Optional<Runnable> left = isTracing(w) ? LeftMaking.of(w) : Optional.empty();
        if (left.isPresent()) return left;
        return w.stage() == Stage.TRUE && Proposed.next(Proposed.of(w)).isPresent() ? Optional.of(() -> Proposed.take(w))
            : Optional.empty();
    }
}
