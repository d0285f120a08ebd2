package brightlintel.receive;

import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.correct.StoreyWords;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;

/** Where a page of a file is to be laid. */
public sealed interface LayOn {
    record There(StoreyId storey) implements LayOn { }

    /** A storey that is not there yet: on top, or below all others. */
    record New(String name, boolean below) implements LayOn { }

    /**
     * What a page's title asks for: a storey of that name, else the one that many above or below the ground, else a new one at the next
     * place.
     */
    static Optional<LayOn> byTitle(Project p, Optional<String> title) {
        if (title.isEmpty()) return Optional.empty();
        String t = title.get().toLowerCase(Locale.ROOT);
        for (Storey s : p.storeys()) if (t.contains(s.name().toLowerCase(Locale.ROOT))) return Optional.of(new There(s.id()));
        OptionalInt level = StoreyWords.level(t);
        if (level.isEmpty()) return Optional.empty();
        List<Storey> all = p.storeys();
        int ground = 0;
        for (int i = 0; i < all.size(); i++)
            if (Math.abs(all.get(i).level().value()) < Math.abs(all.get(ground).level().value())) ground = i;
        int want = ground + level.getAsInt();
        if (want >= 0 && want < all.size()) return Optional.of(new There(all.get(want).id()));
        return Optional.of(new New(title.get(), want < 0));
    }
}
