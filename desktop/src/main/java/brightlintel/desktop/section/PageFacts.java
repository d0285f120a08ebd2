package brightlintel.desktop.section;

import brightlintel.desktop.docket.PageNames;
import brightlintel.desktop.docket.PaperWords;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.SpaceKey;
import brightlintel.lengths.LengthFormat;
import brightlintel.receive.PageGlance;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.Node;

/** What is known of the page that is looked at. */
final class PageFacts {
    private PageFacts() { }

    static void of(PageGlance g, List<Node> out) {
        out.add(Parts.label(PageNames.of(g), "side-title"));
        if (g.key() instanceof SpaceKey.Model) row(out, "page.layers", LengthFormat.grouped(g.layers().size()));
        else row(out, "page.paper", g.widthMm() > 0 ? PaperWords.size(g.widthMm(), g.heightMm()) : Words.of("pages.no-paper"));
        String scales = g.notes().scales().stream().map(s -> "1:" + LengthFormat.grouped(Math.round(s.denominator()))).distinct()
            .collect(Collectors.joining(", "));
        row(out, "page.scale", scales.isEmpty() ? "–" : scales);
        row(out, "page.strokes", LengthFormat.grouped(g.strokes()));
        row(out, "page.texts", LengthFormat.grouped(g.texts()));
        row(out, "page.areas", LengthFormat.grouped(g.areas()));
        row(out, "page.pictures", LengthFormat.grouped(g.pictures()));
    }

    private static void row(List<Node> out, String key, String value) {
        out.add(Parts.figure(Words.has(key) ? Words.of(key) : key, Parts.right(value)));
    }
}
