package brightlintel.desktop.board;

import brightlintel.building.Contents;
import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.Mark;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.drawing.Layer;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.paint.Brush;
import brightlintel.paint.Fonts;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanPainter;
import brightlintel.paint.PlanShapes;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.paint.StrokePainter;
import brightlintel.place.Extent;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Composes a frame: the last picture of the underlay, the model, the marks of the tool, the rulers. Works nothing out that a frame before
 * it knew.
 */
final class BoardFrame {
    private final Workspace w;
    private final UnderlayPictures pictures;
    private final Runnable again;
    private Contents shapesOf;
    private PlanShapes shapes;
    private Optional<Contents> belowOf = Optional.empty();
    private List<PlanShapes.Shape.Ground> below = List.of();

    /** @param again asks for another frame */
    BoardFrame(Workspace w, UnderlayPictures pictures, Runnable again) {
        this.w = w;
        this.pictures = pictures;
        this.again = again;
    }

    void paint(Raster frame, PlanView view, Point pointer) {
        Palette p = w.looks().palette();
        List<PlacedDrawing> drawings = w.drawings();
        if (drawings.isEmpty()) {
            pictures.forget();
            frame.clear(p.paper());
        } else {
            pictures.want(wanted(view), again);
            pictures.compose(frame, view, p.paper());
        }
        Brush brush = new Brush(frame);
        new PlanPainter(brush, p, view).paint(w.project(), w.storeyId(), shapes(), w.selection());
        MarkPainter marks = new MarkPainter(brush, p, view);
        if (w.stage() == Stage.TRUE && !drawings.isEmpty()) sizes(brush, p, view, marks);
        if (!drawings.isEmpty() && drawings.stream().noneMatch(d -> d.cleared().showsAnything())
            && drawings.stream().anyMatch(d -> d.strokes().size() > 0))
            brush.textCentred(Words.of("board.all-hidden"), frame.width / 2.0, frame.height / 2.0, 14, Fonts.Weight.MEDIUM, p.ink2());
        w.tool().marks().forEach(marks::paint);
        if (pointer != null && w.tool().snaps() && !(w.tool() instanceof SelectTool)) w.aim().snap().ifPresent(marks::ring);
        Rulers rulers = new Rulers(brush, p, view, w.project().units());
        rulers.scaleBar();
        rulers.paint(pointer);
    }

    /** What is to be seen under the model. */
    UnderlayPictures.Wanted wanted(PlanView view) {
        Palette p = w.looks().palette();
        List<Ground.Sheet> sheets = new ArrayList<>();
        Optional<Box> all = Optional.of(Box.EMPTY);
        for (PlacedDrawing d : w.drawings()) {
            sheets.add(new Ground.Sheet(d, StrokePainter.Look.of(d.underlay().appearance(), p, w.looks().muted())));
            Optional<Extent> e = w.extent(d);
            all = all.flatMap(b -> e.map(x -> b.with(x.main())));
        }
        return new UnderlayPictures.Wanted(sheets, lit(), p.paper(), view, all);
    }

    /** The layer that is lit, of the drawing in hand. */
    private Optional<Ground.Lit> lit() {
        String name = w.looks().lit();
        if (name.isEmpty()) return Optional.empty();
        return w.drawing().flatMap(d -> {
            List<Layer> layers = d.strokes().layers();
            return IntStream.range(0, layers.size()).filter(i -> layers.get(i).name().equals(name)).boxed().findFirst()
                .map(i -> new Ground.Lit(d, i, w.looks().palette().brass()));
        });
    }

    private void sizes(Brush brush, Palette p, PlanView view, MarkPainter marks) {
        marks.paint(new Mark.Datum(Point.ORIGIN, Words.of("mark.datum")));
        if (w.looks().witnesses()) w.drawing().flatMap(w::extent).ifPresent(e -> new Witnesses(brush, p, view).paint(e.main()));
    }

    /** Contents are never changed, so that the same ones have the same shapes. */
    private PlanShapes shapes() {
        Project project = w.project();
        StoreyId on = w.storeyId();
        Optional<Contents> under = project.below(on).map(s -> project.on(s.id()));
        boolean sameBelow = under.isPresent() == belowOf.isPresent() && (under.isEmpty() || under.get() == belowOf.get());
        if (!sameBelow) {
            belowOf = under;
            below = PlanShapes.below(project, on);
        }
        if (!sameBelow || shapesOf != w.contents()) {
            shapesOf = w.contents();
            shapes = PlanShapes.of(shapesOf, w.footprints(), below, w.slabs());
        }
        return shapes;
    }
}
