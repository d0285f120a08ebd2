package brightlintel.desktop.state;

import brightlintel.building.Underlay;
import brightlintel.geom.Piece;
import java.util.ArrayList;
import java.util.List;

/**
 * Dark lines of pictures that somebody picked: strokes to snap to, for as long as their picture lies where it lay. Never part of a project.
 */
public final class DarkLines {
    private record Picked(Underlay of, Piece line) { }

    private final Workspace w;
    private final List<Picked> all = new ArrayList<>();

    DarkLines(Workspace w) {
        this.w = w;
    }

    void forget() {
        all.clear();
    }

    public void add(Underlay of, Piece line) {
        all.add(new Picked(of, line));
        w.tell(Change.EVIDENCE);
    }

    /** The one that was picked last goes. @return whether there was one */
    public boolean takeBack() {
        if (seen().isEmpty()) return false;
        all.remove(all.stream().filter(this::lies).reduce((_, last) -> last).orElseThrow());
        w.tell(Change.EVIDENCE);
        return true;
    }

    /** Of pictures that are shown, where they lie now. */
    public List<Piece> seen() {
        return all.stream().filter(this::lies).map(Picked::line).toList();
    }

    private boolean lies(Picked p) {
        return w.drawings().stream().anyMatch(d -> d.underlay().equals(p.of));
    }
}
