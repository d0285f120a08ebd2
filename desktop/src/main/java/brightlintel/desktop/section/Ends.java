package brightlintel.desktop.section;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

import brightlintel.building.Level;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.Top;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;

/** What elements stand on and where they end, chosen among storeys, levels and roofs. */
final class Ends {
    private static final double WIDE = 130;

    private Ends() { }

    static Node base(Workspace w, String id, List<Stand> now, Consumer<Stand> set) {
        Map<String, Stand> all = new LinkedHashMap<>();
        all.put(Words.of("stand.floor", w.storey().name()), Stand.FLOOR);
        for (Level l : w.project().levels()) all.put(named(w, l), new Stand.OnLevel(l.id(), 0));
        return choice("wall.stands-on", id, all, now.stream().map(s -> s.at(0)).toList(), set);
    }

    /** @param roofs whether it may end under a roof */
    static Node top(Workspace w, String id, List<Top> now, boolean roofs, Consumer<Top> set) {
        Map<String, Top> all = new LinkedHashMap<>();
        all.put(Words.of("wall.top.next"), Top.NEXT);
        int own = w.project().storeys().indexOf(w.storey());
        List<Storey> above = w.project().storeys().subList(Math.min(w.project().storeys().size(), own + 2), w.project().storeys().size());
        for (Storey s : above) all.put(Words.of("top.floor", s.name()), new Top.ToFloor(s.id(), 0));
        for (Level l : w.project().levels()) all.put(named(w, l), new Top.ToLevel(l.id(), 0));
        if (roofs) all.put(Words.of("top.roof"), new Top.UnderRoof(0));
        return choice("wall.top", id, all, now, set);
    }

    private static String named(Workspace w, Level l) {
        return l.name() + " " + w.lengths().level(l.height().value());
    }

    private static <T> Node choice(String key, String id, Map<String, T> all, List<T> now, Consumer<T> set) {
        ComboBox<String> c = new ComboBox<>();
        c.setId(id);
        c.setPrefWidth(WIDE);
        c.getItems().addAll(all.keySet());
        boolean same = now.stream().distinct().count() == 1;
        // a height or slope of its own is none of these
        c.setValue(all.entrySet().stream().filter(e -> same && e.getValue().equals(now.getFirst())).map(Map.Entry::getKey).findFirst()
            .orElse(same ? Words.of("top.own") : Words.of("properties.several")));
        c.setOnAction(_ -> {
            T to = all.get(c.getValue());
            if (to != null) set.accept(to);
        });
        return Parts.figure(Words.of(key), c);
    }
}
