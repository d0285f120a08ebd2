package brightlintel.building;

import brightlintel.geom.Angles;
import brightlintel.geom.Piece;
import java.util.List;

/** Labels that run on: letters for lines that run up the plan, figures for lines across it. I and O are left out: they read as 1 and 0. */
public final class GridLabels {
    private static final String LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ";

    private GridLabels() { }

    public static String family(Piece line) {
        double fromUp = Angles.betweenLines(line.b().minus(line.a()).angle(), Math.PI / 2);
        return fromUp <= Math.PI / 4 ? "letters" : "figures";
    }

    /** The first label of the family after the highest in use. */
    public static String next(Piece line, List<GridLine> grid) {
        boolean letters = family(line).equals("letters");
        int highest = -1;
        for (GridLine g : grid) highest = Math.max(highest, letters ? letterNumber(g.label()) : number(g.label()) - 1);
        return letters ? letters(highest + 1) : Integer.toString(Math.max(0, highest) + (highest < 0 ? 1 : 2));
    }

    private static int number(String s) {
        return s.matches("\\d{1,6}") ? Integer.parseInt(s) : 0;
    }

    private static int letterNumber(String s) {
        int n = 0;
        for (char c : s.toCharArray()) {
            int i = LETTERS.indexOf(c);
            if (i < 0) return -1;
            n = n * LETTERS.length() + i + 1;
        }
        return n - 1;
    }

    private static String letters(int n) {
        StringBuilder b = new StringBuilder();
        for (int i = n + 1; i > 0; i = (i - 1) / LETTERS.length()) b.insert(0, LETTERS.charAt((i - 1) % LETTERS.length()));
        return b.toString();
    }
}
