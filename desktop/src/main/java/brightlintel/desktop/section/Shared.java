package brightlintel.desktop.section;

import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.Kind;
import brightlintel.building.KindId;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.lengths.LengthReader;
import brightlintel.lengths.LengthUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.DoublePredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

/** Fields for what one or many elements have in common. */
final class Shared {
    /** Pixels of a field that has a word beside it. */
    private static final double NARROW = 54;
    private static final double SAME = 1e-9;

    private Shared() { }

    static Set<ElementId> ids(List<? extends Element> list) {
        return list.stream().map(Element::id).collect(Collectors.toSet());
    }

    /** A length that all of these share, or "several"; typed in, it is set on all. */
    static <T> Node length(Workspace w, String key, String id, List<T> list, Function<T, Double> get, LengthUnit bare,
        Function<Double, String> show, DoublePredicate good, DoubleConsumer set, boolean assumed) {
        double first = get.apply(list.getFirst());
        boolean same = list.stream().allMatch(x -> Math.abs(get.apply(x) - first) < SAME);
        TextField f = Parts.entry(w, id, same ? show.apply(first) : "", t -> LengthReader.read(t, bare).filter(good::test).map(v -> {
            set.accept(v);
            return true;
        }).orElse(false));
        if (!same) f.setPromptText(Words.of("properties.several"));
        HBox h = Parts.beside(f);
        if (same && assumed) f.setMaxWidth(NARROW);
        if (same && assumed) h.getChildren().add(Parts.right(Words.of("who.assumed"), "brass"));
        return Parts.figure(Words.of(key), h);
    }

    /** One of several values; none is chosen where they differ. */
    static <T> Node choice(String key, String id, double width, T[] all, Optional<T> now, Function<T, String> word, Consumer<T> set) {
        ComboBox<String> c = new ComboBox<>();
        c.setId(id);
        c.setPrefWidth(width);
        for (T x : all) c.getItems().add(word.apply(x));
        c.setValue(now.map(word).orElse(""));
        c.setOnAction(_ -> set.accept(all[c.getSelectionModel().getSelectedIndex()]));
        return Parts.figure(Words.of(key), c);
    }

    /** What all of these share. */
    static <T, V> Optional<V> same(List<T> list, Function<T, V> get) {
        List<V> all = list.stream().map(get).distinct().toList();
        return all.size() == 1 ? Optional.of(all.getFirst()) : Optional.empty();
    }

    /** Of which named kind they are; nothing is chosen where they differ. */
    static Node kinds(String id, double width, List<? extends Kind> all, Optional<KindId> now, Consumer<KindId> give) {
        ComboBox<String> c = new ComboBox<>();
        c.setId(id);
        c.setPrefWidth(width);
        all.forEach(k -> c.getItems().add(k.name()));
        c.setValue(now.flatMap(n -> all.stream().filter(k -> k.id().equals(n)).findFirst()).map(k -> k.name()).orElse(""));
        c.setOnAction(_ -> all.stream().filter(k -> k.name().equals(c.getValue())).findFirst().ifPresent(k -> give.accept(k.id())));
        return Parts.figure(Words.of("wall.kind"), c);
    }

    /** Words that all of these share, or "several". */
    static <T> Node words(Workspace w, String key, String id, List<T> list, Function<T, String> get, Predicate<String> take) {
        String first = get.apply(list.getFirst());
        boolean same = list.stream().allMatch(x -> get.apply(x).equals(first));
        TextField f = Parts.entry(w, id, same ? first : "", take);
        if (!same) f.setPromptText(Words.of("properties.several"));
        return Parts.figure(Words.of(key), f);
    }
}
