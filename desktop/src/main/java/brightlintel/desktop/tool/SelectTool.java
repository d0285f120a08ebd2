package brightlintel.desktop.tool;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.LeftWalk;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.edit.WallShaping;
import brightlintel.geom.Box;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;
import brightlintel.select.Outline;
import brightlintel.select.Picked;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** At rest: points at strokes, selects, drags corners. */
public final class SelectTool implements Tool {
    /** Ends nearer than this are one corner. */
    private static final double TOGETHER = 1e-4;
    /** Metres in which a wall is moved by its body. */
    private static final double STEP = 0.01;
    private static long gestures;
    private final Workspace w;
    /** Where the corner in hand was when it was taken: each move of the pointer moves it from there. */
    private Optional<Point> corner = Optional.empty();
    private long gesture;
    /** The wall that is moved by its body, as it was when it was taken, and where. */
    private Optional<Wall> body = Optional.empty();
    private Point grip = Point.ORIGIN;
    private Mark.Box box;

    public SelectTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "select";
    }

    /** Names the stroke under the pointer. */
    @Override public String prompt() {
        if (w.isEmpty()) return Words.of("prompt.empty");
        int picked = w.onBoard().pickedCount();
        if (picked > 0) return Words.count("prompt.picked", picked);
        if (w.stage() == Stage.TRACE && w.proposals().inHand().isPresent()) {
            Element e = w.proposals().inHand().get();
            List<Element> all = w.proposals().of(w.proposals().kindOf(e));
            return Words.of(switch (w.proposals().kindOf(e)) {
                case GONE -> "prompt.held-gone";
                case CHANGED -> "prompt.held-changed";
                default -> "prompt.proposal";
            }, all.indexOf(e) + 1, all.size(), ProposalShapes.words(w, e));
        }
        LeftWalk left = w.proposals().leftovers();
        if (w.stage() == Stage.TRACE && left.inHand().isPresent()) return left.remedy().map(r -> Words.of("prompt.left", left.number(),
            left.all().size(), Words.of(LeftMaking.word(r)))).orElseGet(() -> Words.of("prompt.left-bare", left.number(),
            left.all().size()));
        if (w.stage() != Stage.TRACE || w.contents().isEmpty()) {
            Optional<Pointing.Pointed> p = w.pointed();
            if (p.isPresent()) {
                Pointing.Pointed x = p.get();
                return Words.of("prompt.pointed", x.layer(), x.kind(), w.lengths().position(x.length()));
            }
        }
        return Words.of("prompt.select." + w.stage().name().toLowerCase(Locale.ROOT));
    }

    @Override public boolean snaps() {
        return corner.isPresent();
    }

    @Override public void clicked(Aim aim) {
        if (w.stage().isAboutDrawing()) w.onBoard().pick((d, _) -> there(d, aim));
        else {
            Optional<Element> there = Picking.at(w, aim.raw(), aim.reach()), proposed = w.stage() == Stage.TRACE
                ? ProposalShapes.at(w, aim.raw(), aim.reach() / 2) : Optional.empty();
            // a room or a slab lies under all that is proposed on it; a grid line comes first, and a second click passes on
            boolean over = proposed.isPresent() && there.filter(e -> !(e instanceof GridLine && w.selection().contains(e.id())
                || e instanceof Room || e instanceof Slab
                || e instanceof BuildingOutline
                || e instanceof Zone || proposed.get() instanceof Opening && e instanceof Wall)).isEmpty();
            w.select(over ? Set.of() : there.map(e -> Set.of(e.id())).orElse(Set.of()));
            if (w.stage() == Stage.TRACE) w.proposals().look(over ? proposed : Optional.empty());
        }
    }

    /** Adds to what is selected, or takes from it. */
    public void toggled(Aim aim) {
        if (w.stage().isAboutDrawing()) {
            w.onBoard().pick((d, before) -> before.toggled(there(d, aim)));
            return;
        }
        Picking.at(w, aim.raw(), aim.reach()).ifPresent(e -> {
            Set<ElementId> ids = new LinkedHashSet<>(w.selection());
            if (!ids.remove(e.id())) ids.add(e.id());
            w.select(ids);
        });
    }

    /** The stroke that is pointed at, of whichever drawing. */
    private Picked there(PlacedDrawing d, Aim aim) {
        return Pointing.look(w.drawings(), aim).filter(p -> p.drawing() == d).map(p -> Picked.stroke(p.stroke())).orElse(Picked.NOTHING);
    }

    @Override public void dragged(Aim from, Aim to, boolean inside) {
        if (box == null && corner.isEmpty() && body.isEmpty()) {
            corner = handles().stream().filter(h -> h.distance(from.raw()) <= from.reach()).findFirst();
            gesture = ++gestures;
            if (corner.isEmpty()) body = bodyAt(from);
        }
        if (body.isPresent()) {
            Piece was = body.get().reference();
            // it would snap to itself, so that it goes in even steps
            double by = Math.rint((was.unroll(to.raw()).y() - was.unroll(grip).y()) / STEP) * STEP;
            w.apply(WallShaping.shift(w.storeyId(), body.get().id(), by).during(gesture));
            return;
        }
        if (corner.isPresent()) w.apply(Tracing.moveCorner(w.storeyId(), corner.get(), to.at(), TOGETHER).during(gesture));
        else box = new Mark.Box(from.raw(), to.raw(), inside);
    }

    @Override public void released(Aim from, Aim to, boolean inside, boolean more) {
        if (box != null) Picking.select(w, Outline.of(Box.of(box.a(), box.b())), inside, more);
        box = null;
        corner = Optional.empty();
        body = Optional.empty();
    }

    /** A wall that is selected alone is moved by its body. */
    private Optional<Wall> bodyAt(Aim from) {
        if (w.selection().size() != 1 || !(w.selected().getFirst() instanceof Wall x)
            || !x.reference().isStraight()) return Optional.empty();
        Optional<Wall> there = Picking.wallAt(w, from.raw(), 0).filter(y -> y.id().equals(x.id()));
        grip = from.raw();
        return there;
    }

    /** Ends of selected walls and corners of selected slabs. */
    private List<Point> handles() {
        List<Point> out = new ArrayList<>();
        for (Element e : w.selected()) {
            switch (e) {
                case Wall x -> out.addAll(List.of(x.reference().a(), x.reference().b()));
                case Slab s -> {
                    if (s.follows().isEmpty()) out.addAll(s.outline().corners());
                    if (s.follows().isEmpty()) s.holes().forEach(h -> out.addAll(h.corners()));
                }
                case Separation s -> out.addAll(List.of(s.line().a(), s.line().b()));
                case Column c -> out.add(c.at());
                case Room r -> {
                    if (r.bound() instanceof Room.Bound.Drawn(Ring outline, List<Ring> _)) out.addAll(outline.corners());
                }
                case Stair s -> {
                    out.add(s.line().getFirst().a());
                    s.line().forEach(p -> out.add(p.b()));
                }
                case Roof r -> out.addAll(r.outline().corners());
                case Zone z -> out.addAll(z.outline().corners());
                case BuildingOutline b -> {
                    if (b.follows().isEmpty()) out.addAll(b.outline().corners());
                }
                case Opening _, GridLine _ -> { }
            }
        }
        return out;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        handles().forEach(h -> out.add(new Mark.Handle(h, "")));
        for (Element e : w.selected()) if (e instanceof Roof r && r.cover() instanceof Roof.Cover.Pitched) sides(r, out);
        if (box != null) out.add(box);
        else if (w.stage() == Stage.CLEAR)
            w.pointed().ifPresent(p -> out.add(new Mark.Callout(w.aim().raw(), p.layer() + " · " + p.kind())));
        return out;
    }

    /** Numbers of a roof's sides, as its panel has them. */
    private static void sides(Roof r, List<Mark> out) {
        for (int i = 0; i < r.outline().size(); i++) {
            Piece p = r.outline().piece(i);
            out.add(new Mark.Tag(p.at(p.length() / 2), Integer.toString(i + 1)));
        }
    }

    @Override public boolean escape() {
        w.select(Set.of());
        if (w.proposals().inHand().isPresent()) w.proposals().look(Optional.empty());
        w.onBoard().pickNothing();
        return true;
    }
}
