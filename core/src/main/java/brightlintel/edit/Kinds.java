package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.Kind;
import brightlintel.building.KindId;
import brightlintel.building.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** What holds for the named kinds of a project alike, of walls and of openings. No two of one list have one name. */
record Kinds<K extends Kind>(Function<Project, List<K>> get, BiFunction<Project, List<K>, Project> put) {
    /** Nothing where another kind has the name. */
    Edit add(String name, K k) {
        return Edit.of(name, k.name(), p -> {
            if (isTaken(p, k.name(), k.id())) return p;
            List<K> out = new ArrayList<>(get.apply(p));
            out.add(k);
            return put.apply(p, out);
        });
    }

    boolean isTaken(Project p, String name, KindId by) {
        return get.apply(p).stream().anyMatch(k -> k.name().equalsIgnoreCase(name.strip()) && !k.id().equals(by));
    }

    /** @param bring what is of the kind to what it is now */
    Edit change(String name, KindId id, UnaryOperator<K> f, Function<K, Edit> bring) {
        return Edit.of(name, p -> {
            K was = get.apply(p).stream().filter(k -> k.id().equals(id)).findFirst().orElse(null), is = was == null ? null : f.apply(was);
            if (is == null || is.equals(was) || isTaken(p, is.name(), id) || is.name().isBlank()) return p;
            return bring.apply(is).apply(put.apply(p, get.apply(p).stream().map(k -> k.id().equals(id) ? is : k).toList()));
        });
    }

    Project without(Project p, KindId id) {
        return put.apply(p, get.apply(p).stream().filter(k -> !k.id().equals(id)).toList());
    }
}
