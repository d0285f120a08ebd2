package brightlintel.desktop.state;

import brightlintel.building.Section;
import java.util.ArrayList;
import java.util.List;

/** What the next wall, opening, column and room will be; kept from one to the next. */
public final class DrawSettings {
    private static final int MOST = 6;
    private final Workspace w;
    private WallSettings wall = WallSettings.USUAL;
    private OpeningSettings door = OpeningSettings.DOOR, window = OpeningSettings.WINDOW;
    private final List<Section> sections = new ArrayList<>(List.of(new Section.Rectangle(0.3, 0.3), new Section.Round(0.3)));
    private double columnTurn;
    private String roomNumber = "";
    private boolean keepsTotal;
    private double stairWidth = 1, facadeDepth = 4;
    private GlazedSettings glazed = GlazedSettings.USUAL;
    private RepeatSettings repeat = RepeatSettings.USUAL;

    DrawSettings(Workspace w) {
        this.w = w;
    }

    public WallSettings wall() {
        return wall;
    }

    public void wall(WallSettings s) {
        wall = s;
        w.tell(Change.TOOL);
    }

    public OpeningSettings opening(boolean ofWindow) {
        return ofWindow ? window : door;
    }

    public void opening(OpeningSettings s) {
        if (s.window()) window = s;
        else door = s;
        w.tell(Change.TOOL);
    }

    /** The next column's first, then those that were used before. */
    public List<Section> sections() {
        return List.copyOf(sections);
    }

    public void section(Section s) {
        sections.remove(s);
        sections.addFirst(s);
        while (sections.size() > MOST) sections.removeLast();
        w.tell(Change.TOOL);
    }

    /** Radians. */
    public double columnTurn() {
        return columnTurn;
    }

    public void columnTurn(double turn) {
        columnTurn = turn;
        w.tell(Change.TOOL);
    }

    /** Metres. */
    public double stairWidth() {
        return stairWidth;
    }

    public void stairWidth(double metres) {
        stairWidth = metres;
        w.tell(Change.TOOL);
    }

    /** How far zones along a façade reach inward, metres. */
    public double facadeDepth() {
        return facadeDepth;
    }

    public void facadeDepth(double metres) {
        facadeDepth = metres;
        w.tell(Change.TOOL);
    }

    public RepeatSettings repeat() {
        return repeat;
    }

    public void repeat(RepeatSettings r) {
        repeat = r;
        w.tell(Change.TOOL);
    }

    public GlazedSettings glazed() {
        return glazed;
    }

    public void glazed(GlazedSettings g) {
        glazed = g;
        w.tell(Change.TOOL);
    }

    /** Whether a spacing of the grid that is typed moves one line alone. */
    public boolean keepsTotal() {
        return keepsTotal;
    }

    public void keepsTotal(boolean k) {
        keepsTotal = k;
        w.tell(Change.TOOL);
    }

    /** That somebody typed; "" where numbers run on from those that are there. */
    public String roomNumber() {
        return roomNumber;
    }

    public void roomNumber(String n) {
        roomNumber = n;
        w.tell(Change.TOOL);
    }
}
