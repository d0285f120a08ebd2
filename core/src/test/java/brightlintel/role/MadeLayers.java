package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.drawing.Colour;
import brightlintel.notation.Sketch;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * A plan of rooms in rows, drawn by chance in one of several manners, each kind of thing on a layer of its own whose name tells it, tells
 * nothing, or misleads; with the truth.
 */
final class MadeLayers {
    private static final List<Role> KINDS = List.of(Role.WALL, Role.WINDOW, Role.DOOR, Role.GRID, Role.COLUMN, Role.FURNITURE, Role.DIMENSION,
        Role.ROOM_LABEL, Role.ROOM_OUTLINE, Role.SLAB_EDGE);
    private static final Map<Role, List<String>> TELLING = Map.of(Role.WALL, List.of("A-WALL", "Wände", "murs", "MUROS", "wanden"), Role.WINDOW,
        List.of("A-GLAZ", "Fenster", "fenetres", "VENTANAS", "raam"), Role.DOOR, List.of("A-DOOR", "Türen", "portes", "PUERTAS", "deuren"), Role.GRID,
        List.of("S-GRID", "Achsen", "axes", "EJES", "stramien"), Role.COLUMN, List.of("S-COLS", "Stützen", "poteaux", "PILARES", "kolommen"),
        Role.FURNITURE, List.of("I-FURN", "Möblierung", "mobilier", "MOBILIARIO", "meubels"), Role.DIMENSION,
        List.of("A-ANNO-DIMS", "Bemaßung", "cotation", "COTAS", "maatvoering"), Role.ROOM_LABEL,
        List.of("A-AREA-IDEN", "Raumstempel", "locaux", "ESTANCIAS", "ruimten"), Role.ROOM_OUTLINE,
        List.of("A-AREA", "Raumumriss", "surfaces", "SUPERFICIES", "ruimtegrens"), Role.SLAB_EDGE,
        List.of("S-SLAB", "Deckenrand", "dalle", "FORJADO", "vloer"));
    final Map<String, Role> truth = new HashMap<>();
    final Sketch sketch = new Sketch();
    private final Random r;
    private final double k;
    private final Map<Role, String> names = new HashMap<>();

    enum Naming {
        TELLING, NUMBERED, MISLEADING,
        /** All on one layer, each kind in a colour. */
        COLOURS
    }

    final Map<Integer, Role> truthOfColours = new HashMap<>();
    private final Naming naming;

    MadeLayers(long seed, Naming naming) {
        r = new Random(seed);
        this.naming = naming;
        k = new double[] {1000, 100, 1, 1 / 0.0254}[r.nextInt(4)];
        int language = r.nextInt(5), shift = 1 + r.nextInt(KINDS.size() - 1);
        for (int i = 0; i < KINDS.size(); i++) {
            Role kind = KINDS.get(i);
            names.put(kind, switch (naming) {
                case TELLING -> TELLING.get(kind).get(language);
                case NUMBERED -> "L" + (100 + 10 * i);
                case COLOURS -> "0";
                case MISLEADING -> TELLING.get(KINDS.get((i + shift) % KINDS.size())).get(language);
            });
            truth.put(names.get(kind), kind);
        }
        plan();
    }

    double unitsPerMetre() {
        return k;
    }

    private Sketch on(Role kind) {
        if (naming != Naming.COLOURS) return sketch.on(names.get(kind));
        int aci = 10 + 20 * KINDS.indexOf(kind);
        truthOfColours.put(new Colour(aci, Optional.empty()).toRgb(), kind);
        return sketch.on("0", aci);
    }

    private void line(double x0, double y0, double x1, double y1) {
        sketch.line(x0 * k, y0 * k, x1 * k, y1 * k);
    }

    /** A level wall with openings in it: from, to in turn. */
    private void wall(boolean level, double v, double thick, double from, double to, double... holes) {
        on(Role.WALL);
        double at = from;
        for (int i = 0; i <= holes.length; i += 2) {
            double end = i < holes.length ? holes[i] : to;
            for (double f : new double[] {v - thick / 2, v + thick / 2}) {
                if (level) line(at, f, end, f);
                else line(f, at, f, end);
            }
            for (double e : new double[] {at, end}) {
                if (e == from || e == to) continue;
                if (level) line(e, v - thick / 2, e, v + thick / 2);
                else line(v - thick / 2, e, v + thick / 2, e);
            }
            if (i < holes.length) at = holes[i + 1];
        }
    }

    private void window(boolean level, double v, double thick, double from, double to) {
        on(Role.WINDOW);
        int panes = 3 + r.nextInt(2);
        for (int i = 0; i < panes; i++) {
            double f = v - thick / 2 + thick * i / (panes - 1);
            if (level) line(from, f, to, f);
            else line(f, from, f, to);
        }
    }

    private void door(double x, double y, double leaf, boolean up) {
        on(Role.DOOR);
        line(x, y, x, y + (up ? leaf : -leaf));
        sketch.arc(x * k, y * k, leaf * k, up ? 0 : 270, up ? 90 : 360);
    }

    private void plan() {
        int rooms = 3 + r.nextInt(4);
        double outer = 0.24 + 0.04 * r.nextInt(4), inner = 0.1 + 0.02 * r.nextInt(3), deep = 4.6 + r.nextDouble(), hall = 1.8;
        double[] x = new double[rooms + 1];
        for (int i = 1; i <= rooms; i++) x[i] = x[i - 1] + 3 + 0.25 * r.nextInt(9);
        double w = x[rooms], h = 2 * deep + hall;
        double[] holes = new double[2 * rooms], doors = new double[2 * rooms];
        for (int i = 0; i < rooms; i++) {
            double mid = (x[i] + x[i + 1]) / 2, wide = 0.9 + 0.2 * r.nextInt(5);
            holes[2 * i] = mid - wide / 2;
            holes[2 * i + 1] = mid + wide / 2;
            doors[2 * i] = x[i] + 0.6;
            doors[2 * i + 1] = x[i] + 0.6 + 0.885;
        }
        for (double v : new double[] {0, h}) {
            wall(true, v, outer, -outer / 2, w + outer / 2, holes);
            for (int i = 0; i < rooms; i++) window(true, v, outer, holes[2 * i], holes[2 * i + 1]);
        }
        for (double v : new double[] {0, w}) wall(false, v, outer, outer / 2, h - outer / 2);
        for (double v : new double[] {deep, deep + hall}) {
            wall(true, v, inner, outer / 2, w - outer / 2, doors);
            for (int i = 0; i < rooms; i++) door(doors[2 * i], v, 0.885, v > deep);
        }
        for (int i = 1; i < rooms; i++) {
            wall(false, x[i], inner, outer / 2, deep - inner / 2);
            wall(false, x[i], inner, deep + hall + inner / 2, h - outer / 2);
        }
        grid(x, h);
        for (int i = 0; i < rooms; i++) room(x[i], x[i + 1], deep, h);
        outlines(x, deep, h, outer, inner);
        on(Role.DIMENSION);
        for (int i = 0; i < rooms; i++) sketch.dimension(x[i] * k, x[i + 1] * k, -1.6 * k, "");
    }

    /** Of rooms along the faces of their walls, and of the floor, a canopy's width beyond the walls here and there. */
    private void outlines(double[] x, double deep, double h, double outer, double inner) {
        on(Role.ROOM_OUTLINE);
        for (int i = 0; i + 1 < x.length; i++) {
            double left = x[i] + (i == 0 ? outer : inner) / 2, right = x[i + 1] - (i + 2 == x.length ? outer : inner) / 2;
            outline(left, outer / 2, right, deep - inner / 2);
            outline(left, h - deep + inner / 2, right, h - outer / 2);
        }
        on(Role.SLAB_EDGE);
        double out = outer / 2 + 0.3 * r.nextInt(3), w = x[x.length - 1];
        outline(-out, -out, w + out, h + out);
    }

    private void outline(double x0, double y0, double x1, double y1) {
        sketch.rectangle(x0 * k, y0 * k, (x1 - x0) * k, (y1 - y0) * k);
    }

    private void grid(double[] x, double h) {
        for (int i = 0; i < x.length; i++) {
            on(Role.GRID);
            line(x[i], -3, x[i], h + 1);
            sketch.circle(x[i] * k, -3.4 * k, 0.4 * k).text(Character.toString('A' + i), x[i] * k, -3.4 * k, 0.3 * k, 0);
            on(Role.COLUMN);
            for (double y : new double[] {0, h}) sketch.rectangle((x[i] - 0.15) * k, (y - 0.15) * k, 0.3 * k, 0.3 * k);
        }
    }

    private void room(double from, double to, double deep, double h) {
        for (double y0 : new double[] {0.4, h - deep + 0.3}) {
            on(Role.FURNITURE);
            sketch.rectangle((from + 0.4) * k, (y0 + 0.6) * k, 1.4 * k, 0.7 * k).rectangle((from + 0.8) * k, y0 * k, 0.45 * k, 0.45 * k)
                .circle((to - 0.8) * k, (y0 + 1.2) * k, 0.4 * k).rectangle((to - 1.1) * k, (y0 + 2) * k, 0.6 * k, 1.1 * k);
            on(Role.ROOM_LABEL);
            sketch.text("Office " + Math.round(10 * from), (from + to) / 2 * k, (y0 + 3.2) * k, 0.2 * k, 0);
        }
    }
}
