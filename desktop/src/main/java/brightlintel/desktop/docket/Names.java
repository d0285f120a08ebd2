package brightlintel.desktop.docket;

import brightlintel.building.Source;
import brightlintel.building.Underlay;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.SpaceKey;

/** What drawings are called. */
public final class Names {
    private Names() { }

    /** The file, which of its spaces where that is not the model, and which part of that. */
    public static String of(Workspace w, Underlay u) {
        String file = w.project().source(u.file()).map(Source::name).orElse("");
        String space = u.space() instanceof SpaceKey.Model ? file : file + " · " + u.space().name();
        return u.cutOut().isEmpty() ? space : space + " · " + w.sheets().title(u).orElse(Words.of("sheet.part"));
    }
}
