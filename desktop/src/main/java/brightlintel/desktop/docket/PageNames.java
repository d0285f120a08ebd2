package brightlintel.desktop.docket;

import brightlintel.desktop.text.Words;
import brightlintel.drawing.SpaceKey;
import brightlintel.receive.PageGlance;

/** What pages, models and sheets are called. */
public final class PageNames {
    private PageNames() { }

    public static String of(PageGlance g) {
        return switch (g.key()) {
            case SpaceKey.Model _ -> Words.of("parts.model");
            // a file without names for its sheets
            case SpaceKey.Layout(String name) when name.startsWith("*") -> Words.of("parts.sheet");
            case SpaceKey.Layout(String name) -> g.notes().title().filter(t -> !t.equals(name)).map(t -> name + "  " + t).orElse(name);
            case SpaceKey.Page(int n) -> n + "  " + g.notes().title().orElse(Words.of(g.isEmpty() ? "pages.empty" : "pages.untitled"));
        };
    }
}
