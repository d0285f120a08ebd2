package brightlintel.desktop.window;

import brightlintel.building.Custody;
import brightlintel.building.FileId;
import brightlintel.building.Underlay;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.state.Following;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.task.Asks;
import brightlintel.desktop.task.FileCare;
import brightlintel.receive.Standing;
import java.util.Map;
import java.util.Optional;

/** Commands about the file of the drawing in hand. */
final class FileCommands {
    private FileCommands() { }

    static void add(Commands commands, Workspace w, Asks asks, FileCare care) {
        commands.add("file-later", "", x -> file(x).flatMap(x.following()::later).filter(r -> !r.parts().isEmpty()).isPresent(),
            x -> file(x).ifPresent(care::takeLater));
        commands.add("file-leave", "", x -> file(x).flatMap(x.following()::offered).isPresent(), x ->
            file(x).ifPresent(x.following()::leave));
        commands.add("file-changes", "", x -> x.following().isLit() || file(x).flatMap(x.following()::later).isPresent(), x -> {
            if (x.following().isLit()) x.following().light(Map.of());
            else file(x).flatMap(x.following()::later).ifPresent(r -> x.following().light(r.parts()));
        });
        commands.add("file-replace", "", x -> file(x).isPresent(),
            x -> file(x).ifPresent(f -> asks.open().stream().findFirst().ifPresent(p -> care.replace(f, p))));
        commands.add("file-follow", "", x -> file(x).isPresent(),
            x -> file(x).ifPresent(f -> asks.open().stream().findFirst().ifPresent(p -> care.follow(f, p))));
        commands.add("file-follow-moved", "", x -> moved(x).isPresent(),
            x -> file(x).ifPresent(f -> moved(x).ifPresent(m -> care.follow(f, m.to()))));
        commands.add("file-keep", "", FileCommands::isFollowed, x -> file(x).ifPresent(care::keep));
    }

    private static boolean isFollowed(Workspace w) {
        return file(w).flatMap(w.project()::source).filter(s -> s.custody() instanceof Custody.Followed).isPresent();
    }

    private static Optional<FileId> file(Workspace w) {
        return w.underlay().map(Underlay::file);
    }

    private static Optional<Standing.Moved> moved(Workspace w) {
        return file(w).flatMap(w.following()::of).map(Following.Stand::standing).filter(Standing.Moved.class::isInstance)
            .map(Standing.Moved.class::cast);
    }
}
