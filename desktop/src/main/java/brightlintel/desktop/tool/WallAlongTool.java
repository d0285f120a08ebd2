package brightlintel.desktop.tool;

import brightlintel.building.Given;
import brightlintel.building.Side;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.place.PlacedDrawing;
import brightlintel.select.Outline;
import brightlintel.select.Selecting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A wall from a stroke: its body lies where the pointer is, or about the stroke close to it. A box takes all strokes in it at once. */
public final class WallAlongTool implements Tool {
    /** Metres: shorter strokes are no faces. Of the reach: so near the body lies about the stroke. */
    private static final double LEAST = 0.2, CENTRED = 0.4, SAME = 0.005;
    private final Workspace w;
    private Mark.Box box;

    public WallAlongTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "wall-along";
    }

    @Override public String prompt() {
        return Words.of(next(w.aim()).isPresent() ? "prompt.wall-along.here" : "prompt.wall-along",
            w.lengths().partWithUnit(w.settings().wall().thickness().value()));
    }

    private static boolean isLong(Curve c) {
        return c.length() >= LEAST && WallMaking.piece(c).isPresent();
    }

    private Optional<Wall> next(Aim aim) {
        return Curves.at(w, aim, WallAlongTool::isLong).flatMap(WallMaking::piece).map(p -> wall(p, aim));
    }

    private Wall wall(Piece p, Aim aim) {
        Side side = WallMaking.towards(p, aim.raw(), CENTRED * aim.reach());
        return WallMaking.plain(w, p, side, w.settings().wall().thickness());
    }

    @Override public void clicked(Aim aim) {
        Optional<Wall> x = next(aim);
        if (x.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("wall.no-stroke")));
        else if (isThere(x.get().reference())) w.say(new Message(Message.Tone.BAD, Words.of("wall.there-already")));
        else WallMaking.add(w, List.of(x.get()));
    }

    private boolean isThere(Piece p) {
        return w.contents().walls().stream().map(Wall::reference).anyMatch(r -> r.a().distance(p.a()) < SAME && r.b().distance(p.b()) < SAME
            || r.a().distance(p.b()) < SAME && r.b().distance(p.a()) < SAME);
    }

    @Override public void dragged(Aim from, Aim to, boolean inside) {
        box = new Mark.Box(from.raw(), to.raw(), true);
    }

    /** All that lie wholly in the box, each about its stroke as the face in hand says. */
    @Override public void released(Aim from, Aim to, boolean inside, boolean more) {
        if (box == null) return;
        Outline o = Outline.of(Box.of(box.a(), box.b()));
        box = null;
        List<Wall> out = new ArrayList<>();
        for (PlacedDrawing d : w.drawings())
            for (int s : Selecting.in(d, o, true).strokes().toArray()) if (isLong(d.curve(s))) WallMaking.piece(d.curve(s)).ifPresent(p -> {
                boolean twice = out.stream().anyMatch(x -> x.reference().a().distance(p.a()) < SAME
                    && x.reference().b().distance(p.b()) < SAME);
                if (!twice && !isThere(p)) out.add(WallMaking.plain(w, p));
            });
        if (out.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("wall.no-stroke")));
        else WallMaking.add(w, out);
    }

    /** A thickness. */
    @Override public Asks asks() {
        return Asks.PART;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (!(value > 0.005 && value < 10)) return false;
        w.settings().wall(w.settings().wall().with(Given.stated(value)));
        return true;
    }

    @Override public boolean snaps() {
        return false;
    }

    @Override public List<Mark> marks() {
        if (box != null) return List.of(box);
        return next(w.aim()).map(WallMaking::mark).map(List::of).orElse(List.of());
    }
}
