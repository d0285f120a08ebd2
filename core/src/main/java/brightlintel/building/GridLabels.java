package brightlintel.building;

import brightlintel.geom.Angles;
import brightlintel.geom.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Labels that run on: letters for lines that run up the plan, figures for lines across it. I and O are left out: they read as 1 and 0. */
public final class GridLabels {
    private static final Pattern PARTS = Pattern.compile("(\\p{L}*)(\\d{0,6})(.*)");
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

    /**
     * A label for a line between two others: the one that the sequence asks for, else one beside the first, as B1 after B or 2A after 2.
     *
     * @param before and after: labels of its neighbours, "" for none
     */
    public static String between(String before, String after, boolean letters, Set<String> taken) {
        int a = letters ? letterNumber(before) : number(before) - 1, b = letters ? letterNumber(after) : number(after) - 1;
        int next = a >= 0 && !before.isEmpty() ? a + 1 : b > 0 && !after.isEmpty() ? b - 1 : 0;
        if (before.isEmpty() && after.isEmpty()) while (taken.contains(label(next, letters))) next++;
        String asked = label(next, letters);
        boolean fits = !taken.contains(asked) && (after.isEmpty() || b < 0 || next < b);
        if (fits) return asked;
        String base = before.isEmpty() ? after : before;
        for (int n = 1; ; n++) {
            String beside = letters ? base + n : base + letters(n - 1);
            if (!taken.contains(beside)) return beside;
        }
    }

    /** By what comes first in a run, figures by their size; what is behind them counts last. */
    public static int compare(String a, String b) {
        Matcher x = PARTS.matcher(a), y = PARTS.matcher(b);
        if (!x.matches() || !y.matches()) return a.compareTo(b);
        int c = Integer.compare(x.group(1).length(), y.group(1).length());
        if (c == 0) c = x.group(1).compareTo(y.group(1));
        if (c == 0) c = Integer.compare(number(x.group(2)), number(y.group(2)));
        return c != 0 ? c : x.group(3).compareTo(y.group(3));
    }

    private static String label(int n, boolean letters) {
        return letters ? letters(n) : Integer.toString(n + 1);
    }

    /** A run of labels from one on, as many as are asked for: A, B, C or 1, 2, 3. */
    public static List<String> run(String first, int count) {
        List<String> out = new ArrayList<>();
        boolean letters = letterNumber(first) >= 0 && !first.isEmpty();
        int n = letters ? letterNumber(first) : Math.max(1, number(first)) - 1;
        for (int i = 0; i < count; i++) out.add(label(n + i, letters));
        return out;
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
