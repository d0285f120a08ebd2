package brightlintel.desktop.tool;

import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Grids;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.lengths.SpacingWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A grid without a drawing: spacings of the letters, then of the figures, typed; then its lower left crossing, then its direction. */
public final class GridSpacingsTool extends GridTypedTool {
    /** Metres by which lines reach over the outermost crossing. */
    private static final double OVER = 2;

    public GridSpacingsTool(Workspace w) {
        super(w);
    }

    @Override public String id() {
        return "grid-spacings";
    }

    @Override public String prompt() {
        if (first.isEmpty()) return Words.of("prompt.grid-spacings.letters");
        if (second.isEmpty()) return Words.of("prompt.grid-spacings.figures", sum(first));
        return Words.of(at.isMissing() ? "prompt.grid-spacings.at" : "prompt.grid-spacings.turn", sum(first), sum(second));
    }

    private String sum(List<Double> s) {
        return Words.of("grid.bays", s.size(), w.lengths().position(s.stream().mapToDouble(x -> x).sum()));
    }

    @Override protected void add(Point crossing, double turn) {
        w.apply(Grids.make(first, second, crossing, turn, OVER));
    }

    @Override protected Optional<List<Double>> read(String text) {
        return SpacingWords.read(text, w.lengths().positionUnit());
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        if (first.isEmpty()) return out;
        Affine place = Affine.turn(turn(w.aim())).then(Affine.move(at.get().orElse(w.aim().at())));
        double wide = first.stream().mapToDouble(x -> x).sum(), high = second.stream().mapToDouble(x -> x).sum();
        double x = 0, y = 0;
        for (int i = 0; i <= first.size(); i++) {
            out.add(new Mark.Line(place.apply(x, -OVER), place.apply(x, Math.max(high, 1) + OVER), true));
            x += i < first.size() ? first.get(i) : 0;
        }
        for (int i = 0; i <= second.size() && !second.isEmpty(); i++) {
            out.add(new Mark.Line(place.apply(-OVER, y), place.apply(wide + OVER, y), true));
            y += i < second.size() ? second.get(i) : 0;
        }
        return out;
    }
}
