package brightlintel.desktop.section;

import brightlintel.building.Storey;
import brightlintel.desktop.pages.PagesView;
import brightlintel.desktop.state.Workspace;
import brightlintel.receive.LayOn;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Consumer;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Region;

/** What is dropped on a storey's band comes onto that storey: files, and parts of a file that is looked through. */
final class BandDrop {
    private BandDrop() { }

    static void on(Region band, Storey s, Workspace w, Consumer<List<Path>> open) {
        band.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles() || part(e.getDragboard()).isPresent()) e.acceptTransferModes(TransferMode.COPY);
            e.consume();
        });
        band.setOnDragEntered(e -> {
            if (e.getDragboard().hasFiles() || part(e.getDragboard()).isPresent()) band.getStyleClass().add("band-drop");
        });
        band.setOnDragExited(_ -> band.getStyleClass().remove("band-drop"));
        band.setOnDragDropped(e -> dropped(e, s, w, open));
    }

    private static void dropped(DragEvent e, Storey s, Workspace w, Consumer<List<Path>> open) {
        Dragboard d = e.getDragboard();
        OptionalInt part = part(d);
        if (part.isPresent()) w.pages(w.pages().map(p -> p.lay(part.getAsInt(), new LayOn.There(s.id())).tick(part.getAsInt(), true)));
        else if (d.hasFiles()) {
            w.go(s.id());
            open.accept(d.getFiles().stream().map(File::toPath).toList());
        }
        e.setDropCompleted(part.isPresent() || d.hasFiles());
        e.consume();
    }

    private static OptionalInt part(Dragboard d) {
        String t = d.hasString() ? d.getString() : "";
        String number = t.startsWith(PagesView.DRAGGED) ? t.substring(PagesView.DRAGGED.length()) : "";
        return number.matches("\\d{1,6}") ? OptionalInt.of(Integer.parseInt(number)) : OptionalInt.empty();
    }
}
