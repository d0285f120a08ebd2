package brightlintel.desktop.docket;

import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.SheetSettings;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Box;
import brightlintel.paint.Pictures;
import brightlintel.place.PlacedDrawing;
import brightlintel.write.plot.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** The plan on a sheet: which, which way, at which scale, and whether it fits. */
final class SheetChoice {
    private SheetChoice() { }

    static Node decision(Workspace w, Commands commands) {
        SheetSettings s = w.sheet();
        ComboBox<Sheet.Size> size = new ComboBox<>();
        size.setId("sheet-size");
        size.getItems().setAll(Sheet.Size.values());
        size.setValue(s.size());
        size.setOnAction(_ -> w.sheet(w.sheet().with(size.getValue())));
        CheckBox upright = new CheckBox(Words.of("sheet.upright"));
        upright.setId("sheet-upright");
        upright.setSelected(!s.landscape());
        upright.setOnAction(_ -> w.sheet(w.sheet().withLandscape(!upright.isSelected())));
        CheckBox base = new CheckBox(Words.of("sheet.base"));
        base.setId("sheet-base");
        base.setSelected(s.basePlan());
        base.setOnAction(_ -> w.sheet(w.sheet().withBasePlan(base.isSelected())));
        VBox v = Parts.decision(Words.of("sheet.title"), null, false, Parts.label(Words.of("sheet.how", w.storey().name()), "quiet"),
            Parts.beside(size, scale(w), upright), base);
        List<PlacedDrawing> drawings = w.drawings();
        // a large drawing is looked through behind the window: until then nothing is said of it
        if (drawings.stream().allMatch(d -> w.onBoard().extent(d).isPresent())) {
            Box plan = Pictures.extent(w.project(), w.storeyId(), drawings);
            Sheet sheet = s.sheet(plan);
            boolean fits = sheet.holds(plan);
            v.getChildren().add(Parts.evidence(fits
                ? "✓" : "✗", Words.of(fits ? "sheet.fits" : "sheet.too-large", Math.round(sheet.denominator())),
                fits ? Tone.SURE : Tone.PARTS));
        }
        v.getChildren().add(Parts.row(Parts.button(w, commands.get("export-pdf"), false),
            Parts.button(w, commands.get("export-svg"), false)));
        return v;
    }

    private static ComboBox<OptionalInt> scale(Workspace w) {
        ComboBox<OptionalInt> c = new ComboBox<>();
        c.setId("sheet-scale");
        List<OptionalInt> all = new ArrayList<>(List.of(OptionalInt.empty()));
        Sheet.SCALES.forEach(n -> all.add(OptionalInt.of(n)));
        c.getItems().setAll(all);
        c.setValue(w.sheet().scale());
        c.setConverter(new StringConverter<>() {
            @Override public String toString(OptionalInt n) {
                return n == null ? "" : n.isEmpty() ? Words.of("sheet.what-fits") : "1:" + n.getAsInt();
            }

            @Override public OptionalInt fromString(String s) {
                return OptionalInt.empty();
            }
        });
        c.setOnAction(_ -> w.sheet(w.sheet().withScale(c.getValue())));
        return c;
    }
}
