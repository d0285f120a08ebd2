package brightlintel.desktop.docket;

import brightlintel.drawing.Layer;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** Layers with their counts, searched and ordered. */
record LayerListState(List<Row> rows, int shown, int all, long strokesShown, long strokes) {
    enum Order { NAME, COUNT, HIDDEN_FIRST }

    record Row(String layer, int strokes, boolean shown, boolean offInFile) { }

    static LayerListState of(PlacedDrawing d, String search, Order order) {
        int[] counts = d.strokes().countByLayer();
        for (var t : d.strokes().texts()) counts[t.layer()]++;
        for (var f : d.strokes().fills()) counts[f.layer()]++;
        for (var p : d.strokes().pictures()) counts[p.layer()]++;
        List<Row> all = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            Layer l = d.strokes().layers().get(i);
            all.add(new Row(l.name(), counts[i], d.cleared().layerShown(i), l.startsHidden()));
        }
        String s = search.strip().toLowerCase(Locale.ROOT);
        Comparator<Row> byName = Comparator.comparing(Row::layer, String.CASE_INSENSITIVE_ORDER);
        List<Row> rows = all.stream().filter(r -> r.layer().toLowerCase(Locale.ROOT).contains(s)).sorted(switch (order) {
            case NAME -> byName;
            case COUNT -> Comparator.comparingInt((Row r) -> -r.strokes()).thenComparing(byName);
            case HIDDEN_FIRST -> Comparator.comparing(Row::shown).thenComparing(byName);
        }).toList();
        return new LayerListState(rows, (int) all.stream().filter(Row::shown).count(), all.size(), shown(d),
            all.stream().mapToLong(Row::strokes).sum());
    }

    /** Strokes and marks that stay, by whatever the others are set aside. */
    private static long shown(PlacedDrawing d) {
        long n = 0;
        for (int i = 0; i < d.strokes().size(); i++) if (d.cleared().strokeShown(i)) n++;
        for (int i = 0; i < d.strokes().marks(); i++) if (d.cleared().markShown(i)) n++;
        return n;
    }
}
