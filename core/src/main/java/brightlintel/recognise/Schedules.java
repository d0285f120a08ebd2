package brightlintel.recognise;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Room;
import brightlintel.building.Wall;
import brightlintel.drawing.Strokes.TextMark;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthReader;
import brightlintel.lengths.LengthUnit;
import brightlintel.place.PlacedDrawing;
import brightlintel.recognise.Tables.Column;
import brightlintel.recognise.Tables.Table;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What lists on the sheet say of doors, windows and rooms, by the tag that stands beside an opening and the number that stands in a room.
 * In which unit a list gives widths is told by the widths that are drawn; what fits none of them is not believed.
 */
final class Schedules {
    /** Metres: from an opening's middle, beside half of its width; about a width; heights that are some. */
    private static final double NEAR = 1.1, FRAME = 0.07, LEAST = 0.3, MOST = 6, HIGHEST_SILL = 3, READ = 0.9;
    private static final double SQUARE_FOOT = 0.3048 * 0.3048;
    private static final List<LengthUnit> UNITS = List.of(LengthUnit.MILLIMETRE, LengthUnit.CENTIMETRE, LengthUnit.METRE, LengthUnit.INCH);
    private static final Pattern SIZE = Pattern.compile("(\\S.*?)\\s*[x×/*]\\s*(\\S.*)"), FIGURE = Pattern.compile("\\d+(?:[.,]\\d+)?");
    private final PlacedDrawing d;
    private final Leaders leaders;
    private final List<Table> tables;

    Schedules(PlacedDrawing d, Leaders leaders) {
        this.d = d;
        this.leaders = leaders;
        tables = Tables.of(d);
    }

    private static String key(String text) {
        return text.strip().toUpperCase(Locale.ROOT).replace(" ", "");
    }

    /** The same with what lists say of them, where nothing beside them said it. */
    List<Opening> openings(List<Opening> some, List<Wall> walls) {
        List<Opening> out = new ArrayList<>(some);
        for (Table t : tables) {
            Map<String, Map<Column, String>> rows = rows(t);
            Map<ElementId, Map<Column, String>> of = tagged(rows, out, walls);
            if (of.isEmpty()) continue;
            Optional<LengthUnit> unit = unit(of, out);
            out.replaceAll(o -> of.containsKey(o.id()) ? said(o, of.get(o.id()), unit) : o);
        }
        return out;
    }

    private static Map<String, Map<Column, String>> rows(Table t) {
        Map<String, Map<Column, String>> rows = new HashMap<>();
        for (Map<Column, String> r : t.rows()) rows.putIfAbsent(key(r.get(Column.KEY)), r);
        return rows;
    }

    /** Of each opening the row of the nearest tag. */
    private Map<ElementId, Map<Column, String>> tagged(Map<String, Map<Column, String>> rows, List<Opening> some, List<Wall> walls) {
        Map<ElementId, Wall> hosts = new HashMap<>();
        for (Wall w : walls) hosts.put(w.id(), w);
        Map<ElementId, Map<Column, String>> out = new HashMap<>();
        Map<ElementId, Double> least = new HashMap<>();
        for (int i = 0; i < d.strokes().texts().size(); i++) {
            TextMark t = d.strokes().texts().get(i);
            Map<Column, String> row = d.cleared().markShown(i) ? rows.get(key(t.plain())) : null;
            if (row == null) continue;
            Point at = leaders.tipOrEnd(t).orElseGet(() -> d.toBuilding().apply(t.box().centre()));
            some.stream().min(Comparator.comparingDouble(o -> far(o, hosts, at))).filter(o -> far(o, hosts, at) < NEAR).ifPresent(o -> {
                double far = far(o, hosts, at);
                if (far >= least.getOrDefault(o.id(), Double.MAX_VALUE)) return;
                least.put(o.id(), far);
                out.put(o.id(), row);
            });
        }
        return out;
    }

    private static double far(Opening o, Map<ElementId, Wall> hosts, Point at) {
        return hosts.get(o.wall()).middle(o.along()).distance(at) - o.width().value() / 2;
    }

    /** In which most widths are the drawn ones; where no widths are listed, in which all heights are some. */
    private static Optional<LengthUnit> unit(Map<ElementId, Map<Column, String>> of, List<Opening> some) {
        boolean widths = of.values().stream().anyMatch(r -> r.containsKey(Column.WIDTH) || r.containsKey(Column.SIZE));
        if (!widths) return UNITS.stream().filter(u -> of.values().stream().allMatch(r -> List.of(Column.HEIGHT, Column.HEAD).stream()
            .allMatch(c -> !r.containsKey(c) || read(r.get(c), u).filter(v -> v > LEAST
            && v < MOST).isPresent()))).findFirst();
        LengthUnit best = null;
        long most = 0;
        for (LengthUnit u : UNITS) {
            long n = some.stream().filter(o -> of.containsKey(o.id()) && fits(o, of.get(o.id()), u)).count();
            if (n <= most) continue;
            most = n;
            best = u;
        }
        return Optional.ofNullable(best);
    }

    private static boolean fits(Opening o, Map<Column, String> row, LengthUnit u) {
        return width(row, u).filter(w -> Math.abs(w - o.width().value()) < FRAME).isPresent();
    }

    /** To a tenth of a millimetre. */
    private static Optional<Double> read(String text, LengthUnit u) {
        return LengthReader.read(text, u).map(v -> Math.round(v * 1e4) / 1e4);
    }

    private static Optional<Double> width(Map<Column, String> row, LengthUnit u) {
        if (row.containsKey(Column.WIDTH)) return read(row.get(Column.WIDTH), u);
        Matcher m = SIZE.matcher(row.getOrDefault(Column.SIZE, ""));
        return m.matches() ? read(m.group(1), u) : Optional.empty();
    }

    private static Optional<Double> height(Map<Column, String> row, LengthUnit u) {
        if (row.containsKey(Column.HEIGHT)) return read(row.get(Column.HEIGHT), u);
        Matcher m = SIZE.matcher(row.getOrDefault(Column.SIZE, ""));
        return m.matches() ? read(m.group(2), u) : Optional.empty();
    }

    private static Opening said(Opening o, Map<Column, String> row, Optional<LengthUnit> unit) {
        Opening out = row.containsKey(Column.FIRE) && o.fire().isEmpty() && FIGURE.matcher(row.get(Column.FIRE)).find()
            ? o.withFire(row.get(Column.FIRE)) : o;
        boolean measured = row.containsKey(Column.WIDTH) || row.containsKey(Column.SIZE);
        if (unit.isEmpty() || measured && !fits(o, row, unit.get())) return out;
        LengthUnit u = unit.get();
        boolean window = o.filling() instanceof Opening.Filling.Window;
        double sill = out.sill().value(), head = out.head().value();
        Optional<Double> low = window && row.containsKey(Column.SILL) ? read(row.get(Column.SILL), u)
            .filter(v -> v >= 0 && v < HIGHEST_SILL) : Optional.empty();
        if (low.isPresent() && out.sill().isAssumed()) sill = low.get();
        double base = sill;
        Optional<Double> high = height(row, u).filter(v -> v > LEAST && v < MOST).map(v -> base + v).or(() -> row.containsKey(Column.HEAD)
            ? read(row.get(Column.HEAD), u).filter(v -> v > base + LEAST && v < MOST) : Optional.empty());
        if (high.isPresent() && out.head().isAssumed()) head = high.get();
        if (sill == out.sill().value() && head == out.head().value()) return out;
        return out.withHeights(sill == out.sill().value() ? out.sill() : Given.read(sill, READ), Given.read(Math.max(head, sill + LEAST),
            READ));
    }

    /** The same with names and areas that a list gives to their numbers, where they have none. */
    List<Room> rooms(List<Room> some) {
        List<Room> out = new ArrayList<>(some);
        for (Table t : tables) {
            if (!t.heads().containsKey(Column.NAME) && !t.heads().containsKey(Column.AREA)) continue;
            Map<String, Map<Column, String>> rows = rows(t);
            boolean feet = t.heads().getOrDefault(Column.AREA, "").toLowerCase(Locale.ROOT).contains("ft");
            out.replaceAll(r -> r.number().isEmpty() || !rows.containsKey(key(r.number())) ? r : said(r, rows.get(key(r.number())), feet));
        }
        return out;
    }

    private static Room said(Room r, Map<Column, String> row, boolean feet) {
        String name = r.name().isEmpty() ? row.getOrDefault(Column.NAME, "") : r.name();
        Matcher m = FIGURE.matcher(row.getOrDefault(Column.AREA, ""));
        Optional<Double> area = r.written().isPresent() || !m.find() ? r.written() : Optional.of(Double.parseDouble(m.group()
            .replace(',', '.')) * (feet || row.get(Column.AREA).toLowerCase(Locale.ROOT).contains("ft") ? SQUARE_FOOT : 1));
        return new Room(r.id(), r.number(), name, r.bound(), area, r.height(), r.zone(), r.from());
    }
}
