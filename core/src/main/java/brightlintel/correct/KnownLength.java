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

    /** How far a second length is off, as a share, once the first has set the size. */
    public double remaining(KnownLength second) {
        return second.drawn * factor() / second.truth - 1;
    }

    /** The same in one measure: the size after this factor was taken. */
    public double errorAfter() {
        return drawn - truth;
    }
}
