package brightlintel.read;

import brightlintel.drawing.Code;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import java.util.Collection;

/** What every reader says once it has read all. */
public final class Endings {
    private Endings() { }

    public static void say(Report.Builder report, Collection<Layer> layers, Collection<Space> spaces) {
        for (Layer l : layers) {
            if (l.frozen()) report.say(Code.LAYER_FROZEN_IN_FILE, new Location.Whole(), l.name());
            else if (l.off()) report.say(Code.LAYER_OFF_IN_FILE, new Location.Whole(), l.name());
        }
        if (spaces.stream().allMatch(s -> s.entities().isEmpty())) report.say(Code.NOTHING_DRAWN, new Location.Whole());
    }
}
