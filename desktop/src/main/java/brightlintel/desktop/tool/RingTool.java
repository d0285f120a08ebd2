package brightlintel.desktop.tool;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;

/** An outline from clicks, closed by Enter or a click on the start; two opposite corners and Enter are a rectangle. */
public final class RingTool implements Tool {
    private static final double LEAST = 1e-3;
    private final Workspace w;
    private final String id;
    private final Consumer<Ring> made;
    private final Corners corners = new Corners();

    /** @param id names its sentences too: prompt.ID.first, .next, .close */
    RingTool(Workspace w, String id, Consumer<Ring> made) {
        this.w = w;
        this.id = id;
        this.made = made;
    }

    @Override public String id() {
        return id;
    }

    @Override public String prompt() {
        return Words.of("prompt." + id + (corners.isEmpty() ? ".first" : corners.size() < 3 ? ".next" : ".close"));
    }

    @Override public void clicked(Aim aim) {
        if (corners.clicked(aim)) finish();
    }

    @Override public void finish() {
        if (corners.size() < 2) return;
        List<Point> all = corners.size() == 2 ? corners.box() : List.copyOf(corners.all());
        if (Math.abs(new Ring(all).signedArea()) < LEAST) return;
        corners.clear();
        made.accept(new Ring(all).counterClockwise());
    }

    @Override public Optional<Point> from() {
        return corners.last();
    }

    @Override public List<Point> ownPoints() {
        return corners.first();
    }

    @Override public Asks asks() {
        return corners.isEmpty() ? Asks.NOTHING : Asks.WAY;
    }

    @Override public boolean asksDirection() {
        return !corners.isEmpty();
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        return corners.typed(value, direction, w.aim().at());
    }

    @Override public boolean back() {
        return corners.back();
    }

    @Override public boolean escape() {
        return corners.clear();
    }

    @Override public List<Mark> marks() {
        return corners.marks(w.aim().at(), true);
    }
}
