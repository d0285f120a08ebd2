package brightlintel.drawing;

import java.util.Arrays;

/** An unchanging row of numbers with equality by value: points and knots of a big drawing without an object each. */
public final class Doubles {
    public static final Doubles NONE = new Doubles(new double[0]);
    private final double[] values;

    private Doubles(double[] values) {
        this.values = values;
    }

    public static Doubles of(double... values) {
        return values.length == 0 ? NONE : new Doubles(values.clone());
    }

    /** Without a copy: from now on nobody else may hold the array. For readers, which make one for each of a hundred thousand polylines. */
    public static Doubles owning(double[] values) {
        return values.length == 0 ? NONE : new Doubles(values);
    }

    public int size() {
        return values.length;
    }

    public double get(int i) {
        return values[i];
    }

    public double[] toArray() {
        return values.clone();
    }

    public boolean allFinite() {
        for (double v : values) if (!Double.isFinite(v)) return false;
        return true;
    }

    @Override public boolean equals(Object o) {
        return o instanceof Doubles d && Arrays.equals(values, d.values);
    }

    @Override public int hashCode() {
        return Arrays.hashCode(values);
    }

    @Override public String toString() {
        return Arrays.toString(values);
    }
}
