package brightlintel.desktop.board;

import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.Mark;
import brightlintel.geom.Point;
import brightlintel.paint.Brush;
import brightlintel.paint.Fonts;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.snap.Snap;
import brightlintel.snap.SnapKind;
import java.util.List;
import java.util.Locale;

/** Draws the marks of a tool and the one snap ring with its word. */
final class MarkPainter {
    private final Brush brush;
    private final Palette palette;
    private final PlanView view;

    MarkPainter(Brush brush, Palette palette, PlanView view) {
        this.brush = brush;
        this.palette = palette;
        this.view = view;
    }

    private Point px(Point p) {
        return view.toPx(p);
    }

    private List<Point> px(List<Point> p) {
        return p.stream().map(view::toPx).toList();
    }

    void paint(Mark m) {
        switch (m) {
            case Mark.Line(Point a, Point b, boolean dashed) -> {
                if (dashed) brush.dashed(px(a), px(b), 1.6, palette.brass(), 5, 4);
                else brush.line(px(a), px(b), 2, palette.brass());
            }
            case Mark.Area(List<Point> ring) -> {
                brush.fill(px(ring), palette.brassWash(), 0.85);
                brush.path(px(ring), true, 1.6, palette.brass());
            }
            case Mark.Path(List<Point> points) -> brush.path(px(points), false, 1.8, palette.brass());
            case Mark.Handle(Point at, String word) -> {
                Point c = px(at);
                brush.disc(c, 5.2, palette.brass());
                brush.disc(c, 3.6, palette.paper());
                if (!word.isEmpty()) brush.text(word, c.x() + 9, c.y() + 14, 12, Fonts.Weight.MEDIUM, palette.brassText());
            }
            case Mark.Callout(Point at, String text) -> callout(px(at), text);
            case Mark.Datum(Point at, String word) -> {
                Point c = px(at);
                brush.rect(c.x() - 14, c.y() - 0.75, 28, 1.5, palette.brass());
                brush.rect(c.x() - 0.75, c.y() - 14, 1.5, 28, palette.brass());
                brush.circle(c, 5, 1.5, palette.brass());
                brush.text(word, c.x() + 9, c.y() - 8, 12, Fonts.Weight.MEDIUM, palette.brassText());
            }
            case Mark.Measure(Point a, Point b) -> measure(px(a), px(b));
            case Mark.Tag(Point at, String text) -> tag(px(at), text);
            case Mark.Region(List<Point> ring) -> brush.fill(px(ring), palette.brass(), 0.10);
            case Mark.Box(Point a, Point b, boolean inside) -> {
                Point p = px(a), q = px(b);
                List<Point> ring = List.of(p, new Point(q.x(), p.y()), q, new Point(p.x(), q.y()));
                brush.fill(ring, palette.brass(), 0.10);
                if (inside) brush.path(ring, true, 1.2, palette.brass());
                else for (int i = 0; i < 4; i++) brush.dashed(ring.get(i), ring.get((i + 1) % 4), 1.2, palette.brass(), 5, 3);
            }
        }
    }

    private void measure(Point a, Point b) {
        brush.line(a, b, 1.2, palette.brassText());
        if (a.distance(b) > 8) for (Point end : List.of(a, b)) brush.disc(end, 2.4, palette.brassText());
    }

    /** Never over another's figure for long: it is small, and stands on its own line. */
    private void tag(Point at, String text) {
        double w = brush.textWidth(text, 12, Fonts.Weight.MEDIUM) + 10;
        double x = Math.rint(at.x() - w / 2), y = Math.rint(at.y() - 9);
        brush.roundRect(x, y, w, 18, 4, palette.paper(), palette.brassText(), 1);
        brush.textCentred(text, at.x(), y + 13.2, 12, Fonts.Weight.MEDIUM, palette.brassText());
    }

    /** On a thin leader beside the place, never over it; kept within the picture. */
    private void callout(Point at, String text) {
        double w = brush.textWidth(text, 12, Fonts.Weight.MEDIUM) + 18;
        boolean below = at.y() < brush.raster().height - 70;
        double x = Math.clamp(at.x() - w / 2, Rulers.WIDE + 4, Math.max(Rulers.WIDE + 5, brush.raster().width - w - 4)), y = below
            ? at.y() + 22 : at.y() - 44;
        brush.line(at, new Point(Math.clamp(at.x(), x + 6, x + w - 6), below ? y : y + 22), 1, palette.brass());
        brush.roundRect(x, y, w, 22, 4, palette.sheet(), palette.brass(), 1);
        brush.textCentred(text, x + w / 2, y + 15.5, 12, Fonts.Weight.MEDIUM, palette.ink());
    }

    void ring(Snap s) {
        Point c = px(s.at());
        brush.circle(c, 7, 1.8, palette.brass());
        String word = Words.of("snap." + s.kind().name().toLowerCase(Locale.ROOT));
        double w = brush.textWidth(word, 12, Fonts.Weight.MEDIUM);
        boolean right = c.x() + 13 + w < brush.raster().width - 4;
        double x = right ? c.x() + 13 : c.x() - 13 - w;
        brush.rect(x - 3, c.y() - 20, w + 6, 16, palette.paper());
        brush.text(word, x, c.y() - 8, 12, Fonts.Weight.MEDIUM, palette.brassText());
        if (s.kind() == SnapKind.EVEN_STEP) brush.disc(c, 1.5, palette.brass());
    }
}
