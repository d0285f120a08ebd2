package brightlintel.read.dxf;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Style;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.List;

/** The text and lines of a leader with text. Its content stands in nested braces under codes 300 to 305; only what is drawn is taken. */
final class MultiLeaderReader {
    private MultiLeaderReader() { }

    static Entity read(EntityKey key, Style style, Vec3 up, Groups g) {
        List<Doubles> lines = new ArrayList<>();
        List<Double> line = new ArrayList<>();
        String raw = "", block = "";
        double height = 0, rotation = 0;
        Vec3 textAt = Vec3.ZERO;
        for (int i = 0; i < g.size(); i++) {
            int c = g.code(i);
            String t = g.text(i) == null ? "" : g.text(i).strip();
            if (c == 300 && t.endsWith("{") || c == 302 && t.endsWith("{") || c == 304 && t.endsWith("{")) block = t;
            else if (c == 305 || c == 303 || c == 301) {
                if (c == 305 && line.size() >= 3) lines.add(Doubles.of(line.stream().mapToDouble(Double::doubleValue).toArray()));
                if (c == 305) line.clear();
                block = c == 301 ? "" : "CONTEXT_DATA{";
            } else if (c == 304) raw = g.text(i);
            else if (block.startsWith("LEADER_LINE") && c == 10)
                line.addAll(List.of(g.number(i), value(g, i + 1, 20), value(g, i + 2, 30)));
            else if (block.startsWith("CONTEXT_DATA")) {
                if (c == 12) textAt = new Vec3(g.number(i), value(g, i + 1, 22), value(g, i + 2, 32));
                else if (c == 41) height = g.number(i);
                else if (c == 42) rotation = g.number(i);
            }
        }
        return new Entity.MultiLeader(key, style, up, raw, height, textAt, rotation, lines);
    }

    private static double value(Groups g, int i, int code) {
        return i < g.size() && g.code(i) == code ? g.number(i) : 0;
    }
}
