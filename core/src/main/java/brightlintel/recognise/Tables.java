package brightlintel.recognise;

import brightlintel.drawing.Strokes.TextMark;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;

/** Tables on a sheet, by what stands above their columns: lists of doors, of windows, of rooms. */
final class Tables {
    /** What a column holds, by the words for it. */
    enum Column {
        KEY("(?:no|nr|n°|nº|num\\w*|nummer|número|mark|tag|pos|position|type|typ|tipo|ref|id|(?:door|window|room|tür|fenster|raum"
            + "|puerta|ventana|porte|fenêtre|pièce|local)\\s*(?:no|nr|n°|nº|number|nummer|type|typ|mark|tag|id)?)"),
        WIDTH("(?:(?:clear|rough|structural|rohbau)?\\s*(?:width|breite|ancho|largeur|larghezza|w|b))"),
        HEIGHT("(?:(?:clear|rough|structural|rohbau)?\\s*(?:height|höhe|alto|altura|hauteur|altezza|h))"),
        SIZE("(?:size|maße?|grö(?:ß|ss)e|dimensions?|medidas?|taille|format)"),
        SILL("(?:sill(?:\\s*height)?|brüstung(?:shöhe)?|brh|bh|rbh|antepecho|allège|davanzale)"),
        HEAD("(?:head(?:\\s*height)?|sturz(?:höhe)?|dintel|linteau|architrave)"),
        FIRE("(?:fire\\s*\\w*|brandschutz\\w*|feuer\\w*|fuego|feu|rating)"),
        NAME("(?:name|bezeichnung|designation|nombre|nom|use|nutzung|uso|usage)"),
        AREA("(?:area|fläche|superficie|surface|nf|ngf|nuf|m²|sq\\.?\\s?ft)");

        private final Pattern words;

        Column(String words) {
            this.words = Pattern.compile("(?iu)" + words + "\\s*(?:[(\\[].*[)\\]])?\\s*[.:]?");
        }
    }

    /** @param rows of each column that a row has, what stands in it; heads: what stands above each column */
    record Table(Map<Column, String> heads, List<Map<Column, String>> rows) { }

    /** Heights of letters: cells of one row; from row to row at most. Radians of texts that are turned alike. */
    private static final double ROW = 0.6, NEXT_ROW = 5, TURN = Math.toRadians(1);
    private static final Set<Column> VALUES = EnumSet.complementOf(EnumSet.of(Column.KEY));

    /** Along the text's own direction, and up from it; metres. */
    private record Cell(String text, double from, double to, double up, double height) {
        double middle() {
            return (from + to) / 2;
        }
    }

    private Tables() { }

    static List<Table> of(PlacedDrawing d) {
        Map<Long, List<Cell>> byTurn = new TreeMap<>();
        List<TextMark> texts = new ArrayList<>();
        for (int i = 0; i < d.strokes().texts().size(); i++) if (d.cleared().markShown(i)) texts.add(d.strokes().texts().get(i));
        for (Writing.Row r : Writing.words(texts)) {
            var map = r.first().map().then(d.toBuilding());
            Point u = map.applyVector(new Point(1, 0));
            double turn = u.angle();
            Point at = map.apply(r.row().centre()).turn(-turn);
            double half = r.row().width() * u.length() / 2;
            byTurn.computeIfAbsent(Math.round(turn / TURN), _ -> new ArrayList<>()).add(new Cell(r.text(), at.x() - half, at.x() + half,
                at.y(), map.meanScale()));
        }
        List<Table> out = new ArrayList<>();
        for (List<Cell> some : byTurn.values()) out.addAll(tables(some));
        return out;
    }

    private static List<Table> tables(List<Cell> cells) {
        List<List<Cell>> rows = rows(cells);
        List<Table> out = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Map<Column, Cell> heads = heads(rows.get(i));
            if (heads.containsKey(Column.KEY) && heads.size() > 1) table(rows, i, heads).ifPresent(out::add);
        }
        return out;
    }

    /** From the top down. */
    private static List<List<Cell>> rows(List<Cell> cells) {
        List<Cell> sorted = new ArrayList<>(cells);
        sorted.sort(Comparator.comparingDouble((Cell c) -> -c.up).thenComparingDouble(Cell::from));
        List<List<Cell>> out = new ArrayList<>();
        for (Cell c : sorted) {
            boolean same = !out.isEmpty() && out.getLast().getFirst().up - c.up < ROW * c.height;
            if (same) out.getLast().add(c);
            else out.add(new ArrayList<>(List.of(c)));
        }
        return out;
    }

    private static Map<Column, Cell> heads(List<Cell> row) {
        Map<Column, Cell> out = new EnumMap<>(Column.class);
        for (Cell c : row) for (Column k : Column.values()) if (k.words.matcher(c.text.strip()).matches()) {
            out.putIfAbsent(k, c);
            break;
        }
        return out;
    }

    private static Optional<Table> table(List<List<Cell>> rows, int at, Map<Column, Cell> heads) {
        List<Map<Column, String>> out = new ArrayList<>();
        double up = heads.get(Column.KEY).up, h = heads.get(Column.KEY).height, from = Double.MAX_VALUE, to = -Double.MAX_VALUE;
        // all that stands in the row of heads parts the columns, whatever it is
        List<Cell> all = rows.get(at);
        for (Cell c : heads.values()) {
            from = Math.min(from, c.from - NEXT_ROW * h);
            to = Math.max(to, c.to + NEXT_ROW * h);
        }
        for (int i = at + 1; i < rows.size(); i++) {
            double lo = from, hi = to;
            List<Cell> row = rows.get(i).stream().filter(c -> c.to > lo && c.from < hi).toList();
            if (row.isEmpty()) continue;
            if (up - row.getFirst().up > NEXT_ROW * h || heads(row).size() > 1) break;
            Map<Column, String> values = new EnumMap<>(Column.class);
            for (Cell c : row) {
                Cell head = all.stream().min(Comparator.comparingDouble(x -> apart(x, c))).orElseThrow();
                heads.forEach((k, v) -> {
                    if (v == head) values.merge(k, c.text.strip(), (a, b) -> a + " " + b);
                });
            }
            if (values.containsKey(Column.KEY) && values.keySet().stream().anyMatch(VALUES::contains)) out.add(values);
            up = row.getFirst().up;
        }
        Map<Column, String> names = new EnumMap<>(Column.class);
        heads.forEach((k, c) -> names.put(k, c.text));
        return out.isEmpty() ? Optional.empty() : Optional.of(new Table(names, out));
    }

    /** Columns stand by their left edges, their middles or their right ones. */
    private static double apart(Cell a, Cell b) {
        return Math.min(Math.abs(a.middle() - b.middle()), Math.min(Math.abs(a.from - b.from), Math.abs(a.to - b.to)));
    }
}
