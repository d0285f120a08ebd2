package brightlintel.receive;

import brightlintel.building.Cast;
import brightlintel.building.Mend;
import brightlintel.building.Project;
import brightlintel.building.Repair;
import brightlintel.building.Role;
import brightlintel.building.UnderlayId;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.edit.Clearings;
import brightlintel.edit.Receiving;
import brightlintel.edit.Truing;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import java.time.Instant;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** One drawing made ready by all that is found of it, without anybody: true to size, upright, building alone, mended. */
public record Cleaned(Project project, UnderlayId underlay, boolean isTrue, Reckoning reckoning, RoleFinding roles) {
    /** Metres: the gap that is closed where nobody chose another. */
    public static final double TOLERANCE = 0.005;

    /** All kinds; walls that lie on several layers as one. */
    public static Repair.Mended recipe(List<Cast> casts) {
        Set<String> walls = new HashSet<>();
        for (Cast c : casts) if (c.role().value() == Role.WALL && c.part() instanceof Cast.Part.Layer(String layer)) walls.add(layer);
        return new Repair.Mended(EnumSet.allOf(Mend.class), TOLERANCE, walls.size() > 1 ? walls : Set.of());
    }

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
        if (sure) p = Clearings.mend(u, Optional.of(recipe(casts))).apply(p);
        return new Cleaned(p, u, sure, r, found);
    }
}
