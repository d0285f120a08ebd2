package brightlintel.desktop.docket;

import brightlintel.building.Source;
import brightlintel.building.Underlay;
import brightlintel.desktop.state.Workspace;
import brightlintel.drawing.SpaceKey;

/** What drawings are called. */
public final class Names {
    private Names() { }

    /** The file, and which of its spaces where that is not the model. */
    public static String of(Workspace w, Underlay u) {
        String file = w.project().source(u.file()).map(Source::name).orElse("");
        return u.space() instanceof SpaceKey.Model ? file : file + " · " + u.space().name();
    }
}
