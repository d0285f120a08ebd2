package brightlintel.recognise;

import brightlintel.geom.Point;
import java.util.function.DoubleFunction;
import java.util.function.Predicate;

/** Lines by some of their places: how much of one lies in something is asked at as many, evenly spread. */
final class Sampled {
    private Sampled() { }

    /** How many of so many places lie in something. @param at by metres along */
    static int in(int places, double length, DoubleFunction<Point> at, Predicate<Point> something) {
        int n = 0;
        for (int i = 0; i < places; i++) if (something.test(at.apply(length * (i + 0.5) / places))) n++;
        return n;
    }
}
