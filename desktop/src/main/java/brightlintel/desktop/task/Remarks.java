package brightlintel.desktop.task;

import brightlintel.desktop.text.Words;
import brightlintel.store.Remark;
import java.nio.file.Path;
import java.util.List;

/** What was mended in a project while it was opened, in plain words. */
public final class Remarks {
    private static final int NAMED = 3;

    private Remarks() { }

    public static String words(Path file, List<Remark> remarks) {
        List<String> first = remarks.stream().limit(NAMED).map(Remarks::words).toList();
        String more = remarks.size() > NAMED ? " " + Words.count("remarks.more", remarks.size() - NAMED) : "";
        return Words.of("remarks.mended", file.getFileName(), String.join(" ", first) + more);
    }

    static String words(Remark r) {
        return Words.of("remark." + r.kind().name(), padded(r.values()));
    }

    private static Object[] padded(List<Object> values) {
        Object[] out = new Object[4];
        for (int i = 0; i < out.length; i++) out[i] = i < values.size() ? values.get(i) : "";
        return out;
    }
}
