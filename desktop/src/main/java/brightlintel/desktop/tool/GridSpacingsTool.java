package brightlintel.desktop.tool;

import brightlintel.desktop.state.Aim;
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
public final class GridSpacingsTool implements Tool {
    /** Metres by which lines reach over the outermost crossing. */
    private static final double OVER = 2;
    private final Workspace w;
    private List<Double> letters = List.of(), figures = List.of();
    private final FirstPoint at = new FirstPoint();

    public GridSpacingsTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "grid-spacings";
    }

    @Override public String prompt() {
        if (letters.isEmpty()) return Words.of("prompt.grid-spacings.letters");
        if (figures.isEmpty()) return Words.of("prompt.grid-spacings.figures", sum(letters));
        return Words.of(at.isMissing() ? "prompt.grid-spacings.at" : "prompt.grid-spacings.turn", sum(letters), sum(figures));
    }

    private String sum(List<Double> s) {
        return Words.of("grid.bays", s.size(), w.lengths().position(s.stream().mapToDouble(x -> x).sum()));
    }

    @Override public void clicked(Aim aim) {
        if (figures.isEmpty()) return;
        if (at.isMissing()) at.place(aim.at());
        else make(aim.at().minus(at.get().orElseThrow()));
    }

    private void make(Point along) {
        double turn = along.length() > 1e-6 ? along.angle() : 0;
        w.apply(Grids.make(letters, figures, at.get().orElse(Point.ORIGIN), turn, OVER));
        w.leaveTool();
    }

    /** Level at the place, or at 0,0 where none was clicked. */
    @Override public void finish() {
        if (!figures.isEmpty()) make(Point.ORIGIN);
    }

    @Override public Asks asks() {
        return figures.isEmpty() ? Asks.TEXT : at.isMissing() ? Asks.NOTHING : Asks.ANGLE;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        if (!figures.isEmpty()) {
            make(Point.polar(value, 1));
            return true;
        }
        Optional<List<Double>> s = SpacingWords.read(text, w.lengths().positionUnit());
        if (s.isEmpty()) return false;
        if (letters.isEmpty()) letters = s.get();
        else figures = s.get();
        return true;
    }

    @Override public boolean back() {
        if (at.takeBack()) return true;
        boolean had = !letters.isEmpty();
        if (!figures.isEmpty()) figures = List.of();
        else letters = List.of();
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
        if (letters.isEmpty()) return out;
        Point o = at.get().orElse(w.aim().at()), along = w.aim().at().minus(o);
        Affine place = Affine.turn(!at.isMissing() && along.length() > 1e-6 ? along.angle() : 0).then(Affine.move(o));
        double wide = letters.stream().mapToDouble(x -> x).sum(), high = figures.stream().mapToDouble(x -> x).sum();
        double x = 0, y = 0;
        for (int i = 0; i <= letters.size(); i++) {
            out.add(new Mark.Line(place.apply(x, -OVER), place.apply(x, Math.max(high, 1) + OVER), true));
            x += i < letters.size() ? letters.get(i) : 0;
        }
        for (int i = 0; i <= figures.size() && !figures.isEmpty(); i++) {
            out.add(new Mark.Line(place.apply(-OVER, y), place.apply(wide + OVER, y), true));
            y += i < figures.size() ? figures.get(i) : 0;
        }
        return out;
    }
}
