package brightlintel.lengths;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;

import brightlintel.building.WallKind;

/** The build-up of a wall as people write it: brick 240, wood fibre 120. */
public final class LayerWords {
    private LayerWords() { }

    public static String text(List<WallKind.Layer> layers, DoubleFunction<String> length) {
        return String.join(", ", layers.stream().map(l -> l.material() + " " + length.apply(l.thickness())).toList());
    }

    /** None for nothing; nothing where a layer has no material or no thickness. */
    public static Optional<List<WallKind.Layer>> read(String text, LengthUnit bare) {
        List<WallKind.Layer> out = new ArrayList<>();
        if (text.isBlank()) return Optional.of(out);
        for (String part : text.split("[,;+]", -1)) {
            String t = part.strip();
            int cut = 0;
            while (cut < t.length() && !Character.isDigit(t.charAt(cut))) cut++;
            String material = t.substring(0, cut).strip();
            Optional<Double> thick = cut < t.length() ? LengthReader.read(t.substring(cut), bare) : Optional.empty();
            if (material.isEmpty() || material.endsWith("-") || thick.isEmpty() || !(thick.get() > 0.0005
                && thick.get() < 5)) return Optional.empty();
            out.add(new WallKind.Layer(material, thick.get()));
        }
        return Optional.of(out);
    }
}
