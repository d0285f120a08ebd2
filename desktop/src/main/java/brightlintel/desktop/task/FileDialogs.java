package brightlintel.desktop.task;

import brightlintel.desktop.text.Words;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** The dialogs of the system. */
public final class FileDialogs implements Asks {
    private final Window owner;

    public FileDialogs(Window owner) {
        this.owner = owner;
    }

    @Override public List<Path> open() {
        FileChooser c = new FileChooser();
        c.setTitle(Words.of("dialog.open"));
        c.getExtensionFilters().addAll(new FileChooser.ExtensionFilter(Words.of("dialog.all-known"), "*.dwg", "*.DWG", "*.dxf", "*.DXF",
            "*.pdf", "*.PDF", "*.png", "*.jpg", "*.jpeg", "*.tif", "*.tiff", "*.bmp", "*.gif", "*.lintel", "*.roles"),
            new FileChooser.ExtensionFilter(Words.of("dialog.any"), "*"));
        List<File> chosen = c.showOpenMultipleDialog(owner);
        return chosen == null ? List.of() : chosen.stream().map(File::toPath).toList();
    }

    @Override public Optional<Target> save(String suggested, String ending) {
        FileChooser c = new FileChooser();
        c.setTitle(Words.of("dialog.save"));
        c.setInitialFileName(suggested + "." + ending);
        c.getExtensionFilters().add(new FileChooser.ExtensionFilter(Words.of("dialog." + ending), "*." + ending));
        File f = c.showSaveDialog(owner);
        if (f == null) return Optional.empty();
        Path p = f.toPath();
        // the system's dialog asks about the name that was typed, not about the one with its ending
        boolean whole = p.getFileName().toString().toLowerCase(Locale.ROOT).endsWith("." + ending);
        return Optional.of(whole ? new Target(p, true) : new Target(p.resolveSibling(p.getFileName() + "." + ending), false));
    }
}
