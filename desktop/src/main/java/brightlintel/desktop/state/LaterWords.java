package brightlintel.desktop.state;

import brightlintel.desktop.text.Words;
import brightlintel.find.Differences;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/** What a later one of a file has that is otherwise, in words. */
public final class LaterWords {
    private LaterWords() { }

    /** @param mark as on the board: what was added, is gone, or lies elsewhere */
    public record Line(char mark, String text) { }

    public static List<Line> lines(Collection<Differences> all) {
        List<Line> out = new ArrayList<>();
        line(out, '+', "later.added", all.stream().mapToLong(d -> d.added().size()).sum());
        line(out, '−', "later.gone", all.stream().mapToLong(d -> d.gone().size()).sum());
        line(out, '→', "later.moved", all.stream().mapToLong(d -> d.moved().size()).sum());
        line(out, '+', "later.texts-added", all.stream().mapToLong(d -> d.texts().added().size()).sum());
        line(out, '−', "later.texts-gone", all.stream().mapToLong(d -> d.texts().gone().size()).sum());
        line(out, '→', "later.texts-reworded", all.stream().mapToLong(d -> d.texts().reworded().size()).sum());
        return out;
    }

    private static void line(List<Line> out, char mark, String key, long n) {
        if (n > 0) out.add(new Line(mark, Words.count(key, n)));
    }

    public static String sentence(Collection<Differences> all) {
        List<Line> lines = lines(all);
        return lines.isEmpty() ? Words.of("later.same") : String.join(", ", lines.stream().map(Line::text).toList());
    }
}
