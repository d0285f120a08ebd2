package brightlintel.building;

/** Where a wall ends above. */
public sealed interface Top {
    /** Up to the floor of the next storey. */
    record NextStorey(double offset) implements Top { }

    record ToLevel(StoreyId storey, double offset) implements Top { }

    record Height(Given<Double> metres) implements Top { }
}
