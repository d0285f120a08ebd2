package brightlintel.building;

import java.util.List;
import java.util.function.UnaryOperator;

/** A value and who said it. Where the screen writes "assumed" or "98 %" it reads this. */
public record Given<T>(T value, Why why) {
    public static <T> Given<T> assumed(T value) {
        return new Given<>(value, new Why.Assumed());
    }

    public static <T> Given<T> stated(T value) {
        return new Given<>(value, new Why.Stated());
    }

    public static <T> Given<T> read(T value, double confidence, Evidence... evidence) {
        return new Given<>(value, new Why.Read(confidence, List.of(evidence)));
    }

    public boolean isAssumed() {
        return why instanceof Why.Assumed;
    }

    public Given<T> map(UnaryOperator<T> f) {
        return new Given<>(f.apply(value), why);
    }
}
