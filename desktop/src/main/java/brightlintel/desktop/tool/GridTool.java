package brightlintel.desktop.tool;

import brightlintel.building.ElementId;
import brightlintel.building.GridLabels;
import brightlintel.building.GridLine;
import brightlintel.building.Provenance;
import brightlintel.building.Support;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.snap.Snap;
import brightlintel.snap.SnapKind;
import brightlintel.trace.Supports;
import java.util.List;
import java.util.Optional;

/**
 * A click on the middle of a drawn line takes the whole line; a click on a point begins a line of two points. Labels run on by themselves;
 * a typed label is used for the next line.
 */
public final class GridTool implements Tool {
    private static final ElementId NOBODY = new ElementId("");
    private final Workspace w;
    private final FirstPoint first = new FirstPoint();
    private String label = "";

    public GridTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "grid";
    }

    @Override public String prompt() {
        String next = label.isEmpty() ? GridLabels.next(Piece.straight(Point.ORIGIN, new Point(0, 1)), w.project().grid()) + " / "
            + GridLabels.next(Piece.straight(Point.ORIGIN, new Point(1, 0)), w.project().grid()) : label;
        return first.isMissing() ? Words.of("prompt.grid.first", next) : Words.of("prompt.grid.other");
    }

    @Override public void clicked(Aim aim) {
        if (!first.isMissing()) {
            first.get().filter(p -> p.distance(aim.at()) > 0.01).ifPresent(p -> add(Piece.straight(p, aim.at())));
            first.takeBack();
            return;
        }
        Optional<Piece> stroke = aim.snap().filter(s -> s.kind() == SnapKind.ON_STROKE || s.kind() == SnapKind.MIDDLE)
            .flatMap(GridTool::straight);
        if (stroke.isPresent()) add(stroke.get());
        else first.place(aim.at());
    }

    private static Optional<Piece> straight(Snap s) {
        for (Snap.Hit h : s.hits())
            if (h.drawing().curve(h.stroke()) instanceof Curve.Straight c && c.length() > 0.01)
                return Optional.of(Piece.straight(c.a(), c.b()));
        return Optional.empty();
    }

    private void add(Piece p) {
        if (add(w, p, label)) label = "";
    }

    /** Letters start at the top, figures at the left: there the tags stand. @param label "" for the next of its family */
    static boolean add(Workspace w, Piece p, String label) {
        boolean letters = GridLabels.family(p).equals("letters");
        Piece line = letters == p.a().y() >= p.b().y() && letters || !letters && p.a().x() <= p.b().x() ? p : p.reversed();
        String name = label.isEmpty() ? GridLabels.next(line, w.project().grid()) : label;
        if (w.project().grid().stream().anyMatch(g -> g.line().distance(line.a()) < 0.005 && g.line().distance(line.b()) < 0.005)) {
            w.say(new Message(Message.Tone.BAD, Words.of("grid.there-already")));
            return false;
        }
        if (Tracing.isTaken(w.project(), name, NOBODY)) {
            w.say(new Message(Message.Tone.BAD, Words.of("grid.label-taken", name)));
            return false;
        }
        List<Support> on = w.drawings().stream().flatMap(d -> Supports.along(line, 0, Support.Face.AXIS, d).stream()).toList();
        w.apply(Tracing.addGridLine(new GridLine(ElementId.fresh(), name, Optional.of(GridLabels.family(line)), line, Optional.empty(),
            new Provenance(new Provenance.Way.ByHand(), on))));
        return true;
    }

    @Override public Optional<Point> from() {
        return first.get();
    }

    @Override public Asks asks() {
        return Asks.TEXT;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (text.isBlank() || text.length() > 12) return false;
        if (Tracing.isTaken(w.project(), text.strip(), NOBODY)) {
            w.say(new Message(Message.Tone.BAD, Words.of("grid.label-taken", text.strip())));
            return false;
        }
        label = text.strip();
        return true;
    }

    @Override public boolean back() {
        return first.takeBack();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = first.marks(w.aim().at());
        if (first.isMissing())
            w.aim().snap().filter(s -> s.kind() == SnapKind.ON_STROKE || s.kind() == SnapKind.MIDDLE).flatMap(GridTool::straight)
                .ifPresent(p -> out.add(new Mark.Line(p.a(), p.b(), false)));
        return out;
    }
}
