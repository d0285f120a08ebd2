package brightlintel.desktop.board;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Element;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.desktop.frame.NextFrame;
import brightlintel.desktop.frame.PictureView;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Witness;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.Pointing;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.geom.Box;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.paint.Pictures;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.place.Extent;
import brightlintel.place.PlacedDrawing;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.layout.Region;

/**
 * The plan view. A frame is the last picture of the underlay, the model, the marks of the tool, the rulers: composed by us, shown as one
 * image.
 */
public final class Board extends Region {
    private final Workspace w;
    private final PictureView image = new PictureView();
    private final NextFrame next = new NextFrame(this, this::render);
    private final UnderlayPictures pictures = new UnderlayPictures(Platform::runLater);
    private final BoardFrame painter;
    private final Aiming aiming;
    private Raster frame;
    private PlanView view = new PlanView(Point.ORIGIN, 20, 100, 100);
    private boolean fitted;
    /** Wanted, but it is not known yet where the drawings are. */
    private boolean fitWaits;
    /** Nobody moved the view since it was fitted: it is fitted again when the board changes its size. */
    private boolean asFitted;
    private Point pointer;
    /** The aim is still that of an earlier frame. */
    private boolean aims;
    private Optional<Placement> placed = Optional.empty();

    public Board(Workspace w) {
        this.w = w;
        this.aiming = new Aiming(w);
        this.painter = new BoardFrame(w, pictures, this::refresh);
        getStyleClass().add("board");
        setId("board");
        setFocusTraversable(true);
        setAccessibleText(Words.of("board.accessible"));
        getChildren().add(image);
        new BoardInput(this, w);
        w.listen(this::changed);
    }

    private void changed(Change c) {
        switch (c) {
            case STOREY, FILE, DRAWING -> {
                placed = w.underlay().map(u -> u.placement());
                pictures.forget();
                fitted = false;
                fitIfFirst();
                refresh();
            }
            case PROJECT -> {
                findAgain();
                refresh();
            }
            case EXTENT -> {
                if (fitWaits) fit();
                refresh();
            }
            case LOOK, SELECTION, TOOL, SNAPS, AIM, STAGE, MEASURES, EVIDENCE, DISK -> refresh();
            case VIEW, SPACE, BUSY, MESSAGE, PAGES -> { }
        }
    }

    /** After a change of unit, turn or datum the view goes where the plan went. */
    private void findAgain() {
        Optional<Placement> now = w.underlay().map(u -> u.placement());
        boolean moved = now.isPresent() && placed.isPresent() && !now.equals(placed);
        placed = now;
        if (moved) fit();
    }

    public PlanView view() {
        return view;
    }

    void view(PlanView v) {
        view = v.onSteps();
        asFitted = false;
        fitted = true;
        refresh();
        w.tell(Change.VIEW);
    }

    @Override protected void layoutChildren() {
        if (!image.resizeTo(getWidth(), getHeight())) return;
        frame = image.raster();
        view = view.sized(frame.width, frame.height).onSteps();
        if (asFitted) fit();
        fitIfFirst();
        refresh();
    }

    private void fitIfFirst() {
        if (!fitted && frame != null) fit();
    }

    /** Everything of the storey: shown strokes without strays, model, grid; as soon as it is known where that is. */
    public void fit() {
        Optional<Box> all = extent();
        fitWaits = all.isEmpty();
        all.ifPresent(this::fit);
    }

    private Optional<Box> extent() {
        Box b = Pictures.model(w.project(), w.storeyId());
        for (PlacedDrawing d : w.drawings()) {
            Optional<Extent> e = w.onBoard().extent(d);
            if (e.isEmpty()) return Optional.empty();
            b = b.with(e.get().main());
        }
        return Optional.of(b);
    }

    public void fitSelected() {
        Box b = Box.EMPTY;
        for (Element e : w.selected()) b = b.with(box(e));
        for (PlacedDrawing d : w.drawings())
            for (int s : w.onBoard().picked(d).strokes().toArray()) b = b.with(Box.of(d.points(s)));
        if (b.isEmpty()) fit();
        else fit(b);
    }

    private Box box(Element e) {
        return switch (e) {
            case Wall x -> w.solved().footprints().of(x.id()).stream().map(Ring::box).reduce(x.reference().box(), Box::with);
            case Opening o -> w.contents().wall(o.wall()).map(x -> Box.around(x.middle(o.along()), o.width().value())).orElse(Box.EMPTY);
            case Slab s -> s.outline().box();
            case Column c -> c.ground().box();
            case Room r -> w.solved().enclosures().of(r).map(x -> x.outline().box()).orElse(Box.EMPTY);
            case Separation s -> s.line().box();
            case Stair s -> s.line().stream().map(Piece::box).reduce(Box.EMPTY, Box::with).grown(s.width().value() / 2);
            case Roof r -> r.outline().box().grown(r.overhang().value());
            case Zone z -> z.outline().box();
            case BuildingOutline o -> o.outline().box();
            case GridLine g -> g.line().box();
        };
    }

    private void fit(Box metres) {
        if (frame == null) return;
        boolean something = !metres.isEmpty();
        view = BoardFrame.fitted(metres, frame.width, frame.height);
        fitted = something;
        asFitted = true;
        refresh();
        w.tell(Change.VIEW);
    }

    /** A place with something about it, so that it is seen where it is. */
    public void show(Box metres) {
        fit(metres.grown(Math.max(2, metres.diagonal())));
    }

    /** About the middle. */
    public void zoom(double factor) {
        view(view.zoomed(factor, view.width() / 2.0, view.height() / 2.0));
    }

    /** Moves the view by arrow keys. */
    public void nudge(int dx, int dy) {
        view(view.moved(-dx * 60, -dy * 60));
    }

    /** Where a place of the plan is in the window; for tests and for callouts outside the board. */
    public Point2D onScreen(Point metres) {
        Point p = view.toPx(metres);
        return localToScreen(p.x(), p.y());
    }

    /** Where the pointer is now, and what that means: for a press, which takes what is there. */
    void pointer(Point px) {
        pointer = px;
        aims = false;
        w.pointerOnBoard(px != null);
        if (px != null) w.aim(aiming.at(view, px.x(), px.y()));
        else refresh();
        light();
    }

    /** Where a size witness is on the board. */
    public Optional<Point2D> witness(Witness which) {
        return painter.witness(which).map(b -> new Point2D(b.centre().x(), b.centre().y()));
    }

    Optional<Witnesses.Laid> witnessAt(Point px) {
        return painter.witnessAt(px);
    }

    /** The pointer passes by: what that means is worked out once before the next frame. */
    void passing(Point px) {
        pointer = px;
        aims = true;
        refresh();
    }

    /** In Clear, the layer of the stroke pointed at lights up. */
    private void light() {
        if (w.stage() != Stage.CLEAR || !(w.tool() instanceof SelectTool)) return;
        String layer = pointer == null ? "" : w.pointed().map(Pointing.Pointed::layer).orElse("");
        w.looks(w.looks().withLit(layer));
    }

    /** The next snap candidate where the pointer is. */
    public void nextSnap() {
        aiming.next();
        if (pointer != null) w.aim(aiming.at(view, pointer.x(), pointer.y()));
    }

    /** The place under the pointer, snapped whatever the tool; the middle of the view where the pointer is elsewhere. */
    public Point here() {
        Point px = pointer == null ? new Point(view.width() / 2.0, view.height() / 2.0) : pointer;
        return aiming.snapped(view, px.x(), px.y());
    }

    /** Any number of changes before the next frame are one frame. */
    public void refresh() {
        if (frame != null) next.run();
    }

    private void render() {
        if (frame == null) return;
        if (aims) pointer(pointer);
        painter.paint(frame, view, pointer);
        image.publish();
    }

    /** The drawing and the frame are up to date: nothing is being painted. For tests and pictures. */
    public boolean isAtRest() {
        if (next.isPending() || frame == null) return false;
        UnderlayPictures.Wanted wanted = painter.wanted(view);
        return wanted.sheets().isEmpty() || pictures.isSharp(wanted);
    }

    public void stop() {
        pictures.stop();
    }
}
