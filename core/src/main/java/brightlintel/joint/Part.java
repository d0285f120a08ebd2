package brightlintel.joint;

import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.List;

/** A stretch of a wall that ends at its own ends or where a thicker wall crosses it. The two chains are filled in by the nodes. */
final class Part {
    final Wall wall;
    final Piece piece;
    /** Points of the cut at the start and at the end, each from the right to the left as seen looking away from that end into the part. */
    List<Point> startChain, endChain;

    Part(Wall wall, double from, double to) {
        this.wall = wall;
        this.piece = from <= 0 && to >= wall.length() ? wall.reference() : wall.reference().part(from, to);
    }

    double left() {
        return wall.left();
    }

    double right() {
        return wall.right();
    }

    End start() {
        return new End(this, true);
    }

    End end() {
        return new End(this, false);
    }

    /** One end of a part, seen from the node: the spoke runs away from it. */
    record End(Part part, boolean atStart) {
        Point point() {
            return atStart ? part.piece.a() : part.piece.b();
        }

        Point away() {
            return atStart ? part.piece.direction(0) : part.piece.direction(part.piece.length()).times(-1);
        }

        /** Whether it is the wall's own end, and was chosen to run through. */
        boolean runs() {
            Wall.End end = atStart ? Wall.End.START : Wall.End.END;
            Point own = atStart ? part.wall.reference().a() : part.wall.reference().b();
            return part.wall.runs().contains(end) && own.equals(point());
        }

        double left() {
            return atStart ? part.left() : part.right();
        }

        double right() {
            return atStart ? part.right() : part.left();
        }

        Track leftFace() {
            return Track.of(part.piece, atStart ? part.left() : -part.right());
        }

        Track rightFace() {
            return Track.of(part.piece, atStart ? -part.right() : part.left());
        }

        void chain(List<Point> points) {
            if (atStart) part.startChain = points;
            else part.endChain = points;
        }

        /** Square to itself, longer by a way. */
        List<Point> square(double by) {
            Point on = away().times(-by);
            return square().stream().map(p -> p.plus(on)).toList();
        }

        /** Where the wall ends with no neighbour: square to itself. */
        List<Point> square() {
            Point n = away().left();
            return List.of(point().minus(n.times(right())), point().plus(n.times(left())));
        }
    }
}
