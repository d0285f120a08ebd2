package brightlintel.desktop.command;

import brightlintel.building.DrawnRef;
import brightlintel.building.Edit;
import brightlintel.building.Project;
import brightlintel.building.Single;
import brightlintel.building.UnderlayId;
import brightlintel.correct.Reckoning;
import brightlintel.correct.lie.Astray;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Strokes;
import brightlintel.edit.Clearings;
import brightlintel.edit.Tracing;
import brightlintel.lengths.LengthFormat;
import brightlintel.place.PlacedDrawing;
import brightlintel.select.Alike;
import brightlintel.select.Picked;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Takes away what is selected: of the model for good, of a drawing until it is brought back. */
final class SettingAside {
    /** Each is named in the project for itself: more are better said by a layer, a kind or a region. */
    private static final int MOST = 20_000;

    private SettingAside() { }

    static void delete(Workspace w) {
        if (!w.selection().isEmpty()) {
            w.apply(Tracing.delete(w.selection()));
            return;
        }
        int n = w.onBoard().pickedCount();
        if (n > MOST) {
            w.say(new Message(Message.Tone.BAD, Words.of("picked.too-many", LengthFormat.grouped(n), LengthFormat.grouped(MOST))));
            return;
        }
        Map<UnderlayId, List<Single>> singles = new LinkedHashMap<>();
        for (PlacedDrawing d : w.drawings()) {
            List<Single> of = new ArrayList<>();
            Picked p = w.onBoard().picked(d);
            p.strokes().forEach(s -> of.add(single(d.ref(s, 0, 1))));
            p.marks().forEach(m -> of.add(single(d.finder().markRef(m))));
            if (!of.isEmpty()) singles.put(d.underlay().id(), of);
        }
        w.onBoard().pickNothing();
        w.apply(Edit.of("edit.singles-off", LengthFormat.grouped(n), p -> {
            Project out = p;
            for (Map.Entry<UnderlayId, List<Single>> e : singles.entrySet()) out = Clearings.singles(e.getKey(), e.getValue()).apply(out);
            return out;
        }));
        w.say(new Message(Message.Tone.GOOD, Words.count("picked.aside", n)));
    }

    /** Everything like a stroke: its block wherever it lies, or all of its kind, layer and colour. */
    static void alike(Workspace w, PlacedDrawing d, int stroke) {
        Strokes.Path path = d.strokes().pathOf(stroke);
        Picked all = Alike.to(d, stroke);
        if (path != null) {
            w.apply(Clearings.block(d.underlay().id(), Alike.outermost(path), false));
            w.say(new Message(Message.Tone.GOOD, Words.count("picked.aside", all.count())));
            return;
        }
        w.onBoard().pick((x, _) -> x.underlay().id().equals(d.underlay().id()) ? all : Picked.NOTHING);
        w.select(Set.of());
        delete(w);
    }

    /** What lies far from all else of the drawing in hand, if that is not too much for single things. */
    static Optional<Astray> astray(Workspace w) {
        return w.stage() != Stage.TRUE ? Optional.empty() : w.drawing().flatMap(w.reckonings()::of).map(Reckoning::astray)
            .filter(a -> a.count() > 0 && a.count() <= MOST);
    }

    /** All of it in one step; the plan is then found again. */
    static void strays(Workspace w) {
        Optional<PlacedDrawing> d = w.drawing();
        Optional<Astray> a = astray(w);
        if (d.isEmpty() || a.isEmpty()) return;
        List<Single> of = new ArrayList<>();
        a.get().strokes().forEach(s -> of.add(single(d.get().ref(s, 0, 1))));
        a.get().marks().forEach(m -> of.add(single(d.get().finder().markRef(m))));
        Edit singles = Clearings.singles(d.get().underlay().id(), of);
        w.apply(Edit.of("edit.singles-off", LengthFormat.grouped(of.size()), singles::apply));
        w.say(new Message(Message.Tone.GOOD, Words.count("picked.aside", of.size())));
    }

    private static Single single(DrawnRef drawn) {
        return new Single(drawn, false);
    }
}
