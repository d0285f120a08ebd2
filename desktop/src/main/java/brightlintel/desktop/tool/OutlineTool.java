package brightlintel.desktop.tool;

import brightlintel.building.Region;
import brightlintel.building.UnderlayId;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Clearings;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.select.Outline;
import java.util.ArrayList;
import java.util.List;

/** An outline that is clicked corner by corner: selects what lies in it, or keeps nothing else of a drawing. */
public final class OutlineTool implements Tool {
    private static final String CUT = "cut-out", SELECT = "select-outline";
    private final Workspace w;
    private final List<Point> points = new ArrayList<>();

    private final String id, first, close;
    private final Take take;

    /** What becomes of an outline. */
    private interface Take {
        void of(List<Point> corners, boolean inside);
    }

    private OutlineTool(Workspace w, String id, String first, String close, Take take) {
        this.w = w;
        this.id = id;
        this.first = first;
        this.close = close;
        this.take = take;
    }

    public static OutlineTool selecting(Workspace w) {
        return new OutlineTool(w, SELECT, "prompt.outline.first", "prompt.outline.close",
            (corners, inside) -> Picking.select(w, Outline.of(corners), inside, false));
    }

    /** Of the drawing, what lies outside is set aside; a second outline keeps more. */
    public static OutlineTool keeping(Workspace w, UnderlayId u) {
        return region(w, u, "crop", true);
    }

    /** Of the drawing, what lies inside is set aside. */
    public static OutlineTool hiding(Workspace w, UnderlayId u) {
        return region(w, u, "hide-outline", false);
    }

    private static OutlineTool region(Workspace w, UnderlayId u, String id, boolean keeps) {
        return new OutlineTool(w, id, "prompt." + id + ".first", "prompt." + id + ".close", (corners, _) ->
            w.project().underlay(u).ifPresent(x -> {
                Ring inFile = new Ring(corners.stream().map(x.placement()::toFile).toList());
                w.apply(Clearings.region(u, new Region(inFile, keeps)));
            }));
    }

    /** A part of a sheet that is a drawing of its own: by two opposite corners, or by an outline. */
    public static OutlineTool cutting(Workspace w, UnderlayId u) {
        return new OutlineTool(w, CUT, "prompt.cut.first", "prompt.cut.close", (corners, _) -> w.drawing()
            .filter(d -> d.underlay().id().equals(u)).ifPresent(d -> w.sheets().add(d,
                new Ring(corners.stream().map(d.underlay().placement()::toFile).toList()))));
    }

    @Override public String id() {
        return id;
    }

    @Override public String prompt() {
        return Words.of(points.size() < 3 ? first : close);
    }

    /** An outline is drawn round things, not on them. */
    @Override public boolean snaps() {
        return id.equals(CUT);
    }

    private Point at(Aim aim) {
        return snaps() ? aim.at() : aim.raw();
    }

    @Override public void clicked(Aim aim) {
        clicked(aim, false);
    }

    @Override public void clicked(Aim aim, boolean inside) {
        if (points.size() > 2 && points.getFirst().distance(aim.raw()) < aim.reach()) take(inside);
        else points.add(at(aim));
    }

    @Override public void finish() {
        if (isBox()) {
            List<Point> corners = box();
            points.clear();
            points.addAll(corners);
        }
        if (points.size() > 2) take(false);
    }

    /** Two corners are those of a box, but where a box can be dragged. */
    private boolean isBox() {
        return points.size() == 2 && !id.equals(SELECT);
    }

    private List<Point> box() {
        Point a = points.get(0), b = points.get(1);
        return List.of(a, new Point(b.x(), a.y()), b, new Point(a.x(), b.y()));
    }

    private void take(boolean inside) {
        List<Point> corners = List.copyOf(points);
        w.leaveTool();
        take.of(corners, inside);
    }

    @Override public boolean back() {
        if (points.isEmpty()) return false;
        points.removeLast();
        return true;
    }

    @Override public boolean escape() {
        boolean had = !points.isEmpty();
        points.clear();
        return had;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        List<Point> ring = new ArrayList<>(points);
        ring.add(at(w.aim()));
        if (points.size() > 1) out.add(new Mark.Region(isBox() ? box() : ring));
        for (int i = 0; i + 1 < ring.size(); i++) out.add(new Mark.Line(ring.get(i), ring.get(i + 1), true));
        points.forEach(p -> out.add(new Mark.Handle(p, "")));
        return out;
    }
}
