package brightlintel.correct.look;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** What was found in a drawing for evidence to rest on, each looked for once. Cost n log n in strokes. */
public final class Look {
    private static final int DIRECTIONS = 3;
    private final Drawn drawn;
    private final Segments segments;
    private final List<Directions.Direction> directions;
    private final List<Measure> measures;
    private final List<Doors.Door> doors;
    private final List<Spacings.Pair> pairs = new ArrayList<>();
    private final List<Steps.Flight> flights = new ArrayList<>(), parked = new ArrayList<>(), windows = new ArrayList<>();
    private final List<Bubbles.Tagged> tagged, taggedRound;
    private final List<Rooms.Room> rooms;
    private final Columns.Rows columns;
    private final Circles circles;
    private final Box bulk;

    private Look(Drawn d) {
        drawn = d;
        Segments s = Segments.of(d);
        segments = s;
        directions = Directions.of(s);
        // only while it is looked: they are as large as the drawing
        List<Frame> frames = new ArrayList<>();
        for (Directions.Direction x : main()) frames.add(Frame.of(s, x.angle()));
        measures = Measures.of(d, frames);
        for (Frame f : frames) {
            pairs.addAll(Spacings.of(f));
            flights.addAll(Steps.of(f));
            parked.addAll(Steps.bays(f));
            windows.addAll(Steps.windows(f));
        }
        List<Outlines.Run> runs = Outlines.of(d);
        circles = Circles.of(d, runs);
        Bubbles.Found tags = Bubbles.of(d, circles);
        tagged = List.copyOf(tags.straight());
        taggedRound = List.copyOf(tags.round());
        rooms = Rooms.of(d, runs);
        doors = Doors.of(d, runs);
        columns = directions.isEmpty() ? Columns.Rows.NONE : Columns.of(d, runs, directions.getFirst().angle());
        bulk = bulk(s);
    }

    public static Look at(Drawn d) {
        return new Look(d);
    }

    /** Most of the strokes, by their middles: a frame about them and a thing far away do not count. */
    private static Box bulk(Segments s) {
        int n = s.size();
        if (n == 0) return Box.EMPTY;
        double[] x = new double[n], y = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = (s.x0(i) + s.x1(i)) / 2;
            y[i] = (s.y0(i) + s.y1(i)) / 2;
        }
        Arrays.sort(x);
        Arrays.sort(y);
        int low = (int) (0.02 * n), high = (int) (0.98 * (n - 1));
        return Box.of(new Point(x[low], y[low]), new Point(x[high], y[high]));
    }

    public Drawn drawn() {
        return drawn;
    }

    public Strokes strokes() {
        return drawn.strokes();
    }

    /** As they lie in the drawing. */
    public Segments segments() {
        return segments;
    }

    public List<Directions.Direction> directions() {
        return directions;
    }

    public List<Measure> measures() {
        return measures;
    }

    public List<Doors.Door> doors() {
        return doors;
    }

    /** Strokes beside each other, along the main directions. */
    public List<Spacings.Pair> pairs() {
        return pairs;
    }

    /** Strokes beside each other, along all other directions; worked out anew. */
    public List<Spacings.Pair> askew() {
        return Spacings.askew(segments, main().stream().map(Directions.Direction::angle).toList());
    }

    private List<Directions.Direction> main() {
        return directions.subList(0, Math.min(DIRECTIONS, directions.size()));
    }

    public List<Steps.Flight> flights() {
        return flights;
    }

    /** Rows of lines as between parked cars. */
    public List<Steps.Flight> parked() {
        return parked;
    }

    /** Rows of a few lines as of frames and panes in the gaps of walls. */
    public List<Steps.Flight> windows() {
        return windows;
    }

    /** Grid lines by their tags; one with a tag at both ends is there twice. */
    public List<Bubbles.Tagged> tagged() {
        return tagged;
    }

    /** All grid lines by their tags, round ones too. */
    public List<Bubbles.Tagged> allTagged() {
        List<Bubbles.Tagged> out = new ArrayList<>(tagged);
        out.addAll(taggedRound);
        return out;
    }

    /** Rooms with an outline and a written area. */
    public List<Rooms.Room> rooms() {
        return rooms;
    }

    public Circles circles() {
        return circles;
    }

    public Columns.Rows columns() {
        return columns;
    }

    /** Where most of the drawing is, shifted file units. */
    public Box bulk() {
        return bulk;
    }
}
