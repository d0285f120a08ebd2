package brightlintel.read.dwg;

import brightlintel.drawing.Code;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Entities by the handle of what holds them, with vertices and attributes that are still to be joined to theirs. */
final class Gathered {
    /** Owner of what lies in the model, and of what lies on the current sheet. */
    static final long MODEL = -2, SHEET = -1;
    private final Map<Long, List<Entity>> byOwner = new LinkedHashMap<>();
    private final Followers<Vertex> vertices = new Followers<>();
    private final Followers<Entity.Text> attributes = new Followers<>();
    private final Map<Entity, Head> heads = new IdentityHashMap<>();
    private long lastOwner;
    private List<Entity> lastList;

    /** @param wide where its band begins, and where it ends; faces: four vertex numbers of a face, or empty for a place */
    record Vertex(Vec3 at, double bulge, double wide, double endWide, int flags, List<Integer> faces) {
        Vertex(Vec3 at, int flags, List<Integer> faces) {
            this(at, 0, 0, 0, flags, faces);
        }
    }

    /** What a polyline or a block reference needs until its followers are known. */
    private record Head(long handle, List<Long> order, double elevation) { }

    void add(long owner, Entity e) {
        if (lastList == null || owner != lastOwner) {
            lastOwner = owner;
            lastList = byOwner.computeIfAbsent(owner, _ -> new ArrayList<>());
        }
        lastList.add(e);
    }

    void head(Entity e, long handle, List<Long> order, double elevation) {
        heads.put(e, new Head(handle, order, elevation));
    }

    void vertex(long owner, long handle, long next, Vertex v) {
        vertices.add(owner, handle, next, v);
    }

    void attribute(long owner, long handle, long next, Entity.Text t) {
        attributes.add(owner, handle, next, t);
    }

    /** What was read after this. */
    void append(Gathered later) {
        lastList = null;
        later.byOwner.forEach((owner, list) -> byOwner.merge(owner, list, (a, b) -> {
            a.addAll(b);
            return a;
        }));
        vertices.append(later.vertices);
        attributes.append(later.attributes);
        heads.putAll(later.heads);
    }

    /** By the handle of their block, followers joined; {@link #MODEL} and {@link #SHEET} for those. */
    Map<Long, List<Entity>> joined(Report.Builder report) {
        if (!heads.isEmpty()) byOwner.replaceAll((_, list) -> {
            List<Entity> out = new ArrayList<>(list.size());
            for (Entity e : list) {
                Head h = heads.get(e);
                Entity whole = h == null ? e : joined(e, h);
                if (h == null || Finite.is(whole)) out.add(whole);
                else report.say(Code.NUMBER_NOT_FINITE, new Location.Whole(), whole.kind());
            }
            return out;
        });
        return byOwner;
    }

    private Entity joined(Entity e, Head h) {
        if (e instanceof Entity.Insert i)
            return new Entity.Insert(i.key(), i.style(), i.extrusion(), i.block(), i.at(), i.scale(), i.rotation(), i.columns(), i.rows(),
                i.columnStep(), i.rowStep(),
                attributes.of(h.handle, h.order));
        Entity.Polyline p = (Entity.Polyline) e;
        boolean plane = p.sort() == Entity.PolylineKind.PLANE;
        List<Vertex> all = vertices.of(h.handle, h.order);
        List<Vertex> places = all.stream().filter(v -> v.faces.isEmpty()).toList();
        double[] xyzb = new double[4 * places.size()], widths = new double[plane ? 2 * places.size() : 0];
        List<Integer> frame = new ArrayList<>(), faces = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Vertex v = places.get(i);
            if ((v.flags & 16) != 0) frame.add(i);
            xyzb[4 * i] = v.at.x();
            xyzb[4 * i + 1] = v.at.y();
            xyzb[4 * i + 2] = plane ? h.elevation : v.at.z();
            xyzb[4 * i + 3] = plane ? v.bulge : 0;
            if (!plane) continue;
            widths[2 * i] = v.wide;
            widths[2 * i + 1] = v.endWide;
        }
        all.forEach(v -> faces.addAll(v.faces));
        return new Entity.Polyline(p.key(), p.style(), p.extrusion(), p.sort(), p.closed(), Doubles.owning(xyzb), frame, p.rows(),
            p.columns(), faces, Doubles.owning(widths));
    }
}
