package brightlintel.demo;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Ids;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Side;
import brightlintel.building.Stand;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/** The true building, in metres: what the drawings show and what tests measure against. */
public final class HeronQuay {
    public static final double OUTER = 0.36, BAY = 0.24, INNER = 0.14;
    public static final double GROUND_HEIGHT = 3.30, UPPER_HEIGHT = 3.10;
    /** Grid: letters across, figures up. */
    public static final double[] LETTERS = {0, 8, 15, 24}, FIGURES = {0, 5, 14};
    /** ground.dwg: millimetres, turned, far from the origin. */
    public static final double GROUND_TURN = Math.toRadians(11.5);
    public static final Point GROUND_AT = new Point(182_430_000, 108_220_000);
    /** upper.dxf: metres with an origin of its own. */
    public static final Point UPPER_AT = new Point(12.34, -8.02);

    /** Square columns in the boat bays, which no drawing shows: the engineer wants them there. */
    public static final double COLUMN = 0.3;
    public static final List<Point> COLUMNS = List.of(new Point(4.55, 5), new Point(11.25, 5), new Point(4.55, 9), new Point(11.25, 9));

    /** Where the annexe stands, and the old club house stood. */
    public static final Point ANNEXE_AT = new Point(2, 19.5), OLD_AT = new Point(11.8, 6.6);

    /** A storey: its walls and the openings in them. */
    public record Plan(List<Wall> walls, List<Opening> openings) { }

    private final List<Wall> walls = new ArrayList<>();
    private final List<Opening> openings = new ArrayList<>();
    private final String storey;

    private HeronQuay(String storey) {
        this.storey = storey;
    }

    public static Plan ground() {
        HeronQuay h = new HeronQuay("ground");
        Wall south = h.wall(0, 0, 24, 0, OUTER);
        Wall southEast = h.wall(24, 0, 24, 3.4, OUTER);
        h.bay();
        Wall northEast = h.wall(24, 7.8, 24, 14, OUTER);
        Wall north = h.wall(24, 14, 0, 14, OUTER);
        h.wall(0, 14, 0, 0, OUTER);
        h.wall(8, 0, 8, 14, BAY);
        Wall c = h.wall(15, 0, 15, 14, BAY);
        Wall corridor = h.wall(15, 5, 24, 5, INNER);
        Wall changing = h.wall(15, 6.6, 21.4, 6.6, INNER);
        h.wall(19.2, 6.6, 19.2, 14, INNER);
        h.wall(21.4, 5, 21.4, 8.2, INNER);
        h.wall(21.4, 8.2, 24, 8.2, INNER);
        h.gate(south, 2, 4);
        h.gate(south, 9.5, 4);
        h.window(south, 16, 1.8);
        h.window(south, 19, 1.8);
        h.window(southEast, 1, 1.6);
        h.window(northEast, 9.5 - 7.8, 1.2);
        h.window(northEast, 11.6 - 7.8, 1.2);
        h.window(north, 24 - 17.6, 1.2);
        h.window(north, 24 - 22.2, 1.6);
        h.door(corridor, 1.2, 0.9, false, false);
        h.door(changing, 2.4, 0.9, false, true);
        h.door(changing, 5.2, 0.9, false, true);
        h.door(c, 5.3, 1.0, false, false);
        return new Plan(List.copyOf(h.walls), List.copyOf(h.openings));
    }

    public static Plan upper() {
        HeronQuay h = new HeronQuay("upper");
        Wall south = h.wall(8, 0, 24, 0, OUTER);
        h.wall(24, 0, 24, 3.4, OUTER);
        h.bay();
        Wall northEast = h.wall(24, 7.8, 24, 14, OUTER);
        Wall north = h.wall(24, 14, 8, 14, OUTER);
        Wall west = h.wall(8, 14, 8, 0, OUTER);
        Wall club = h.wall(17, 0, 17, 14, INNER);
        Wall kitchen = h.wall(17, 9, 24, 9, INNER);
        Wall office = h.wall(17, 3.4, 24, 3.4, INNER);
        h.gate(west, 4, 5);
        h.window(south, 1.5, 2.4);
        h.window(south, 5.2, 2.4);
        h.window(south, 11, 1.6);
        h.window(northEast, 2.4, 1.6);
        h.window(north, 3, 1.6);
        h.window(north, 9.5, 2.4);
        h.window(north, 12.8, 2.4);
        h.door(club, 5.6, 1.0, false, true);
        h.door(kitchen, 1.0, 0.9, false, true);
        h.door(office, 1.0, 0.9, true, false);
        return new Plan(List.copyOf(h.walls), List.copyOf(h.openings));
    }

    /** The annexe north of the club, its own 0,0 at its lower left corner. */
    public static Plan annexe() {
        HeronQuay h = new HeronQuay("annexe");
        Wall south = h.wall(0, 0, 9.6, 0, BAY);
        Wall east = h.wall(9.6, 0, 9.6, 6.2, BAY);
        Wall north = h.wall(9.6, 6.2, 0, 6.2, BAY);
        h.wall(0, 6.2, 0, 0, BAY);
        Wall inner = h.wall(6.6, 0, 6.6, 6.2, INNER);
        Wall cross = h.wall(6.6, 3.1, 9.6, 3.1, INNER);
        h.gate(south, 1.2, 3.2);
        h.window(south, 7.5, 1.2);
        h.window(east, 4.1, 1.2);
        h.window(north, 4.6, 2.0);
        h.window(north, 7.6, 1.4);
        h.door(inner, 0.6, 0.9, false, true);
        h.door(inner, 4.4, 0.9, false, true);
        h.door(cross, 1.4, 0.8, false, true);
        return new Plan(List.copyOf(h.walls), List.copyOf(h.openings));
    }

    /** The old club house as it was surveyed. */
    public static Plan oldHouse() {
        HeronQuay h = new HeronQuay("old");
        Wall south = h.wall(0, 0, 12.2, 0, OUTER);
        h.wall(12.2, 0, 12.2, 7.4, OUTER);
        Wall north = h.wall(12.2, 7.4, 0, 7.4, OUTER);
        h.wall(0, 7.4, 0, 0, OUTER);
        Wall middle = h.wall(5.6, 0, 5.6, 7.4, BAY);
        h.wall(5.6, 3.4, 12.2, 3.4, INNER);
        h.gate(south, 1.8, 1.4);
        h.gate(south, 7.4, 2.6);
        h.window(north, 2.2, 1.6);
        h.window(north, 8.4, 1.6);
        h.gate(middle, 4.6, 1.0);
        return new Plan(List.copyOf(h.walls), List.copyOf(h.openings));
    }

    private ElementId id(String kind, int n) {
        return new ElementId(Ids.derived("heron-quay/" + storey, kind + n).toString());
    }

    private void bay() {
        walls.add(new Wall(id("wall", walls.size()), new Piece(new Point(24, 3.4), new Point(24, 7.8), 1), Side.CENTRE, Given.stated(OUTER),
            Stand.FLOOR, Top.NEXT, Provenance.BY_HAND));
    }

    private Wall wall(double x0, double y0, double x1, double y1, double t) {
        Wall w = new Wall(id("wall", walls.size()), Piece.straight(new Point(x0, y0), new Point(x1, y1)), Side.CENTRE, Given.stated(t),
            Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
        walls.add(w);
        return w;
    }

    private void opening(Wall w, double from, double width, double sill, double head, Opening.Filling f) {
        openings.add(new Opening(id("opening", openings.size()), w.id(), from + width / 2, Given.stated(width), Given.assumed(sill),
            Given.assumed(head), f, Provenance.BY_HAND));
    }

    private void window(Wall w, double from, double width) {
        opening(w, from, width, 0.9, 2.1, new Opening.Filling.Window());
    }

    /** A wide door without a drawn leaf. */
    private void gate(Wall w, double from, double width) {
        opening(w, from, width, 0, 2.6, new Opening.Filling.Empty());
    }

    private void door(Wall w, double from, double width, boolean far, boolean left) {
        opening(w, from, width, 0, 2.1, new Opening.Filling.Door(far, left));
    }
}
