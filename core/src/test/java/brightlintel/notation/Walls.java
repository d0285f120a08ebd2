package brightlintel.notation;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Provenance;
import brightlintel.building.Side;
import brightlintel.building.Stand;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Walls as text, a line each: {@code a 0 0 -> 5 0 thick 0.2 left bulge 0.4}; side and bulge may be left out. Lengths in metres.
 */
public final class Walls {
    private Walls() { }

    public static List<Wall> read(String text) {
        List<Wall> out = new ArrayList<>();
        for (String line : text.strip().split("\n")) out.add(one(line.strip().split("\\s+")));
        return out;
    }

    private static Wall one(String[] w) {
        Side side = Side.CENTRE;
        double bulge = 0;
        for (int i = 8; i < w.length; i++) {
            if (w[i].equals("bulge")) bulge = Double.parseDouble(w[++i]);
            else side = Side.valueOf(w[i].toUpperCase(Locale.ROOT));
        }
        Piece p = new Piece(new Point(Double.parseDouble(w[1]), Double.parseDouble(w[2])),
            new Point(Double.parseDouble(w[4]), Double.parseDouble(w[5])), bulge);
        return new Wall(new ElementId(w[0]), p, side, Given.stated(Double.parseDouble(w[7])), Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
    }

    /** Rounded to a tenth of a millimetre. */
    public static String text(List<Wall> walls) {
        StringBuilder b = new StringBuilder();
        for (Wall w : walls) {
            Piece p = w.reference();
            b.append(w.id().value()).append(' ').append(text(p.a())).append(" -> ").append(text(p.b())).append(" thick ")
                .append(number(w.thickness().value()));
            if (w.side() != Side.CENTRE) b.append(' ').append(w.side().name().toLowerCase(Locale.ROOT));
            if (!p.isStraight()) b.append(" bulge ").append(number(p.bulge()));
            b.append('\n');
        }
        return b.toString().strip();
    }

    public static String text(Point p) {
        return number(p.x()) + " " + number(p.y());
    }

    public static String number(double v) {
        double r = Math.round(v * 1e4) / 1e4 + 0.0;
        return r == Math.rint(r) ? Long.toString((long) r) : Double.toString(r);
    }
}
