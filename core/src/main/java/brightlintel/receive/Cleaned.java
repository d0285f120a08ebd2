package brightlintel.receive;

import brightlintel.building.Cast;
import brightlintel.building.Project;
import brightlintel.building.UnderlayId;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.edit.Clearings;
import brightlintel.edit.Receiving;
import brightlintel.edit.Truing;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** One drawing made ready by all that is found of it, without anybody: true to size, upright, building alone, mended. */
public record Cleaned(Project project, UnderlayId underlay, boolean isTrue, Reckoning reckoning, RoleFinding roles) {
    /** What is unsure of its size is left as the file says; {@link #isTrue()} tells. */
    public static Cleaned of(String name, DrawingShelf.Shelved d) {
        return of(name, d, true);
    }

    /** The same with nothing set aside: roles alone tell what is building. */
    public static Cleaned whole(String name, DrawingShelf.Shelved d) {
        return of(name, d, false);
    }

    private static Cleaned of(String name, DrawingShelf.Shelved d, boolean strip) {
        Project p = Project.empty(name, "");
        p = Receiving.receive(new Receiving.Arrived(name, 0, Instant.EPOCH.toString()), d.arrival(), p.storeys().getFirst().id()).apply(p);
        UnderlayId u = p.underlays().getFirst().id();
        Reckoning r = Reckoning.of(Drawn.asReceived(d.drawing(), d.space(), d.strokes()));
        boolean sure = !r.size().unsure();
        if (sure) p = Truing.size(u, r.size()).apply(p);
        if (!r.turn().isUnsure()) p = Truing.upright(u, r.turn()).apply(p);
        var datum = r.datum().best();
        if (datum.isPresent()) p = Truing.datum(u, datum.get().kind(), r.inFile(datum.get().at())).apply(p);
        RoleFinding found = RoleFinding.of(r);
        List<Cast> casts = Casting.proposed(found, d.strokes());
        if (strip) p = Clearings.strip(u, casts).apply(p);
        if (sure) p = Clearings.mend(u, Optional.of(Casting.recipe(casts))).apply(p);
        return new Cleaned(p, u, sure, r, found);
    }
}
