package brightlintel.desktop.command;

import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.scene.input.KeyCombination;

/** A thing that can be done, once: menu, button, key, command field and tests share it. The id is text key and node id too. */
public record Command(String id, Optional<KeyCombination> keys, Predicate<Workspace> enabled, Consumer<Workspace> run) {
    public String text() {
        return Words.of("command." + id);
    }

    /** As it stands on a key. */
    public String keyText() {
        return keys.map(k -> k.getDisplayText().replace("Page_Up", "Page up").replace("Page_Down", "Page down").replace("Delete", "Del"))
            .orElse("");
    }

    public boolean isEnabled(Workspace w) {
        return enabled.test(w);
    }

    public void fire(Workspace w) {
        if (isEnabled(w)) run.accept(w);
    }
}
