package brightlintel.desktop.tool;

import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Grids;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthUnit;
import brightlintel.lengths.SpacingWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A round grid: the angles between its rays typed in degrees, the distances of its arcs, then its centre and its first ray clicked. */
public final class GridRadialTool extends GridTypedTool {
    /** Metres by which rays reach over the outermost arc and arcs over the outermost rays. */
    private static final double OVER = 1.5, MOST_TURN = 360;

    public GridRadialTool(Workspace w) {
        super(w);
    }

    @Override public String id() {
        return "grid-radial";
    }

    @Override public String prompt() {
        return Words.of("prompt.grid-radial." + (first.isEmpty() ? "rays" : second.isEmpty() ? "arcs" : at.isMissing() ? "at" : "turn"));
    }

    @Override protected void add(Point centre, double turn) {
        w.apply(Grids.radial(first, second, centre, turn, OVER));
    }

    @Override protected Optional<List<Double>> read(String text) {
        boolean rays = first.isEmpty();
        // a bare figure is as it stands: degrees first, then the project's lengths
        Optional<List<Double>> s = SpacingWords.read(text.replace("°", ""), rays ? LengthUnit.METRE : w.lengths().positionUnit())
            .filter(x -> !x.isEmpty());
        return rays ? s.filter(x -> x.stream().mapToDouble(y -> y).sum() <= MOST_TURN).map(x -> x.stream().map(Math::toRadians).toList())
            : s;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        if (first.isEmpty()) return out;
        Point o = at.get().orElse(w.aim().at());
        double turn = turn(w.aim()), reach = second.stream().mapToDouble(x -> x).sum() + OVER;
        for (int i = 0; i <= first.size(); i++) {
            out.add(new Mark.Line(o, o.plus(Point.polar(turn, Math.max(reach, 3))), true));
            turn += i < first.size() ? first.get(i) : 0;
        }
        return out;
    }
}
