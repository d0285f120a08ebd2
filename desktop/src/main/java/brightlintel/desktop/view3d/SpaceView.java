package brightlintel.desktop.view3d;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.desktop.frame.NextFrame;
import brightlintel.desktop.frame.PictureView;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.SpaceLooks;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.ViewMode;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.geom.Vec3;
import brightlintel.paint.Brush;
import brightlintel.paint.Fonts;
import brightlintel.paint.Raster;
import brightlintel.solid.Body;
import brightlintel.solid.Solids;
import brightlintel.view3d.Camera;
import brightlintel.view3d.Painter3d;
import brightlintel.view3d.Sheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.scene.Cursor;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/** The building in space: drag orbits, middle drag pans, the wheel zooms, a click selects. */
public final class SpaceView extends Region {
    /** Above a storey's level, metres. */
    private static final double PLAN_CUT = 1.2;
    private static final Executor PAINTING = Executors.newSingleThreadExecutor(
        r -> Thread.ofPlatform().daemon().priority(Thread.MIN_PRIORITY).name("sheets in space").unstarted(r));
    private final Workspace w;
    private final PictureView image = new PictureView();
    private final NextFrame next = new NextFrame(this, this::render);
    private final Painter3d painter = new Painter3d();
    private final Map<StoreyId, Built> built = new HashMap<>();
    private final ProposedBodies proposed = new ProposedBodies();
    private final SpaceSheets sheets;
    private List<Body> cornersOf = List.of();
    private List<Vec3> corners = List.of();
    private Optional<CutHandles.Which> cutInHand = Optional.empty();
    private Raster frame;
    private Camera camera = Camera.usual(Vec3.ZERO, 20);
    private boolean fitted;
    private Point last;
    private double travelled;

    /** Bodies of a storey and what they were built from. */
    private record Built(Contents from, Object other, List<Body> bodies) { }

    /** What bodies of a storey follow from beside its own contents: floors and levels, stairs and roofs of the others. */
    private static Object others(Project p) {
        List<Object> out = new ArrayList<>(List.of(p.storeys(), p.levels()));
        for (Storey s : p.storeys()) out.add(List.of(p.on(s.id()).stairs(), p.on(s.id()).roofs()));
        return out;
    }

    public SpaceView(Workspace w) {
        this.w = w;
        this.sheets = new SpaceSheets(w, PAINTING, Platform::runLater, this::refresh);
        setId("space");
        setFocusTraversable(true);
        setAccessibleText(Words.of("space.accessible"));
        getChildren().add(image);
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(e -> {
            if (e.getButton() == MouseButton.PRIMARY && travelled < 4 && cutInHand.isEmpty()) pick((int) e.getX(), (int) e.getY());
            cutInHand = Optional.empty();
        });
        setOnMouseMoved(e -> setCursor(handles().at(new Point(e.getX(), e.getY())).isPresent() ? Cursor.HAND : Cursor.DEFAULT));
        setOnScroll(e -> {
            camera = camera.zoomed(Math.pow(1.2, Math.clamp(e.getDeltaY() / 40, -6, 6)));
            refresh();
        });
        w.listen(this::changed);
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        last = new Point(e.getX(), e.getY());
        travelled = 0;
        cutInHand = e.getButton() == MouseButton.PRIMARY ? handles().at(last) : Optional.empty();
    }

    private void dragged(MouseEvent e) {
        Point now = new Point(e.getX(), e.getY()), by = now.minus(last);
        travelled += Math.abs(by.x()) + Math.abs(by.y());
        last = now;
        if (cutInHand.isPresent()) {
            w.space(handles().dragged(cutInHand.get(), by));
            return;
        }
        camera = e.getButton() == MouseButton.PRIMARY && !e.isShiftDown() ? camera.orbited(by.x(), by.y()) : camera.panned(by.x(), by.y());
        refresh();
    }

    private CutHandles handles() {
        return new CutHandles(w.space(), corners, camera, frame == null ? 1 : frame.width, frame == null ? 1 : frame.height);
    }

    /** Level at the height where plans are cut, over the storey in hand; or takes the cut away. */
    public void cutLevel() {
        SpaceLooks s = w.space();
        w.space(s.withHeight(s.height().isPresent() ? Optional.empty() : Optional.of(w.storey().level().value() + PLAN_CUT)));
    }

    /** Across the middle, the half towards the viewer cut away; or takes the cut away. */
    public void cutAcross() {
        SpaceLooks s = w.space();
        w.space(s.withAcross(s.across().isPresent() ? Optional.empty() : Optional.of(handles().across())));
    }

    /** Walls, slabs and roofs as veils over what they hide, or solid again. */
    public void seeThrough() {
        w.space(w.space().withThrough(!w.space().through()));
    }

    public void turnCut() {
        Point middle = handles().middle();
        w.space(w.space().withAcross(w.space().across().map(a -> a.turned(middle))));
    }

    private void changed(Change c) {
        switch (c) {
            case FILE -> {
                fitted = false;
                sheets.forget();
                refresh();
            }
            case PROJECT, SELECTION, LOOK, SPACE, DRAWING, EVIDENCE, STAGE -> refresh();
            default -> { }
        }
    }

    private void pick(int x, int y) {
        Body b = painter.at(x, y);
        if (b == null) {
            w.select(Set.of());
            return;
        }
        w.go(b.storey());
        if (b.matter() == Body.Matter.PROPOSED) {
            w.proposals().find(b.id()).ifPresent(e -> w.proposals().look(Optional.of(e)));
            return;
        }
        w.select(Set.of(b.id()));
    }

    public void fit() {
        fitted = false;
        refresh();
    }

    @Override protected void layoutChildren() {
        if (!image.resizeTo(getWidth(), getHeight())) return;
        frame = image.raster();
        fit();
    }

    private void refresh() {
        if (frame != null && w.looks().mode() != ViewMode.PLAN) next.run();
    }

    /** The picture and the sheets in it are up to date. For tests and pictures. */
    public boolean isAtRest() {
        return !next.isPending() && sheets.isAtRest();
    }

    private void render() {
        List<Body> bodies = bodies();
        List<Sheet> laid = sheets.sheets();
        if (!bodies.equals(cornersOf)) {
            cornersOf = bodies;
            corners = Painter3d.corners(bodies);
        }
        if (!fitted && !(bodies.isEmpty() && laid.isEmpty())) {
            List<Vec3> all = bodies.isEmpty() ? laid.stream().flatMap(s -> s.corners().stream()).toList() : corners;
            camera = Camera.fit(camera, all, frame.width, frame.height);
            fitted = true;
        }
        Set<ElementId> chosen = new HashSet<>(w.selection());
        if (w.stage() == Stage.TRACE) w.proposals().inHand().ifPresent(e -> chosen.add(e.id()));
        painter.paint(bodies, camera, new Painter3d.Look(w.looks().palette(), chosen, w.space().cuts(), laid,
            w.space().through()), frame);
        if (w.space().names()) RoomNames.paint(w, camera, painter, frame);
        handles().paint(new Brush(frame), w.looks().palette());
        if (bodies.isEmpty() && laid.isEmpty())
            new Brush(frame).textCentred(Words.of("space.empty"), frame.width / 2.0, frame.height / 2.0, 14, Fonts.Weight.REGULAR,
                w.looks().palette().ink2());
        image.publish();
    }

    /** What the last picture was made of. For tests. */
    public List<Body> bodiesSeen() {
        return cornersOf;
    }

    private List<Body> bodies() {
        List<Body> out = new ArrayList<>();
        Object others = others(w.project());
        ProposedBodies.Seen waiting = proposed.of(w);
        for (Storey s : w.project().storeys()) {
            if (w.space().hidden().contains(s.id())) continue;
            Contents c = w.project().on(s.id());
            Built b = built.get(s.id());
            if (b == null || b.from != c || !b.other.equals(others))
                built.put(s.id(), b = new Built(c, others, Solids.of(w.project(), s.id(), Tolerances.BUILDING)));
            for (Body x : b.bodies) if (w.space().shows(x) && !waiting.instead().contains(x.id())) out.add(x);
        }
        for (Body x : waiting.bodies()) if (!w.space().hidden().contains(w.storeyId()) && w.space().shows(x)) out.add(x);
        return out;
    }
}
