package brightlintel.desktop.command;

import brightlintel.desktop.state.Proposed;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.tool.ColumnTool;
import brightlintel.desktop.tool.RoomTool;
import java.util.Optional;

/** What is offered now, and one key takes. */
final class Offers {
    private Offers() { }

    static Optional<Runnable> of(Workspace w) {
        if (w.tool() instanceof ColumnTool t && t.offers()) return Optional.of(t::takeOffered);
        if (w.tool() instanceof RoomTool t && t.leaks()) return Optional.of(t::close);
        return w.stage() == Stage.TRUE && Proposed.next(Proposed.of(w)).isPresent() ? Optional.of(() -> Proposed.take(w))
            : Optional.empty();
    }
}
