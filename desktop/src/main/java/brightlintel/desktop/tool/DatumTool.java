package brightlintel.desktop.tool;

import brightlintel.building.UnderlayId;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Placing;
import java.util.List;

/** One snapped point becomes 0,0. */
public final class DatumTool implements Tool {
    private final Workspace w;
    private final UnderlayId underlay;

    public DatumTool(Workspace w, UnderlayId underlay) {
        this.w = w;
        this.underlay = underlay;
    }

    @Override public String id() {
        return "datum";
    }

    @Override public String prompt() {
        return Words.of("prompt.datum");
    }

    @Override public void clicked(Aim aim) {
        String was = w.lengths().positionBare(aim.at().x()) + ", " + w.lengths().position(aim.at().y());
        w.apply(Placing.datum(underlay, aim.at()));
        w.leaveTool();
        w.say(new Message(Message.Tone.GOOD, Words.of("datum.taken", was)));
    }

    @Override public void projectChanged() {
        if (!w.underlayIds().contains(underlay)) w.leaveTool();
    }

    @Override public List<Mark> marks() {
        return List.of(new Mark.Datum(w.aim().at(), Words.of("mark.datum")));
    }
}
