package brightlintel.desktop.tool;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Provenance;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** An outline from clicks; Enter or a click on the start closes it. */
public final class SlabTool implements Tool {
    static final double USUAL = 0.25;
    private final Workspace w;
    private final Corners points = new Corners();

    public SlabTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "slab";
    }

    @Override public String prompt() {
        return points.isEmpty() ? Words.of("prompt.slab.first")
            : Words.of(points.size() < 3 ? "prompt.slab.next" : "prompt.slab.close", points.size());
    }

    @Override public void clicked(Aim aim) {
        if (points.clicked(aim)) finish();
    }

    @Override public void finish() {
        if (points.size() < 3) return;
        Ring ring = new Ring(points.all());
        if (ring.area() > 1e-3) add(w, ring, Optional.empty());
        points.clear();
    }

    private static void add(Workspace w, Ring ring, Optional<Set<ElementId>> follows) {
        Slab s = new Slab(ElementId.fresh(), ring.counterClockwise(), List.of(), Stand.FLOOR, Given.assumed(USUAL), follows,
            Provenance.BY_HAND);
        w.apply(Tracing.addSlab(w.storeyId(), s));
        w.select(Set.of(s.id()));
    }

    /** Round the selected walls and those that hang on them, or round all walls of the storey; the slab follows them from then on. */
    public static void fromOuterFaces(Workspace w) {
        List<Wall> walls = w.contents().walls();
        Set<ElementId> chosen = w.selection().stream().filter(id -> w.contents().wall(id).isPresent()).findFirst()
            .map(id -> SlabOutline.connected(walls, id, Tolerances.BUILDING))
            .orElse(walls.stream().map(Wall::id).collect(Collectors.toSet()));
        Optional<Ring> ring = SlabOutline.around(walls.stream().filter(x -> chosen.contains(x.id())).toList(), Tolerances.BUILDING);
        if (ring.isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("slab.not-closed")));
        else add(w, ring.get(), Optional.of(chosen));
    }

    @Override public Optional<Point> from() {
        return points.last();
    }

    @Override public List<Point> ownPoints() {
        return points.first();
    }

    @Override public Asks asks() {
        return points.isEmpty() ? Asks.NOTHING : Asks.WAY;
    }

    @Override public boolean asksDirection() {
        return !points.isEmpty();
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        return points.typed(value, direction, w.aim().at());
    }

    @Override public boolean back() {
        return points.back();
    }

    @Override public boolean escape() {
        return points.clear();
    }

    @Override public List<Mark> marks() {
        return points.marks(w.aim().at(), false);
    }
}
