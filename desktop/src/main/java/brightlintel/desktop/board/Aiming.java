package brightlintel.desktop.board;

import brightlintel.building.Column;
import brightlintel.building.GridLine;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.StairPlan;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Way;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.paint.PlanView;
import brightlintel.snap.Snap;
import brightlintel.snap.SnapKind;
import brightlintel.snap.SnapSource;
import brightlintel.snap.Snapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** From a pointer in pixels to an aim in metres: snapping, the next candidate, ortho. */
final class Aiming {
    static final double RING = 12;
    private final Workspace w;
    private int choice;
    private Point chosenAt = Point.ORIGIN;
    private Snapper.Scene model = Snapper.Scene.NOTHING;
    private Object modelOf;

    Aiming(Workspace w) {
        this.w = w;
    }

    /** The next candidate, for as long as the pointer stays about here. */
    void next() {
        choice++;
    }

    Aim at(PlanView view, double px, double py) {
        Point raw = view.toMetres(px, py);
        double reach = RING / view.pxPerMetre();
        if (raw.distance(chosenAt) > reach / 3) {
            choice = 0;
            chosenAt = raw;
        }
        Optional<Snap> snap = w.tool().snaps() ? pick(raw, reach) : Optional.empty();
        Point at = snap.map(Snap::at).orElse(raw);
        Optional<Point> from = w.tool().from();
        if (w.way() != Way.FREE && from.isPresent()) {
            Point straight = straight(from.get(), at);
            boolean even = snap.filter(s -> s.kind() == SnapKind.EVEN_STEP).isPresent();
            at = even ? stepped(from.get(), straight(from.get(), raw)) : straight;
        }
        return new Aim(raw, at, snap, reach);
    }

    /** Where the pointer would snap to, whatever the tool. */
    Point snapped(PlanView view, double px, double py) {
        Point raw = view.toMetres(px, py);
        return pick(raw, RING / view.pxPerMetre()).map(Snap::at).orElse(raw);
    }

    /** A whole number of steps from where the line begins. */
    private Point stepped(Point from, Point to) {
        double d = from.distance(to), step = w.snaps().step(), even = step * Math.rint(d / step);
        return even > 0 ? from.towards(to, even / d) : to;
    }

    private Point straight(Point from, Point to) {
        return switch (w.way()) {
            case FREE -> to;
            case ORTHO -> level(from, to);
            case ACROSS -> new Point(to.x(), from.y());
            case UP -> new Point(from.x(), to.y());
        };
    }

    private Optional<Snap> pick(Point raw, double reach) {
        List<Snap> found = new ArrayList<>();
        for (Point own : w.tool().ownPoints())
            if (own.distance(raw) <= reach) found.add(new Snap(SnapKind.END, SnapSource.MODEL, own, List.of()));
        found.addAll(new Snapper(scene(), w.snaps()).near(raw, reach, w.tool().from()));
        return found.isEmpty() ? Optional.empty() : Optional.of(found.get(Math.floorMod(choice, found.size())));
    }

    /** Keeps the longer way, along the axis it is nearer to. */
    private static Point level(Point from, Point to) {
        Point d = to.minus(from);
        return Math.abs(d.x()) >= Math.abs(d.y()) ? new Point(to.x(), from.y()) : new Point(from.x(), to.y());
    }

    private Snapper.Scene scene() {
        Object now = List.of(w.storeyId(), w.contents(), w.project().grid(), w.looks().grid());
        if (!now.equals(modelOf)) {
            modelOf = now;
            model = build();
        }
        List<Piece> picked = w.darkLines().seen();
        if (picked.isEmpty()) return new Snapper.Scene(w.drawings(), model.grid(), model.corners(), model.edges());
        List<Piece> edges = new ArrayList<>(model.edges());
        List<Point> corners = new ArrayList<>(model.corners());
        edges.addAll(picked);
        for (Piece l : picked) corners.addAll(List.of(l.a(), l.b()));
        return new Snapper.Scene(w.drawings(), model.grid(), corners, edges);
    }

    private Snapper.Scene build() {
        List<Piece> grid = w.project().grid().stream().filter(g -> w.looks().grid() && g.isOn(w.storeyId())).map(GridLine::line).toList();
        List<Point> corners = new ArrayList<>();
        List<Piece> edges = new ArrayList<>();
        for (Wall x : w.contents().walls()) {
            corners.add(x.reference().a());
            corners.add(x.reference().b());
            edges.add(x.reference());
            for (Ring r : w.solved().footprints().of(x.id()))
                for (Piece e : r.pieces()) {
                    if (e.length() < 0.1 && !x.reference().isStraight()) continue;
                    corners.add(e.a());
                    edges.add(e);
                }
        }
        for (Slab s : w.contents().slabs()) {
            List<Ring> rings = new ArrayList<>(List.of(w.solved().outline(s)));
            rings.addAll(s.holes());
            rings.forEach(r -> {
                corners.addAll(r.corners());
                edges.addAll(r.pieces());
            });
        }
        List<Ring> more = new ArrayList<>();
        w.contents().stairs().forEach(s -> StairPlan.of(s).steps().forEach(x -> more.add(x.ground())));
        w.contents().roofs().forEach(r -> more.add(r.outline()));
        w.contents().zones().forEach(z -> more.add(z.outline()));
        w.contents().outlines().forEach(b -> more.add(w.solved().outline(b)));
        more.forEach(r -> {
            corners.addAll(r.corners());
            edges.addAll(r.pieces());
        });
        for (Column c : w.contents().columns()) {
            Ring r = c.ground();
            corners.add(c.at());
            if (r.isStraight()) corners.addAll(r.corners());
            edges.addAll(r.pieces());
        }
        for (Separation s : w.contents().separations()) {
            corners.addAll(List.of(s.line().a(), s.line().b()));
            edges.add(s.line());
        }
        return new Snapper.Scene(List.of(), grid, corners, edges);
    }
}
