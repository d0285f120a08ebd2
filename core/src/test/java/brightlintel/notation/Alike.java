package brightlintel.notation;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.EntityKey;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** Compares drawing values part by part; handles do not matter, figures may differ by a share. */
public final class Alike {
    private final double share;
    private final List<String> differences = new ArrayList<>();

    private Alike(double share) {
        this.share = share;
    }

    /** @return places and values that differ */
    public static List<String> differences(Object a, Object b, double share) {
        Alike x = new Alike(share);
        x.compare("", a, b);
        return x.differences;
    }

    private void compare(String at, Object a, Object b) {
        if (a instanceof EntityKey && b instanceof EntityKey) return;
        if (a instanceof Double x && b instanceof Double y) {
            if (!(Math.abs(x - y) <= share * Math.max(1, Math.max(Math.abs(x), Math.abs(y)))) && !x.equals(y))
                differences.add(at + ": " + x + " / " + y);
        } else if (a instanceof Doubles x && b instanceof Doubles y) list(at, boxed(x), boxed(y));
        else if (a instanceof List<?> x && b instanceof List<?> y) list(at, x, y);
        else if (a instanceof Map<?, ?> x && b instanceof Map<?, ?> y) {
            if (!x.keySet().equals(y.keySet())) differences.add(at + ": " + x.keySet() + " / " + y.keySet());
            else x.forEach((k, v) -> compare(at + "/" + k, v, y.get(k)));
        } else if (a instanceof Record && b instanceof Record && a.getClass() == b.getClass()) {
            for (RecordComponent c : a.getClass().getRecordComponents())
                compare(at + "/" + a.getClass().getSimpleName() + "." + c.getName(), value(c, a), value(c, b));
        } else if (!Objects.equals(a, b)) differences.add(at + ": " + a + " / " + b);
    }

    private void list(String at, List<?> a, List<?> b) {
        if (a.size() != b.size()) differences.add(at + ": " + a.size() + " / " + b.size());
        else for (int i = 0; i < a.size(); i++) compare(at + "/" + i, a.get(i), b.get(i));
    }

    private static List<Double> boxed(Doubles d) {
        return Arrays.stream(d.toArray()).boxed().toList();
    }

    private static Object value(RecordComponent c, Object of) {
        try {
            return c.getAccessor().invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }
}
