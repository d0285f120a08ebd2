package brightlintel.edit;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Zone;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Corners of outlines and of stairs' lines, put in and taken out. What follows walls has none of its own. */
public final class Corners {
    private static final double ENDS = 0.005;

    private Corners() { }

    /** On the edge that is nearest to a place. */
    public static Edit in(StoreyId on, ElementId id, Point at) {
        return Edit.of("edit.corner-in", p -> p.withContents(on, c -> c.map(e -> e.id().equals(id) ? in(e, at) : e)));
    }

    /** The one nearest to a place. */
    public static Edit out(StoreyId on, ElementId id, Point at) {
        return Edit.of("edit.corner-out", p -> p.withContents(on, c -> c.map(e -> e.id().equals(id) ? out(e, at) : e)));
    }

    /** The outline whose corners can be changed; nothing where it follows walls or there is none. */
    public static Optional<Ring> ring(StoreyElement e) {
        return switch (e) {
            case Slab s when s.follows().isEmpty() -> Optional.of(s.outline());
            case BuildingOutline b when b.follows().isEmpty() -> Optional.of(b.outline());
            case Roof r -> Optional.of(r.outline());
            case Zone z -> Optional.of(z.outline());
            case Room r when r.bound() instanceof Room.Bound.Drawn(Ring outline, List<Ring> _) -> Optional.of(outline);
            default -> Optional.empty();
        };
    }

    private static StoreyElement in(StoreyElement e, Point at) {
        if (e instanceof Stair s) return s.with(in(s.line(), at));
        Ring ring = ring(e).orElse(null);
        if (ring == null) return e;
        int side = nearest(ring.pieces(), at);
        Piece p = ring.piece(side);
        double along = p.unroll(at).x();
        if (along < ENDS || along > p.length() - ENDS) return e;
        List<Piece> pieces = new ArrayList<>(ring.pieces());
        pieces.set(side, p.part(0, along));
        pieces.add(side + 1, p.part(along, p.length()));
        return with(e, Ring.of(pieces), edges -> {
            edges.add(side + 1, edges.get(side));
            return edges;
        });
    }

    private static StoreyElement out(StoreyElement e, Point at) {
        if (e instanceof Stair s) return s.with(out(s.line(), at));
        Ring ring = ring(e).orElse(null);
        if (ring == null || ring.size() < 4) return e;
        int k = 0;
        for (int i = 1; i < ring.size(); i++) if (ring.corners().get(i).distance(at) < ring.corners().get(k).distance(at)) k = i;
        int gone = k, before = Math.floorMod(k - 1, ring.size());
        List<Piece> pieces = new ArrayList<>(ring.pieces());
        pieces.set(before, Piece.straight(ring.piece(before).a(), ring.piece(gone).b()));
        pieces.remove(gone);
        return with(e, Ring.of(pieces), edges -> {
            edges.remove(gone);
            return edges;
        });
    }

    private static StoreyElement with(StoreyElement e, Ring ring, UnaryOperator<List<Roof.Edge>> edges) {
        return switch (e) {
            case Slab s -> s.with(ring);
            case BuildingOutline b -> b.with(ring);
            case Zone z -> z.with(ring);
            case Room r when r.bound() instanceof Room.Bound.Drawn(Ring _, List<Ring> holes) -> r.with(new Room.Bound.Drawn(ring, holes));
            case Roof r -> r.with(ring, r.cover() instanceof Roof.Cover.Pitched(List<Roof.Edge> was)
                ? new Roof.Cover.Pitched(edges.apply(new ArrayList<>(was))) : r.cover());
            default -> e;
        };
    }

    private static List<Piece> in(List<Piece> line, Point at) {
        int k = nearest(line, at);
        Piece p = line.get(k);
        double along = p.unroll(at).x();
        if (along < ENDS || along > p.length() - ENDS) return line;
        List<Piece> out = new ArrayList<>(line);
        out.set(k, p.part(0, along));
        out.add(k + 1, p.part(along, p.length()));
        return out;
    }

    /** One between two pieces. */
    private static List<Piece> out(List<Piece> line, Point at) {
        if (line.size() < 2) return line;
        int k = 0;
        for (int i = 1; i + 1 < line.size(); i++) if (line.get(i).b().distance(at) < line.get(k).b().distance(at)) k = i;
        List<Piece> out = new ArrayList<>(line);
        out.set(k, Piece.straight(line.get(k).a(), line.get(k + 1).b()));
        out.remove(k + 1);
        return out;
    }

    private static int nearest(List<Piece> pieces, Point at) {
        int k = 0;
        for (int i = 1; i < pieces.size(); i++) if (pieces.get(i).distance(at) < pieces.get(k).distance(at)) k = i;
        return k;
    }
}
