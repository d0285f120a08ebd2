package brightlintel.desktop.tool;

import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.place.LaidPicture;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.DarkLine;
import java.util.Optional;

/** A dark line of a scan becomes a stroke to snap to, at a click. */
public final class DarkLineTool implements Tool {
    private final Workspace w;

    public DarkLineTool(Workspace w) {
        this.w = w;
    }

    /** Whether a picture lies on the board; without straightening it, which takes time. */
    public static boolean isFor(Workspace w) {
        return w.drawings().stream().anyMatch(d -> !d.strokes().pictures().isEmpty());
    }

    @Override public String id() {
        return "dark-line";
    }

    @Override public String prompt() {
        return Words.of(w.darkLines().seen().isEmpty() ? "prompt.dark-line.first" : "prompt.dark-line.more");
    }

    @Override public void clicked(Aim aim) {
        Point at = aim.raw();
        for (PlacedDrawing d : w.drawings()) for (LaidPicture p : d.pictures()) {
            Optional<Piece> l = DarkLine.at(p, at, aim.reach());
            if (l.isEmpty()) continue;
            w.darkLines().add(d.underlay(), l.get());
            w.say(new Message(Message.Tone.GOOD, Words.of("dark-line.picked", w.lengths().position(l.get().length()))));
            return;
        }
        w.say(new Message(Message.Tone.BAD, Words.of("dark-line.none")));
    }

    /** It is the picture that is looked at, and no stroke beside it. */
    @Override public boolean snaps() {
        return false;
    }

    @Override public boolean back() {
        return w.darkLines().takeBack();
    }
}
