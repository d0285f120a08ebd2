package brightlintel.desktop.board;

import brightlintel.desktop.state.Witness;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.paint.Brush;
import brightlintel.paint.Fonts;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Outlines of known size below the plan: a person, a 0.9 m door, a 5 m car. A wrong unit is seen at a glance. */
final class Witnesses {
    private final Brush brush;
    private final Palette palette;
    private final PlanView view;

    Witnesses(Brush brush, Palette palette, PlanView view) {
        this.brush = brush;
        this.palette = palette;
        this.view = view;
    }

    /** Beyond these sizes they would be a dot, or hide everything. */
    private static final double SMALLEST_PX = 6, LARGEST_PX = 900;

    /** One that was painted. @param at metres; px: where it can be taken hold of */
    record Laid(Witness which, Point at, Box px) { }

    List<Laid> paint(Box plan, Map<Witness, Point> placed) {
        List<Laid> out = new ArrayList<>();
        if (plan.isEmpty() || view.pxPerMetre() * 0.5 < SMALLEST_PX || view.pxPerMetre() * 5 > LARGEST_PX) return out;
        double k = view.pxPerMetre(), y = plan.minY() - 0.9 - 16 / k, x = plan.minX() + 0.3;
        for (Witness w : Witness.values()) {
            Point at = placed.getOrDefault(w, new Point(x, y));
            double room = one(w, at);
            if (!placed.containsKey(w)) x += length(w) + room / k;
            double half = w == Witness.CAR ? 0.9 : 0.5;
            out.add(new Laid(w, at, Box.of(view.toPx(at.plus(new Point(w == Witness.PERSON ? -0.3 : 0, -half))),
                view.toPx(at.plus(new Point(length(w), half))))));
        }
        return out;
    }

    private static double length(Witness w) {
        return switch (w) {
            case PERSON -> 0.3;
            case DOOR -> 0.95;
            case CAR -> 5;
        };
    }

    /** @return how much room the words beside it take, pixels */
    private double one(Witness w, Point at) {
        switch (w) {
            case PERSON -> person(at);
            case DOOR -> door(at.minus(new Point(0, 0.45)));
            case CAR -> car(at);
        }
        return words("witness." + w.name().toLowerCase(Locale.ROOT), at.plus(new Point(length(w), 0)));
    }

    /** @return how much room the words take, in pixels */
    private double words(String key, Point at) {
        Point p = view.toPx(at);
        brush.text(Words.of(key), p.x() + 6, p.y() + 4, 11, Fonts.Weight.REGULAR, palette.brassText());
        return 6 + brush.textWidth(Words.of(key), 11, Fonts.Weight.REGULAR) + 22;
    }

    private void person(Point c) {
        List<Point> body = new ArrayList<>();
        for (int i = 0; i < 24; i++)
            body.add(view.toPx(c.plus(new Point(0.24 * Math.cos(i * Math.PI / 12), 0.14 * Math.sin(i * Math.PI / 12)))));
        brush.path(body, true, 1.3, palette.brass());
        brush.circle(view.toPx(c), 0.1 * view.pxPerMetre(), 1.3, palette.brass());
    }

    private void door(Point hinge) {
        List<Point> swing = new ArrayList<>();
        for (int i = 0; i <= 12; i++) swing.add(view.toPx(hinge.plus(Point.polar(i * Math.PI / 24, 0.9))));
        brush.path(swing, false, 1, palette.brass());
        brush.line(view.toPx(hinge), swing.getLast(), 1.6, palette.brass());
    }

    private void car(Point c) {
        List<Point> p = List.of(view.toPx(c.plus(new Point(0, -0.9))), view.toPx(c.plus(new Point(5, -0.9))),
            view.toPx(c.plus(new Point(5, 0.9))), view.toPx(c.plus(new Point(0, 0.9))));
        brush.path(p, true, 1.3, palette.brass());
    }
}
