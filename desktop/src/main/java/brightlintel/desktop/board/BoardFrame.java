package brightlintel.desktop.board;

import brightlintel.building.Contents;
import brightlintel.building.Ink;
import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.WallKind;
import brightlintel.desktop.state.Looks;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Witness;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.Mark;
import brightlintel.desktop.tool.MeasureMarks;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.drawing.Layer;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.joint.Enclosures;
import brightlintel.paint.Brush;
import brightlintel.paint.Fonts;
import brightlintel.paint.Palette;
import brightlintel.paint.Pictures;
import brightlintel.paint.PlanPainter;
import brightlintel.paint.PlanShapes;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.paint.StrokePainter;
import brightlintel.place.Extent;
import brightlintel.place.PlacedDrawing;
import brightlintel.select.Picked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Composes a frame: the last picture of the underlay, the model, the marks of the tool, the rulers. Works nothing out that a frame before
 * it knew.
 */
final class BoardFrame {
    private final Workspace w;
    private final UnderlayPictures pictures;
    private final Runnable again;
    private final ChangeMarks changes = new ChangeMarks();
    private final ProposalMarks proposals = new ProposalMarks();
    private List<Witnesses.Laid> witnesses = List.of();
    private Contents shapesOf;
    private PlanShapes shapes;
    private List<Ring> wells = List.of();
    private Enclosures roomsSeen;
    private List<WallKind> kinds = List.of();
    private Project modelOf;
    private StoreyId modelOn;
    private Box model = Box.EMPTY;
    private List<Contents> belowOf = List.of();
    private List<PlanShapes.Shape.Ground> below = List.of();

    /** @param again asks for another frame */
    BoardFrame(Workspace w, UnderlayPictures pictures, Runnable again) {
        this.w = w;
        this.pictures = pictures;
        this.again = again;
    }

    Optional<Box> witness(Witness which) {
        return witnesses.stream().filter(x -> x.which() == which).map(Witnesses.Laid::px).findFirst();
    }

    /** The size witness that was painted at a place, pixels. */
    Optional<Witnesses.Laid> witnessAt(Point px) {
        return witnesses.stream().filter(x -> x.px().holds(px)).findFirst();
    }

    void paint(Raster frame, PlanView view, Point pointer) {
        witnesses = List.of();
        Palette p = w.looks().palette();
        List<PlacedDrawing> drawings = w.drawings();
        UnderlayPictures.Wanted wanted = wanted(view);
        if (wanted.sheets().isEmpty()) {
            pictures.forget();
            frame.clear(p.paper());
        } else {
            pictures.want(wanted, again);
            pictures.compose(frame, view, p.paper());
        }
        Brush brush = new Brush(frame);
        new PlanPainter(brush, p, view).rooms(w.looks().roomsBy()).paint(w.looks().grid() ? w.project() : w.project().withGrid(List.of()),
            w.storeyId(), shapes(), w.selection());
        MarkPainter marks = new MarkPainter(brush, p, view);
        if (w.stage() == Stage.TRUE && !drawings.isEmpty()) sizes(brush, p, view, marks);
        if (!drawings.isEmpty() && drawings.stream().noneMatch(d -> d.cleared().showsAnything())
            && drawings.stream().anyMatch(d -> d.strokes().size() > 0))
            brush.textCentred(Words.of("board.all-hidden"), frame.width / 2.0, frame.height / 2.0, 14, Fonts.Weight.MEDIUM, p.ink2());
        unseen().ifPresent(words -> brush.textCentred(Words.of(words), frame.width / 2.0, frame.height / 2.0, 14, Fonts.Weight.MEDIUM,
            p.ink2()));
        if (w.stage() == Stage.TRUE) new EvidenceMarks(w, brush, p, view).paint();
        if (w.stage() == Stage.CLEAR) {
            PartMarks.paint(w, brush, p, view);
            RepairMarks.paint(w, brush, p, view);
        }
        if (w.stage() == Stage.RECEIVE) changes.paint(w, brush, p, view);
        proposals.paint(w, brush, p, view, marks);
        w.darkLines().seen().forEach(l -> marks.paint(new Mark.Line(l.a(), l.b(), true)));
        MeasureMarks.of(w).forEach(marks::paint);
        w.tool().marks().forEach(marks::paint);
        if (pointer != null && w.tool().snaps() && !(w.tool() instanceof SelectTool)) w.aim().snap().ifPresent(marks::ring);
        Rulers rulers = new Rulers(brush, p, view, w.project().units());
        rulers.scaleBar();
        rulers.paint(pointer);
    }

    /** Where there would be drawings, and somebody asked not to see them, and nothing else is there to be seen: why. */
    private Optional<String> unseen() {
        boolean nothing = w.contents().isEmpty() && w.drawings().isEmpty() && !w.onBoard().laid().isEmpty();
        if (!nothing) return Optional.empty();
        return Optional.of(w.looks().modelAlone() ? "board.model-alone" : "board.none-shown");
    }

    /** What is to be seen under the model. */
    UnderlayPictures.Wanted wanted(PlanView view) {
        Looks l = w.looks();
        Palette p = l.palette();
        List<Ground.Sheet> sheets = new ArrayList<>();
        for (PlacedDrawing d : w.onBoard().echo()) sheets.add(new Ground.Sheet(d, StrokePainter.Look.echo(d.underlay().appearance(), p)));
        Optional<Box> all = Optional.of(Box.EMPTY);
        for (PlacedDrawing d : w.drawings()) {
            StrokePainter.Look look = StrokePainter.Look.of(d.underlay().appearance(), p, l.muted()).withWeights(l.weights());
            sheets.add(new Ground.Sheet(d, inRoles(d, look)));
            // for the picture of the whole, about is enough: hiding a layer does not look through a million strokes
            Optional<Extent> e = d.extentAbout().or(() -> w.onBoard().extent(d));
            all = all.flatMap(b -> e.map(x -> b.with(x.main())));
        }
        Optional<PlanView> whole = all.filter(b -> !b.isEmpty())
            .map(b -> fitted(b.with(model()), view.width(), view.height()));
        return new UnderlayPictures.Wanted(sheets, lit(), p.paper(), view, whole);
    }

    /** Inks of roles where the drawing has them; quiet until they are found. */
    private StrokePainter.Look inRoles(PlacedDrawing d, StrokePainter.Look look) {
        return d.underlay().appearance().ink() instanceof Ink.ByRole ? w.casts().of(d).map(look::withRoles).orElse(look) : look;
    }

    /** Where the model of the storey is: a project is never changed, so that the same one has the same box. */
    private Box model() {
        if (modelOf != w.project() || !w.storeyId().equals(modelOn)) {
            modelOf = w.project();
            modelOn = w.storeyId();
            model = Pictures.model(modelOf, modelOn);
        }
        return model;
    }

    /** All of a box, between the rulers and above the scale bar. */
    static PlanView fitted(Box metres, int width, int height) {
        PlanView v = PlanView.fit(metres, width - Rulers.WIDE, height - Rulers.WIDE - 30, 34);
        double shift = Rulers.WIDE / 2.0 / v.pxPerMetre();
        return new PlanView(v.centre().plus(new Point(-shift, shift - 15 / v.pxPerMetre())), v.pxPerMetre(), width, height).onSteps();
    }

    /** The layer that is pointed at, and what is picked. */
    private List<Ground.Lit> lit() {
        List<Ground.Lit> out = new ArrayList<>();
        int brass = w.looks().palette().brass();
        String name = w.looks().lit();
        for (PlacedDrawing d : w.drawings()) {
            boolean inHand = w.underlay().filter(u -> u.id().equals(d.underlay().id())).isPresent();
            // not the rest of a sheet that it was cut out of
            boolean aside = inHand && w.stage() == Stage.CLEAR && d.underlay().cutOut().isEmpty()
                && !d.underlay().clearing().equals(d.underlay().clearing().allBack());
            if (aside) out.add(new Ground.Lit.Aside(d, w.looks().palette().rule(), w.looks().palette().paper()));
            if (inHand && !name.isEmpty()) layer(d, name).ifPresent(i -> out.add(new Ground.Lit.OfLayer(d, i, brass)));
            if (inHand && (w.stage() == Stage.CLEAR || w.stage() == Stage.TRACE)
                && !w.onBoard().lit().isEmpty()) out.add(new Ground.Lit.Chosen(d, w.onBoard().lit(),
                brass));
            Picked picked = w.onBoard().picked(d);
            if (!picked.isEmpty()) out.add(new Ground.Lit.Chosen(d, picked, brass));
        }
        return out;
    }

    private static OptionalInt layer(PlacedDrawing d, String name) {
        List<Layer> layers = d.strokes().layers();
        return IntStream.range(0, layers.size()).filter(i -> layers.get(i).name().equals(name)).findFirst();
    }

    private void sizes(Brush brush, Palette p, PlanView view, MarkPainter marks) {
        marks.paint(new Mark.Datum(Point.ORIGIN, Words.of("mark.datum")));
        if (w.looks().witnesses()) w.drawing().flatMap(w.onBoard()::extent).ifPresent(e ->
            witnesses = new Witnesses(brush, p, view).paint(e.main(), w.looks().placed()));
    }

    /** Contents are never changed, so that the same ones have the same shapes. */
    private PlanShapes shapes() {
        Project project = w.project();
        StoreyId on = w.storeyId();
        Optional<StoreyId> outlined = w.looks().echo().seen(project, on).or(() -> project.below(on)).map(Storey::id);
        List<StoreyId> faint = Stream.concat(outlined.stream(), project.storeys().stream().filter(s -> !s.part().equals(w.storey().part())
            && s.isBeside(w.storey())).map(Storey::id)).toList();
        List<Contents> under = faint.stream().map(project::on).toList();
        boolean sameBelow = under.size() == belowOf.size() && IntStream.range(0, under.size()).allMatch(i ->
            under.get(i) == belowOf.get(i));
        if (!sameBelow) {
            belowOf = under;
            below = faint.stream().flatMap(s -> PlanShapes.outlines(project, s).stream()).toList();
        }
        Enclosures rooms = w.contents().rooms().isEmpty() ? null : w.solved().enclosuresSeen();
        List<Ring> up = w.solved().wells();
        if (!sameBelow || shapesOf != w.contents() || rooms != roomsSeen || !up.equals(wells) || kinds != project.wallKinds()) {
            kinds = project.wallKinds();
            wells = up;
            shapesOf = w.contents();
            roomsSeen = rooms;
            shapes = PlanShapes.of(shapesOf, w.solved().footprints(), below, w.solved().slabs(), rooms, wells, kinds);
        }
        return shapes;
    }
}
