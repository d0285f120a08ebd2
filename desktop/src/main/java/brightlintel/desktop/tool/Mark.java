package brightlintel.desktop.tool;

import brightlintel.geom.Point;
import java.util.List;

/** What a tool wants drawn over the model; metres. */
public sealed interface Mark {
    /** A brass line; dashed for what only leads the eye. */
    record Line(Point a, Point b, boolean dashed) implements Mark { }

    /** An outline being made: washed inside. */
    record Area(List<Point> ring) implements Mark { }

    record Path(List<Point> points) implements Mark { }

    /** A round handle with a word beside it. */
    record Handle(Point at, String word) implements Mark { }

    /** A callout on a thin leader. */
    record Callout(Point at, String text) implements Mark { }

    /** The datum cross. */
    record Datum(Point at, String word) implements Mark { }

    /** A line that was measured, with its ends. */
    record Measure(Point a, Point b) implements Mark { }

    /** A figure on its place. */
    record Tag(Point at, String text) implements Mark { }

    /** A region that is being drawn round things. */
    record Region(List<Point> ring) implements Mark { }

    /** A selection box. */
    record Box(Point a, Point b, boolean inside) implements Mark { }
}
