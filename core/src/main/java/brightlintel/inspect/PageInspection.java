package brightlintel.inspect;

import brightlintel.drawing.Companions;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Paper;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What a file of pages holds, gathered page by page, as maps and lists that print as JSON. Places are points of the page as displayed. */
public final class PageInspection {
    private static final double POINT = 0.0254 / 72;
    private final boolean withWords, digest;
    private final List<Map<String, Object>> pages = new ArrayList<>();
    private final Map<String, Map<String, Object>> layers = new TreeMap<>();
    private final Map<String, Integer> counts = new TreeMap<>();
    private Report report = Report.EMPTY;
    private RawDrawing first;

    public PageInspection(boolean withWords, boolean digest) {
        this.withWords = withWords;
        this.digest = digest;
    }

    /** One page, which is not kept. */
    public void add(RawDrawing d) {
        if (first == null) first = new RawDrawing("", d.format(), d.version(), d.header(), List.of(), d.tables(), List.of(), Map.of(),
            Companions.NONE, Report.EMPTY);
        Space s = d.spaces().getFirst();
        Strokes strokes = Flattening.of(d, s.key(), ReadLimits.DEFAULT, Progress.NONE);
        report = report.and(d.report());
        for (Entity e : s.entities()) counts.merge(e.kind(), 1, Integer::sum);
        int[] ofLayer = new int[strokes.layers().size()];
        int drawn = 0, areas = 0;
        double length = 0;
        for (int i = 0; i < strokes.size(); i++) {
            // the edges of an area can be snapped to; drawn they are not
            if (strokes.entityOf(i) instanceof Entity.Hatch) continue;
            ofLayer[strokes.layerOf(i)]++;
            drawn++;
            length += strokes.curveOf(i).length();
        }
        int hatches = 0;
        for (Entity e : s.entities())
            if (e instanceof Entity.Hatch h) {
                if (h.solid()) areas++;
                else hatches++;
            }
        for (int i = 0; i < strokes.marks(); i++) ofLayer[strokes.mark(i).layer()]++;
        double perPoint = s.paper().map(Paper::metresPerUnit).orElse(POINT) / POINT;
        Map<String, Object> page = new LinkedHashMap<>();
        page.put("number", s.key() instanceof SpaceKey.Page p ? p.number() : 1);
        page.put("widthPt", s.paper().map(p -> Digest.round(p.width() / POINT)).orElse(null));
        page.put("heightPt", s.paper().map(p -> Digest.round(p.height() / POINT)).orElse(null));
        page.put("rotation", d.header().whole("$PAGEROTATION").orElse(0));
        page.put("paths", d.header().number("$PAINTEDPATHS").map(Double::longValue).orElse(0L));
        page.put("strokes", drawn);
        page.put("strokeLengthPt", Digest.round(length * perPoint));
        page.put("filledAreas", areas);
        page.put("hatches", hatches);
        page.put("words", words(s).size());
        page.put("images", d.header().whole("$PAGEPICTURES").orElse(0));
        List<Object> names = new ArrayList<>();
        for (int i = 0; i < strokes.layers().size(); i++) {
            Layer l = strokes.layers().get(i);
            if (ofLayer[i] == 0 && l.name().equals(Layer.ZERO)) continue;
            names.add(Inspection.ordered("name", l.name(), "visible", !l.startsHidden(), "count", ofLayer[i]));
            layers.putIfAbsent(l.name(), Inspection.layer(l));
        }
        page.put("layers", names);
        if (withWords) page.put("wordList", words(s));
        if (digest) page.put("content", Inspection.space(s.entities(), true));
        pages.add(page);
    }

    /** Of labels, parted at blanks; each takes its share of the label by its characters. */
    private static List<Map<String, Object>> words(Space s) {
        List<Map<String, Object>> out = new ArrayList<>();
        for (Entity e : s.entities()) {
            if (!(e instanceof Entity.Text t)) continue;
            Point from = t.at().flat(), way = t.anchor().minus(t.at()).flat();
            int n = t.raw().length();
            for (int i = 0; i < n; ) {
                int end = t.raw().indexOf(' ', i);
                if (end < 0) end = n;
                if (end > i) {
                    Point at = from.plus(way.times(i / (double) n));
                    out.add(Inspection.ordered("text", t.raw().substring(i, end), "x", Digest.round(at.x()), "y", Digest.round(at.y()),
                        "height", Digest.round(t.height()), "directionDegrees", Digest.round(Math.toDegrees(t.rotation())), "layer",
                        t.style().layer()));
                }
                i = end + 1;
            }
        }
        return out;
    }

    public Map<String, Object> of(String file) {
        Map<String, Object> out = new LinkedHashMap<>();
        out.put("file", file);
        out.put("format", first == null ? "" : first.format().name());
        out.put("version", first == null ? "" : first.version());
        out.put("pageCount", first == null ? 0 : first.header().whole("$PAGES").orElse(pages.size()));
        for (String none : List.of("insunits", "measurement", "extents")) out.put(none, null);
        out.put("layers", List.copyOf(layers.values()));
        out.put("blocks", List.of());
        out.put("model", Inspection.space(List.of(), false));
        out.put("paper", Inspection.ordered("total", counts.values().stream().mapToInt(n -> n).sum(), "counts", counts));
        out.put("inBlocks", Inspection.space(List.of(), false));
        out.put("pages", pages);
        out.put("diagnostics", report.entries().stream().map(Inspection::entry).toList());
        return out;
    }
}
