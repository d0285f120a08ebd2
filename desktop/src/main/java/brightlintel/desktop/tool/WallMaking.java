package brightlintel.desktop.tool;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Provenance;
import brightlintel.building.Side;
import brightlintel.building.Stand;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.desktop.state.WallSettings;
import brightlintel.desktop.state.Workspace;
import brightlintel.edit.Tracing;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.trace.DrawnOutlines;
import brightlintel.trace.Supports;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Walls as they are set now, along pieces, with the strokes that they stand on. */
public final class WallMaking {
    private static final ElementId NEXT = new ElementId("next");
    private static final double CHORD = 0.005;

    private WallMaking() { }

    /** Not part of the project yet. */
    static Wall plain(Workspace w, Piece p, Side side, Given<Double> thickness) {
        return new Wall(NEXT, p, side, thickness, Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
    }

    static Wall plain(Workspace w, Piece p) {
        WallSettings s = w.settings().wall();
        return plain(w, p, s.side(), s.thickness());
    }

    static void add(Workspace w, List<Wall> some) {
        List<Wall> out = new ArrayList<>();
        for (Wall x : some) {
            Wall own = ofKind(w, x.withId(ElementId.fresh()));
            out.add(own.with(new Provenance(new Provenance.Way.ByHand(), Supports.ofWall(own, w.drawings()))));
        }
        w.apply(Tracing.addWalls(w.storeyId(), out));
    }

    /** Of the kind in hand, where it is as thick. */
    static Wall ofKind(Workspace w, Wall x) {
        return w.settings().wall().kind().flatMap(w.project()::wallKind).filter(k -> Math.abs(k.thickness() - x.thickness().value()) < 1e-9)
            .map(x::with).orElse(x);
    }

    /** The outline of a wall that would be made. */
    static Mark mark(Wall x) {
        Piece r = x.reference();
        List<Point> ring = new ArrayList<>();
        int n = r.isStraight() ? 1 : Math.max(2, r.chords(CHORD, 0));
        for (int i = 0; i <= n; i++) ring.add(r.at(r.length() * i / n, x.left()));
        for (int i = n; i >= 0; i--) ring.add(r.at(r.length() * i / n, -x.right()));
        return new Mark.Area(ring);
    }

    /** The ground of a wall between two ways along it. */
    static Mark stretch(Wall x, double from, double to) {
        Piece r = x.reference();
        return new Mark.Area(List.of(r.at(from, x.left()), r.at(from, -x.right()), r.at(to, -x.right()), r.at(to, x.left())));
    }

    /** Lines and arcs of circles; nothing of other curves. */
    static Optional<Piece> piece(Curve c) {
        return DrawnOutlines.piece(c);
    }

    /** The side of the reference's face for a body that lies where a place is. */
    static Side towards(Piece p, Point at, double centred) {
        double y = p.unroll(at).y();
        return Math.abs(y) < centred ? Side.CENTRE : y > 0 ? Side.RIGHT : Side.LEFT;
    }
}
