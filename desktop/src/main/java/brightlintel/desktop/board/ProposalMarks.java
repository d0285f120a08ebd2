package brightlintel.desktop.board;

import brightlintel.building.ElementId;
import brightlintel.desktop.state.Proposals;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.tool.Mark;
import brightlintel.desktop.tool.ProposalShapes;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.paint.Brush;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.recognise.Recognised;
import java.util.List;
import java.util.Optional;

/** Proposals in brass: those of the kind that is decided now are washed, the rest are thin outlines; what is not sure is dashed. */
final class ProposalMarks {
    private static final double CHORD = 0.01;
    private final ProposalShapes shapes = new ProposalShapes();

    void paint(Workspace w, Brush brush, Palette palette, PlanView view, MarkPainter marks) {
        if (w.stage() != Stage.TRACE || w.proposals().open() == Recognised.NOTHING) return;
        w.proposals().only().ifPresent(r -> dashed(brush, r.chords(CHORD).stream().map(view::toPx).toList(), true, 1.5, palette.ink()));
        Optional<ElementId> inHand = w.proposals().inHand().map(e -> e.id());
        Optional<Proposals.Kind> kind = w.proposals().inHand().map(w.proposals()::kindOf).or(w.proposals()::kind);
        Box seen = view.seen();
        boolean atRest = w.tool() instanceof SelectTool;
        for (ProposalShapes.Outline o : shapes.all(w)) {
            if (!o.box().meets(seen)) continue;
            boolean now = atRest && kind.filter(o.kind()::equals).isPresent(), here = inHand.filter(o.element().id()::equals).isPresent();
            List<Point> line = o.line().stream().map(view::toPx).toList();
            if (o.closed() && now) brush.fill(line, palette.brassWash(), here ? 1 : o.kind() == Proposals.Kind.ROOMS ? 0.45 : 0.8);
            double width = here ? 3 : now ? 1.5 : 0.8;
            // colour is not all that tells: what is not shown is crossed
            if (o.kind() == Proposals.Kind.GONE) {
                brush.path(line, true, width, palette.brick());
                brush.path(List.of(line.getFirst(), line.get(line.size() / 2)), false, width, palette.brick());
            } else if (o.sure()) brush.path(line, o.closed(), width, palette.brass());
            else dashed(brush, line, o.closed(), width, palette.brass());
        }
        w.proposals().inHand().ifPresent(e -> shapes.all(w).stream().filter(o -> o.element().id().equals(e.id())).findFirst().ifPresent(o ->
            marks.paint(new Mark.Callout(o.box().centre(), ProposalShapes.words(w, e)))));
    }

    private static void dashed(Brush brush, List<Point> line, boolean closed, double width, int ink) {
        int n = line.size();
        for (int i = 0; i + 1 < n + (closed ? 1 : 0); i++) brush.dashed(line.get(i % n), line.get((i + 1) % n), width, ink, 5, 4);
    }
}
