package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.demo.DemoDrawings;
import brightlintel.desktop.state.Stage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.MouseButton;
import javafx.scene.input.TransferMode;
import org.junit.jupiter.api.Test;

/** A file is dragged out of another window and dropped on ours. */
class DropTest extends WindowRobot {
    private javafx.stage.Stage other;

    /** Stands in for a file manager. */
    private Label offered(Path file) throws Exception {
        return onWindow(() -> {
            Label l = new Label(file.getFileName().toString());
            l.setMinSize(200, 60);
            l.setOnDragDetected(e -> {
                Dragboard d = l.startDragAndDrop(TransferMode.COPY);
                ClipboardContent c = new ClipboardContent();
                c.putFiles(List.of(file.toFile()));
                d.setContent(c);
                e.consume();
            });
            other = new javafx.stage.Stage();
            other.setScene(new Scene(l));
            other.setX(1320);
            other.setY(60);
            other.show();
            return l;
        });
    }

    @Test void aDrawingDroppedOnTheWindowIsReceived() throws Exception {
        Path file = Files.write(folder.resolve("ground.dwg"), DemoDrawings.bytes(DemoDrawings.GROUND));
        Label from = offered(file);
        drag(from, MouseButton.PRIMARY).moveBy(-40, 40).moveTo(window.root()).moveBy(5, 5).drop();
        until("the drawing is received", () -> w.busy().isEmpty() && w.drawing().isPresent());
        rest();
        assertThat(w.stage()).isEqualTo(Stage.RECEIVE);
        var source = project().sources().getFirst();
        assertThat(source.name()).isEqualTo("ground.dwg");
        assertThat(w.underlay().orElseThrow().clearing().layersOff()).contains("xx-old-survey");
        onWindow(() -> {
            other.close();
            return 0;
        });
    }
}
