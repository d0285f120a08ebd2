package brightlintel.desktop.board;

import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Measure;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.paint.Brush;
import brightlintel.paint.Fonts;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.place.PlacedDrawing;
import java.util.Optional;

/**
 * Evidence of size on the board: what a line of the docket rests on, and every written measure as drawn against as written. One that agrees
 * is a sage line, one that lies a brick one with bars at its ends and both lengths beside it.
 */
final class EvidenceMarks {
    private static final double RING = 9, BAR = 6, ROOM = 60;
    private final Workspace w;
    private final Brush brush;
    private final Palette palette;
    private final PlanView view;

    EvidenceMarks(Workspace w, Brush brush, Palette palette, PlanView view) {
        this.w = w;
        this.brush = brush;
        this.palette = palette;
        this.view = view;
    }

    void paint() {
        Optional<PlacedDrawing> d = w.drawing();
        if (w.reckonings().showsMeasures() && d.isPresent()) {
            Optional<Reckoning> r = w.reckonings().of(d.get());
            r.ifPresent(x -> measures(d.get(), x));
        }
        for (Point p : w.reckonings().lit()) brush.circle(view.toPx(p), RING, 2, palette.brass());
    }

    private void measures(PlacedDrawing d, Reckoning r) {
        Affine map = d.toBuilding();
        Optional<Measure> visited = w.reckonings().visited();
        for (Measure m : r.size().agreeing()) line(m, map, palette.sage(), 2, "✓ " + m.text(), ROOM);
        for (Measure m : r.size().liars()) {
            double drawn = Math.hypot(m.along().x() * r.size().metresPerUnitX(), m.along().y() * r.size().metresPerUnitY());
            boolean here = visited.filter(m::equals).isPresent();
            line(m, map, palette.brick(), here ? 4 : 2.5, Words.of("true.lies", m.text(), w.lengths().position(drawn)), 0);
        }
    }

    /** Where the figure stands, beside what it measures. */
    private void line(Measure m, Affine map, int colour, double width, String words, double room) {
        Point u = m.along().unit(), beside = m.at().minus(m.from()), off = u.left().times(u.left().dot(beside));
        Point a = view.toPx(map.apply(m.from().plus(off))), b = view.toPx(map.apply(m.from().plus(off).plus(m.along())));
        brush.line(a, b, width, colour);
        Point bar = a.distance(b) > 0 ? b.minus(a).unit().left().times(BAR) : new Point(0, BAR);
        for (Point end : new Point[] {a, b}) brush.line(end.minus(bar), end.plus(bar), 1.5, colour);
        if (a.distance(b) > room) text(a.towards(b, 0.5), words, colour);
    }

    private void text(Point at, String words, int colour) {
        double wide = brush.textWidth(words, 12, Fonts.Weight.MEDIUM) + 8;
        brush.rect(at.x() - wide / 2, at.y() - 9, wide, 17, palette.paper());
        brush.textCentred(words, at.x(), at.y() + 4, 12, Fonts.Weight.MEDIUM, colour);
    }
}
