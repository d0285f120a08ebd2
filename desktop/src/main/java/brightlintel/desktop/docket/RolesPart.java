package brightlintel.desktop.docket;

import brightlintel.building.Cast;
import brightlintel.building.Role;
import brightlintel.building.UnderlayId;
import brightlintel.building.Why;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Names;
import brightlintel.lengths.LengthFormat;
import brightlintel.place.PlacedDrawing;
import brightlintel.select.Picked;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;

/** What of a drawing is building: what everything stands for, with counts, and one button that keeps only building. */
final class RolesPart {
    private final Workspace w;
    private final Commands commands;
    private final PlacedDrawing d;
    private final Optional<List<Cast>> casts;

    RolesPart(Workspace w, Commands commands, PlacedDrawing d) {
        this.w = w;
        this.commands = commands;
        this.d = d;
        this.casts = w.casts().of(d);
    }

    /** The rows of roles: building first, then what is not. */
    List<Node> rows() {
        List<Node> out = new ArrayList<>();
        if (casts.isEmpty()) {
            out.add(Parts.label(Words.of("roles.working"), "quiet"));
            return out;
        }
        Map<Role, Integer> counts = w.casts().counts(d, casts.get());
        UnderlayId u = d.underlay().id();
        for (boolean building : new boolean[] {true, false}) {
            for (Role r : Role.values()) {
                if (r.isBuilding() != building || !counts.containsKey(r)) continue;
                boolean shown = !d.underlay().clearing().rolesOff().contains(r);
                CheckBox box = Parts.check(word(r), "role-" + r.name().toLowerCase(Locale.ROOT), shown,
                    () -> w.casts().show(u, r, !shown, word(r)));
                box.getStyleClass().add(shown ? "ink" : "faint");
                Node line = Parts.line(box, Parts.right(LengthFormat.grouped(counts.get(r)), "quiet"));
                line.setOnMouseEntered(_ -> w.onBoard().light(w.casts().cast(d, r)));
                line.setOnMouseExited(_ -> w.onBoard().light(Picked.NOTHING));
                out.add(line);
            }
        }
        if (counts.isEmpty()) out.add(Parts.evidence("–", Words.of("roles.none"), Tone.PLAIN));
        out.add(Parts.row(Parts.button(w, commands.get("strip"), true)));
        return out;
    }

    static String word(Role r) {
        return Words.of("role." + r.name());
    }

    /** What each layer stands for, by its name in lower case. */
    Map<String, Cast> ofLayers() {
        Map<String, Cast> out = new HashMap<>();
        for (Cast c : casts.orElse(List.of())) if (c.part() instanceof Cast.Part.Layer(String name)) out.put(name, c);
        return out;
    }

    /** Of a layer; null where it holds several things, or nothing was found yet. */
    static Cast of(Map<String, Cast> casts, String layer) {
        return casts.get(Names.key(layer));
    }

    /** How sure it is, or that somebody said so. */
    static String words(Cast c) {
        if (c.role().why() instanceof Why.Read(double confidence, var _))
            return Words.of("roles.found", word(c.role().value()), Math.round(100 * confidence));
        return Words.of("roles.said", word(c.role().value()));
    }

    /** Says what a layer stands for. */
    static ContextMenu choose(Workspace w, UnderlayId u, String layer) {
        ContextMenu m = new ContextMenu();
        for (Role r : Role.values()) {
            MenuItem i = new MenuItem(word(r));
            i.setId("say-" + r.name().toLowerCase(Locale.ROOT));
            i.setOnAction(_ -> w.casts().say(u, new Cast.Part.Layer(Names.key(layer)), r, layer));
            m.getItems().add(i);
        }
        return m;
    }
}
