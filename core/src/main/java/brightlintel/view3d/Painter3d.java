package brightlintel.view3d;

import brightlintel.geom.Vec3;
import brightlintel.paint.Palette;
import brightlintel.paint.Raster;
import brightlintel.solid.Body;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Paints triangles into horizontal bands, one band a thread. Keeps depth and ids for picking until the next picture. Coordinates are
 * transformed once a picture; shading is flat, by the angle to a light over the left shoulder.
 */
public final class Painter3d {
    private static final int BANDS = 2 * Math.max(1, Runtime.getRuntime().availableProcessors());
    /** Edges win over their own faces by this much depth, metres. */
    private static final float EDGE_BIAS = 0.03f;
    /** Where bodies touch, what is seen from within lies before the face of the other: the cut goes through both as one. */
    private static final float WITHIN_BIAS = 0.002f;
    /** What encloses, and so hides; how much of it stays, of 256. */
    private static final Set<Body.Matter> VEILS = EnumSet.of(Body.Matter.WALL, Body.Matter.SLAB, Body.Matter.ROOF);
    private static final int VEIL = 70;
    private float[] depth = new float[0];
    private int[] ids = new int[0];
    private int width, height;
    private List<Body> painted = List.of();
    private Shapes shapes;
    private float[] screenT = new float[0], screenE = new float[0];

    /**
     * @param selected ids of bodies to be shown as chosen
     * @param cuts     what is left is what all of them keep; where they go through a body its inside is solid ink
     * @param sheets   drawings that lie in space
     * @param through  whether walls, slabs and roofs that are not chosen let what is behind them be seen
     */
    public record Look(Palette palette, Set<?> selected, List<Cut> cuts, List<Sheet> sheets, boolean through) {
        public Look(Palette palette, Set<?> selected) {
            this(palette, selected, List.of(), List.of(), false);
        }
    }

    public void paint(List<Body> bodies, Camera camera, Look look, Raster r) {
        width = r.width;
        height = r.height;
        painted = bodies;
        if (depth.length < width * height) {
            depth = new float[width * height];
            ids = new int[width * height];
        }
        if (shapes == null || !shapes.of.equals(bodies)) shapes = new Shapes(List.copyOf(bodies));
        Scene s = new Scene(shapes, camera, look);
        IntStream.range(0, BANDS).parallel().forEach(b -> {
            int y0 = height * b / BANDS, y1 = height * (b + 1) / BANDS;
            Arrays.fill(depth, y0 * width, y1 * width, Float.POSITIVE_INFINITY);
            Arrays.fill(ids, y0 * width, y1 * width, -1);
            Arrays.fill(r.pixels, y0 * width, y1 * width, 0xff000000 | look.palette.paper());
            for (int t = 0; t < s.triangles; t++) if (!s.clear[s.body[t]]) triangle(s, t, y0, y1, r);
            for (int e = 0; e < s.edges; e++) if (!s.clear[shapes.edgeBody[e]]) edge(s, e, y0, y1, r);
            // from behind to the front, over what is solid
            for (int t : s.veils) triangle(s, t, y0, y1, r);
            if (s.veils.length > 0) for (int e = 0; e < s.edges; e++) if (s.clear[shapes.edgeBody[e]]) edge(s, e, y0, y1, r);
            for (SheetPainter p : s.sheets) p.paint(r, depth, s.cuts, y0, y1);
        });
    }

    /** All corner points, for fitting a view. */
    public static List<Vec3> corners(List<Body> bodies) {
        List<Vec3> out = new ArrayList<>();
        for (Body b : bodies)
            for (int i = 0; i < b.triangles().length; i += 3)
                out.add(new Vec3(b.triangles()[i], b.triangles()[i + 1], b.triangles()[i + 2]));
        return out;
    }

    /** The body seen at a place of the last picture, or null. */
    public Body at(int x, int y) {
        if (x < 0 || y < 0 || x >= width || y >= height) return null;
        int id = ids[y * width + x];
        return id < 0 ? null : painted.get(id);
    }

    /**
     * What does not change with the view: all corners in one row, normals, who owns what. Kept for as long as the same bodies are painted.
     */
    private static final class Shapes {
        final List<Body> of;
        final float[] corners, edges, normals;
        final int[] body, edgeBody;

        Shapes(List<Body> bodies) {
            of = bodies;
            int nt = 0, ne = 0;
            for (Body b : bodies) {
                nt += b.triangles().length;
                ne += b.edges().length;
            }
            corners = new float[nt];
            edges = new float[ne];
            normals = new float[nt / 3];
            body = new int[nt / 9];
            edgeBody = new int[ne / 6];
            int t = 0, e = 0;
            for (int i = 0; i < bodies.size(); i++) {
                Body b = bodies.get(i);
                System.arraycopy(b.triangles(), 0, corners, t, b.triangles().length);
                System.arraycopy(b.edges(), 0, edges, e, b.edges().length);
                Arrays.fill(body, t / 9, (t + b.triangles().length) / 9, i);
                Arrays.fill(edgeBody, e / 6, (e + b.edges().length) / 6, i);
                t += b.triangles().length;
                e += b.edges().length;
            }
            for (int i = 0; i < body.length; i++) {
                float[] v = corners;
                int o = 9 * i;
                Vec3 p = new Vec3(v[o], v[o + 1], v[o + 2]);
                Vec3 n = new Vec3(v[o + 3], v[o + 4], v[o + 5]).minus(p).cross(new Vec3(v[o + 6], v[o + 7], v[o + 8]).minus(p)).unit();
                normals[3 * i] = (float) n.x();
                normals[3 * i + 1] = (float) n.y();
                normals[3 * i + 2] = (float) n.z();
            }
        }
    }

    /** Corners in pixels and depth, and the colours of this view. */
    private final class Scene {
        /** Shades of a matter from dark to light. */
        private static final int STEPS = 64;
        final int triangles, edges;
        final float[] t, e;
        final int[] body;
        private final Shapes shapes;
        private final int[][] ramps;
        private final int[] edgeInk;
        private final Vec3 right, up, forward, target, light;
        private final float k;
        private final int[] inside;
        /** Bodies that are seen through, and their triangles, the farthest first. */
        final boolean[] clear;
        final int[] veils;
        final CutPlanes cuts;
        final List<SheetPainter> sheets;

        Scene(Shapes shapes, Camera c, Look look) {
            this.shapes = shapes;
            right = c.right();
            up = c.up();
            forward = c.forward();
            target = c.target();
            light = right.times(-0.45).plus(up.times(0.75)).minus(forward.times(0.5)).unit();
            k = (float) c.pxPerMetre();
            cuts = new CutPlanes(look.cuts, c, width, height);
            sheets = look.sheets.stream().map(x -> new SheetPainter(x, c, width, height)).toList();
            triangles = shapes.body.length;
            edges = shapes.edgeBody.length;
            body = shapes.body;
            if (screenT.length < shapes.corners.length) screenT = new float[shapes.corners.length];
            if (screenE.length < shapes.edges.length) screenE = new float[shapes.edges.length];
            t = screenT;
            e = screenE;
            project(shapes.corners, t);
            project(shapes.edges, e);
            Palette p = look.palette;
            ramps = new int[shapes.of.size()][];
            edgeInk = new int[shapes.of.size()];
            inside = new int[shapes.of.size()];
            int[][] plain = new int[Body.Matter.values().length][];
            for (Body.Matter m : Body.Matter.values()) plain[m.ordinal()] = ramp(base(m, p), p);
            int[] chosen = ramp(p.brass(), p);
            int ink = Palette.mix(p.ink(), p.paper(), p.isDark() ? 0.75 : 0.1);
            for (int i = 0; i < ramps.length; i++) {
                boolean selected = look.selected.contains(shapes.of.get(i).id());
                ramps[i] = selected ? chosen : plain[shapes.of.get(i).matter().ordinal()];
                boolean proposed = shapes.of.get(i).matter() == Body.Matter.PROPOSED;
                edgeInk[i] = selected || proposed ? p.brassText() : ink;
                inside[i] = selected ? p.brassText() : shapes.of.get(i).matter() == Body.Matter.SLAB ? Palette.mix(p.ink(), p.paper(), 0.3)
                    : p.ink();
            }
            clear = new boolean[ramps.length];
            boolean veiled = false;
            for (int i = 0; i < clear.length; i++) {
                Body.Matter m = shapes.of.get(i).matter();
                clear[i] = (m == Body.Matter.PROPOSED || look.through && VEILS.contains(m))
                    && !look.selected.contains(shapes.of.get(i).id());
                veiled |= clear[i];
            }
            veils = veiled ? IntStream.range(0, triangles).filter(i -> clear[body[i]]).boxed().sorted(Comparator.comparingDouble(i ->
                -(t[9 * i + 2] + t[9 * i + 5] + t[9 * i + 8]))).mapToInt(i -> i).toArray() : new int[0];
        }

        private void project(float[] from, float[] to) {
            float cx = width / 2f, cy = height / 2f;
            float rx = (float) right.x() * k, ry = (float) right.y() * k, rz = (float) right.z() * k, ux = (float) up.x() * k,
                uy = (float) up.y() * k, uz = (float) up.z() * k;
            float fx = (float) forward.x(), fy = (float) forward.y(), fz = (float) forward.z(), tx = (float) target.x(),
                ty = (float) target.y(), tz = (float) target.z();
            for (int i = 0; i < from.length; i += 3) {
                float x = from[i] - tx, y = from[i + 1] - ty, z = from[i + 2] - tz;
                to[i] = cx + x * rx + y * ry + z * rz;
                to[i + 1] = cy - x * ux - y * uy - z * uz;
                to[i + 2] = x * fx + y * fy + z * fz;
            }
        }

        private static int base(Body.Matter m, Palette p) {
            return switch (m) {
                case WALL -> p.isDark() ? 0x8FA3A6 : 0xE9E3D4;
                case COLUMN -> p.isDark() ? 0x9C8FA6 : 0xD8CFDC;
                case SLAB -> p.isDark() ? 0x66777A : 0xCFC8B6;
                case STAIR -> p.isDark() ? 0x7F8C80 : 0xD9DDCB;
                case ROOF -> p.isDark() ? 0x8F6F66 : 0xD9B8A8;
                case DOOR, PROPOSED -> p.brass();
                case GLASS -> p.isDark() ? 0x6F95A0 : 0xBFD3D6;
            };
        }

        private static int[] ramp(int base, Palette p) {
            int[] out = new int[STEPS];
            for (int i = 0; i < STEPS; i++) {
                double lit = i / (STEPS - 1.0);
                out[i] = Palette.mix(Palette.mix(base, p.isDark() ? p.paper() : p.ink(), 0.42), base, lit);
            }
            return out;
        }

        int colour(int i) {
            float[] n = shapes.normals;
            double lit = 0.5 + 0.5 * (n[3 * i] * light.x() + n[3 * i + 1] * light.y() + n[3 * i + 2] * light.z());
            return ramps[body[i]][Math.clamp((int) (lit * STEPS), 0, STEPS - 1)];
        }

        /** Of a face seen from within, where a cut has laid it open: as solid as a wall in plan. */
        int inside(int i) {
            return inside[body[i]];
        }

        int edgeColour(int i) {
            return edgeInk[shapes.edgeBody[i]];
        }
    }

    private void triangle(Scene s, int i, int y0, int y1, Raster r) {
        float[] t = s.t;
        int o = 9 * i;
        float ax = t[o], ay = t[o + 1], az = t[o + 2], bx = t[o + 3], by = t[o + 4], bz = t[o + 5], cx = t[o + 6], cy = t[o + 7],
            cz = t[o + 8];
        float area = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
        // seen from outside, counter-clockwise becomes clockwise on a screen whose y runs down; from within only where something is cut
        boolean within = area > 0 && s.cuts.count > 0;
        if (!(area < -1e-6f) && !(within && area > 1e-6f)) return;
        int minY = Math.max(y0, (int) Math.ceil(Math.min(ay, Math.min(by, cy)) - 0.5f)),
            maxY = Math.min(y1 - 1, (int) Math.floor(Math.max(ay, Math.max(by, cy)) - 0.5f));
        if (minY > maxY) return;
        float dzdx = ((bz - az) * (cy - ay) - (cz - az) * (by - ay)) / area, dzdy = ((cz - az) * (bx - ax) - (bz - az) * (cx - ax)) / area;
        int colour = 0xff000000 | (within ? s.inside(i) : s.colour(i)), id = s.body[i];
        float bias = within ? WITHIN_BIAS : 0;
        boolean veil = s.clear[id];
        for (int y = minY; y <= maxY; y++) {
            float py = y + 0.5f;
            float lo = Float.POSITIVE_INFINITY, hi = Float.NEGATIVE_INFINITY;
            if ((ay <= py) != (by <= py)) {
                float x = ax + (bx - ax) * (py - ay) / (by - ay);
                lo = Math.min(lo, x);
                hi = Math.max(hi, x);
            }
            if ((by <= py) != (cy <= py)) {
                float x = bx + (cx - bx) * (py - by) / (cy - by);
                lo = Math.min(lo, x);
                hi = Math.max(hi, x);
            }
            if ((cy <= py) != (ay <= py)) {
                float x = cx + (ax - cx) * (py - cy) / (ay - cy);
                lo = Math.min(lo, x);
                hi = Math.max(hi, x);
            }
            if (!(lo < width && hi > 0)) continue;
            int from = Math.max(0, (int) Math.ceil(lo - 0.5f)), to = Math.min(width - 1, (int) Math.ceil(hi - 0.5f) - 1);
            float z = az + dzdx * (from + 0.5f - ax) + dzdy * (py - ay);
            for (int p = y * width + from, end = y * width + to; p <= end; p++, z += dzdx)
                if (z - bias < depth[p] && (s.cuts.count == 0 || s.cuts.keeps(p - y * width + 0.5f, py, z))) {
                    if (veil) {
                        r.blend(p, colour, VEIL);
                        if (ids[p] < 0) ids[p] = id;
                        continue;
                    }
                    depth[p] = z - bias;
                    ids[p] = id;
                    r.pixels[p] = colour;
                }
        }
    }

    /** A line with the depth of its ends; each step blends two pixels, where nothing nearer stands. */
    private void edge(Scene s, int i, int y0, int y1, Raster r) {
        float ax = s.e[6 * i], ay = s.e[6 * i + 1], az = s.e[6 * i + 2], bx = s.e[6 * i + 3], by = s.e[6 * i + 4], bz = s.e[6 * i + 5];
        if (Math.max(ay, by) < y0 - 1 || Math.min(ay, by) > y1 + 1 || Math.max(ax, bx) < 0 || Math.min(ax, bx) > width) return;
        boolean flat = Math.abs(bx - ax) >= Math.abs(by - ay);
        float u0 = flat ? ax : ay, u1 = flat ? bx : by, v0 = flat ? ay : ax, v1 = flat ? by : bx, z0 = az, z1 = bz;
        if (u0 > u1) {
            float w = u0;
            u0 = u1;
            u1 = w;
            w = v0;
            v0 = v1;
            v1 = w;
            w = z0;
            z0 = z1;
            z1 = w;
        }
        int ink = s.edgeColour(i);
        float span = Math.max(u1 - u0, 1e-6f), dv = (v1 - v0) / span, dz = (z1 - z0) / span;
        int from = Math.max(flat ? 0 : y0, (int) Math.floor(u0)), to = Math.min((flat ? width : y1) - 1, (int) Math.floor(u1));
        for (int u = from; u <= to; u++) {
            float at = Math.clamp(u + 0.5f, u0, u1), v = v0 + dv * (at - u0) - 0.5f, z = z0 + dz * (at - u0) - EDGE_BIAS;
            int low = (int) Math.floor(v), share = (int) ((v - low) * 256);
            if (s.cuts.count > 0 && !s.cuts.keeps(flat ? at : v + 0.5f, flat ? v + 0.5f : at, z + EDGE_BIAS)) continue;
            dot(flat ? u : low, flat ? low : u, z, 256 - share, ink, y0, y1, r);
            dot(flat ? u : low + 1, flat ? low + 1 : u, z, share, ink, y0, y1, r);
        }
    }

    private void dot(int x, int y, float z, int cover, int colour, int y0, int y1, Raster r) {
        if (x < 0 || x >= width || y < y0 || y >= y1) return;
        int p = y * width + x;
        if (z > depth[p]) return;
        r.blend(p, colour, cover * 3 >> 2);
    }
}
