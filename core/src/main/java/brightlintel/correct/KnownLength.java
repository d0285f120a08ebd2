package brightlintel.correct;

/** Two points and their true distance. */
public record KnownLength(double drawn, double truth) {
    public KnownLength {
        if (!(drawn > 1e-9)) throw new IllegalArgumentException("drawn " + drawn + " is no length");
        if (!(truth > 1e-9)) throw new IllegalArgumentException("truth " + truth + " is no length");
    }

    public double factor() {
        return truth / drawn;
    }

    /** How far the drawn length is off the true one, as a share of it. */
    public double share() {
        return drawn / truth - 1;
    }

    /** The same in metres. */
    public double error() {
        return drawn - truth;
    }
}
