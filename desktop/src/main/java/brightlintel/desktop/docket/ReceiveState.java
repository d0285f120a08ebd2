package brightlintel.desktop.docket;

import brightlintel.desktop.text.Words;
import brightlintel.drawing.Code;
import brightlintel.drawing.Diagnostic;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Location;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Releases;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.lengths.LengthFormat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** What came in, in plain words. */
record ReceiveState(String summary, List<Row> kinds, List<String> leftOut, List<String> notes) {
    /** Nothing was lost by these. */
    private static final Set<Code> NOTES = EnumSet.of(Code.LAYER_OFF_IN_FILE, Code.LAYER_FROZEN_IN_FILE, Code.LAYER_NOT_DECLARED,
        Code.NO_HEADER, Code.HEIGHT_LEFT_OUT,
        Code.EXTERNAL_READ, Code.EXTERNAL_IN_CIRCLE, Code.HATCH_TOO_DENSE, Code.CHECKSUM_WRONG, Code.OBJECTS_RECOVERED,
        Code.THIN_FILL_AS_LINE, Code.DASHES_JOINED, Code.LINES_GATHERED, Code.LINES_JOINED, Code.TEXT_AS_OUTLINES, Code.PICTURE_THINNED,
        Code.NOTHING_TO_SNAP_TO);

    record Row(String kind, String count) { }

    /** @param allShown every layer is off in the file, and they are shown all the same */
    static ReceiveState of(RawDrawing d, SpaceKey space, Strokes s, boolean allShown) {
        Map<String, Integer> counts = new TreeMap<>();
        List<Entity> model = d.space(space).map(Space::entities).orElse(List.of());
        model.forEach(e -> counts.merge(e.kind(), 1, Integer::sum));
        List<Row> rows = counts.entrySet().stream()
            .sorted(Map.Entry.<String, Integer>comparingByValue(Comparator.reverseOrder()).thenComparing(Map.Entry.comparingByKey()))
            .map(e -> new Row(Words.of("kind." + e.getKey()), LengthFormat.grouped(e.getValue()))).toList();
        Report all = d.report().and(s.report());
        List<String> out = new ArrayList<>(), notes = new ArrayList<>();
        for (Report.Entry e : all.entries()) (NOTES.contains(e.code()) ? notes : out).add(sentence(e));
        if (space instanceof SpaceKey.Model) elsewhere(d, model.isEmpty() && all.count(Code.NOTHING_DRAWN) == 0, out, notes);
        if (allShown) notes.replaceAll(n -> n.startsWith(Words.of("receive.off-begins")) ? Words.of("receive.all-off") : n);
        String summary = Words.of("receive.summary", LengthFormat.grouped(model.size()), LengthFormat.grouped(s.size()),
            LengthFormat.grouped(s.layers().size()),
            LengthFormat.grouped(d.blocks().size()),
            (Words.of("format." + d.format().name()) + " " + Releases.of(d.version())).strip());
        return new ReceiveState(summary, rows, out, notes);
    }

    /** The board shows the model; what else the file draws is named, all the more where the model is empty. */
    private static void elsewhere(RawDrawing d, boolean modelEmpty, List<String> out, List<String> notes) {
        if (modelEmpty) out.add(Words.of("receive.model-empty"));
        List<String> names = new ArrayList<>();
        long n = 0;
        for (Space s : d.spaces()) {
            long drawn = s.key() instanceof SpaceKey.Model ? 0 : s.drawn();
            if (drawn > 0) names.add(s.key().name());
            n += drawn;
        }
        if (n > 0) (modelEmpty ? out : notes).add(Words.count("receive.on-sheets", n, String.join(", ", names)));
    }

    private static String sentence(Report.Entry e) {
        Diagnostic first = e.first().getFirst();
        String subjects = String.join(", ", e.first().stream().map(x -> subject(x)).filter(t -> !t.isEmpty()).distinct().limit(3).toList());
        String place = switch (first.at()) {
            case Location.Line(long n) -> Words.of("place.line", LengthFormat.grouped(n));
            case Location.Offset(long n) -> Words.of("place.byte", LengthFormat.grouped(n));
            case Location.Page(int n, long _) -> Words.of("place.page", n);
            case Location.Whole() -> "";
        };
        return Words.of("code." + e.code().name(), LengthFormat.grouped(e.count()), subjects, place).strip();
    }

    private static String subject(Diagnostic d) {
        if (d.values().isEmpty()) return "";
        if (d.values().getFirst() instanceof Integer n) return LengthFormat.grouped(n);
        String v = String.valueOf(d.values().getFirst());
        return d.code() == Code.NOT_UNDERSTOOD_YET || d.code() == Code.NUMBER_NOT_FINITE || d.code() == Code.BAD_SHAPE
            ? Words.of("kind." + v).replaceFirst("^kind\\.", "") : v;
    }
}
