package brightlintel.desktop.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Grids;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthUnit;
import brightlintel.lengths.SpacingWords;

/** A round grid: the angles between its rays typed in degrees, the distances of its arcs, then its centre and its first ray clicked. */
public final class GridRadialTool implements Tool {
    /** Metres by which rays reach over the outermost arc and arcs over the outermost rays. */
    private static final double OVER = 1.5, MOST_TURN = 360;
    private final Workspace w;
    private List<Double> rays = List.of(), arcs = List.of();
    private final FirstPoint at = new FirstPoint();

    public GridRadialTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "grid-radial";
    }

    @Override public String prompt() {
        return Words.of("prompt.grid-radial." + (rays.isEmpty() ? "rays" : arcs.isEmpty() ? "arcs" : at.isMissing() ? "at" : "turn"));
    }

    @Override public void clicked(Aim aim) {
        if (arcs.isEmpty()) return;
        if (at.isMissing()) at.place(aim.at());
        else make(aim.at().minus(at.get().orElseThrow()).angle());
    }

    private void make(double from) {
        w.apply(Grids.radial(rays, arcs, at.get().orElse(Point.ORIGIN), from, OVER));
        w.leaveTool();
    }

    /** The first ray to the right, about 0,0 where no centre was clicked. */
    @Override public void finish() {
        if (!arcs.isEmpty()) make(0);
    }

    @Override public Asks asks() {
        return arcs.isEmpty() ? Asks.TEXT : at.isMissing() ? Asks.NOTHING : Asks.ANGLE;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (!arcs.isEmpty()) {
            make(value);
            return true;
        }
        boolean first = rays.isEmpty();
        // a bare figure is as it stands: degrees first, then the project's lengths
        Optional<List<Double>> s = SpacingWords.read(text.replace("°", ""), first ? LengthUnit.METRE : w.lengths().positionUnit());
        boolean good = s.isPresent() && !s.get().isEmpty() && (!first || s.get().stream().mapToDouble(x -> x).sum() <= MOST_TURN);
        if (!good) return false;
        if (first) rays = s.get().stream().map(Math::toRadians).toList();
        else arcs = s.get();
        return true;
    }

    @Override public boolean back() {
        if (at.takeBack()) return true;
        boolean had = !rays.isEmpty();
        if (!arcs.isEmpty()) arcs = List.of();
        else rays = List.of();
        return had;
    }

    @Override public boolean escape() {
        return back();
    }

    @Override public Optional<Point> from() {
        return at.get();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        if (rays.isEmpty()) return out;
        Point o = at.get().orElse(w.aim().at());
        double turn = at.isMissing() ? 0 : w.aim().at().minus(o).angle(), reach = arcs.stream().mapToDouble(x -> x).sum() + OVER;
        for (int i = 0; i <= rays.size(); i++) {
            out.add(new Mark.Line(o, o.plus(Point.polar(turn, Math.max(reach, 3))), true));
            turn += i < rays.size() ? rays.get(i) : 0;
        }
        return out;
    }
}
