package brightlintel.drawing;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Every code counted, the first few of each kept: a million broken shapes give ten lines. */
public record Report(List<Entry> entries) {
    public static final Report EMPTY = new Report(List.of());
    private static final int KEPT = 10;

    public Report {
        entries = List.copyOf(entries);
    }

    public record Entry(Code code, long count, List<Diagnostic> first) {
        public Entry {
            first = List.copyOf(first);
        }
    }

    public long count(Code code) {
        return entries.stream().filter(e -> e.code() == code).mapToLong(Entry::count).sum();
    }

    public Report and(Report more) {
        Builder b = new Builder();
        for (Report r : List.of(this, more)) b.append(r);
        return b.build();
    }

    public static final class Builder {
        private final Map<Code, Long> counts = new EnumMap<>(Code.class);
        private final Map<Code, List<Diagnostic>> first = new EnumMap<>(Code.class);

        public void say(Code code, Location at, Object... values) {
            counts.merge(code, 1L, Long::sum);
            List<Diagnostic> list = first.computeIfAbsent(code, _ -> new ArrayList<>());
            if (list.size() < KEPT) list.add(new Diagnostic(code, at, List.of(values)));
        }

        public void append(Report r) {
            r.entries.forEach(this::add);
        }

        private void add(Entry e) {
            counts.merge(e.code(), e.count(), Long::sum);
            List<Diagnostic> list = first.computeIfAbsent(e.code(), _ -> new ArrayList<>());
            e.first().stream().limit(KEPT - list.size()).forEach(list::add);
        }

        public Report build() {
            return new Report(counts.entrySet().stream().map(e -> new Entry(e.getKey(), e.getValue(), first.get(e.getKey()))).toList());
        }
    }
}
