package brightlintel.desktop.view3d;

import brightlintel.building.Contents;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.desktop.frame.NextFrame;
import brightlintel.desktop.frame.PictureView;
import brightlintel.desktop.state.Change;
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
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;

/** The building in space: drag orbits, middle drag pans, the wheel zooms, a click selects. */
public final class SpaceView extends Region {
    private final Workspace w;
    private final PictureView image = new PictureView();
    private final NextFrame next = new NextFrame(this, this::render);
    private final Painter3d painter = new Painter3d();
    private final Map<StoreyId, Built> built = new HashMap<>();
    private final Set<StoreyId> hidden = new HashSet<>();
    private Raster frame;
    private Camera camera = Camera.usual(Vec3.ZERO, 20);
    private boolean fitted;
    private Point last;
    private double travelled;

    /** Bodies of a storey and what they were built from. */
    private record Built(Contents from, List<Storey> levels, List<Body> bodies) { }

    public SpaceView(Workspace w) {
        this.w = w;
        setId("space");
        setFocusTraversable(true);
        setAccessibleText(Words.of("space.accessible"));
        getChildren().add(image);
        setOnMousePressed(e -> {
            requestFocus();
            last = new Point(e.getX(), e.getY());
            travelled = 0;
        });
        setOnMouseDragged(e -> {
            double dx = e.getX() - last.x(), dy = e.getY() - last.y();
            travelled += Math.abs(dx) + Math.abs(dy);
            camera = e.getButton() == MouseButton.PRIMARY && !e.isShiftDown() ? camera.orbited(dx, dy) : camera.panned(dx, dy);
            last = new Point(e.getX(), e.getY());
            refresh();
        });
        setOnMouseReleased(e -> {
            if (e.getButton() == MouseButton.PRIMARY && travelled < 4) pick((int) e.getX(), (int) e.getY());
        });
        setOnScroll(e -> {
            camera = camera.zoomed(Math.pow(1.2, Math.clamp(e.getDeltaY() / 40, -6, 6)));
            refresh();
        });
        w.listen(this::changed);
    }

    private void changed(Change c) {
        switch (c) {
            case FILE -> {
                fitted = false;
                hidden.clear();
                refresh();
            }
            case PROJECT, SELECTION, LOOK -> refresh();
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
        w.select(Set.of(b.id()));
    }

    public boolean isHidden(StoreyId s) {
        return hidden.contains(s);
    }

    public void toggle(StoreyId s) {
        if (!hidden.remove(s)) hidden.add(s);
        refresh();
        w.tell(Change.SPACE);
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

    private void render() {
        List<Body> bodies = bodies();
        if (!fitted && !bodies.isEmpty()) {
            camera = Camera.fit(camera, Painter3d.corners(bodies), frame.width, frame.height);
            fitted = true;
        }
        painter.paint(bodies, camera, new Painter3d.Look(w.looks().palette(), w.selection()), frame);
        if (bodies.isEmpty())
            new Brush(frame).textCentred(Words.of("space.empty"), frame.width / 2.0, frame.height / 2.0, 14, Fonts.Weight.REGULAR,
                w.looks().palette().ink2());
        image.publish();
    }

    private List<Body> bodies() {
        List<Body> out = new ArrayList<>();
        for (Storey s : w.project().storeys()) {
            if (hidden.contains(s.id())) continue;
            Contents c = w.project().on(s.id());
            Built b = built.get(s.id());
            if (b == null || b.from != c || !b.levels.equals(w.project().storeys()))
                built.put(s.id(), b = new Built(c, w.project().storeys(), Solids.of(w.project(), s.id(), Tolerances.BUILDING)));
            out.addAll(b.bodies);
        }
        return out;
    }
}
