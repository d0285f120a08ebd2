package brightlintel.desktop.state;

import brightlintel.building.FileId;
import brightlintel.building.Source;
import brightlintel.building.UnderlayId;
import brightlintel.find.Differences;
import brightlintel.receive.Revised;
import brightlintel.receive.Standing;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** How the followed files of the project stand on disk, what later ones have that is otherwise, and what of it is lit on the board. */
public final class Following {
    private final Workspace w;
    private final Map<FileId, Stand> stands = new HashMap<>();
    /** Later bytes that somebody decided to leave. */
    private final Set<String> left = new HashSet<>();
    private Map<UnderlayId, Differences> lit = Map.of();

    /**
     * @param revised what a changed file holds, once it is read
     * @param trouble why that could not be read
     */
    public record Stand(Standing standing, Optional<Revised> revised, Optional<String> trouble) {
        public static Stand of(Standing s) {
            return new Stand(s, Optional.empty(), Optional.empty());
        }
    }

    Following(Workspace w) {
        this.w = w;
    }

    void forget() {
        stands.clear();
        left.clear();
        lit = Map.of();
    }

    /** Nothing where it was not looked at yet, or is not followed. */
    public Optional<Stand> of(FileId file) {
        return Optional.ofNullable(stands.get(file)).filter(s -> current(file, s));
    }

    /** What was found of bytes that the project has by now is late. */
    private boolean current(FileId file, Stand s) {
        Optional<Source> source = w.project().source(file);
        return source.isPresent() && !(s.standing instanceof Standing.Changed c && c.sha256().equals(source.get().newest().sha256()));
    }

    public void put(FileId file, Stand s) {
        if (s.equals(stands.put(file, s))) return;
        w.tell(Change.DISK);
    }

    /** A later one of a file, read, that nobody decided about yet. */
    public Optional<Revised> offered(FileId file) {
        return of(file).flatMap(Stand::revised).filter(r -> !left.contains(r.revision().sha256()));
    }

    /** The same, left or not. */
    public Optional<Revised> later(FileId file) {
        return of(file).flatMap(Stand::revised);
    }

    /** It stays as it was received, until the file changes again. */
    public void leave(FileId file) {
        offered(file).ifPresent(r -> {
            left.add(r.revision().sha256());
            r.parts().keySet().stream().filter(lit::containsKey).findFirst().ifPresent(_ -> light(Map.of()));
            w.tell(Change.DISK);
        });
    }

    /** Files of the storey in hand that somebody has to decide about. */
    public int open() {
        return (int) w.project().underlaysOf(w.storeyId()).stream().map(u -> u.file()).distinct().filter(f -> offered(f).isPresent()
            || of(f).flatMap(Stand::trouble).isPresent() || of(f).filter(s -> s.standing instanceof Standing.Moved).isPresent()).count();
    }

    // ---- on the board

    /** What is lit of a drawing. */
    public Optional<Differences> lit(UnderlayId u) {
        return Optional.ofNullable(lit.get(u));
    }

    public boolean isLit() {
        return !lit.isEmpty();
    }

    public void light(Map<UnderlayId, Differences> parts) {
        if (lit.equals(parts)) return;
        lit = Map.copyOf(parts);
        w.tell(Change.DISK);
    }
}
