package brightlintel.write.dwg;

import brightlintel.drawing.Colour;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Style;
import brightlintel.geom.Vec3;
import brightlintel.read.dwg.Kind;
import brightlintel.read.dwg.Weights;
import java.util.List;
import java.util.Locale;

/** Entities with their heads, their ties to the ones before and after, and what follows them. */
final class Entities {
    private static final int BY_LAYER = 0, BY_BLOCK = 1, CONTINUOUS = 2, BY_REFERENCE = 3;
    private final Objects objects;
    private final Register register;
    private final BitsOut data, references;
    private final Shapes shapes;
    private final Lettering lettering;
    private final Fills fills;

    Entities(Objects objects, Register register) {
        this.objects = objects;
        this.register = register;
        data = objects.data();
        references = objects.references();
        shapes = new Shapes(data);
        lettering = new Lettering(data);
        fills = new Fills(data);
    }

    /** All entities of a holder, between the objects that begin and end it. */
    void write(Holder h) {
        head(Kind.BLOCK, h.begin(), Style.PLAIN, h.mode(), h.record(), 0, 0);
        data.text(h.name());
        objects.end();
        int n = h.entities().size();
        for (int i = 0; i < n; i++) {
            long handle = h.first() + i;
            write(h.entities().get(i), handle, h.mode(), h.record(), i == 0 ? 0 : handle - 1, i == n - 1 ? 0 : handle + 1);
        }
        head(Kind.ENDBLK, h.end(), Style.PLAIN, h.mode(), h.record(), 0, 0);
        objects.end();
    }

    private void write(Entity e, long handle, int mode, long owner, long before, long after) {
        head(Shapes.type(e), handle, e.style(), mode, owner, before, after);
        switch (e) {
            case Entity.Line l -> shapes.line(l);
            case Entity.Dot d -> shapes.dot(d);
            case Entity.Circle c -> shapes.circle(c);
            case Entity.Arc a -> shapes.arc(a);
            case Entity.Ellipse l -> shapes.ellipse(l);
            case Entity.Polyline p when p.sort() == Entity.PolylineKind.LIGHT -> shapes.light(p);
            case Entity.Polyline p -> {
                polyline(p, handle);
                return;
            }
            case Entity.MultiLine m -> {
                shapes.multiLine(m);
                references.handle(5, Register.MULTILINE);
            }
            case Entity.Spline s -> shapes.spline(s);
            case Entity.Text t -> {
                lettering.text(t);
                references.handle(5, Register.STANDARD_TEXT);
            }
            case Entity.Insert i -> {
                insert(i, handle);
                return;
            }
            case Entity.Dimension d -> {
                lettering.measure(d);
                references.handle(5, register.measure(d.dimensionStyle()));
                references.handle(5, register.block(d.block()));
            }
            case Entity.Corners c when c.kind().equals("3DFACE") -> shapes.face(c);
            case Entity.Corners c -> shapes.solid(c);
            case Entity.Hatch f -> fills.hatch(f);
            case Entity.Leader l -> {
                shapes.leader(l);
                references.handle(2, 0);
                references.handle(5, Register.STANDARD_MEASURE);
            }
            case Entity.Endless x -> shapes.endless(x);
            case Entity.Viewport v -> {
                shapes.viewport(v);
                for (int i = 0; i < 4; i++) references.handle(5, 0);
            }
            case Entity.MultiLeader _, Entity.Picture _, Entity.KnownByKindOnly _ -> throw new IllegalArgumentException(e.kind());
        }
        objects.end();
    }

    /** Neighbours in a row of handles need no word; the ends of a chain have one. */
    private void head(int type, long handle, Style s, int mode, long owner, long before, long after) {
        objects.begin(type, handle);
        boolean inRow = before == handle - 1 && after == handle + 1;
        data.bit(false);
        data.two(mode);
        data.bitLong(0);
        data.bit(inRow);
        data.bitShort(index(s.colour()));
        data.bitDouble(s.lineTypeScale());
        int lineType = switch (s.lineType().toLowerCase(Locale.ROOT)) {
            case "", "bylayer" -> BY_LAYER;
            case "byblock" -> BY_BLOCK;
            case "continuous" -> CONTINUOUS;
            default -> BY_REFERENCE;
        };
        data.two(lineType);
        data.two(0);
        data.bitShort(s.visible() ? 0 : 1);
        data.rawByte(Weights.number(s.weight()));
        if (mode == Holder.BLOCK) references.handle(4, owner);
        references.handle(3, 0);
        if (!inRow) {
            references.handle(4, before);
            references.handle(4, after);
        }
        references.handle(5, register.layer(s.layer()));
        if (lineType == BY_REFERENCE) references.handle(5, register.lineType(s.lineType()));
    }

    /** R2000 has no true colours: the nearest of the list stands in. */
    static int index(Colour c) {
        return c.rgb().map(Colour::nearest).orElse(c.index());
    }

    private void insert(Entity.Insert i, long handle) {
        List<Entity.Text> attributes = i.attributes();
        data.point(i.at());
        scale(i.scale());
        data.bitDouble(i.rotation());
        data.point(i.extrusion());
        data.bit(!attributes.isEmpty());
        if (Shapes.type(i) == Kind.MINSERT) {
            data.bitShort(i.columns());
            data.bitShort(i.rows());
            data.bitDoubles(i.columnStep(), i.rowStep());
        }
        references.handle(5, register.block(i.block()));
        int n = attributes.size();
        if (n == 0) {
            objects.end();
            return;
        }
        long first = followed(n);
        objects.end();
        for (int k = 0; k < n; k++)
            write(attributes.get(k), first + k, Holder.BLOCK, handle, k == 0 ? 0 : first + k - 1, k == n - 1 ? 0 : first + k + 1);
        close(i.style(), first + n, handle);
    }

    private void scale(Vec3 s) {
        if (s.x() == 1 && s.y() == 1 && s.z() == 1) data.two(3);
        else {
            data.two(0);
            data.rawDouble(s.x());
            data.doubleLike(s.y(), s.x());
            data.doubleLike(s.z(), s.x());
        }
    }

    /** Handles for what follows in a row and for its end, told to the object that is being written. */
    private long followed(int n) {
        long first = register.next(n + 1);
        references.handle(4, n == 0 ? 0 : first);
        references.handle(4, n == 0 ? 0 : first + n - 1);
        references.handle(3, first + n);
        return first;
    }

    private void close(Style s, long handle, long owner) {
        head(Kind.SEQEND, handle, s, Holder.BLOCK, owner, 0, 0);
        objects.end();
    }

    private void polyline(Entity.Polyline p, long handle) {
        Doubles v = p.points();
        int places = p.size(), n = places + p.faces().size() / 4;
        switch (p.sort()) {
            case PLANE -> {
                data.bitShort((p.closed() ? 1 : 0) + (p.frame().isEmpty() ? 0 : 4));
                data.bitShort(0);
                data.bitDoubles(0, 0);
                data.noThickness();
                data.bitDouble(places > 0 ? v.get(2) : 0);
                data.extrusion(p.extrusion());
            }
            case SPACE -> {
                data.rawByte(p.frame().isEmpty() ? 0 : 1);
                data.rawByte(p.closed() ? 1 : 0);
            }
            case MESH -> {
                data.bitShort(p.closed() ? 1 : 0);
                data.bitShort(0);
                data.bitShort(p.rows());
                data.bitShort(p.columns());
                data.bitShort(0);
                data.bitShort(0);
            }
            default -> {
                data.bitShort(places);
                data.bitShort(p.faces().size() / 4);
            }
        }
        long first = followed(n);
        objects.end();
        for (int i = 0; i < n; i++) {
            vertex(p, i, first + i, handle, i == 0 ? 0 : first + i - 1, i == n - 1 ? 0 : first + i + 1);
            objects.end();
        }
        close(p.style(), first + n, handle);
    }

    private void vertex(Entity.Polyline p, int i, long handle, long owner, long before, long after) {
        int type = i >= p.size() ? Kind.VERTEX_FACE : switch (p.sort()) {
            case PLANE -> Kind.VERTEX_2D;
            case SPACE -> Kind.VERTEX_3D;
            case MESH -> Kind.VERTEX_MESH;
            default -> Kind.VERTEX_PFACE;
        };
        head(type, handle, p.style(), Holder.BLOCK, owner, before, after);
        if (type == Kind.VERTEX_FACE) {
            for (int k = 0; k < 4; k++) data.bitShort(p.faces().get(4 * (i - p.size()) + k));
            return;
        }
        Doubles v = p.points();
        int sort = type == Kind.VERTEX_3D ? 32 : type == Kind.VERTEX_MESH ? 64 : type == Kind.VERTEX_PFACE ? 192 : 0;
        data.rawByte(sort + (p.frame().contains(i) ? 16 : 0));
        data.bitDoubles(v.get(4 * i), v.get(4 * i + 1), v.get(4 * i + 2));
        if (type == Kind.VERTEX_2D) {
            boolean band = p.widths().size() > 0;
            data.bitDoubles(band ? p.widths().get(2 * i) : 0, band ? p.widths().get(2 * i + 1) : 0, v.get(4 * i + 3), 0);
        }
    }
}
