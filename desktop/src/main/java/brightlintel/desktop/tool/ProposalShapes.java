package brightlintel.desktop.tool;

import brightlintel.building.Column;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Room;
import brightlintel.building.Slab;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Proposals;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;
import brightlintel.lengths.LengthFormat;
import brightlintel.recognise.Recognised;
import brightlintel.solid.Solids;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What proposals look like in plan, and which one lies under the pointer. Metres. */
public final class ProposalShapes {
    private static final double CHORD = 0.01;

    /** @param closed whether its lines go round something */
    public record Outline(Element element, Proposals.Kind kind, List<Point> line, boolean closed, boolean sure, Box box) {
        static Outline of(Element e, Proposals.Kind k, List<Point> line, boolean closed) {
            return new Outline(e, k, line, closed, Recognised.isSure(e), Box.of(line));
        }
    }

    private Recognised of;
    private Object model;
    private List<Element> held = List.of();
    private List<Outline> all = List.of();

    /** All that wait, worked out once for each state of them. */
    public List<Outline> all(Workspace w) {
        Recognised open = w.proposals().open();
        List<Element> differs = new ArrayList<>(w.proposals().of(Proposals.Kind.GONE));
        int gone = differs.size();
        differs.addAll(w.proposals().of(Proposals.Kind.CHANGED));
        if (open == of && model == w.contents() && differs.equals(held)) return all;
        held = differs;
        of = open;
        model = w.contents();
        List<Outline> out = new ArrayList<>();
        for (GridLine g : open.grid()) out.add(Outline.of(g, Proposals.Kind.GRID, g.line().points(CHORD), false));
        for (int i = 0; i < open.rooms().size(); i++) out.add(Outline.of(open.rooms().get(i), Proposals.Kind.ROOMS,
            open.grounds().get(i).outline().chords(CHORD), true));
        for (Wall x : open.walls()) shape(w, x, Proposals.Kind.WALLS, out);
        for (Opening o : open.openings()) shape(w, o, Proposals.Kind.OPENINGS, out);
        for (Column c : open.columns()) shape(w, c, Proposals.Kind.COLUMNS, out);
        for (int i = 0; i < differs.size(); i++) shape(w, differs.get(i), i < gone ? Proposals.Kind.GONE : Proposals.Kind.CHANGED, out);
        all = List.copyOf(out);
        return all;
    }

    /** As it would be; a room as what is there encloses it. */
    private static void shape(Workspace w, Element e, Proposals.Kind k, List<Outline> out) {
        switch (e) {
            case Wall x -> out.add(Outline.of(x, k, body(x), true));
            case Opening o -> w.contents().wall(o.wall()).ifPresent(x -> out.add(Outline.of(o, k, Solids.openingGround(o, x, -x.right(),
                x.left(), Tolerances.BUILDING).corners(), true)));
            case Column c -> out.add(Outline.of(c, k, c.ground().chords(CHORD), true));
            case Room r -> w.solved().enclosuresSeen().of(r).ifPresent(g -> out.add(Outline.of(r, k, g.outline().chords(CHORD), true)));
            default -> { }
        }
    }

    private static List<Point> body(Wall w) {
        int n = w.reference().isStraight() ? 1 : w.reference().chords(CHORD, w.thickness().value() / 2);
        List<Point> out = new ArrayList<>();
        for (int i = 0; i <= n; i++) out.add(w.reference().at(w.length() * i / n, w.left()));
        for (int i = n; i >= 0; i--) out.add(w.reference().at(w.length() * i / n, -w.right()));
        return out;
    }

    /** Of the kind that is decided now, or in hand. */
    public static Optional<Element> at(Workspace w, Point p, double reach) {
        Optional<Proposals.Kind> kind = w.proposals().inHand().map(w.proposals()::kindOf).or(w.proposals()::kind);
        if (kind.isEmpty()) return Optional.empty();
        return new ProposalShapes().all(w).stream().filter(o -> o.closed && o.kind == kind.get() && o.box.grown(reach).holds(p)).filter(o ->
            {
            Ring r = new Ring(o.line);
            return r.holds(p) || r.distance(p) <= reach;
        }).map(Outline::element).findFirst();
    }

    /** Of those that wait, what lies wholly in a box. */
    public static Set<ElementId> within(Workspace w, Box seen) {
        return new ProposalShapes().all(w).stream().filter(o -> seen.holds(o.box)).map(o -> o.element.id()).collect(Collectors.toSet());
    }

    public static Optional<Box> box(Workspace w, Element e) {
        return new ProposalShapes().all(w).stream().filter(o -> o.element.id().equals(e.id())).map(o -> o.box.grown(2)).findFirst();
    }

    /** What it is, its measure and how sure: wall 240 · 97 %. */
    public static String words(Workspace w, Element e) {
        LengthFormat l = w.lengths();
        String what = switch (e) {
            case Wall x -> Words.of("proposal.wall", l.part(x.thickness().value()));
            case Opening o -> Words.of(switch (o.filling()) {
                case Opening.Filling.Window _ -> "proposal.window";
                case Opening.Filling.Door _ -> "proposal.door";
                case Opening.Filling.Glazed _, Opening.Filling.Empty _ -> "proposal.gap";
            }, l.part(o.width().value()));
            case Column c -> Words.of("proposal.column", ColumnTool.size(w, c.section()));
            case Room r -> Words.of("proposal.room", (r.number() + " " + r.name()).strip(), ground(w, r).map(g ->
                l.area(g.area())).orElse(""))
                .strip();
            case Slab _ -> Words.of("proposal.slab");
            case GridLine g -> Words.of("proposal.grid", g.label());
            default -> "";
        };
        String how = switch (w.proposals().kindOf(e)) {
            case GONE -> Words.of("held.gone");
            case CHANGED -> Words.of("held.changed");
            default -> Math.round(100 * Recognised.confidence(e)) + " %";
        };
        return what + " · " + how;
    }

    private static Optional<Enclosure> ground(Workspace w, Room r) {
        Recognised open = w.proposals().open();
        int i = open.rooms().indexOf(r);
        return i < 0 ? Optional.empty() : Optional.of(open.grounds().get(i));
    }

    /** Why, in a few words: what it stands on, or what is missing. */
    public static String why(Workspace w, Element e) {
        int n = e.from().on().size();
        if (e instanceof Room r) return Words.of(r.written().isPresent() ? "proposal.why.room-area" : r.name().isEmpty()
            && r.number().isEmpty()
            ? "proposal.why.room-bare" : "proposal.why.room-words");
        if (n > 0) return Words.count("from.strokes", n);
        return Words.of("proposal.why.gap");
    }
}
