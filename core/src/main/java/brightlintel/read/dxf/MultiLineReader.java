package brightlintel.read.dxf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Style;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.List;

/** Lines beside each other: groups come vertex by vertex, of each its place, two directions, and figures of each line. */
final class MultiLineReader {
    private static final int CLOSED = 2;
    private final Groups g;
    private int at;

    private MultiLineReader(Groups g) {
        this.g = g;
    }

    static Entity read(EntityKey key, Style style, Vec3 up, Groups g) throws BadShape {
        MultiLineReader in = new MultiLineReader(g);
        List<Entity.Joint> joints = new ArrayList<>();
        while (in.to(11)) joints.add(in.joint());
        int lines = joints.isEmpty() ? 0 : joints.getFirst().ways().size();
        if (joints.size() < 2 || joints.stream().anyMatch(j -> j.ways().size() != lines)) throw new BadShape(Code.BAD_SHAPE);
        return new Entity.MultiLine(key, style, up, (g.whole(71, 0) & CLOSED) != 0, joints);
    }

    private boolean to(int code) {
        while (at < g.size() && g.code(at) != code) at++;
        return at < g.size();
    }

    private Entity.Joint joint() {
        Vec3 place = vector(11), along = vector(12), mitre = vector(13);
        List<Doubles> ways = new ArrayList<>();
        // 74 figures of 41 each, then 75 of 42 for what is filled between
        for (; at < g.size() && g.code(at) != 11; at++) {
            if (g.code(at) != 74) continue;
            List<Double> way = new ArrayList<>();
            for (at++; at < g.size() && g.code(at) == 41; at++) way.add(g.number(at));
            at--;
            ways.add(Doubles.of(way.stream().mapToDouble(x -> x).toArray()));
        }
        return new Entity.Joint(place, along, mitre, ways);
    }

    /** The next one of a code, each of its figures ten further on. */
    private Vec3 vector(int code) {
        if (!to(code)) return Vec3.ZERO;
        double[] v = new double[3];
        for (int k = 0; k < 3 && at < g.size() && g.code(at) == code + 10 * k; k++) v[k] = g.number(at++);
        return new Vec3(v[0], v[1], v[2]);
    }
}
